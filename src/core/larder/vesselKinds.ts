import rows from './data/vessels.json';
import { type Row, tableOf } from './rows';
import { type Pot } from './vessels';

/** A usual pot, casserole, tray or pan as a starting point for measuring one's own. */
export interface VesselKind extends Row, Omit<Pot, 'id' | 'name'> {}

export const VESSEL_KINDS = tableOf<VesselKind>(rows);
