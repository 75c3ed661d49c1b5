import { type PracticeWindow } from './practiceWindows';
import { type BraiseRequest, NO_INTERVENTIONS } from '../core/forecast';
import { roundPot } from '../core/material';
import { type Cut, cutById } from '../core/larder';
import { boilingPointC, pressureAtAltitudePa } from '../core/heat';

/** The pot of all rows: enamelled iron, or bright steel for poultry. */
const POT_26 = roundPot(0.26, 0.16);
const ENAMEL = { ...POT_26, massKg: 5, material: 'castIron' } as const;
const STEEL = { ...POT_26, massKg: 2.4, material: 'steel' } as const;
const BATH_LITRES = 15;
const BATH_HORIZON_MIN = 160 * 60;
/** What kitchens call a simmer is this far below the boil, whatever its label says. */
const SIMMER_BELOW_BOIL_K = 2;

/**
 * Dimensions of a row's pieces, m: a stated thickness (slices are cut across), a stated weight, or the cut's usual
 * size.
 */
function formSize(cut: Cut, form: string): { lengthM: number; widthM: number; thicknessM: number } {
  const mm = /(\d+) mm/.exec(form)?.[1];
  const kg = /([\d.]+) kg/.exec(form)?.[1];
  const { length, width, thickness } = cut.sizeMm;
  if (mm !== undefined && cut.form === 'cubes')
    return { lengthM: +mm / 1000, widthM: +mm / 1000, thicknessM: +mm / 1000 };
  if (mm !== undefined && form.startsWith('slices') && cut.shape === 'box')
    return { lengthM: width / 1000, widthM: thickness / 1000, thicknessM: +mm / 1000 };
  if (mm !== undefined) return { lengthM: length / 1000, widthM: width / 1000, thicknessM: +mm / 1000 };
  const scale = kg === undefined ? 1 : Math.cbrt(+kg / cut.typicalPieceKg);
  return { lengthM: (length * scale) / 1000, widthM: (width * scale) / 1000, thicknessM: (thickness * scale) / 1000 };
}

/** A row of practice as a braise: 26 cm pot, simmering start, hot oven, liquid three quarters up. */
export function practiceRequest(row: PracticeWindow): BraiseRequest {
  const cut = cutById(row.cut);
  const bath = row.method === 'bath';
  const litres = (Math.max(0.7, row.massKg / 1.5) + (row.method === 'stove' ? 0.5 : 0)) / 0.96;
  return {
    cut,
    groups: [
      {
        massKg: row.massKg,
        pieces: 1,
        ...formSize(cut, row.form),
        // Rolled meat has been boned.
        onBone: cut.bone !== 'no' && !row.form.startsWith('roll'),
        startTempC: bath ? 5 : 25,
        submergedFraction: bath ? 1 : 0.75,
      },
    ],
    pot: row.lid === 'light' ? STEEL : ENAMEL,
    liquidL: bath ? BATH_LITRES : litres,
    liquidTempC: bath ? row.tempC : row.method === 'stove' ? 92 : 96,
    ...NO_INTERVENTIONS,
    vegetables: [],
    heats: [
      {
        atMin: 0,
        heat: bath
          ? { kind: 'bath', tempC: row.tempC }
          : row.method === 'stove'
            ? { kind: 'simmer', tempC: boilingPointC(pressureAtAltitudePa(0)) - SIMMER_BELOW_BOIL_K }
            : { kind: 'oven', tempC: row.tempC, fan: false },
      },
    ],
    lids: [{ atMin: 0, lid: row.lid }],
    thicknessMeasured: true,
    altitudeM: 0,
    horizonMin: bath ? BATH_HORIZON_MIN : undefined,
    seed: 1,
  };
}
