'use client';

import { Printer } from 'lucide-react';
import Link from 'next/link';
import { type ReactNode } from 'react';
import { CheckboxButton, CheckboxField, Input, TextField } from 'react-aria-components';
import styled from 'styled-components';
import { type SheetMarks, useSheetMarks } from './useSheetMarks';
import { donenessCue } from '@/core/steps';
import { AISLES, shoppingList } from '@/core/shopping';
import { type Plan } from '@/core/plan';
import { amountWords, instructions } from '@/exports/recipe';
import { Button, linkButton } from '@/ui/controls/Button';
import { CutSize } from '@/ui/drawings/CutSize';
import { useWords } from '@/ui/KitchenContext';
import { say } from '@/core/message';

const Sheet = styled.main`
  max-width: 1000px;
  margin: 16px auto;
  padding: 20px 24px 28px;
  background: var(--plate);
  border: 2px solid var(--rim);
  border-radius: 16px;
  display: grid;
  gap: 18px;
  h2 {
    font-size: 1.25rem;
    border-bottom: 2px solid var(--rim);
    padding-bottom: 3px;
  }
  h3 {
    font-size: 0.9375rem;
    color: var(--mute);
    padding-top: 8px;
  }
  @media (max-width: 1032px) {
    margin: 12px;
    padding: 14px;
  }
  @media print {
    max-width: none;
    margin: 0;
    padding: 0;
    border: 0;
    font-size: 9pt;
    line-height: 1.25;
    gap: 6pt;
    h2 {
      font-size: 11.5pt;
      padding-bottom: 1pt;
      break-after: avoid;
    }
    h3 {
      font-size: 9pt;
      padding-top: 3pt;
      break-after: avoid;
    }
  }
`;

const Head = styled.header`
  display: flex;
  flex-wrap: wrap;
  gap: 10px 20px;
  justify-content: space-between;
  align-items: start;
  h1 {
    font-size: 1.875rem;
    overflow-wrap: anywhere;
  }
  nav {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
  @media print {
    h1 {
      font-size: 16pt;
    }
    nav {
      display: none;
    }
  }
`;

const BackLink = styled(Link)`
  ${linkButton('plain')}
`;

const Columns = styled.div`
  columns: 2 300px;
  column-gap: 28px;
  @media print {
    columns: 2;
    column-gap: 18pt;
  }
`;

const Line = styled(CheckboxButton)`
  display: grid;
  grid-template-columns: 24px minmax(0, 1fr);
  gap: 10px;
  align-items: start;
  padding: 10px 0;
  cursor: pointer;
  break-inside: avoid;
  > i {
    width: 22px;
    height: 22px;
    border: 2px solid var(--rim);
    border-radius: 5px;
    background: var(--plate);
    display: grid;
    place-items: center;
  }
  [data-theme='dark'] & > i {
    border-color: var(--mute);
  }
  &[data-selected] > i::after {
    content: '';
    width: 12px;
    height: 6px;
    border-left: 3px solid var(--ember-ink);
    border-bottom: 3px solid var(--ember-ink);
    transform: rotate(-45deg) translate(1px, -2px);
  }
  &[data-selected] > span {
    color: var(--mute);
    text-decoration: line-through;
  }
  &[data-focus-visible] > i {
    outline: 3px solid var(--ring);
    outline-offset: 2px;
  }
  small {
    display: block;
    color: var(--mute);
    font-size: 0.875rem;
  }
  @media print {
    padding: 1.2pt 0;
    grid-template-columns: 11pt minmax(0, 1fr);
    gap: 4pt;
    > i {
      width: 9pt;
      height: 9pt;
      border: 1pt solid #000;
      border-radius: 2pt;
      margin-top: 1pt;
    }
    &[data-selected] > i::after {
      width: 6pt;
      height: 3pt;
      border-left: 1.5pt solid #000;
      border-bottom: 1.5pt solid #000;
      transform: rotate(-45deg) translate(0.5pt, -1pt);
    }
    small {
      display: inline;
      margin-left: 4pt;
      font-size: 8pt;
    }
  }
`;

const Cuts = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 14px 24px;
  padding-top: 8px;
  li {
    display: grid;
    gap: 4px;
    align-content: end;
    justify-items: start;
    font-size: 0.875rem;
    break-inside: avoid;
  }
  @media print {
    gap: 4pt 12pt;
    padding-top: 2pt;
    li {
      font-size: 8pt;
    }
  }
