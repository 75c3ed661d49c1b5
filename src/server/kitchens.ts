import 'server-only';
import { type Transaction } from 'sequelize';
import { partitionReadable, type Read, readRow, type QuarantinedRow } from './quarantine';
import { type Database, type KitchenRow } from './database';
import { machineTimeZone } from '../calendar/calendar';
import {
  EQUIPMENT_LISTS,
  type Kitchen,
  type KitchenChange,
  MIN_OF,
  MAX_KINDS,
  MAX_OWN,
  MAX_THINGS,
} from '../contract/kitchen';
import { USUAL_KEEPING } from '../core/choices';
import { type Message, say } from '../core/message';
import { KITCHEN } from '../contract/stored/kitchen';

const ONLY = 'kitchen';

/** A kitchen before its cook has named anything. */
export const PLAIN_KITCHEN: Kitchen = {
  name: 'My kitchen',
  altitudeM: 0,
  pots: [
    {
      id: 'pot-26',
      name: 'Round casserole, 26 cm',
      shape: 'round',
      lengthMm: 260,
      widthMm: 260,
      heightMm: 120,
      massKg: 5,
      material: 'castIron',
      lids: ['heavy'],
    },
    {
      id: 'pot-22',
      name: 'Small casserole, 22 cm',
      shape: 'round',
      lengthMm: 220,
      widthMm: 220,
      heightMm: 105,
      massKg: 3.6,
      material: 'castIron',
      lids: ['heavy'],
    },
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
  ovens: [{ id: 'oven', name: 'Oven', kind: 'fan' }],
  burners: [{ id: 'burner', name: 'Burner', kind: 'radiant', powerW: 1800 }],
  habits: {},
  kinds: [],
  own: [],
  timeZone: null,
  keeping: USUAL_KEEPING,
};

/** The time zone of the kitchen's clock: its own, or the machine's. */
export function timeZoneOf(kitchen: Pick<Kitchen, 'timeZone'>): string {
  return kitchen.timeZone ?? machineTimeZone();
}

function toKitchen(row: KitchenRow): Read<Kitchen> {
  return readRow({ table: 'kitchens', id: row.id, title: null }, () =>
    KITCHEN.read(JSON.parse(row.equipment), row.equipmentVersion),
  );
}

/** The saved kitchen; a plain one if there is none or it cannot be read. */
export async function readKitchen(db: Database, transaction?: Transaction): Promise<Kitchen> {
  const row = await db.kitchens.findByPk(ONLY, { transaction });
  const kitchen = row ? toKitchen(row) : undefined;
  return kitchen?.ok ? kitchen.value : PLAIN_KITCHEN;
}

/** Kitchens that cannot be read: the current one, and earlier ones that were replaced. */
export async function kitchensAside(db: Database): Promise<QuarantinedRow[]> {
  return partitionReadable((await db.kitchens.findAll()).map(toKitchen)).aside;
}

/** A list with an item replaced by its new version, or added at the end. */
function kept<T extends { readonly id: string }>(list: readonly T[], item: T): T[] {
  return list.some((old) => old.id === item.id)
    ? list.map((old) => (old.id === item.id ? item : old))
    : [...list, item];
}

function withThings(kitchen: Kitchen, keep: KitchenChange['keep'], drop: KitchenChange['drop']): Kitchen {
  const left = drop ? { ...kitchen, [drop.list]: kitchen[drop.list].filter((thing) => thing.id !== drop.id) } : kitchen;
  switch (keep?.list) {
    case undefined:
      return left;
    case 'pots':
      return { ...left, pots: kept(left.pots, keep.item) };
    case 'pans':
      return { ...left, pans: kept(left.pans, keep.item) };
    case 'ovens':
      return { ...left, ovens: kept(left.ovens, keep.item) };
    case 'burners':
      return { ...left, burners: kept(left.burners, keep.item) };
  }
}

/** What is wrong with a kitchen after a change; undefined if nothing. */
function refusalOf(kitchen: Kitchen): Message | undefined {
  if (kitchen.kinds.length > MAX_KINDS) return say('shape.manyKinds', { most: MAX_KINDS });
  if (kitchen.own.length > MAX_OWN) return say('refused.manyThings', { most: MAX_OWN });
  const short = EQUIPMENT_LISTS.find((list) => kitchen[list].length < MIN_OF[list]);
  if (short) return say(`refused.last.${short}`);
  const many = EQUIPMENT_LISTS.find((list) => kitchen[list].length > MAX_THINGS);
  return many && say('refused.manyThings', { most: MAX_THINGS });
}

/** A kitchen after a change; a style saved again under its id replaces the old one. */
export function changedKitchen(kitchen: Kitchen, change: KitchenChange): Kitchen {
  const { habits, keepKind, dropKind, keepOwn, dropOwn, timeZone, keep, drop } = change;
  const own = kitchen.own.filter((id) => id !== dropOwn && id !== keepOwn);
  const kinds = kitchen.kinds.filter((k) => k.id !== dropKind && k.id !== keepKind?.id);
  return {
    ...withThings(kitchen, keep, drop),
    name: change.name ?? kitchen.name,
    altitudeM: change.altitudeM ?? kitchen.altitudeM,
    keeping: change.keeping ?? kitchen.keeping,
    habits: { ...kitchen.habits, ...habits },
    kinds: keepKind ? [...kinds, keepKind] : kinds,
    own: keepOwn === undefined ? own : [...own, keepOwn],
    timeZone: timeZone === undefined ? kitchen.timeZone : timeZone,
  };
}

export type Changed = { readonly ok: true; readonly kitchen: Kitchen } | { readonly ok: false; readonly why: Message };

/**
 * Changes the kitchen as it is at that moment; from then on it is the cook's own, demo or not. Refused if it would hold
 * too much, or lose the last item of a list that needs one.
 */
export async function changeKitchen(db: Database, change: KitchenChange, nowMs: number): Promise<Changed> {
  return db.write(async (transaction) => {
    const row = await db.kitchens.findByPk(ONLY, { transaction });
    const known = row ? toKitchen(row) : undefined;
    const kitchen = changedKitchen(known?.ok ? known.value : PLAIN_KITCHEN, change);
    const why = refusalOf(kitchen);
    if (why) return { ok: false, why };
    // An unreadable row is not overwritten: it is moved to quarantine.
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
    return { ok: true, kitchen };
  });
}

export { ONLY as KITCHEN_ID };
