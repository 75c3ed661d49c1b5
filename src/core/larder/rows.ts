import { type Avoided, type Dietary, type HiddenSource } from './allergens';

/** Where the figures of a row come from. */
export const SOURCES = {
  practice:
    'Cook values fitted to usual braising times, not measured; composition rounded from food-composition tables; sizes as usually sold.',
  judgement: 'Water released or absorbed: estimate, ±30%. Amounts: usual per kilogram of meat.',
  labels: 'Rounded from what labels and food-composition tables usually say; read yours.',
  usualAmounts: 'Usual amounts and times in kitchens.',
  smokePoints: 'Smoke points as usually tabulated, for fresh, clean fat. Used fat and unrefined oils smoke sooner.',
  vesselsSold:
    'Inside measures and weight with lid, rounded from vessels as usually sold; good to a few percent, weights to a tenth.',
  custom: 'The cook’s own: figures as typed, the rest as for its base ingredient.',
} as const;

export type Source = keyof typeof SOURCES;

export type Confidence = 'high' | 'medium' | 'low';

/** What every row of the larder says about itself. */
export interface Row {
  readonly id: string;
  readonly source: Source;
  readonly confidence: Confidence;
}

/** A row as a data file has it: without what is as usual, and with hidden sources by what they contain. */
export type RowData<R extends Row, Usual extends keyof R = never> = Omit<R, Usual | keyof Dietary> &
  Partial<Pick<R, Usual>> & {
    readonly brings?: readonly Avoided[];
    readonly hidden?: Readonly<Partial<Record<Avoided, string>>>;
  };

function deepFrozen<T>(value: T): T {
  if (typeof value === 'object' && value !== null) Object.values(value).forEach(deepFrozen);
  return Object.freeze(value);
}

/**
 * The rows of a data file, completed by what is usual and frozen. Their shape is held by the schemas of
 * `contract/larder.ts`, in a test: a page need not check what was checked when it was built.
 */
export function tableOf<R extends Row>(data: unknown, usual: Partial<R> = {}): readonly R[] {
  return deepFrozen((data as readonly R[]).map((row) => ({ ...usual, ...row })));
}

/** The same for rows that say who cannot eat them. */
export function dietaryTable<R extends Row & Dietary>(data: unknown, usual: Partial<R> = {}): readonly R[] {
  const rows = data as readonly RowData<R>[];
  return tableOf<R>(
    rows.map((row) => ({
      ...row,
      brings: row.brings ?? [],
      hidden: Object.entries(row.hidden ?? {}).map(([avoided, why]) => ({ avoided, why }) as HiddenSource),
    })),
    usual,
  );
}
