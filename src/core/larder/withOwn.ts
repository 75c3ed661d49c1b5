import { AVOIDABLE, type Dietary } from './allergens';
import { findCustom, type OwnTable, type CustomIngredient } from '../custom';

/** Looks an id up in a table: a row, or a thing of one's own made of the row it is like. */
export function withOwn<Row>(
  table: OwnTable,
  rows: ReadonlyMap<string, Row>,
  made: (like: Row, own: CustomIngredient) => Row,
): (id: string) => Row | undefined {
  const known = new Map<string, Row>();
  return (id) => {
    const row = rows.get(id) ?? known.get(id);
    if (row !== undefined) return row;
    const own = findCustom(id);
    const like = own?.table === table ? rows.get(own.like) : undefined;
    if (own === undefined || like === undefined) return undefined;
    const thing = made(like, own);
    known.set(id, thing);
    return thing;
  };
}

/** What somebody cannot eat of it: as said, or as of its like. */
export function ownDietary(like: Dietary, { brings }: CustomIngredient): Dietary {
  return brings === undefined
    ? { brings: like.brings, hidden: like.hidden }
    : { brings: AVOIDABLE.filter((a) => brings.includes(a)), hidden: [] };
}

export const OWN_SOURCE = 'The cook’s own: figures as typed, the rest as of what it is like.';
