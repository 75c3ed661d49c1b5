import { z } from 'zod';
import { type PlanInput } from '../core/plan/input';
import { LID_KINDS, POT_MATERIALS } from '../core/larder/vessels';

/** Text a person typed: trimmed, never empty, never huge. */
const name = (most: number) => z.string().trim().min(1).max(most);

/** Finite and within what a double holds exactly; what is sensible is for `checkPlanInput` to say. */
const quantity = z.number().min(-1e6).max(1e6);

const moment = z.number().int().min(0).max(8.64e15);

const potSchema = z.strictObject({
  id: name(80),
  name: name(80),
  diameterMm: quantity,
  heightMm: quantity,
  massKg: z.number().min(0.2).max(30),
  material: z.enum(POT_MATERIALS),
});

const panSchema = z.strictObject({ id: name(80), name: name(80), diameterMm: z.number().min(100).max(600) });

export const heatSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('oven'), tempC: quantity, fan: z.boolean() }),
  z.strictObject({ kind: z.literal('simmer'), tempC: quantity }),
]);

export const lidSchema = z.enum(LID_KINDS);

/** The shape of a plan's input. That it can be cooked is checked by the core, which gives a sentence per fault. */
export const planInputSchema = z.strictObject({
  title: name(120),
  eaters: quantity,
  meat: z.strictObject({
    cutId: name(60),
    massKg: quantity,
    pieces: quantity,
    thicknessMm: quantity,
    thicknessMeasured: z.boolean(),
    onBone: z.boolean(),
  }),
  pot: potSchema,
  pan: panSchema,
  vegetablesKg: quantity,
  liquidLevel: quantity,
  heat: heatSchema,
  lid: lidSchema,
  serveAtMs: moment,
  confidence: quantity,
  altitudeM: quantity,
}) satisfies z.ZodType<PlanInput>;

export const momentSchema = moment;

/** The kitchen a plan chooses from. */
export const kitchenSchema = z.strictObject({
  name: name(80),
  altitudeM: z.number().min(0).max(4000),
  pots: z.array(potSchema).min(1),
  pans: z.array(panSchema).min(1),
  ovens: z.array(z.strictObject({ id: name(80), name: name(80), fan: z.boolean() })),
  burners: z.array(z.strictObject({ id: name(80), name: name(80), powerW: z.number().min(100).max(10000) })),
});

export type Kitchen = z.infer<typeof kitchenSchema>;
