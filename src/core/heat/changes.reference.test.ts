import { describe, expect, it } from 'vitest';
import { FAST_CELLS, FAST_STEPS, runBraise, type SimulationTrace, type TimeGrid } from '.';
import { NOMINAL_PARAMETERS } from '../forecast';
import { assembleSolved, readReference3, type SolvedBraise } from '../../testing/reference3';

const { lidChanges, openPots, dryPots } = readReference3();

/** A braise as many particles run it: few shells, long steps. */
function quick(solved: SolvedBraise, marksMin: readonly number[]) {
  const assembly = assembleSolved(solved, FAST_STEPS, marksMin);
  const setup = assembly.setup(NOMINAL_PARAMETERS);
  // How much pieces shield one another is the solver's own figure.
  const bodies = setup.bodies.map((b, i) => ({ ...b, stretch: solved.geometry?.bodies[i]?.stretch ?? b.stretch }));
  return { grid: assembly.grid, trace: runBraise({ ...setup, bodies }, assembly.grid, FAST_CELLS) };
}

/** A value of the trace at a minute, linear between steps. */
function at({ endS }: TimeGrid, values: Float64Array, minute: number): number {
  const step = endS.findIndex((s) => s >= minute * 60 - 1e-6);
  const from = step > 0 ? (endS[step - 1] as number) : 0;
  const share = (minute * 60 - from) / ((endS[step] as number) - from);
  const before = values[Math.max(0, step - 1)] as number;
  return before + share * ((values[step] as number) - before);
}

/** When the slowest quarter has a cook value, min. */
function reached({ endS }: TimeGrid, { slowCookValue: [values] }: SimulationTrace, wanted: number): number {
  const step = values?.findIndex((c) => c >= wanted) ?? -1;
  if (!values || step < 1) return Infinity;
  const before = values[step - 1] as number;
  const from = endS[step - 1] as number;
  return (from + (((endS[step] as number) - from) * (wanted - before)) / ((values[step] as number) - before)) / 60;
}

describe.each(lidChanges)('$name', (solved) => {
  const { expected, cookValuesMin = {}, trigger } = solved;
  const changeMin = expected.changeMin ?? Number.NaN;
  const { grid, trace } = quick(
    solved,
    [10, 30, 60].map((m) => changeMin + m),
  );

  it('has its stages when the independent solver has them: 1.5 %, 2 % where a stage brings the lid', () => {
    for (const [stage, minute] of Object.entries(expected.stagesMin ?? {})) {
      if (minute === null) continue;
      const error = reached(grid, trace, cookValuesMin[stage] ?? Number.NaN) / minute - 1;
      expect(Math.abs(error), stage).toBeLessThan(trigger === 'stage' ? 0.02 : 0.015);
    }
  });

  it('has its liquid within 1.5 K after ten minutes and 1 K from half an hour on, and its water within 15 g', () => {
    for (const [since, want] of Object.entries(expected.liquidC)) {
      const error = at(grid, trace.liquidC, changeMin + Number(since)) - (want ?? Number.NaN);
      expect(Math.abs(error), since).toBeLessThan(Number(since) < 30 ? 1.5 : 1);
    }
    expect(Math.abs(at(grid, trace.liquidKg, changeMin + 60) - (expected.waterKg60 ?? Number.NaN))).toBeLessThan(0.015);
  });
});

it('has the stages of all lid changes right on average', () => {
  const errors = lidChanges.flatMap((solved) => {
    const { grid, trace } = quick(solved, []);
    return Object.entries(solved.expected.stagesMin ?? {}).flatMap(([stage, minute]) =>
      minute === null ? [] : [reached(grid, trace, solved.cookValuesMin?.[stage] ?? Number.NaN) / minute - 1],
    );
  });
  expect(errors.length).toBeGreaterThan(40);
  expect(Math.sqrt(errors.reduce((sum, e) => sum + e * e, 0) / errors.length)).toBeLessThan(0.006);
});

describe.each(openPots)('$name', ({ expected, ...solved }) => {
  const minutes = Object.keys(expected.liquidC).map(Number);
  const { grid, trace } = quick({ ...solved, expected }, minutes);

  it('stands where the independent solver has it, and so does the middle of its meat', () => {
    for (const minute of minutes) {
      const early = minute < 60;
      const liquid = at(grid, trace.liquidC, minute) - (expected.liquidC[minute] ?? Number.NaN);
      expect(Math.abs(liquid), `liquid at ${String(minute)}`).toBeLessThan(early ? 1.2 : 0.7);
      const core = at(grid, trace.coreC[0] as Float64Array, minute) - (expected.coreC?.[minute] ?? Number.NaN);
      expect(Math.abs(core), `core at ${String(minute)}`).toBeLessThan(early ? 3 : 1);
    }
  });

  it('loses as much water', () => {
    const [from, to] = expected.lossFromTo ?? [0, 0];
    const gone = at(grid, trace.evaporatedKg, to) - at(grid, trace.evaporatedKg, from);
    const gPerH = (gone * 1000 * 60) / (to - from);
    expect(Math.abs(gPerH - (expected.lossMlPerH ?? Number.NaN))).toBeLessThan(
      Math.max(17, 0.02 * (expected.lossMlPerH ?? 0)),
    );
  });
});

// Its open pot and its hob follow older laws: what follows from dryness alone is compared.
describe.each(dryPots.filter(({ name }) => !/open|hob/.test(name)))('$name', ({ expected, ...solved }) => {
  const dryMin = expected.dryMin ?? Number.NaN;
  const after = Object.keys(expected.liquidC).map((m) => dryMin + Number(m));
  const { grid, trace } = quick({ ...solved, expected }, after);

  it('runs dry within a minute of the independent solver', () => {
    expect(Math.abs(trace.dryS / 60 - dryMin)).toBeLessThan(1);
  });

  it('then heats within 4 K of it, and its stages come within two minutes', () => {
    for (const [since, want] of Object.entries(expected.liquidC)) {
      expect(Math.abs(at(grid, trace.liquidC, dryMin + Number(since)) - (want ?? Number.NaN)), since).toBeLessThan(4);
    }
    for (const [stage, minute] of Object.entries(expected.stagesMin ?? {})) {
      const found = reached(grid, trace, expected.cookValuesMin?.[stage] ?? Number.NaN);
      expect(Math.abs(found - (minute ?? Number.NaN)), stage).toBeLessThan(2);
    }
  });
});
