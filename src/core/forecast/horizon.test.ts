import { describe, expect, it } from 'vitest';
import { assemble, NOMINAL_PARAMETERS } from './assemble';
import { priorEnsemble } from './ensemble';
import { crossingMin, etaOf, summarise } from './forecast';
import { chooseHorizonMin, slowest, slowestGroupAt } from './horizon';
import { type Observation } from './observation';
import { demandSd, kitchenPrior } from './prior';
import { type BraiseRequest } from './request';
import { FAST_CELLS, FAST_STEPS, runBraise, type SimulationTrace } from '../heat';
import { cutById } from '../larder';
import { ribsAndShank, shortRibRequest } from '../../testing/fixtures';

const heated = (heat: BraiseRequest['heats'][number]['heat'], part: Partial<BraiseRequest> = {}): BraiseRequest =>
  shortRibRequest({ heats: [{ atMin: 0, heat }], ...part });

/** When an animal 1.5 sd tougher than usual is nominally stringy, min. */
function toughInStrings(request: BraiseRequest): number {
  const assembly = assemble(request, 60 * 60, FAST_STEPS, []);
  const course = runBraise(assembly.setup(NOMINAL_PARAMETERS), assembly.grid, FAST_CELLS);
  const needed = request.cut.cookValue.strings * Math.exp(1.5 * demandSd(kitchenPrior(request)));
  return crossingMin(slowest(course, request), assembly.grid.endS, needed);
}

/** The horizon is a multiple of half an hour: at least that time, and less than one step and half an hour more. */
function isMargin(request: BraiseRequest, margin: number): void {
  const wanted = toughInStrings(request) * margin;
  const chosen = chooseHorizonMin(request, []);
  expect(chosen % 30).toBe(0);
  expect(chosen).toBeGreaterThanOrEqual(wanted);
  expect(chosen).toBeLessThan(wanted + 30 + 60 * margin);
}

