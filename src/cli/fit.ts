import { practiceRequest } from './practice';
import { PRACTICE_WINDOWS, type PracticeWindow } from './practiceWindows';
import { assemble, crossingMin, NOMINAL_PARAMETERS, slowest, stepAt } from '../core/forecast';
import { FAST_STEPS, PLAIN_CELLS, runBraise } from '../core/heat';
import { cutById } from '../core/larder';

/** Long baths say less about a cut than its usual braise: kitchens differ more in what they call done there. */
const BATH_WEIGHT = 0.3;
/** For meat cooked until it falls apart: the ratio of its cook value to the fork-tender one. */
const FALLS_OVER_TWISTS = 1.5;

/** What a row says about its cut: the fork-tender cook value, min, and the time it implies now, h. */
interface FittedRow {
  readonly row: PracticeWindow;
  /** Geometric middle of the range, h. */
  readonly middleH: number;
  readonly impliedMin: number;
  readonly nowH: number;
}

function fitRow(row: PracticeWindow): FittedRow {
  const middleH = Math.sqrt(row.hours[0] * row.hours[1]);
  const request = practiceRequest(row);
  const assembly = assemble(request, Math.max(row.hours[1] * 3, 6) * 60, FAST_STEPS, [middleH * 60]);
  const course = runBraise(assembly.setup(NOMINAL_PARAMETERS), assembly.grid, PLAIN_CELLS);
  const slow = slowest(course, request);
  const reached = slow[stepAt(assembly.grid, middleH * 60)] as number;
  return {
    row,
    middleH,
    impliedMin: row.target === 'falls' ? reached / FALLS_OVER_TWISTS : reached,
    nowH: crossingMin(slow, assembly.grid.endS, request.cut.cookValue[row.target]) / 60,
  };
}

/** The cook value that fits a cut's rows best, min: their weighted mean in logarithms. */
function fitted(rows: readonly FittedRow[]): number {
  let sum = 0;
  let weight = 0;
  for (const { row, impliedMin } of rows) {
    const w = row.method === 'bath' ? BATH_WEIGHT : 1;
    sum += w * Math.log(impliedMin);
    weight += w;
  }
  return Math.exp(sum / weight);
}

/** Fits every cut's cook value to its rows and prints what each implies, next to the larder's value. */
export function fitText(): string {
  const rows = PRACTICE_WINDOWS.map(fitRow);
  const cuts = [...new Set(rows.map((r) => r.row.cut))];
  const lines = cuts.flatMap((id) => {
    const of = rows.filter((r) => r.row.cut === id);
    const has = cutById(id).cookValue.twists;
    return [
      `${id}: larder ${has.toFixed(0)} min, windows say ${fitted(of).toFixed(0)}`,
      ...of.map(
        ({ row, middleH, impliedMin, nowH }) =>
          `    ${row.form}, ${row.method} ${String(row.tempC)} °C: ${row.hours.join(' to ')} h, middle ${middleH.toFixed(2)}; implies ${impliedMin.toFixed(0)}; now ${nowH.toFixed(2)} h`,
      ),
    ];
  });
  return `${lines.join('\n')}\n`;
}
