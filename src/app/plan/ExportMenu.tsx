'use client';

import { kitchenNow } from '@/ui/serverClock';
import { Download } from 'lucide-react';
import { Menu, MenuItem, MenuTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { calendarFile } from '@/exports/calendar';
import { planFile } from '@/contract/files';
import { fileStem } from '@/exports/fileStem';
import { recipeJsonLd, recipeMarkdown } from '@/exports/recipe';
import { type Plan } from '@/core/plan';
import { type Words } from '@/words/words';
import { Button } from '@/ui/controls/Button';
import { PopBox } from '@/ui/controls/PopBox';
import { useKitchen, useWords } from '@/ui/KitchenContext';
import { saveFile } from '@/ui/saveFile';

const List = styled(Menu)`
  outline: none;
  padding: 6px;
`;

const Item = styled(MenuItem)`
  display: grid;
  padding: 8px 12px;
  border-radius: 9px;
  cursor: pointer;
  outline: none;
  small {
    color: var(--mute);
    font-size: 14px;
  }
  &[data-focused] {
    background: var(--well);
  }
  &[data-focus-visible] {
    box-shadow: inset 0 0 0 3px var(--glow);
  }
`;

interface FileKind {
  readonly id: 'plan' | 'calendar' | 'text' | 'recipe';
  readonly ending: string;
  readonly type: string;
  readonly text: (plan: Plan, words: Words, when: (ms: number) => string) => string;
}

const SHEET = 'sheet';

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
    // The same dinner sent twice updates its events instead of doubling them.
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

interface ExportMenuProps {
  readonly plan: Plan | undefined;
  readonly onSheet: () => void;
}

/** The plan to take along: the bench sheet, or a file in one of the open formats. */
export function ExportMenu({ plan, onSheet }: ExportMenuProps) {
  const { renderedAtMs } = useKitchen();
  const w = useWords();
  return (
    <MenuTrigger>
      <Button aria-label={w.text('exportMenu.printOrExportThisPlan')} isDisabled={plan === undefined}>
        <Download size={18} aria-hidden />
      </Button>
      <PopBox $widthPx={330} placement="bottom start">
        <List
          aria-label={w.text('exportMenu.printOrExport')}
          onAction={(key) => {
            if (key === SHEET) onSheet();
            const kind = FILES.find((k) => k.id === key);
            if (!kind || !plan) return;
            const when = (ms: number): string => `${w.clock(ms)} ${w.dayFrom(ms, renderedAtMs)}`;
            saveFile(kind.text(plan, w, when), `${fileStem(plan.input.title)}.${kind.ending}`, kind.type);
          }}
        >
          <Item id={SHEET} textValue={w.text('exportMenu.benchSheet')}>
            <b>{w.text('exportMenu.benchSheet')}</b>
            <small>{w.text('exportMenu.toPrintOrToTick')}</small>
          </Item>
          {FILES.map(({ id }) => (
            <Item key={id} id={id} textValue={w.text(`file.${id}`)}>
              <b>{w.text(`file.${id}`)}</b>
              <small>{w.text(`file.${id}.what`)}</small>
            </Item>
          ))}
        </List>
      </PopBox>
    </MenuTrigger>
  );
}
