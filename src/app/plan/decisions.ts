import { type PlanInput } from '@/core/plan/input';
import { type Plan } from '@/core/plan/plan';
import { cutById, cutLabel, isCutId } from '@/core/larder/cuts';
import { LIDS } from '@/core/larder/vessels';
import { formatMass, formatTemperature, formatVolume } from '@/core/quantity/units';
import { clock, dayFrom, duration } from '@/ui/time';
import { METRIC } from '@/ui/units';

export const DECISIONS = ['meat', 'pot', 'sear', 'base', 'liquid', 'heat', 'finish', 'serve'] as const;

export type Decision = (typeof DECISIONS)[number];

export const DECISION_NAMES: Readonly<Record<Decision, string>> = {
  meat: 'Meat',
  pot: 'Pot',
  sear: 'Sear',
  base: 'Base',
  liquid: 'Liquid',
  heat: 'Heat',
  finish: 'Finish',
  serve: 'Serve',
};

/** One decision as a short sentence with its key figure. */
export interface Sentence {
  readonly text: string;
  readonly detail: string;
  readonly figure: string;
}

const known = (value: number, text: (v: number) => string): string => (Number.isFinite(value) ? text(value) : '–');

/** The eight decisions as they stand. Figures that follow from the plan show a dash until there is one. */
export function sentences(
  input: PlanInput,
  plan: Plan | undefined,
  zone: { readonly timeZone: string; readonly nowMs: number },
): Readonly<Record<Decision, Sentence>> {
  const { meat, heat } = input;
  const cut = isCutId(meat.cutId) ? cutById(meat.cutId) : undefined;
  const fig = (text: (p: Plan) => string): string => (plan ? text(plan) : '–');
  const plural = meat.pieces === 1 ? '' : 's';
  return {
    meat: {
      text: `${cut ? cutLabel(cut) : 'Meat'}, ${known(meat.massKg, (v) => formatMass(v, METRIC))}`,
      detail: `${known(meat.pieces, String)} ${cut?.pieceNoun ?? 'piece'}${plural}, ${known(meat.thicknessMm, (v) => `${String(Math.round(v))} mm thick`)}`,
      figure: fig((p) => `feeds ${String(Math.max(1, Math.round(p.servings)))}`),
    },
    pot: {
      text: input.pot.name,
      detail: LIDS[input.lid].label.toLowerCase(),
      figure: fig((p) => `${String(Math.round(p.pot.fullShare * 100))} % full`),
    },
    sear: {
      text: fig((p) =>
        p.sear.batches === 1
          ? 'Brown in one batch'
          : `Brown in ${String(p.sear.batches)} batches of ${String(p.sear.perBatch)}`,
      ),
      detail: `in the ${input.pan.name.toLowerCase()}, salted just before`,
      figure: fig((p) => duration(p.work.sear)),
    },
    base: {
      text:
        input.vegetablesKg > 0
          ? `${known(input.vegetablesKg, (v) => formatMass(v, METRIC))} onion, carrot, celery`
          : 'No vegetables',
      detail: input.vegetablesKg > 0 ? 'soft and golden; paste toasted' : 'straight to the liquid',
      figure: fig((p) => duration(p.work.base)),
    },
    liquid: {
      text: fig(
        (p) => `${String(Math.round(input.liquidLevel * 100))} % up the meat: ${formatVolume(p.liquidL, METRIC)}`,
      ),
      detail: 'wine reduced first, then stock; to a simmer',
      figure: fig((p) => `${String(Math.round(p.pot.levelStartMm))} mm deep`),
    },
    heat: {
      text: `${heat.kind === 'oven' ? 'Oven' : 'Stove, held at'} ${known(heat.tempC, (v) => formatTemperature(v, METRIC))}${heat.kind === 'oven' ? (heat.fan ? ', fan' : ', still') : ''}`,
      detail: 'lid on until tender',
      figure: fig((p) => duration((p.day.ready.p50Ms - p.day.intoPotMs) / 60_000)),
    },
    finish: {
      text: 'Strain, lift the fat, reduce',
      detail: fig((p) => `to ${formatVolume(p.finished.sauceL, METRIC)}, then season`),
      figure: fig((p) => duration(p.work.finish)),
    },
    serve: {
      text: `${known(input.eaters, String)} at the table, ${clock(input.serveAtMs, zone.timeZone)}`,
      detail: dayFrom(input.serveAtMs, zone.nowMs, zone.timeZone),
      figure: `${known(input.confidence, (v) => String(Math.round(v * 100)))} % sure`,
    },
  };
}
