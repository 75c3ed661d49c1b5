import { type Kitchen } from '@/contract/plan';
import { cutById } from '@/core/larder/cuts';
import { type PlanInput } from '@/core/plan/input';
import { usualCount, usualThicknessMm } from '@/core/plan/pieces';

const DAY_MS = 86_400_000;
const SUPPER_HOUR = 19;

/** Supper time tomorrow as the server's clock has it. */
function tomorrowSupper(nowMs: number): number {
  const date = new Date(nowMs + DAY_MS);
  date.setHours(SUPPER_HOUR, 0, 0, 0);
  return date.getTime();
}

/** The meat decision as it starts for a cut: enough for the eaters, in its usual pieces. */
export function usualMeat(cutId: string, eaters: number, massKg?: number): PlanInput['meat'] {
  const cut = cutById(cutId);
  const raw = massKg ?? (eaters * cut.rawGramsPerServing) / 1000;
  const pieces = usualCount(cut, raw);
  const kg = massKg ?? Math.round((cut.form === 'cubes' ? raw : Math.max(raw, pieces * cut.typicalPieceKg)) * 20) / 20;
  return {
    cutId,
    massKg: kg,
    pieces,
    thicknessMm: usualThicknessMm(cut, kg / pieces),
    thicknessMeasured: false,
    onBone: cut.bone !== 'no',
  };
}

/** Where a new plan starts. */
export function newPlan(kitchen: Kitchen, nowMs: number): PlanInput {
  const eaters = 4;
  const pot = kitchen.pots[0];
  const pan = kitchen.pans[0];
  if (!pot || !pan) throw new RangeError('A kitchen needs a pot and a pan.');
  const meat = usualMeat('beef_oxtail', eaters);
  return {
    title: 'Oxtail in stout',
    eaters,
    meat,
    pot,
    pan,
    vegetablesKg: 0.4,
    liquidLevel: 0.75,
    heat: { kind: 'oven', tempC: 150, fan: false },
    lid: 'heavy',
    serveAtMs: tomorrowSupper(nowMs),
    confidence: 0.9,
    altitudeM: kitchen.altitudeM,
  };
}
