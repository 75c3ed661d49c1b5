import { HEAT_MODES, heatMode, type HeatMode, heatSays, MODES, type PlanHeat } from './heats';
import { type PlanInput } from './input';
import { type HeatStage, type StageUntil } from './stages';
import { litres, type Message, minutes, nameOf, say } from '../message';
import { type LidKind, type Oven } from '../larder';

const START: HeatStage = { heat: { kind: 'oven', tempC: 150, fan: false }, lid: 'heavy', until: { kind: 'end' } };

/** One stage from first to last. */
export function singleStageSchedule(heat: PlanHeat, lid: LidKind): readonly HeatStage[] {
  return [{ heat, lid, until: { kind: 'end' } }];
}

/** The stage the braise is named after: the first that is not there for set minutes, or the last. */
export function mainStage({ course }: Pick<PlanInput, 'course'>): HeatStage {
  return course.find((s) => s.until.kind !== 'minutes') ?? course.at(-1) ?? START;
}

/** The pot's first stage: how it is when the pieces meet the liquid. */
export function firstStage({ course }: Pick<PlanInput, 'course'>): HeatStage {
  return course[0] ?? START;
}

export const sameHeat = (a: PlanHeat, b: PlanHeat): boolean => heatMode(a) === heatMode(b) && a.tempC === b.tempC;

/** The plan with another heat in the stage it is named after, and in every other at the same setting. */
export function withHeat<Input extends Pick<PlanInput, 'course'>>(input: Input, heat: PlanHeat): Input {
  const main = mainStage(input).heat;
  return { ...input, course: input.course.map((s) => (sameHeat(s.heat, main) ? { ...s, heat } : s)) };
}

/** The plan with another lid in the stage it is named after. */
export function withLid<Input extends Pick<PlanInput, 'course'>>(input: Input, lid: LidKind): Input {
  const main = mainStage(input);
  return { ...input, course: input.course.map((s) => (s === main ? { ...s, lid } : s)) };
}

/** The stage and all after it where one stage is all there is to say of it. */
export function stageMessage({ heat, lid, until }: HeatStage): Message {
  return say('course.stage', { heat: heatSays(heat), lid: nameOf('lid', lid), until: untilSays(until) });
}

function untilSays(until: StageUntil): Message {
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

/** What a kitchen can heat a pot with, in the order offered. */
export function modesOf(kitchen: { readonly ovens: readonly Pick<Oven, 'kind'>[] }): readonly HeatMode[] {
  const kinds = new Set(kitchen.ovens.map((o) => o.kind));
  return HEAT_MODES.filter((mode) => {
    if (MODES[mode].place === 'burner') return true;
    if (mode === 'still') return kinds.has('still') || kinds.has('fan');
    if (mode === 'fan') return kinds.has('fan');
    return kinds.has(mode === 'steamOven' ? 'steam' : 'grill');
  });
}
