import { type Json, type Step } from './step';

/** The cooling and storing settings of whoever had set none, as they were when they came. */
export const USUAL_KEEPING_6: Json = { rule: 'us', boxMm: 50, boxL: 1 };

/** A round pan of which only the width was known. */
export function roundPan({ id, name, diameterMm }: Json): Json {
  return { id, name, shape: 'round', lengthMm: diameterMm, widthMm: diameterMm, massKg: 2, material: 'castIron' };
}

/** A round pot of which only the width was known; it gets a light lid if it was said to have one. */
export function potWithLids({ diameterMm, ...pot }: Json, lid?: unknown): Json {
  return {
    ...pot,
    shape: 'round',
    lengthMm: diameterMm,
    widthMm: diameterMm,
    lids: [lid === 'light' ? 'light' : 'heavy'],
  };
}

/**
 * Version 1 had pans by width only and burners without kind; 2 has usual choices and custom styles, then called
 * patterns.
 */
const habitsAndPatterns: Step = (first) => {
  const burners = first.burners as readonly Json[];
  return {
    ...first,
    pans: (first.pans as readonly Json[]).map(roundPan),
    burners: (burners.length > 0 ? burners : [{ id: 'burner', name: 'Burner', powerW: 2500 }]).map((b) => ({
      ...b,
      kind: 'gas',
    })),
    habits: {},
    patterns: [],
  };
};

/** Version 2 may lack a time zone, and its patterns had a line of text each; 3 calls them kinds. */
const kindsAndZone: Step = ({ patterns, timeZone = null, ...second }) => ({
  ...second,
  timeZone,
  kinds: (patterns as readonly Json[]).map((pattern) =>
    Object.fromEntries(Object.entries(pattern).filter(([key]) => key !== 'says')),
  ),
});

/**
 * Version 3 had round pots without lids, and ovens with or without fan; 4 has pots of any shape, steam ovens and
 * barbecues.
 */
const shapesAndOvens: Step = (third) => ({
  ...third,
  pots: (third.pots as readonly Json[]).map((pot) => potWithLids(pot)),
  ovens: (third.ovens as readonly Json[]).map(({ fan, ...oven }) => ({
    ...oven,
    kind: fan === true ? 'fan' : 'still',
  })),
});

/** Version 4 did not ask when something goes in: spices went into the fat, liquids in before the lid. */
const withWhen =
  (when: string) =>
  (row: Json): Json => ({ ...row, when });

/** Version 4 had no custom ingredients; its styles did not say when spices and liquids go in. */
const ownThings: Step = (fourth) => ({
  ...fourth,
  own: [],
  kinds: (fourth.kinds as readonly Json[]).map((kind) => ({
    ...kind,
    parts: (kind.parts as readonly Json[]).map(withWhen('start')),
    spices: (kind.spices as readonly Json[]).map(withWhen('fat')),
  })),
});

/** Version 5 had no settings for cooling and storing leftovers. */
const keeping: Step = (fifth) => ({ ...fifth, keeping: USUAL_KEEPING_6 });

export const KITCHEN_STEPS: readonly Step[] = [habitsAndPatterns, kindsAndZone, shapesAndOvens, ownThings, keeping];
