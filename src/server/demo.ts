import 'server-only';
import { randomUUID } from 'node:crypto';
import { type Database } from './database';
import { work } from './engine';
import { entryColumns } from './entries';
import { KITCHEN_ID, readKitchen, timeZoneOf } from './kitchens';
import { ACT } from '../contract/kept/act';
import { KITCHEN } from '../contract/kept/kitchen';
import { PLAN_INPUT } from '../contract/kept/planInput';
import { SALTMARSH_ROW } from '../engine/demo/kitchen';

/**
 * Puts the demo kitchen in place of an earlier one: a plan for tomorrow, a braise on the fire, six in the log. Only rows
 * the app itself loaded are replaced; what a cook has made or written to is left alone.
 */
export async function loadDemo(db: Database, nowMs: number): Promise<void> {
  const timeZone = timeZoneOf(await readKitchen(db));
  const { planned, cooks } = await work('demo', 'demo', nowMs, timeZone);
  await db.write(async (transaction) => {
    const old = await db.cooks.findAll({ where: { origin: 'demo' }, transaction });
    for (const { id } of old) {
      await db.events.destroy({ where: { cookId: id }, transaction });
      await db.entries.destroy({ where: { cookId: id }, transaction });
      await db.begun.destroy({ where: { cookId: id }, transaction });
    }
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
        serveAtMs: planned.serveAtMs,
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
      const events = cook.events.map((e) => ({ ...e, cookId: id }));
      await db.entries.create(entryColumns({ ...cook, id, events }, cook.forecast, 'then'), { transaction });
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
