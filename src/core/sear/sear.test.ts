import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BROWNS_C, heatingMinutes, searCourse, searVerdict } from './heat';
import { PAN_SHARE, type SearPieces, searPlan, type SearRequest } from './sear';
import { type Burner, burnerNetW, fatById, type Pan, panFloorM2 } from '../larder';
import { english } from '../../testing/words';
import { saying } from '../../testing/saying';

const IRON: Pan = {
  id: 'p',
  name: 'Iron pan',
  shape: 'round',
  lengthMm: 280,
  widthMm: 280,
  massKg: 2.5,
  material: 'castIron',
};
const LARGE: Burner = { id: 'l', name: 'Large', kind: 'gas', powerW: 2600 };
const SMALL: Burner = { id: 's', name: 'Small', kind: 'gas', powerW: 1200 };
const shanks = (count: number): SearPieces => ({
  count,
  footprint: { kind: 'rectangle', length: 150, width: 70 },
  faces: 4,
  edges: 0,
  small: false,
});
const request = (part: Partial<SearRequest> = {}): SearRequest => ({
  pieces: [shanks(4)],
  pan: IRON,
  burner: LARGE,
  fat: fatById('neutral'),
  depth: 'deep',
  moving: false,
  dried: true,
  flouredKg: null,
  mostAtOnce: null,
  ...part,
});

describe('the heat budget', () => {
  const heat = { heatJK: 1200, floorM2: 0.0616, powerW: 1040, startC: 220 };

  it('warms an empty pan as the burner’s joules say, worked by hand', () => {
    // 1200 J/K × 198 K = 238 kJ; net power falls from 1040 W to 430 W as losses grow: about 5 min.
    expect(heatingMinutes(heat, 22, 220)).toBeGreaterThan(238_000 / 1040 / 60);
    expect(heatingMinutes(heat, 22, 220)).toBeLessThan(238_000 / 420 / 60);
    expect(heatingMinutes({ ...heat, powerW: 100 }, 22, 220)).toBe(Infinity);
  });

  it('falls further the more cold meat lies in the pan, and never browns on a weak flame', () => {
    const lowest = [0.01, 0.02, 0.04, 0.06].map(
      (contactM2) => searCourse(heat, { contactM2, surfaceWaterKgM2: 0.02, minutes: 3.5 }).lowestC,
    );
    expect([...lowest].sort((a, b) => b - a)).toEqual(lowest);
    const weak = searCourse(
      { ...heat, powerW: 300, heatJK: 500 },
      { contactM2: 0.045, surfaceWaterKgM2: 0.12, minutes: 3.5 },
    );
    expect(searVerdict(weak)).toBe('steams');
  });

  it('is hurt by wet meat', () => {
    const at = (surfaceWaterKgM2: number) => searCourse(heat, { contactM2: 0.03, surfaceWaterKgM2, minutes: 3 });
    expect(at(0.3).lowestC).toBeLessThan(at(0.02).lowestC);
    expect(at(0.3).coolShare).toBeGreaterThan(at(0.02).coolShare + 0.05);
  });
});

