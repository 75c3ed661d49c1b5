import 'server-only';
import { type Database } from './database';

/** Something stored. */
export interface Kept {
  readonly kind: 'plans' | 'braises' | 'kitchens';
  readonly id: string;
  readonly title: string;
}

/** With a fingerprint to compare it by. */
interface Printed extends Kept {
  readonly print: string;
}

/** What restoring a backup would change. */
export interface BackupDiff {
  /** In the backup and not here now: it would come back. */
  readonly added: readonly Kept[];
  /** In both and different: it would be as in the backup. */
  readonly changed: readonly Kept[];
  /** Here now and not in the backup: it would be lost. */
  readonly lost: readonly Kept[];
}

const TITLE = "CASE WHEN json_valid(input) THEN coalesce(json_extract(input, '$.title'), '') ELSE '' END";

async function all(db: Database): Promise<ReadonlyMap<string, Printed>> {
  const rows = (
    await Promise.all([
      db.select<Printed>(`SELECT 'plans' AS kind, id, title, inputVersion || input AS print FROM plans`),
      // Records are only ever added: an equal count means equal records.
      db.select<Printed>(`SELECT 'braises' AS kind, id, ${TITLE} AS title,
        (SELECT count(*) FROM events WHERE cookId = braises.id) || ' ' || input AS print FROM braises`),
      db.select<Printed>(`SELECT 'kitchens' AS kind, id, '' AS title, equipment AS print FROM kitchens`),
    ])
  ).flat();
  return new Map(rows.map((row) => [`${row.kind}/${row.id}`, row]));
}

/** What distinguishes a backup from the present data. */
export async function difference(now: Database, copy: Database): Promise<BackupDiff> {
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
