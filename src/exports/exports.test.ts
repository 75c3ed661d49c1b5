import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { calendarFile } from './calendar';
import { amountWords, instructions, isoDuration, recipeJsonLd, recipeMarkdown } from './recipe';
import { AISLES, shoppingList } from '../core/shopping';
import { composePlan, type Plan } from '../core/plan';
import { METRIC } from '../core/quantity';
import { NOON_MS, OXTAIL_PLAN } from '../testing/fixtures';
import { english, US_WORDS, WORDS } from '../testing/words';
import { languageOf } from '../words/languages';
import { wordsFor } from '../words/words';
import { say } from '../core/message';

function planned(): Plan {
  const result = composePlan(
    {
      ...OXTAIL_PLAN,
      title: 'Oxtail; stout, “dark” \\ fine',
      day: { ...OXTAIL_PLAN.day, burners: 2, sides: ['mash'] },
    },
    64,
  );
  if (!result.ok) throw new Error('no plan');
  return result.plan;
}

const plan = planned();

describe('the day as a calendar', () => {
  const text = calendarFile(plan.day, plan.input.title, 'abc', NOON_MS, WORDS);

  it('is read back by an independent parser, every task and look with its alarm', () => {
    const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
    const events = calendar.getAllSubcomponents('vevent').map((c) => new ICAL.Event(c));
    expect(events).toHaveLength(plan.day.tasks.length + plan.day.marks.filter((m) => m.kind !== 'oven').length);
    const braise = events.find((e) => e.uid.startsWith('braise.'));
    expect(braise?.startDate.toJSDate().getTime()).toBe(Math.round(plan.day.intoPotMs / 1000) * 1000);
    for (const e of events) {
      expect(e.summary.startsWith(plan.input.title)).toBe(true);
      expect(e.endDate.toUnixTime()).toBeGreaterThan(e.startDate.toUnixTime());
      const [alarm] = e.component.getAllSubcomponents('valarm');
      expect(String(alarm?.getFirstPropertyValue('trigger'))).toBe('-PT5M');
    }
    expect(new Set(events.map((e) => e.uid)).size).toBe(events.length);
  });

  it('keeps lines within 75 octets, ended as the standard says', () => {
    expect(text.endsWith('END:VCALENDAR\r\n')).toBe(true);
    for (const line of text.split('\r\n')) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
  });
});

describe('the plan as a recipe', () => {
  const recipe = recipeJsonLd(plan, WORDS);

  it('has yield, times as ISO durations, ingredients and instructions in sections', () => {
    expect(recipe).toMatchObject({ '@context': 'https://schema.org', '@type': 'Recipe', recipeYield: '4' });
    expect(recipe.cookTime).toMatch(/^PT\d+H(\d+M)?$/);
    expect((recipe.recipeIngredient as string[]).join('; ')).toContain('2.45 kg oxtail');
    const sections = recipe.recipeInstructions as { '@type': string; name: string; itemListElement: unknown[] }[];
    expect(sections.map((s) => s.name)).toEqual([
      WORDS.capital(WORDS.text('recipe.getReady')),
      'Sear',
      'Base',
      'Liquid',
      'Braise',
      'Finish',
      WORDS.capital(WORDS.text('recipe.beside')),
    ]);
    for (const s of sections) expect(s.itemListElement.length).toBeGreaterThan(0);
    expect(JSON.stringify(recipe)).not.toMatch(/NaN|undefined|Infinity/);
  });

  it('speaks US units when asked', () => {
    const text = JSON.stringify(recipeJsonLd(plan, US_WORDS));
    expect(text).toContain('5 lb 6 oz oxtail');
    expect(text).toContain('Oven 300 °F');
    expect(text).not.toMatch(/\d (kg|ml|mm)\b/);
  });

  it.each([
    [0, 'PT0M'],
    [45, 'PT45M'],
    [60, 'PT1H'],
    [125.4, 'PT2H5M'],
  ])('%s min is %s', (minutes, text) => {
    expect(isoDuration(minutes)).toBe(text);
  });

  it('reads well as Markdown, times included', () => {
    const text = recipeMarkdown(plan, WORDS, (ms) => new Date(ms).toISOString().slice(11, 16));
    expect(text).toContain('# Oxtail');
    expect(text).toContain('21:00');
    expect(text.match(/^## /gm)?.length).toBe(instructions(plan, WORDS).length + 2);
    expect(text).toContain('local food-safety guidance');
  });
});

describe('the shopping list', () => {
  it('buys meat untrimmed and vegetables unpeeled, by aisle in order', () => {
    const lines = shoppingList(plan);
    expect(lines[0]).toMatchObject({ aisle: 'butcher', name: say('cut.beef_oxtail.full') });
    const onion = lines.find((l) => l.name.code === 'garnish.onion');
    const planned_ = OXTAIL_PLAN.base.items.find((i) => i.id === 'onion');
    expect(onion?.amount).toMatchObject({ kind: 'mass', kg: (planned_?.kg ?? 0) / 0.88 });
    const order = lines.map((l) => AISLES.indexOf(l.aisle));
    expect([...order].sort((a, b) => a - b)).toEqual(order);
    expect(lines.map((l) => english(l.name))).toContain('potatoes, to mash');
    expect(lines.map((l) => amountWords(l, WORDS)).join()).toMatch(/\d+ g.*\d+ leaves/);
    expect(lines.some((l) => l.name.code === 'liquid.water')).toBe(false);
  });
});

describe('in another language', () => {
  const pseudo = wordsFor({ units: METRIC, language: languageOf('pseudo'), timeZone: 'UTC' });

  /** What remains when every looked-up text, and the dish’s own title, is removed. */
  const bare = (text: string): string => {
    let left = text.replaceAll(plan.input.title, ' ');
    while (/⟦[^⟦⟧]*⟧/.test(left)) left = left.replaceAll(/⟦[^⟦⟧]*⟧/g, ' ');
    return left;
  };

  it('the recipe has no word of English', () => {
    const text = recipeMarkdown(plan, pseudo, () => '12:00');
    expect(text).toContain('⟦');
    expect(bare(text)).not.toMatch(/\p{L}{2,}/u);
    const recipe = recipeJsonLd(plan, pseudo);
    const ofSteps = JSON.stringify([recipe.recipeIngredient, recipe.recipeInstructions]).replaceAll(
      /"(@type|name|itemListElement|text|HowToSection|HowToStep)"/g,
      '',
    );
    expect(bare(ofSteps)).not.toMatch(/\p{L}{2,}/u);
  });

  it('the calendar has none in its summaries and descriptions', () => {
    const calendar = new ICAL.Component(ICAL.parse(calendarFile(plan.day, 'T', 'abc', NOON_MS, pseudo)) as unknown[]);
    for (const event of calendar.getAllSubcomponents('vevent').map((c) => new ICAL.Event(c))) {
      expect(bare(`${event.summary} ${event.description}`)).not.toMatch(/\p{L}{2,}/u);
    }
  });
});
