import { describe, expect, it } from 'vitest';
import { assemble, NOMINAL_PARAMETERS } from './assemble';
import { boneFraction, lyingPieces, pieceShape, potContents } from './groups';
import { type BraiseRequest, type HeatThen, type TimedHeat } from './request';
import { mixtureProperties } from '../composition';
import {
  BATH_FILM,
  BONE,
  CLEAR_LIQUID_FILM,
  COLD_OVEN_TAU_S,
  FAST_STEPS,
  type RunSetup,
  WATER_KG_PER_L,
} from '../heat';
import { cutById, POT_MATTER } from '../larder';
import { type MeatGroup, roundPot } from '../material';
import { ribsAndShank, shortRibRequest } from '../../testing/fixtures';

const piece = (part: Partial<MeatGroup> = {}): MeatGroup => ({
  massKg: 1.2,
  pieces: 4,
  lengthM: 0.12,
  widthM: 0.08,
  thicknessM: 0.05,
  onBone: true,
  startTempC: 8,
  ...part,
});
const setupOf = (request: BraiseRequest, demand?: number): RunSetup =>
  assemble(request, 300, FAST_STEPS, []).setup(NOMINAL_PARAMETERS, demand);
const bodyOf = (request: BraiseRequest, i = 0) => {
  const body = setupOf(request).bodies[i];
  if (!body) throw new Error('no body');
  return body;
};
const oven = (tempC: number, fan = false): TimedHeat['heat'] => ({ kind: 'oven', tempC, fan });

describe('the shape of a piece', () => {
  it('is a slice on its flat, a roll on its side, else a box', () => {
    expect(pieceShape(cutById('beef_shank_cross'), piece())).toEqual({
      kind: 'cylinder',
      diameterM: 0.1,
      heightM: 0.05,
    });
    const roll = pieceShape(cutById('lamb_shank'), piece());
    expect(roll).toEqual({ kind: 'cylinder', diameterM: 0.065, heightM: 0.12 });
    const box = { kind: 'box', lengthM: 0.12, widthM: 0.08, thicknessM: 0.05 };
    expect(pieceShape(cutById('beef_cheek'), piece())).toEqual(box);
  });
});

describe('bone', () => {
  const fat = cutById('lamb_shank');

  it('is there only where the piece is on it', () => {
    expect(boneFraction(fat, true)).toBe(0.32);
    expect(boneFraction(fat, false)).toBe(0);
  });

  it('in the middle is kept apart by its share of the volume', () => {
    const meat = mixtureProperties(fat.composition);
    const bone = (1.2 * 0.32) / BONE.densityKgM3;
    const flesh = (1.2 * 0.68) / meat.densityKgM3;
    const { pieces } = bodyOf(shortRibRequest({ cut: fat, groups: [piece()] }));
    expect(pieces.coreBoneFraction).toBeCloseTo(bone / (bone + flesh), 9);
    expect(pieces.volumeM3).toBeCloseTo(bone + flesh, 9);
    expect(pieces.conductivityWMK).toBe(meat.conductivityWMK);
    expect(pieces.volumetricHeatJM3K).toBeCloseTo(meat.densityKgM3 * meat.specificHeatJKgK, 3);
  });

  it('along an edge is mixed in: a little slower to conduct', () => {
    const cut = cutById('duck_leg');
    const meat = mixtureProperties(cut.composition);
    const heat = meat.densityKgM3 * meat.specificHeatJKgK;
    const { pieces } = bodyOf(shortRibRequest({ cut, groups: [piece()] }));
    expect(pieces.coreBoneFraction).toBe(0);
    expect(pieces.conductivityWMK).toBeCloseTo(meat.conductivityWMK * (1 - 0.1 * 0.26), 9);
    expect(pieces.volumetricHeatJM3K).toBeCloseTo(0.74 * heat + 0.26 * BONE.volumetricHeatJM3K, 3);
    expect(pieces.volumeM3).toBeCloseTo((1.2 * 0.26) / 1300 + (1.2 * 0.74) / meat.densityKgM3, 9);
  });

  it('is not reckoned with where there is none: all gives juice, all conducts as meat', () => {
    const cut = cutById('beef_cheek');
    const meat = mixtureProperties(cut.composition);
    const body = bodyOf(shortRibRequest({ cut, groups: [piece({ onBone: false })] }));
    expect(body.pieces.volumeM3).toBeCloseTo(1.2 / meat.densityKgM3, 9);
    expect(body.pieces.conductivityWMK).toBe(meat.conductivityWMK);
    expect(body.pieces.coreBoneFraction).toBe(0);
    expect(body.edibleKg).toBe(1.2);
    expect(body.maxJuiceFraction).toBeCloseTo(0.38 / 0.98, 9);
    expect(bodyOf(shortRibRequest({ cut: fat, groups: [piece()] })).edibleKg).toBeCloseTo(1.2 * 0.68, 9);
  });
});

