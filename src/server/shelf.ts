import 'server-only';
import { findBraise } from './braises';
import { type Database } from './database';
import { work } from './engine';
import { STORED_ACT } from './migrations';
import { partitionReadable } from './quarantine';
import { type PlanInput } from '../core/choices';
import { reduceEvents, type StoredBatch } from '../core/cook';
import { type WarmedBox } from '../engine/jobs';
import { DAY_MS } from '../core/quantity';
import { FREEZER_MONTHS } from '../core/safety';

/** The leftovers of one braise. */
export interface Kept {
  readonly id: string;
  readonly title: string;
  readonly lots: readonly StoredBatch[];
  /** How a box of each weight is reheated. */
  readonly warmed: readonly WarmedBox[];
  /** Ids of the records already included in the batches. */
  readonly known: readonly string[];
}

/** Boxes stored longer ago than this are no longer asked about, ms. */
const LONGEST_MS = 365 * DAY_MS;

/** Freezer life, plus a week: taken out, a box is in the fridge again. */
const LATELY_MS = (FREEZER_MONTHS * 30 + 7) * DAY_MS;

/** How long after its last box was eaten a braise is still listed, ms. */
const TAKEN_BACK_MS = 600_000;

/** The leftovers of one braise, without how they are reheated. */
export type KeptBoxes = Omit<Kept, 'warmed'>;

/** Every braise with leftovers stored not too long ago and still there. */
async function keptSince(db: Database, sinceMs: number, nowMs: number) {
  const rows = await db.select<{ cookId: string }>(
    `SELECT DISTINCT cookId FROM events WHERE ${STORED_ACT} AND atMs > ${String(Math.round(sinceMs))}`,
  );
  const found = await Promise.all(rows.map(({ cookId }) => findBraise(db, cookId)));
  return partitionReadable(found.flatMap((cook) => (cook ? [cook] : []))).read.flatMap(({ id, input, events }) => {
    const { lots, events: standing } = reduceEvents(input, events);
    // A tap that emptied it stays visible for a while, so that it can be undone.
    const touched = standing.some((e) => e.act.kind === 'box' && nowMs - e.atMs < TAKEN_BACK_MS);
    return lots.some((l) => l.fridge + l.freezer > 0) || touched ? [{ id, input, lots, events }] : [];
  });
}

/** Boxes in the fridge, whatever their day: those stored recently, or possibly thawed recently. */
export async function fridgeBoxes(db: Database, nowMs: number): Promise<KeptBoxes[]> {
  const kept = await keptSince(db, nowMs - LATELY_MS, nowMs);
  return kept.flatMap(({ id, input, lots, events }) =>
    lots.some((l) => l.fridge > 0) ? [{ id, title: input.title, lots, known: events.map((e) => e.id) }] : [],
  );
}

/** Boxes in fridge and freezer of every braise that has some, those to be eaten first on top. */
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

/** How the boxes of a braise are reheated, weight by weight. */
export const warmedBoxes = (
  id: string,
  input: PlanInput,
  lots: readonly StoredBatch[],
): Promise<readonly WarmedBox[]> => work(id, 'warmed', input, [...new Set(lots.map((l) => l.grams))]);

const firstMs = ({ lots }: Kept): number => Math.min(...lots.map((l) => (l.fridge > 0 ? l.useByMs : l.freezerByMs)));
