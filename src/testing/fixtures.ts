import { type BraiseRequest, UNEVENTFUL } from '../core/forecast/request';
import { cutById } from '../core/larder/cuts';
import { type PlanInput } from '../core/plan/input';

/** A Tuesday noon in UTC; what time it is in tests. */
export const NOON_MS = Date.UTC(2026, 2, 10, 12, 0);
export const HOUR_MS = 3_600_000;

/** Oxtail for four, to be served eight hours after `NOON_MS`. */
export const OXTAIL_PLAN: PlanInput = {
  title: 'Oxtail in stout',
  eaters: 4,
  meat: { cutId: 'beef_oxtail', massKg: 2.2, pieces: 12, thicknessMm: 48, thicknessMeasured: true, onBone: true },
  pot: { id: 'wide', name: 'Wide casserole, 30 cm', diameterMm: 300, heightMm: 110, massKg: 6.2, material: 'castIron' },
  pan: { id: 'pan', name: 'Iron pan, 28 cm', diameterMm: 280 },
  vegetablesKg: 0.5,
  liquidLevel: 0.75,
  heat: { kind: 'oven', tempC: 150, fan: false },
  lid: 'heavy',
  serveAtMs: NOON_MS + 8 * HOUR_MS,
  confidence: 0.9,
  altitudeM: 0,
};

/** Short ribs in a 26 cm pot at 150 °C, simmering when they go in. */
export function shortRibRequest(part: Partial<BraiseRequest> = {}): BraiseRequest {
  return {
    cut: cutById('beef_short_rib_english'),
    groups: [
      {
        massKg: 1.8,
        pieces: 6,
        lengthM: 0.1,
        widthM: 0.055,
        thicknessM: 0.05,
        onBone: true,
        startTempC: 25,
        submergedFraction: 0.75,
      },
    ],
    pot: { diameterM: 0.26, heightM: 0.16, massKg: 5, material: 'castIron' },
    liquidL: 1.25,
    liquidTempC: 96,
    ...UNEVENTFUL,
    vegetablesKg: 0.3,
    heats: [{ atMin: 0, heat: { kind: 'oven', tempC: 150, fan: false } }],
    lids: [{ atMin: 0, lid: 'heavy' }],
    thicknessMeasured: true,
    altitudeM: 0,
    seed: 7,
    ...part,
  };
}
