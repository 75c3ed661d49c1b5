import { cautionFor } from '../core/cautions';
import { kg, listParam, litres, type Message, minutes, mm, nameOf, noun, say, tempC, ofRow } from '../core/message';
import { sideById } from '../core/larder';
import { donenessCue } from '../core/steps';
import { firstStage, heatSays, sidesOf } from '../core/choices';
import { finishSteps as steps, type Plan } from '../core/plan';
import { type ShoppingLine, shoppingList } from '../core/shopping';
import { type Words } from '../words/words';
import { MINUTE_MS } from '../core/quantity';
import { safetyParams } from '../core/safety';

/** ISO 8601 duration of whole minutes, e.g. "PT2H5M". */
export function isoDuration(durationMin: number): string {
  const whole = Math.max(0, Math.round(durationMin));
  const hours = Math.floor(whole / 60);
  const rest = whole % 60;
  return `PT${hours > 0 ? `${String(hours)}H` : ''}${rest > 0 || hours === 0 ? `${String(rest)}M` : ''}`;
}

/** An amount as a cook writes it. */
export function amountWords({ amount }: ShoppingLine, words: Words): string {
  switch (amount.kind) {
    case 'mass':
      return words.quantity(amount.kg, 'mass');
    case 'volume':
      return words.quantity(amount.litres, 'volume');
    case 'count':
      return words.text('recipe.counted', { count: amount.count, unit: noun(amount.unit, amount.count) });
  }
}

/** A part of the instructions: a heading and its steps. */
export interface InstructionSection {
  readonly name: string;
  readonly steps: readonly string[];
}

function searSteps({ sear, base, salt }: Plan): Message[] {
  if (sear.batches.length === 0) return [sear.says];
  return [
    say('recipe.saltMeat', { salt: kg(salt.now.value), says: salt.says }),
    say('recipe.brown', {
      batches: sear.batches.length,
      most: sear.perBatch.value,
      face: minutes(sear.faceMinutes),
      fat: litres(sear.fatL.value),
      says: sear.says,
    }),
    base.fatSays,
  ];
}

function dryPreCookSteps({ input }: Plan): Message[] {
  const { bare } = input;
  return bare === null
    ? []
    : [
        say(bare.smoke ? 'recipe.smoked' : 'recipe.warmed', { heat: tempC(bare.tempC), time: minutes(bare.minutes) }),
        cautionFor(bare.smoke ? 'grill' : 'potIntoOven', input.keeping.rule),
      ];
}

function baseSteps({ base }: Plan): Message[] {
  return base.steps.map((s) =>
    say('recipe.baseStep', {
      what: s.title,
      weight: s.kg > 0 ? say('recipe.comma', { what: kg(s.kg) }) : '',
      cut: s.cutMm === undefined ? '' : say('recipe.cut', { edge: mm(s.cutMm) }),
      time: s.minutes > 0 ? say('recipe.colon', { what: minutes(s.minutes) }) : '',
      look: s.look,
      stay: s.stay ? 'yes' : 'no',
    }),
  );
}

const pourParams = ({ liquid, pouredL }: Plan['liquid']['pours'][number]) => ({
  liquid: nameOf('liquid', liquid.id),
  volume: litres(pouredL),
});

function liquidSteps({ liquid }: Plan): Message[] {
  const { wine } = liquid;
  return [
    ...liquid.pours.map((p) =>
      p.note ? say('recipe.pourNoted', { ...pourParams(p), note: p.note }) : say('recipe.pour', pourParams(p)),
    ),
    ...(wine && wine.target.value < wine.pouredL - 0.005
      ? [say('recipe.boilDown', { volume: litres(wine.target.value), time: minutes(wine.minutes.value) })]
      : []),
    ...liquid.herbs.lines
      .filter((l) => l.herb.when !== 'end')
      .map((l) =>
        say('recipe.herbIn', {
          herb: nameOf('herb', l.herb.id),
          count: l.count,
          unit: noun(l.herb.unit, l.count),
        }),
      ),
    ...liquid.says,
  ];
}

function braiseSteps(plan: Plan): Message[] {
  const { day, base } = plan;
  const after = (ms: number) => minutes((ms - day.intoPotMs) / MINUTE_MS);
  return [
    say('recipe.braise', {
      heat: heatSays(firstStage(plan.input).heat),
      lid: nameOf('lid', firstStage(plan.input).lid),
      likely: after(day.ready.p50Ms),
      low: after(day.ready.p10Ms),
      high: after(day.ready.p90Ms),
      ready: say(`target.${plan.forecast.target}`),
      sign: donenessCue(plan.cutId, plan.forecast.target),
    }),
    ...day.marks
      .filter((m) => m.kind !== 'oven' && m.kind !== 'add')
      .map((m) => say('recipe.after', { time: after(m.atMs), what: m.label, why: m.why })),
    ...plan.liquid.late.map((p) =>
      say('recipe.pourNoted', {
        liquid: nameOf('liquid', p.liquid.id),
        volume: litres(p.pouredL),
        note: p.note ?? '',
      }),
    ),
    ...base.late.map((s) =>
      say('recipe.late', {
        time: minutes(s.minutes),
        what: s.title,
        weight: kg(s.kg),
        cut: s.cutMm === undefined ? '' : say('recipe.cut', { edge: mm(s.cutMm) }),
      }),
    ),
  ];
}

