import { z } from 'zod';
import { chainOf, type Json } from './chain';
import { shapesAndStages } from './planInput';
import { fromWire, toWire } from '../wire';
import { type DryPot } from '../../core/forecast';
import { type Plan } from '../../core/plan';

/** Made by this app and by nobody else: that it is a plan at all is looked at, not every figure in it. */
const planSchema = z.custom<Plan>(
  (data) => typeof data === 'object' && data !== null && 'version' in data && 'day' in data && 'forecast' in data,
);

/**
 * The plan a braise was begun with, as it is kept until the braise is finished. Its version is raised, and a step added,
 * whenever a plan gets other fields.
 */
export const BEGUN_PLAN = chainOf('begun plan', planSchema, [
  // 1 did not ask whether the pot runs dry.
  (plan) => ({
    ...plan,
    forecast: { ...(plan.forecast as Plan['forecast']), dry: { chance: 0, p50: Infinity } satisfies DryPot },
  }),
  // 2 told when the hob is lit apart from the task that lights it.
  (plan) => ({
    ...plan,
    day: Object.fromEntries(Object.entries(plan.day as object).filter(([key]) => key !== 'lightBurnerMs')),
  }),
  // 3 had a round pot and one heat from first to last.
  (plan) => {
    const { heat, lid } = plan.input as Json;
    const { diameterMm, ...pot } = plan.pot as Json;
    const question = plan.dayQuestion as Json;
    const { warmsMin, ...work } = question.work as Json;
    const { ready, intoPotMs } = plan.day as Plan['day'];
    const stage = {
      fromMin: 0,
      heat: work.heat,
      place: work.place,
      warmsMin,
      says: { code: `heat.${String(work.heat)}` },
    };
    return {
      ...plan,
      input: shapesAndStages(plan.input as Json),
      pot: { ...pot, shape: 'round', lengthMm: diameterMm, widthMm: diameterMm },
      stages: [{ heat, lid, fromMin: 0, toMin: (ready.p50Ms - intoPotMs) / 60_000 }],
      finishBy: {
        ...(plan.finishBy as Json),
        reduce: true,
        leastL: 0,
        solids: 'strain',
        fat: 'spoon',
        solidsKg: 0,
        rung: null,
      },
      finished: {
        ...(plan.finished as Json),
        looseL: (plan.finished as Plan['finished']).liquidL,
        fatLeftL: 0,
        depthMm: 0,
      },
      dayQuestion: { ...question, work: { ...work, stages: [stage], bare: undefined } },
    };
  },
]);

export const begunPlanText = (plan: Plan): string => toWire(plan);

/** A plan from the text that was kept of it. Throws `VersionError`, or zod's error where it is none. */
export const readBegunPlan = (text: string, version: number): Plan => BEGUN_PLAN.read(fromWire(text), version);