describe('how pieces lie', () => {
  const cheek = cutById('beef_cheek');
  const volume = (cut = cheek, group = piece({ onBone: false })): number =>
    group.massKg / group.pieces / mixtureProperties(cut.composition).densityKgM3;

  it('cubes are a heap of one thickness', () => {
    const cubes = lyingPieces(cutById('beef_chuck_cubes'), piece({ onBone: false }));
    expect(cubes).toMatchObject({ profile: 'heap', count: 4, heightM: 0.05 });
    expect(cubes.footprintM2).toBeCloseTo(cubes.volumeM3 / 0.05, 9);
    expect(lyingPieces(cheek, piece({ pieces: 40 })).profile).toBe('prism');
    expect(lyingPieces(cutById('beef_chuck_cubes'), piece({ stacked: true })).leastLayers).toBeUndefined();
  });

  it('a box covers nine tenths of its length by its width, or what its volume needs', () => {
    const lying = lyingPieces(cheek, piece({ onBone: false }));
    expect(lying).toMatchObject({ profile: 'prism', heightM: 0.05 });
    expect(lying.volumeM3).toBeCloseTo(volume(), 9);
    expect(lying.footprintM2).toBeCloseTo(0.12 * 0.08 * 0.9, 9);
    const heavy = lyingPieces(cheek, piece({ onBone: false, massKg: 4 }));
    expect(heavy.footprintM2).toBeCloseTo(heavy.volumeM3 / 0.05, 9);
    expect(heavy.leastLayers).toBeUndefined();
    expect(lyingPieces(cheek, piece({ stacked: true })).leastLayers).toBe(2);
  });

  it('a slice covers its ellipse, a roll lies on its side', () => {
    const slice = lyingPieces(cutById('beef_shank_cross'), piece());
    expect(slice).toMatchObject({ profile: 'prism', heightM: 0.05 });
    expect(slice.footprintM2).toBeCloseTo((Math.PI / 4) * 0.12 * 0.08, 9);
    const roll = lyingPieces(cutById('lamb_shank'), piece());
    expect(roll).toMatchObject({ profile: 'roll', heightM: 0.05 });
    expect(roll.footprintM2).toBeCloseTo(0.12 * 0.08 * 0.9, 9);
  });

  it('upright, a slice stands on its edge, a roll on its end, a box on its side', () => {
    const slice = lyingPieces(cutById('beef_shank_cross'), piece({ upright: true }));
    expect(slice).toMatchObject({ profile: 'roll', heightM: 0.08 });
    expect(slice.footprintM2).toBeCloseTo(0.12 * 0.05 * 0.9, 9);
    const roll = lyingPieces(cutById('lamb_shank'), piece({ upright: true }));
    expect(roll).toMatchObject({ profile: 'prism', heightM: 0.12 });
    expect(roll.footprintM2).toBeCloseTo((Math.PI / 4) * 0.08 * 0.05, 9);
    const box = lyingPieces(cheek, piece({ upright: true, onBone: false }));
    expect(box).toMatchObject({ profile: 'prism', heightM: 0.08 });
    expect(box.footprintM2).toBeCloseTo(0.12 * 0.05 * 0.9, 9);
    const heavy = lyingPieces(cheek, piece({ upright: true, onBone: false, massKg: 4 }));
    expect(heavy.footprintM2).toBeCloseTo(heavy.volumeM3 / 0.08, 9);
  });

  it('are laid out each by its own cut, on a bed where there is one', () => {
    const request = shortRibRequest({ groups: ribsAndShank() });
    const contents = potContents(request);
    expect(contents.arrangements.map((a) => a.pieces.count)).toEqual([6, 2]);
    expect(contents.arrangements[1]?.pieces).toEqual(
      lyingPieces(cutById('beef_shank_cross'), request.groups[1] ?? piece()),
    );
    expect(contents.vegetablesKg).toBeGreaterThan(0.25);
    expect(contents.bedUnder).toBeUndefined();
    expect(potContents({ ...request, bedUnder: true }).bedUnder).toBe(true);
    expect(potContents({ ...request, bedUnder: false }).bedUnder).toBeUndefined();
  });

  it('shield one another the more of their room they fill, thin or thick; one piece and cubes do not', () => {
    const request = (group: Partial<MeatGroup>, potM = 0.26, id = 'beef_cheek'): BraiseRequest =>
      shortRibRequest({
        cut: cutById(id),
        groups: [piece({ onBone: false, ...group })],
        pot: { ...roundPot(potM, 0.16), massKg: 5, material: 'castIron' },
      });
    const stretch = (...of: Parameters<typeof request>): number => bodyOf(request(...of)).stretch;
    const { arrangements } = potContents(request({ massKg: 3 }));
    const [{ pieces } = { pieces: undefined }] = arrangements;
    if (!pieces) throw new Error('no pieces');
    const room =
      (Math.PI / 4) *
      0.26 ** 2 *
      Math.max(assemble(request({ massKg: 3 }), 300, FAST_STEPS, []).levelM, pieces.heightM);
    const t = Math.min(1, (pieces.count * pieces.volumeM3) / room - 0.3) / 0.45;
    expect(t).toBeGreaterThan(0.1);
    expect(t).toBeLessThan(0.9);
    expect(stretch({ massKg: 3 })).toBeCloseTo(1 + 0.5 * 0.3 * t * t * (3 - 2 * t), 9);
    expect(stretch({}, 0.5)).toBe(1);
    expect(stretch({ massKg: 4 }, 0.2)).toBeCloseTo(1.15, 9);
    expect(stretch({ pieces: 1, massKg: 0.3 }, 0.12)).toBe(1);
    expect(stretch({}, 0.2, 'beef_chuck_cubes')).toBe(1);
  });
});

