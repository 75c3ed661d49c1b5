import { describe, expect, it } from 'vitest';
import { dryingLaw, lookUp } from './drying';
import { DRY_W, STEAM_KGS } from './flowTable';
import { rimShelterFactor } from './openSurface';
import { type PotPhase } from './phase';
import {
  AS_EXPECTED,
  coldStartDropK,
  type Heat,
  manualSimmerC,
  type KitchenFactors,
  openingDropK,
  potPhase,
  type PotShell,
} from './sources';
import { boilingPointC, saturationPressurePa, SEA_LEVEL_PA } from './water';
import { type LidKind, POT_MATTER } from '../larder';
import { plainGasWK } from '../../testing/plainBraise';

const SHELL: PotShell = {
  heightM: 0.134,
  spanM: 0.26,
  rimM: Math.PI * 0.26,
  baseM2: 0.053,
  wetSideM2: 0.045,
  drySideM2: 0.04,
  wallAboveLiquidM: 0.049,
  wallThicknessM: 0.0035,
  material: 'castIron',
  pressurePa: SEA_LEVEL_PA,
  innerFilmWM2K: 200,
  liquidTransfer: 1,
};

function phase(
  heat: Heat,
  options: { lid?: LidKind; turned?: boolean; shell?: Partial<PotShell>; factors?: Partial<KitchenFactors> } = {},
): PotPhase {
  return potPhase(
    heat,
    options.lid ?? 'heavy',
    options.turned ?? false,
    { ...SHELL, ...options.shell },
    { ...AS_EXPECTED, ...options.factors },
  );
}

/** Conductance into the pot with liquid at 95 °C, W/K. */
function into(made: PotPhase, liquidC = 95): number {
  return made.gas ? plainGasWK(made.gas, made.ambientC, liquidC) : 0;
}

const oven: Heat = { kind: 'oven', tempC: 150, fan: false };
const fan: Heat = { ...oven, fan: true };

