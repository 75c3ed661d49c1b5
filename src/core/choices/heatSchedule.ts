import { HEAT_MODES, heatMode, humidityOf, type HeatMode, heatSays, MODES, type PlanHeat } from './heats';
import { type PlanInput } from './input';
import { type HeatPhase, type StageUntil } from './stages';
import { litres, type Message, minutes, nameOf, say } from '../message';
import { type LidKind, type Oven } from '../larder';

const START: HeatPhase = { heat: { kind: 'oven', tempC: 150, fan: false }, lid: 'heavy', until: { kind: 'end' } };

/** A schedule of a single phase. */
export function singleStageSchedule(heat: PlanHeat, lid: LidKind): readonly HeatPhase[] {
  return [{ heat, lid, until: { kind: 'end' } }];
}

/** The main phase: the first without a set time, or the last. */
export function mainStage({ course }: Pick<PlanInput, 'course'>): HeatPhase {
  return course.find((s) => s.until.kind !== 'minutes') ?? course.at(-1) ?? START;
}

/** The pot's first phase: how it is when the meat meets the liquid. */
export function firstStage({ course }: Pick<PlanInput, 'course'>): HeatPhase {
  return course[0] ?? START;
}

export const sameHeat = (a: PlanHeat, b: PlanHeat): boolean =>
  heatMode(a) === heatMode(b) && a.tempC === b.tempC && humidityOf(a) === humidityOf(b);

/** The plan with another heat in its main phase, and in every other at the same setting. */
export function withHeat<Input extends Pick<PlanInput, 'course'>>(input: Input, heat: PlanHeat): Input {
  const main = mainStage(input).heat;
  return { ...input, course: input.course.map((s) => (sameHeat(s.heat, main) ? { ...s, heat } : s)) };
}

/** The plan with another lid in its main phase. */
export function withLid<Input extends Pick<PlanInput, 'course'>>(input: Input, lid: LidKind): Input {
  const main = mainStage(input);
  return { ...input, course: input.course.map((s) => (s === main ? { ...s, lid } : s)) };
}

/** A phase, and any after it if one phase is all there is to say. */
export function stageMessage({ heat, lid, until }: HeatPhase): Message {
  return say('course.stage', { heat: heatSays(heat), lid: nameOf('lid', lid), until: untilMessage(until) });
}

function untilMessage(until: StageUntil): Message {
  switch (until.kind) {
    case 'minutes':
      return say('until.minutes', { time: minutes(until.minutes) });
    case 'left':
      return say('until.left', { volume: litres(until.litres) });
    case 'stage':
      return say('until.stage', { stage: nameOf('stage', until.stage) });
    case 'before':
      return say('until.before', { time: minutes(until.minutes) });
    case 'end':
      return say('until.end');
  }
}

/** Heat sources a kitchen can have, in the order offered. */
export function modesOf(kitchen: { readonly ovens: readonly Pick<Oven, 'kind'>[] }): readonly HeatMode[] {
  const kinds = new Set(kitchen.ovens.map((o) => o.kind));
  return HEAT_MODES.filter((mode) => {
    const { ovens } = MODES[mode];
    return ovens === null || ovens.some((kind) => kinds.has(kind));
  });
}
