import 'server-only';
import { randomUUID } from 'node:crypto';
import { type Database } from './database';
import { work } from './engine';
import { entryColumns } from './entries';
import { KITCHEN_ID, readKitchen, timeZoneOf } from './kitchens';
import { ACT } from '../contract/stored/act';
import { KITCHEN } from '../contract/stored/kitchen';
import { PLAN_INPUT } from '../contract/stored/planInput';
import { SALTMARSH_ROW } from '../engine/demo/kitchen';

/**
 * Replaces an earlier demo kitchen: a plan for tomorrow, a braise under way, six in the log. Only rows the app itself
 * loaded are replaced; anything a cook has made or written to stays.
 */
export async function loadDemo(db: Database, nowMs: number): Promise<void> {
  const timeZone = timeZoneOf(await readKitchen(db));
  const { planned, braises } = await work('demo', 'demo', nowMs, timeZone);
  await db.write(async (transaction) => {
    const old = await db.braises.findAll({ where: { origin: 'demo' }, transaction });
    for (const { id } of old) {
      await db.events.destroy({ where: { cookId: id }, transaction });
      await db.entries.destroy({ where: { cookId: id }, transaction });
      await db.begun.destroy({ where: { cookId: id }, transaction });
    }
    await db.braises.destroy({ where: { origin: 'demo' }, transaction });
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
    for (const cook of braises) {
      const id = randomUUID();
      await db.braises.create(
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

/** Loads the demo into an empty database, unless the app was started with `--empty`; `--demo` always loads it. */
export async function loadDemoIfEmpty(db: Database): Promise<void> {
  const wish = process.env.EVEN_EMBER_DEMO ?? 'if-empty';
  if (wish === 'never') return;
  const empty = (await db.plans.count()) === 0 && (await db.braises.count()) === 0 && (await db.kitchens.count()) === 0;
  if (empty || wish === 'always') await loadDemo(db, Date.now());
}
