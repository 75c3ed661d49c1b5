import { type LidKind } from '../larder';

/** What a recipe line can become in a plan. */
export type Role = 'cut' | 'garnish' | 'liquid' | 'herb' | 'spice' | 'fat' | 'salt' | 'paste' | 'flour';

export interface IngredientMatch {
  readonly role: Role;
  /** Id in the larder; empty for salt, paste and flour, which exist only once. */
  readonly id: string;
  /** Weight of one, kg, where it is counted; usual sizes, good to a third. */
  readonly eachKg?: number;
  /** Weight of a litre of it cut up, kg, where it is measured in cups. */
  readonly kgPerL?: number;
}

/** Meat by its full name, the weight of one, kg, and the cubes a line becomes if it says it is cut up. */
export type MeatEntry = readonly [pattern: RegExp, whole: string, eachKg: number, cubes?: string];

/** Places a line can name. */
export type NamedPlace = 'fan' | 'gas' | 'simmer' | 'steamOven' | 'grill';

/**
 * How one language says in a line what is to be braised, for how many and when. Patterns are matched in lower case;
 * their named groups are used.
 */
export interface PlanRequestLexicon {
  /** Group `count`: digits, or a word from `numbers`. */
  readonly eaters: readonly RegExp[];
  /** Groups `hour`, optionally `minute` and `half`: digits, and the half of the day as one of `morning` or not. */
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
  /** Degrees with their unit, as `temperature`, or a bare three-digit number. */
  readonly degrees: RegExp;
  readonly places: readonly (readonly [pattern: RegExp, place: NamedPlace])[];
  /** Naming only the oven adds nothing: it is the default. */
  readonly oven: RegExp;
  readonly lids: readonly (readonly [pattern: RegExp, lid: LidKind])[];
  /** A pot by relative size: the whole phrase. */
  readonly smallPot: RegExp;
  readonly largePot: RegExp;
  /** A pot by its width: group `cm`. */
  readonly potAcross: RegExp;
  /** Any other mention of a pot. */
  readonly pot: RegExp;
  /** Main ingredients that cannot be braised here, by reason. */
  readonly unplanned: readonly (readonly [pattern: RegExp, why: 'fish' | 'vegetables'])[];
  /** Separators between two items. */
  readonly apart: RegExp;
  /** Joining and filler words without meaning of their own. */
  readonly fillers: RegExp;
  /** A number before an item, group `count`, at the end of the text before it. */
  readonly countBefore: RegExp;
}

/** How one language writes recipes and amounts. All reading of text goes through one of these. */
export interface Lexicon {
  readonly meat: readonly MeatEntry[];
  /** Everything else, more specific wording before more general. */
  readonly rest: readonly (readonly [pattern: RegExp, meaning: IngredientMatch])[];
  /** Cut small. */
  readonly cubed: RegExp;
  /** Made from meat, but not meat. */
  readonly stock: RegExp;
  /** The method says that the listed meat is cut up. */
  readonly cutUpLater: RegExp;
  /** Two items on one line. */
  readonly joins: RegExp;
  readonly bunch: RegExp;
  readonly head: RegExp;
  readonly tins: RegExp;
  readonly bottles: RegExp;
  readonly pinch: RegExp;
  /** Numbers in words before an amount, and their digits. */
  readonly spoken: readonly (readonly [pattern: RegExp, digits: string])[];
  /** Separator within a range of amounts. */
  readonly toAnother: RegExp;
  /** A number, perhaps another, and hours or minutes. */
  readonly span: RegExp;
  readonly hours: RegExp;
  readonly numbers: Readonly<Record<string, number>>;
  readonly temperature: RegExp;
  readonly fahrenheit: RegExp;
  readonly gas: RegExp;
  /** A gas mark on its own, as typed. */
  readonly gasMark: RegExp;
  readonly oven: RegExp;
  readonly fan: RegExp;
  readonly simmers: RegExp;
  readonly braises: RegExp;
  readonly wish: PlanRequestLexicon;
}
