import { cubeCount, heatMode, mainStage, type PlanHeat, type PlanInput, withHeat, withLid } from '../choices';
import { checkPlanInput } from './check';
import { composePlan } from './plan';
import {
  advance,
  DRY_WORTH_SAYING,
  type Ensemble,
  type HeatThen,
  type Readiness,
  readiness,
  type TimedHeat,
} from '../forecast';
import { cutById, lidsFor, type LidKind } from '../larder';
import { evenings, type Message, mm, noun, say, tempC } from '../message';
import { MINUTE_MS } from '../quantity';

/** Another way to cook the same meat, forecast and found to fit, with its results. */
export interface Alternative {
  readonly says: Message;
  readonly input: PlanInput;
  /** When the first step would start, ms. */
  readonly startMs: number;
}

const QUICK_PARTICLES = 128;
/** The hottest oven that still braises well, °C. */
const HOT_OVEN_C = 175;
const HOT_SIMMER_C = 97;
const LESS_SURE = 0.75;
const SMALLEST_CUBE_MM = 25;
const CUBE_STEP_MM = 10;
const HALF_HOUR_MS = 30 * MINUTE_MS;

/** The same meat cut smaller, as a sentence and an input; undefined if it would not do. */
export function smallerPieces(input: PlanInput): { readonly says: Message; readonly input: PlanInput } | undefined {
  const { meat } = input;
  const cut = cutById(meat.cutId);
  if (cut.form === 'cubes' && meat.thicknessMm - CUBE_STEP_MM >= SMALLEST_CUBE_MM) {
    const thicknessMm = meat.thicknessMm - CUBE_STEP_MM;
    return {
      says: say('wayOut.smallerCubes', { edge: mm(thicknessMm) }),
      input: { ...input, meat: { ...meat, thicknessMm, pieces: cubeCount(cut, meat.massKg, thicknessMm) } },
    };
  }
  if (cut.shape === 'box' && !meat.onBone && meat.massKg / meat.pieces > 0.4) {
    return {
      says: say('wayOut.halve', { piece: noun(cut.pieceNoun, 1) }),
      input: { ...input, meat: { ...meat, pieces: meat.pieces * 2, thicknessMm: Math.round(meat.thicknessMm * 0.75) } },
    };
  }
  return undefined;
}

function variants(input: PlanInput): { readonly says: Message; readonly input: PlanInput }[] {
  const { heat } = mainStage(input);
  const out: { says: Message; input: PlanInput }[] = [];
  const smaller = smallerPieces(input);
  if (smaller) out.push(smaller);
  if (heat.kind !== 'simmer') {
    out.push({
      says: say('wayOut.ontoHob', { temp: tempC(HOT_SIMMER_C) }),
      input: withHeat(input, { kind: 'simmer', tempC: HOT_SIMMER_C }),
    });
  }
  if (heat.kind === 'oven') {
    if (heat.tempC < HOT_OVEN_C) {
      out.push({
        says: say('wayOut.oven', { temp: tempC(HOT_OVEN_C) }),
        input: withHeat(input, { ...heat, tempC: HOT_OVEN_C }),
      });
    }
    if (heatMode(heat) === 'still')
      out.push({
        says: say('wayOut.fan', { temp: tempC(heat.tempC) }),
        input: withHeat(input, { ...heat, fan: true }),
      });
  } else if (heat.kind === 'simmer' && heat.tempC < HOT_SIMMER_C) {
    out.push({
      says: say('wayOut.simmer', { temp: tempC(HOT_SIMMER_C) }),
      input: withHeat(input, { kind: 'simmer', tempC: HOT_SIMMER_C }),
    });
  }
  if (mainStage(input).lid !== 'heavy' && lidsFor(input.pot).includes('heavy'))
    out.push({ says: say('wayOut.heavyLid'), input: withLid(input, 'heavy') });
  if (input.confidence > LESS_SURE) {
    out.push({
      says: say('wayOut.lessSure', { share: evenings(LESS_SURE) }),
      input: { ...input, confidence: LESS_SURE },
    });
  }
  return out;
}

/** Ways to still eat in time, each planned and forecast, then the earliest serving time for the plan as it is. */
export function alternatives(input: PlanInput, nowMs: number): Alternative[] {
  const fits = variants(input).flatMap((v): Alternative[] => {
    if (checkPlanInput(v.input, nowMs).length > 0) return [];
    const result = composePlan(v.input, QUICK_PARTICLES);
    const good = result.ok && result.plan.forecast.dry.chance < DRY_WORTH_SAYING;
    return good && result.plan.day.startMs >= nowMs ? [{ ...v, startMs: result.plan.day.startMs }] : [];
  });
  const asIs = composePlan(input, QUICK_PARTICLES);
  if (!asIs.ok) return fits;
  const needed = asIs.plan.day.serveMs - asIs.plan.day.startMs;
  const serveAtMs = Math.ceil((nowMs + needed + 5 * MINUTE_MS) / HALF_HOUR_MS) * HALF_HOUR_MS;
  return [
    ...fits,
    {
      says: say('wayOut.serveLater'),
      input: { ...input, serveAtMs },
      startMs: serveAtMs - needed,
    },
  ];
}

