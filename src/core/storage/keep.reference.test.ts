import { describe, expect, it } from 'vitest';
import { warmFridge } from './fridge';
import { freezeMin, layerTimes, microwaveMin } from './layer';
import { traceAt, keptCourse, type KeptPhase, reaches } from './potTrace';
import { type KeptPot, potLoss, type Ambient } from './potLoss';
import { type PotMaterial } from '../larder';
import { roundPot } from '../material';
import { close, FINISH_CASES, type FinishCase } from '../../testing/finishCases';

type Numbers = Readonly<Record<string, number>>;
interface PotIn {
  readonly D: number;
  readonly H: number;
  readonly mass: number;
  readonly material: string;
}
interface MeatIn {
  readonly mass_kg: number;
  readonly beta: number;
  readonly L_m: number;
  readonly k: number;
  readonly rhoc: number;
  readonly T0_C: number;
}
interface PhaseIn {
  readonly t: number;
  readonly env: 'room' | 'fridge' | 'oven' | 'ice' | 'flame';
  readonly lid?: boolean;
  readonly wrap?: number;
  readonly To?: number | string;
  readonly P?: number;
  readonly Tcap?: number;
  readonly h_in?: number;
}

const of = (kind: RegExp): readonly (readonly [string, FinishCase])[] =>
  FINISH_CASES.filter((c) => kind.test(c.id)).map((c) => [c.id, c] as const);

const MATERIALS: Readonly<Record<string, PotMaterial>> = { iron: 'castIron', steel: 'steel' };
const potOf = (p: PotIn): KeptPot => ({
  ...roundPot(p.D, p.H),
  massKg: p.mass,
  material: MATERIALS[p.material] ?? 'steel',
});

function whereOf(p: PhaseIn): Ambient {
  const lid = p.lid ?? true;
  switch (p.env) {
    case 'room':
      return { kind: 'room', lid, ...(p.wrap !== undefined && { wrap: p.wrap }) };
    case 'flame':
      return { kind: 'room', lid, powerW: p.P ?? 0 };
    case 'fridge':
      return { kind: 'fridge', airC: 4, lid };
    case 'oven':
      return { kind: 'oven', airC: typeof p.To === 'number' ? p.To : 150 };
    case 'ice':
      return { kind: 'bath', waterC: 0, stirred: (p.h_in ?? 0) >= 300, lid };
  }
}

const phaseOf = (p: PhaseIn): KeptPhase => ({
  fromMin: p.t / 60,
  where: whereOf(p),
  ...(typeof p.To === 'string' && { fallsMin: 45 }),
  ...(p.Tcap !== undefined && { capC: p.Tcap }),
});

function courseOf(c: FinishCase) {
  const i = c.inputs as {
    pot: PotIn;
    liquid_kg: number;
    T0_C: number;
    meat: MeatIn | null;
    phases: readonly PhaseIn[];
  };
  const gravy = i.phases.some((p) => p.h_in === 45);
  return keptCourse({
    pot: potOf(i.pot),
    liquidKg: i.liquid_kg,
    startC: i.T0_C,
    groups: i.meat
      ? [
          {
            pieces: {
              shape: { beta: i.meat.beta, lengthM: i.meat.L_m },
              volumeM3: i.meat.mass_kg / 1070,
              conductivityWMK: i.meat.k,
              volumetricHeatJM3K: i.meat.rhoc,
              coreBoneFraction: 0,
            },
            startC: i.meat.T0_C,
          },
        ]
      : [],
    phases: i.phases.map(phaseOf),
    minutes: 15 * 60,
    ...(gravy && { film: 'gravy' as const }),
  });
}

describe('against the reference of the model', () => {
  it.each(of(/hold_loss/))('%s', (_, c) => {
    const i = c.inputs as Numbers & { pot: PotIn };
    const at = (lid: boolean) => potLoss(potOf(i.pot), i.contents_l ?? 0, { kind: 'room', lid }, i.T_C ?? 0);
    close(c, {
      lidded_W: at(true).dryW,
      lidded_steam_g_h: at(true).steamKgS * 3.6e6,
      open_dry_W: at(false).dryW,
      open_steam_g_h: at(false).steamKgS * 3.6e6,
    });
  });

  it.each(of(/hold_(iron|steel|oven|flame)|cool_(4l|ribs|roast)|reheat_(ribs|slices)/))('%s', (_, c) => {
    const course = courseOf(c);
    const found: Record<string, number> = {};
    for (const [name, wanted] of Object.entries(c.outputs)) {
      if (wanted === null) continue;
      const [kind, at = ''] = name.split('_');
      const temp = Number(at);
      const hour = Number(at.replace('h', ''));
      if (kind === 'liquid') found[name] = reaches(course, 'liquidC', temp, 'down');
      else if (kind === 'hot') found[name] = reaches(course, 'hottestC', temp, 'down');
      else if (kind === 'stage') {
        found[name] =
          reaches(course, 'hottestC', Number(name.split('_')[2]), 'down') - reaches(course, 'hottestC', 57, 'down');
      } else if (kind === 'sauce') found[name] = reaches(course, 'liquidC', temp, 'up');
      else if (kind === 'core') found[name] = reaches(course, 'coldestC', temp, 'up');
      else if (kind === 'T') found[name] = traceAt(course, course.liquidC, hour * 60);
      else if (kind === 'C25') found[name] = traceAt(course, course.gained[0] as Float64Array, hour * 60);
    }
    expect(Object.keys(found).length).toBeGreaterThan(0);
    close(c, found);
  });

  it.each(of(/cool_layer/))('%s', (_, c) => {
    const i = c.inputs as Numbers & { mixed?: boolean };
    const [at57 = 0, at21 = 0, at5 = 0] = layerTimes(
      {
        depthM: i.depth ?? 0,
        startC: i.T0 ?? 0,
        airC: i.Tf ?? 0,
        topFilm: i.h_top ?? 0,
        bottomFilm: i.h_bot ?? 0,
        mixed: i.mixed === true,
      },
      [57, 21, 5],
    );
    close(c, { hot_57_min: at57, hot_21_min: at21, hot_5_min: at5 });
  });

  it.each(of(/fridge_warms/))('%s', (_, c) => {
    const i = c.inputs as Numbers & { pot: PotIn };
    const out = warmFridge(
      potOf(i.pot),
      i.liquid_kg ?? 0,
      i.meat_J_K ?? 0,
      (i.liquid_kg ?? 0) / 0.97 + 1.5,
      i.T0_C ?? 0,
    );
    close(c, {
      air_start_C: out.airStartC,
      air_peak_C: out.airPeakC,
      food_peak_C: out.foodPeakC,
      food_over_5_min: out.foodOver5Min,
      pot_21_min: out.pot21Min,
      pot_5_min: out.pot5Min,
    });
  });

  it.each(of(/freeze/))('%s', (_, c) => {
    const i = c.inputs as Numbers;
    const min = freezeMin(i.thickness_m ?? 0, i.T0_C ?? 0, i.T_air_C ?? 0, i.h ?? 0, i.centre_to_C);
    close(c, { pham_min: min, centre_min: min });
  });

  it.each(of(/microwave/))('%s', (_, c) => {
    const i = c.inputs as Numbers;
    close(c, { minutes_min: microwaveMin(i.kg ?? 0, i.rated_W ?? 0, i.T0 ?? 0, i.T1 ?? 0) });
  });
});
