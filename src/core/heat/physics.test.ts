import { describe, expect, it } from 'vitest';
import { loadShells } from './shells';
import { componentProperties, mixtureProperties } from '../composition';
import { equivalentBody, type PieceShape } from './shape';
import { boilingPointC, latentHeatJKg, pressureAtAltitudePa, saturationPressurePa, saturationSlopePaK } from './water';
import { readReference } from '../../testing/reference';

const reference = readReference();

describe('water', () => {
  it.each(reference.c_saturation)('saturates at $T_C °C as Buck has it', (row) => {
    expect(saturationPressurePa(row.T_C)).toBeCloseTo(row.psat_buck_Pa, -Math.log10(row.psat_buck_Pa * 1e-5));
    expect(latentHeatJKg(row.T_C)).toBeCloseTo(row.hfg_J_kg, 0);
  });

  it.each(reference.c_boiling)('boils at $T_boil_C_buck °C at $alt_m m', (row) => {
    const pressure = pressureAtAltitudePa(row.alt_m);
    expect(Math.abs(pressure / row.p_Pa - 1)).toBeLessThan(1e-5);
    expect(boilingPointC(pressure)).toBeCloseTo(row.T_boil_C_buck, 2);
  });

  it('has the slope of its own saturation curve', () => {
    for (const t of [20, 60, 95]) {
      const numeric = (saturationPressurePa(t + 1e-3) - saturationPressurePa(t - 1e-3)) / 2e-3;
      expect(saturationSlopePaK(t, saturationPressurePa(t)) / numeric).toBeCloseTo(1, 5);
    }
  });
});

describe('properties', () => {
  it.each(reference.d_pure)('of pure $component at $T_C °C', (row) => {
    const got = componentProperties(row.component, row.T_C);
    expect(got.conductivityWMK / row.k).toBeCloseTo(1, 5);
    expect(got.densityKgM3 / row.rho).toBeCloseTo(1, 5);
    expect(got.specificHeatJKgK / row.cp).toBeCloseTo(1, 5);
  });

  it.each(reference.d_choi_okos)('of $name at $T_C °C', (row) => {
    const got = mixtureProperties(row.comp, row.T_C);
    expect(got.parallelWMK / row.k_parallel).toBeCloseTo(1, 5);
    expect(got.seriesWMK / row.k_series).toBeCloseTo(1, 5);
    expect(got.conductivityWMK / row.k_krischer_0p4).toBeCloseTo(1, 5);
    expect(got.densityKgM3 / row.rho).toBeCloseTo(1, 5);
    expect(got.specificHeatJKgK / row.cp).toBeCloseTo(1, 5);
  });
});

/** Dimensionless temperature at the centre (or surface cell) at Fourier number `fourier`. */
function thetaAfter(
  beta: number,
  biot: number,
  fourier: number,
  cells: number,
  steps: number,
): { centre: number; surface: number } {
  const pieces = {
    shape: { beta, lengthM: 1 },
    volumeM3: 1 / (beta + 1),
    conductivityWMK: 1,
    volumetricHeatJM3K: 1,
    coreBoneFraction: 0,
  };
  const setup = { pieces, stretch: 1, startTempC: 1, submergedFraction: 1, maxJuiceFraction: 0, edibleKg: 1 };
  const body = loadShells([setup], cells, Float64Array.of(fourier / steps));
  for (let i = 0; i < steps; i++) {
    body.forward(0, 0, 1 / biot);
    body.backward(0, 0, 0);
  }
  const [first, second] = body.temp;
  const last = body.temp[cells - 1] ?? 0;
  const film = last / (1 + biot / (2 * cells));
  return { centre: (first ?? 0) + ((first ?? 0) - (second ?? 0)) / 8, surface: film };
}

describe('conduction against the classical series', () => {
  it.each(reference.a_series.filter((r) => r.Fo >= 0.05))('$shape at Bi $Bi, Fo $Fo', (row) => {
    const got = thetaAfter(row.beta, row.Bi, row.Fo, 100, 2000);
    expect(Math.abs(got.centre - row.theta_centre)).toBeLessThan(1e-3);
    expect(Math.abs(got.surface - row.theta_surface)).toBeLessThan(2e-3);
  });

  it('is first order in the step and second in the grid', () => {
    const exact = reference.a_series.find((r) => r.beta === 2 && r.Bi === 10 && r.Fo === 0.2);
    if (!exact) throw new Error('no such row');
    const inTime = [50, 100, 200].map((steps) =>
      Math.abs(thetaAfter(2, 10, 0.2, 400, steps).centre - exact.theta_centre),
    );
    expect((inTime[0] ?? 0) / (inTime[1] ?? 1)).toBeGreaterThan(1.8);
    expect((inTime[1] ?? 0) / (inTime[2] ?? 1)).toBeGreaterThan(1.7);
    const fine = thetaAfter(2, 10, 0.2, 320, 400).centre;
    const inSpace = [10, 20, 40].map((cells) => Math.abs(thetaAfter(2, 10, 0.2, cells, 400).centre - fine));
    expect((inSpace[0] ?? 0) / (inSpace[1] ?? 1)).toBeGreaterThan(3);
    expect((inSpace[1] ?? 0) / (inSpace[2] ?? 1)).toBeGreaterThan(3);
  });
});

describe('the shape formula', () => {
  const shapeOf = (row: (typeof reference.b_product)[number]): PieceShape => {
    const [a = 0, b = 0, c = 0] = row.dims_m;
    return row.shape === 'box'
      ? { kind: 'box', lengthM: a, widthM: b, thicknessM: c }
      : { kind: 'cylinder', diameterM: a, heightM: b };
  };

  it.each(reference.b_product)('gives exponent and length of a $shape $dims_m', (row) => {
    const body = equivalentBody(shapeOf(row));
    expect(body.beta).toBeCloseTo(row.beta_equiv, 2);
    expect(body.lengthM).toBeCloseTo(row.L_equiv_m, 4);
  });

  it('recovers slab, long cylinder and sphere', () => {
    const slab = equivalentBody({ kind: 'box', lengthM: 100, widthM: 100, thicknessM: 0.1 });
    expect(slab.beta).toBeCloseTo(0, 1);
    expect(slab.lengthM).toBeCloseTo(0.05, 3);
    const rod = equivalentBody({ kind: 'cylinder', diameterM: 0.1, heightM: 100 });
    expect(rod.beta).toBeCloseTo(1, 1);
    expect(rod.lengthM).toBeCloseTo(0.05, 3);
    const ball = equivalentBody({ kind: 'lump', lengthM: 0.1, widthM: 0.1, thicknessM: 0.1 });
    expect(ball.beta).toBeCloseTo(2, 2);
    expect(ball.lengthM).toBeCloseTo(0.05, 3);
  });

  it('puts the centre of a real block within 14 % of the exact product solution in time', () => {
    for (const row of reference.b_product.filter((r) => r.theta_centre > 0.05 && r.theta_centre < 0.2)) {
      const { beta, lengthM } = equivalentBody(shapeOf(row));
      const alpha = row.k / row.rhoc;
      const theta = (t: number): number =>
        thetaAfter(beta, (row.h * lengthM) / row.k, (alpha * t) / lengthM ** 2, 60, 400).centre;
      expect(theta(row.t_s * 1.14)).toBeLessThan(row.theta_centre * 1.02);
      expect(theta(row.t_s * 0.86)).toBeGreaterThan(row.theta_centre * 0.98);
    }
  });
});
