import { plural } from '../liquid/herbs';
import { shoppingList, type ShoppingLine } from './shopping';
import { heatWords } from '../plan/heats';
import { type Plan } from '../plan/plan';
import { formatLength, formatMass, formatMinutes, formatVolume } from '../quantity/format';
import { sentenceInUnits } from '../quantity/sentence';
import { type UnitChoice } from '../quantity/units';
import { sideById } from '../larder/sides';
import { TARGETS } from '../tenderness/stages';
import { cutById } from '../larder/cuts';

/** ISO 8601 duration of whole minutes, e.g. "PT2H5M". */
export function isoDuration(minutes: number): string {
  const whole = Math.max(0, Math.round(minutes));
  const hours = Math.floor(whole / 60);
  const rest = whole % 60;
  return `PT${hours > 0 ? `${String(hours)}H` : ''}${rest > 0 || hours === 0 ? `${String(rest)}M` : ''}`;
}

function countWords(count: number, unit: string): string {
  return `${String(count)} ${plural(unit, count)}`;
}

/** An amount as a cook writes it. */
export function amountWords(line: ShoppingLine, units: UnitChoice): string {
  switch (line.amount.kind) {
    case 'mass':
      return formatMass(line.amount.kg, units);
    case 'volume':
      return formatVolume(line.amount.litres, units);
    case 'count':
      return countWords(line.amount.count, line.amount.unit);
  }
}

/** A part of the instructions: a heading and its steps. */
export interface InstructionSection {
  readonly name: string;
  readonly steps: readonly string[];
}

/** What to do, in the order cooks do it, in the units of `units`. */
export function instructions(plan: Plan, units: UnitChoice): InstructionSection[] {
  const say = (text: string): string => sentenceInUnits(text, units);
  const { input, sear, base, liquid, forecast, finish, salt } = plan;
  const cut = cutById(plan.cutId);
  const ready = (plan.day.ready.p50Ms - plan.day.intoPotMs) / 60_000;
  const low = (plan.day.ready.p10Ms - plan.day.intoPotMs) / 60_000;
  const high = (plan.day.ready.p90Ms - plan.day.intoPotMs) / 60_000;
  const sections: InstructionSection[] = [
    { name: 'Get ready', steps: plan.prep.steps.map((s) => say(`${s.title}. ${s.says}`)) },
    {
      name: 'Sear',
      steps:
        sear.batches.length === 0
          ? [say(sear.says)]
          : [
              say(`${formatMass(salt.now.value, units)} of salt on the meat. ${salt.says}`),
              `Brown in ${String(sear.batches.length)} ${sear.batches.length === 1 ? 'batch' : 'batches'} of at most ${String(sear.perBatch.value)}, ${formatMinutes(sear.faceMinutes)} a face, in ${formatVolume(sear.fatL.value, units)} of fat. ${say(sear.says)}`,
              say(base.fatSays),
            ],
    },
    {
      name: 'Base',
      steps: base.steps.map(
        (s) =>
          `${s.title}${s.kg > 0 ? `, ${formatMass(s.kg, units)}` : ''}${s.cutMm === undefined ? '' : `, cut ${formatLength(s.cutMm, units)}`}${s.minutes > 0 ? `: ${formatMinutes(s.minutes)}` : ''}, until ${s.look}.${s.stay ? ' Stay with it.' : ''}`,
      ),
    },
    {
      name: 'Liquid',
      steps: [
        ...liquid.pours.map(
          (p) => `${p.liquid.name}, ${formatVolume(p.pouredL, units)}${p.note === '' ? '' : `: ${p.note}`}.`,
        ),
        ...(liquid.wine && liquid.wine.target.value < liquid.wine.pouredL - 0.005
          ? [
              `Boil the wine down to ${formatVolume(liquid.wine.target.value, units)}, about ${formatMinutes(liquid.wine.minutes.value)}.`,
            ]
          : []),
        ...liquid.herbs.lines
          .filter((l) => l.herb.when !== 'end')
          .map((l) => `In with it: ${l.herb.name.toLowerCase()}, ${countWords(l.count, l.herb.unit)}.`),
        ...liquid.says.map(say),
      ],
    },
    {
      name: 'Braise',
      steps: [
        `${heatWords(input.heat, units)}, about ${formatMinutes(ready)}, likely ${formatMinutes(low)} to ${formatMinutes(high)}. ${TARGETS[forecast.target].ready}: ${cut.donenessSign}.`,
        ...plan.day.marks
          .filter((m) => m.kind !== 'oven' && m.kind !== 'add')
          .map((m) => `After ${formatMinutes((m.atMs - plan.day.intoPotMs) / 60_000)}: ${m.label}. ${m.why}`),
        ...base.late.map(
          (s) =>
            `${formatMinutes(s.minutes)} before it is ready: ${s.title}, ${formatMass(s.kg, units)}${s.cutMm === undefined ? '' : `, cut ${formatLength(s.cutMm, units)}`}.`,
        ),
      ],
    },
    {
      name: 'Finish',
      steps: [
        ...(plan.countOut.length > 0
          ? [`Out, and counted: ${plan.countOut.map((c) => `${String(c.count)} × ${c.what}`).join(', ')}.`]
          : []),
        ...(plan.ahead
          ? [
              say(
                `Cool it in its liquid: ${formatMinutes(plan.ahead.cooling.iceMin)} in ice water, stirred now and then, then the fridge; from 57 °C to 21 °C within two hours and to 5 °C within six. Next day the fat lifts off whole and the bones slide out.`,
              ),
            ]
          : []),
        `Lift off about ${formatVolume(finish.fat.value, units)} of fat, reduce to ${formatVolume(finish.sauce.value, units)} in about ${formatMinutes(finish.reduce.value)}, season last.`,
        ...(plan.ahead
          ? [
              say(
                `Warm the meat through in its sauce, about ${formatMinutes(plan.ahead.reheating.minutes)}, to 74 °C in the middle.`,
              ),
            ]
          : []),
        ...liquid.herbs.lines
          .filter((l) => l.herb.when === 'end')
          .map((l) => `At the end: ${l.herb.name.toLowerCase()}, ${countWords(l.count, l.herb.unit)}.`),
      ],
    },
  ];
  if (input.day.sides.length > 0) {
    sections.push({
      name: 'Beside it',
      steps: input.day.sides.flatMap((id) => sideById(id).steps.map((s) => `${sideById(id).name}: ${s.says}.`)),
    });
  }
  return sections.filter((s) => s.steps.length > 0);
}

