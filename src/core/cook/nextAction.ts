import { type CookActKind } from './events';
import { type LiveForecast } from './live';
import { eventsOf, type CookState } from './state';
import { type CareStep } from '../care/cautions';
import { chanceBy, etaOf, readyEta } from '../forecast/forecast';
import { cutById } from '../larder/cuts';
import { heatMode, MODES } from '../plan/heats';
import { type Plan } from '../plan/plan';
import { STAGE_WORDS, stageIndex, TARGETS } from '../tenderness/stages';
import { formatMass, formatVolume } from '../quantity/format';
import { METRIC } from '../quantity/units';

/** The one thing to do next, and when. */
export interface NextAction {
  readonly title: string;
  readonly why: string;
  /** What to look, feel or listen for. */
  readonly sign: string;
  readonly dueMs: number;
  /** The record that answers it. */
  readonly act: CookActKind;
  readonly care: CareStep;
}

const MIN_MS = 60_000;
/** A test pays once this share of kitchens would be ready. */
const FIRST_TEST_CHANCE = 0.12;
const SHORTEST_RETEST_MIN = 12;
const LONGEST_RETEST_MIN = 35;
const STOVE_LOOK_MIN = 15;
/** A turn this close to tender is not worth the heat. */
const TURN_BEFORE_MIN = 20;

const percent = (share: number): string => `${String(Math.round(share * 100))} %`;

/** What the cook should do next, given the plan, what has happened and the live forecast. */
export function nextAction(state: CookState, plan: Plan, live: LiveForecast, nowMs: number): NextAction {
  const cut = cutById(plan.cutId);
  if (state.phase === 'preparing' || state.intoPotMs === undefined) return beforeThePot(state, plan, nowMs);
  if (state.phase === 'offHeat') return afterTheHeat(state, plan, live, state.offHeatMs ?? nowMs);
  const start = state.intoPotMs;
  const at = (minutes: number): number => start + minutes * MIN_MS;
  const { forecast } = live;
  const twists = readyEta(forecast);
  const lastFork = eventsOf(state.events, 'fork').at(-1);
  const { target } = forecast;
  const { until } = TARGETS[target];
  if (lastFork && stageIndex(lastFork.act.stage) >= stageIndex(target)) {
    const far = stageIndex(lastFork.act.stage) > stageIndex(target);
    return {
      title: 'Take the pot off the heat',
      why: far
        ? 'It is past what you wanted: every minute more takes it further.'
        : `Your last test found it there: ${STAGE_WORDS[target].feel}. It stays good for about ${String(Math.round(Math.max(10, etaOf(forecast, until).p10 - twists.p50)))} more minutes.`,
      sign: cut.donenessSign,
      dueMs: nowMs,
      act: 'offHeat',
      care: MODES[heatMode(state.heat)].care,
    };
  }

  const candidates: NextAction[] = [testAction(state, plan, live, start, nowMs)];
  if (!state.turned && plan.pot.submergedShare < 0.9 && twists.p50 / 2 < twists.p10 - TURN_BEFORE_MIN) {
    candidates.push({
      title: `Turn the ${cut.pieceNoun}s`,
      why: 'What stands out of the liquid cooks slower and dries. Turned at half time it evens out.',
      sign: 'The tops should look moist and no darker than toast.',
      dueMs: at(twists.p50 / 2),
      act: 'turned',
      care: 'open',
    });
  }
  const looked = eventsOf(state.events, 'liquid').at(-1);
  if (state.heat.kind === 'simmer' && !looked) {
    candidates.push({
      title: 'Look at the bubbles',
      why: 'On the stove the flame settles in the first quarter hour.',
      sign: 'Lazy bubbles breaking here and there. A rolling boil makes it stringy; no bubbles, and it will be late.',
      dueMs: at(STOVE_LOOK_MIN),
      act: 'liquid',
      care: 'open',
    });
  }
  if (live.liquidLowMin !== undefined) {
    candidates.push({
      title: 'Top up with hot liquid',
      why: 'By then less than 250 ml would be left, and it could catch.',
      sign: 'The base must not smell or feel sticky under a spoon.',
      dueMs: at(live.liquidLowMin - 10),
      act: 'liquid',
      care: 'open',
    });
  }
  return candidates.reduce((first, c) => (c.dueMs < first.dueMs ? c : first));
}

