import { assemble, NO_SURPRISES } from '../core/forecast/assemble';
import { advance, priorEnsemble } from '../core/forecast/ensemble';
import { summarise } from '../core/forecast/forecast';
import { type BraiseRequest, UNEVENTFUL } from '../core/forecast/request';
import { PLAIN_CELLS, runBraise } from '../core/heat/run';
import { PLAIN_STEPS } from '../core/heat/timeGrid';
import { cutById } from '../core/larder/cuts';
import { type PlanInput } from '../core/plan/input';
import { composePlan } from '../core/plan/plan';

const BRAISE: BraiseRequest = {
  cut: cutById('beef_short_rib_english'),
  groups: [{ massKg: 1.8, pieces: 6, lengthM: 0.1, widthM: 0.055, thicknessM: 0.05, onBone: true, startTempC: 25 }],
  pot: { diameterM: 0.26, heightM: 0.12, massKg: 5, material: 'castIron' },
  liquidL: 1.25,
  liquidTempC: 96,
  ...UNEVENTFUL,
  vegetablesKg: 0.3,
  heats: [{ atMin: 0, heat: { kind: 'oven', tempC: 150, fan: false } }],
  lids: [{ atMin: 0, lid: 'heavy' }],
  thicknessMeasured: true,
  altitudeM: 0,
  seed: 1,
};

const PLAN: PlanInput = {
  title: 'Bench',
  eaters: 4,
  meat: { cutId: 'lamb_shank', massKg: 1.6, pieces: 4, thicknessMm: 65, thicknessMeasured: true, onBone: true },
  pot: { id: 'p', name: 'Pot', diameterMm: 260, heightMm: 122, massKg: 5, material: 'castIron' },
  pan: { id: 'f', name: 'Pan', diameterMm: 280 },
  vegetablesKg: 0.4,
  liquidLevel: 0.6,
  heat: { kind: 'oven', tempC: 155, fan: false },
  lid: 'heavy',
  serveAtMs: 1_800_000_000_000,
  confidence: 0.9,
  altitudeM: 0,
};

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
const setup = plain.setup(NO_SURPRISES);
time('one deterministic 6 h cook, 40 shells, 15 s', '1.0', 300, () => {
  runBraise(setup, plain.grid, PLAIN_CELLS);
});
time('plan forecast, 512 particles', '60', 40, () => {
  summarise(priorEnsemble(BRAISE));
});
const start = priorEnsemble(BRAISE);
const looked = { ...BRAISE, openings: [{ atMin: 130, seconds: 60 }] };
time('re-forecast after a record that fits', '80', 40, () => {
  summarise(advance(start, looked, [{ kind: 'fork', atMin: 130, stage: 'gives' }]));
});
time('re-forecast after a surprise, particles drawn anew', '80', 40, () => {
  summarise(advance(start, looked, [{ kind: 'fork', atMin: 130, stage: 'turns' }]));
});
time('plan screen, quick recompute (96 particles)', '', 40, () => {
  composePlan(PLAN, 96);
});
time('plan screen, full recompute (512 particles)', '', 20, () => {
  composePlan(PLAN, 512);
});
