import * as z from 'zod';
import { type NewEvent } from './cook';
import { ACT, readEvent } from './stored/act';
import { VersionError } from './stored/migrations';
import { FILE } from './stored/file';
import { PLAN_INPUT } from './stored/planInput';
import { type CookEvent } from '../core/cook';
import { type PlanInput } from '../core/choices';
import { type Message, say } from '../core/message';
import { shapeFault } from './shapeFault';

/** A plan on its own, to share or archive. */
export interface PlanFile {
  readonly format: 'even-ember/plan';
  readonly version: number;
  readonly inputVersion: number;
  readonly input: PlanInput;
}

/** A braise: its plan and all its records. */
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
    events: events.map(({ id, atMs, act, by }) => ({ id, atMs, act, ...(by && { by }) })),
  };
}

export type ReadFile =
  { readonly ok: true; readonly file: PlanFile | BraiseFile } | { readonly ok: false; readonly says: Message };

function damage(error: unknown): Message {
  if (error instanceof VersionError) {
    return say(`file.tooNew.${error.what === 'account' || error.what === 'begun plan' ? 'file' : error.what}`, {
      version: error.version,
      present: error.present,
    });
  }
  if (!(error instanceof z.ZodError)) throw error;
  return say('file.damaged', { fault: shapeFault(error) });
}

/** Prefixes a part's fault with where it lies in the file. */
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

/** Whether two records of a file have the same id. */
function hasTwins(file: PlanFile | BraiseFile): boolean {
  return 'events' in file && new Set(file.events.map((e) => e.id)).size < file.events.length;
}

/** Reads the text of a plan or braise file of any version, or says in a sentence what is wrong. */
export function readFile(text: string): ReadFile {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return { ok: false, says: say('file.notJson') };
  }
  const head = z.object({ format: z.string(), version: z.number() }).safeParse(data);
  if (!head.success || !head.data.format.startsWith('even-ember/')) {
    return { ok: false, says: say('file.notOurs') };
  }
  if (head.data.version > FILE.version) {
    return { ok: false, says: say('file.tooNew.file', { version: head.data.version, present: FILE.version }) };
  }
  try {
    const file = partsOf(data, head.data.version);
    return hasTwins(file) ? { ok: false, says: say('file.idTwice') } : { ok: true, file };
  } catch (error) {
    return { ok: false, says: damage(error) };
  }
}
