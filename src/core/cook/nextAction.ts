import { type CookActKind } from './events';
import { type LiveForecast } from './live';
import { type CookState, eventsOf } from './state';
import { type CareStep } from '../cautions';
import { chanceBy, DRY_WORTH_SAYING, etaOf, LOW_LITRES, readyEta } from '../forecast';
import { cutById } from '../larder';
import { heatMode, heatSays, MODES, sameHeat, stageSays } from '../choices';
import { finishSteps, type Plan } from '../plan';
import { finishFigures } from '../finish';
import { kg, listed, litres, type Message, minutes, moment, nameOf, noun, say, share } from '../message';
import { stageIndex, TARGETS, type TargetStage } from '../tenderness';

/** What a cut shows when it is as wanted: its own sign where a fork is to twist, earlier and later ones in common. */
export function doneSign(cutId: string, target: TargetStage): Message {
  if (target === 'twists') return say(`cut.${cutId}.sign`);
  const bone = target === 'falls' && cutById(cutId).boneFraction > 0;
  return say(bone ? 'sign.fallsOffBone' : `sign.${target}`);
}

/** The one thing to do next, and when. */
export interface NextAction {
  readonly title: Message;
  readonly why: Message;
  /** What to look, feel or listen for. */
  readonly sign: Message;
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
/** Hot liquid is asked for so long before it runs low, min. */
const TOP_UP_AHEAD_MIN = 10;
/** A turn this close to tender is not worth the heat. */
const TURN_BEFORE_MIN = 20;

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
      title: say('next.offHeat'),
      why: far
        ? say('next.offHeat.past')
        : say('next.offHeat.there', {
            feel: say(`stage.${target}.feel`),
            good: minutes(Math.max(10, etaOf(forecast, until).p10 - twists.p50)),
          }),
      sign: doneSign(cut.id, target),
      dueMs: nowMs,
      act: 'offHeat',
      care: MODES[heatMode(state.heat)].care,
    };
  }

  const candidates: NextAction[] = [testAction(state, plan, live, start, nowMs)];
  if (!state.turned && plan.pot.submergedShare < 0.9 && twists.p50 / 2 < twists.p10 - TURN_BEFORE_MIN) {
    candidates.push({
      title: say('next.turn', { pieces: noun(cut.pieceNoun, 2) }),
      why: say('mark.turn.why'),
      sign: say('next.turn.sign'),
      dueMs: at(twists.p50 / 2),
      act: 'turned',
      care: 'open',
    });
  }
  const looked = eventsOf(state.events, 'liquid').at(-1);
  if (state.heat.kind === 'simmer' && !looked) {
    candidates.push({
      title: say('next.bubbles'),
      why: say('next.bubbles.why'),
      sign: say('next.bubbles.sign'),
      dueMs: at(STOVE_LOOK_MIN),
      act: 'liquid',
      care: 'open',
    });
  }
  const stage = stageAction(state, plan, start);
  if (stage) candidates.push(stage);
  if (live.liquidLowMin !== undefined) {
    candidates.push({
      title: say('next.topUp'),
      why:
        forecast.dry.chance >= DRY_WORTH_SAYING
          ? say('next.topUp.dry', {
              low: litres(LOW_LITRES),
              at: moment(at(forecast.dry.p50)),
              share: share(forecast.dry.chance),
            })
          : say('next.topUp.why', { low: litres(LOW_LITRES) }),
      sign: say('next.topUp.sign'),
      dueMs: at(live.liquidLowMin - TOP_UP_AHEAD_MIN),
      act: 'liquid',
      care: 'open',
    });
  }
  return candidates.reduce((first, c) => (c.dueMs < first.dueMs ? c : first));
}

