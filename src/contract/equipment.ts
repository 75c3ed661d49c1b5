import * as z from 'zod';
import { BURNER_KINDS, LID_KINDS, OWN_LIDS, OVEN_KINDS, POT_FORMS, POT_MATERIALS } from '../core/larder';
import { type HeatPhase, LIMITS, type PlanHeat } from '../core/choices';
import { TARGET_STAGES } from '../core/tenderness';
import { name, quantity } from './fields';

export const potSchema = z.strictObject({
  id: name(80),
  name: name(80),
  shape: z.enum(POT_FORMS),
  lengthMm: quantity,
  widthMm: quantity,
  heightMm: quantity,
  massKg: z.number().min(0.2).max(30),
  material: z.enum(POT_MATERIALS),
  lids: z.array(z.enum(OWN_LIDS)).max(OWN_LIDS.length),
});

export const panSchema = z.strictObject({
  id: name(80),
  name: name(80),
  shape: z.enum(['round', 'rectangle']),
  lengthMm: z.number().min(100).max(800),
  widthMm: z.number().min(100).max(800),
  massKg: z.number().min(0.2).max(15),
  material: z.enum(POT_MATERIALS),
});

export const burnerSchema = z.strictObject({
  id: name(80),
  name: name(80),
  kind: z.enum(BURNER_KINDS),
  powerW: z.number().min(100).max(10_000),
});

const HEAT_SHAPES = {
  oven: z.strictObject({
    kind: z.literal('oven'),
    tempC: quantity,
    fan: z.boolean(),
    burns: z.literal('gas').optional(),
  }),
  simmer: z.strictObject({ kind: z.literal('simmer'), tempC: quantity }),
  steamOven: z.strictObject({
    kind: z.literal('steamOven'),
    tempC: quantity,
    humidity: z.number().min(0).max(1).optional(),
  }),
  grill: z.strictObject({ kind: z.literal('grill'), tempC: quantity }),
} satisfies { readonly [Kind in PlanHeat['kind']]: z.ZodType<Extract<PlanHeat, { kind: Kind }>> };

export const heatSchema = z.discriminatedUnion('kind', [
  HEAT_SHAPES.oven,
  HEAT_SHAPES.simmer,
  HEAT_SHAPES.steamOven,
  HEAT_SHAPES.grill,
]);

export const lidSchema = z.enum(LID_KINDS);

export const ovenSchema = z.strictObject({ id: name(80), name: name(80), kind: z.enum(OVEN_KINDS) });

const untilSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('minutes'), minutes: quantity }),
  z.strictObject({ kind: z.literal('left'), litres: quantity }),
  z.strictObject({ kind: z.literal('stage'), stage: z.enum(TARGET_STAGES) }),
  z.strictObject({ kind: z.literal('before'), minutes: quantity }),
  z.strictObject({ kind: z.literal('end') }),
]);

/** The heat phases of a plan, in order. */
export const courseSchema = z
  .array(z.strictObject({ heat: heatSchema, lid: lidSchema, until: untilSchema }) satisfies z.ZodType<HeatPhase>)
  .min(1)
  .max(LIMITS.stages[1] * 2);
