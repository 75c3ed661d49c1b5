import { z } from 'zod';
import { newEventSchema } from './cook';
import { planInputSchema } from './plan';
import { firstPlanInputSchema } from './upgrade';
import { type PlanInput } from '../core/plan/input';
import { type CookFile, FILE_VERSION, type PlanFile } from '../core/formats/files';

/** Plan and cook files of one version, its inputs read by `input` and brought up to the present. */
const filesOf = (input: z.ZodType<PlanInput>) => {
  const version = z.int().transform(() => FILE_VERSION);
  const plan = z.strictObject({ format: z.literal('even-ember/plan'), version, input }) satisfies z.ZodType<PlanFile>;
  const cook = z.strictObject({
    format: z.literal('even-ember/cook'),
    version,
    input,
    events: z.array(newEventSchema).max(1000),
  }) satisfies z.ZodType<CookFile>;
  return z.discriminatedUnion('format', [plan, cook]);
};

const PRESENT = filesOf(planInputSchema);
const FIRST = filesOf(firstPlanInputSchema);

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
  const parsed = (head.data.version === 1 ? FIRST : PRESENT).safeParse(data);
  if (parsed.success) return { ok: true, file: parsed.data };
  const issue = parsed.error.issues[0];
  const where = issue && issue.path.length > 0 ? `“${issue.path.join('.')}”` : 'the file';
  return {
    ok: false,
    message: `This file is damaged or was changed: ${where} – ${issue?.message ?? 'not as described'}.`,
  };
}
