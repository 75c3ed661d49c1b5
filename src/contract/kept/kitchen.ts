import { chainOf, type Json, type Step } from './chain';
import { kitchenSchema } from '../kitchen';

/** A round pan of which only the width was known. */
export function roundPan({ id, name, diameterMm }: Json): Json {
  return { id, name, shape: 'round', lengthMm: diameterMm, widthMm: diameterMm, massKg: 2, material: 'castIron' };
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

/** A kitchen as it is kept. */
export const KITCHEN = chainOf('kitchen', kitchenSchema, [habitsAndPatterns, kindsAndZone]);
