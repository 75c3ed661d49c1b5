import 'server-only';
import { type StoredCook } from './cooks';
import { type Database } from './database';
import { work } from './engine';
import { log } from './log';
import { BEGUN_PLAN } from '../contract/kept/begunPlan';
import { type ViewedCook } from '../engine/views';

/** Keeps the plan a braise is begun with, so that no later version of the app finishes it on another. Once. */
export async function savePlanAtStart(db: Database, { id, input }: Pick<StoredCook, 'id' | 'input'>): Promise<void> {
  if ((await db.begun.count({ where: { cookId: id } })) > 0) return;
  const plan = await work(id, 'begunPlan', input);
  if (!plan.ok) {
    log().warn({ cookId: id, why: plan.why }, 'a braise under way cannot be planned');
    return;
  }
  await db.write(async (transaction) => {
    // It may be gone by now.
    if ((await db.cooks.count({ where: { id }, transaction })) === 0) return;
    await db.begun.findOrCreate({
      where: { cookId: id },
      defaults: { cookId: id, plan: plan.value, planVersion: BEGUN_PLAN.version },
      transaction,
    });
  });
}

/** Forgets the plans that braises were begun with. */
export async function deletePlanAtStart(db: Database, ids: readonly string[]): Promise<void> {
  await db.write((transaction) => db.begun.destroy({ where: { cookId: [...ids] }, transaction }));
}

/**
 * A braise with the plan it was begun with, for the engine, which has followed its records by then: turn by turn where there
 * are many, with other braises in between.
 */
export async function followed(db: Database, cook: StoredCook): Promise<ViewedCook> {
  const mine = await viewed(db, cook);
  for (;;) {
    const behind = await work(cook.id, 'behind', mine);
    // What cannot be planned any more says so itself.
    if (!behind.ok || !behind.value) return mine;
  }
}

async function viewed(db: Database, cook: StoredCook): Promise<ViewedCook> {
  const row = await db.begun.findByPk(cook.id);
  const { id, planId, input, createdAtMs, events } = cook;
  return { id, planId, input, createdAtMs, events, begun: row && { text: row.plan, version: row.planVersion } };
}
