import { type CookEvent } from '../cook/events';
import { type PlanInput } from '../plan/input';

/** Version of both file formats; raised when a field changes its meaning. Older ones are read and brought up to it. */
export const FILE_VERSION = 2;

/** A plan on its own, to give away or keep. */
export interface PlanFile {
  readonly format: 'even-ember/plan';
  readonly version: number;
  readonly input: PlanInput;
}

/** A cook: its plan and everything recorded. */
export interface CookFile {
  readonly format: 'even-ember/cook';
  readonly version: number;
  readonly input: PlanInput;
  readonly events: readonly Omit<CookEvent, 'cookId'>[];
}

export function planFile(input: PlanInput): PlanFile {
  return { format: 'even-ember/plan', version: FILE_VERSION, input };
}

export function cookFile(input: PlanInput, events: readonly CookEvent[]): CookFile {
  return {
    format: 'even-ember/cook',
    version: FILE_VERSION,
    input,
    events: events.map(({ id, atMs, act }) => ({ id, atMs, act })),
  };
}

/** A name for a saved file made from a title: letters, digits and hyphens. */
export function fileStem(title: string): string {
  const stem = title
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '');
  return stem === '' ? 'braise' : stem.slice(0, 60);
}
