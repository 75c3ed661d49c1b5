import { type Herb, herbById } from '../larder/seasoning';
import { type Choice } from '../plan/schools';

/** One herb of the plan, judged for the litres it is in. */
export interface HerbLine {
  readonly herb: Herb;
  readonly count: number;
  readonly usual: number;
  readonly tooMuch: boolean;
}

export interface HerbPlan {
  readonly lines: readonly HerbLine[];
  /** What must come out, counted: the same number in as out. */
  readonly countOut: readonly { readonly what: string; readonly count: number }[];
  readonly says: string;
}

/** A shallow braise ends with more liquid than it starts with. */
const LEAST_L = 0.5;

/** The noun for so many: leaf, leaves. */
export const plural = (noun: string, count: number): string => {
  if (count === 1) return noun;
  if (noun === 'leaf') return 'leaves';
  return noun.endsWith('y') ? `${noun.slice(0, -1)}ies` : `${noun}s`;
};

/** Usual count of a herb in so many litres, at least one. */
export function usualHerbCount(herb: Herb, litres: number): number {
  return Math.max(1, Math.round(herb.perL * litres));
}

/** Herbs for the pot, by how they are held together, with the count that has to come out again. */
export function herbPlan(
  herbs: readonly { readonly id: string; readonly count: number }[],
  form: Choice<'herbForm'>,
  litres: number,
): HerbPlan {
  const lines = herbs
    .filter((h) => h.count > 0)
    .map(({ id, count }): HerbLine => {
      const herb = herbById(id);
      return {
        herb,
        count,
        usual: usualHerbCount(herb, litres),
        tooMuch: count > Math.ceil(herb.mostPerL * Math.max(LEAST_L, litres)),
      };
    });
  const cooked = lines.filter((l) => l.herb.when !== 'end');
  const shedding = cooked.filter((l) => l.herb.sheds).map((l) => l.herb.name.toLowerCase());
  const countOut =
    cooked.length === 0
      ? []
      : form === 'loose'
        ? cooked.map((l) => ({ what: `${l.herb.name.toLowerCase()}, ${plural(l.herb.unit, l.count)}`, count: l.count }))
        : form === 'bundle'
          ? [
              { what: 'herb bundle', count: 1 },
              ...(shedding.length > 0 ? [{ what: 'cloth packet (for what sheds)', count: 1 }] : []),
            ]
          : [{ what: 'cloth packet', count: 1 }];
  const heavy = lines.filter((l) => l.tooMuch).map((l) => l.herb.name.toLowerCase());
  const says =
    heavy.length > 0
      ? `That much ${heavy.join(' and ')} turns bitter or takes over: about ${lines
          .filter((l) => l.tooMuch)
          .map((l) => `${String(l.usual)} ${plural(l.herb.unit, l.usual)}`)
          .join(' and ')} does for this pot.`
      : form === 'loose' && shedding.length > 0
        ? `${shedding.join(', ')} will spread through the sauce: tie or bag it, or strain at the end.`
        : cooked.some((l) => l.herb.when === 'halfway')
          ? 'Rosemary goes in half way: from the start it turns bitter.'
          : '';
  return { lines, countOut, says };
}
