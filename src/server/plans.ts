import 'server-only';
import { randomUUID } from 'node:crypto';
import { type Database, type PlanRow } from './database';
import { anyPlanInputSchema } from '../contract/upgrade';
import { type PlanInput } from '../core/plan/input';
import { PLAN_VERSION } from '../core/plan/plan';

export interface StoredPlan {
  readonly id: string;
  readonly input: PlanInput;
  readonly updatedAtMs: number;
}

function toPlan(row: PlanRow): StoredPlan {
  return { id: row.id, input: anyPlanInputSchema.parse(JSON.parse(row.input)), updatedAtMs: row.updatedAtMs };
}

/** All plans, the one to be served soonest first. */
export async function listPlans(db: Database): Promise<StoredPlan[]> {
  const rows = await db.plans.findAll();
  return rows.map(toPlan).sort((a, b) => a.input.serveAtMs - b.input.serveAtMs);
}

export async function findPlan(db: Database, id: string): Promise<StoredPlan | undefined> {
  const row = await db.plans.findByPk(id);
  return row ? toPlan(row) : undefined;
}

/** Keeps a plan under its id. Whatever a cook saves is the cook's own from then on, demo or not. */
export async function savePlan(db: Database, id: string, input: PlanInput, nowMs: number): Promise<void> {
  await db.write(async (transaction) => {
    await db.plans.upsert(
      {
        id,
        origin: 'own',
        title: input.title,
        input: JSON.stringify(input),
        planVersion: PLAN_VERSION,
        updatedAtMs: nowMs,
      },
      { transaction },
    );
  });
}

export async function addPlan(db: Database, input: PlanInput, nowMs: number): Promise<string> {
  const id = randomUUID();
  await savePlan(db, id, input, nowMs);
  return id;
}

/** Removes a plan. Cooks started from it keep their own copy. Returns whether there was one. */
export async function removePlan(db: Database, id: string): Promise<boolean> {
  return db.write(async (transaction) => (await db.plans.destroy({ where: { id }, transaction })) > 0);
}
