import 'server-only';
import { Op } from 'sequelize';
import { partitionReadable, type Read, readInput, readRow, type QuarantinedRow } from './quarantine';
import { type Database, type PlanRow } from './database';
import { isId } from '../contract/fields';
import { PLAN_INPUT } from '../contract/stored/planInput';
import { type PlanInput } from '../core/choices';

export interface StoredPlan {
  readonly id: string;
  readonly input: PlanInput;
  readonly updatedAtMs: number;
}

function toPlan(row: PlanRow): Read<StoredPlan> {
  const { id, title, updatedAtMs } = row;
  return readRow({ table: 'plans', id, title }, () => ({
    id,
    input: readInput(row.input, row.inputVersion),
    updatedAtMs,
  }));
}

/** Plans on one page of the list. */
const PAGE = 50;

/** Some plans, with unreadable ones separated. */
export interface PlanPage {
  readonly plans: readonly StoredPlan[];
  readonly aside: readonly QuarantinedRow[];
  /** Page number, from 1, and number of pages. */
  readonly page: number;
  readonly pages: number;
}

/**
 * One page of all plans: those still to be served, soonest first, then past ones, latest first. A page that does not
 * exist becomes the last.
 */
export async function listPlans(db: Database, nowMs: number, wanted = 1): Promise<PlanPage> {
  const [coming, past] = [{ serveAtMs: { [Op.gte]: nowMs } }, { serveAtMs: { [Op.lt]: nowMs } }];
  const [ahead, count] = [await db.plans.count({ where: coming }), await db.plans.count()];
  const pages = Math.max(1, Math.ceil(count / PAGE));
  const page = Math.min(wanted, pages);
  const offset = (page - 1) * PAGE;
  const next = await db.plans.findAll({ where: coming, order: [['serveAtMs', 'ASC']], limit: PAGE, offset });
  const rest = PAGE - next.length;
  const from = Math.max(0, offset - ahead);
  const before =
    rest > 0 ? await db.plans.findAll({ where: past, order: [['serveAtMs', 'DESC']], limit: rest, offset: from }) : [];
  const rows = [...next, ...before];
  const { read, aside } = partitionReadable(rows.map(toPlan));
  return { plans: read, aside, page, pages };
}

/** The next plans to be served after `nowMs`, soonest first, at most `most`. */
export async function comingPlans(
  db: Database,
  nowMs: number,
  most: number,
): Promise<Pick<PlanPage, 'plans' | 'aside'>> {
  const rows = await db.plans.findAll({
    where: { serveAtMs: { [Op.gt]: nowMs } },
    order: [['serveAtMs', 'ASC']],
    limit: most,
  });
  const { read, aside } = partitionReadable(rows.map(toPlan));
  return { plans: read, aside };
}

/** The plan with this id, or that it cannot be read; undefined if there is none. */
export async function findPlan(db: Database, id: string): Promise<Read<StoredPlan> | undefined> {
  const row = isId(id) ? await db.plans.findByPk(id) : null;
  return row ? toPlan(row) : undefined;
}

const rowOf = (input: PlanInput) => ({
  // Whatever a cook saves is the cook's own from then on, demo or not.
  origin: 'own' as const,
  title: input.title,
  input: JSON.stringify(input),
  inputVersion: PLAN_INPUT.version,
  serveAtMs: input.serveAtMs,
});

/** Result of saving a change. */
export type Kept =
  { readonly ok: true; readonly updatedAtMs: number } | { readonly ok: false; readonly why: 'gone' | 'changed' };

/**
 * Saves a change to a plan, unless it is gone or was changed since `basedOnMs`, the time it had been saved when it was
 * opened; null overwrites whatever is there.
 */
export async function savePlan(
  db: Database,
  id: string,
  input: PlanInput,
  nowMs: number,
  basedOnMs: number | null,
): Promise<Kept> {
  if (!isId(id)) return { ok: false, why: 'gone' };
  return db.write(async (transaction): Promise<Kept> => {
    const row = await db.plans.findByPk(id, { transaction });
    if (!row) return { ok: false, why: 'gone' };
    if (basedOnMs !== null && row.updatedAtMs !== basedOnMs) return { ok: false, why: 'changed' };
    const updatedAtMs = Math.max(nowMs, row.updatedAtMs + 1);
    await row.update({ ...rowOf(input), updatedAtMs }, { transaction });
    return { ok: true, updatedAtMs };
  });
}

/**
 * Adds a plan under an id made by the sender, and returns when it was saved. Sent again it is the existing one;
 * undefined if the id is something else.
 */
export async function addPlan(db: Database, id: string, input: PlanInput, nowMs: number): Promise<number | undefined> {
  return db.write(async (transaction) => {
    const known = await db.plans.findByPk(id, { transaction });
    if (known) return known.input === JSON.stringify(input) ? known.updatedAtMs : undefined;
    await db.plans.create({ id, ...rowOf(input), updatedAtMs: nowMs }, { transaction });
    return nowMs;
  });
}

/** Deletes a plan. Braises started from it keep their own copy. Returns whether there was one. */
export async function removePlan(db: Database, id: string): Promise<boolean> {
  if (!isId(id)) return false;
  return db.write(async (transaction) => (await db.plans.destroy({ where: { id }, transaction })) > 0);
}
