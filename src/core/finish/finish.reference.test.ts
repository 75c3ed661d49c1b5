import { describe, expect, it } from 'vitest';
import { fatLeftMl, fatRisen } from './fat';
import { type Dip, leftToBoil } from './left';
import { alcoholAfter, reduce } from './reduce';
import { saltDiffusion, saltAtEquilibrium } from '../season';
import {
  gramsFor,
  thicknessOf,
  TARGET_THICKNESS,
  secondHalf,
  spoonFilmMl,
  starchFor,
  starchLeft,
  STRENGTH,
  type Thickener,
  viscosityMPaS,
} from './thicken';
import { dilutionL, sauceAfterStep } from './yields';
import { type SkimMethod, THICKNESS_LEVELS, type SolidsMethod } from '../choices';
import { type PotMaterial } from '../larder';
import { roundPot } from '../material';
import { close, FINISH_CASES, type FinishCase } from '../../testing/finishCases';

type Numbers = Readonly<Record<string, number>>;

const of = (kind: RegExp): readonly (readonly [string, FinishCase])[] =>
  FINISH_CASES.filter((c) => kind.test(c.id)).map((c) => [c.id, c] as const);

const MATERIALS: Readonly<Record<string, PotMaterial>> = { iron: 'castIron', steel: 'steel' };
const THICKENER: Readonly<Record<string, Thickener>> = {
  corn: 'corn',
  flour_white: 'flourWhite',
  flour_brown: 'flourBrown',
  kneaded: 'kneaded',
  vegetables_fine: 'vegetablesFine',
};

