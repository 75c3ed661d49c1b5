import 'server-only';
import { type StoredBraise } from './braises';
import { type Database } from './database';
import { work } from './engine';
import { log } from './log';
import { PLAN_AT_START } from '../contract/stored/planAtStart';
import { type ViewedCook } from '../engine/views';

/** Saves what the plan promised, once, so that no later version of the app finishes the braise on other amounts. */
export async function savePlanAtStart(db: Database, { id, input }: Pick<StoredBraise, 'id' | 'input'>): Promise<void> {
  if ((await db.begun.count({ where: { cookId: id } })) > 0) return;
  const plan = await work(id, 'begunPlan', input);
  if (!plan.ok) {
    log().warn({ cookId: id, why: plan.why }, 'braise under way cannot be planned');
    return;
  }
  await db.write(async (transaction) => {
    // It may be gone by now.
    if ((await db.braises.count({ where: { id }, transaction })) === 0) return;
    await db.begun.findOrCreate({
      where: { cookId: id },
      defaults: { cookId: id, plan: plan.value, planVersion: PLAN_AT_START.version },
      transaction,
    });
  });
}

/** Deletes plans at start. */
export async function deletePlanAtStart(db: Database, ids: readonly string[]): Promise<void> {
  await db.write((transaction) => db.begun.destroy({ where: { cookId: [...ids] }, transaction }));
}

/**
 * A braise with its plan at start, for the engine, which by then has followed its records: in turns if there are many,
 * with other braises in between.
 */
export async function followed(db: Database, cook: StoredBraise): Promise<ViewedCook> {
  const mine = await viewed(db, cook);
  for (;;) {
    const behind = await work(cook.id, 'behind', mine);
    // A braise that can no longer be planned says so itself.
    if (!behind.ok || !behind.value) return mine;
  }
}

async function viewed(db: Database, cook: StoredBraise): Promise<ViewedCook> {
  const row = await db.begun.findByPk(cook.id);
  const { id, planId, input, createdAtMs, events } = cook;
  return { id, planId, input, createdAtMs, events, begun: row && { text: row.plan, version: row.planVersion } };
}
