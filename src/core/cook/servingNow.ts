import { chanceBy, readyEta, sampleAt, toLineL } from '../forecast';
import { litres, type Message, minutes, timeParam, nameOf, say } from '../message';
import { type Plan } from '../plan';
import { type Alarm } from './alarms';
import { type LiveForecast } from './live';
import { type Clock, type Found } from './placed';
import { type CookState } from './state';
import { MINUTE_MS } from '../quantity';

/** How sure the plate still is, and what to do where it has slipped. */
export interface ServingOutlook {
  /** When the plates most likely go out. */
  readonly plateMs: number;
  readonly wantedMs: number;
  /** It is on the table, at `plateMs`. */
  readonly served: boolean;
  /** The pot is dry: nothing is foreseen of it. */
  readonly dry: boolean;
  /** Share of evenings like this in which it is met. */
  readonly chance: number;
  /** Later than wanted by so much, min; 0 where it is met. */
  readonly lateMin: number;
  readonly ways: readonly Message[];
}

/** Where the meat stands, in one line and one moment. */
export interface Headline {
  readonly says: Message;
  readonly atMs: number;
  readonly between: { readonly fromMs: number; readonly toMs: number } | null;
}

const SLIPPED_MIN = 5;
const UNLIKELY = 0.5;

/** Kept warm longer than this it is no longer what was wanted. */
const TOO_EARLY_MIN = 180;

/** Where the meat stands: when it will be as wanted, or since when it is, or off the heat. */
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
  // What a dry pot does to meat is roasting: nothing that was fitted to a braise speaks of it.
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

/** What becomes of the plate, and what to do where it has slipped. */
export function outlookOf(
  plan: Plan,
  live: LiveForecast,
  state: CookState,
  clock: Clock,
  offMs: number,
  alarm: Alarm | undefined,
): ServingOutlook {
  const { plateMs, potMs, finishMin, potted } = clock;
  const wantedMs = plan.day.serveMs;
  const lateMin = Math.max(0, (plateMs - wantedMs) / MINUTE_MS);
  const readyBy = (wantedMs - finishMin * MINUTE_MS - potMs) / MINUTE_MS;
  if (state.servedMs !== undefined)
    return { plateMs, wantedMs, served: true, dry: false, chance: lateMin < SLIPPED_MIN ? 1 : 0, lateMin, ways: [] };
  if (alarm?.dry) return { plateMs, wantedMs, served: false, dry: true, chance: 0, lateMin, ways: [] };
  const settled = state.offHeatMs !== undefined || offMs !== clock.readyMs;
  const chance = plan.ahead || settled ? (lateMin < SLIPPED_MIN ? 1 : 0) : chanceBy(live.forecast, readyBy);
  const slipped = lateMin >= SLIPPED_MIN || chance < UNLIKELY;
  const earlyMin = (plateMs - finishMin * MINUTE_MS - Math.max(offMs, clock.nowMs)) / MINUTE_MS;
  const early = potted && !plan.ahead && earlyMin > TOO_EARLY_MIN;
  const ways =
    !slipped || plan.ahead
      ? early
        ? [say('conduct.way.early', { time: minutes(earlyMin) })]
        : []
      : [
          ...(potted ? [] : [say('conduct.way.oneBatch'), say('conduct.way.smaller')]),
          ...live.heatWays.map((way) =>
            say('conduct.way.heat', { says: way.says, at: timeParam(potMs + way.p50Min * MINUTE_MS, clock.nowMs) }),
          ),
          say('conduct.way.later', { at: timeParam(plateMs, clock.nowMs) }),
        ];
  return { plateMs, wantedMs, served: false, dry: false, chance, lateMin, ways };
}

/** What putting the lid back on would bring. */
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
