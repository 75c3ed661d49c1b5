import { z } from 'zod';
import { heatSchema, kitchenSchema, lidSchema, planInputSchema, type Kitchen } from './plan';
import { type Pan } from '../core/larder/burners';
import { type PlanInput } from '../core/plan/input';
import { startPlan } from '../core/plan/start';

/**
 * The first version of a plan's input: one cut, vegetables as one weight, a level, no base, no pours. Still read from
 * files and from what was kept before.
 */
const firstInputSchema = z.strictObject({
  title: z.string().trim().min(1).max(120),
  eaters: z.number(),
  meat: z.strictObject({
    cutId: z.string(),
    massKg: z.number(),
    pieces: z.number(),
    thicknessMm: z.number(),
    thicknessMeasured: z.boolean(),
    onBone: z.boolean(),
  }),
  pot: planInputSchema.shape.pot,
  pan: z.strictObject({ id: z.string(), name: z.string(), diameterMm: z.number().min(100).max(600) }),
  vegetablesKg: z.number(),
  liquidLevel: z.number(),
  heat: heatSchema,
  lid: lidSchema,
  serveAtMs: planInputSchema.shape.serveAtMs,
  confidence: z.number(),
  altitudeM: z.number(),
});

const FIRST_BURNER = { id: 'burner', name: 'Burner', kind: 'gas', powerW: 2500 } as const;

/** A round pan of which only the width was known. */
function roundPan(pan: { readonly id: string; readonly name: string; readonly diameterMm: number }): Pan {
  return {
    id: pan.id,
    name: pan.name,
    shape: 'round',
    lengthMm: pan.diameterMm,
    widthMm: pan.diameterMm,
    massKg: 2,
    material: 'castIron',
  };
}

/** A first-version input as the present one: its vegetables were the usual onion, carrot and celery. */
function fromFirst(first: z.infer<typeof firstInputSchema>): PlanInput {
  const pan = roundPan(first.pan);
  const begun = startPlan(
    { altitudeM: first.altitudeM, pots: [first.pot], pans: [pan], burners: [FIRST_BURNER], habits: {} },
    {
      title: first.title,
      cutId: first.meat.cutId,
      eaters: first.eaters,
      serveAtMs: first.serveAtMs,
      meat: { ...first.meat, grossKg: null, pricePerKg: null },
    },
  );
  const share = (of: number): number => Math.round(first.vegetablesKg * of * 1000) / 1000;
  return {
    ...begun,
    lid: first.lid,
    heat: first.heat,
    confidence: first.confidence,
    base: {
      ...begun.base,
      items:
        first.vegetablesKg > 0
          ? [
              { id: 'onion', kg: share(0.5), fate: 'melt', when: 'start' },
              { id: 'carrot', kg: share(0.3), fate: 'melt', when: 'start' },
              { id: 'celery', kg: share(0.2), fate: 'melt', when: 'start' },
            ]
          : [],
    },
    liquid: { ...begun.liquid, level: first.liquidLevel },
  };
}

/** A first-version input, read as the present one. */
export const firstPlanInputSchema: z.ZodType<PlanInput> = firstInputSchema.transform((first, context): PlanInput => {
  try {
    return planInputSchema.parse(fromFirst(first));
  } catch {
    context.addIssue({ code: 'custom', message: 'is of an older version and names a cut this app does not know' });
    return z.NEVER;
  }
});

/** A plan's input of any version, as the present one. */
export const anyPlanInputSchema: z.ZodType<PlanInput> = z.union([planInputSchema, firstPlanInputSchema]);

/** The schema an input of unknown version should be read by, so that a fault in it can be named. */
export function planInputSchemaFor(data: unknown): z.ZodType<PlanInput> {
  const present = typeof data === 'object' && data !== null && ('base' in data || 'liquid' in data);
  return present ? planInputSchema : firstPlanInputSchema;
}

/** Equipment as it was first kept: pans by width alone, burners of no kind, no habits, no patterns. */
const firstKitchenSchema = z.strictObject({
  name: z.string(),
  altitudeM: z.number(),
  pots: kitchenSchema.shape.pots,
  pans: z.array(firstInputSchema.shape.pan).min(1),
  ovens: kitchenSchema.shape.ovens,
  burners: z.array(z.strictObject({ id: z.string(), name: z.string(), powerW: z.number() })),
});

/** A kitchen of any version, as the present one. */
export const anyKitchenSchema: z.ZodType<Kitchen> = z.union([
  kitchenSchema,
  firstKitchenSchema.transform((first): Kitchen => ({
    ...first,
    pans: first.pans.map(roundPan),
    burners: first.burners.length > 0 ? first.burners.map((b) => ({ ...b, kind: 'gas' })) : [FIRST_BURNER],
    habits: {},
    patterns: [],
    timeZone: null,
  })),
]);
