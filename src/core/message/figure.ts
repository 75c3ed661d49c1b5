import { type FigureId, type InputId } from './catalogue';
import { type Measure, type Params } from './message';

/** How far a figure can be trusted: arithmetic, a model estimate, or practice put into a number. */
export type EvidenceLevel = 'computed' | 'estimate' | 'practice';

/** What a figure was computed from. */
export interface FigureInput {
  readonly id: string;
  readonly value: number;
  readonly as: Measure;
  readonly params?: Params;
}

/**
 * A number with everything needed to answer “why?”. Its label, formula and what would change it are in the words, found
 * by its id and, where they depend on more, by `params`.
 */
export interface Figure {
  readonly id: string;
  readonly value: number;
  readonly as: Measure;
  readonly sure: EvidenceLevel;
  readonly inputs: readonly FigureInput[];
  /** Its 80% range, or the range of practice. */
  readonly range?: readonly [low: number, high: number];
  readonly params?: Params;
}

export function input(id: InputId, value: number, as: Measure, params?: Params): FigureInput {
  return params === undefined ? { id, value, as } : { id, value, as, params };
}

/** A figure, with range and params if it has any. */
export function figure(
  id: FigureId,
  value: number,
  as: Measure,
  sure: EvidenceLevel,
  inputs: readonly FigureInput[],
  more: Pick<Figure, 'range' | 'params'> = {},
): Figure {
  return { id, value, as, sure, inputs, ...more };
}
