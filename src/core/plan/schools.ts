/** One of several ways cooks do the same thing, with a line of why. */
export interface SchoolOption<Id extends string = string> {
  readonly id: Id;
  readonly name: string;
  readonly why: string;
}

const option = <Id extends string>(id: Id, name: string, why: string): SchoolOption<Id> => ({ id, name, why });

const school = <Id extends string>(label: string, usual: NoInfer<Id>, options: readonly SchoolOption<Id>[]) => ({
  label,
  usual,
  options,
});

/** Where cooks disagree. The key is what a kitchen remembers. */
export const SCHOOLS = {
  temper: school('Out of the fridge', 'none', [
    option('none', 'Straight in', 'thick meat barely warms in an hour, and it spends safe time'),
    option('minutes', '20 minutes', 'while the pan and vegetables are got ready'),
    option('hour', 'An hour', 'as many do; it is the most in a hot room'),
  ]),
  saltWhen: school('Salt', 'before', [
    option('before', 'Just before the sear', 'every face, then straight into the pan while still dry'),
    option('overnight', '1 to 24 h ahead', 'works inward; pat dry again before the pan'),
    option('after', 'After the sear', 'dry surface first: a better crust'),
    option('flour', 'In the flour', 'seasons the coat, reaches the meat slowly'),
    option('hold', 'Hold it back', 'stock or long reducing brings enough; season at the end'),
  ]),
  dredge: school('Flour on the meat', 'bare', [
    option('bare', 'Bare', 'browns clean; weigh the flour later: it does not stop water loss'),
    option('floured', 'Floured', 'shaken off well: colour, and some thickening'),
  ]),
  searDepth: school('How dark', 'deep', [
    option('deep', 'Deep brown', 'flavour and colour'),
    option('light', 'Light gold', 'for pale braises'),
    option('none', 'No sear', 'when the meat will melt into its sauce'),
  ]),
  searMoving: school('In the pan', 'still', [
    option('still', 'Leave alone', 'contact makes crust; moving cools the pan'),
    option('moving', 'Keep moving', 'small dice browned all round'),
  ]),
  fatKept: school('Fat after the sear', 'spoon', [
    option('spoon', 'A spoonful or two', '15 to 30 ml is enough for the vegetables'),
    option('half', 'Half', 'more flavour, more to lift later'),
    option('all', 'All', 'all the flavour; lift it at the end'),
  ]),
  onion: school('Onion', 'golden', [
    option('soft', 'Soft', 'no colour: sweet and mild'),
    option('golden', 'Golden', 'sweet, no risk of scorching'),
    option('deep', 'Deep brown', 'half an hour and more, low: dark and sweet'),
  ]),
  pasteWhen: school('Tomato paste', 'beforeWine', [
    option('beforeWine', 'Toasted before the wine', 'rust-red: sweeter, no raw edge'),
    option('afterWine', 'After the wine', 'where the wine must reduce past half: paste would hold it up'),
    option('inStock', 'Into the stock', 'fresher and sharper'),
    option('none', 'None', 'for pale and green braises'),
  ]),
  thicken: school('Thicken', 'none', [
    option('none', 'By reducing', 'gelatin and time; starch only if it is needed'),
    option('early', 'Flour with the vegetables', 'cooked two minutes; the pot stays thick and must be stirred'),
    option('roux', 'Brown roux', 'nutty; thickens less, so it takes more'),
    option('end', 'At the end', 'when the volume is known: starch or kneaded butter'),
  ]),
  reduce: school('Wine', 'half', [
    option('none', 'Not reduced', 'for beer and cider, which turn bitter'),
    option('half', 'By half', 'harshness gone, fruit kept'),
    option('twoThirds', 'By two thirds', 'rounder'),
    option('threeQuarters', 'By three quarters', 'deep; for dark sauces'),
    option('syrup', 'To a syrup', 'nearly dry: sweet and dense'),
  ]),
  level: school('Level', 'auto', [
    option('auto', 'By piece and lid', 'small pieces covered, large ones two thirds under a tight lid'),
    option('shallow', 'Shallow', 'a third: dark, sticky, watch it'),
    option('half', 'Half way', 'browns above, poaches below'),
    option('threeQuarters', 'Three quarters', 'turn once; safe middle'),
    option('covered', 'Just covered', 'even, no turning, thin sauce'),
  ]),
  start: school('Into the heat', 'simmer', [
    option('simmer', 'Simmering', 'no slow warm-up, a time that can be told'),
    option('cold', 'Cold stock, straight in', 'one pan fewer; longer, and less sure'),
  ]),
  herbForm: school('Herbs', 'bundle', [
    option('bundle', 'Tied bundle', 'lifts out whole: nothing left to choke on'),
    option('cloth', 'In a cloth', 'for what sheds: rosemary, peppercorns, cloves'),
    option('loose', 'Loose', 'more gets into the sauce; must be fished for'),
  ]),
} as const;

export type SchoolId = keyof typeof SCHOOLS;

export const SCHOOL_IDS = Object.keys(SCHOOLS) as SchoolId[];

/** The options of a school. */
export type Choice<Id extends SchoolId> = (typeof SCHOOLS)[Id]['options'][number]['id'];

/** What a kitchen does unless told otherwise. */
export type Habits = { readonly [Id in SchoolId]?: Choice<Id> };

/** The kitchen's own way, or ours. */
export function habit<Id extends SchoolId>(habits: Habits, id: Id): Choice<Id> {
  return habits[id] ?? SCHOOLS[id].usual;
}

/** Share of the meat's height that a level school means; `auto` depends on the pieces. */
export const LEVEL_SHARES: Readonly<Record<Exclude<Choice<'level'>, 'auto'>, number>> = {
  shallow: 0.33,
  half: 0.5,
  threeQuarters: 0.75,
  covered: 1.02,
};

/** Our level for the pieces and lid at hand: cubes just covered; large pieces part-way under a tight lid. */
export function usualLevel(small: boolean, tightLid: boolean): number {
  if (small) return LEVEL_SHARES.covered;
  return tightLid ? 0.66 : LEVEL_SHARES.threeQuarters;
}

/** What is left of a wine of unit volume. */
export const WINE_LEFT: Readonly<Record<Choice<'reduce'>, number>> = {
  none: 1,
  half: 0.5,
  twoThirds: 1 / 3,
  threeQuarters: 0.25,
  syrup: 0.1,
};
