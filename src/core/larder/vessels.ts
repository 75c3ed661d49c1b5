/** Lids and covers, from tightest to none. */
export type LidKind = 'heavy' | 'light' | 'tightFoil' | 'foil' | 'cartouche' | 'ajar' | 'none';

export interface Lid {
  readonly kind: LidKind;
  /** Share of open-surface evaporation that gets past it. */
  readonly leak: number;
  /** Film coefficient on meat above the liquid, W/m²K. */
  readonly topFilmWM2K: number;
  /** How much cooler than the liquid the pieces' surroundings are, K. */
  readonly headspaceDropK: number;
  /** Spread of the logarithm of the leak between one such lid and another. */
  readonly leakSpread: number;
  readonly source: string;
  readonly confidence: 'medium' | 'low';
}

const LID_SOURCE = 'Set so that covered and open pots lose water as kitchens report; a modeller’s judgement.';

const lid = (kind: LidKind, leak: number, topFilmWM2K: number, headspaceDropK: number, leakSpread: number): Lid => ({
  kind,
  leak,
  topFilmWM2K,
  headspaceDropK,
  leakSpread,
  source: LID_SOURCE,
  confidence: leakSpread > 0.5 ? 'low' : 'medium',
});

export const LIDS: Readonly<Record<LidKind, Lid>> = {
  heavy: lid('heavy', 0.02, 80, 0.5, 0.5),
  light: lid('light', 0.05, 80, 0.5, 0.5),
  tightFoil: lid('tightFoil', 0.03, 60, 0.5, 0.5),
  foil: lid('foil', 0.08, 60, 0.5, 0.5),
  cartouche: lid('cartouche', 0.4, 60, 2, 0.5),
  ajar: lid('ajar', 0.3, 60, 2, 0.7),
  none: lid('none', 1, 25, 8, 0.5),
};

export const LID_KINDS: readonly LidKind[] = ['heavy', 'light', 'tightFoil', 'foil', 'cartouche', 'ajar', 'none'];

export type PotMaterial = 'castIron' | 'steel' | 'aluminium' | 'ceramic' | 'glass' | 'copper';

export const POT_MATERIALS: readonly PotMaterial[] = ['castIron', 'steel', 'aluminium', 'ceramic', 'glass', 'copper'];

/** Specific heat near 100 °C, J/kgK. Source: handbook values, rounded to 10. */
export const MATERIAL_HEAT_JKGK: Readonly<Record<PotMaterial, number>> = {
  castIron: 480,
  steel: 500,
  aluminium: 910,
  ceramic: 880,
  glass: 800,
  copper: 390,
};

/** Shiny steel takes up less radiant heat in an oven; everything else is dark enough. Modeller's judgement. */
export function radiantFactor(material: PotMaterial): number {
  return material === 'steel' || material === 'aluminium' || material === 'copper' ? 0.7 : 1;
}

/** A round pot. */
export interface Pot {
  readonly id: string;
  readonly name: string;
  readonly diameterMm: number;
  readonly heightMm: number;
  readonly massKg: number;
  readonly material: PotMaterial;
}

/** Inside volume to the brim, litres. */
export function potVolumeL(pot: Pick<Pot, 'diameterMm' | 'heightMm'>): number {
  return (Math.PI / 4) * (pot.diameterMm / 100) ** 2 * (pot.heightMm / 100);
}
