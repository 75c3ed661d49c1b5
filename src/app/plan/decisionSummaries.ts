import { fatWayOf, heatSays, type PlanInput, sameHeat, stageMessage } from '@/core/choices';
import { type Plan, servings } from '@/core/plan';
import { cutById, isCutId, isGarnishId } from '@/core/larder';
import { type Decision } from './decisions';
import { potSize } from './potSize';
import { noun, say, ofRow } from '@/core/message';
import { canRoll, partsAsCooked } from '@/core/prep';
import { type Words } from '@/words/words';
import { MINUTE_MS } from '@/core/quantity';

/** One decision as a short sentence with its key figure. */
export interface Sentence {
  readonly text: string;
  readonly detail: string;
  readonly figure: string;
}

const NAMED_OF_BASE = 2;
/** Less than this is not called reducing, l. */
const MIN_REDUCED_L = 0.005;
/** Placeholder for a figure that waits for the plan. */
const NO_FIGURE = '–';

/** The heat schedule: places and settings in order, then how long each lasts under which lid. */
function heatSentence({ course, bare }: PlanInput, w: Words): Pick<Sentence, 'text' | 'detail'> {
  const heats = course.map((s) => s.heat).filter((heat, i, all) => i === 0 || !sameHeat(heat, all[i - 1] ?? heat));
  const [first = '', ...others] = heats.map((heat) => w.say(heatSays(heat)));
  const pot = others.length > 0 ? w.text('sentence.thenHeat', { first, others: w.list(others, 'comma') }) : first;
  const time = bare && w.quantity(bare.minutes, 'minutes');
  const said = time ? w.text(bare.smoke ? 'sentence.smoked' : 'sentence.warmed', { time, heat: pot }) : pot;
  const only = course.length === 1 ? course[0] : undefined;
  return {
    text: said.charAt(0).toLocaleUpperCase(w.locale) + said.slice(1),
    detail: only
      ? w.text('sentence.underLid', { lid: w.name('lid', only.lid) })
      : course.map((s) => w.say(stageMessage(s))).join(' · '),
  };
}

/** What is done between coming off the heat and serving, in a few words. */
function finishSentence(input: PlanInput, plan: Plan | undefined, w: Words): string {
  const { finish, base } = input;
  const ways = [
    ...(finish.meat === 'whole' ? [] : [w.text(`sentence.meat.${finish.meat}`)]),
    ...(finish.solids === 'leave' ? [] : [w.text(`sentence.solids.${finish.solids}`)]),
    ...(fatWayOf(input) === 'leave' ? [] : [w.text('sentence.fatOff')]),
    ...(finish.reduce && plan?.finished.reduceMinutes !== 0 ? [w.text('sentence.boilDown')] : []),
    ...(base.thicken === 'end' ? [w.text('sentence.thicken')] : []),
  ];
  const said = w.list(ways, 'comma');
  return said.charAt(0).toLocaleUpperCase(w.locale) + said.slice(1);
}

