import { describe, expect, it } from 'vitest';
import { type DetailedTrace, PLAIN_CELLS, profileAt, runDetailed } from '.';
import { PLAIN_STEPS, type TimeGrid } from './timeGrid';
import { assemble, type BraiseRequest, NOMINAL_PARAMETERS, slowestAtTarget } from '../forecast';
import { cutById } from '../larder';
import { shortRibRequest } from '../../testing/fixtures';

interface Run {
  readonly course: DetailedTrace;
  readonly grid: TimeGrid;
  /** Index of the step that ends at this minute. */
  step(minute: number): number;
}

function run(part: Partial<BraiseRequest>, minutes: number): Run {
  const assembly = assemble(shortRibRequest(part), minutes, PLAIN_STEPS, []);
  const { grid } = assembly;
  const course = runDetailed(assembly.setup(NOMINAL_PARAMETERS), grid, PLAIN_CELLS);
  return { course, grid, step: (minute) => grid.endS.findIndex((s) => s >= minute * 60 - 1e-6) };
}

function residual({ course, grid }: Run): number {
  const last = grid.count - 1;
  return Math.abs((course.energyResidualJ[last] as number) / (course.heatInJ[last] as number));
}

const oven = (tempC: number, fan = false): BraiseRequest['heats'] => [{ atMin: 0, heat: { kind: 'oven', tempC, fan } }];
const under = (lid: BraiseRequest['lids'][number]['lid']): BraiseRequest['lids'] => [{ atMin: 0, lid }];

describe('a pot that runs dry', () => {
  const scant = { liquidL: 0.25, heats: oven(200, true), lids: under('foil') } as const;
  const dry = run(scant, 300);
  const last = dry.grid.count - 1;

  it('steams no more than was poured and given by meat and vegetables', () => {
    const given =
      (dry.course.juiceFraction[0]?.[last] ?? 0) * 1.8 * (1 - cutById('beef_short_rib_english').boneFraction);
    const most = 0.25 * 0.96 + given + 0.3 * 0.27;
    expect(dry.course.evaporatedKg[last]).toBeLessThan(most + 1e-9);
    expect(dry.course.evaporatedKg[last]).toBeGreaterThan(most - 0.01);
    expect(Math.min(...dry.course.liquidKg)).toBeGreaterThanOrEqual(0);
  });

  it('says when, and heats as metal and meat in hot air from then on', () => {
    const { dryS } = dry.course;
    expect(dryS / 60).toBeGreaterThan(60);
    expect(dryS / 60).toBeLessThan(150);
    expect(dry.course.liquidC[dry.step(dryS / 60 - 5)]).toBeLessThan(100.1);
    expect(dry.course.liquidC[dry.step(dryS / 60 + 60)]).toBeGreaterThan(130);
    expect(dry.course.liquidC[last]).toBeLessThan(200);
    expect(residual(dry)).toBeLessThan(1e-9);
  });

  it('comes back when liquid is poured: all of it is there, but for what the hot iron boils off at once', () => {
    const poured = run({ ...scant, topUps: [{ atMin: 180, litres: 0.5, tempC: 90 }] }, 300);
    expect(poured.course.liquidKg[poured.step(180.5)]).toBeGreaterThan(0.35);
    expect(poured.course.liquidC[poured.step(195)]).toBeLessThan(100.1);
    expect(poured.course.dryS).toBe(dry.course.dryS);
    expect(residual(poured)).toBeLessThan(1e-9);
  });

  it('gets all that is poured at one moment', () => {
    const pour = (litres: readonly number[]): number => {
      const topUps = litres.map((l) => ({ atMin: 180, litres: l, tempC: 90 }));
      const poured = run({ ...scant, topUps }, 190);
      return poured.course.liquidKg[poured.step(181)] as number;
    };
    expect(pour([0.2, 0.3])).toBeCloseTo(pour([0.5]), 9);
  });

  it('is not slower for more power', () => {
    const twists = [250, 400, 800, 1500].map(
      (powerW) => slowestAtTarget(shortRibRequest({ heats: [{ atMin: 0, heat: { kind: 'power', powerW } }] })).atMin,
    );
    twists.slice(1).forEach((t, i) => {
      expect(t).toBeLessThanOrEqual(twists[i] as number);
    });
  });

  it('is one that was never wet enough, too', () => {
    expect(slowestAtTarget(shortRibRequest(scant)).dry).toBe(true);
    expect(slowestAtTarget(shortRibRequest()).dry).toBe(false);
  });
});

describe('open and steaming pots', () => {
  const hours3 = (part: Partial<BraiseRequest>) => {
    const made = run({ liquidL: 1.5, ...part }, 180);
    return { endC: made.course.liquidC.at(-1) as number, lostKg: made.course.evaporatedKg.at(-1) as number };
  };

  it('an open pot stands well under the boil in a 150 °C oven, but nowhere near 72 °C', () => {
    const { endC, lostKg } = hours3({ heats: oven(150), lids: under('none') });
    expect(endC).toBeGreaterThan(82);
    expect(endC).toBeLessThan(95);
    expect(lostKg / 3).toBeGreaterThan(0.25);
  });

  it('paper keeps it warmer, and a lid ajar loses less than paper', () => {
    const paper = hours3({ heats: oven(150), lids: under('cartouche') });
    expect(paper.endC).toBeGreaterThan(90);
    expect(paper.endC).toBeLessThan(95);
    expect(hours3({ heats: oven(150), lids: under('ajar') }).lostKg).toBeLessThan(paper.lostKg);
  });

  it('a steam oven under the boil dries nothing; over it a pot loses little, less with a lid', () => {
    const steam = (tempC: number): BraiseRequest['heats'] => [{ atMin: 0, heat: { kind: 'steamOven', tempC } }];
    expect(hours3({ heats: steam(95), lids: under('none') }).lostKg).toBeLessThan(0.05);
    for (const tempC of [100, 110, 120]) {
      const open = hours3({ heats: steam(tempC), lids: under('none') });
      const lidded = hours3({ heats: steam(tempC) });
      expect(open.lostKg).toBeLessThan(0.7);
      expect(lidded.lostKg).toBeLessThan(open.lostKg);
      expect(open.endC).toBeGreaterThan(97);
    }
  });
});

