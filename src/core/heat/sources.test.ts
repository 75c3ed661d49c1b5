import { describe, expect, it } from 'vitest';
import { dryingLaw, lookUp } from './drying';
import { AS_EXPECTED, type Heat, type KitchenFactors, potPhase } from './sources';
import { saturationPressurePa, SEA_LEVEL_PA } from './water';
import { type LidKind, type PotMaterial } from '../larder';

const surfaces = { base: 0.053, wetSide: 0.045, drySide: 0.04 };

function phase(
  heat: Heat,
  options: {
    lid?: LidKind;
    turned?: boolean;
    material?: PotMaterial;
    wall?: number;
    factors?: Partial<KitchenFactors>;
  } = {},
) {
  return potPhase(
    heat,
    options.lid ?? 'heavy',
    options.turned ?? false,
    { surfaces, material: options.material ?? 'castIron', wallAboveLiquidM: options.wall ?? 0.04 },
    { ...AS_EXPECTED, ...options.factors },
  );
}

const oven: Heat = { kind: 'oven', tempC: 150, fan: false };

describe('heat on a pot', () => {
  it('goes into a lidded pot through wet and dry walls, worked by hand', () => {
    const wet = 11 * (0.053 + 0.045);
    const dry = (0.053 + 0.04) / (1 / 11 + 1 / 8);
    expect(phase(oven).conductanceWK).toBeCloseTo(wet + dry, 9);
    expect(phase(oven, { lid: 'none' }).conductanceWK).toBeCloseTo(11 * (0.053 + 0.045 + 0.053), 9);
  });

  it('is more with a fan and less into shiny steel', () => {
    const dry = (0.053 + 0.04) / (1 / 20 + 1 / 8);
    expect(phase({ ...oven, fan: true }).conductanceWK).toBeCloseTo(20 * (0.053 + 0.045) + dry, 9);
    expect(phase(oven, { material: 'steel' }).conductanceWK).toBeLessThan(phase(oven).conductanceWK);
  });

  it('follows what this kitchen’s oven, lid and flame really do', () => {
    expect(phase(oven, { factors: { ovenOffsetK: -8 } }).ambientC).toBe(142);
    expect(phase({ kind: 'grill', tempC: 150 }, { factors: { ovenOffsetK: 8 } }).ambientC).toBe(165);
    expect(phase(oven, { factors: { lidLeak: 2 } }).lidLeak).toBeCloseTo(0.04, 9);
    expect(phase(oven, { lid: 'ajar', factors: { lidLeak: 100 } }).lidLeak).toBe(1);
    expect(phase({ kind: 'simmer', tempC: 96 }, { factors: { holdOffsetK: 1 } })).toMatchObject({
      mode: 'held',
      holdC: 97,
    });
  });

  it('lets nothing dry in a steam oven or a bath', () => {
    expect(phase({ kind: 'steamOven', tempC: 100 }, { lid: 'none' }).lidLeak).toBe(0);
    expect(phase({ kind: 'bath', tempC: 70 }).lidLeak).toBe(0);
  });

  it('shelters an open surface between steep walls', () => {
    expect(phase(oven, { lid: 'none', wall: 0.08 }).lidLeak).toBe(0.6);
    expect(phase(oven, { lid: 'none', wall: 0.02 }).lidLeak).toBe(1);
  });

  it('halves what stands out once the pieces are turned', () => {
    expect(phase(oven).exposureScale).toBe(1);
    expect(phase(oven, { turned: true }).exposureScale).toBe(0.5);
  });

  it('puts a burner’s power in and loses to the room; off, it only loses', () => {
    expect(phase({ kind: 'power', powerW: 700 })).toMatchObject({ mode: 'driven', powerW: 700, ambientC: 22 });
    expect(phase({ kind: 'off' })).toMatchObject({ mode: 'driven', powerW: 0, ambientC: 22 });
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

  it('takes moisture up from humid air when the surface is cold', () => {
    expect(lookUp(dryingLaw(SEA_LEVEL_PA, 6000).drive, 5)).toBeLessThan(0);
  });
});
