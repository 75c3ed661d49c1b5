import { describe, expect, it } from 'vitest';
import { type LidKind } from '../larder';
import { type PlanInput, singleStageSchedule } from '../choices';
import { composePlan, finishedFigures, type Plan } from './plan';
import { DRY_L } from './warnings';
import { instructions } from '../../exports/recipe';
import { OXTAIL_PLAN } from '../../testing/fixtures';
import { english, WORDS } from '../../testing/words';
import { saying } from '../../testing/saying';

function plan(input: PlanInput): Plan {
  const result = composePlan(input, 64);
  if (!result.ok) throw new Error(english(result.faults.map((f) => f.says)));
  return result.plan;
}

const heated = (tempC: number, lid: LidKind, level: number): PlanInput => ({
  ...OXTAIL_PLAN,
  course: singleStageSchedule({ kind: 'oven', tempC, fan: true }, lid),
  liquid: { ...OXTAIL_PLAN.liquid, parts: [], level },
});

describe('a pot that loses its liquid', () => {
  const dry = plan(heated(200, 'heavy', 0.3));
  const wet = plan(heated(120, 'heavy', 0.9));

  it('says that it would boil dry, when, and in how many kitchens', () => {
    expect(dry.finished.liquidL).toBeLessThan(DRY_L);
    expect(english(dry.watch)).toMatch(saying('watch.boilsDry'));
    expect(wet.finished.liquidL).toBeGreaterThan(0.25);
    expect(english(wet.watch)).not.toMatch(/boil dry|can catch/);
  });

  it('says nothing of a sauce there is not: no salt, no sugar, nothing to reduce', () => {
    const ids = finishedFigures(dry).map((f) => f.id);
    const full = finishedFigures(wet).map((f) => f.id);
    expect(ids).toEqual(full.filter((id) => id !== wet.finish.sauce.id && id !== wet.salt.sauce.id));
    expect(ids).toHaveLength(full.length - 2);
    expect(english(dry.watch)).not.toMatch(/salt nothing|of sugar/);
  });

  it('never counts more steam than there was water, and its balance closes', () => {
    for (const p of [dry, wet]) {
      const { fromMeat, fromVegetables, takenUp, steam, left } = p.liquid.water;
      const gained = p.liquidL + fromMeat.value + fromVegetables.value - takenUp.value;
      expect(steam.value).toBeLessThanOrEqual(gained + 1e-9);
      expect(left.value).toBeCloseTo(gained - steam.value, 6);
    }
  });
});

describe('the instructions', () => {
  it('put every herb in that is counted out, and the late ones at the end', () => {
    const herbs = [
      { id: 'bay', count: 2 },
      { id: 'parsley', count: 1 },
    ];
    const made = plan({ ...OXTAIL_PLAN, liquid: { ...OXTAIL_PLAN.liquid, herbs } });
    const sections = instructions(made, WORDS);
    const text = (name: string): string => sections.find((s) => s.name === name)?.steps.join(' ') ?? '';
    for (const { herb, count } of made.liquid.herbs.lines) {
      const section = herb.when === 'end' ? 'Finish' : 'Liquid';
      expect(text(section), herb.id).toContain(`${WORDS.name('herb', herb.id)}, ${String(count)} `);
    }
    expect(made.liquid.herbs.lines).toHaveLength(2);
  });
});