/** The next stage of heat, where the plan has one still to come. */
function stageAction(state: CookState, plan: Plan, start: number): NextAction | undefined {
  const [now, next] = state.stages;
  if (!now || !next) return undefined;
  const passed = state.input.course.length - state.stages.length;
  const planned = plan.stages[passed + 1];
  const sinceMs = state.stageSinceMs ?? start;
  const { until } = now;
  if (until.kind !== 'minutes' && !planned) return undefined;
  const heat = heatSays(next.heat);
  const lid = nameOf('lid', next.lid);
  const moves = !sameHeat(now.heat, next.heat);
  return {
    title: say(moves ? (now.lid === next.lid ? 'change.heat' : 'change.both') : 'change.lid', { heat, lid }),
    why: say('next.stage.why', { before: stageSays(now) }),
    sign: say(next.lid === 'none' ? 'next.stage.open' : 'next.stage.sign'),
    dueMs: until.kind === 'minutes' ? sinceMs + until.minutes * MIN_MS : start + (planned?.fromMin ?? 0) * MIN_MS,
    act: 'heat',
    care: MODES[heatMode(next.heat)].care,
  };
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
    title: say('next.fork', { piece: noun(cut.pieceNoun, 1) }),
    why: say(cost < 1 ? 'next.fork.cheap' : 'next.fork.why', {
      chance: share(chance),
      stage: nameOf('stage', forecast.target),
      cost: minutes(cost),
    }),
    sign: say(state.input.meat.onBone && cut.boneFraction > 0 ? 'next.fork.bone' : 'next.fork.middle', {
      sign: doneSign(cut.id, forecast.target),
    }),
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
      title: say('next.salt'),
      why: say('next.salt.why', { salt: kg(plan.salt.now.value) }),
      sign: say('next.salt.sign'),
      care: 'rawMeat',
    },
    prep: {
      title: say('next.prep'),
      why: say('next.prep.why', { time: minutes(plan.work.prep) }),
      sign: say('next.prep.sign'),
      care: 'rawMeat',
    },
    sear: {
      title:
        plan.sear.batches.length > 1
          ? say('next.searBatches', { batches: plan.sear.batches.length, most: plan.sear.perBatch.value })
          : say('next.sear'),
      why: say('next.sear.why', { time: minutes(plan.work.sear), says: plan.sear.says }),
      sign: say('next.sear.sign'),
      care: 'sear',
    },
    base: {
      title: say('next.base'),
      why: say('next.base.why', {
        time: minutes(plan.work.base),
        steps: listed(
          plan.base.steps.map((s) => s.title),
          'comma',
        ),
      }),
      sign: plan.base.steps.at(-1)?.look ?? say('next.base.sign'),
      care: 'sear',
    },
    liquid: {
      title: say(plan.liquid.wine ? 'next.wineAndLiquid' : 'next.liquid'),
      why: say('next.liquid.why', {
        time: minutes(plan.work.liquid),
        pours: listed(
          plan.liquid.pours.map((p) =>
            say('next.pour', { liquid: nameOf('liquid', p.liquid.id), volume: litres(p.pouredL) }),
          ),
          'comma',
        ),
      }),
      sign: say('next.liquid.sign'),
      care: 'liquid',
    },
  };
  const step = span ? steps[span.id] : undefined;
  if (step && span && nowMs < plan.day.intoPotMs)
    return { ...step, dueMs: Math.max(span.fromMs, plan.day.startMs), act: 'intoPot' };
  return {
    title: say('next.intoPot', { pieces: noun(cut.pieceNoun, state.input.meat.pieces) }),
    why: say('next.intoPot.why'),
    sign: say('next.intoPot.sign'),
    dueMs: plan.day.intoPotMs,
    act: 'intoPot',
    care: MODES[heatMode(state.heat)].care,
  };
}

function afterTheHeat(state: CookState, plan: Plan, live: LiveForecast, offMs: number): NextAction {
  const { finished } = live;
  if (plan.ahead) {
    const { iceMin, iceKg } = plan.ahead.cooling;
    return {
      title: say('next.cool'),
      why: say('next.cool.why', { time: minutes(iceMin), ice: kg(iceKg) }),
      sign: say('next.cool.sign'),
      dueMs: offMs,
      act: 'finished',
      care: 'store',
    };
  }
  return {
    title: say('next.finish'),
    why: say('next.finish.why', {
      steps: listed(finishSteps({ ...plan, finished, finish: finishFigures(finished, plan.finishBy) }), 'space'),
    }),
    sign: say('next.finish.sign'),
    dueMs: offMs,
    act: 'finished',
    care: state.phase === 'offHeat' ? 'finish' : 'serve',
  };
}
