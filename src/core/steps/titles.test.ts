import { expect, it } from 'vitest';
import { howOf, stepsOf, titleOf } from '.';
import { composePlan } from '../plan';
import { BRAISES } from '../../testing/braises';
import { US_WORDS, WORDS } from '../../testing/words';

const MAX_TITLE_WORDS = 8;

it.each(BRAISES.map((input) => [input.title, input] as const))(
  '%s: every step names an act in eight words',
  (_, input) => {
    const made = composePlan(input, 0);
    if (!made.ok) throw new Error('no plan');
    for (const step of stepsOf(made.plan)) {
      for (const words of [WORDS, US_WORDS]) {
        const title = words.title(titleOf(step));
        expect(title.split(/\s+/).length, `${step.id}: ${title}`).toBeLessThanOrEqual(MAX_TITLE_WORDS);
        expect(title, step.id).not.toMatch(/[;…]|\.$/);
        expect(words.say(howOf(step)).length, step.id).toBeGreaterThan(5);
      }
    }
  },
);
