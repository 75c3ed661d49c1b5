// @vitest-environment jsdom
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { RecipeImport } from './RecipeImport';
import { checkPlanInput } from '@/core/plan';
import { type PlanInput } from '@/core/choices';
import { SALTMARSH_ROW } from '@/engine/demo/kitchen';
import { NOON_MS } from '@/testing/fixtures';
import { router } from '@/testing/navigation';
import { BROKEN, choose, retype, shown } from '@/testing/screen';
import { stubServer } from '@/testing/server';
import { WORDS } from '@/testing/words';
import { saying } from '@/testing/saying';
import { HOUR_MS } from '@/core/quantity';

vi.mock('next/navigation', () => import('@/testing/navigation'));

const RECIPE = {
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: 'Pork cheeks in cider',
  recipeYield: '6 servings',
  recipeIngredient: ['1.2 kg pork cheeks', '2 onions', '500 ml dry cider', '1 star fruit', 'Salt and pepper'],
  recipeInstructions: ['Heat the oven to 150 °C.', 'Braise for 2 to 2½ hours until a fork twists.'],
};

beforeEach(() => {
  router.push.mockClear();
});

async function read(text: string) {
  const made = shown(<RecipeImport kitchen={SALTMARSH_ROW} serveAtMs={NOON_MS + 9 * HOUR_MS} />);
  fireEvent.change(screen.getByRole('textbox', { name: 'Or paste it' }), { target: { value: text } });
  await made.hand.click(screen.getByRole('button', { name: WORDS.text('recipeImport.readIt') }));
  return made;
}

const make = (): HTMLElement => screen.getByRole('button', { name: 'Make the plan' });

describe('a recipe read into a plan', () => {
  it('shows what each line was taken for, and what is still open', async () => {
    const { container } = await read(JSON.stringify(RECIPE));
    expect(screen.getByRole('textbox', { name: WORDS.text('common.nameOfTheDish') })).toHaveProperty(
      'value',
      'Pork cheeks in cider',
    );
    expect(screen.getByRole('textbox', { name: WORDS.text('common.atTheTable') })).toHaveProperty('value', '6');
    expect(container.textContent).toContain(WORDS.text('recipeImport.itWants', { time: '2 h 00 to 2 h 30' }));
    for (const line of RECIPE.recipeIngredient.slice(0, 4)) expect(container.textContent).toContain(line);
    expect(screen.getByRole('status').textContent).toContain('1 line');
    expect(make()).toHaveProperty('disabled', true);
    expect(container.textContent).not.toMatch(BROKEN);
  });

  it('makes the plan once every line is settled', async () => {
    const server = stubServer(() => ({ data: { id: 'p7' } }));
    const { hand } = await read(JSON.stringify(RECIPE));
    await choose(hand, /What is “1 star fruit”/, /^leave it/i);
    expect(screen.queryByRole('status')).toBeNull();
    await retype(
      hand,
      screen.getByRole('textbox', { name: WORDS.text('recipeImport.howMuch', { text: '1.2 kg pork cheeks' }) }),
      '1.4 kg',
    );
    await hand.click(make());
    await waitFor(() => {
      expect(router.push).toHaveBeenCalledWith('/plan/p7');
    });
    const { input } = server.calls[0]?.body as { input: PlanInput };
    expect(input).toMatchObject({
      title: 'Pork cheeks in cider',
      eaters: 6,
      meat: { cutId: 'pork_cheek', massKg: 1.4 },
      course: [{ heat: { kind: 'oven', tempC: 150 } }],
    });
    expect(input.liquid.parts[0]?.litres).toBeCloseTo(0.5);
    expect(checkPlanInput(input, NOON_MS)).toEqual([]);
  });

  it('refuses nobody at the table, and a temperature no oven has, in a sentence', async () => {
    const server = stubServer(() => ({ data: { id: 'p7' } }));
    const { hand } = await read(JSON.stringify({ ...RECIPE, recipeIngredient: ['1.2 kg pork cheeks'] }));
    await retype(hand, screen.getByRole('textbox', { name: WORDS.text('common.atTheTable') }), '0');
    await hand.click(make());
    expect((await screen.findByRole('alert')).textContent).toContain(WORDS.text('field.eaters'));
    await retype(hand, screen.getByRole('textbox', { name: WORDS.text('common.atTheTable') }), '4');
    await retype(hand, screen.getByRole('textbox', { name: /oven/i }), '999');
    await hand.click(make());
    expect((await screen.findByRole('alert')).textContent).toMatch(saying('fault.tooMuch'));
    expect(server.calls).toEqual([]);
  });

  it('wants meat', async () => {
    await read(JSON.stringify({ ...RECIPE, recipeIngredient: ['2 onions'] }));
    expect(screen.getByRole('status').textContent).toMatch(saying('recipeImport.noLineIsMeatYet'));
    expect(make()).toHaveProperty('disabled', true);
  });

  it('is found in a web page among other things', async () => {
    const page = `<!doctype html><title>x</title><script type="application/ld+json">{"@type":"Organization"}</script>
      <script type="application/ld+json">${JSON.stringify({ '@graph': [{ '@type': 'WebPage' }, RECIPE] })}</script>`;
    await read(page);
    expect(screen.getByRole('textbox', { name: WORDS.text('common.nameOfTheDish') })).toHaveProperty(
      'value',
      'Pork cheeks in cider',
    );
  });

  it.each([
    ['a list', '[1, 2]'],
    ['half a file', '{"@type": "Recipe", "name": '],
    ['a page without one', '<html><p>Pork cheeks</p></html>'],
    ['another thing', '{"@type": "Event"}'],
  ])('says why %s is not one, and lets the cook try again', async (_, text) => {
    await read(text);
    expect(screen.getByRole('alert').textContent.length).toBeGreaterThan(20);
    expect(screen.getByRole('textbox', { name: 'Or paste it' })).toHaveProperty('value', text);
  });

  it('goes back for another recipe', async () => {
    const { hand } = await read(JSON.stringify(RECIPE));
    await hand.click(screen.getByRole('button', { name: 'Another recipe' }));
    expect(screen.getByRole('textbox', { name: 'Or paste it' })).toBeTruthy();
  });
});
