import { roundPot } from '../core/material';
import {
  advance,
  assemble,
  bestMeasurement,
  type BraiseRequest,
  etaOf,
  NOMINAL_PARAMETERS,
  priorEnsemble,
  summarise,
  NO_INTERVENTIONS,
} from '../core/forecast';
import { PLAIN_CELLS, PLAIN_STEPS, runBraise } from '../core/heat';
import { cutById, fatById } from '../core/larder';
import { type PlanInput } from '../core/choices';
import { usualVegetables } from '../core/material';
import { type BraiseStyle, BRAISE_STYLES, withStyle } from '../core/styles';
import { composePlan, heatOptions, startPlan } from '../core/plan';
import { scheduleDay } from '../core/schedule';
import { guide, reduceEvents, learnNothing, liveForecast } from '../core/cook';
import { type SearPieces, searPlan } from '../core/sear';
import { TEST_KITCHEN } from '../testing/fixtures';
import { HOUR_MS } from '../core/quantity';

const BRAISE: BraiseRequest = {
  cut: cutById('beef_short_rib_english'),
  groups: [{ massKg: 1.8, pieces: 6, lengthM: 0.1, widthM: 0.055, thicknessM: 0.05, onBone: true, startTempC: 25 }],
  pot: { ...roundPot(0.26, 0.12), massKg: 5, material: 'castIron' },
  liquidL: 1.25,
  liquidTempC: 96,
  ...NO_INTERVENTIONS,
  vegetables: usualVegetables(0.3),
  heats: [{ atMin: 0, heat: { kind: 'oven', tempC: 150, fan: false } }],
  lids: [{ atMin: 0, lid: 'heavy' }],
  thicknessMeasured: true,
  altitudeM: 0,
  seed: 1,
};

const SHANKS = withStyle(
  startPlan(TEST_KITCHEN, {
    title: 'Bench',
    cutId: 'lamb_shank',
    eaters: 4,
    serveAtMs: 1_800_000_000_000,
  }),
  BRAISE_STYLES[2] as BraiseStyle,
);
const PLAN: PlanInput = { ...SHANKS, pot: TEST_KITCHEN.pots[1] as PlanInput['pot'] };

/** Forty pieces of four sizes, round and square. */
const MIXED: readonly SearPieces[] = [0, 1, 2, 3].map((i) => ({
  label: 'piece',
  count: 10,
  footprint:
    i % 2 === 0 ? { kind: 'rectangle', length: 60 + i * 8, width: 40 } : { kind: 'circle', diameter: 50 + i * 6 },
  faces: 2,
  edges: 1,
  small: false,
}));

/** Best and spread of many runs, ms. */
function time(name: string, aim: string, runs: number, work: () => void): void {
  const times: number[] = [];
  for (let i = 0; i < runs; i++) {
    const start = performance.now();
    work();
    times.push(performance.now() - start);
  }
  times.sort((a, b) => a - b);
  const at = (share: number): string => (times[Math.floor(share * (times.length - 1))] ?? 0).toFixed(2);
  console.log(
    `${name.padEnd(52)} best ${at(0).padStart(7)}  median ${at(0.5).padStart(7)}  p90 ${at(0.9).padStart(7)} ms   aim ${aim}`,
  );
}

const plain = assemble(BRAISE, 360, PLAIN_STEPS, []);
const setup = plain.setup(NOMINAL_PARAMETERS);
time('one deterministic 6 h cook, 40 shells, 15 s', '1.0', 300, () => {
  runBraise(setup, plain.grid, PLAIN_CELLS);
});
time('plan forecast, 512 particles', '25', 40, () => {
  summarise(priorEnsemble(BRAISE));
});
const start = priorEnsemble(BRAISE);
const looked = { ...BRAISE, openings: [{ atMin: 130, seconds: 60 }] };
time('re-forecast after a record that fits', '35', 40, () => {
  summarise(advance(start, looked, [{ kind: 'fork', atMin: 130, stage: 'gives' }]));
});
time('re-forecast after a surprise, particles drawn anew', '50', 40, () => {
  summarise(advance(start, looked, [{ kind: 'fork', atMin: 130, stage: 'twists' }]));
});
const lateMin = etaOf(summarise(start), 'twists').p10;
time('the best record and what the heat could do', '60', 20, () => {
  bestMeasurement(start, 60, 2);
  heatOptions(start, { kind: 'oven', tempC: 150, fan: false }, 60, lateMin);
});
time('plan screen, quick recompute (96 particles)', '', 40, () => {
  composePlan(PLAN, 96);
});
time('plan screen, full recompute (512 particles)', '50', 20, () => {
  composePlan(PLAN, 512);
});
time('whole plan without the particle forecast', '30', 60, () => {
  composePlan(PLAN, 0);
});
time('pan map, 40 mixed pieces', '20', 60, () => {
  searPlan({
    pieces: MIXED,
    pan: PLAN.pan,
    burner: PLAN.sear.burner,
    fat: fatById('neutral'),
    depth: 'deep',
    moving: false,
    dried: true,
    flouredKg: null,
    mostAtOnce: null,
  });
});
const BUSY: PlanInput = { ...PLAN, day: { ...PLAN.day, sides: ['mash', 'greens', 'bread'] } };
const laid = composePlan(BUSY, 0);
if (laid.ok) {
  time('the day laid out anew, three sides', '50', 60, () => {
    scheduleDay(laid.plan.dayQuestion);
  });
}
if (laid.ok) {
  const { plan } = laid;
  const [stage] = BUSY.course;
  const live =
    stage &&
    liveForecast(learnNothing(BUSY, { particles: 64 }), plan.finishBy, {
      atMin: 60,
      readyByMin: 240,
      heat: stage.heat,
      lid: stage.lid,
      plannedLid: stage.lid,
      cooking: true,
    });
  const events = [{ id: 'in', cookId: 'c', atMs: plan.day.intoPotMs, act: { kind: 'intoPot' as const } }];
  if (live) {
    time('where a braise stands, from its records', '5', 300, () => {
      guide(plan, reduceEvents(BUSY, events), live, plan.day.intoPotMs + HOUR_MS);
    });
  }
}
