import { chainOf, type Json, type Step } from './chain';
import { kitchenSchema } from '../kitchen';
import { USUAL_KEEPING } from '../../core/choices';

/** A round pan of which only the width was known. */
export function roundPan({ id, name, diameterMm }: Json): Json {
  return { id, name, shape: 'round', lengthMm: diameterMm, widthMm: diameterMm, massKg: 2, material: 'castIron' };
}

/** A round pot of which only the width was known; a light lid is the one it had where that was said. */
export function potWithLids({ diameterMm, ...pot }: Json, lid?: unknown): Json {
  return {
    ...pot,
    shape: 'round',
    lengthMm: diameterMm,
    widthMm: diameterMm,
    lids: [lid === 'light' ? 'light' : 'heavy'],
  };
}

/** 1 had pans by width alone and burners of no kind; 2 has habits and kinds of its own, then called patterns. */
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

/** 2 may lack a time zone, and its patterns had a line of words each; 3 calls them kinds. */
const kindsAndZone: Step = ({ patterns, timeZone = null, ...second }) => ({
  ...second,
  timeZone,
  kinds: (patterns as readonly Json[]).map((pattern) =>
    Object.fromEntries(Object.entries(pattern).filter(([key]) => key !== 'says')),
  ),
});

/** 3 had round pots without lids of their own, and ovens with a fan or without; 4 has pots of any shape, steam and grills. */
const shapesAndOvens: Step = (third) => ({
  ...third,
  pots: (third.pots as readonly Json[]).map((pot) => potWithLids(pot)),
  ovens: (third.ovens as readonly Json[]).map(({ fan, ...oven }) => ({
    ...oven,
    kind: fan === true ? 'fan' : 'still',
  })),
});

/** Where something goes in was not asked for in 4: spices went into the fat, pours before the lid. */
const withWhen =
  (when: string) =>
  (row: Json): Json => ({ ...row, when });

/** 4 knew nothing of the cook's own; its kinds did not say when spices and pours go in. */
const ownThings: Step = (fourth) => ({
  ...fourth,
  own: [],
  kinds: (fourth.kinds as readonly Json[]).map((kind) => ({
    ...kind,
    parts: (kind.parts as readonly Json[]).map(withWhen('start')),
    spices: (kind.spices as readonly Json[]).map(withWhen('fat')),
  })),
});

/** 5 said nothing of how what is left is cooled and kept. */
const keeping: Step = (fifth) => ({ ...fifth, keeping: USUAL_KEEPING });

/** A kitchen as it is kept. */
export const KITCHEN = chainOf('kitchen', kitchenSchema, [
  habitsAndPatterns,
  kindsAndZone,
  shapesAndOvens,
  ownThings,
  keeping,
]);
