import { type Figure, input as from } from '../explain/figure';
import { CUTS, type Cut, cutById, cutLabel } from '../larder/cuts';
import { type Appetite, type MeatPart, type ResultId } from '../plan/input';

export const APPETITE_FACTOR: Readonly<Record<Appetite, number>> = { light: 0.75, usual: 1, hearty: 1.3 };

export interface BuyPlan {
  /** Trimmed weight the table wants. */
  readonly wanted: Figure;
  /** As bought, to have that much after trimming. */
  readonly toBuy: Figure;
  /** Off the bone, as it goes in. */
  readonly edible: Figure;
  /** Cooked, off the bone, each plate. */
  readonly served: Figure;
  /** Plates the meat at hand makes. */
  readonly plates: Figure;
  readonly pricePerPlate: Figure | null;
  /** The same table from the other form: off or on the bone. */
  readonly other: { readonly says: string; readonly wantedKg: number; readonly servedPerKg: number } | null;
  readonly counter: readonly string[];
}

const mid = ([low, high]: readonly [number, number]): number => (low + high) / 2;

export function edibleShare(cut: Cut, onBone: boolean): number {
  return onBone ? 1 - cut.boneFraction : 1;
}

/** Raw weight off the bone of everything in a list of cuts, kg. */
export function edibleKgOf(parts: readonly Pick<MeatPart, 'cutId' | 'massKg' | 'onBone'>[]): number {
  return parts.reduce((sum, p) => sum + p.massKg * edibleShare(cutById(p.cutId), p.onBone), 0);
}

/** Share of raw edible weight that is on the plate: less juice and the fat that runs out. */
export function cookedShare(cut: Cut): number {
  return 1 - cut.cookLoss;
}

/** Raw weight each eater wants of this form of the cut, kg: the table's figure is for the form it is usually sold in. */
export function rawPerEaterKg(cut: Cut, onBone: boolean, appetite: Appetite): number {
  const usualBone = cut.bone !== 'no';
  const edible = (cut.rawGramsPerServing / 1000) * edibleShare(cut, usualBone);
  return (edible / edibleShare(cut, onBone)) * APPETITE_FACTOR[appetite];
}