/** The eight decisions as they are now. Figures from the plan show a dash until there is one. */
export function sentences(
  input: PlanInput,
  plan: Plan | undefined,
  w: Words,
  nowMs: number,
): Readonly<Record<Decision, Sentence>> {
  const { meat, also, base, sear, season } = input;
  const cut = isCutId(meat.cutId) ? cutById(meat.cutId) : undefined;
  const fig = (text: (p: Plan) => string): string => (plan ? text(plan) : NO_FIGURE);
  const rolled = input.prepare.filling !== null && canRoll(meat.cutId);
  const cooked = rolled ? (partsAsCooked(input)[0] ?? meat) : meat;
  const others = also.filter((p) => isCutId(p.cutId)).map((p) => w.name('cut', p.cutId));
  const inBase = base.items.filter((i) => i.kg > 0 && isGarnishId(i.id)).sort((a, b) => b.kg - a.kg);
  const baseKg = inBase.reduce((sum, i) => sum + i.kg, 0);
  return {
    meat: {
      text: w.text(others.length > 0 ? 'sentence.meatWith' : 'sentence.meat', {
        cut: cut ? ofRow('cut', cut.id, 'full') : say('decision.meat'),
        weight: w.quantity(meat.massKg, 'mass'),
        others: w.list(others),
      }),
      detail: w.text('sentence.pieces', {
        count: w.quantity(cooked.pieces, 'count'),
        unit: noun(rolled ? 'roll' : (cut?.pieceNoun ?? 'piece'), cooked.pieces),
        thick: w.quantity(cooked.thicknessMm, 'length'),
      }),
      figure: fig((p) => w.text('sentence.feeds', { plates: Math.max(1, servings(p.buy.plates.value)) })),
    },
    pot: {
      text: input.pot.name,
      detail: w.text('sentence.potSize', { size: potSize(w, input.pot), lie: input.lie }),
      figure: fig((p) => w.text('sentence.full', { share: w.figure(p.pot.full) })),
    },
    sear: {
      text:
        sear.depth === 'none'
          ? w.text('sentence.noSear')
          : fig((p) => w.text('sentence.batches', { batches: p.sear.batches.length, most: p.sear.perBatch.value })),
      detail: fig((p) =>
        w.text(p.salt.now.value > 0 ? 'sentence.salt' : 'sentence.noSaltYet', {
          salt: w.figure(p.salt.now),
          when: say(`way.saltWhen.${season.when}`),
        }),
      ),
      figure: sear.depth === 'none' ? w.text('sentence.none') : fig((p) => w.quantity(p.work.sear, 'minutes')),
    },
    base: {
      text:
        baseKg > 0
          ? w.text('sentence.base', {
              weight: w.quantity(baseKg, 'mass'),
              names: w.list(
                inBase.slice(0, NAMED_OF_BASE).map((i) => w.name('garnish', i.id)),
                'comma',
              ),
            })
          : w.text('sentence.noVegetables'),
      detail:
        baseKg > 0
          ? w.text(base.pasteWhen === 'none' ? 'sentence.onion' : 'sentence.onionAndPaste', {
              onion: say(`way.onion.${base.onion}`),
            })
          : w.text('sentence.straightIn'),
      figure: fig((p) => w.quantity(p.work.base, 'minutes')),
    },
    liquid: {
      text: fig((p) =>
        w.text('sentence.level', {
          // The resulting level: measured liquid may come up higher than the line.
          level: w.quantity(p.pot.levelStartMm / p.pot.meatTopMm, 'share'),
          volume: w.quantity(p.liquidL, 'volume'),
        }),
      ),
      detail: fig((p) =>
        [...p.liquid.pours, ...p.liquid.late]
          .map((x) =>
            w.text(x.pouredL - x.inPotL > MIN_REDUCED_L ? 'sentence.pourReduced' : 'sentence.pour', {
              liquid: w.name('liquid', x.liquid.id),
              volume: w.quantity(x.inPotL, 'volume'),
            }),
          )
          .join(' · '),
      ),
      figure: fig((p) => w.text('sentence.deep', { depth: w.quantity(p.pot.levelStartMm, 'length') })),
    },
    heat: {
      ...heatSentence(input, w),
      figure: fig((p) => w.quantity((p.day.ready.p50Ms - p.day.intoPotMs) / MINUTE_MS, 'minutes')),
    },
    finish: {
      text: finishSentence(input, plan, w),
      detail: fig((p) =>
        w.text(p.finished.reduceMinutes > 0 ? 'sentence.sauceTo' : 'sentence.sauceAsIs', {
          sauce: w.quantity(p.finished.sauceL, 'volume'),
        }),
      ),
      figure: fig((p) => w.quantity(p.work.finish, 'minutes')),
    },
    serve: {
      text: w.text('sentence.table', { eaters: w.quantity(input.eaters, 'count'), at: w.clock(input.serveAtMs) }),
      detail: w.text('sentence.sure', { sure: w.quantity(input.confidence, 'evenings') }),
      figure: w.dayFrom(input.serveAtMs, nowMs),
    },
  };
}
