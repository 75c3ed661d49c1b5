import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { actSchema, newEventSchema } from './cook';
import { braiseFile, planFile, readFile } from './files';
import { kitchenDefaultsSchema, styleSchema, timeZoneSchema } from './kitchen';
import { planInputSchema } from './plan';
import { findRecipe, recipeIn } from './recipe';
import { fromWire, toWire } from './wire';
import { fileStem } from '../exports/fileStem';
import { type CookAct } from '../core/cook';
import { BRAISE_STYLES } from '../core/styles';
import { NOON_MS, OXTAIL_PLAN } from '../testing/fixtures';
import { english, WORDS } from '../testing/words';
import { shapeFault } from './shapeFault';
import { saying } from '../testing/saying';

const into = { id: randomUUID(), cookId: 'x', atMs: NOON_MS, act: { kind: 'intoPot' as const } };

describe('the contract', () => {
  it('takes a plan’s input and refuses one with a field too many or too few', () => {
    expect(planInputSchema.parse(OXTAIL_PLAN)).toEqual(OXTAIL_PLAN);
    expect(planInputSchema.safeParse({ ...OXTAIL_PLAN, secret: 1 }).success).toBe(false);
    expect(planInputSchema.safeParse({ ...OXTAIL_PLAN, title: '  ' }).success).toBe(false);
    expect(planInputSchema.safeParse({ ...OXTAIL_PLAN, eaters: Infinity }).success).toBe(false);
  });

  it('says in a sentence what is wrong with an act', () => {
    const said = (act: object): string => {
      const parsed = actSchema.safeParse(act);
      return parsed.success ? '' : english(shapeFault(parsed.error));
    };
    expect(said({ kind: 'probe', tempC: 400, nearBone: false })).toContain('up to 110 °C');
    expect(said({ kind: 'note', text: '' })).toContain('write something');
    expect(said({ kind: 'fork', stage: 'melts' })).toContain('stage: ');
  });

  it('takes no figure a kitchen cannot have, in any record', () => {
    const acts: readonly CookAct[] = [
      { kind: 'probe', tempC: 90, nearBone: false },
      { kind: 'liquid', levelMm: 30, simmering: true, addedL: 0.2, addedTempC: 90 },
      { kind: 'timer', timer: 'face:1:1', name: 'side 1', minutes: 4 },
      { kind: 'hold', way: 'oven', tempC: 80 },
      { kind: 'sauce', litres: 0.5, rung: null },
      { kind: 'aim', litres: 0.4 },
      { kind: 'put', thing: 'salt', amount: 3 },
      { kind: 'counted', out: [2] },
      { kind: 'cooled', tempC: 20 },
      { kind: 'stored', boxes: 2, grams: 400, place: 'fridge' },
      { kind: 'box', lot: randomUUID(), count: 1, fate: 'eaten' },
      { kind: 'finished', verdict: { tenderness: 4, moisture: 5, sauce: 3, salt: 3, nextTime: '' } },
    ];
    const taken = (act: object): boolean => actSchema.safeParse(act).success;
    const bad = (value: unknown, to: number): unknown =>
      Array.isArray(value) ? [to] : typeof value === 'number' ? to : undefined;
    for (const act of acts) {
      expect(taken(act), act.kind).toBe(true);
      const inner = act.kind === 'finished' ? act.verdict : act;
      for (const [field, value] of Object.entries(inner)) {
        for (const to of [-1000, 1e6, Number.NaN]) {
          const wrong = bad(value, to);
          if (wrong === undefined) continue;
          const changed = { ...inner, [field]: wrong };
          const label = `${act.kind}.${field} ${String(to)}`;
          expect(taken(act.kind === 'finished' ? { ...act, verdict: changed } : changed), label).toBe(false);
        }
      }
    }
    for (const [tempC, is] of [
      [100, true],
      [101, false],
      [1000, false],
    ] as const) {
      expect(taken({ kind: 'liquid', levelMm: 30, simmering: true, addedL: 0.2, addedTempC: tempC })).toBe(is);
    }
  });

  it('wants ids that cannot be guessed to collide', () => {
    expect(newEventSchema.safeParse({ id: '1', atMs: NOON_MS, act: { kind: 'turned' } }).success).toBe(false);
  });
});

