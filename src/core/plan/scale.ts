import { type MeatPart, type PlanInput } from '../choices';

/** Rounded to a step; anything present stays at least one, so that nothing is scaled away. */
const stepped = (value: number, step: number): number => (value > 0 ? Math.max(1, Math.round(value / step)) * step : 0);

/** To the precision of a kitchen scale or jug: 5 g or ml. */
const toFive = (value: number): number => Math.round(stepped(value, 0.005) * 1000) / 1000;

/**
 * The same dish for another number of servings: meat, pieces, base, liquids, spice and herbs in proportion, thickness
 * and level unchanged. Its time is not in proportion: the forecast computes it again.
 */
export function scaled(input: PlanInput, factor: number): PlanInput {
  const part = (p: MeatPart): MeatPart => ({
    ...p,
    massKg: Math.max(0.05, toFive(p.massKg * factor)),
    grossKg: p.grossKg === null ? null : toFive(p.grossKg * factor),
    pieces: Math.max(1, Math.round(p.pieces * factor)),
  });
  return {
    ...input,
    meat: part(input.meat),
    also: input.also.map(part),
    prepare: {
      ...input.prepare,
      filling: input.prepare.filling && {
        ...input.prepare.filling,
        items: input.prepare.filling.items.map((i) => ({ ...i, kg: toFive(i.kg * factor) })),
        rolls: Math.max(1, Math.round(input.prepare.filling.rolls * factor)),
      },
    },
    season: {
      ...input.season,
      spices: input.season.spices.map((s) => ({ ...s, grams: stepped(s.grams * factor, 0.5) })),
    },
    base: {
      ...input.base,
      items: input.base.items.map((i) => ({ ...i, kg: toFive(i.kg * factor) })),
      pasteKg: toFive(input.base.pasteKg * factor),
    },
    course: input.course.map((s) =>
      s.until.kind === 'left' ? { ...s, until: { ...s.until, litres: toFive(s.until.litres * factor) } } : s,
    ),
    liquid: {
      ...input.liquid,
      parts: input.liquid.parts.map((p) => ({ ...p, litres: toFive(p.litres * factor) })),
      herbs: input.liquid.herbs.map((h) => ({ ...h, count: Math.max(1, Math.round(h.count * factor)) })),
    },
  };
}
