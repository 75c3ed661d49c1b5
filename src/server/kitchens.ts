import 'server-only';
import { type Database } from './database';
import { type Kitchen, kitchenSchema } from '../contract/plan';

const ONLY = 'kitchen';

/** What a kitchen starts with before its cook has named anything. */
export const PLAIN_KITCHEN: Kitchen = {
  name: 'My kitchen',
  altitudeM: 0,
  pots: [
    { id: 'pot-26', name: 'Round casserole, 26 cm', diameterMm: 260, heightMm: 120, massKg: 5, material: 'castIron' },
    { id: 'pot-22', name: 'Small casserole, 22 cm', diameterMm: 220, heightMm: 105, massKg: 3.6, material: 'castIron' },
  ],
  pans: [{ id: 'pan-28', name: 'Frying pan, 28 cm', diameterMm: 280 }],
  ovens: [{ id: 'oven', name: 'Oven', fan: true }],
  burners: [{ id: 'burner', name: 'Burner', powerW: 1800 }],
};

/** The kitchen on record, or a plain one. */
export async function readKitchen(db: Database): Promise<Kitchen> {
  const row = await db.kitchens.findByPk(ONLY);
  return row ? kitchenSchema.parse(JSON.parse(row.equipment)) : PLAIN_KITCHEN;
}

export { ONLY as KITCHEN_ID };