describe('searing', () => {
  it('takes four shanks in two batches of two in a 28 cm pan', () => {
    const plan = searPlan(request());
    expect(plan.batches.map((b) => b.count)).toEqual([2, 2]);
    expect(plan.verdict).toBe('sears');
    expect(plan.batches[0]?.lowestC).toBeGreaterThan(BROWNS_C);
    expect(plan.batches[0]?.minutes).toBe(14);
    const heatUp = plan.minutes.inputs[0]?.value ?? 0;
    const recovering = plan.minutes.inputs[3]?.value ?? 0;
    expect(plan.minutes.value).toBeCloseTo(heatUp + 2 * 14 + recovering, 9);
  });

  it('covers by hand: two shanks of 105 cm² on 616 cm²', () => {
    expect(searPlan(request()).batches[0]?.coverage).toBeCloseTo(210 / 615.75, 3);
  });

  it('makes smaller batches on a smaller flame, and says why a crowd would steam', () => {
    const cubes: SearPieces = {
      count: 36,
      footprint: { kind: 'rectangle', length: 35, width: 35 },
      faces: 3,
      edges: 0,
      small: true,
    };
    const strong = searPlan(request({ pieces: [cubes] }));
    const weak = searPlan(
      request({ pieces: [cubes], burner: { ...SMALL, powerW: 900 }, pan: { ...IRON, massKg: 1.2, material: 'steel' } }),
    );
    expect(weak.batches.length).toBeGreaterThan(strong.batches.length);
    const crowd = searPlan(
      request({
        pieces: [cubes],
        burner: { ...SMALL, powerW: 900 },
        pan: { ...IRON, massKg: 1.2, material: 'steel' },
        mostAtOnce: 30,
        dried: false,
      }),
    );
    expect(crowd.verdict).toBe('steams');
    expect(english(crowd.says)).toMatch(saying('sear.steams'));
  });

  it('never covers more than two thirds by its own choice and loses no piece', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 30, max: 120 }),
        fc.integer({ min: 200, max: 340 }),
        fc.integer({ min: 900, max: 3500 }),
        (count, diameter, pan, powerW) => {
          const plan = searPlan(
            request({
              pieces: [{ ...shanks(count), footprint: { kind: 'circle', diameter } }],
              pan: { ...IRON, lengthMm: pan, widthMm: pan },
              burner: { ...LARGE, powerW },
            }),
          );
          expect(plan.batches.reduce((sum, b) => sum + b.count, 0)).toBe(count);
          for (const b of plan.batches) {
            if (b.count > 1) expect(b.coverage).toBeLessThanOrEqual(PAN_SHARE + 1e-9);
            expect(b.layout.length).toBe(b.groups.length);
          }
          expect(Number.isFinite(plan.minutes.value)).toBe(true);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('starts the pan under the smoke of the fat', () => {
    const butter = searPlan(request({ fat: fatById('butter') }));
    expect(butter.startC).toBe(155);
    expect(english(butter.fatSays)).toContain('smokes from about 160 °C');
    expect(butter.batches[0]?.minutes).toBeGreaterThan(1.8 * 14);
    expect(english(butter.fatSays)).toContain('browns more slowly');
  });

  it('browns a joint larger than the pan by itself and draws nothing in it', () => {
    const plan = searPlan(
      request({
        pieces: [{ ...shanks(1), footprint: { kind: 'rectangle', length: 260, width: 190 } }],
        pan: { ...IRON, lengthMm: 200, widthMm: 200 },
      }),
    );
    expect(plan.batches).toHaveLength(1);
    expect(plan.tooLarge).toBe(true);
  });

  it('weighs flour only for meat that is floured', () => {
    expect(searPlan(request()).dredge).toBeNull();
    expect(searPlan(request({ flouredKg: 1.6 })).dredge?.value).toBeCloseTo(0.048, 9);
  });

  it('takes no time when nothing is seared', () => {
    const plan = searPlan(request({ depth: 'none' }));
    expect(plan.minutes.value).toBe(0);
    expect(plan.batches).toHaveLength(0);
    expect(english(plan.says)).toContain('paler');
  });

  it('keeps small dice moving instead of face by face', () => {
    const dice: SearPieces = {
      ...shanks(8),
      footprint: { kind: 'rectangle', length: 25, width: 25 },
      faces: 3,
      small: true,
    };
    expect(searPlan(request({ pieces: [dice], moving: true })).batches[0]?.minutes).toBe(9);
  });

  it('mixes sizes, the largest first', () => {
    const plan = searPlan(
      request({ pieces: [shanks(2), { ...shanks(6), footprint: { kind: 'circle', diameter: 50 } }] }),
    );
    expect(plan.batches[0]?.groups[0]).toBe(0);
    expect(plan.batches.flatMap((b) => b.groups).filter((g) => g === 1)).toHaveLength(6);
  });

  it('counts what reaches the pan by the kind of burner', () => {
    expect(burnerNetW(LARGE)).toBe(1040);
    expect(burnerNetW({ ...LARGE, kind: 'induction' })).toBe(2210);
    expect(panFloorM2({ shape: 'rectangle', lengthMm: 400, widthMm: 250 })).toBe(0.1);
  });
});

