import { z } from 'zod';
import { type NewEvent } from './cook';
import { ACT, readEvent } from './kept/act';
import { VersionError } from './kept/chain';
import { FILE } from './kept/file';
import { PLAN_INPUT } from './kept/planInput';
import { type CookEvent } from '../core/cook/events';
import { type PlanInput } from '../core/plan/input';

/** A plan on its own, to give away or keep. */
export interface PlanFile {
  readonly format: 'even-ember/plan';
  readonly version: number;
  readonly inputVersion: number;
  readonly input: PlanInput;
}

/** A braise: its plan and everything recorded. */
export interface BraiseFile extends Omit<PlanFile, 'format'> {
  readonly format: 'even-ember/braise';
  readonly actVersion: number;
  readonly events: readonly NewEvent[];
}

export function planFile(input: PlanInput): PlanFile {
  return { format: 'even-ember/plan', version: FILE.version, inputVersion: PLAN_INPUT.version, input };
}

export function braiseFile(input: PlanInput, events: readonly CookEvent[]): BraiseFile {
  return {
    format: 'even-ember/braise',
    version: FILE.version,
    inputVersion: PLAN_INPUT.version,
    input,
    actVersion: ACT.version,
    events: events.map(({ id, atMs, act }) => ({ id, atMs, act })),
  };
}

export type ReadFile =
  { readonly ok: true; readonly file: PlanFile | BraiseFile } | { readonly ok: false; readonly message: string };

function damage(error: unknown): string {
  if (error instanceof VersionError) {
    return `${error.what} in this file is of version ${String(error.version)}; this app reads up to version ${String(error.present)}.`;
  }
  const issue = error instanceof z.ZodError ? error.issues[0] : undefined;
  const where = issue && issue.path.length > 0 ? `“${issue.path.join('.')}”` : 'the file';
  return `This file is damaged or was changed: ${where} – ${issue?.message ?? 'not as described'}.`;
}

/** Names where in a file a part's own fault lies. */
function within<T>(path: readonly (string | number)[], read: () => T): T {
  try {
    return read();
  } catch (error) {
    if (!(error instanceof z.ZodError)) throw error;
    throw new z.ZodError(error.issues.map((issue) => ({ ...issue, path: [...path, ...issue.path] })));
  }
}

function partsOf(data: unknown, version: number): PlanFile | BraiseFile {
  const wrapper = FILE.read(data, version);
  const plan = planFile(within(['input'], () => PLAN_INPUT.read(wrapper.input, wrapper.inputVersion)));
  if (wrapper.format === 'even-ember/plan') return plan;
  return {
    ...plan,
    format: 'even-ember/braise',
    actVersion: ACT.version,
    events: wrapper.events.map((e, i) => within(['events', i], () => readEvent(e, wrapper.actVersion))),
  };
}

/** Reads the text of a plan or braise file of any version, or says in a sentence what it is not. */
export function readFile(text: string): ReadFile {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return { ok: false, message: 'This file is not JSON. Choose a file that Even Ember exported: a plan or a braise.' };
  }
  const head = z.object({ format: z.string(), version: z.number() }).safeParse(data);
  if (!head.success || !head.data.format.startsWith('even-ember/')) {
    return { ok: false, message: 'This JSON is not an Even Ember plan or braise: it has no “format” of ours.' };
  }
  if (head.data.version > FILE.version) {
    return {
      ok: false,
      message: `This file is version ${String(head.data.version)} of its format; this app reads up to version ${String(FILE.version)}.`,
    };
  }
  try {
    return { ok: true, file: partsOf(data, head.data.version) };
  } catch (error) {
    return { ok: false, message: damage(error) };
  }
}
