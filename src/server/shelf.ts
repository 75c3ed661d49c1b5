import 'server-only';
import { findCook } from './cooks';
import { type Database } from './database';
import { work } from './engine';
import { STORED_ACT } from './migrations';
import { partitionReadable } from './quarantine';
import { type PlanInput } from '../core/choices';
import { reduceEvents, type StoredBatch } from '../core/cook';
import { type WarmedBox } from '../engine/jobs';
import { DAY_MS } from '../core/quantity';
import { FREEZER_MONTHS } from '../core/safety';

/** What is kept of one braise. */
export interface Kept {
  readonly id: string;
  readonly title: string;
  readonly lots: readonly StoredBatch[];
  /** How a box of each weight is warmed. */
  readonly warmed: readonly WarmedBox[];
  /** Ids of the records that the lots already show. */
  readonly known: readonly string[];
}

/** What was put away longer ago than this is no longer asked about, ms. */
const LONGEST_MS = 365 * DAY_MS;

/** As long as a box is good in the freezer, and a week: out of it, it stands in the fridge again. */
const LATELY_MS = (FREEZER_MONTHS * 30 + 7) * DAY_MS;

/** So long after its last box was eaten a braise is still on the shelf, ms. */
const TAKEN_BACK_MS = 600_000;

/** What is kept of one braise, and nothing of how it is warmed. */
export type KeptBoxes = Omit<Kept, 'warmed'>;

/** Every braise of which something was put away not so long ago and is still there. */
async function keptSince(db: Database, sinceMs: number, nowMs: number) {
  const rows = await db.select<{ cookId: string }>(
    `SELECT DISTINCT cookId FROM events WHERE ${STORED_ACT} AND atMs > ${String(Math.round(sinceMs))}`,
  );
  const found = await Promise.all(rows.map(({ cookId }) => findCook(db, cookId)));
  return partitionReadable(found.flatMap((cook) => (cook ? [cook] : []))).read.flatMap(({ id, input, events }) => {
    const { lots, events: standing } = reduceEvents(input, events);
    // A touch that emptied it stays in sight for a while, so that it can be taken back.
    const touched = standing.some((e) => e.act.kind === 'box' && nowMs - e.atMs < TAKEN_BACK_MS);
    return lots.some((l) => l.fridge + l.freezer > 0) || touched ? [{ id, input, lots, events }] : [];
  });
}

/** Boxes that stand in the fridge, whatever their day: what was put away lately, or may have been thawed lately. */
export async function fridgeBoxes(db: Database, nowMs: number): Promise<KeptBoxes[]> {
  const kept = await keptSince(db, nowMs - LATELY_MS, nowMs);
  return kept.flatMap(({ id, input, lots, events }) =>
    lots.some((l) => l.fridge > 0) ? [{ id, title: input.title, lots, known: events.map((e) => e.id) }] : [],
  );
}

/** Boxes in fridge and freezer, of every braise that has some, those to be eaten first before the others. */
export async function readShelf(db: Database, nowMs: number): Promise<Kept[]> {
  const kept = await keptSince(db, nowMs - LONGEST_MS, nowMs);
  const all = await Promise.all(
    kept.map(async ({ id, input, lots, events }): Promise<Kept> => ({
      id,
      title: input.title,
      lots,
      warmed: await warmedBoxes(id, input, lots),
      known: events.map((e) => e.id),
    })),
  );
  return all.sort((a, b) => firstMs(a) - firstMs(b));
}

/** How the boxes of a braise are warmed, weight by weight. */
export const warmedBoxes = (
  id: string,
  input: PlanInput,
  lots: readonly StoredBatch[],
): Promise<readonly WarmedBox[]> => work(id, 'warmed', input, [...new Set(lots.map((l) => l.grams))]);

const firstMs = ({ lots }: Kept): number => Math.min(...lots.map((l) => (l.fridge > 0 ? l.eatByMs : l.freezerByMs)));