describe('heat on a pot', () => {
  const black = 4 * 5.670374e-8 * (122.5 + 273.15) ** 3;

  it('comes as moving air and as radiation: 17.6 W/m²K on a dark pot, 27.6 with a fan, 8.5 on a bright one', () => {
    expect(5 + 0.9 * black).toBeCloseTo(17.6, 1);
    expect(15 + 0.9 * black).toBeCloseTo(27.6, 1);
    expect(5 + 0.25 * black).toBeCloseTo(8.5, 1);
  });

  it('goes into a lidded pot through wet and dry walls, worked by hand', () => {
    const film = 5 + 0.9 * black;
    const byHand = film * (0.053 + 0.045) + (0.053 + 0.04) / (1 / film + 1 / 8);
    expect(into(phase(oven))).toBeCloseTo(byHand, 9);
    const bright = 5 + 0.1 * black;
    const underFoil = film * (0.053 + 0.045) + 0.04 / (1 / film + 1 / 8) + 0.053 / (1 / bright + 1 / 8);
    expect(into(phase(oven, { lid: 'foil' }))).toBeCloseTo(underFoil, 9);
  });

  it('goes down the wall above an open pot’s liquid as through a fin, less from inside than from outside', () => {
    const film = 5 + 0.9 * black;
    const brimFull = into(phase(oven, { lid: 'none', shell: { wallAboveLiquidM: 0 } }));
    expect(brimFull).toBeCloseTo(film * (0.053 + 0.045), 9);
    const withWall = into(phase(oven, { lid: 'none' })) - brimFull;
    // A thick, well conducting wall passes on what both its sides absorb; a real one a little less.
    const all = (film + 5) * Math.PI * 0.26 * 0.049;
    expect(withWall).toBeGreaterThan(0.6 * all);
    expect(withWall).toBeLessThan(all);
    const clay = into(phase(oven, { lid: 'none', shell: { material: 'ceramic' } })) - brimFull;
    expect(clay).toBeLessThan(withWall / 2);
  });

  it('is more with a fan, less into bright steel, and more the hotter the wall', () => {
    expect(into(phase(fan)) - into(phase(oven))).toBeGreaterThan(10 * 0.098);
    expect(into(phase(oven, { shell: { material: 'steel' } }))).toBeLessThan(0.7 * into(phase(oven)));
    expect(into(phase(oven), 140)).toBeGreaterThan(into(phase(oven), 20));
  });

  it('follows what this kitchen’s oven, lid and flame really do', () => {
    expect(phase(oven, { factors: { ovenOffsetK: -8 } }).ambientC).toBe(142);
    expect(phase({ kind: 'grill', tempC: 150 }, { factors: { ovenOffsetK: 8 } }).ambientC).toBe(165);
    expect(phase(oven, { factors: { lidLeak: 2 } }).lidLeak).toBeCloseTo(0.04, 9);
    expect(phase(oven, { lid: 'ajar', factors: { lidLeak: 100 } }).lidLeak).toBe(1);
    expect(phase({ kind: 'power', powerW: 400 }, { factors: { burner: 0.8 } }).powerW).toBe(320);
    expect(into(phase(oven, { factors: { ovenFilm: 1.3 } }))).toBeGreaterThan(into(phase(oven)) * 1.2);
  });

  it('takes a lid that does not sit for one set ajar, and paper for paper', () => {
    const off = { factors: { lidAjar: true } };
    const told = (made: PotPhase): PotPhase => ({ ...made, surface: undefined });
    expect(phase(oven, off)).toEqual(phase(oven, { lid: 'ajar' }));
    expect(phase(oven, { ...off, lid: 'cartouche' })).toEqual(phase(oven, { lid: 'cartouche' }));
    expect(told(phase(oven, { ...off, lid: 'none' }))).toEqual(told(phase(oven, { lid: 'none' })));
  });

  it('lets a bath dry nothing, and steam only above its dew point', () => {
    expect(phase({ kind: 'bath', tempC: 70 }).lidLeak).toBe(0);
    const steam = phase({ kind: 'steamOven', tempC: 120 });
    expect(steam.condensing?.dewC).toBeCloseTo(98.6, 1);
    expect(lookUp(dryingLaw(SEA_LEVEL_PA, steam.ambientVapourPa).drive, 98)).toBeLessThan(0);
    expect(phase({ kind: 'steamOven', tempC: 85 }).condensing?.dewC).toBeCloseTo(83.7, 1);
    const drier = phase({ kind: 'steamOven', tempC: 120, humidity: 0.5 });
    expect(drier.condensing?.dewC).toBeCloseTo(boilingPointC(SEA_LEVEL_PA / 2), 6);
    expect(phase({ kind: 'steamOven', tempC: 120, humidity: 0 }).condensing).toBeUndefined();
  });

  it('shelters an open surface the more the higher the walls stand, without a step', () => {
    const shelter = (wallM: number): number => rimShelterFactor(wallM, 0.26);
    expect(shelter(0)).toBe(1);
    expect(shelter(0.13)).toBeCloseTo(0.6, 12);
    expect(shelter(0.3)).toBeCloseTo(0.6, 12);
    for (let mm = 0; mm < 130; mm++) expect(shelter(mm / 1000) - shelter((mm + 1) / 1000)).toBeLessThan(0.007);
    const lost = (wallM: number): number =>
      phase(oven, { lid: 'none', shell: { wallAboveLiquidM: wallM } }).surface?.at(STEAM_KGS, 90) ?? Number.NaN;
    expect(lost(0.1)).toBeLessThan(lost(0));
  });

  it('halves what stands out once the pieces are turned', () => {
    expect(phase(oven).exposureScale).toBe(1);
    expect(phase(oven, { turned: true }).exposureScale).toBe(0.5);
  });

  it('puts a burner’s power in and loses to the room; off, it only loses', () => {
    expect(phase({ kind: 'power', powerW: 700 })).toMatchObject({ mode: 'driven', powerW: 700, ambientC: 22 });
    expect(phase({ kind: 'off' })).toMatchObject({ mode: 'driven', powerW: 0, ambientC: 22 });
    const lost = (heat: Heat): number => phase(heat).walls?.at(DRY_W, 95) ?? Number.NaN;
    // A board takes 3 W/m²K through the base; a lit burner nothing.
    expect(lost({ kind: 'off' }) - lost({ kind: 'power', powerW: 700 })).toBeCloseTo(3 * 0.053 * (95 - 22), 6);
    expect(phase(oven).walls).toBeUndefined();
  });

  it('is held by the cook on a simmer, as this kitchen holds it, and in a bath as it is set', () => {
    const off = { factors: { holdOffsetK: -1.5 } };
    const { mode, holdC, ambientC } = phase({ kind: 'simmer', tempC: 96 }, off);
    expect({ mode, ambientC }).toEqual({ mode: 'held', ambientC: 22 });
    expect(holdC).toBeCloseTo(manualSimmerC(96, boilingPointC(SEA_LEVEL_PA)) - 1.5, 9);
    expect(phase({ kind: 'bath', tempC: 70 }, off)).toMatchObject({ mode: 'held', holdC: 70, headspaceDropK: 0 });
    expect(phase({ kind: 'simmer', tempC: 96 }).headspaceDropK).toBeGreaterThan(0);
  });

  it('lets the gas fall behind a door, and nothing else', () => {
    const kinds: readonly Heat[] = [oven, fan, { kind: 'grill', tempC: 200 }, { kind: 'steamOven', tempC: 110 }];
    for (const heat of kinds) expect(phase(heat).behindDoor, heat.kind).toBe(true);
    for (const kind of ['simmer', 'bath'] as const) expect(phase({ kind, tempC: 90 }).behindDoor, kind).toBe(false);
    expect([oven, fan].map(openingDropK)).toEqual([45, 60]);
    expect(openingDropK({ kind: 'simmer', tempC: 96 })).toBe(0);
  });

  it('begins cold where there is air to warm', () => {
    expect(coldStartDropK(oven)).toBe(128);
    expect(coldStartDropK({ kind: 'grill', tempC: 200 })).toBe(178);
    for (const heat of [{ kind: 'steamOven', tempC: 110 }, { kind: 'bath', tempC: 60 }, { kind: 'off' }] as const) {
      expect(coldStartDropK(heat), heat.kind).toBeUndefined();
    }
  });

  it('passes more or less to what stands out, as the kitchen has it', () => {
    expect(phase(oven, { factors: { topFilm: 1.5 } }).topFilmWM2K).toBeCloseTo(1.5 * phase(oven).topFilmWM2K, 12);
  });

  it('condenses on all that steam reaches, through a lid by the steam inside, worked by hand', () => {
    const steam = (lid: LidKind): number | undefined =>
      phase({ kind: 'steamOven', tempC: 120 }, { lid }).condensing?.conductanceWK;
    expect(steam('cartouche')).toBeCloseTo(150 * (0.053 + 0.045 + 0.053), 9);
    expect(steam('none')).toBeCloseTo(150 * (0.053 + 0.045), 9);
    expect(steam('heavy')).toBeCloseTo(150 * (0.053 + 0.045) + (0.053 + 0.04) / (1 / 150 + 1 / 8), 9);
    expect(phase({ kind: 'steamOven', tempC: 120 }, { factors: { ovenOffsetK: 8 } }).ambientC).toBe(128);
  });

  it('leads heat down the wall of an open pot as a fin does, worked by hand', () => {
    const film = (5 + 0.9 * 4 * 5.670374e-8 * ((150 + 95) / 2 + 273.15) ** 3) * 1.3;
    const within = 1.3 * 5 * rimShelterFactor(0.049, 0.26);
    const decay = Math.sqrt((film + within) / (POT_MATTER.castIron.conductivityWMK * 0.0035));
    const fin = ((Math.PI * 0.26 * Math.tanh(decay * 0.049)) / decay) * (1 + within / film);
    const made = phase(oven, { lid: 'none', factors: { ovenFilm: 1.3 } });
    expect(made.gas?.wallM2).toBeCloseTo(0.053 + 0.045 + fin, 12);
  });
});