/** A heat change in a live pot, forecast from its present posterior. */
export interface HeatOption {
  readonly says: Message;
  readonly heat: PlanHeat;
  /** When it would be fork-tender, min from the start. */
  readonly p50Min: number;
  readonly p90Min: number;
  /** Probability that the pot runs dry before it is ready. */
  readonly dryChance: number;
}

/** What `then` still waits for, if the heat before it has already lasted `sinceMin`. */
function stillToCome(then: HeatThen, sinceMin: number): HeatThen {
  const { after } = then;
  return after.kind === 'minutes'
    ? { ...then, after: { kind: 'minutes', minutes: Math.max(0, after.minutes - sinceMin) } }
    : then;
}

/**
 * Heats with `from` changed to `to` at `atMin`, min from the start, in order. Phases planned for later stay; so does
 * what the present heat ends in by itself, while it is on.
 */
export function changedAt(
  heats: readonly TimedHeat[],
  from: PlanHeat,
  to: PlanHeat,
  atMin: number,
): readonly TimedHeat[] {
  const present = heats.findLast((h) => h.atMin <= atMin);
  const then =
    present?.then && JSON.stringify(present.heat) === JSON.stringify(from)
      ? stillToCome(present.then, atMin - present.atMin)
      : undefined;
  return [
    ...heats.filter((h) => h.atMin < atMin),
    { atMin, heat: to, ...(then && { then }) },
    ...heats.filter((h) => h.atMin > atMin),
  ];
}

function heatedFrom(ensemble: Ensemble, from: PlanHeat, to: PlanHeat, atMin: number): Readiness {
  const request = { ...ensemble.request, heats: changedAt(ensemble.request.heats, from, to, atMin) };
  return readiness(advance(ensemble, request, ensemble.observations));
}

/** A lid put on a live pot, forecast from its present posterior. */
export interface LidWay {
  readonly lid: LidKind;
  /** When the meat would be as wanted, min from the start. */
  readonly p50Min: number;
}

/** The braise with `lid` on from `atMin` on. */
export function lidWay(ensemble: Ensemble, lid: LidKind, atMin: number): LidWay {
  const lids = [...ensemble.request.lids.filter((l) => l.atMin < atMin), { atMin, lid, recorded: true }];
  return { lid, p50Min: readiness(advance(ensemble, { ...ensemble.request, lids }, ensemble.observations)).p50 };
}

const TOO_EARLY_MIN = 60;
const WORTH_MIN = 5;
const LOWEST_FIRST_C = [110, 120, 130, 140] as const;

/**
 * What to do with the heat at `atMin` if the forecast misses `readyByMin`: hotter or onto the stove if late, lower if
 * more than an hour early. Empty if it fits, if nothing helps by five minutes, or if what helps makes running dry
 * likelier by a tenth.
 */
export function heatOptions(ensemble: Ensemble, heat: PlanHeat, atMin: number, readyByMin: number): HeatOption[] {
  const now = readiness(ensemble);
  const way = (says: Message, changed: PlanHeat): HeatOption => {
    const { p50, p90, dry } = heatedFrom(ensemble, heat, changed, atMin);
    return { says, heat: changed, p50Min: p50, p90Min: p90, dryChance: dry.chance };
  };
  if (now.p50 > readyByMin) {
    const tried: HeatOption[] = [];
    if (heat.kind !== 'simmer') {
      if (heat.kind === 'oven' && heat.tempC < HOT_OVEN_C) {
        tried.push(way(say('heatWay.ovenUp', { temp: tempC(HOT_OVEN_C) }), { ...heat, tempC: HOT_OVEN_C }));
      }
      tried.push(way(say('heatWay.ontoHob', { temp: tempC(HOT_SIMMER_C) }), { kind: 'simmer', tempC: HOT_SIMMER_C }));
    } else if (heat.tempC < HOT_SIMMER_C) {
      tried.push(way(say('heatWay.simmerUp', { temp: tempC(HOT_SIMMER_C) }), { kind: 'simmer', tempC: HOT_SIMMER_C }));
    }
    return tried.filter((t) => t.p50Min < now.p50 - WORTH_MIN && t.dryChance < now.dry.chance + DRY_WORTH_SAYING);
  }
  if (heat.kind === 'oven' && now.p90 < readyByMin - TOO_EARLY_MIN) {
    // The lowest that fits wins: each costs a whole forecast, so those above it are not computed.
    for (const lower of LOWEST_FIRST_C.filter((t) => t < heat.tempC)) {
      const tried = way(say('heatWay.ovenDown', { temp: tempC(lower) }), { ...heat, tempC: lower });
      if (tried.p90Min <= readyByMin && tried.p50Min > now.p50 + WORTH_MIN) return [tried];
    }
  }
  return [];
}
