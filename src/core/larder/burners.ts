import { POT_MATTER, type PotMaterial } from './vessels';

export type BurnerKind = 'gas' | 'radiant' | 'induction';

/** One burner at full power. */
export interface Burner {
  readonly id: string;
  readonly name: string;
  readonly kind: BurnerKind;
  readonly powerW: number;
}

/** Share of a burner's power that reaches the pan. Usual test figures. */
export const BURNER_EFFICIENCY: Readonly<Record<BurnerKind, number>> = { gas: 0.4, radiant: 0.65, induction: 0.85 };

export const BURNER_KINDS = Object.keys(BURNER_EFFICIENCY) as BurnerKind[];

/** Usual power of small, medium and large burners of a kind, W; for a burner without a rating plate. */
export const USUAL_RING_W: Readonly<Record<BurnerKind, Readonly<Record<'small' | 'middle' | 'large', number>>>> = {
  gas: { small: 1000, middle: 1800, large: 3000 },
  radiant: { small: 1200, middle: 1800, large: 2300 },
  induction: { small: 1400, middle: 1850, large: 2500 },
};

/** Watts reaching the pan at full power. */
export function burnerNetW(burner: Pick<Burner, 'kind' | 'powerW'>): number {
  return burner.powerW * BURNER_EFFICIENCY[burner.kind];
}

/** A pan to sear in: round ones have equal length and width. Base dimensions in mm. */
export interface Pan {
  readonly id: string;
  readonly name: string;
  readonly shape: 'round' | 'rectangle';
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly massKg: number;
  readonly material: PotMaterial;
}

/** Heat capacity of the pan, J/K. */
export function panHeatJK(pan: Pick<Pan, 'massKg' | 'material'>): number {
  return pan.massKg * POT_MATTER[pan.material].heatJKgK;
}

/** Base area of the pan, m². */
export function panFloorM2(pan: Pick<Pan, 'shape' | 'lengthMm' | 'widthMm'>): number {
  return pan.shape === 'round' ? (Math.PI / 4) * (pan.lengthMm / 1000) ** 2 : (pan.lengthMm * pan.widthMm) / 1e6;
}