describe('a recipe', () => {
  const recipe = { '@type': 'Recipe', name: 'Duck legs', recipeIngredient: ['4 duck legs'] };
  const none = (): readonly string[] => [];

  it('is found by itself, in a list, in a graph and under a page', () => {
    for (const data of [
      recipe,
      [recipe],
      { '@graph': [{ '@type': 'WebSite' }, recipe] },
      { '@type': 'WebPage', mainEntity: { ...recipe, '@type': ['Thing', 'https://schema.org/Recipe'] } },
    ]) {
      expect(findRecipe(data)).toMatchObject({ name: 'Duck legs', ingredients: ['4 duck legs'], yields: '' });
    }
    expect(findRecipe({ '@type': 'Recipe', name: 'No list' })).toBeUndefined();
    expect(findRecipe(null)).toBeUndefined();
  });

  it('has its steps in order however they are written, without markup', () => {
    const steps = (recipeInstructions: unknown) => findRecipe({ ...recipe, recipeInstructions })?.steps;
    expect(steps('Sear.\nBraise.')).toEqual(['Sear.', 'Braise.']);
    expect(steps('<p>Sear &amp; turn.</p><p>Braise at 150&deg;C.</p>')).toEqual(['Sear & turn.', 'Braise at 150°C.']);
    expect(
      steps([
        { '@type': 'HowToSection', name: 'One', itemListElement: [{ '@type': 'HowToStep', text: 'Sear.' }] },
        { '@type': 'HowToStep', name: 'Braise.' },
      ]),
    ).toEqual(['Sear.', 'Braise.']);
    expect(steps(undefined)).toEqual([]);
  });

  it('takes yield as number or list and times as ISO durations, and bears with what is wrong', () => {
    expect(findRecipe({ ...recipe, recipeYield: 6 })?.yields).toBe('6');
    expect(findRecipe({ ...recipe, recipeYield: ['a pot', '4 plates'], cookTime: 'PT3H' })).toMatchObject({
      yields: '4 plates',
      cookMin: 180,
    });
    expect(findRecipe({ ...recipe, cookTime: 3, prepTime: 'soon' })).toMatchObject({ cookMin: undefined });
  });

  it('is read from a text or from the blocks of a page, or a sentence says why not', () => {
    expect(recipeIn(JSON.stringify(recipe), none).ok).toBe(true);
    expect(recipeIn('<html>', () => ['{}', JSON.stringify([recipe])]).ok).toBe(true);
    const empty = recipeIn('<html>', none);
    expect(empty.ok ? '' : english(empty.says)).toMatch(saying('file.noRecipe'));
    const broken = recipeIn('{"@type": "Recipe", ', none);
    expect(broken.ok ? '' : english(broken.says)).toMatch(saying('file.brokenRecipe'));
  });
});

describe('the wire', () => {
  it('carries what never comes, and keeps nothing apart from never', () => {
    const sent = { p90: Infinity, planId: null, input: { meat: { grossKg: null }, ahead: null }, list: [1, Infinity] };
    expect(fromWire(toWire(sent))).toEqual(sent);
  });
});

describe('a kitchen', () => {
  it('has its clock in a zone there is, or in that of the machine', () => {
    expect(timeZoneSchema.parse('Asia/Kathmandu')).toBe('Asia/Kathmandu');
    expect(timeZoneSchema.parse(null)).toBeNull();
    expect(timeZoneSchema.safeParse('Atlantis/Harbour').error?.issues[0]?.message).toBe('shape.timeZone');
  });

  it('remembers only options that exist', () => {
    expect(kitchenDefaultsSchema.safeParse({ onion: 'deep' }).success).toBe(true);
    expect(kitchenDefaultsSchema.safeParse({ onion: 'purple' }).success).toBe(false);
    for (const ours of BRAISE_STYLES) {
      const kind = { ...ours, name: WORDS.text('baseForm.ours') };
      expect(styleSchema.parse(kind)).toEqual(kind);
    }
  });
});

describe('files', () => {
  it('come back as they went out', () => {
    const plan = readFile(JSON.stringify(planFile(OXTAIL_PLAN)));
    expect(plan.ok && plan.file).toEqual(planFile(OXTAIL_PLAN));
    const braise = readFile(JSON.stringify(braiseFile(OXTAIL_PLAN, [into])));
    expect(braise.ok && braise.file).toEqual(braiseFile(OXTAIL_PLAN, [into]));
  });

  it.each([
    ['not JSON', 'hello', saying('file.notJson')],
    ['someone else’s JSON', '{"name": "stew"}', saying('file.notOurs')],
    ['another version', JSON.stringify({ ...planFile(OXTAIL_PLAN), version: 99 }), /version 99/],
    [
      'a damaged one',
      JSON.stringify({ ...planFile(OXTAIL_PLAN), input: { ...OXTAIL_PLAN, bare: 'cling film' } }),
      /input\.bare/,
    ],
    ['a list', '[]', saying('file.notOurs')],
  ])('refuse %s with a sentence', (_, text, message) => {
    const read = readFile(text);
    expect(read.ok).toBe(false);
    expect(read.ok ? '' : english(read.says)).toMatch(message);
  });

  it('get names a file system takes', () => {
    expect(fileStem('Oxtail in stout & prune!')).toBe('oxtail-in-stout-prune');
    expect(fileStem('煮込み')).toBe('braise');
  });
});
