import 'server-only';
import { type Database } from './database';
import { machineTimeZone } from '../calendar/calendar';
import { type Kitchen } from '../contract/kitchen';
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

/** The kitchen on record, or a plain one. */
export async function readKitchen(db: Database): Promise<Kitchen> {
  const row = await db.kitchens.findByPk(ONLY);
  return row ? KITCHEN.read(JSON.parse(row.equipment), row.equipmentVersion) : PLAIN_KITCHEN;
}

/** Keeps the kitchen; from then on it is the cook's own, demo or not. */
export async function saveKitchen(db: Database, kitchen: Kitchen, nowMs: number): Promise<void> {
  await db.write(async (transaction) => {
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
  });
}

export { ONLY as KITCHEN_ID };
