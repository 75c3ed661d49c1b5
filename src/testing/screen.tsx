import { cleanup, configure, render, type RenderResult, screen, within } from '@testing-library/react';
import userEvent, { type UserEvent } from '@testing-library/user-event';
import { type ReactNode } from 'react';
import { StyleSheetManager } from 'styled-components';
import { afterEach, beforeAll, vi } from 'vitest';
import { NOON_MS } from './fixtures';
import { METRIC, type UnitChoice } from '@/core/quantity';
import { KitchenProvider } from '@/ui/KitchenContext';
import { prefetchLazy } from '@/ui/lazy';
import { type LanguageId } from '@/words/languages';

export const US: UnitChoice = { weight: 'us', temperature: 'F' };

/** What jsdom lacks and the controls need: sizes never change there, and nothing is ever matched or scrolled to. */
class StillObserver {
  observe(): void {
    return undefined;
  }
  unobserve(): void {
    return undefined;
  }
  disconnect(): void {
    return undefined;
  }
}
class NoWorker {
  terminate(): void {
    return undefined;
  }
}
vi.stubGlobal('ResizeObserver', StillObserver);
vi.stubGlobal('Worker', NoWorker);
class SilentStream extends EventTarget {
  close(): void {
    return undefined;
  }
}
vi.stubGlobal('EventSource', SilentStream);
vi.stubGlobal('CSS', { escape: (text: string) => text.replace(/[^\w-]/g, (c) => `\\${c}`) });
vi.stubGlobal('matchMedia', () => ({ matches: false, addEventListener: vi.fn(), removeEventListener: vi.fn() }));
Element.prototype.scrollIntoView = vi.fn();
Element.prototype.scrollTo = vi.fn();
window.scrollTo = vi.fn();

// A whole page of markup says less than the first line of what was not found.
configure({ getElementError: (message) => new Error(message?.split('\n')[0]) });
afterEach(cleanup);
// As a page that has been open for a while.
beforeAll(prefetchLazy);

/**
 * Where styles go: nothing is displayed here, and jsdom would match every rule against every element on every query.
 */
const ASIDE = document.createElement('div');

/** A screen as a cook has it: its markup in a kitchen, and a user to operate it. */
export function shown(
  node: ReactNode,
  {
    units = METRIC,
    timeZone = 'UTC',
    nowMs = NOON_MS,
    language = units.weight === 'us' ? 'en-US' : 'en',
  }: {
    readonly language?: LanguageId;
    readonly units?: UnitChoice;
    readonly timeZone?: string;
    readonly nowMs?: number;
  } = {},
): RenderResult & { readonly hand: UserEvent } {
  const hand = userEvent.setup({ delay: null, pointerEventsCheck: 0 });
  const setting = { timeZone, ownTimeZone: null, renderedAtMs: nowMs, build: 'tested', units, language };
  return {
    hand,
    ...render(
      <StyleSheetManager target={ASIDE}>
        <KitchenProvider setting={setting}>{node}</KitchenProvider>
      </StyleSheetManager>,
    ),
  };
}

/** Replaces the text of a field in one go and leaves the field. */
export async function retype(hand: UserEvent, field: HTMLElement, text: string): Promise<void> {
  if (text === '') await hand.clear(field);
  else {
    await hand.click(field);
    (field as HTMLInputElement).select();
    await hand.paste(text);
  }
  await hand.tab();
}

/** Opens a list by the label of its field and chooses from it. */
export async function choose(hand: UserEvent, label: string | RegExp, option: string | RegExp): Promise<void> {
  await hand.click(screen.getByRole('button', { name: label }));
  await hand.click(within(await screen.findByRole('listbox')).getByRole('option', { name: option }));
}

const METRIC_AMOUNT = /.{0,40}\d[\s\u00a0]?(?:kg|g|ml|l|mm|°C)(?![\w/²³]).{0,20}/g;

/**
 * Metric amounts in text for a cook, with some words around each. Salt is in grams per kilo, litre and teaspoon for
 * everybody: ounces are too coarse for seasoning.
 */
export function metricAmounts(text: string): readonly string[] {
  return (text.match(METRIC_AMOUNT) ?? []).filter(
    (found) => !/\d g (per (kilo|lit(re|er))|in a level teaspoon)/.test(found),
  );
}

/** What should never appear on a screen. */
export const BROKEN = /NaN|undefined|Infinity|\[object/;
