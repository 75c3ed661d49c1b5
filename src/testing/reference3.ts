import { readFileSync } from 'node:fs';
import { assemble, type BraiseRequest, NO_INTERVENTIONS } from '../core/forecast';
import { type StepRule } from '../core/heat';
import { cutById } from '../core/larder';

/** Figures by name or by minute. */
type Row = Readonly<Record<string, number | null>>;

/** A braise an independent solver ran in 1 to 2 s steps. */
export interface SolvedBraise {
  readonly name: string;
  readonly trigger?: 'clock' | 'stage';
  readonly request: Readonly<Record<string, unknown>> & { readonly cut: string; readonly horizonMin: number };
  readonly geometry?: {
    readonly level: number;
    readonly bodies: readonly { readonly phi: number; readonly stretch: number }[];
  };
  readonly cookValuesMin?: Row;
  readonly expected: {
    readonly changeMin?: number;
    readonly dryMin?: number | null;
    readonly liquidC: Row;
    readonly coreC?: Row;
    readonly stagesMin?: Row;
    readonly cookValuesMin?: Row;
    readonly waterKg60?: number;
    readonly lossMlPerH?: number;
    readonly lossFromTo?: readonly [number, number];
  };
}

export interface Reference3 {
  readonly lidChanges: readonly SolvedBraise[];
  readonly openPots: readonly SolvedBraise[];
  readonly dryPots: readonly SolvedBraise[];
  readonly surfaceInRoom: readonly {
    readonly bulkC: number;
    readonly D: number;
    readonly totalKWm2: number;
    readonly evapKgM2h: number;
    readonly surfaceC: number;
  }[];
  readonly surfaceInOven: readonly {
    readonly kind: 'still' | 'fan' | 'gas';
    readonly To: number;
    readonly bulkC: number;
    readonly areaM2: number;
    readonly shelter: number;
    readonly W: number;
    readonly gPerH: number;
    readonly surfaceC: number;
    readonly ovenVapourPa: number;
    readonly wetBulbC: number;
  }[];
  readonly potLossOneLaw: readonly {
    readonly pot: string;
    readonly base: 'board' | 'burner';
    readonly roomC: number;
    readonly W: Row;
    readonly minutesFrom98?: Row;
  }[];
  readonly cooling: {
    readonly rows: readonly {
      readonly name: string;
      readonly clockStartMin: number;
      readonly to21Min: number;
      readonly to5Min: number | null;
      readonly safeUS: boolean;
    }[];
    readonly film: { readonly stirred_every_min: Row };
  };
  readonly forkLaw: {
    readonly thresholds: readonly number[];
    readonly rows: readonly { readonly progress: number; readonly chances: readonly number[] }[];
  };
}

export function readReference3(): Reference3 {
  return JSON.parse(readFileSync(new URL('./reference3.json', import.meta.url), 'utf8')) as Reference3;
}

/** The request of a solved braise, with exact values at these minutes. */
export function assembleSolved(
  solved: SolvedBraise,
  rules: readonly StepRule[],
  marksMin: readonly number[],
): ReturnType<typeof assemble> {
  const { request: given, geometry } = solved;
  const request = {
    ...NO_INTERVENTIONS,
    altitudeM: 0,
    thicknessMeasured: true,
    vegetables: [],
    ...given,
    cut: cutById(given.cut),
  } as unknown as BraiseRequest;
  const groups = request.groups.map((group, i) => ({ ...group, submergedFraction: geometry?.bodies[i]?.phi ?? 1 }));
  return assemble(
    { ...request, groups },
    given.horizonMin,
    rules,
    marksMin.filter((m) => m < given.horizonMin),
  );
}
