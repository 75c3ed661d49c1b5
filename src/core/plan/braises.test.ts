import { describe, expect, it } from 'vitest';
import { checkPlanInput, composePlan, finishSteps, type Plan } from '.';
import { type PlanInput } from '../choices';
import { shoppingList } from '../shopping';
import { planInputSchema } from '../../contract/plan';
import { BRAISES } from '../../testing/braises';
import { english } from '../../testing/words';
import { MINUTE_MS } from '../quantity';

const PLANS = BRAISES.map((input): readonly [string, PlanInput, Plan] => {
  const faults = checkPlanInput(input, 0);
  if (faults.length > 0) throw new Error(`${input.title}: ${english(faults.map((f) => f.says))}`);
  const made = composePlan(input, 64);
  if (!made.ok) throw new Error(`${input.title}: ${english(made.faults.map((f) => f.says))}`);
  return [input.title, input, made.plan];
});

const minutes = (ms: number): number => ms / MINUTE_MS;

describe('braises as cooks say them', () => {
  it('are two dozen and more, and between them use every way with heat, pot, liquid and finish', () => {
    expect(PLANS.length).toBeGreaterThanOrEqual(24);
    const all = <T>(pick: (input: PlanInput) => readonly T[]): Set<T> => new Set(BRAISES.flatMap(pick));
    expect(all((b) => [b.pot.shape])).toEqual(new Set(['round', 'oval', 'rectangle']));
    expect(all((b) => b.course.map((s) => s.heat.kind))).toEqual(new Set(['oven', 'simmer', 'steamOven', 'grill']));
    expect(all((b) => b.course.map((s) => s.until.kind))).toEqual(
      new Set(['minutes', 'left', 'stage', 'before', 'end']),
    );
    expect(all((b) => [b.finish.solids])).toEqual(new Set(['leave', 'lift', 'strain', 'press', 'blend']));
    expect(all((b) => [b.base.thicken])).toEqual(new Set(['none', 'early', 'roux', 'end']));
    expect(all((b) => [b.liquid.fill, b.finish.reduce, b.bare !== null])).toEqual(new Set([true, false]));
    expect(all((b) => [b.finish.enrich])).toEqual(new Set(['none', 'butter', 'cream', 'sourCream']));
  });

  it.each(PLANS)('%s is kept as it was said', (_, input) => {
    expect(planInputSchema.parse(input)).toEqual(input);
  });

  it.each(PLANS)('%s: the water that is poured, given and steamed away is what is left', (_, __, plan) => {
    const { poured, pouredLate, fromMeat, fromVegetables, takenUp, steam, left } = plan.liquid.water;
    expect(
      poured.value +
        pouredLate.value +
        fromMeat.value +
        fromVegetables.value -
        takenUp.value -
        steam.value -
        left.value,
    ).toBeCloseTo(0, 2);
    expect(left.value).toBeCloseTo(plan.finished.liquidL, 6);
    expect(poured.value).toBeCloseTo(plan.liquidL, 6);
  });

  it.each(PLANS)('%s: all salt is in meat or sauce, and the sauce is not boiled past what it bears', (_, __, plan) => {
    const { salt, finished } = plan;
    const onMeat = salt.now.value * 1000;
    const other = salt.sources.reduce((sum, s) => sum + s.grams, 0);
    expect(salt.total.value * 1000).toBeCloseTo(onMeat + other, 6);
    const dry = finished.liquidL < 0.15;
    if (!dry) {
      const inAll = salt.meat.value * finished.cookedKg + salt.sauce.value * finished.sauceL * 0.96;
      expect(inAll * 1000).toBeCloseTo(onMeat + other, 1);
    }
    // Salt in the sauce is over the limit only if other ingredients bring it.
    if (!salt.tooSalty) expect(salt.sauce.value).toBeLessThanOrEqual(0.01 + 1e-6);
    if (finished.reduceMinutes > 0) expect(finished.sauceL).toBeGreaterThanOrEqual(plan.finishBy.leastL - 1e-9);
  });

  it.each(PLANS)('%s: meat as it was is meat as it is, its juice and its fat', (_, __, plan) => {
    const { cookedKg, juiceKg, fatL } = plan.finished;
    const edible = plan.parts.reduce(
      (sum, p) => sum + p.part.massKg * (1 - (p.part.onBone ? p.cut.boneFraction : 0)),
      0,
    );
    expect(cookedKg + juiceKg + fatL * 0.9).toBeCloseTo(edible, 6);
  });

  it.each(PLANS)('%s: from the first act to the plate is its parts and one reserve, end to end', (_, input, plan) => {
    const { day } = plan;
    const ready = minutes(day.ready.p50Ms - day.intoPotMs);
    const reserve = minutes(day.offHeatByMs - day.intoPotMs) - ready;
    expect(reserve).toBeGreaterThan(-1);
    expect(reserve).toBeCloseTo(day.reserve.forecastMin + day.reserve.handsMin, -1);
    if (input.day.ahead || input.day.sides.length > 0) return;
    const spans = [...day.spans].sort((a, b) => a.fromMs - b.fromMs);
    const gaps = spans.slice(1).map((s, i) => minutes(s.fromMs - (spans[i]?.toMs ?? 0)));
    for (const gap of gaps) expect(Math.abs(gap), spans.map((s) => s.id).join(' ')).toBeLessThan(12);
    const sum = spans.reduce((total, s) => total + minutes(s.toMs - s.fromMs), 0);
    // Chopping done beside the meat may start a little before it.
    const before = minutes((spans[0]?.fromMs ?? 0) - day.startMs);
    expect(before).toBeGreaterThanOrEqual(0);
    expect(before).toBeLessThan(15);
    expect(minutes(day.serveMs - day.startMs)).toBeCloseTo(sum + before + gaps.reduce((a, b) => a + b, 0), 6);
    // Hands-on work before and after is never as long as the braise and its spare time together.
    expect(minutes(day.serveMs - day.startMs) - ready - reserve).toBeLessThan(ready + reserve + 190);
  });

  it.each(PLANS)('%s: what one says of the finish, the others say', (_, input, plan) => {
    const steps = finishSteps(plan).map((s) => s.says);
    const codes = steps.map((s) => s.code);
    const said = english(steps);
    const { finished, base } = plan;
    expect(codes.includes('finish.boilDown')).toBe(finished.reduceMinutes > 0);
    expect(codes.includes('finish.asItStands')).toBe(finished.reduceMinutes === 0);
    if (!input.finish.reduce) expect(finished.reduceMinutes).toBe(0);
    expect(codes.some((c) => c.startsWith('finish.thicken'))).toBe(input.base.thicken === 'end' && base.flour !== null);
    const bought = shoppingList(plan).map((l) => l.name.code);
    expect(bought.includes(`shop.enrich.${input.finish.enrich}`)).toBe(input.finish.enrich !== 'none');
    for (const id of input.base.items.filter((i) => i.fate === 'bite').map((i) => i.id)) {
      expect(bought).toContain(`garnish.${id}`);
    }
    expect(said).not.toMatch(/NaN|undefined|Infinity/);
    // Nothing eaten in pieces is strained away without being lifted out first, and what is lifted out goes back.
    const bites = input.base.items.some((i) => i.fate === 'bite' && i.kg > 0);
    if (bites && input.finish.solids !== 'leave') expect(said).toContain('keep warm');
    expect(said.includes('ack into the sauce, to warm through')).toBe(
      /keep (them )?warm, to go|slotted spoon and keep/.test(said),
    );
  });

  it.each(PLANS)('%s: its stages follow one another to the end, each on the line', (_, input, plan) => {
    expect(plan.stages[0]?.fromMin).toBe(0);
    plan.stages.forEach((s, i) => {
      expect(s.toMin).toBeGreaterThan(s.fromMin);
      expect(plan.stages[i + 1]?.fromMin ?? s.toMin).toBe(s.toMin);
    });
    const changes = plan.day.marks.filter((m) => m.kind === 'heat');
    expect(changes).toHaveLength(plan.stages.length - 1);
    expect(plan.stages.length).toBeLessThanOrEqual(input.course.length);
    expect(english(plan.watch)).not.toMatch(/lid.*no lid|NaN|undefined/);
  });
});