describe('fat and crust', () => {
  it('fat is a film over the floor, a spoonful over, and one more for every further batch', () => {
    const film = panFloorM2(IRON) * 0.25;
    const fat = (mostAtOnce: number): number => searPlan(request({ mostAtOnce })).fatL.value;
    const one = searPlan(request({ pieces: [shanks(2)], mostAtOnce: 2 }));
    expect(one.batches).toHaveLength(1);
    expect(one.fatL.value).toBeCloseTo(film + 0.005, 9);
    expect(fat(2)).toBeCloseTo(film + 0.01, 9);
    expect(fat(1)).toBeCloseTo(film + 0.02, 9);
  });

  it('a crust that forms lets half the heat through after four minutes', () => {
    // A pan of infinite heat capacity stays at 200 °C: what it gives off, less the loss of an empty one, went through
    // the film.
    const pan = { floorM2: 0.06, heatJK: 1e9, powerW: 0, startC: 200 };
    const given = (contactM2: number, minutes: number): number =>
      (200 - searCourse(pan, { contactM2, minutes, surfaceWaterKgM2: 0 }).endC) * 1e9;
    const through = (minutes: number): number => given(0.01, minutes) - given(0, minutes);
    const film = (seconds: number): number =>
      Array.from({ length: seconds / 2 }, (_, i) => 400 / (1 + (2 * i) / 240)).reduce((sum, f) => sum + f, 0);
    for (const minutes of [1, 4]) expect(through(minutes) / (0.01 * 100 * 2 * film(minutes * 60))).toBeCloseTo(1, 3);
  });
});

/** A plan as readable lines: figures to three digits with their inputs, batches, and messages. */
function lines(plan: ReturnType<typeof searPlan>): readonly string[] {
  const n = (x: number): string => (Number.isFinite(x) ? String(Number(x.toPrecision(3))) : String(x));
  const fig = (f: typeof plan.minutes | null): string =>
    f === null
      ? 'none'
      : `${f.id} ${n(f.value)} ${f.as} ${f.sure}${f.range ? ` ${f.range.map(n).join('–')}` : ''}: ${f.inputs.map((i) => `${i.id} ${n(i.value)} ${i.as}`).join(', ')}`;
  const said = (m: typeof plan.says): string =>
    `${m.code} ${JSON.stringify(m.params ?? {}, (_, v: unknown) => (typeof v === 'number' ? Number(v.toPrecision(3)) : v))}`;
  return [
    `${plan.depth}, from ${n(plan.startC)}, face ${n(plan.faceMinutes)}, edge ${n(plan.edgeMinutes)}, ${plan.verdict}${plan.tooLarge ? ', too large' : ''}`,
    ...plan.batches.map(
      (b) =>
        `${String(b.count)} of ${b.groups.join('')} drawn ${String(b.layout.length)}: covers ${n(b.coverage)}, ${n(b.minutes)} min, ${n(b.lowestC)} to ${n(b.endC)} °C, back in ${n(b.recoverMinutes)}, ${b.verdict}`,
    ),
    said(plan.says),
    said(plan.fatSays),
    ...[plan.minutes, plan.fatL, plan.dredge, plan.perBatch].map(fig),
  ];
}

