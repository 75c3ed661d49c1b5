import { figure, type Figure, input as from, kg, type Message, money, nameOf, say, share } from '../message';
import { BIRDS, type Cut, cutById, CUTS } from '../larder';
import { type Appetite, type MeatPart, type ResultId } from '../choices';

export const APPETITE_FACTOR: Readonly<Record<Appetite, number>> = { light: 0.75, usual: 1, hearty: 1.3 };

export interface BuyPlan {
  /** Trimmed weight needed. */
  readonly wanted: Figure;
  /** As bought, to have that much after trimming. */
  readonly toBuy: Figure;
  /** Boneless weight, as it goes in. */
  readonly edible: Figure;
  /** Cooked and boneless, per serving. */
  readonly served: Figure;
  /** Servings from the meat at hand. */
  readonly plates: Figure;
  readonly pricePerPlate: Figure | null;
  /** The same for the other form: boneless or bone-in. */
  readonly other: { readonly says: Message; readonly wantedKg: number; readonly servedPerKg: number } | null;
  readonly counter: readonly Message[];
}

const mid = ([low, high]: readonly [number, number]): number => (low + high) / 2;

export function edibleShare(cut: Cut, onBone: boolean): number {
  return onBone ? 1 - cut.boneFraction : 1;
}

/** Raw boneless weight of all cuts in a list, kg. */
export function bonelessKg(parts: readonly Pick<MeatPart, 'cutId' | 'massKg' | 'onBone'>[]): number {
  return parts.reduce((sum, p) => sum + p.massKg * edibleShare(cutById(p.cutId), p.onBone), 0);
}

/** Share of raw edible weight that ends up on the plate: less juice and rendered fat. */
export function cookedShare(cut: Cut): number {
  return 1 - cut.cookLoss;
}

/** Raw weight per eater of this form of the cut, kg: the table's figure is for the form usually sold. */
export function rawPerPersonKg(cut: Cut, onBone: boolean, appetite: Appetite): number {
  const usualBone = cut.bone !== 'no';
  const edible = (cut.rawGramsPerServing / 1000) * edibleShare(cut, usualBone);
  return (edible / edibleShare(cut, onBone)) * APPETITE_FACTOR[appetite];
}

/**
 * From eaters to what to buy, and from what was bought to servings. `servedKg` is the forecast's cooked meat in total.
 */
export function buyPlan(
  parts: readonly { readonly cut: Cut; readonly part: MeatPart }[],
  eaters: number,
  appetite: Appetite,
  servedKg: number,
): BuyPlan {
  const totalKg = parts.reduce((sum, p) => sum + p.part.massKg, 0);
  const wantedOf = ({ cut, part }: { readonly cut: Cut; readonly part: MeatPart }): number =>
    eaters * rawPerPersonKg(cut, part.onBone, appetite) * (totalKg > 0 ? part.massKg / totalKg : 1 / parts.length);
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
    wanted: figure('buy.wanted', wantedKg, 'mass', 'practice', [
      from('eaters', eaters, 'count'),
      from('appetite', APPETITE_FACTOR[appetite], 'number'),
      ...parts.map((p) =>
        from('aPlateOf', rawPerPersonKg(p.cut, p.part.onBone, 'usual'), 'mass', { cut: nameOf('cut', p.cut.id) }),
      ),
    ]),
    toBuy: figure(
      'buy.toBuy',
      grossOf((c) => mid(c.trimLoss)),
      'mass',
      'practice',
      [
        from('trimmedWanted', wantedKg, 'mass'),
        ...parts.map((p) => from('trimLossOf', mid(p.cut.trimLoss), 'share', { cut: nameOf('cut', p.cut.id) })),
      ],
      { range: [grossOf((c) => c.trimLoss[0]), grossOf((c) => c.trimLoss[1])] },
    ),
    edible: figure(
      'buy.edible',
      edibleKg,
      'mass',
      'estimate',
      parts.flatMap((p) => [
        from('cut', p.part.massKg, 'mass', { cut: nameOf('cut', p.cut.id) }),
        from('ofItBone', p.part.onBone ? p.cut.boneFraction : 0, 'share'),
      ]),
    ),
    served: figure('buy.served', servedKg / eaters, 'mass', 'estimate', [
      from('offTheBoneRaw', edibleKg, 'mass'),
      from('cookedAllPlates', servedKg, 'mass'),
      from('eaters', eaters, 'count'),
    ]),
    plates: figure('buy.plates', plates, 'count', 'practice', [
      from('goesIn', totalKg, 'mass'),
      from('eachWants', eaters > 0 ? wantedKg / eaters : 0, 'mass'),
    ]),
    pricePerPlate:
      priced && first
        ? figure('buy.pricePerPlate', plates > 0 ? cost / plates : Number.NaN, 'money', 'computed', [
            from('allOfIt', cost, 'money'),
            from('plates', plates, 'number'),
          ])
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
  const wantedKg = eaters * rawPerPersonKg(cut, onBone, appetite);
  const servedPerKg = edibleShare(cut, onBone) * cookedShare(cut);
  const here = edibleShare(cut, part.onBone) * cookedShare(cut);
  const weight = kg(wantedKg);
  const says = (pricePerKg: number | null): Message => {
    if (pricePerKg === null) return say(onBone ? 'buy.other.onBone' : 'buy.other.offBone', { weight });
    const price = money((pricePerKg * servedPerKg) / here);
    return say(onBone ? 'buy.other.onBone.priced' : 'buy.other.offBone.priced', { weight, price });
  };
  return {
    says: says(part.pricePerKg),
    wantedKg,
    servedPerKg,
  };
}