describe('what goes into the pot', () => {
  it('is weighed and warm as it was said, and as far under the liquid as it lies or was said to', () => {
    const request = shortRibRequest({ groups: ribsAndShank() });
    const setup = setupOf(request);
    expect(setup.bodies.map((b) => b.startTempC)).toEqual([25, 8]);
    expect(setup.bodies.map((b) => b.submergedFraction)).toEqual([0.75, 0.5]);
    expect(setup.bodies[1]?.maxJuiceFraction).toBeCloseTo(0.36 / 0.98, 9);
    expect(setup.bodies[1]?.edibleKg).toBeCloseTo(0.8 * 0.72, 9);
    expect(setup.liquidKg).toBeCloseTo(1.25 * WATER_KG_PER_L, 9);
    expect(setup.liquidTempC).toBe(96);
    expect(setup.vesselHeatJK).toBeCloseTo(5 * POT_MATTER.castIron.heatJKgK, 6);
    expect(setup.surfaceM2).toBeCloseTo((Math.PI / 4) * 0.26 ** 2, 6);
    const laid = [piece({ pieces: 1, thicknessM: 0.1 }), piece({ pieces: 1, thicknessM: 0.02, massKg: 0.2 })];
    const [thick = 0, thin = 0] = setupOf({ ...request, groups: laid }).bodies.map((b) => b.submergedFraction);
    expect(thick).toBeGreaterThan(0.2);
    expect(thick).toBeLessThan(0.95);
    expect(thin).toBe(1);
  });

  it('differs from it by what the kitchen does not know', () => {
    const assembly = assemble(shortRibRequest(), 300, FAST_STEPS, []);
    const usual = assembly.setup(NOMINAL_PARAMETERS);
    const off = assembly.setup({
      ...NOMINAL_PARAMETERS,
      thickness: 1.1,
      liquidFilm: 0.5,
      liquidStartOffsetK: -3,
      meatStartOffsetK: 2,
    });
    expect(off.bodies[0]?.startTempC).toBe(27);
    expect(off.liquidTempC).toBe(93);
    expect(off.bodies[0]?.stretch).toBeCloseTo(1.1 * (usual.bodies[0]?.stretch ?? 0), 9);
    expect(off.liquidFilm).toEqual(usual.liquidFilm.map((f) => f * 0.5));
  });

  it('stirs by itself, less in a thick sauce, always the same in a bath', () => {
    expect(setupOf(shortRibRequest()).liquidFilm).toEqual(CLEAR_LIQUID_FILM);
    expect(setupOf(shortRibRequest({ thickLiquid: true })).liquidFilm).toEqual(CLEAR_LIQUID_FILM.map((f) => f / 2));
    const bath = shortRibRequest({ heats: [{ atMin: 0, heat: { kind: 'bath', tempC: 75 } }] });
    expect(setupOf(bath).liquidFilm).toEqual(BATH_FILM);
  });

  it('never stands over the rim', () => {
    expect(assemble(shortRibRequest({ liquidL: 30 }), 300, FAST_STEPS, []).levelM).toBe(0.16);
    expect(assemble(shortRibRequest(), 300, FAST_STEPS, []).levelM).toBeLessThan(0.1);
  });

  it('is poured in at its moment, what goes in at once as one', () => {
    const { topUps } = setupOf(
      shortRibRequest({
        topUps: [
          { atMin: 60, litres: 0.1, tempC: 20 },
          { atMin: 60, litres: 0.3, tempC: 100 },
          { atMin: 90, litres: 0.2, tempC: 90 },
          { atMin: 95, litres: 0, tempC: 40 },
        ],
      }),
    );
    expect(topUps.map((t) => t.atS)).toEqual([3600, 5400, 5700]);
    expect(topUps[0]?.massKg).toBeCloseTo(0.4 * WATER_KG_PER_L, 9);
    expect(topUps[0]?.tempC).toBeCloseTo(80, 9);
    expect(topUps[1]).toEqual({ atS: 5400, massKg: 0.2 * WATER_KG_PER_L, tempC: 90 });
    expect(topUps[2]).toEqual({ atS: 5700, massKg: 0, tempC: 40 });
  });

  it('is set to readings, each for what was read, and comes from what was done before', () => {
    const setup = setupOf(
      shortRibRequest({
        corrections: [
          { atMin: 30, litres: 0.5 },
          { atMin: 40, tempC: 70 },
        ],
        preCook: [{ minutes: 90, tempC: 110, filmWM2K: 12 }],
      }),
    );
    expect(setup.readings).toEqual([
      { atS: 1800, liquidKg: 0.5 * WATER_KG_PER_L },
      { atS: 2400, liquidC: 70 },
    ]);
    expect(setup.history).toEqual([{ seconds: 5400, tempC: 110, filmWM2K: 12 }]);
    expect(setupOf(shortRibRequest()).readings).toEqual([]);
  });
});

