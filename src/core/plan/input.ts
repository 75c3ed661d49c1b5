import { type LidKind, type Pot } from '../larder/vessels';

/** A frying pan for searing. */
export interface Pan {
  readonly id: string;
  readonly name: string;
  readonly diameterMm: number;
}

/** Heat as a cook sets it. */
export type PlanHeat =
  | { readonly kind: 'oven'; readonly tempC: number; readonly fan: boolean }
  | { readonly kind: 'simmer'; readonly tempC: number };

/** All a cook decides; everything in a `Plan` follows from it. */
export interface PlanInput {
  readonly title: string;
  readonly eaters: number;
  readonly meat: {
    readonly cutId: string;
    /** As it goes into the pot, trimmed, bone and all. */
    readonly massKg: number;
    readonly pieces: number;
    readonly thicknessMm: number;
    readonly thicknessMeasured: boolean;
    readonly onBone: boolean;
  };
  readonly pot: Pot;
  readonly pan: Pan;
  readonly vegetablesKg: number;
  /** Height of the liquid as a share of the meat's height, 0.2 to 1.2. */
  readonly liquidLevel: number;
  readonly heat: PlanHeat;
  readonly lid: LidKind;
  /** When the plates go out, ms since 1970. */
  readonly serveAtMs: number;
  /** Share of kitchens that should be tender in time; 0.5 to 0.98. */
  readonly confidence: number;
  readonly altitudeM: number;
}

/** Something in the input that cannot be cooked: which field, and a sentence saying what is wrong and what is allowed. */
export interface PlanFault {
  readonly field: string;
  readonly message: string;
  /** The braise itself is fine but there is no time left for it: `waysOut` can help. */
  readonly tooLate?: true;
}

/** Limits of what the app plans; outside them the model was never checked. */
export const LIMITS = {
  massKg: [0.1, 12],
  pieces: [1, 400],
  thicknessMm: [10, 160],
  eaters: [1, 40],
  ovenC: [80, 240],
  simmerC: [75, 100],
  vegetablesKg: [0, 5],
  liquidLevel: [0.2, 1.2],
  altitudeM: [0, 4000],
  potDiameterMm: [120, 500],
  potHeightMm: [50, 400],
  confidence: [0.5, 0.98],
} as const satisfies Record<string, readonly [number, number]>;
