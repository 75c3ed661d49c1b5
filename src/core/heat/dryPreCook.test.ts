import { describe, expect, it } from 'vitest';
import { dryPreCookDurations, type HeatingStage, runDryPreCook } from './dryPreCook';
import { type BodySetup, geometryOf, type Pieces } from './body';
import { dryingLaw, lookUp } from './drying';
import { loadShells } from './shells';
import { latentHeatJKg, SEA_LEVEL_PA } from './water';
import { JUICE_TIME_S, tabulatedCookRate, tabulatedJuiceShare } from '../tenderness';

const piece = (lengthM: number, edibleKg: number, startTempC: number): BodySetup => ({
  pieces: {
    shape: { beta: 0.6, lengthM },
    volumeM3: edibleKg / 1060,
    conductivityWMK: 0.48,
    volumetricHeatJM3K: 3.6e6,
    coreBoneFraction: 0,
  } satisfies Pieces,
  stretch: 1,
  startTempC,
  submergedFraction: 1,
  maxJuiceFraction: 0.4,
  edibleKg,
});

const CELLS = 14;

/** The dry pre-cook by explicit steps of two seconds, with nothing linearised and nothing implicit. */
function plainly(body: BodySetup, stages: readonly HeatingStage[]) {
  const { heatCapacity, coupling, meatShare, surfaceM2, outerResistance, slow } = geometryOf(body.pieces, CELLS);
  const law = dryingLaw(SEA_LEVEL_PA, 2000);
  const temp = new Float64Array(CELLS).fill(body.startTempC);
  const stepS = 2;
  let [vapourKg, juice, cooked, heatJ] = [0, 0, 0, 0];
  for (const { seconds, tempC, filmWM2K } of stages) {
    for (let t = 0; t < seconds; t += stepS) {
      const outer = temp[CELLS - 1] ?? 0;
      const canDry = vapourKg < 0.5 * body.edibleKg;
      const dried = vapourKg / surfaceM2;
      const transfer = canDry ? SEA_LEVEL_PA / (1 / 3.2e-8 + dried / 2e-8) : 0;
      const fluxes = (surfaceC: number): { air: number; steam: number; meat: number } => ({
        air: filmWM2K * (tempC - surfaceC),
        steam: Math.max(0, transfer * lookUp(law.drive, surfaceC) * latentHeatJKg(surfaceC)),
        meat: (surfaceC - outer) / outerResistance,
      });
      let low = 0;
      let high = tempC;
      for (let i = 0; i < 40; i++) {
        const middle = (low + high) / 2;
        const { air, steam, meat } = fluxes(middle);
        if (air - steam > meat) low = middle;
        else high = middle;
      }
      const { steam, meat } = fluxes(low);
      vapourKg += (steam * surfaceM2 * stepS) / latentHeatJKg(low);
      heatJ += meat * surfaceM2 * stepS;
      const flow = Array.from({ length: CELLS }, (_, i) =>
        i === CELLS - 1 ? meat * surfaceM2 : (coupling[i] ?? 0) * ((temp[i + 1] ?? 0) - (temp[i] ?? 0)),
      );
      for (let i = 0; i < CELLS; i++) {
        temp[i] = (temp[i] ?? 0) + (((flow[i] ?? 0) - (flow[i - 1] ?? 0)) * stepS) / (heatCapacity[i] ?? 1);
      }
      const mean = temp.reduce((sum, c, i) => sum + c * (meatShare[i] ?? 0), 0);
      juice += (Math.max(0, tabulatedJuiceShare(mean) * body.maxJuiceFraction - juice) * stepS) / JUICE_TIME_S;
      const rate = (i: number): number => tabulatedCookRate(temp[i] ?? 0);
      cooked += (((1 - slow.weight) * rate(slow.low) + slow.weight * rate(slow.high)) * stepS) / 60;
    }
  }
  return { temp, heatJ, cooked, lost: Math.max(juice, vapourKg / body.edibleKg) };
}

describe('pieces in air before the pot', () => {
  const bodies = [piece(0.022, 0.9, 8), piece(0.035, 1.6, 15)];
  const stages = [
    { seconds: 5400, tempC: 120, filmWM2K: 20 },
    { seconds: 3630, tempC: 90, filmWM2K: 12 },
  ];
  const lengths = Float64Array.from(dryPreCookDurations(stages));
  const shells = loadShells(bodies, CELLS, lengths);
  let heardS = 0;
  const bare = runDryPreCook(
    shells,
    CELLS,
    bodies,
    stages,
    SEA_LEVEL_PA,
    (stepS) => lengths.indexOf(stepS),
    (stepS) => (heardS += stepS),
  );
  const plain = bodies.map((body) => plainly(body, stages));

  it('take up heat, dry, drip and cook as the same law has it solved in two-second steps forwards', () => {
    const heatJ = plain.reduce((sum, p) => sum + p.heatJ, 0);
    expect(bare.heatJ / heatJ).toBeCloseTo(1, 2);
    plain.forEach((p, g) => {
      expect((bare.lost[g] ?? 0) / p.lost).toBeCloseTo(1, 1.5);
      expect(Math.abs((bare.slow[g] ?? 0) / p.cooked - 1)).toBeLessThan(0.03);
      for (let i = 0; i < CELLS; i++) {
        expect(Math.abs((shells.temp[g * CELLS + i] ?? 0) - (p.temp[i] ?? 0))).toBeLessThan(0.3);
      }
    });
  });

  it('hold the heat they took up, to the last joule', () => {
    const before = loadShells(bodies, CELLS, lengths).enthalpyJ();
    const again = runDryPreCook(shells, CELLS, bodies, stages, SEA_LEVEL_PA, (stepS) => lengths.indexOf(stepS));
    expect((shells.enthalpyJ() - before) / again.heatJ).toBeCloseTo(1, 9);
    expect(heardS).toBeCloseTo(9030, 6);
  });

  it('dry off no more than half of the meat', () => {
    const thin = [piece(0.002, 0.2, 20)];
    const long = [{ seconds: 4 * 3600, tempC: 140, filmWM2K: 40 }];
    const own = Float64Array.from(dryPreCookDurations(long));
    const lost = runDryPreCook(loadShells(thin, CELLS, own), CELLS, thin, long, SEA_LEVEL_PA, () => 0).lost[0] ?? 0;
    expect(lost).toBeGreaterThanOrEqual(0.5);
    expect(lost).toBeLessThan(0.53);
  });

  it('lose nothing where nothing is done to them', () => {
    const none = runDryPreCook(
      loadShells(bodies, CELLS, Float64Array.of(60)),
      CELLS,
      bodies,
      [],
      SEA_LEVEL_PA,
      () => 0,
    );
    expect(none).toEqual({ heatJ: 0, lost: new Float64Array(2), slow: new Float64Array(2) });
  });
});