describe('heats one after another', () => {
  const then = (part: Partial<HeatThen> & Pick<HeatThen, 'after'>): HeatThen => ({ heat: oven(110), ...part });

  it('end by the clock where another comes, and the last never', () => {
    const heats: TimedHeat[] = [
      { atMin: 0, heat: oven(160) },
      { atMin: 50, heat: oven(120) },
    ];
    const { stages } = setupOf(shortRibRequest({ heats }));
    expect(stages.map((s) => s.until)).toEqual([{ kind: 'clock', atS: 3000 }, undefined]);
  });

  it('end by themselves at a heat of the liquid, a level, so long, or a stage in this animal', () => {
    const ends = (after: HeatThen['after'], demand?: number) =>
      setupOf(
        shortRibRequest({ groups: ribsAndShank(), heats: [{ atMin: 0, heat: oven(160), then: then({ after }) }] }),
        demand,
      ).stages.map((s) => s.until);
    expect(ends({ kind: 'liquid', tempC: 90 })).toEqual([{ kind: 'liquid', tempC: 90 }, undefined]);
    expect(ends({ kind: 'minutes', minutes: 20 })).toEqual([{ kind: 'elapsed', seconds: 1200 }, undefined]);
    expect(ends({ kind: 'level', litres: 0.5 })).toEqual([
      { kind: 'level', liquidKg: 0.5 * WATER_KG_PER_L },
      undefined,
    ]);
    const ribs = cutById('beef_short_rib_english').cookValue.gives;
    const shank = cutById('beef_shank_cross').cookValue.gives;
    expect(ends({ kind: 'stage', stage: 'gives' })).toEqual([{ kind: 'cookValue', minutes: [ribs, shank] }, undefined]);
    expect(ends({ kind: 'stage', stage: 'gives' }, 1.2)).toEqual([
      { kind: 'cookValue', minutes: [ribs * 1.2, shank * 1.2] },
      undefined,
    ]);
  });

  it('give way in a row, each to the next, and the clock ends the last of a row', () => {
    const second = then({ after: { kind: 'minutes', minutes: 20 }, heat: oven(150) });
    const first = then({ after: { kind: 'minutes', minutes: 10 }, then: second });
    const { stages } = setupOf(
      shortRibRequest({
        heats: [
          { atMin: 0, heat: oven(170), then: first },
          { atMin: 90, heat: oven(100) },
        ],
      }),
    );
    expect(stages.map((s) => s.until)).toEqual([
      { kind: 'elapsed', seconds: 600 },
      { kind: 'elapsed', seconds: 1200 },
      { kind: 'clock', atS: 5400 },
      undefined,
    ]);
    expect(stages.map((s) => s.phases[0]?.ambientC)).toEqual([170, 110, 150, 100]);
  });

  it('bring the lid they name, until one is changed by hand later; a row keeps the lid it got', () => {
    const leakOf = (lid: 'heavy' | 'none' | 'foil'): number =>
      setupOf(shortRibRequest({ lids: [{ atMin: 0, lid }] })).stages[0]?.phases[0]?.lidLeak ?? -1;
    const last = then({ after: { kind: 'minutes', minutes: 5 } });
    const row = then({ after: { kind: 'minutes', minutes: 30 }, lid: 'none', then: last });
    const request = shortRibRequest({
      heats: [{ atMin: 0, heat: oven(160), then: row }],
      lids: [
        { atMin: 0, lid: 'heavy' },
        { atMin: 80, lid: 'foil' },
      ],
    });
    const leaks = setupOf(request).stages.map((s) => s.phases.map((p) => p.lidLeak));
    const [heavy, open, foil] = [leakOf('heavy'), leakOf('none'), leakOf('foil')];
    expect(leaks).toEqual([
      [heavy, foil],
      [open, foil],
      [open, foil],
    ]);
  });

  it('stand still only where there is one, and a lid from the start', () => {
    const wrong = 'A braise needs a heat and a lid from minute 0.';
    expect(() => assemble(shortRibRequest({ heats: [] }), 300, FAST_STEPS, [])).toThrow(wrong);
    expect(() => assemble(shortRibRequest({ lids: [] }), 300, FAST_STEPS, [])).toThrow(wrong);
  });
});

