import { kitchenNow } from '@/ui/serverClock';
import { calendarFile } from '@/exports/calendar';
import { planFile } from '@/contract/files';
import { fileStem } from '@/exports/fileStem';
import { recipeJsonLd, recipeMarkdown } from '@/exports/recipe';
import { type Plan } from '@/core/plan';
import { saveFile } from '@/ui/saveFile';
import { type Words } from '@/words/words';

interface FileKind {
  readonly id: 'plan' | 'calendar' | 'text' | 'recipe';
  readonly ending: string;
  readonly type: string;
  readonly text: (plan: Plan, words: Words, when: (ms: number) => string) => string;
}

const pretty = (data: object): string => `${JSON.stringify(data, null, 2)}\n`;

const FILES: readonly FileKind[] = [
  {
    id: 'plan',
    ending: 'plan.json',
    type: 'application/json',
    text: (plan) => pretty(planFile(plan.input)),
  },
  {
    id: 'calendar',
    ending: 'ics',
    type: 'text/calendar',
    // Exporting the same dinner twice updates its events instead of doubling them.
    text: (plan, words) =>
      calendarFile(
        plan.day,
        plan.input.title,
        `${fileStem(plan.input.title)}-${String(plan.input.serveAtMs)}`,
        kitchenNow(),
        words,
      ),
  },
  {
    id: 'text',
    ending: 'md',
    type: 'text/markdown',
    text: recipeMarkdown,
  },
  {
    id: 'recipe',
    ending: 'recipe.json',
    type: 'application/ld+json',
    text: (plan, words) => pretty(recipeJsonLd(plan, words)),
  },
];

/** Saves a plan as a file of one of the open formats; `when` formats a moment. */
export function savePlan(id: string, plan: Plan, words: Words, when: (ms: number) => string): void {
  const kind = FILES.find((k) => k.id === id);
  if (kind) saveFile(kind.text(plan, words, when), `${fileStem(plan.input.title)}.${kind.ending}`, kind.type);
}
