import { heatWords } from '@/core/plan/heats';
import { type PlanInput } from '@/core/plan/input';
import { type Plan } from '@/core/plan/plan';
import { formatFigure } from '@/core/explain/figure';
import { cutById, cutLabel, isCutId } from '@/core/larder/cuts';
import { garnishById, isGarnishId } from '@/core/larder/garnish';
import { LIDS } from '@/core/larder/vessels';
import { SCHOOLS } from '@/core/plan/schools';
import { formatLength, formatMass, formatTemperature, formatVolume } from '@/core/quantity/format';
import { type UnitChoice } from '@/core/quantity/units';
import { clock, dayFrom, duration } from '@/ui/time';

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

function optionName(school: keyof typeof SCHOOLS, id: string): string {
  return SCHOOLS[school].options.find((o) => o.id === id)?.name ?? id;
}

/** What is in the base, the heaviest named: "250 g onion, carrot, celery". */
function baseWords(input: PlanInput, units: UnitChoice): { readonly text: string; readonly kg: number } {
  const items = input.base.items.filter((i) => i.kg > 0 && isGarnishId(i.id));
  const kg = items.reduce((sum, i) => sum + i.kg, 0);
  const names = [...items]
    .sort((a, b) => b.kg - a.kg)
    .slice(0, 3)
    .map((i) => garnishById(i.id).name.toLowerCase());
  return { text: kg > 0 ? `${formatMass(kg, units)} ${names.join(', ')}` : 'No vegetables', kg };
}

/** The eight decisions as they stand. Figures that follow from the plan show a dash until there is one. */
export function sentences(
  input: PlanInput,
  plan: Plan | undefined,
  zone: { readonly timeZone: string; readonly nowMs: number; readonly units: UnitChoice },
): Readonly<Record<Decision, Sentence>> {
  const { meat, heat, also } = input;
  const { units } = zone;
  const cut = isCutId(meat.cutId) ? cutById(meat.cutId) : undefined;
  const fig = (text: (p: Plan) => string): string => (plan ? text(plan) : '–');
  const plural = meat.pieces === 1 ? '' : 's';
  const others = also.filter((p) => isCutId(p.cutId)).map((p) => cutById(p.cutId).name.toLowerCase());
  const base = baseWords(input, units);
  return {
    meat: {
      text: `${cut ? cutLabel(cut) : 'Meat'}, ${known(meat.massKg, (v) => formatMass(v, units))}${others.length > 0 ? ` with ${others.join(' and ')}` : ''}`,
      detail: `${known(meat.pieces, String)} ${cut?.pieceNoun ?? 'piece'}${plural}, ${known(meat.thicknessMm, (v) => `${formatLength(v, units)} thick`)}`,
      figure: fig((p) => `feeds ${String(Math.max(1, Math.floor(p.buy.plates.value + 0.05)))}`),
    },
    pot: {
      text: input.pot.name,
      detail: `${LIDS[input.lid].label.toLowerCase()}${input.lie === 'upright' ? ', pieces standing' : ''}`,
      figure: fig((p) => `${String(Math.round(p.pot.full.value * 100))} % full`),
    },
    sear: {
      text:
        input.sear.depth === 'none'
          ? 'No sear'
          : fig((p) =>
              p.sear.batches.length === 1
                ? 'Brown in one batch'
                : `Brown in ${String(p.sear.batches.length)} batches of ${String(p.sear.perBatch.value)}`,
            ),
      detail: fig(
        (p) =>
          `${p.salt.now.value > 0 ? `${formatFigure(p.salt.now, units)} salt, ` : ''}${optionName('saltWhen', input.season.when).toLowerCase()}`,
      ),
      figure: input.sear.depth === 'none' ? 'none' : fig((p) => duration(p.work.sear)),
    },
    base: {
      text: base.text,
      detail:
        base.kg > 0
          ? `${optionName('onion', input.base.onion).toLowerCase()}${input.base.pasteWhen === 'none' ? '' : '; paste'}`
          : 'straight to the liquid',
      figure: fig((p) => duration(p.work.base)),
    },
    liquid: {
      text: fig(
        (p) => `${String(Math.round(input.liquid.level * 100))} % up the meat: ${formatVolume(p.liquidL, units)}`,
      ),
      detail: fig((p) =>
        p.liquid.pours
          .map((x) => `${x.liquid.name.split(',')[0]?.toLowerCase() ?? ''} ${formatVolume(x.pouredL, units)}`)
          .join(' · '),
      ),
      figure: fig((p) => `${formatLength(p.pot.levelStartMm, units)} deep`),
    },
    heat: {
      text: heatWords(
        heat,
        units,
        known(heat.tempC, (v) => formatTemperature(v, units)),
      ),
      detail: 'lid on until tender',
      figure: fig((p) => duration((p.day.ready.p50Ms - p.day.intoPotMs) / 60_000)),
    },
    finish: {
      text: 'Strain, lift the fat, reduce',
      detail: fig((p) => `to ${formatVolume(p.finished.sauceL, units)}, then season`),
      figure: fig((p) => duration(p.work.finish)),
    },
    serve: {
      text: `${known(input.eaters, String)} at the table, ${clock(input.serveAtMs, zone.timeZone)}`,
      detail: dayFrom(input.serveAtMs, zone.nowMs, zone.timeZone),
      figure: `${known(input.confidence, (v) => String(Math.round(v * 100)))} % sure`,
    },
  };
}
