import { listParam, type Message, nameOf, noun, say } from '../message';
import { type Herb, herbById } from '../larder';
import { type TechniqueOption } from '../choices';

/** One herb of the plan, judged for its volume of liquid. */
export interface HerbLine {
  readonly herb: Herb;
  readonly count: number;
  readonly usual: number;
  readonly tooMuch: boolean;
}

/** Something counted in that must be counted out. */
export interface CountedOut {
  readonly what: Message;
  readonly count: number;
}

export interface HerbPlan {
  readonly lines: readonly HerbLine[];
  /** What must come out: as many as went in. */
  readonly countOut: readonly CountedOut[];
  /** Advice; undefined if there is none. */
  readonly says: Message | undefined;
}

/** A shallow braise ends with more liquid than it starts with. */
const MIN_L = 0.5;

/** Usual count of a herb for this many litres, at least one. */
export function usualHerbCount(herb: Herb, litres: number): number {
  return Math.max(1, Math.round(herb.perL * litres));
}

/** Herbs for the pot by how they are tied, with the count to take out again. */
export function herbPlan(
  herbs: readonly { readonly id: string; readonly count: number }[],
  form: TechniqueOption<'herbForm'>,
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
        tooMuch: count > Math.ceil(herb.mostPerL * Math.max(MIN_L, litres)),
      };
    });
  const cooked = lines.filter((l) => l.herb.when !== 'end');
  return { lines, countOut: countOut(cooked, form), says: advice(lines, cooked, form) };
}

function countOut(cooked: readonly HerbLine[], form: TechniqueOption<'herbForm'>): CountedOut[] {
  if (cooked.length === 0) return [];
  switch (form) {
    case 'loose':
      return cooked.map((l) => ({
        what: say('countOut.herb', { herb: nameOf('herb', l.herb.id), unit: noun(l.herb.unit, l.count) }),
        count: l.count,
      }));
    case 'bundle':
      return [
        { what: say('countOut.bundle'), count: 1 },
        ...(cooked.some((l) => l.herb.sheds) ? [{ what: say('countOut.packetForShedding'), count: 1 }] : []),
      ];
    case 'cloth':
      return [{ what: say('countOut.packet'), count: 1 }];
  }
}

function advice(
  lines: readonly HerbLine[],
  cooked: readonly HerbLine[],
  form: TechniqueOption<'herbForm'>,
): Message | undefined {
  const names = (of: readonly HerbLine[]) => listParam(of.map((l) => nameOf('herb', l.herb.id)));
  const heavy = lines.filter((l) => l.tooMuch);
  if (heavy.length > 0) {
    return say('herbs.tooMuch', {
      herbs: names(heavy),
      count: heavy.length,
      enough: listParam(heavy.map((l) => say('herbs.enough', { usual: l.usual, unit: noun(l.herb.unit, l.usual) }))),
    });
  }
  const shedding = cooked.filter((l) => l.herb.sheds);
  if (form === 'loose' && shedding.length > 0) return say('herbs.shed', { herbs: names(shedding) });
  return cooked.some((l) => l.herb.when === 'halfway') ? say('herbs.halfway') : undefined;
}