/** The plan as a schema.org Recipe, for a `script` of type `application/ld+json` or a file of its own. */
export function recipeJsonLd(plan: Plan, units: UnitChoice): Record<string, unknown> {
  const { day, input } = plan;
  const braiseMin = (day.ready.p50Ms - day.intoPotMs) / 60_000;
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: input.title,
    recipeYield: String(input.eaters),
    prepTime: isoDuration((day.intoPotMs - day.startMs) / 60_000),
    cookTime: isoDuration(braiseMin),
    totalTime: isoDuration((day.serveMs - day.startMs) / 60_000),
    recipeIngredient: shoppingList(plan).map(
      (l) => `${amountWords(l, units)} ${l.name.toLowerCase()}${l.note === '' ? '' : ` (${l.note})`}`,
    ),
    recipeInstructions: instructions(plan, units).map((s) => ({
      '@type': 'HowToSection',
      name: s.name,
      itemListElement: s.steps.map((text) => ({ '@type': 'HowToStep', text })),
    })),
  };
}

/** The plan as Markdown, to read, print or send. `when` turns a moment into a clock time. */
export function recipeMarkdown(plan: Plan, units: UnitChoice, when: (ms: number) => string): string {
  const lines = [
    `# ${plan.input.title}`,
    '',
    `For ${String(plan.input.eaters)}, on the table at ${when(plan.day.serveMs)}. Begin at ${when(plan.day.startMs)}, into the pot at ${when(plan.day.intoPotMs)}; ${TARGETS[plan.forecast.target].ready.toLowerCase()} about ${when(plan.day.ready.p50Ms)}, likely ${when(plan.day.ready.p10Ms)} to ${when(plan.day.ready.p90Ms)}.`,
    '',
    '## To buy',
    '',
    ...shoppingList(plan).map((l) => `- ${amountWords(l, units)} ${l.name}${l.note === '' ? '' : ` (${l.note})`}`),
    '',
    ...instructions(plan, units).flatMap((s) => [
      `## ${s.name}`,
      '',
      ...s.steps.map((t, i) => `${String(i + 1)}. ${t}`),
      '',
    ]),
    '## The day',
    '',
    ...plan.day.tasks.map((t) => `- ${when(t.fromMs)} ${t.label}`),
    '',
    'Follow your local food-safety guidance.',
    '',
  ];
  return lines.join('\n');
}
