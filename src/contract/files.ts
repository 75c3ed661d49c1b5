import { z } from 'zod';
import { newEventSchema } from './cook';
import { anyPlanInputSchema } from './upgrade';
import { type CookFile, FILE_VERSION, type PlanFile } from '../core/formats/files';

/** This version, or an older one that is brought up to it. */
const anyVersion = z
  .int()
  .min(1)
  .max(FILE_VERSION)
  .transform(() => FILE_VERSION);

export const planFileSchema = z.strictObject({
  format: z.literal('even-ember/plan'),
  version: anyVersion,
  input: anyPlanInputSchema,
}) satisfies z.ZodType<PlanFile>;

const cookFileSchema = z.strictObject({
  format: z.literal('even-ember/cook'),
  version: anyVersion,
  input: anyPlanInputSchema,
  events: z.array(newEventSchema).max(1000),
}) satisfies z.ZodType<CookFile>;

const anyFileSchema = z.discriminatedUnion('format', [planFileSchema, cookFileSchema]);

export type ReadFile =
  { readonly ok: true; readonly file: PlanFile | CookFile } | { readonly ok: false; readonly message: string };

/** Reads the text of a plan or cook file, or says in a sentence what it is not. */
export function readFile(text: string): ReadFile {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return { ok: false, message: 'This file is not JSON. Choose a file that Even Ember exported: a plan or a cook.' };
  }
  const head = z.object({ format: z.string(), version: z.number() }).safeParse(data);
  if (!head.success || !head.data.format.startsWith('even-ember/')) {
    return { ok: false, message: 'This JSON is not an Even Ember plan or cook: it has no “format” of ours.' };
  }
  if (head.data.version > FILE_VERSION) {
    return {
      ok: false,
      message: `This file is version ${String(head.data.version)} of its format; this app reads up to version ${String(FILE_VERSION)}.`,
    };
  }
  const parsed = anyFileSchema.safeParse(data);
  if (parsed.success) return { ok: true, file: parsed.data };
  const issue = parsed.error.issues[0];
  const where = issue && issue.path.length > 0 ? `“${issue.path.join('.')}”` : 'the file';
  return {
    ok: false,
    message: `This file is damaged or was changed: ${where} – ${issue?.message ?? 'not as described'}.`,
  };
}