/** From eaters to what to buy, and from what was bought to plates. `servedKg` is the forecast's cooked meat, all plates. */
export function buyPlan(
  parts: readonly { readonly cut: Cut; readonly part: MeatPart }[],
  eaters: number,
  appetite: Appetite,
  servedKg: number,
): BuyPlan {
  const totalKg = parts.reduce((sum, p) => sum + p.part.massKg, 0);
  const wantedOf = ({ cut, part }: { readonly cut: Cut; readonly part: MeatPart }): number =>
    eaters * rawPerEaterKg(cut, part.onBone, appetite) * (totalKg > 0 ? part.massKg / totalKg : 1 / parts.length);
  const wantedKg = parts.reduce((sum, p) => sum + wantedOf(p), 0);
  const grossOf = (share: (cut: Cut) => number): number =>
    parts.reduce((sum, p) => sum + wantedOf(p) / (1 - share(p.cut)), 0);
  const edibleKg = parts.reduce((sum, p) => sum + p.part.massKg * edibleShare(p.cut, p.part.onBone), 0);
  const plates = wantedKg > 0 ? (eaters * totalKg) / wantedKg : 0;
  const priced = parts.every((p) => p.part.pricePerKg !== null);
  const cost = parts.reduce((sum, { cut, part }) => {
    const gross = part.grossKg ?? part.massKg / (1 - mid(cut.trimLoss));
    return sum + gross * (part.pricePerKg ?? 0);
  }, 0);
  const first = parts[0];
  return {
    wanted: {
      label: 'Trimmed meat for the table',
      value: wantedKg,
      as: 'mass',
      formula: 'Raw weight a plate of this cut, bone counted, times eaters and appetite.',
      inputs: [
        from('eaters', eaters, 'count'),
        from('appetite', APPETITE_FACTOR[appetite], 'number'),
        ...parts.map((p) =>
          from(`a plate of ${p.cut.name.toLowerCase()}`, rawPerEaterKg(p.cut, p.part.onBone, 'usual'), 'mass'),
        ),
      ],
      changes: 'Appetite, what stands beside it, bone or no bone.',
      sure: 'practice',
    },
    toBuy: {
      label: 'To buy',
      value: grossOf((c) => mid(c.trimLoss)),
      as: 'mass',
      range: [grossOf((c) => c.trimLoss[0]), grossOf((c) => c.trimLoss[1])],
      formula: 'What the table wants over what is left after trimming.',
      inputs: [
        from('trimmed, wanted', wantedKg, 'mass'),
        ...parts.map((p) => from(`trim loss of ${p.cut.name.toLowerCase()}`, mid(p.cut.trimLoss), 'share')),
      ],
      changes: 'A well-trimmed piece loses less; one cook lost a quarter.',
      sure: 'practice',
    },
    edible: {
      label: 'Off the bone, raw',
      value: edibleKg,
      as: 'mass',
      formula: 'Weight that goes in, less its bone.',
      inputs: parts.flatMap((p) => [
        from(p.cut.name, p.part.massKg, 'mass'),
        from('of it bone', p.part.onBone ? p.cut.boneFraction : 0, 'share'),
      ]),
      changes: 'The cut and its bone.',
      sure: 'estimate',
    },
    served: {
      label: 'On each plate, cooked',
      value: servedKg / eaters,
      as: 'mass',
      formula: 'Raw meat off the bone, less juice and fat given up when the fork twists, over the eaters.',
      inputs: [
        from('off the bone, raw', edibleKg, 'mass'),
        from('cooked, all plates', servedKg, 'mass'),
        from('eaters', eaters, 'count'),
      ],
      changes: 'Cooking further gives up more. The juice is not lost: it is the sauce.',
      sure: 'estimate',
    },
    plates: {
      label: 'Feeds',
      value: plates,
      as: 'count',
      formula: 'What goes in over what each eater wants.',
      inputs: [from('goes in', totalKg, 'mass'), from('each wants', eaters > 0 ? wantedKg / eaters : 0, 'mass')],
      changes: 'Appetite; sides.',
      sure: 'practice',
    },
    pricePerPlate:
      priced && first
        ? {
            label: 'Meat for a plate costs',
            value: plates > 0 ? cost / plates : Number.NaN,
            as: 'money',
            formula: 'Price times weight as bought, over the plates it makes: bone and trim are paid for too.',
            inputs: [from('all of it', cost, 'money'), from('plates', plates, 'number')],
            changes: 'The other form of the cut: see beside.',
            sure: 'computed',
          }
        : null,
    other:
      first && first.cut.bone === 'either' && parts.length === 1
        ? otherForm(first.cut, first.part, eaters, appetite)
        : null,
    counter: first ? atTheCounter(first.cut) : [],
  };
}

function otherForm(cut: Cut, part: MeatPart, eaters: number, appetite: Appetite): NonNullable<BuyPlan['other']> {
  const onBone = !part.onBone;
  const wantedKg = eaters * rawPerEaterKg(cut, onBone, appetite);
  const servedPerKg = edibleShare(cut, onBone) * cookedShare(cut);
  const here = edibleShare(cut, part.onBone) * cookedShare(cut);
  const fair =
    part.pricePerKg === null ? '' : ` It is worth up to ${((part.pricePerKg * servedPerKg) / here).toFixed(2)} a kilo.`;
  return {
    says: onBone
      ? `On the bone you need ${wantedKg.toFixed(1)} kg: more flavour and marrow, and the bone shows when it is done.${fair}`
      : `Off the bone ${wantedKg.toFixed(1)} kg is enough: easy eating, no bone to judge by.${fair}`,
    wantedKg,
    servedPerKg,
  };
}

function atTheCounter(cut: Cut): string[] {
  const list = ['Even thickness from end to end, or the thin end is done first.'];
  if (cut.form === 'cubes') list[0] = 'A whole piece to cut yourself: ready cubes are mixed sizes and muscles.';
  if (cut.collagenGPerKg >= 20)
    list.push('Seams and silverskin you can see between the muscles: they become the sauce.');
  else list.push('Some fat through the meat: there is little else to keep it moist.');
  if (cut.boneFraction > 0) list.push('Meat well on the bone, cut surfaces moist, no bone dust.');
  if (cut.species === 'chicken' || cut.species === 'duck' || cut.species === 'turkey')
    list.push('Skin whole and dry, no smell.');
  list.push(`${String(Math.round(mid(cut.trimLoss) * 100))} % is trimmed away on average: buy for the trimmed weight.`);
  return list;
}

