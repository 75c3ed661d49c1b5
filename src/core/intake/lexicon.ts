import { type LidKind } from '../larder';

/** What a line of a recipe can become in a plan. */
export type Role = 'cut' | 'garnish' | 'liquid' | 'herb' | 'spice' | 'fat' | 'salt' | 'paste' | 'flour';

export interface Meaning {
  readonly role: Role;
  /** Id in the larder; empty for salt, paste and flour, of which there is one. */
  readonly id: string;
  /** What one of it weighs, kg, where it is counted; usual sizes, good to a third. */
  readonly eachKg?: number;
  /** What a litre of it weighs cut up, kg, where it comes by the cup. */
  readonly kgPerL?: number;
}

/** Meat by its whole name, what one weighs, kg, and the cubes a line that says it is cut up becomes. */
export type MeatEntry = readonly [pattern: RegExp, whole: string, eachKg: number, cubes?: string];

/** Where a braise can be put that a line can name. */
export type NamedPlace = 'fan' | 'simmer' | 'steamOven' | 'grill';

/**
 * How one language says in a line what is to be braised, for how many and when. Patterns are looked for in lower case;
 * the named groups are what is taken from them.
 */
export interface WishLexicon {
  /** Group `count`: digits, or a word of `numbers`. */
  readonly eaters: readonly RegExp[];
  /** Groups `hour`, perhaps `minute` and `half`: digits, and the half of the day as one of `morning` or not. */
  readonly clocks: readonly RegExp[];
  readonly morning: RegExp;
  readonly noon: RegExp;
  readonly today: RegExp;
  readonly tomorrow: RegExp;
  /** Group `count`. */
  readonly inDays: RegExp;
  /** Monday first. */
  readonly weekdays: readonly RegExp[];
  /** January first; each with group `day` on either side. */
  readonly months: readonly RegExp[];
  readonly mass: RegExp;
  /** Degrees with their unit, as `temperature`, or a bare number of three digits. */
  readonly degrees: RegExp;
  readonly places: readonly (readonly [pattern: RegExp, place: NamedPlace])[];
  /** Naming the oven alone says nothing that is not so anyway. */
  readonly oven: RegExp;
  readonly lids: readonly (readonly [pattern: RegExp, lid: LidKind])[];
  /** A pot by its size against the others: the whole phrase. */
  readonly smallPot: RegExp;
  readonly largePot: RegExp;
  /** A pot by its breadth: group `cm`. */
  readonly potAcross: RegExp;
  /** Any other mention of a pot. */
  readonly pot: RegExp;
  /** What cannot be the main thing of a braise here, by why. */
  readonly unplanned: readonly (readonly [pattern: RegExp, why: 'fish' | 'vegetables'])[];
  /** Between one thing and another. */
  readonly apart: RegExp;
  /** Words that join and fill, and say nothing by themselves. */
  readonly fillers: RegExp;
  /** A number before a thing, group `count`, at the end of what stands before it. */
  readonly countBefore: RegExp;
}

/** How one language writes recipes and amounts. All reading of text goes through one of these. */
export interface Lexicon {
  readonly meat: readonly MeatEntry[];
  /** Everything else, the more special wording before the more general. */
  readonly rest: readonly (readonly [pattern: RegExp, meaning: Meaning])[];
  /** Cut small. */
  readonly cubed: RegExp;
  /** Made of meat, but no meat. */
  readonly stock: RegExp;
  /** The method says that the meat of the list is cut up. */
  readonly cutUpLater: RegExp;
  /** One thing and another on a line. */
  readonly joins: RegExp;
  readonly bunch: RegExp;
  readonly head: RegExp;
  readonly tins: RegExp;
  readonly bottles: RegExp;
  readonly pinch: RegExp;
  /** Numbers said in words before an amount, and what they are in digits. */
  readonly spoken: readonly (readonly [pattern: RegExp, digits: string])[];
  /** From one amount to another. */
  readonly toAnother: RegExp;
  /** A number, perhaps another, and hours or minutes. */
  readonly span: RegExp;
  readonly hours: RegExp;
  readonly numbers: Readonly<Record<string, number>>;
  readonly temperature: RegExp;
  readonly fahrenheit: RegExp;
  readonly gas: RegExp;
  /** A gas mark by itself, as it is typed. */
  readonly gasMark: RegExp;
  readonly oven: RegExp;
  readonly fan: RegExp;
  readonly simmers: RegExp;
  readonly braises: RegExp;
  readonly wish: WishLexicon;
}