describe('a simmer held on the stove', () => {
  it('stands two kelvin under the boil where it is held by eye, also on a mountain, and as set by a thermometer', () => {
    expect(manualSimmerC(96, 100)).toBeCloseTo(98, 9);
    expect(manualSimmerC(95, 100)).toBeCloseTo(98, 9);
    expect(manualSimmerC(90, 95)).toBeCloseTo(93, 9);
    expect(manualSimmerC(88, 100)).toBe(88);
    expect(manualSimmerC(99, 100)).toBe(99);
    expect(manualSimmerC(120, 100)).toBe(100);
  });

  it('is never cooler for being set hotter', () => {
    for (let c = 70; c < 100; c += 0.25) {
      expect(manualSimmerC(c + 0.25, 100)).toBeGreaterThanOrEqual(manualSimmerC(c, 100));
    }
  });
});

describe('drying', () => {
  const law = dryingLaw(SEA_LEVEL_PA, 1500);

  it('is Stefan’s law, tabulated', () => {
    for (const t of [20, 55.3, 80, 95]) {
      const exact = Math.log((SEA_LEVEL_PA - 1500) / (SEA_LEVEL_PA - saturationPressurePa(t)));
      expect(lookUp(law.drive, t) / exact).toBeCloseTo(1, 4);
    }
  });

  it('has the slope of itself below boiling and none where it is held', () => {
    const numeric = (lookUp(law.drive, 80.5) - lookUp(law.drive, 79.5)) / 1;
    expect(lookUp(law.slope, 80) / numeric).toBeCloseTo(1, 2);
    expect(lookUp(law.slope, 100)).toBe(0);
    expect(lookUp(law.drive, 200)).toBe(lookUp(law.drive, 110));
  });

  it('is another law in other air and on another mountain, asked for in any order', () => {
    const asked = [
      [SEA_LEVEL_PA, 1500],
      [SEA_LEVEL_PA, 6000],
      [80_000, 6000],
      [80_000, 1500],
      [SEA_LEVEL_PA, 1500],
    ] as const;
    for (const [pressurePa, airPa] of asked) {
      const exact = Math.log((pressurePa - airPa) / (pressurePa - saturationPressurePa(70)));
      expect(lookUp(dryingLaw(pressurePa, airPa).drive, 70)).toBeCloseTo(exact, 9);
      const slope = lookUp(dryingLaw(pressurePa, airPa).slope, 70);
      const numeric = (t: number): number => -Math.log(pressurePa - saturationPressurePa(t));
      expect(slope / ((numeric(70.01) - numeric(69.99)) / 0.02)).toBeCloseTo(1, 4);
    }
    const held = Math.log((SEA_LEVEL_PA - 1500) / (0.03 * SEA_LEVEL_PA));
    expect(lookUp(law.drive, 105)).toBeCloseTo(held, 12);
    expect(lookUp(law.drive, -5)).toBe(lookUp(law.drive, 0));
  });

  it('takes moisture up from humid air when the surface is cold', () => {
    expect(lookUp(dryingLaw(SEA_LEVEL_PA, 6000).drive, 5)).toBeLessThan(0);
  });
});
