import 'server-only';
import { type Transaction } from 'sequelize';
import { parted, type Read, readRow, type SetAside } from './aside';
import { type Database, type KitchenRow } from './database';
import { machineTimeZone } from '../calendar/calendar';
import { type Kitchen, type KitchenChange, MOST_KINDS } from '../contract/kitchen';
import { KITCHEN } from '../contract/kept/kitchen';

const ONLY = 'kitchen';

/** What a kitchen starts with before its cook has named anything. */
export const PLAIN_KITCHEN: Kitchen = {
  name: 'My kitchen',
  altitudeM: 0,
  pots: [
    { id: 'pot-26', name: 'Round casserole, 26 cm', diameterMm: 260, heightMm: 120, massKg: 5, material: 'castIron' },
    { id: 'pot-22', name: 'Small casserole, 22 cm', diameterMm: 220, heightMm: 105, massKg: 3.6, material: 'castIron' },
  ],
  pans: [
    {
      id: 'pan-28',
      name: 'Frying pan, 28 cm',
      shape: 'round',
      lengthMm: 280,
      widthMm: 280,
      massKg: 1.8,
      material: 'steel',
    },
  ],
  ovens: [{ id: 'oven', name: 'Oven', fan: true }],
  burners: [{ id: 'burner', name: 'Burner', kind: 'radiant', powerW: 1800 }],
  habits: {},
  kinds: [],
  timeZone: null,
};

/** The zone in which the kitchen's clock runs: its own, or that of the machine. */
export function timeZoneOf(kitchen: Pick<Kitchen, 'timeZone'>): string {
  return kitchen.timeZone ?? machineTimeZone();
}

function toKitchen(row: KitchenRow): Read<Kitchen> {
  return readRow({ table: 'kitchens', id: row.id, title: null }, () =>
    KITCHEN.read(JSON.parse(row.equipment), row.equipmentVersion),
  );
}

/** The kitchen on record; a plain one where there is none or it cannot be read. */
export async function readKitchen(db: Database, transaction?: Transaction): Promise<Kitchen> {
  const row = await db.kitchens.findByPk(ONLY, { transaction });
  const kitchen = row ? toKitchen(row) : undefined;
  return kitchen?.ok ? kitchen.value : PLAIN_KITCHEN;
}

/** Kitchens that cannot be read: the one on record, and such as another has taken the place of since. */
export async function kitchensAside(db: Database): Promise<SetAside[]> {
  return parted((await db.kitchens.findAll()).map(toKitchen)).aside;
}

/** A kitchen after a change; a kind kept again under its id is the new one. */
export function changedKitchen(kitchen: Kitchen, change: KitchenChange): Kitchen {
  const { habits, keepKind, dropKind, timeZone } = change;
  const kinds = kitchen.kinds.filter((k) => k.id !== dropKind && k.id !== keepKind?.id);
  return {
    ...kitchen,
    habits: { ...kitchen.habits, ...habits },
    kinds: keepKind ? [...kinds, keepKind] : kinds,
    timeZone: timeZone === undefined ? kitchen.timeZone : timeZone,
  };
}

/**
 * Changes the kitchen as it stands at that moment; from then on it is the cook's own, demo or not. Undefined where it would
 * keep too many kinds.
 */
export async function changeKitchen(db: Database, change: KitchenChange, nowMs: number): Promise<Kitchen | undefined> {
  return db.write(async (transaction) => {
    const row = await db.kitchens.findByPk(ONLY, { transaction });
    const known = row ? toKitchen(row) : undefined;
    const kitchen = changedKitchen(known?.ok ? known.value : PLAIN_KITCHEN, change);
    if (kitchen.kinds.length > MOST_KINDS) return undefined;
    // What cannot be read is not written over: it moves aside.
    if (known?.ok === false) {
      await db.kitchens.update({ id: `${ONLY}-${String(nowMs)}` }, { where: { id: ONLY }, transaction });
    }
    await db.kitchens.upsert(
      {
        id: ONLY,
        origin: 'own',
        equipment: JSON.stringify(kitchen),
        equipmentVersion: KITCHEN.version,
        updatedAtMs: nowMs,
      },
      { transaction },
    );
    return kitchen;
  });
}

export { ONLY as KITCHEN_ID };
