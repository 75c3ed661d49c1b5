import * as z from 'zod';
import { chainOf, type Json } from './chain';
import { howItIsKept, shapesAndStages, whatGoesWhere } from './planInput';
import { fromWire, toWire } from '../wire';
import { type DryPot } from '../../core/forecast';
import { ROOM_C } from '../../core/material';
import { WATER_KG_PER_L } from '../../core/heat';
import { reheatPot } from '../../core/keep';
import { input as from, minutes, tempC, storedMessage } from '../../core/message';
import { type Plan, potContents } from '../../core/plan';
import { MINUTE_MS } from '../../core/quantity';
import { SAFETY_LIMITS } from '../../core/safety';

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
      says: storedMessage({ code: `heat.${String(work.heat)}` }),
    };
    return {
      ...plan,
      input: shapesAndStages(plan.input as Json),
      pot: { ...pot, shape: 'round', lengthMm: diameterMm, widthMm: diameterMm },
      stages: [{ heat, lid, fromMin: 0, toMin: (ready.p50Ms - intoPotMs) / MINUTE_MS }],
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
  // 4 poured nothing late and had no bed of vegetables under the meat.
  (plan) => {
    const { groups, ...pot } = plan.pot as Json;
    const liquid = plan.liquid as Plan['liquid'];
    const sear = plan.sear as Plan['sear'];
    const pouredLate = { ...liquid.water.fromMeat, id: 'liquid.pouredLate', value: 0 };
    return {
      ...plan,
      input: whatGoesWhere(plan.input as Json),
      sear: { ...sear, faces: 2, edges: sear.edgeMinutes > 0 ? 2 : 0 },
      pot: { ...pot, groups: (groups as readonly Json[]).map((group) => ({ ...group, bottomMm: 0 })) },
      liquid: { ...liquid, late: [], lateAlcoholG: 0, water: { ...liquid.water, pouredLate } },
    };
  },
  // 5 knew one limit of cooling, which its figures had in their words.
  (plan) => {
    const ahead = plan.ahead as Plan['ahead'];
    const params = {
      room: tempC(ROOM_C),
      from: tempC(57),
      warm: tempC(21),
      cold: tempC(5),
      within: minutes(120),
      inAll: minutes(360),
      hot: tempC(74),
    };
    return {
      ...plan,
      input: howItIsKept(plan.input as Json),
      finished: { ...(plan.finished as Json), starchG: 0 },
      ahead: ahead && {
        ...ahead,
        cooling: { ...ahead.cooling, clockMin: Math.max(0, ahead.cooling.iceMin - ahead.cooling.warmMin) },
        figures: Object.fromEntries(
          Object.entries(ahead.figures).map(([id, f]) => [id, id === 'ice' ? f : { ...(f as object), params }]),
        ),
      },
    };
  },
  // 6 warmed a braise cooked ahead on the burner alone.
  (plan) => {
    const { ahead, finished, input } = plan as unknown as Plan;
    if (!ahead) return plan;
    const reheating = reheatPot(
      potContents(plan as unknown as Plan),
      finished.sauceL * WATER_KG_PER_L,
      ahead.reheating.powerW,
      SAFETY_LIMITS[input.keeping.rule].reheatC,
    );
    const { ovenMin, ovenC } = reheating;
    const { reheat } = ahead.figures;
    const reheatOven = {
      ...reheat,
      id: 'care.reheatOven',
      value: ovenMin,
      inputs: [...reheat.inputs.slice(0, -1), from('anOven', ovenC, 'temperature')],
    };
    return {
      ...plan,
      ahead: {
        ...ahead,
        reheating: { ...ahead.reheating, ovenMin, ovenC },
        figures: { ...ahead.figures, reheatOven },
      },
    };
  },
  // 7 had no course of what stands in the pot at its line, nor of its steam: as much as went in, and the mean.
  (plan) => {
    const { course, liquid, liquidL } = plan as unknown as Plan;
    const lineL = course.minutes.map(() => liquidL);
    return { ...plan, course: { ...course, lineL, steamLPerHour: lineL.map(() => liquid.water.perHour.value) } };
  },
]);

export const begunPlanText = (plan: Plan): string => toWire(plan);

/** A plan from the text that was kept of it. Throws `VersionError`, or zod's error where it is none. */
export const readBegunPlan = (text: string, version: number): Plan => BEGUN_PLAN.read(fromWire(text), version);