function finishSteps(plan: Plan): Message[] {
  const { countOut, ahead, liquid } = plan;
  return [
    ...(countOut.length > 0
      ? [
          say('recipe.countOut', {
            things: listParam(
              countOut.map((c) => say('recipe.times', { count: c.count, what: c.what })),
              'comma',
            ),
          }),
        ]
      : []),
    ...(ahead
      ? [say('recipe.cool', { ...safetyParams(plan.input.keeping.rule), time: minutes(ahead.cooling.iceMin) })]
      : []),
    ...steps(plan).map((s) => s.says),
    ...liquid.herbs.lines
      .filter((l) => l.herb.when === 'end')
      .map((l) =>
        say('recipe.herbLast', {
          herb: nameOf('herb', l.herb.id),
          count: l.count,
          unit: noun(l.herb.unit, l.count),
        }),
      ),
  ];
}

/** What to do, in the order cooks do it. */
export function instructions(plan: Plan, words: Words): InstructionSection[] {
  const sections: readonly (readonly [name: Message, steps: readonly Message[]])[] = [
    [say('recipe.getReady'), plan.prep.steps.map((s) => say('recipe.prepStep', { what: s.title, how: s.says }))],
    [say('recipe.first'), dryPreCookSteps(plan)],
    [say('decision.sear'), searSteps(plan)],
    [say('decision.base'), baseSteps(plan)],
    [say('decision.liquid'), liquidSteps(plan)],
    [say('recipe.braising'), braiseSteps(plan)],
    [say('decision.finish'), finishSteps(plan)],
    [
      say('recipe.beside'),
      sidesOf(plan.input).flatMap((id) =>
        sideById(id).steps.map((s) =>
          say('recipe.sideStep', { side: nameOf('side', id), step: ofRow('side', id, s.id) }),
        ),
      ),
    ],
  ];
  return sections
    .filter(([, steps]) => steps.length > 0)
    .map(([name, steps]) => ({ name: words.title(name), steps: steps.map((s) => words.title(s)) }));
}

function shoppingWords(line: ShoppingLine, words: Words): string {
  const said = { amount: amountWords(line, words), what: line.name };
  return line.note
    ? words.text('recipe.shoppingNoted', { ...said, note: line.note })
    : words.text('recipe.shopping', said);
}

/** The plan as a schema.org Recipe, for a `script` of type `application/ld+json` or a file of its own. */
export function recipeJsonLd(plan: Plan, words: Words): Record<string, unknown> {
  const { day, input } = plan;
  const braiseMin = (day.ready.p50Ms - day.intoPotMs) / MINUTE_MS;
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: input.title,
    recipeYield: String(input.eaters),
    prepTime: isoDuration((day.intoPotMs - day.startMs) / MINUTE_MS),
    cookTime: isoDuration(braiseMin),
    totalTime: isoDuration((day.serveMs - day.startMs) / MINUTE_MS),
    recipeIngredient: shoppingList(plan).map((l) => shoppingWords(l, words)),
    recipeInstructions: instructions(plan, words).map((s) => ({
      '@type': 'HowToSection',
      name: s.name,
      itemListElement: s.steps.map((text) => ({ '@type': 'HowToStep', text })),
    })),
  };
}

/** The plan as Markdown, to read, print or send. `when` formats a moment as clock time. */
export function recipeMarkdown(plan: Plan, words: Words, when: (ms: number) => string): string {
  const { day } = plan;
  const lines = [
    `# ${plan.input.title}`,
    '',
    words.text('recipe.intro', {
      eaters: plan.input.eaters,
      table: when(day.serveMs),
      begin: when(day.startMs),
      pot: when(day.intoPotMs),
      ready: say(`target.${plan.forecast.target}`),
      likely: when(day.ready.p50Ms),
      low: when(day.ready.p10Ms),
      high: when(day.ready.p90Ms),
    }),
    '',
    `## ${words.text('recipe.toBuy')}`,
    '',
    ...shoppingList(plan).map((l) => `- ${shoppingWords(l, words)}`),
    '',
    ...instructions(plan, words).flatMap((s) => [
      `## ${s.name}`,
      '',
      ...s.steps.map((t, i) => `${String(i + 1)}. ${t}`),
      '',
    ]),
    `## ${words.text('recipe.theDay')}`,
    '',
    ...day.tasks.map((t) => `- ${when(t.fromMs)} ${words.say(t.label)}`),
    '',
    words.text('caution.defer'),
    '',
  ];
  return lines.join('\n');
}