`;

const Checks = styled.table`
  border-collapse: collapse;
  width: 100%;
  th {
    text-align: left;
    font-size: 0.875rem;
    color: var(--mute);
    font-weight: 400;
    padding: 4px 8px 4px 0;
  }
  td {
    border-top: 1px solid var(--line);
    padding: 6px 8px 6px 0;
    vertical-align: top;
  }
  small {
    display: block;
    color: var(--mute);
    font-size: 0.875rem;
  }
  input {
    width: 100%;
    min-width: 64px;
    min-height: 44px;
    border: 2px solid var(--line);
    border-radius: 8px;
    background: var(--plate);
    padding: 0 8px;
  }
  tr {
    break-inside: avoid;
  }
  @media (max-width: 560px) {
    thead {
      display: none;
    }
    tr {
      display: grid;
      grid-template-columns: 1fr 1fr 1fr;
      gap: 6px;
      padding: 8px 0;
      border-top: 1px solid var(--line);
    }
    td {
      border: 0;
      padding: 0;
    }
    td:first-child {
      grid-column: 1 / -1;
    }
  }
  @media print {
    small {
      font-size: 8pt;
    }
    td {
      border-top: 0.5pt solid #999;
      padding: 1pt 6pt 1pt 0;
    }
    input {
      min-height: 15pt;
      border: 1pt solid #000;
      border-radius: 2pt;
    }
    input::placeholder {
      color: transparent;
    }
  }