describe('a whole sear, line by line', () => {
  const cubes: SearPieces = {
    count: 30,
    footprint: { kind: 'rectangle', length: 35, width: 35 },
    faces: 3,
    edges: 1,
    small: true,
  };

  it('of shanks, deep, on a strong flame', () => {
    expect(lines(searPlan(request({ pieces: [shanks(5)], flouredKg: 1.6 })))).toMatchInlineSnapshot(`
      [
        "deep, from 220, face 3.5, edge 1.5, sears",
        "2 of 00 drawn 2: covers 0.341, 14 min, 196 to 198 °C, back in 0.967, sears",
        "2 of 00 drawn 2: covers 0.341, 14 min, 196 to 198 °C, back in 0.967, sears",
        "1 of 0 drawn 1: covers 0.171, 14 min, 219 to 230 °C, back in 0, sears",
        "sear.sears {"lowest":{"as":"temperature","value":196},"browns":{"as":"temperature","value":150},"steams":{"as":"temperature","value":130},"carries":{"as":"share","value":0.875}}",
        "sear.fatStands {"fat":{"code":"fat.neutral"},"smoke":{"as":"temperature","value":225},"start":{"as":"temperature","value":220},"slower":"no"}",
        "sear.minutes 49.7 minutes estimate: heatingThePan 5.73 minutes, batches 3 count, browningAllBatches 42 minutes, comingBackBetweenThem 1.93 minutes",
        "sear.fatL 0.0304 volume practice 0.015–0.075: pansFloor 0.0616 area, batches 3 count",
        "sear.dredge 0.048 mass practice 0.032–0.08: meat 1.6 mass",
        "sear.perBatch 2 count estimate: onePieceCovers 0.0105 area, twoThirdsOfTheFloor 0.0411 area, theHeatCarries 0.0539 area, reachesThePan 1040 power, panStartsAt 220 temperature, coolestInTheFirstBatch 196 temperature",
      ]
    `);
  });

  it('of cubes with two discs, lightly and still, in butter', () => {
    const discs: SearPieces = { ...shanks(2), footprint: { kind: 'circle', diameter: 90 }, faces: 2, edges: 1 };
    expect(lines(searPlan(request({ pieces: [cubes, discs], depth: 'light', fat: fatById('butter') }))))
      .toMatchInlineSnapshot(`
      [
        "light, from 155, face 3.75, edge 1.41, sears",
        "15 of 110000000000000 drawn 15: covers 0.465, 12.7 min, 154 to 163 °C, back in 0, sears",
        "17 of 00000000000000000 drawn 17: covers 0.338, 12.7 min, 155 to 172 °C, back in 0, sears",
        "sear.sears {"lowest":{"as":"temperature","value":154},"browns":{"as":"temperature","value":150},"steams":{"as":"temperature","value":130},"carries":{"as":"share","value":0.638}}",
        "sear.fatSmokes {"fat":{"code":"fat.butter"},"smoke":{"as":"temperature","value":160},"start":{"as":"temperature","value":155},"slower":"yes"}",
        "sear.minutes 28.6 minutes estimate: heatingThePan 3.27 minutes, batches 2 count, browningAllBatches 25.3 minutes, comingBackBetweenThem 0 minutes",
        "sear.fatL 0.0254 volume practice 0.015–0.075: pansFloor 0.0616 area, batches 2 count",
        "none",
        "sear.perBatch 17 count estimate: onePieceCovers 0.00155 area, twoThirdsOfTheFloor 0.0411 area, theHeatCarries 0.0393 area, reachesThePan 1040 power, panStartsAt 155 temperature, coolestInTheFirstBatch 154 temperature",
      ]
    `);
  });

  it('of wet cubes, moved, all at once, on a weak flame in a thin pan', () => {
    expect(
      lines(
        searPlan(
          request({
            pieces: [cubes],
            burner: { ...SMALL, powerW: 900 },
            pan: { ...IRON, massKg: 1.2, material: 'steel' },
            moving: true,
            dried: false,
            mostAtOnce: 30,
          }),
        ),
      ),
    ).toMatchInlineSnapshot(`
      [
        "deep, from 220, face 3.5, edge 1.5, steams",
        "15 of 000000000000000 drawn 15: covers 0.298, 9 min, 120 to 120 °C, back in 10, steams",
        "15 of 000000000000000 drawn 15: covers 0.298, 9 min, 120 to 120 °C, back in 10, steams",
        "sear.steams {"lowest":{"as":"temperature","value":120},"browns":{"as":"temperature","value":150},"steams":{"as":"temperature","value":130},"carries":{"as":"share","value":0.0809}}",
        "sear.fatStands {"fat":{"code":"fat.neutral"},"smoke":{"as":"temperature","value":225},"start":{"as":"temperature","value":220},"slower":"no"}",
        "sear.minutes 48 minutes estimate: heatingThePan 20 minutes, batches 2 count, browningAllBatches 18 minutes, comingBackBetweenThem 10 minutes",
        "sear.fatL 0.0254 volume practice 0.015–0.075: pansFloor 0.0616 area, batches 2 count",
        "none",
        "sear.perBatch 15 count estimate: onePieceCovers 0.00122 area, twoThirdsOfTheFloor 0.0411 area, theHeatCarries 0.00498 area, reachesThePan 360 power, panStartsAt 220 temperature, coolestInTheFirstBatch 120 temperature",
      ]
    `);
  });

  it('of nothing', () => {
    expect(lines(searPlan(request({ depth: 'none' })))).toMatchInlineSnapshot(`
      [
        "none, from 220, face 0, edge 0, sears",
        "sear.none {}",
        "sear.fatStands {"fat":{"code":"fat.neutral"},"smoke":{"as":"temperature","value":225},"start":{"as":"temperature","value":220},"slower":"no"}",
        "sear.minutes 0 minutes estimate: heatingThePan 5.73 minutes, batches 0 count, browningAllBatches 0 minutes, comingBackBetweenThem 0 minutes",
        "sear.fatL 0 volume practice 0.015–0.075: pansFloor 0.0616 area, batches 0 count",
        "none",
        "sear.perBatch 0 count estimate: onePieceCovers 0.0105 area, twoThirdsOfTheFloor 0.0411 area, theHeatCarries 0.0616 area, reachesThePan 1040 power, panStartsAt 220 temperature, coolestInTheFirstBatch NaN temperature",
      ]
    `);
  });

  it('of a joint over the edge of a tray, on a flame that never gets there', () => {
    const joint: SearPieces = { ...shanks(1), footprint: { kind: 'rectangle', length: 420, width: 160 } };
    const tray: Pan = { ...IRON, shape: 'rectangle', lengthMm: 380, widthMm: 240 };
    expect(lines(searPlan(request({ pieces: [joint], pan: tray, burner: { ...SMALL, powerW: 300 } }))))
      .toMatchInlineSnapshot(`
      [
        "deep, from 220, face 3.5, edge 1.5, steams, too large",
        "1 of  drawn 0: covers 0.737, 14 min, 84.4 to 84.4 °C, back in 10, steams",
        "sear.steams {"lowest":{"as":"temperature","value":84.4},"browns":{"as":"temperature","value":150},"steams":{"as":"temperature","value":130},"carries":{"as":"share","value":0}}",
        "sear.fatStands {"fat":{"code":"fat.neutral"},"smoke":{"as":"temperature","value":225},"start":{"as":"temperature","value":220},"slower":"no"}",
        "sear.minutes 34 minutes estimate: heatingThePan 20 minutes, batches 1 count, browningAllBatches 14 minutes, comingBackBetweenThem 0 minutes",
        "sear.fatL 0.0278 volume practice 0.015–0.075: pansFloor 0.0912 area, batches 1 count",
        "none",
        "sear.perBatch 1 count estimate: onePieceCovers 0.0672 area, twoThirdsOfTheFloor 0.0608 area, theHeatCarries 0 area, reachesThePan 120 power, panStartsAt 220 temperature, coolestInTheFirstBatch 84.4 temperature",
      ]
    `);
  });
});
