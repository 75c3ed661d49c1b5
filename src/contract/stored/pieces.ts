import * as z from 'zod';
import { type Figure, type Message } from '../../core/message';

/** A sentence by its code; whether it still has words is asked when it is shown. */
export const said = z.looseObject({ code: z.string() }) as unknown as z.ZodType<Message>;

export const figure = z.looseObject({
  id: z.string(),
  value: z.number().or(z.literal(Infinity)),
  inputs: z.array(z.looseObject({ id: z.string() })),
}) as unknown as z.ZodType<Figure>;

export const span = z.strictObject({
  id: z.string(),
  label: said,
  kind: z.enum(['hands', 'heat', 'wait', 'serve']),
  doing: said.optional(),
  fromMs: z.number(),
  toMs: z.number(),
});