`;

function Tick({ marks, id, children }: { marks: SheetMarks; id: string; children: ReactNode }) {
  return (
    <CheckboxField
      isSelected={marks.isTicked(id)}
      onChange={(on) => {
        marks.tick(id, on);
      }}
    >
      <Line>
        <i aria-hidden />
        <span>{children}</span>
      </Line>
    </CheckboxField>
  );
}

/** What is written down at a look: when, how the fork felt, what the probe said. */
const COLUMNS = ['reallyAt', 'fork', 'probe'] as const;

function Blank({ marks, id, column, label }: { marks: SheetMarks; id: string; column: string; label: string }) {
  return (
    <TextField
      aria-label={label}
      value={marks.written(id)}
      onChange={(text) => {
        marks.write(id, text);
      }}
    >
      <Input maxLength={60} placeholder={column} />
    </TextField>
  );
}

interface BenchSheetProps {
  readonly id: string;
  readonly updatedAtMs: number;
  readonly plan: Plan;
}

/** The plan on paper or propped up on a phone: shopping, cutting sizes, steps, times and checks, with boxes to tick. */
export function BenchSheet({ id, updatedAtMs, plan }: BenchSheetProps) {
  const w = useWords();
  // A plan that has been changed is another sheet: old ticks would lie.
  const marks = useSheetMarks(`even-ember:sheet:${id}:${String(updatedAtMs)}`);
  const { day, input, base } = plan;
  const shopping = shoppingList(plan);
  const cuts = [...base.steps, ...base.late].filter((s) => s.cutMm !== undefined);
  const looks = day.marks.filter((m) => m.kind !== 'oven' && m.kind !== 'add');
  const at = (ms: number): string => w.clockBeside(ms, day.serveMs);
  const moments = [
    ...day.tasks.map((t) => ({ id: t.id, atMs: t.fromMs, says: w.say(t.label) })),
    ...day.marks
      .filter((m) => m.kind === 'add')
      .map((m) => ({ id: m.id, atMs: m.atMs, says: w.text('calendar.in', { what: m.label }) })),
    ...looks.map((m) => ({
      id: m.id,
      atMs: m.atMs,
      says: m.kind === 'test' ? w.text('sheet.writeBelow', { what: m.label }) : w.say(m.label),
    })),
  ].sort((a, b) => a.atMs - b.atMs);
  return (
    <Sheet>
      <Head>
        <div>
          <h1>{input.title}</h1>
          <p>
            {w.text('benchSheet.forOnTheTableAt', { eaters: input.eaters, serve: w.day(day.serveMs) })}{' '}
            <b>{at(day.serveMs)}</b>
            {w.text('benchSheet.beginIntoThePotAbout', {
              start: at(day.startMs),
              intoPot: at(day.intoPotMs),
              target: w.text(`target.${plan.forecast.target}`),
            })}{' '}
            <b>{at(day.ready.p50Ms)}</b>
            {w.text('benchSheet.likelyTo', { p10: at(day.ready.p10Ms), p90: at(day.ready.p90Ms) })}
          </p>
        </div>
        <nav aria-label={w.text('benchSheet.sheet')}>
          <BackLink href={`/plan/${id}`}>{w.text('common.backToThePlan')}</BackLink>
          <Button
            $tone="main"
            onPress={() => {
              window.print();
            }}
          >
            <Printer size={18} aria-hidden /> {w.text('benchSheet.print')}
          </Button>
          {marks.any ? <Button onPress={marks.clear}>{w.text('benchSheet.clearTheTicks')}</Button> : null}
        </nav>
      </Head>
      <section aria-labelledby="sheet-buy">
        <h2 id="sheet-buy">{w.text('benchSheet.toBuyAndWeighOut')}</h2>
        <Columns>
          {AISLES.filter((aisle) => shopping.some((l) => l.aisle === aisle)).map((aisle) => (
            <section key={aisle}>
              <h3>{w.text(`aisle.${aisle}`)}</h3>
              {shopping
                .filter((l) => l.aisle === aisle)
                .map((l) => (
                  <Tick key={l.name.code} marks={marks} id={`buy-${l.name.code}`}>
                    <b>{amountWords(l, w)}</b> {w.say(l.name)}
                    {l.note ? <small>{w.say(l.note)}</small> : null}
                  </Tick>
                ))}
            </section>
          ))}
        </Columns>
        {cuts.length > 0 ? (
          <>
            <h3>{w.text('benchSheet.cuttingSizesTrueToSize')}</h3>
            <Cuts>
              {cuts.map((s) => (
                <li key={s.id}>
                  <CutSize
                    mm={s.cutMm ?? 0}
                    label={w.text('benchSheet.toASide', {
                      title: w.title(s.title),
                      cut: w.quantity(s.cutMm ?? 0, 'length'),
                    })}
                  />
                  {w.title(s.title)}, {w.quantity(s.cutMm ?? 0, 'length')}
                </li>
              ))}
            </Cuts>
          </>
        ) : null}
      </section>
      <section aria-labelledby="sheet-day">
        <h2 id="sheet-day">{w.text('benchSheet.theDay')}</h2>
        <Columns>
          {moments.map((m) => (
            <Tick key={m.id} marks={marks} id={`day-${m.id}`}>
              <b>{at(m.atMs)}</b> {m.says}
            </Tick>
          ))}
        </Columns>
      </section>
      <section aria-labelledby="sheet-steps">
        <h2 id="sheet-steps">{w.text('benchSheet.inOrder')}</h2>
        <Columns>
          {instructions(plan, w).map((section, n) => (
            <section key={section.name}>
              <h3>{section.name}</h3>
              {section.steps.map((step, i) => (
                <Tick key={step} marks={marks} id={`step-${String(n)}-${String(i)}`}>
                  {step}
                </Tick>
              ))}
            </section>
          ))}
        </Columns>
      </section>
      <section aria-labelledby="sheet-checks">
        <h2 id="sheet-checks">{w.text('benchSheet.looksAndTests')}</h2>
        <p>{w.text('benchSheet.readyWhen', { cutId: w.say(donenessCue(plan.cutId, plan.forecast.target)) })}</p>
        <Checks>
          <thead>
            <tr>
              <th scope="col">{w.text('benchSheet.whatAndWhenItIs')}</th>
              {COLUMNS.map((column) => (
                <th key={column} scope="col">
                  {w.text(`sheet.${column}`)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {looks.map((m, i) => (
              <tr key={m.id}>
                <td>
                  <Tick marks={marks} id={`look-${m.id}`}>
                    <b>{at(m.atMs)}</b> {w.say(m.label)}
                    <small>{w.say(m.why)}</small>
                  </Tick>
                </td>
                {(m.kind === 'look' ? COLUMNS.slice(0, 1) : COLUMNS).map((column) => (
                  <td key={column}>
                    <Blank
                      marks={marks}
                      id={`${m.id}-${column}`}
                      column={w.text(`sheet.${column}`)}
                      label={w.text('sheet.blank', {
                        column: say(`sheet.${column}`),
                        look: m.label,
                        number: i + 1,
                      })}
                    />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </Checks>
      </section>
      <p>{w.text('benchSheet.followYourLocalFoodSafety')}</p>
    </Sheet>
  );
}