describe('against the reference of the model', () => {
  it.each(of(/fat_rise/))('%s', (_, c) => {
    const i = c.inputs as Numbers;
    const risen = fatRisen({
      seconds: i.t_s ?? 0,
      depthM: i.depth_m ?? 0,
      viscosityPaS: i.viscosity_Pa_s ?? 0,
      drops: { medianM: i.d50_m ?? 0, logSd: i.ln_sd ?? 0 },
    });
    close(c, { share_risen: risen });
  });

  it.each(of(/fat_lift/))('%s', (_, c) => {
    const i = c.inputs as Numbers & { way: SkimMethod };
    const left = fatLeftMl(i.fat_ml ?? 0, i.share_risen ?? 0, i.area_m2 ?? 0, i.way);
    close(c, { left_ml: left, lifted_ml: (i.fat_ml ?? 0) - left });
  });

  it.each(of(/reduce_(?!one_dip)/))('%s', (_, c) => {
    const i = c.inputs as Numbers & {
      pan: { D: number; H: number; mass: number; material: string };
      target: { volume_l: number | null; viscosity: number | null; salt_g_and_percent: [number, number] | null };
      stirred: boolean;
      fat_film: boolean;
    };
    const { target } = i;
    const out = reduce({
      pan: { ...roundPot(i.pan.D, i.pan.H), massKg: i.pan.mass, material: MATERIALS[i.pan.material] ?? 'steel' },
      litres: i.volume_l ?? 0,
      solidsKg: i.solids_kg ?? 0,
      startC: i.T0_C ?? 0,
      powerW: i.net_W ?? 0,
      starchG: i.starch_equiv_g ?? 0,
      gelatinG: i.gelatin_g ?? 0,
      stirred: i.stirred,
      fatFilm: i.fat_film,
      altitudeM: i.altitude_m ?? 0,
      target: {
        ...(target.volume_l !== null && { litres: target.volume_l }),
        ...(target.viscosity !== null && { viscosity: target.viscosity }),
        ...(target.salt_g_and_percent && {
          salt: { grams: target.salt_g_and_percent[0], most: target.salt_g_and_percent[1] / 100 },
        }),
      },
    });
    close(c, {
      minutes_min: out.minutes,
      end_volume_l: out.litres,
      end_T_C: out.tempC,
      end_viscosity_mPas: out.viscosity,
      depth_mm: out.depthMm,
      half_way_min: out.halfWayMin,
      ethanol_left_max: alcoholAfter(1, out.litres / (i.volume_l ?? 1)),
    });
  });

  it.each(of(/reduce_one_dip/))('%s', (_, c) => {
    const i = c.inputs as Numbers;
    const left = (dips: readonly Dip[], nowMin: number) =>
      leftToBoil({
        startL: i.V0_l ?? 0,
        powerW: i.net_W ?? 0,
        lossW: i.loss_W ?? 0,
        targetL: i.target_l ?? 0,
        nowMin,
        dips,
        dipSpreadL: i.sd_dip_l ?? 0,
      });
    const [before, after] = [
      left([], 0),
      left([{ atMin: i.t_dip_min ?? 0, litres: i.V_dip_l ?? 0 }], i.t_dip_min ?? 0),
    ];
    close(c, {
      p10_before_min: before.p10,
      p50_before_min: before.p50,
      p90_before_min: before.p90,
      p10_after_min: after.p10,
      p50_after_min: after.p50,
      p90_after_min: after.p90,
    });
  });

  it.each(of(/rescue_greasy/))('%s', (_, c) => {
    const i = c.inputs as Numbers;
    const [fat, area] = [i.fat_ml ?? 0, i.area_m2 ?? 1];
    close(c, {
      layer_mm: fat / 1000 / area,
      fat_g_l: (fat * 0.9) / (i.sauce_l ?? 1),
      after_tilt_ml: fatLeftMl(fat, 1, area, 'tilt'),
      after_paper_ml: fatLeftMl(fat, 1, area, 'paper'),
    });
  });

  it.each(of(/thick_eta/))('%s', (_, c) => {
    const i = c.inputs as Numbers;
    const viscosity = viscosityMPaS(i.starch_equiv_g_l ?? 0, i.gelatin_g_l ?? 0, i.T_C);
    close(c, { viscosity_mPas: viscosity, spoon_film_ml_5s: spoonFilmMl(viscosity) });
  });

  it.each(of(/thick_dose/))('%s', (_, c) => {
    const i = c.inputs as Numbers & { thickener: string };
    const by = THICKENER[i.thickener] ?? 'corn';
    close(c, { grams: (starchFor(i.target_mPas ?? 0, i.gelatin_g_l ?? 0) * (i.volume_l ?? 0)) / STRENGTH[by] });
  });

  it.each(of(/thick_boil/))('%s', (_, c) => {
    const i = c.inputs as Numbers & { fragile: boolean };
    const after = (i.s_before ?? 0) * starchLeft(i.fragile ? 'potatoStarch' : 'corn', i.pH ?? 7, i.boil_min ?? 0);
    const gelatin = i.gelatin_g_l ?? 0;
    close(c, {
      s_after: after,
      viscosity_after_mPas: viscosityMPaS(after, gelatin),
      ratio: viscosityMPaS(after, gelatin) / viscosityMPaS(i.s_before ?? 0, gelatin),
    });
  });

  it.each(of(/thick_second/))('%s', (_, c) => {
    const i = c.inputs as Numbers;
    const out = secondHalf({
      wantedGPerL: i.s_target ?? 0,
      litres: i.V_l ?? 0,
      firstG: i.d1_g ?? 0,
      beforeGPerL: i.s_before ?? 0,
      read: i.eta_read ?? 0,
      gelatinGPerL: i.gelatin_g_l ?? 0,
      strength: i.w_prior ?? 0,
    });
    close(c, { w: out.worth, s_now: out.nowGPerL, second_g: out.grams });
  });

  it.each(of(/salt_(ribs|cubes|roast|kept|hold)/))('%s', (_, c) => {
    const i = c.inputs as Numbers;
    expect(saltDiffusion(i.T_C ?? 0)).toBeCloseTo(i.D_m2_s ?? 0, 12);
    const [meat, liquid] = [i.meat_water_kg ?? 1, i.liquid_water_kg ?? 1];
    const evened = saltAtEquilibrium({
      surfacePerM: 1 / ((i.L_m ?? 1) / ((i.beta ?? 0) + 1)),
      beta: i.beta ?? 0,
      meatWaterKg: meat,
      liquidWaterKg: liquid,
      tempC: i.T_C ?? 0,
      hours: i.hours ?? 0,
    });
    const all = (i.in_meat_g ?? 0) + (i.in_liquid_g ?? 0);
    const inMeat = (i.in_meat_g ?? 0) + evened * ((all * meat) / (meat + liquid) - (i.in_meat_g ?? 0));
    close(c, { share_to_equal: evened, in_meat_g: inMeat, in_liquid_g: all - inMeat });
  });

  it.each(of(/salt_dilute/))('%s', (_, c) => {
    const i = c.inputs as Numbers;
    const litres = i.V_l ?? 0;
    const add = dilutionL(litres, (i.salt_percent ?? 0) / 100, (i.aim_percent ?? 1) / 100);
    const [s, g] = [i.starch_equiv_g_l ?? 0, i.gelatin_g_l ?? 0];
    const thinner = litres / (litres + add);
    close(c, {
      add_ml: add * 1000,
      viscosity_before: viscosityMPaS(s, g),
      viscosity_after: viscosityMPaS(s * thinner, g * thinner),
      corn_starch_to_restore_g: starchFor(viscosityMPaS(s, g), g * thinner) * (litres + add) - s * litres,
    });
  });

  it.each(of(/yield_(strain|press)/))('%s', (_, c) => {
    const i = c.inputs as Numbers & { way: SolidsMethod };
    const sauce = sauceAfterStep(i.liquid_l ?? 0, i.solids_kg ?? 0, i.way);
    close(c, { sauce_l: sauce, lost_l: (i.liquid_l ?? 0) - sauce });
  });
});

describe('thickness', () => {
  it('stands on the rung it was dosed for, whatever does it, and more gelatin needs less', () => {
    for (const rung of THICKNESS_LEVELS) {
      for (const by of ['corn', 'flourWhite', 'kneaded', 'vegetablesFine'] as const) {
        const grams = gramsFor(rung, 0.7, 12, by);
        expect(thicknessOf(viscosityMPaS((grams * STRENGTH[by]) / 0.7, 12))).toBe(rung);
        expect(gramsFor(rung, 0.7, 30, by)).toBeLessThanOrEqual(grams);
      }
      expect(thicknessOf(TARGET_THICKNESS[rung])).toBe(rung);
    }
    expect(gramsFor('runs', 1, 60, 'corn')).toBe(0);
  });
});