function testAction(state: CookState, plan: Plan, live: LiveForecast, start: number, nowMs: number): NextAction {
  const cut = cutById(plan.cutId);
  const { forecast } = live;
  const twists = readyEta(forecast);
  const lastFork = eventsOf(state.events, 'fork').at(-1);
  const asked = forecast.readyPercentiles[Math.round(FIRST_TEST_CHANCE * 100) - 1] ?? twists.p10;
  const firstMin = Math.min(asked, forecast.horizonMin);
  let dueMin = firstMin;
  if (lastFork) {
    const since = (lastFork.atMs - start) / MIN_MS;
    const wait = Math.min(LONGEST_RETEST_MIN, Math.max(SHORTEST_RETEST_MIN, twists.p50 - since));
    dueMin = Math.max(firstMin, since + wait);
    if (since + LONGEST_RETEST_MIN < firstMin) dueMin = firstMin;
  }
  const due = Math.max(start + dueMin * MIN_MS, lastFork ? lastFork.atMs + SHORTEST_RETEST_MIN * MIN_MS : start);
  const chance = chanceBy(forecast, (Math.max(due, nowMs) - start) / MIN_MS);
  const cost = live.lookCostMin;
  return {
    title: `Fork test the thickest ${cut.pieceNoun}`,
    why: `${percent(chance)} chance that it ${STAGE_WORDS[forecast.target].name.toLowerCase()} by then. One look costs ${cost < 1 ? 'less than a minute' : `about ${String(Math.round(cost))} min`}.`,
    sign: `Push a fork in beside the ${state.input.meat.onBone && cut.boneFraction > 0 ? 'bone' : 'middle'} and try to turn it. Ready: ${cut.donenessSign}.`,
    dueMs: due,
    act: 'fork',
    care: 'open',
  };
}

function beforeThePot(state: CookState, plan: Plan, nowMs: number): NextAction {
  const cut = cutById(plan.cutId);
  const span = plan.day.spans.find((s) => nowMs < s.toMs && s.toMs <= plan.day.intoPotMs);
  const steps: Readonly<Record<string, Omit<NextAction, 'dueMs' | 'act'>>> = {
    salt: {
      title: 'Salt the meat, into the fridge',
      why: `${formatMass(plan.salt.now.value / 1000, METRIC)} of salt on every face, uncovered on a rack: overnight it works inward and the surface dries.`,
      sign: 'Evenly covered, nothing clumped.',
      care: 'rawMeat',
    },
    prep: {
      title: 'Trim, pat dry, chop',
      why: `${String(plan.work.prep)} min at the board. Wet meat spits and steams instead of browning.`,
      sign: 'Paper comes away dry.',
      care: 'rawMeat',
    },
    sear: {
      title:
        plan.sear.batches.length > 1
          ? `Sear in ${String(plan.sear.batches.length)} batches, ${String(plan.sear.perBatch.value)} at most`
          : 'Sear the meat',
      why: `${String(plan.work.sear)} min. ${plan.sear.says}`,
      sign: 'Loud steady sizzle; the meat lets go by itself when it is brown.',
      care: 'sear',
    },
    base: {
      title: 'Soften the vegetables',
      why: `${String(plan.work.base)} min: ${plan.base.steps.map((s) => s.title.toLowerCase()).join(', ')}.`,
      sign: `${plan.base.steps.at(-1)?.look ?? 'Soft and golden'}.`,
      care: 'sear',
    },
    liquid: {
      title: plan.liquid.wine ? 'Wine down, liquid in, up to a simmer' : 'Liquid in, up to a simmer',
      why: `${String(plan.work.liquid)} min: ${plan.liquid.pours.map((p) => `${p.liquid.name.toLowerCase()} ${formatVolume(p.pouredL, METRIC)}`).join(', ')}.`,
      sign: 'The base scraped clean, harsh smell gone, lazy bubbles.',
      care: 'liquid',
    },
  };
  const step = span ? steps[span.id] : undefined;
  if (step && span && nowMs < plan.day.intoPotMs)
    return { ...step, dueMs: Math.max(span.fromMs, plan.day.startMs), act: 'intoPot' };
  return {
    title: `${cut.pieceNoun.charAt(0).toUpperCase()}${cut.pieceNoun.slice(1)}${state.input.meat.pieces > 1 ? 's' : ''} into the simmering liquid`,
    why: 'The clock of the forecast starts when the meat meets the simmer.',
    sign: 'Lazy bubbles before the lid goes on.',
    dueMs: plan.day.intoPotMs,
    act: 'intoPot',
    care: MODES[heatMode(state.input.heat)].care,
  };
}

function afterTheHeat(state: CookState, plan: Plan, live: LiveForecast, offMs: number): NextAction {
  const { finished } = live;
  if (plan.ahead) {
    const { iceMin, iceKg } = plan.ahead.cooling;
    return {
      title: 'Into ice water, then into the fridge',
      why: `About ${String(iceMin)} min in its liquid, stirred now and then, with ${formatMass(iceKg, METRIC)} of ice; left to stand it would be warm for hours. Then say how it came out.`,
      sign: 'The pot’s wall is cold to the hand and the fat begins to set.',
      dueMs: offMs,
      act: 'finished',
      care: 'store',
    };
  }
  const ml = (litres: number): string => `${String(Math.round(litres * 100) * 10)} ml`;
  return {
    title: 'Lift out, strain, reduce, plate',
    why: `About ${ml(finished.liquidL)} is in the pot: lift off ${ml(finished.fatL)} of fat, reduce to ${ml(finished.sauceL)} in about ${String(Math.round(finished.reduceMinutes))} min. Then say how it came out.`,
    sign: 'It coats a spoon and a finger leaves a track.',
    dueMs: offMs,
    act: 'finished',
    care: state.phase === 'offHeat' ? 'finish' : 'serve',
  };
}
