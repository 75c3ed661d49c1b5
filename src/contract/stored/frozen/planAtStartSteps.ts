import { type Json, type Step, unchanged } from './step';

const MINUTE_MS = 60_000;

/** Version 1 did not ask whether the pot runs dry; only the forecast's page ever showed it. */
const dryPot = unchanged;

/** Version 2 kept when the hob is lit apart from the task that lights it. */
const burnerLitByItsTask = unchanged;

/** Version 3 had a round pot and a single heat. */
const shapesAndStages: Step = (third) => {
  const { heat, lid } = third.input as Json;
  const { diameterMm, ...pot } = third.pot as Json;
  const { turnAtMin, work } = third.dayQuestion as Json;
  const { warmsMin, ...heating } = work as Json;
  const { ready, intoPotMs } = third.day as { readonly ready: { readonly p50Ms: number }; readonly intoPotMs: number };
  const finished = third.finished as Json;
  const stage = {
    fromMin: 0,
    heat: heating.heat,
    place: heating.place,
    warmsMin,
    says: { code: `heat.${String(heating.heat)}` },
  };
  return {
    ...third,
    pot: { ...pot, shape: 'round', lengthMm: diameterMm, widthMm: diameterMm },
    stages: [{ heat, lid, fromMin: 0, toMin: (ready.p50Ms - intoPotMs) / MINUTE_MS }],
    finishBy: {
      ...(third.finishBy as Json),
      reduce: true,
      leastL: 0,
      solids: 'strain',
      fat: 'spoon',
      solidsKg: 0,
      rung: null,
    },
    finished: { ...finished, looseL: finished.liquidL, fatLeftL: 0, depthMm: 0 },
    dayQuestion: { turnAtMin, work: { stages: [stage] } },
  };
};

/** Version 4 had no late liquids and no bed of vegetables under the meat. */
const lateAndBed: Step = (fourth) => {
  const { groups, ...pot } = fourth.pot as Json;
  const sear = fourth.sear as { readonly edgeMinutes: number };
  return {
    ...fourth,
    sear: { ...sear, faces: 2, edges: sear.edgeMinutes > 0 ? 2 : 0 },
    pot: { ...pot, groups: (groups as readonly Json[]).map((group) => ({ ...group, bottomMm: 0 })) },
    liquid: { ...(fourth.liquid as Json), late: [] },
  };
};

/** Version 5 did not say how much thickener went in at the start. */
const thickener: Step = (fifth) => ({ ...fifth, finished: { ...(fifth.finished as Json), starchG: 0 } });

/** Version 6 promised no minutes for warming a braise cooked ahead in the oven. */
const warmedInTheOven: Step = (sixth) => {
  const ahead = sixth.ahead as Json | null;
  return {
    ...sixth,
    ahead: ahead && { ...ahead, reheating: { ...(ahead.reheating as Json), ovenMin: null, ovenC: null } },
  };
};

/** Version 7 had no trace of the liquid at the meat's level nor of its steam; no braise under way shows them. */
const traces = unchanged;

/** Version 8 did not say which cut a prep step is done to: the trims were in the order of the meats. */
const prepByCut: Step = (eighth) => {
  const { input, prep } = eighth as unknown as {
    readonly input: { readonly meat: Json; readonly also: readonly Json[] };
    readonly prep: { readonly steps: readonly Json[] };
  };
  const cuts = [input.meat, ...input.also].map((meat) => meat.cutId);
  const trims = prep.steps.filter((step) => step.id === 'trim');
  const steps = prep.steps.map((step) => ({ ...step, cutId: cuts[trims.indexOf(step)] ?? null }));
  return { ...eighth, prep: { ...prep, steps } };
};

/** Version 9 was the whole plan, input and traces too; 10 is what was promised, and reading drops the rest. */
const onlyPromises = unchanged;

export const PLAN_AT_START_STEPS: readonly Step[] = [
  dryPot,
  burnerLitByItsTask,
  shapesAndStages,
  lateAndBed,
  thickener,
  warmedInTheOven,
  traces,
  prepByCut,
  onlyPromises,
];
