import { describe, expect, it } from 'vitest';
import { heatUpMinutes } from './heatUp';
import { burnerNetW } from '../larder';
import { composePlan } from '../plan';
import { stepsOf } from '../steps';
import { OXTAIL_PLAN } from '../../testing/fixtures';

describe('bringing a pot to a simmer', () => {
  const input = { ...OXTAIL_PLAN, altitudeM: 0 };

  it('takes the heat of liquid, vegetables and pot over what the burner gives', () => {
    const vegetablesKg = input.base.items.reduce((sum, i) => (i.when === 'start' ? sum + i.kg : sum), 0);
    const heatJK = 1.2 * 0.96 * 4100 + vegetablesKg * 3800 + input.pot.massKg * 480;
    const byHand = (heatJK * (100 - 4 - 20)) / burnerNetW(input.sear.burner) / 60;
    expect(heatUpMinutes(input, 1.2) / byHand).toBeCloseTo(1, 2);
  });

  it('takes longer for more liquid and from colder, and nothing once it simmers', () => {
    expect(heatUpMinutes(input, 2)).toBeGreaterThan(heatUpMinutes(input, 1));
    expect(heatUpMinutes(input, 1, 5)).toBeGreaterThan(heatUpMinutes(input, 1, 60));
    expect(heatUpMinutes(input, 1, 99)).toBe(0);
  });

  it('is what the step says, whatever was poured before it', () => {
    const made = composePlan({ ...input, liquid: { ...input.liquid, start: 'simmer' } }, 0);
    if (!made.ok) throw new Error('no plan');
    const step = stepsOf(made.plan).find((s) => s.id === 'bringSimmer');
    const minutes = heatUpMinutes(made.plan.input, made.plan.liquidL);
    expect(minutes).toBeGreaterThan(4);
    expect(step?.minutes.low).toBeLessThan(minutes);
    expect(step?.minutes.high).toBeGreaterThan(minutes);
  });
});
