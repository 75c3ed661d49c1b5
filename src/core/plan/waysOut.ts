import { type PlanHeat } from './heats';
import { type PlanInput } from './input';
import { cubeCount } from './pieces';
import { checkPlanInput } from './check';
import { composePlan } from './plan';
import { advance, type Ensemble } from '../forecast/ensemble';
import { readyEta, summarise } from '../forecast/forecast';
import { cutById } from '../larder/cuts';

/** Another way to cook the same meat that has been forecast and fits, with what it comes to. */
export interface WayOut {
  readonly says: string;
  readonly input: PlanInput;
  /** When the first cut would have to be made, ms. */
  readonly startMs: number;
}

const QUICK_PARTICLES = 128;
const SMALLEST_CUBE_MM = 25;
const CUBE_STEP_MM = 10;
const MIN_MS = 60_000;
const HALF_HOUR_MS = 30 * MIN_MS;

/** The same meat cut smaller, in a sentence and as an input; undefined where it would not do. */
export function smallerPieces(input: PlanInput): { readonly says: string; readonly input: PlanInput } | undefined {
  const { meat } = input;
  const cut = cutById(meat.cutId);
  if (cut.form === 'cubes' && meat.thicknessMm - CUBE_STEP_MM >= SMALLEST_CUBE_MM) {
    const thicknessMm = meat.thicknessMm - CUBE_STEP_MM;
    return {
      says: `Cut the cubes to ${String(thicknessMm)} mm`,
      input: { ...input, meat: { ...meat, thicknessMm, pieces: cubeCount(cut, meat.massKg, thicknessMm) } },
    };
  }
  if (cut.shape === 'box' && !meat.onBone && meat.massKg / meat.pieces > 0.4) {
    return {
      says: `Cut each ${cut.pieceNoun} across in two`,
      input: { ...input, meat: { ...meat, pieces: meat.pieces * 2, thicknessMm: Math.round(meat.thicknessMm * 0.75) } },
    };
  }
  return undefined;
}

function variants(input: PlanInput): { readonly says: string; readonly input: PlanInput }[] {
  const { heat } = input;
  const out: { says: string; input: PlanInput }[] = [];
  const smaller = smallerPieces(input);
  if (smaller) out.push(smaller);
  if (heat.kind !== 'simmer') {
    out.push({
      says: 'On the stove, held at 97 °C, instead',
      input: { ...input, heat: { kind: 'simmer', tempC: 97 } },
    });
  }
  if (heat.kind === 'oven') {
    if (heat.tempC < 175) out.push({ says: 'Oven at 175 °C', input: { ...input, heat: { ...heat, tempC: 175 } } });
    if (!heat.fan)
      out.push({ says: `Fan on, ${String(heat.tempC)} °C`, input: { ...input, heat: { ...heat, fan: true } } });
  } else if (heat.kind === 'simmer' && heat.tempC < 97) {
    out.push({ says: 'Hold the simmer at 97 °C', input: { ...input, heat: { kind: 'simmer', tempC: 97 } } });
  }
  if (input.lid !== 'heavy') out.push({ says: 'A heavy lid', input: { ...input, lid: 'heavy' } });
  if (input.confidence > 0.75) out.push({ says: 'Accept 75 % certainty', input: { ...input, confidence: 0.75 } });
  return out;
}

/** Ways to still eat in time, each planned and forecast, then the soonest plate time for the plan as it stands. */
export function waysOut(input: PlanInput, nowMs: number): WayOut[] {
  const fits = variants(input).flatMap((v): WayOut[] => {
    if (checkPlanInput(v.input, nowMs).length > 0) return [];
    const result = composePlan(v.input, QUICK_PARTICLES);
    return result.ok && result.plan.day.startMs >= nowMs ? [{ ...v, startMs: result.plan.day.startMs }] : [];
  });
  const asIs = composePlan(input, QUICK_PARTICLES);
  if (!asIs.ok) return fits;
  const needed = asIs.plan.day.serveMs - asIs.plan.day.startMs;
  const serveAtMs = Math.ceil((nowMs + needed + 5 * MIN_MS) / HALF_HOUR_MS) * HALF_HOUR_MS;
  return [
    ...fits,
    {
      says: 'Serve later, at the next half hour that leaves time',
      input: { ...input, serveAtMs },
      startMs: serveAtMs - needed,
    },
  ];
}

/** A change of heat in a live pot, re-forecast from its present posterior. */
export interface HeatWay {
  readonly says: string;
  readonly heat: PlanHeat;
  /** When the fork would turn, min from the start. */
  readonly p50Min: number;
  readonly p90Min: number;
}

function withHeat(ensemble: Ensemble, heat: PlanHeat, atMin: number): { p50: number; p90: number } {
  const request = { ...ensemble.request, heats: [...ensemble.request.heats, { atMin, heat }] };
  return readyEta(summarise(advance(ensemble, request, ensemble.observations)));
}

const TOO_EARLY_MIN = 60;
const WORTH_MIN = 5;
const LOWER_C = [140, 130, 120, 110] as const;

/**
 * What to do with the heat at `atMin` when the forecast misses `readyByMin`: hotter or onto the stove when it is late,
 * lower when it is more than an hour early. Empty when it fits or nothing helps by five minutes.
 */
export function heatWays(ensemble: Ensemble, heat: PlanHeat, atMin: number, readyByMin: number): HeatWay[] {
  const now = readyEta(summarise(ensemble));
  const way = (says: string, changed: PlanHeat): HeatWay => {
    const eta = withHeat(ensemble, changed, atMin);
    return { says, heat: changed, p50Min: eta.p50, p90Min: eta.p90 };
  };
  if (now.p50 > readyByMin) {
    const tried: HeatWay[] = [];
    if (heat.kind !== 'simmer') {
      if (heat.kind === 'oven' && heat.tempC < 175) tried.push(way('Oven up to 175 °C', { ...heat, tempC: 175 }));
      tried.push(way('Onto the stove, held at 97 °C', { kind: 'simmer', tempC: 97 }));
    } else if (heat.tempC < 97) tried.push(way('Simmer up to 97 °C', { kind: 'simmer', tempC: 97 }));
    return tried.filter((t) => t.p50Min < now.p50 - WORTH_MIN);
  }
  if (heat.kind === 'oven' && now.p90 < readyByMin - TOO_EARLY_MIN) {
    const lower = LOWER_C.filter((t) => t < heat.tempC).map((tempC) =>
      way(`Oven down to ${String(tempC)} °C`, { ...heat, tempC }),
    );
    const fitting = lower.filter((t) => t.p90Min <= readyByMin && t.p50Min > now.p50 + WORTH_MIN);
    const last = fitting.at(-1);
    return last ? [last] : [];
  }
  return [];
}
