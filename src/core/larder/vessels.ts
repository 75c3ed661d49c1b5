/** Lids and covers, from tightest to none. */
export type LidKind = 'heavy' | 'light' | 'tightFoil' | 'foil' | 'cartouche' | 'ajar' | 'none';

export interface Lid {
  readonly kind: LidKind;
  /** Share of open-surface evaporation that passes it. */
  readonly leak: number;
  /** Heat-transfer coefficient on meat above the liquid, W/m²K. */
  readonly topFilmWM2K: number;
  /** How much cooler than the liquid the space around the pieces is, K. */
  readonly headspaceDropK: number;
  /** Log-standard deviation of the leak from one such lid to another. */
  readonly leakSpread: number;
  /** Whether there is steam between it and the liquid; paper lies on the liquid. */
  readonly covers: boolean;
  /** Whether it is meant to fit tightly, so that it can also turn out not to. */
  readonly sits: boolean;
  /** Emissivity of its outside; the pot's if omitted. */
  readonly emissivity?: number;
  readonly source: string;
  readonly confidence: 'medium' | 'low';
}

const LID_SOURCE = 'Set so that covered and open pots lose water as kitchens report; a modeller’s judgement.';

type LidLaw = Omit<Lid, 'kind' | 'source' | 'confidence'>;

const lid = (kind: LidKind, law: LidLaw): Lid => ({
  kind,
  ...law,
  source: LID_SOURCE,
  confidence: law.leakSpread > 0.5 ? 'low' : 'medium',
});

/** Under a tight cover, humid air condenses on what is above the liquid. */
const CLOSE = { topFilmWM2K: 80, headspaceDropK: 0.5, leakSpread: 0.5, covers: true, sits: true } as const;
const FOIL_EMISSIVITY = 0.1;

export const LIDS: Readonly<Record<LidKind, Lid>> = {
  heavy: lid('heavy', { ...CLOSE, leak: 0.02 }),
  light: lid('light', { ...CLOSE, leak: 0.05 }),
  tightFoil: lid('tightFoil', { ...CLOSE, leak: 0.03, emissivity: FOIL_EMISSIVITY }),
  foil: lid('foil', { ...CLOSE, topFilmWM2K: 60, leak: 0.08, emissivity: FOIL_EMISSIVITY }),
  cartouche: lid('cartouche', {
    topFilmWM2K: 60,
    headspaceDropK: 2,
    leak: 0.4,
    leakSpread: 0.5,
    covers: false,
    sits: false,
  }),
  ajar: lid('ajar', { topFilmWM2K: 60, headspaceDropK: 2, leak: 0.3, leakSpread: 0.7, covers: true, sits: false }),
  none: lid('none', { topFilmWM2K: 25, headspaceDropK: 8, leak: 1, leakSpread: 0.5, covers: false, sits: false }),
};

export const LID_KINDS: readonly LidKind[] = ['heavy', 'light', 'tightFoil', 'foil', 'cartouche', 'ajar', 'none'];

/** Dark steel is enamelled or carbon steel, dark aluminium is coated: to an oven's walls both are as dark as iron. */
export const POT_MATERIALS = [
  'castIron',
  'steel',
  'darkSteel',
  'aluminium',
  'darkAluminium',
  'ceramic',
  'glass',
  'copper',
] as const;
export type PotMaterial = (typeof POT_MATERIALS)[number];

/** Properties of a pot material near 100 °C. */
export interface PotMatter {
  readonly heatJKgK: number;
  readonly densityKgM3: number;
  readonly conductivityWMK: number;
  /** Emissivity of the outside: enamel, bare iron, glass and glaze are dark to an oven's walls, bright metal is not. */
  readonly emissivity: number;
}

/** Handbook values, rounded; the steel is stainless, the copper polished. */
export const POT_MATTER: Readonly<Record<PotMaterial, PotMatter>> = {
  castIron: { heatJKgK: 480, densityKgM3: 7200, conductivityWMK: 50, emissivity: 0.9 },
  steel: { heatJKgK: 500, densityKgM3: 7900, conductivityWMK: 16, emissivity: 0.25 },
  darkSteel: { heatJKgK: 500, densityKgM3: 7850, conductivityWMK: 45, emissivity: 0.9 },
  darkAluminium: { heatJKgK: 910, densityKgM3: 2700, conductivityWMK: 200, emissivity: 0.9 },
  aluminium: { heatJKgK: 910, densityKgM3: 2700, conductivityWMK: 200, emissivity: 0.25 },
  ceramic: { heatJKgK: 880, densityKgM3: 2300, conductivityWMK: 1.5, emissivity: 0.9 },
  glass: { heatJKgK: 800, densityKgM3: 2230, conductivityWMK: 1.1, emissivity: 0.9 },
  copper: { heatJKgK: 390, densityKgM3: 8900, conductivityWMK: 390, emissivity: 0.1 },
};

/** Shape of a pot seen from above. */
export const POT_FORMS = ['round', 'oval', 'rectangle'] as const;
export type PotForm = (typeof POT_FORMS)[number];

/** Lids that belong to a pot; foil and paper are in every kitchen. */
export const OWN_LIDS = ['heavy', 'light'] as const;
export type OwnLid = (typeof OWN_LIDS)[number];

/** A pot, casserole, tray or roasting pan by its inside measures; round ones are as wide as they are long. */
export interface Pot {
  readonly id: string;
  readonly name: string;
  readonly shape: PotForm;
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly massKg: number;
  readonly material: PotMaterial;
  readonly lids: readonly OwnLid[];
}

/** Covers for this pot: its own lids, tightest first, ajar if it has one, and what any kitchen has. */
export function lidsFor(pot: Pick<Pot, 'lids'>): readonly LidKind[] {
  return LID_KINDS.filter((kind) =>
    kind === 'ajar' ? pot.lids.length > 0 : kind === 'heavy' || kind === 'light' ? pot.lids.includes(kind) : true,
  );
}

/** Where a pot can be besides a burner: an electric oven with or without fan, one with a gas flame, a steam oven, or a barbecue with a lid. */
export const OVEN_KINDS = ['still', 'fan', 'gas', 'steam', 'grill'] as const;

export interface Oven {
  readonly id: string;
  readonly name: string;
  readonly kind: (typeof OVEN_KINDS)[number];
}
