import { type CookAct } from '@/core/cook/events';
import { type Lesson } from '@/core/cook/follow';
import { LIDS } from '@/core/larder/vessels';
import { heatWords } from '@/core/plan/heats';
import { STAGE_WORDS } from '@/core/tenderness/stages';
import { formatLength, formatTemperature, formatTemperatureStep, formatVolume } from '@/core/quantity/format';
import { type UnitChoice } from '@/core/quantity/units';

/** What was recorded, in a few words. */
export function actWords(act: CookAct, units: UnitChoice): string {
  switch (act.kind) {
    case 'intoPot':
      return 'Into the pot, simmering';
    case 'fork':
      return `Fork: ${STAGE_WORDS[act.stage].name}, ${STAGE_WORDS[act.stage].feel}`;
    case 'probe':
      return `Probe ${formatTemperature(act.tempC, units)}${act.nearBone ? ', by the bone' : ''}`;
    case 'liquid':
      return `Liquid ${formatLength(act.levelMm, units)}, ${act.simmering ? 'bubbling' : 'still'}${act.addedL > 0 ? `, ${formatVolume(act.addedL, units)} added` : ''}`;
    case 'turned':
      return 'Turned';
    case 'lid':
      return LIDS[act.lid].label;
    case 'heat':
      return heatWords(act.heat, units);
    case 'note':
      return act.text;
    case 'offHeat':
      return 'Off the heat';
    case 'finished':
      return 'Finished';
  }
}

const signed = (minutes: number): string => `${minutes > 0 ? '+' : '−'}${String(Math.abs(Math.round(minutes)))} min`;

/** What a record taught, in a few words: how the forecast moved, or that it is surer. */
export function lessonWords(lesson: Lesson | undefined): string {
  if (!lesson || !Number.isFinite(lesson.shiftMin)) return '';
  const moved = Math.abs(lesson.shiftMin) >= 1.5 ? `ready ${signed(lesson.shiftMin)}` : 'on track';
  const surer =
    Number.isFinite(lesson.widthMin) && lesson.widthMin < -4
      ? `, ${String(Math.round(-lesson.widthMin))} min surer`
      : '';
  return moved + surer;
}

/** The unknown a record taught most about, as a sentence; empty when nothing stood out. */
export function learnedWords(lesson: Lesson | undefined, units: UnitChoice): string {
  if (!lesson?.about) return '';
  const { unknown, value } = lesson.about;
  const percent = Math.round((value - 1) * 100);
  const kelvin = Math.round(value * 10) / 10;
  switch (unknown) {
    case 'toughness':
      return percent === 0
        ? ''
        : `This animal seems about ${String(Math.abs(percent))} % ${percent > 0 ? 'tougher' : 'tenderer'} than most.`;
    case 'ovenOffset':
      return Math.abs(kelvin) < 1
        ? ''
        : `The oven seems to run ${formatTemperatureStep(Math.abs(kelvin), units)} ${kelvin > 0 ? 'hot' : 'low'}.`;
    case 'hold':
      return Math.abs(kelvin) < 0.3
        ? ''
        : `The simmer seems ${formatTemperatureStep(Math.abs(kelvin), units)} ${kelvin > 0 ? 'hotter' : 'cooler'} than set.`;
    case 'lidLeak':
      return Math.abs(percent) < 10
        ? ''
        : `The lid seems to let through ${String(Math.abs(percent))} % ${percent > 0 ? 'more' : 'less'} than usual.`;
    case 'thickness':
      return Math.abs(percent) < 2
        ? ''
        : `The pieces behave as if ${String(Math.abs(percent))} % ${percent > 0 ? 'thicker' : 'thinner'}.`;
    case 'meatStart':
      return `The meat went in about ${formatTemperatureStep(Math.abs(kelvin), units)} ${kelvin > 0 ? 'warmer' : 'colder'}.`;
    case 'liquidStart':
      return `The liquid started about ${formatTemperatureStep(Math.abs(kelvin), units)} ${kelvin > 0 ? 'hotter' : 'cooler'}.`;
    default:
      return '';
  }
}
