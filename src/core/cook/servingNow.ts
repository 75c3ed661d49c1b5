import { chanceBy, readyEta, sampleAt, toLineL } from '../forecast';
import { litres, type Message, minutes, timeParam, nameOf, say } from '../message';
import { type BegunPlan } from '../plan';
import { type Alarm } from './alarms';
import { type LiveForecast } from './live';
import { type Clock, type Found } from './scheduledStep';
import { type CookState } from './state';
import { MINUTE_MS } from '../quantity';

/** How sure serving time still is, and what to do where it has slipped. */
export interface ServingOutlook {
  /** The most likely serving time. */
  readonly serveMs: number;
  readonly wantedMs: number;
  /** It was served, at `serveMs`. */
  readonly served: boolean;
  /** The pot is dry: nothing is forecast. */
  readonly dry: boolean;
  /** Probability of serving on time. */
  readonly chance: number;
  /** Minutes later than wanted; 0 if on time. */
  readonly lateMin: number;
  readonly ways: readonly Message[];
}

/** State of the meat, in one line and one time. */
export interface Headline {
  readonly says: Message;
  readonly atMs: number;
  readonly between: { readonly fromMs: number; readonly toMs: number } | null;
}

const SLIPPED_MIN = 5;
const UNLIKELY = 0.5;

/** Kept warm longer than this it is past what was wanted. */
const TOO_EARLY_MIN = 180;

/** State of the meat: when it will be as wanted, or since when it has been, or off the heat. */
export function headlineOf(
  state: CookState,
  live: LiveForecast,
  { potMs, nowMs }: Clock,
  target: Found | undefined,
  alarm: Alarm | undefined,
): Headline {
  const { forecast } = live;
  if (state.finishedMs !== undefined)
    return { says: say('liveForecast.finished'), atMs: state.finishedMs, between: null };
  if (state.servedMs !== undefined) return { says: say('conduct.servedAt'), atMs: state.servedMs, between: null };
  if (state.offHeatMs !== undefined) {
    return { says: say('liveForecast.offTheHeatSince'), atMs: state.offHeatMs, between: null };
  }
  if (target)
    return {
      says: say('conduct.found', { target: say(`target.${forecast.target}`) }),
      atMs: target.atMs,
      between: null,
    };
  // In a dry pot the meat roasts: nothing fitted to a braise applies.
  if (alarm?.dry) {
    const { sinceMs, seen } = alarm.dry;
    return { says: say(seen ? 'conduct.drySince' : 'conduct.dryLikely'), atMs: sinceMs, between: null };
  }
  const eta = readyEta(forecast);
  const at = (min: number): number =>
    Number.isFinite(min) ? Math.max(potMs + min * MINUTE_MS, state.intoPotMs === undefined ? 0 : nowMs) : Infinity;
  return {
    says: say('live.target', { target: say(`target.${forecast.target}`) }),
    atMs: at(eta.p50),
    between: { fromMs: at(eta.p10), toMs: at(eta.p90) },
  };
}

/** Forecast of serving time, and what to do where it has slipped. */
export function outlookOf(
  plan: BegunPlan,
  live: LiveForecast,
  state: CookState,
  clock: Clock,
  offMs: number,
  alarm: Alarm | undefined,
): ServingOutlook {
  const { serveMs, potMs, finishMin, inPot } = clock;
  const wantedMs = plan.day.serveMs;
  const lateMin = Math.max(0, (serveMs - wantedMs) / MINUTE_MS);
  const readyBy = (wantedMs - finishMin * MINUTE_MS - potMs) / MINUTE_MS;
  if (state.servedMs !== undefined)
    return {
      serveMs,
      wantedMs,
      served: true,
      dry: false,
      chance: lateMin < SLIPPED_MIN ? 1 : 0,
      lateMin,
      ways: [],
    };
  if (alarm?.dry) return { serveMs, wantedMs, served: false, dry: true, chance: 0, lateMin, ways: [] };
  const settled = state.offHeatMs !== undefined || offMs !== clock.readyMs;
  const chance = plan.ahead || settled ? (lateMin < SLIPPED_MIN ? 1 : 0) : chanceBy(live.forecast, readyBy);
  const slipped = lateMin >= SLIPPED_MIN || chance < UNLIKELY;
  const earlyMin = (serveMs - finishMin * MINUTE_MS - Math.max(offMs, clock.nowMs)) / MINUTE_MS;
  const early = inPot && !plan.ahead && earlyMin > TOO_EARLY_MIN;
  const ways =
    !slipped || plan.ahead
      ? early
        ? [say('conduct.way.early', { time: minutes(earlyMin) })]
        : []
      : [
          ...(inPot ? [] : [say('conduct.way.oneBatch'), say('conduct.way.smaller')]),
          ...live.heatOptions.map((way) =>
            say('conduct.way.heat', { says: way.says, at: timeParam(potMs + way.p50Min * MINUTE_MS, clock.nowMs) }),
          ),
          say('conduct.way.later', { at: timeParam(serveMs, clock.nowMs) }),
        ];
  return { serveMs, wantedMs, served: false, dry: false, chance, lateMin, ways };
}

/** What putting the lid back on would gain. */
export function lidBackScenario(state: CookState, live: LiveForecast, { potMs, nowMs }: Clock): Message | null {
  const { lidBack } = live;
  if (state.phase !== 'braising' || lidBack === undefined) return null;
  const now = readyEta(live.forecast).p50;
  const here = sampleAt(live.course, (nowMs - potMs) / MINUTE_MS);
  const params = {
    lid: nameOf('lid', lidBack.lid),
    back: timeParam(potMs + lidBack.p50Min * MINUTE_MS, nowMs),
    pour: litres(toLineL(here)),
  };
  return Number.isFinite(now)
    ? say('conduct.lidBack', { ...params, open: timeParam(potMs + now * MINUTE_MS, nowMs) })
    : say('conduct.lidBack.never', params);
}