describe('lid and turning', () => {
  it('are in force from their minute on, both', () => {
    const { stages } = setupOf(
      shortRibRequest({
        lids: [
          { atMin: 0, lid: 'heavy' },
          { atMin: 100, lid: 'none' },
        ],
        turnsAtMin: [60, 120],
      }),
    );
    const phases = stages[0]?.phases ?? [];
    expect(phases.map((p) => p.exposureScale)).toEqual([1, 0.5, 0.5, 0.5]);
    expect(phases.map((p) => p.surface !== undefined)).toEqual([false, false, true, true]);
    expect(phases.map((p) => p.lidLeak > 0)).toEqual([true, true, false, false]);
  });

  it('leaves it open whether the lid sits until somebody has said so', () => {
    const leaks = (recorded: boolean): number[] => {
      const request = shortRibRequest({
        lids: [
          { atMin: 0, lid: 'heavy' },
          { atMin: 45, lid: 'heavy', ...(recorded && { recorded }) },
        ],
      });
      const setup = assemble(request, 300, FAST_STEPS, []).setup({ ...NOMINAL_PARAMETERS, lidAjar: true });
      return (setup.stages[0]?.phases ?? []).map((p) => p.lidLeak);
    };
    const [before = 0, after = 1] = leaks(true);
    expect(before).toBeGreaterThan(5 * after);
    expect(leaks(false)).toEqual([before, before]);
  });
});

