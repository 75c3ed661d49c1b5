import { describe, expect, it } from 'vitest';
import { cautionFor } from '../cautions';
import { newStoredBatch } from './storedBatches';
import { composePlan } from '../plan';
import { stepsOf } from '../steps';
import { instructions } from '../../exports/recipe';
import { NOON_MS, OXTAIL_PLAN } from '../../testing/fixtures';
import { english, WORDS } from '../../testing/words';
import { FIGURES, WORDS as SENTENCES } from '../../words/en';
import { american } from '../../words/en/us';
import { DAY_MS, HOUR_MS } from '../quantity';
import { COOLING_RULES, SAFETY_LIMITS, safetyParams, type CoolingRule } from '../safety';

const AHEAD = {
  ...OXTAIL_PLAN,
  serveAtMs: NOON_MS + 31 * HOUR_MS,
  prepare: { ...OXTAIL_PLAN.prepare, temper: 'hour' as const },
  bare: { minutes: 120, tempC: 110, smoke: true },
  day: { ...OXTAIL_PLAN.day, ahead: { fridgeByMs: NOON_MS + 9 * HOUR_MS } },
};

/** Temperatures that some other rule names, but not this one. */
const ofOthers = (rule: CoolingRule): string[] => {
  const degrees = (r: CoolingRule): number[] => {
    const { fromC, hotC, reheatC, slow } = SAFETY_LIMITS[r];
    return [fromC, hotC, reheatC, slow.toC];
  };
  const own = new Set(degrees(rule));
  return [...new Set(COOLING_RULES.flatMap(degrees))].filter((d) => !own.has(d)).map((d) => `${String(d)} °C`);
};

describe.each(COOLING_RULES)('a kitchen under the rule %s', (rule) => {
  const limit = SAFETY_LIMITS[rule];
  const say = (minutes: number): string => WORDS.quantity(minutes, 'minutes');
  const made = composePlan({ ...AHEAD, keeping: { ...AHEAD.keeping, rule } }, 0);
  if (!made.ok) throw new Error(english(made.faults.map((f) => f.says)));
  const { plan } = made;

  it('is told its own figures in every caution', () => {
    expect(english(cautionFor('reheat', rule))).toContain(`${String(limit.reheatC)} °C`);
    const store = english(cautionFor('store', rule));
    expect(store).toContain(say(limit.outMin));
    expect(store).toContain(say(limit.outHotMin));
    expect(store).toContain(`${String(limit.fridgeDays)} days`);
    expect(store).toContain(`${String(limit.reheatC)} °C`);
    expect(english(cautionFor('rawMeat', rule))).toContain(say(limit.outMin));
    expect(english(cautionFor('bare', rule))).toContain(say(limit.slow.min));
    expect(WORDS.text('alarm.restOut', safetyParams(rule))).toContain(say(limit.outMin));
    expect(WORDS.text('store.fridge.why', { days: limit.fridgeDays })).toContain(String(limit.fridgeDays));
    expect(WORDS.text(`rule.${rule}.why`, safetyParams(rule))).toContain(`${String(limit.cold.tempC)} °C`);
  });

  it('keeps boxes in the fridge by its own days', () => {
    const lot = newStoredBatch('l', { boxes: 1, grams: 400, place: 'fridge' }, 0, 0, limit);
    expect(lot.useByMs).toBe(limit.fridgeDays * DAY_MS);
  });

  it('reads no figure of another rule in steps, recipe and what to watch', () => {
    const said = [
      ...stepsOf(plan).flatMap((s) => [s.title, s.how, s.what, s.sign]),
      ...plan.watch,
      ...plan.prep.steps.map((s) => s.says),
    ]
      .map((m) => (m ? WORDS.say(m) : ''))
      .concat(instructions(plan, WORDS).flatMap((s) => s.steps))
      .join(' ');
    for (const degrees of ofOthers(rule)) expect(said).not.toContain(` ${degrees}`);
    expect(said).toContain(say(limit.outMin));
    expect(said).toContain(say(limit.slow.min));
  });
});

it('no sentence has a safety figure of its own', () => {
  const written =
    /\b(two|2) (hours?|h)\b|\bninety minutes\b|\b90 min\b|\b(two|three|four|2|3|4) days\b|\b(four|4) (hours?|h)\b|\{C_(74|75|70|63|60|57|21|8|5|4|3)\}/;
  const all = [
    ...Object.entries<string>(SENTENCES),
    ...Object.entries<string>(american as Record<string, string>),
    ...Object.entries(FIGURES).flatMap(([id, parts]) => Object.values(parts).map((text) => [id, text] as const)),
  ];
  // How fast meat softens below a simmer is not a matter of safety.
  expect(all.filter(([id, text]) => id !== 'trouble.noBubbles.do' && written.test(text))).toEqual([]);
});
