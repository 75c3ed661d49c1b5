'use client';

import { Download } from 'lucide-react';
import { Menu, MenuItem, MenuTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { calendarFile } from '@/core/formats/calendar';
import { planFile } from '@/contract/files';
import { fileStem } from '@/core/formats/fileStem';
import { recipeJsonLd, recipeMarkdown } from '@/core/formats/recipe';
import { type Plan } from '@/core/plan/plan';
import { type UnitChoice } from '@/core/quantity/units';
import { Button } from '@/ui/controls/Button';
import { PopBox } from '@/ui/controls/PopBox';
import { useKitchen } from '@/ui/KitchenContext';
import { saveFile } from '@/ui/saveFile';
import { clock, dayFrom } from '@/ui/time';

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

interface Way {
  readonly id: string;
  readonly name: string;
  readonly what: string;
  readonly ending: string;
  readonly type: string;
  readonly text: (plan: Plan, units: UnitChoice, when: (ms: number) => string) => string;
}

const SHEET = 'sheet';

const pretty = (data: object): string => `${JSON.stringify(data, null, 2)}\n`;

const WAYS: readonly Way[] = [
  {
    id: 'plan',
    name: 'Plan file',
    what: 'everything, to keep or read in again',
    ending: 'plan.json',
    type: 'application/json',
    text: (plan) => pretty(planFile(plan.input)),
  },
  {
    id: 'calendar',
    name: 'Calendar',
    what: 'the day with alarms, iCalendar',
    ending: 'ics',
    type: 'text/calendar',
    // The same dinner sent twice updates its events instead of doubling them.
    text: (plan) =>
      calendarFile(
        plan.day,
        plan.input.title,
        `${fileStem(plan.input.title)}-${String(plan.input.serveAtMs)}`,
        Date.now(),
      ),
  },
  {
    id: 'text',
    name: 'Recipe to read',
    what: 'shopping, steps and times, Markdown',
    ending: 'md',
    type: 'text/markdown',
    text: recipeMarkdown,
  },
  {
    id: 'recipe',
    name: 'Recipe for other programs',
    what: 'schema.org, JSON-LD',
    ending: 'recipe.json',
    type: 'application/ld+json',
    text: (plan, units) => pretty(recipeJsonLd(plan, units)),
  },
];

interface ExportMenuProps {
  readonly plan: Plan | undefined;
  readonly onSheet: () => void;
}

/** The plan to take along: the bench sheet, or a file in one of the open formats. */
export function ExportMenu({ plan, onSheet }: ExportMenuProps) {
  const { timeZone, renderedAtMs, units } = useKitchen();
  return (
    <MenuTrigger>
      <Button aria-label="Print or export this plan" isDisabled={plan === undefined}>
        <Download size={18} aria-hidden />
      </Button>
      <PopBox $widthPx={330} placement="bottom start">
        <List
          aria-label="Print or export"
          onAction={(key) => {
            if (key === SHEET) onSheet();
            const way = WAYS.find((w) => w.id === key);
            if (!way || !plan) return;
            const when = (ms: number): string => `${clock(ms, timeZone)} ${dayFrom(ms, renderedAtMs, timeZone)}`;
            saveFile(way.text(plan, units, when), `${fileStem(plan.input.title)}.${way.ending}`, way.type);
          }}
        >
          <Item id={SHEET} textValue="Bench sheet">
            <b>Bench sheet</b>
            <small>to print, or to tick off on the phone</small>
          </Item>
          {WAYS.map((way) => (
            <Item key={way.id} id={way.id} textValue={way.name}>
              <b>{way.name}</b>
              <small>{way.what}</small>
            </Item>
          ))}
        </List>
      </PopBox>
    </MenuTrigger>
  );
}