describe('meat smoked first', () => {
  const brisket = (hours: number): Partial<BraiseRequest> => ({
    cut: cutById('beef_brisket_point'),
    groups: [
      {
        massKg: 1.8,
        pieces: 1,
        lengthM: 0.2,
        widthM: 0.13,
        thicknessM: 0.07,
        onBone: false,
        startTempC: 5,
        submergedFraction: 0.75,
      },
    ],
    preCook: [{ minutes: hours * 60, tempC: 115, filmWM2K: 14 }],
  });
  const middle = (hours: number): number => run(brisket(hours), 1).course.profiles[0]?.[0] ?? Number.NaN;

  it('stands at the wet bulb on its surface first', () => {
    const { course } = run(brisket(0.75), 1);
    const { depth, tempC } = profileAt(course, 0, 0);
    expect(depth.at(-1)).toBeGreaterThan(0.95);
    expect(tempC.at(-1)).toBeGreaterThan(45);
    expect(tempC.at(-1)).toBeLessThan(58);
  });

  it('stalls between 60 and 80 °C for hours in air of 115 °C', () => {
    const [four, eight] = [middle(4), middle(8)];
    expect(four).toBeGreaterThan(60);
    expect(four).toBeLessThan(75);
    expect(eight).toBeLessThan(82);
    expect(eight - four).toBeLessThan(16);
  });

  it('gives the pot less for what it lost before, and keeps the books', () => {
    const plain = run(brisket(0), 240);
    const smoked = run(brisket(5), 240);
    const lost = smoked.course.lostBefore[0] ?? 0;
    expect(lost).toBeGreaterThan(0.2);
    const inPot = (r: Run): number => (r.course.juiceFraction[0]?.at(-1) ?? 0) - (r.course.lostBefore[0] ?? 0);
    expect(inPot(smoked)).toBeLessThan(inPot(plain) - 0.15);
    expect(residual(smoked)).toBeLessThan(1e-9);
    expect(residual(plain)).toBeLessThan(1e-9);
  });
});

describe('a heat that ends by itself', () => {
  const stove = { kind: 'power', powerW: 800 } as const;
  const low = { kind: 'oven', tempC: 120, fan: false } as const;
  const start = { liquidTempC: 20, liquidL: 1.5 };

  it('goes over when the liquid has come to its heat', () => {
    const made = run(
      { ...start, heats: [{ atMin: 0, heat: stove, then: { after: { kind: 'liquid', tempC: 95 }, heat: low } }] },
      240,
    );
    const flat = run({ ...start, heats: [{ atMin: 0, heat: stove }] }, 240);
    const over = flat.course.liquidC.findIndex((t) => t >= 95);
    expect(made.course.liquidC.slice(0, over)).toEqual(flat.course.liquidC.slice(0, over));
    expect(made.course.liquidC[over]).toBeLessThan(flat.course.liquidC[over] as number);
    expect(made.course.suppliedW[over + 1]).not.toBeCloseTo(flat.course.suppliedW[over + 1] as number, 0);
    expect(made.course.evaporatedKg.at(-1)).toBeLessThan((flat.course.evaporatedKg.at(-1) as number) / 2);
  });

  it('goes over when so much is left, and when the fork finds a stage', () => {
    const level = run(
      { heats: [{ atMin: 0, heat: stove, then: { after: { kind: 'level', litres: 1 }, heat: { kind: 'off' } } }] },
      300,
    );
    const reached = level.course.liquidKg.findIndex((kg) => kg <= 0.962);
    expect(reached).toBeGreaterThan(0);
    expect(level.course.liquidC[reached + 240]).toBeLessThan(95);
    const twists = cutById('beef_short_rib_english').cookValue.twists;
    const stage = run(
      {
        heats: [
          {
            atMin: 0,
            heat: { kind: 'oven', tempC: 150, fan: false },
            then: { after: { kind: 'stage', stage: 'twists' }, heat: { kind: 'off' } },
          },
        ],
      },
      300,
    );
    const found = stage.course.slowCookValue[0]?.findIndex((c) => c >= twists) ?? -1;
    expect(found).toBeGreaterThan(0);
    expect(stage.course.liquidC[found - 1]).toBeGreaterThan(99.9);
    expect(stage.course.liquidC[found + 200]).toBeLessThan(95);
  });

  it('gives way to the clock, whether it has ended or not', () => {
    const heats: BraiseRequest['heats'] = [
      { atMin: 0, heat: low, then: { after: { kind: 'liquid', tempC: 99.9 }, heat: { kind: 'off' } } },
      { atMin: 60, heat: stove },
    ];
    const made = run({ heats }, 120);
    expect(made.course.suppliedW[made.step(59)]).toBeLessThan(400);
    expect(made.course.suppliedW[made.step(61)]).toBe(800);
  });
});