describe('the grid of a braise', () => {
  const gridOf = (request: BraiseRequest, marksMin: readonly number[] = []) =>
    assemble(request, 300, FAST_STEPS, marksMin).grid;
  const ends = (request: BraiseRequest, marksMin: readonly number[] = []): readonly number[] => [
    ...gridOf(request, marksMin).endS,
  ];

  it('meets all that happens and all that is asked', () => {
    const request = shortRibRequest({
      heats: [
        { atMin: 0, heat: oven(150) },
        { atMin: 71.3, heat: oven(120) },
      ],
      lids: [
        { atMin: 0, lid: 'heavy' },
        { atMin: 83.7, lid: 'none' },
      ],
      turnsAtMin: [52.9],
      topUps: [{ atMin: 97.1, litres: 0.2, tempC: 90 }],
      corrections: [{ atMin: 111.9, litres: 0.6 }],
      openings: [{ atMin: 33.3, seconds: 40 }],
    });
    const met = ends(request, [141.7]);
    for (const min of [71.3, 83.7, 52.9, 97.1, 111.9, 33.3, 141.7, 300]) {
      expect(Math.min(...met.map((s) => Math.abs(s - min * 60)))).toBeLessThan(1e-6);
    }
    expect(Math.min(...met.map((s) => Math.abs(s - 33.3 * 60 - 40)))).toBeLessThan(1e-6);
    // Short steps again after a heat change and after a reading.
    const stepAfter = (min: number): number => {
      const i = met.findIndex((s) => s > min * 60 + 1e-6);
      return (met[i] ?? 0) - (met[i - 1] ?? 0);
    };
    expect(stepAfter(71.3)).toBeCloseTo(60, 6);
    expect(stepAfter(111.9 + 1 / 60)).toBeCloseTo(60, 6);
    // A second after something is added, or the pot is set to a reading, the trace shows it.
    expect(stepAfter(111.9)).toBeCloseTo(1, 6);
    expect(stepAfter(97.1)).toBeCloseTo(1, 6);
    expect(stepAfter(141.7)).toBeGreaterThan(60);
  });

  it('cools the oven while it is open, by the heat that is on or may have come, and not when nothing is opened', () => {
    const lowest = (heats: readonly TimedHeat[], seconds = 60): number =>
      Math.max(...gridOf(shortRibRequest({ heats, openings: [{ atMin: 60, seconds }] })).airDropK);
    const off: HeatThen = { after: { kind: 'minutes', minutes: 10 }, heat: oven(150, true) };
    const [still, fan] = [lowest([{ atMin: 0, heat: oven(150) }]), lowest([{ atMin: 0, heat: oven(150, true) }])];
    const hob: TimedHeat['heat'] = { kind: 'simmer', tempC: 96 };
    expect(still).toBeGreaterThan(10);
    expect(fan).not.toBe(still);
    expect(lowest([{ atMin: 0, heat: hob }])).toBe(0);
    expect(lowest([{ atMin: 0, heat: hob, then: off }])).toBe(fan);
    expect(
      lowest([
        { atMin: 0, heat: oven(150) },
        { atMin: 30, heat: hob },
      ]),
    ).toBe(0);
    expect(
      lowest([
        { atMin: 0, heat: hob },
        { atMin: 60, heat: oven(150) },
      ]),
    ).toBe(still);
    expect(lowest([{ atMin: 0, heat: oven(150) }], 0)).toBe(0);
    const open = gridOf(shortRibRequest({ openings: [{ atMin: 60, seconds: 60 }] }));
    expect(open.lidOff.reduce((sum, x, i) => sum + x * (open.stepS[i] ?? 0), 0)).toBeCloseTo(60, 6);
  });

  it('begins cold where the oven was lit with the pot in it, and only then', () => {
    const dropAt = (request: BraiseRequest): number => gridOf(request).airDropK[0] ?? -1;
    const cold = dropAt(shortRibRequest({ coldOven: true }));
    // The mean over the first minute of a gap from 150 °C to the room that closes exponentially.
    expect(cold).toBeGreaterThan(110 * Math.exp(-60 / COLD_OVEN_TAU_S));
    expect(cold).toBeLessThan(140);
    expect(dropAt(shortRibRequest())).toBe(0);
    const simmer: TimedHeat = { atMin: 0, heat: { kind: 'simmer', tempC: 96 } };
    expect(dropAt(shortRibRequest({ coldOven: true, heats: [simmer] }))).toBe(0);
  });
});
