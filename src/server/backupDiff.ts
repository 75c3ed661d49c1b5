import 'server-only';
import { type Database } from './database';

/** Something that is kept. */
export interface Kept {
  readonly kind: 'plans' | 'cooks' | 'kitchens';
  readonly id: string;
  readonly title: string;
}

/** With as much of it as tells whether it is the same elsewhere. */
interface Printed extends Kept {
  readonly print: string;
}

/** What would come of putting a copy in the place of what is kept now. */
export interface Difference {
  /** In the copy and not here now: it would come back. */
  readonly added: readonly Kept[];
  /** In both and not the same: it would be as it is in the copy. */
  readonly changed: readonly Kept[];
  /** Here now and not in the copy: it would be lost. */
  readonly lost: readonly Kept[];
}

const TITLE = "CASE WHEN json_valid(input) THEN coalesce(json_extract(input, '$.title'), '') ELSE '' END";

async function all(db: Database): Promise<ReadonlyMap<string, Printed>> {
  const rows = (
    await Promise.all([
      db.select<Printed>(`SELECT 'plans' AS kind, id, title, inputVersion || input AS print FROM plans`),
      // Records are only ever added: as many are the same.
      db.select<Printed>(`SELECT 'cooks' AS kind, id, ${TITLE} AS title,
        (SELECT count(*) FROM events WHERE cookId = cooks.id) || ' ' || input AS print FROM cooks`),
      db.select<Printed>(`SELECT 'kitchens' AS kind, id, '' AS title, equipment AS print FROM kitchens`),
    ])
  ).flat();
  return new Map(rows.map((row) => [`${row.kind}/${row.id}`, row]));
}

/** What sets a copy apart from what is kept now. */
export async function difference(now: Database, copy: Database): Promise<Difference> {
  const [here, there] = await Promise.all([all(now), all(copy)]);
  const named = (rows: readonly Printed[]): Kept[] => rows.map(({ kind, id, title }) => ({ kind, id, title }));
  const only = (some: typeof here, others: typeof here): Kept[] =>
    named([...some].flatMap(([key, kept]) => (others.has(key) ? [] : [kept])));
  const changed = [...there].flatMap(([key, kept]) => {
    const now = here.get(key);
    return now && now.print !== kept.print ? [kept] : [];
  });
  return { added: only(there, here), changed: named(changed), lost: only(here, there) };
}