/** How well a cut does for a wanted result, with the reason; higher is better, below 0 is advised against. */
export interface CutAdvice {
  readonly cut: Cut;
  readonly label: string;
  readonly score: number;
  readonly why: string;
  /** Minutes at 95 °C it needs: how long it takes beside the others. */
  readonly cookValue: number;
}

const LEAN_FAT = 0.07;
const RICH_COLLAGEN = 20;

function judge(cut: Cut, result: ResultId): { score: number; why: string } {
  const { fat } = cut.composition;
  const collagen = cut.collagenGPerKg;
  const lean = fat < LEAN_FAT;
  const whole = cut.form === 'pieces' && cut.typicalPieceKg >= 0.7 && cut.boneMode === 'none';
  switch (result) {
    case 'slices':
      if (!whole) return { score: -1, why: 'too small, or all bone, to slice' };
      return lean || collagen <= 14
        ? { score: 3 - collagen / 20, why: 'even grain that holds together: slices before it shreds' }
        : {
            score: 1 + (cut.shape === 'roll' ? 1 : 0) - collagen / 40,
            why: 'slices if it is stopped early; falls apart soon after',
          };
    case 'tender':
      return {
        score: 1.5 + Math.min(2, collagen / 15) + (lean ? -0.5 : 0.5),
        why:
          collagen >= RICH_COLLAGEN
            ? 'much collagen: turns silky'
            : lean
              ? 'lean: tender, but dry if held too long'
              : 'well marbled and forgiving',
      };
    case 'shreds':
      if (lean) return { score: 0, why: 'lean: its threads are dry' };
      return {
        score: 1 + fat * 8 + Math.min(1.5, collagen / 16) + (whole ? 0.8 : 0),
        why: 'long fibres with fat and collagen between: pulls into moist strands',
      };
    case 'melts':
      return {
        score: (cut.form === 'cubes' ? 2 : 0.5) + Math.min(2.5, collagen / 12) - (cut.boneFraction > 0.35 ? 0.5 : 0),
        why: collagen >= RICH_COLLAGEN ? 'dissolves into a sticky sauce' : 'breaks up small; needs time',
      };
  }
}

/** Cuts that suit a result, best first, of one species if wanted. */
export function cutsFor(result: ResultId, species?: Cut['species']): CutAdvice[] {
  return CUTS.filter((c) => species === undefined || c.species === species)
    .map((cut): CutAdvice => {
      const { score, why } = judge(cut, result);
      return { cut, label: cutLabel(cut), score, why, cookValue: cut.cookValue.twists };
    })
    .filter((a) => a.score > 0)
    .sort((a, b) => b.score - a.score);
}

/** What can be said against a cut for the wanted result; empty when it suits. */
export function cutDoubt(cutId: string, result: ResultId): string {
  const { score, why } = judge(cutById(cutId), result);
  return score <= 0 ? `${cutById(cutId).name}: ${why}.` : '';
}

const GELATIN_AIM_G_KG = 16;

/** Trotter to add to lean or gelatin-poor meat, kg; 0 where there is enough. */
export function trotterKg(parts: readonly { readonly cut: Cut; readonly part: MeatPart }[]): number {
  const edible = parts.reduce((sum, p) => sum + p.part.massKg * edibleShare(p.cut, p.part.onBone), 0);
  const collagenG = parts.reduce(
    (sum, p) => sum + p.part.massKg * edibleShare(p.cut, p.part.onBone) * p.cut.collagenGPerKg,
    0,
  );
  const short = GELATIN_AIM_G_KG * edible - collagenG;
  const trotter = cutById('pork_trotter');
  const perKg = trotter.collagenGPerKg * (1 - trotter.boneFraction);
  return short > 1 ? Math.ceil((short / perKg) * 20) / 20 : 0;
}