describe('how far a forecast looks', () => {
  it('is a fifth past a tough animal where the pot boils or is held at its heat', () => {
    isMargin(heated({ kind: 'oven', tempC: 150, fan: false }), 1.2);
    isMargin(heated({ kind: 'simmer', tempC: 85 }), 1.2);
    isMargin(heated({ kind: 'oven', tempC: 150, fan: false }, { altitudeM: 2500 }), 1.2);
  });

  it('is two and a half times as far where it stays under the boil: there a few degrees make hours', () => {
    isMargin(heated({ kind: 'oven', tempC: 105, fan: false }), 2.5);
    isMargin(heated({ kind: 'bath', tempC: 80 }), 2.5);
  });

  it('goes by the heat that is on at last', () => {
    const first = { atMin: 0, heat: { kind: 'simmer', tempC: 85 } } as const;
    const cool = { kind: 'oven', tempC: 105, fan: false } as const;
    isMargin(shortRibRequest({ heats: [first, { atMin: 30, heat: cool }] }), 2.5);
    isMargin(
      shortRibRequest({
        heats: [
          { atMin: 0, heat: cool },
          { ...first, atMin: 30 },
        ],
      }),
      1.2,
    );
  });

  it('has no end of hours between a bath that takes a day and one that takes three', () => {
    const at = (tempC: number): number => {
      const request = heated({ kind: 'bath', tempC });
      const { reached, p50 } = etaOf(summarise(priorEnsemble(request, { particles: 64 })), 'twists');
      expect(reached, String(tempC)).toBeGreaterThan(0.95);
      return p50 / 60;
    };
    const hours = [68, 67, 66, 65, 62, 58].map(at);
    // Practice leaves short ribs two to three days at 58.5 °C.
    expect(hours[5]).toBeGreaterThan(48);
    expect(hours[5]).toBeLessThan(96);
    hours.slice(1, 4).forEach((h, i) => {
      expect(h / (hours[i] ?? 1)).toBeGreaterThan(1.05);
      expect(h / (hours[i] ?? 1)).toBeLessThan(1.15);
    });
  });

  it('is at most two and a half times five days, a day where the meat stands still, three hours at least', () => {
    expect(chooseHorizonMin(heated({ kind: 'bath', tempC: 60 }), [])).toBe(300 * 60);
    expect(chooseHorizonMin(heated({ kind: 'off' }), [])).toBe(24 * 60);
    expect(chooseHorizonMin(heated({ kind: 'bath', tempC: 40 }), [])).toBe(24 * 60);
    const offLate = [...shortRibRequest().heats, { atMin: 90, heat: { kind: 'off' } } as const];
    expect(chooseHorizonMin(shortRibRequest({ heats: offLate }), [])).toBe(24 * 60);
    const thin = shortRibRequest({
      cut: cutById('rabbit_leg'),
      groups: [{ ...(shortRibRequest().groups[0] as BraiseRequest['groups'][number]), thicknessM: 0.01, massKg: 0.3 }],
      heats: [{ atMin: 0, heat: { kind: 'oven', tempC: 200, fan: true } }],
    });
    expect(chooseHorizonMin(thin, [])).toBe(180);
  });

  it('waits for a heat that comes late', () => {
    const heats: BraiseRequest['heats'] = [
      { atMin: 0, heat: { kind: 'bath', tempC: 40 } },
      { atMin: 15 * 60, heat: { kind: 'oven', tempC: 150, fan: false } },
    ];
    const request = shortRibRequest({ heats });
    expect(chooseHorizonMin(request, [])).toBeGreaterThan(18 * 60);
    expect(chooseHorizonMin(request, [])).toBeLessThan(28 * 60);
    expect(etaOf(summarise(priorEnsemble(request, { particles: 16 })), 'twists').p50).toBeLessThan(19 * 60);
  });

  it('is what the request says, and half an hour past the last thing that happens', () => {
    expect(chooseHorizonMin(shortRibRequest({ horizonMin: 95 }), [])).toBe(95);
    const late: readonly Partial<BraiseRequest>[] = [
      { openings: [{ atMin: 700, seconds: 30 }] },
      { turnsAtMin: [700] },
      { topUps: [{ atMin: 700, litres: 0.1, tempC: 90 }] },
      { heats: [...shortRibRequest().heats, { atMin: 700, heat: { kind: 'off' } }] },
      { lids: [...shortRibRequest().lids, { atMin: 700, lid: 'none' }] },
    ];
    for (const part of late) {
      expect(chooseHorizonMin(shortRibRequest({ horizonMin: 95, ...part }), [])).toBe(730);
      expect(chooseHorizonMin(shortRibRequest(part), [])).toBeGreaterThanOrEqual(730);
    }
    const seen: Observation[] = [{ kind: 'fork', atMin: 800, stage: 'drags' }];
    expect(chooseHorizonMin(shortRibRequest({ horizonMin: 95 }), seen)).toBe(830);
    expect(chooseHorizonMin(shortRibRequest(), seen)).toBe(830);
    expect(chooseHorizonMin(heated({ kind: 'off' }), [{ kind: 'fork', atMin: 1500, stage: 'drags' }])).toBe(1530);
  });
});

describe('the slowest of several', () => {
  const request = shortRibRequest({ groups: ribsAndShank() });
  const course = {
    liquidC: Float64Array.of(90, 95, 98),
    slowCookValue: [Float64Array.of(10, 60, 100), Float64Array.of(8, 90, 190)],
  } as unknown as SimulationTrace;
  const factor = cutById('beef_short_rib_english').cookValue.twists / cutById('beef_shank_cross').cookValue.twists;

  it('is the one least far on its own way, counted as the cut the forecast is about', () => {
    expect(factor).not.toBe(1);
    expect([...slowest(course, request)]).toEqual([
      Math.min(10, 8 * factor),
      Math.min(60, 90 * factor),
      Math.min(100, 190 * factor),
    ]);
    expect([0, 1, 2].map((step) => slowestGroupAt(course, request, step))).toEqual(
      [8 * factor < 10, 90 * factor < 60, 190 * factor < 100].map(Number),
    );
  });

  it('is the only one where there is one, in its own terms even if the forecast is about another', () => {
    expect(slowest(course, shortRibRequest())).toBe(course.slowCookValue[0]);
    const [, shank] = ribsAndShank();
    const alone = shortRibRequest({ groups: shank ? [shank] : [] });
    expect([...slowest(course, alone)]).toEqual([10, 60, 100].map((x) => x * factor));
  });
});
