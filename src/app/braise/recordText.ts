import { type CookAct, type CookActKind, type StoredUpdate, type Update } from '@/core/cook';
import { kelvin, kg, litres, type Message, mm, nameOf, say, share, tempC, minutes } from '@/core/message';
import { putUnit } from '@/core/finish';
import { heatSays } from '@/core/choices';
import { type Words } from '@/words/words';

type Recorded = { readonly [K in CookActKind]: (act: Extract<CookAct, { kind: K }>) => Message | string };

/** Text of each kind of record; a new kind without one does not compile. */
const RECORDED: Recorded = {
  intoPot: () => say('recorded.intoPot'),
  fork: ({ stage }) => say('recorded.fork', { stage: nameOf('stage', stage), feel: say(`stage.${stage}.feel`) }),
  probe: (act) => say(act.nearBone ? 'recorded.probeByBone' : 'recorded.probe', { reading: tempC(act.tempC) }),
  liquid: (act) =>
    say(act.addedL > 0 ? 'recorded.liquidAdded' : 'recorded.liquid', {
      depth: mm(act.levelMm),
      simmering: act.simmering ? 'yes' : 'no',
      added: litres(act.addedL),
    }),
  turned: () => say('recorded.turned'),
  lid: ({ lid }) => nameOf('lid', lid),
  heat: ({ heat }) => heatSays(heat),
  step: ({ name, how }) => say(`recorded.step.${how}`, { name }),
  timer: ({ name, minutes: length }) =>
    length === 0 ? say('recorded.timerOff', { name }) : say('recorded.timer', { name, time: minutes(length) }),
  trouble: ({ trouble }) => say('recorded.trouble', { trouble: say(`trouble.${trouble}`) }),
  note: ({ text }) => text,
  offHeat: () => say('recorded.offHeat'),
  hold: ({ way, tempC: measured }) =>
    measured === undefined
      ? say('recorded.hold', { way: say(`hold.${way}.short`) })
      : say('recorded.holdAt', { way: say(`hold.${way}.short`), temp: tempC(measured) }),
  sauce: ({ litres: much, rung }) =>
    rung === null
      ? say('recorded.sauce', { litres: litres(much) })
      : say('recorded.sauceRung', { litres: litres(much), rung: nameOf('rung', rung) }),
  aim: ({ litres: much }) => say('recorded.aim', { litres: litres(much) }),
  put: ({ thing, amount }) =>
    say('recorded.put', {
      thing: say(`put.${thing}`),
      amount: putUnit(thing) === 'g' ? kg(amount / 1000) : litres(amount / 1000),
    }),
  counted: () => say('recorded.counted'),
  served: () => say('recorded.served'),
  cooling: ({ way }) => say('recorded.cooling', { way: say(`cooling.${way}.short`) }),
  cooled: (act) => say('recorded.cooled', { reading: tempC(act.tempC) }),
  stored: ({ boxes, grams, place }) =>
    say('recorded.stored', { boxes, weight: kg(grams / 1000), place: say(`recorded.stored.${place}`) }),
  box: ({ count, fate }) => say(`recorded.box.${fate}`, { count }),
  finished: () => say('recorded.finished'),
};

/** What was recorded, in a few words. */
export function actText(w: Words, act: CookAct): string {
  const said = (RECORDED[act.kind] as (own: CookAct) => Message | string)(act);
  return typeof said === 'string' ? said : w.title(said);
}

const ON_TRACK_MIN = 1.5;
const SURER_MIN = 4;

/** What a record changed: how the forecast moved, or that it is surer. */
export function updateText(w: Words, lesson: Update | StoredUpdate | undefined): string {
  const { shiftMin, widthMin } = lesson ?? { shiftMin: null, widthMin: null };
  if (shiftMin === null || !Number.isFinite(shiftMin)) return '';
  const moved =
    Math.abs(shiftMin) < ON_TRACK_MIN
      ? w.text('lesson.onTrack')
      : w.text(shiftMin > 0 ? 'lesson.later' : 'lesson.sooner', { by: { as: 'minutes', value: Math.abs(shiftMin) } });
  return widthMin !== null && Number.isFinite(widthMin) && widthMin < -SURER_MIN
    ? w.text('lesson.surer', { moved, by: { as: 'minutes', value: -widthMin } })
    : moved;
}

/** What a record may have taught that deserves a sentence. */
type Sayable = 'toughness' | 'lidLeak' | 'thickness' | 'ovenOffset' | 'hold' | 'meatStart' | 'liquidStart' | 'burner';

/** How a parameter is worded: as a share above or below usual, or in degrees; below `least` it is not mentioned. */
const LEARNED: Readonly<Record<Sayable, { readonly as: 'share' | 'degrees'; readonly least: number }>> = {
  toughness: { as: 'share', least: 0.005 },
  lidLeak: { as: 'share', least: 0.1 },
  thickness: { as: 'share', least: 0.02 },
  ovenOffset: { as: 'degrees', least: 1 },
  hold: { as: 'degrees', least: 0.3 },
  meatStart: { as: 'degrees', least: 0.05 },
  liquidStart: { as: 'degrees', least: 0.05 },
  burner: { as: 'share', least: 0.02 },
};

const isSayable = (unknown: string): unknown is Sayable => Object.hasOwn(LEARNED, unknown);

/** The parameter a record changed most, as a sentence; empty if nothing stood out. */
export function learnedText(w: Words, lesson: Update | StoredUpdate | undefined): string {
  if (!lesson?.about) return '';
  const { unknown, value } = lesson.about;
  if (unknown === 'unexplained' || unknown === 'letGo' || unknown === 'farOff') return w.text(`learned.${unknown}`);
  if (unknown === 'lidAjar') return w.say(say('learned.lidAjar', { chance: share(value) }));
  if (!isSayable(unknown)) return '';
  const how = LEARNED[unknown];
  const more = how.as === 'share' ? value - 1 : value;
  if (Math.abs(more) < how.least) return '';
  const by = how.as === 'share' ? share(Math.abs(more)) : kelvin(Math.abs(more));
  return w.text(`learned.${unknown}.${more > 0 ? 'more' : 'less'}`, { by });
}