function atTheCounter(cut: Cut): Message[] {
  const bird = BIRDS.includes(cut.species);
  return [
    say(cut.form === 'cubes' ? 'counter.wholePiece' : 'counter.even'),
    say(cut.collagenGPerKg >= RICH_COLLAGEN ? 'counter.seams' : 'counter.marbled'),
    ...(cut.boneFraction > 0 ? [say('counter.bone')] : []),
    ...(bird ? [say('counter.skin')] : []),
    say('counter.trimmed', { share: share(mid(cut.trimLoss)) }),
  ];
}

/** How well a cut suits a result, with the reason; higher is better, below 0 is advised against. */
export interface CutAdvice {
  readonly cut: Cut;
  readonly score: number;
  readonly why: Message;
  /** Minutes at 95 °C it needs: how long it takes compared with the others. */
  readonly cookValue: number;
}

const LEAN_FAT = 0.07;
const RICH_COLLAGEN = 20;
const MOIST_FAT = 0.2;
const FATTY = 0.3;

/** How a cut suits a result; the reason is one of the `suits` and `doubt` messages. */
function judge(cut: Cut, result: ResultId): { score: number; why: string } {
  const { fat } = cut.composition;
  const collagen = cut.collagenGPerKg;
  const lean = fat < LEAN_FAT;
  const whole = cut.form === 'pieces' && cut.typicalPieceKg >= 0.7 && cut.bone !== 'yes';
  switch (result) {
    case 'slices':
      if (!whole) return { score: -1, why: 'tooSmallToSlice' };
      return lean || collagen <= 14
        ? { score: 3 - collagen / 20, why: 'evenGrain' }
        : {
            score: 1 + (cut.shape === 'roll' ? 1 : 0) - collagen / 40,
            why: 'slicesEarly',
          };
    case 'tender':
      return {
        score: 1.5 + Math.min(2, collagen / 15) + (lean ? -0.5 : 0.5),
        why: collagen >= RICH_COLLAGEN ? 'silky' : lean ? 'leanTender' : 'forgiving',
      };
    case 'falls':
      if (cut.bone === 'no') return { score: -1, why: 'noBone' };
      return {
        score: 1 + Math.min(2.5, collagen / 12) + (lean ? -0.5 : 0.5),
        why: collagen >= RICH_COLLAGEN ? 'stickySauce' : 'slidesOff',
      };
    case 'shreds':
      if (lean) return { score: 0, why: 'dryThreads' };
      return {
        // Fat keeps strands moist up to about a fifth; beyond that it is fat on the plate.
        score:
          1 +
          Math.min(fat, MOIST_FAT) * 8 -
          Math.max(0, fat - FATTY) * 8 +
          Math.min(1.5, collagen / 16) +
          (whole ? 0.8 : 0),
        why: 'moistStrands',
      };
    case 'melts':
      return {
        score: (cut.form === 'cubes' ? 2 : 0.5) + Math.min(2.5, collagen / 12) - (cut.boneFraction > 0.35 ? 0.5 : 0),
        why: collagen >= RICH_COLLAGEN ? 'stickySauce' : 'breaksUp',
      };
  }
}

/** Cuts that suit a result, best first, of one species if wanted. */
export function cutsFor(result: ResultId, species?: Cut['species']): CutAdvice[] {
  return CUTS.filter((c) => species === undefined || c.species === species)
    .map((cut): CutAdvice => {
      const { score, why } = judge(cut, result);
      return { cut, score, why: nameOf('suits', why), cookValue: cut.cookValue.twists };
    })
    .filter((a) => a.score > 0)
    .sort((a, b) => b.score - a.score);
}

/** What speaks against a cut for the wanted result; undefined if it suits. */
export function cutDoubt(cutId: string, result: ResultId): Message | undefined {
  const { score, why } = judge(cutById(cutId), result);
  return score <= 0 ? say('watch.doubt', { cut: nameOf('cut', cutId), why: nameOf('suits', why) }) : undefined;
}

const GELATIN_AIM_G_KG = 16;

/** Trotter to add to lean or gelatin-poor meat, kg; 0 where none is needed. */
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
