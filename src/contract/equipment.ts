import { z } from 'zod';
import { BURNER_KINDS, LID_KINDS, POT_MATERIALS } from '../core/larder';
import { type PlanHeat } from '../core/choices';
import { name, quantity } from './fields';

export const potSchema = z.strictObject({
  id: name(80),
  name: name(80),
  diameterMm: quantity,
  heightMm: quantity,
  massKg: z.number().min(0.2).max(30),
  material: z.enum(POT_MATERIALS),
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
  oven: z.strictObject({ kind: z.literal('oven'), tempC: quantity, fan: z.boolean() }),
  simmer: z.strictObject({ kind: z.literal('simmer'), tempC: quantity }),
  steamOven: z.strictObject({ kind: z.literal('steamOven'), tempC: quantity }),
  grill: z.strictObject({ kind: z.literal('grill'), tempC: quantity }),
} satisfies { readonly [Kind in PlanHeat['kind']]: z.ZodType<Extract<PlanHeat, { kind: Kind }>> };

export const heatSchema = z.discriminatedUnion('kind', [
  HEAT_SHAPES.oven,
  HEAT_SHAPES.simmer,
  HEAT_SHAPES.steamOven,
  HEAT_SHAPES.grill,
]);

export const lidSchema = z.enum(LID_KINDS);
