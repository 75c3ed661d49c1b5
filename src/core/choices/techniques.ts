/**
 * Techniques cooks disagree about, and what we do unless a kitchen prefers otherwise. The key is what a kitchen saves;
 * names and reasons are in the words.
 */
export const TECHNIQUES = {
  temper: { usual: 'none', ways: ['none', 'minutes', 'hour'] },
  saltWhen: { usual: 'before', ways: ['before', 'overnight', 'after', 'flour', 'hold'] },
  dredge: { usual: 'bare', ways: ['bare', 'floured', 'afterSear'] },
  searDepth: { usual: 'deep', ways: ['deep', 'light', 'none'] },
  searMoving: { usual: 'still', ways: ['still', 'moving'] },
  fatKept: { usual: 'spoon', ways: ['spoon', 'half', 'all'] },
  onion: { usual: 'golden', ways: ['soft', 'golden', 'deep'] },
  pasteWhen: { usual: 'beforeWine', ways: ['beforeWine', 'afterWine', 'inStock', 'late', 'none'] },
  thicken: { usual: 'none', ways: ['none', 'early', 'roux', 'end'] },
  reduce: { usual: 'half', ways: ['none', 'half', 'twoThirds', 'threeQuarters', 'syrup'] },
  level: { usual: 'auto', ways: ['auto', 'shallow', 'half', 'threeQuarters', 'covered'] },
  start: { usual: 'simmer', ways: ['simmer', 'cold'] },
  herbForm: { usual: 'bundle', ways: ['bundle', 'cloth', 'loose'] },
} as const;

/** Topics cooks disagree about. */
export type TechniqueTopic = keyof typeof TECHNIQUES;

export const TECHNIQUE_TOPICS = Object.keys(TECHNIQUES) as TechniqueTopic[];

/** The options of one topic. */
export type TechniqueOption<Topic extends TechniqueTopic> = (typeof TECHNIQUES)[Topic]['ways'][number];

/** A kitchen's usual choices. */
export type KitchenDefaults = { readonly [Topic in TechniqueTopic]?: TechniqueOption<Topic> };

/** The kitchen's usual choice, or ours. */
export function defaultChoice<Topic extends TechniqueTopic>(
  habits: KitchenDefaults,
  topic: Topic,
): TechniqueOption<Topic> {
  return habits[topic] ?? TECHNIQUES[topic].usual;
}

/** Share of the meat's height for a level option; `auto` depends on the pieces. */
export const LEVEL_SHARES: Readonly<Record<Exclude<TechniqueOption<'level'>, 'auto'>, number>> = {
  shallow: 0.33,
  half: 0.5,
  threeQuarters: 0.75,
  covered: 1.02,
};

/** Our level for these pieces and this lid: cubes just covered; large pieces part-way under a tight lid. */
export function defaultLevel(small: boolean, tightLid: boolean): number {
  if (small) return LEVEL_SHARES.covered;
  return tightLid ? 0.66 : LEVEL_SHARES.threeQuarters;
}

/** Volume left of one unit of wine. */
export const WINE_LEFT: Readonly<Record<TechniqueOption<'reduce'>, number>> = {
  none: 1,
  half: 0.5,
  twoThirds: 1 / 3,
  threeQuarters: 0.25,
  syrup: 0.1,
};
