import 'server-only';
import { randomUUID } from 'node:crypto';
import { OXTAIL, PAST, planInput, SHANKS } from './dishes';
import { SALTMARSH_ROW } from './kitchen';
import { finishedRecords, planFor, recordsOf } from './script';
import { hourOn } from '../../calendar/calendar';
import { type NewEvent } from '../../contract/cook';
import { ACT } from '../../contract/kept/act';
import { KITCHEN } from '../../contract/kept/kitchen';
import { PLAN_INPUT } from '../../contract/kept/planInput';
import { readyEta } from '../../core/forecast';
import { type PlanInput } from '../../core/choices';
import { type Database } from '../database';
import { KITCHEN_ID, readKitchen, timeZoneOf } from '../kitchens';

const MIN_MS = 60_000;
/** How long after the low estimate the braise on the fire is met: just past its first fork test. */
const AFTER_FIRST_TEST_MIN = 7;
const ON_THE_FIRE_TRUTH = 97;
const QUARTER_MS = 15 * MIN_MS;

interface DemoCook {
  readonly input: PlanInput;
  readonly planId: string | null;
  readonly createdAtMs: number;
  readonly events: readonly NewEvent[];
}

/** The braise on the fire: its plate time set so that its first fork test has just been made at `nowMs`. */
function onTheFire(nowMs: number): DemoCook {
  const trial = planFor(planInput(OXTAIL, nowMs));
  const intoPotMs = nowMs - Math.round(readyEta(trial.forecast).p10 + AFTER_FIRST_TEST_MIN) * MIN_MS;
  const serveMs = Math.ceil((intoPotMs + (trial.day.serveMs - trial.day.intoPotMs)) / QUARTER_MS) * QUARTER_MS;
  const input = planInput(OXTAIL, serveMs);
  return {
    input,
    planId: null,
    createdAtMs: intoPotMs - 70 * MIN_MS,
    events: recordsOf(planFor(input), ON_THE_FIRE_TRUTH, intoPotMs, nowMs),
  };
}

function past(nowMs: number, timeZone: string): DemoCook[] {
  return PAST.map(({ dish, daysAgo, hour, truth }) => {
    const input = planInput(dish, hourOn(nowMs, -daysAgo, hour, timeZone));
    const plan = planFor(input);
    return { input, planId: null, createdAtMs: plan.day.startMs, events: finishedRecords(plan, truth) };
  });
}

/**
 * Puts the demo kitchen in place of an earlier one: a plan for tomorrow, a braise on the fire, six in the log. Only rows
 * the app itself loaded are replaced; what a cook has made or written to is left alone.
 */
export async function loadDemo(db: Database, nowMs: number): Promise<void> {
  const timeZone = timeZoneOf(await readKitchen(db));
  const planned = planInput(SHANKS, hourOn(nowMs, 1, 19, timeZone));
  const cooks = [onTheFire(nowMs), ...past(nowMs, timeZone)];
  await db.write(async (transaction) => {
    const old = await db.cooks.findAll({ where: { origin: 'demo' }, transaction });
    for (const cook of old) await db.events.destroy({ where: { cookId: cook.id }, transaction });
    await db.cooks.destroy({ where: { origin: 'demo' }, transaction });
    await db.plans.destroy({ where: { origin: 'demo' }, transaction });
    const kitchen = await db.kitchens.findByPk(KITCHEN_ID, { transaction });
    if (kitchen?.origin !== 'own') {
      await db.kitchens.upsert(
        {
          id: KITCHEN_ID,
          origin: 'demo',
          equipment: JSON.stringify(SALTMARSH_ROW),
          equipmentVersion: KITCHEN.version,
          updatedAtMs: nowMs,
        },
        { transaction },
      );
    }
    await db.plans.create(
      {
        id: randomUUID(),
        origin: 'demo',
        title: planned.title,
        input: JSON.stringify(planned),
        inputVersion: PLAN_INPUT.version,
        updatedAtMs: nowMs,
      },
      { transaction },
    );
    for (const cook of cooks) {
      const id = randomUUID();
      await db.cooks.create(
        {
          id,
          origin: 'demo',
          planId: cook.planId,
          input: JSON.stringify(cook.input),
          inputVersion: PLAN_INPUT.version,
          createdAtMs: cook.createdAtMs,
        },
        { transaction },
      );
      await db.events.bulkCreate(
        cook.events.map((e, position) => ({
          id: e.id,
          cookId: id,
          position,
          atMs: e.atMs,
          act: JSON.stringify(e.act),
          actVersion: ACT.version,
        })),
        { transaction },
      );
    }
  });
}

/** Loads the demo into a database that holds nothing yet, unless the app was started with `--empty`; `--demo` always loads. */
export async function loadDemoIfEmpty(db: Database): Promise<void> {
  const wish = process.env.EVEN_EMBER_DEMO ?? 'if-empty';
  if (wish === 'never') return;
  const empty = (await db.plans.count()) === 0 && (await db.cooks.count()) === 0 && (await db.kitchens.count()) === 0;
  if (empty || wish === 'always') await loadDemo(db, Date.now());
}
