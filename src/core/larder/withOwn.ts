import { AVOIDABLE, type Dietary } from './allergens';
import { findCustom, type OwnTable, type CustomIngredient } from '../custom';

/** Looks up an id in a table: a row, or a custom ingredient made from its base row. */
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

/** Allergens and diets it affects: as stated, or those of its base ingredient. */
export function ownDietary(like: Dietary, { brings }: CustomIngredient): Dietary {
  return brings === undefined
    ? { brings: like.brings, hidden: like.hidden }
    : { brings: AVOIDABLE.filter((a) => brings.includes(a)), hidden: [] };
}
