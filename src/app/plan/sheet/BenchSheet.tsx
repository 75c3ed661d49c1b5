'use client';

import { Printer } from 'lucide-react';
import Link from 'next/link';
import { type ReactNode } from 'react';
import { CheckboxButton, CheckboxField, Input, TextField } from 'react-aria-components';
import styled from 'styled-components';
import { type SheetMarks, useSheetMarks } from './useSheetMarks';
import { amountWords, instructions } from '@/core/formats/recipe';
import { AISLES, shoppingList } from '@/core/formats/shopping';
import { cutById } from '@/core/larder/cuts';
import { type Plan } from '@/core/plan/plan';
import { formatLength } from '@/core/quantity/format';
import { TARGETS } from '@/core/tenderness/stages';
import { Button, linkButton } from '@/ui/controls/Button';
import { CutSize } from '@/ui/drawings/CutSize';
import { useKitchen } from '@/ui/KitchenContext';
import { clockBeside, day as dateOf } from '@/ui/time';

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
    font-size: 20px;
    border-bottom: 2px solid var(--rim);
    padding-bottom: 3px;
  }
  h3 {
    font-size: 15px;
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
    font-size: 10.5pt;
    gap: 10pt;
    h2 {
      font-size: 13pt;
      break-after: avoid;
    }
    h3 {
      font-size: 10.5pt;
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
    font-size: 30px;
    overflow-wrap: anywhere;
  }
  nav {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
  @media print {
    h1 {
      font-size: 20pt;
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
    outline: 3px solid var(--glow);
    outline-offset: 2px;
  }
  small {
    display: block;
    color: var(--mute);
    font-size: 14px;
  }
  @media print {
    padding: 2.5pt 0;
    grid-template-columns: 14pt minmax(0, 1fr);
    gap: 5pt;
    > i {
      width: 11pt;
      height: 11pt;
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
      font-size: 9pt;
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
    font-size: 14px;
    break-inside: avoid;
  }
`;

const Checks = styled.table`
  border-collapse: collapse;
  width: 100%;
  th {
    text-align: left;
    font-size: 14px;
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
    font-size: 14px;
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
      font-size: 9pt;
    }
    td {
      border-top: 0.5pt solid #999;
    }
    input {
      min-height: 20pt;
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

function Blank({ marks, id, label }: { marks: SheetMarks; id: string; label: string }) {
  return (
    <TextField
      aria-label={label}
      value={marks.written(id)}
      onChange={(text) => {
        marks.write(id, text);
      }}
    >
      <Input maxLength={60} placeholder={label.split(',')[0]} />
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
  const { timeZone, units } = useKitchen();
  // A plan that has been changed is another sheet: old ticks would lie.
  const marks = useSheetMarks(`even-ember:sheet:${id}:${String(updatedAtMs)}`);
  const { day, input, base } = plan;
  const shopping = shoppingList(plan);
  const cuts = [...base.steps, ...base.late].filter((s) => s.cutMm !== undefined);
  const looks = day.marks.filter((m) => m.kind !== 'oven' && m.kind !== 'add');
  const at = (ms: number): string => clockBeside(ms, day.serveMs, timeZone);
  const moments = [
    ...day.tasks.map((t) => ({ id: t.id, atMs: t.fromMs, says: t.label })),
    ...day.marks.filter((m) => m.kind === 'add').map((m) => ({ id: m.id, atMs: m.atMs, says: `in: ${m.label}` })),
    ...looks.map((m) => ({
      id: m.id,
      atMs: m.atMs,
      says: m.kind === 'test' ? `${m.label}: write it down below` : m.label,
    })),
  ].sort((a, b) => a.atMs - b.atMs);
  return (
    <Sheet>
      <Head>
        <div>
          <h1>{input.title}</h1>
          <p>
            For {input.eaters}, on the table {dateOf(day.serveMs, timeZone)} at <b>{at(day.serveMs)}</b>. Begin{' '}
            {at(day.startMs)}, into the pot {at(day.intoPotMs)}; {TARGETS[plan.forecast.target].ready.toLowerCase()}{' '}
            about <b>{at(day.ready.p50Ms)}</b>, likely {at(day.ready.p10Ms)} to {at(day.ready.p90Ms)}.
          </p>
        </div>
        <nav aria-label="Sheet">
          <BackLink href={`/plan/${id}`}>Back to the plan</BackLink>
          <Button
            $tone="main"
            onPress={() => {
              window.print();
            }}
          >
            <Printer size={18} aria-hidden /> Print
          </Button>
          {marks.any ? <Button onPress={marks.clear}>Clear the ticks</Button> : null}
        </nav>
      </Head>
      <section aria-labelledby="sheet-buy">
        <h2 id="sheet-buy">To buy and weigh out</h2>
        <Columns>
          {AISLES.filter((aisle) => shopping.some((l) => l.aisle === aisle)).map((aisle) => (
            <section key={aisle}>
              <h3>{aisle}</h3>
              {shopping
                .filter((l) => l.aisle === aisle)
                .map((l) => (
                  <Tick key={l.name} marks={marks} id={`buy-${l.name}`}>
                    <b>{amountWords(l, units)}</b> {l.name}
                    {l.note === '' ? null : <small>{l.note}</small>}
                  </Tick>
                ))}
            </section>
          ))}
        </Columns>
        {cuts.length > 0 ? (
          <>
            <h3>Cutting sizes, true to size when printed at 100 %</h3>
            <Cuts>
              {cuts.map((s) => (
                <li key={s.id}>
                  <CutSize mm={s.cutMm ?? 0} label={`${s.title}: ${formatLength(s.cutMm ?? 0, units)} to a side`} />
                  {s.title}, {formatLength(s.cutMm ?? 0, units)}
                </li>
              ))}
            </Cuts>
          </>
        ) : null}
      </section>
      <section aria-labelledby="sheet-day">
        <h2 id="sheet-day">The day</h2>
        <Columns>
          {moments.map((m) => (
            <Tick key={m.id} marks={marks} id={`day-${m.id}`}>
              <b>{at(m.atMs)}</b> {m.says}
            </Tick>
          ))}
        </Columns>
      </section>
      <section aria-labelledby="sheet-steps">
        <h2 id="sheet-steps">In order</h2>
        {instructions(plan, units).map((section) => (
          <section key={section.name}>
            <h3>{section.name}</h3>
            {section.steps.map((step, i) => (
              <Tick key={step} marks={marks} id={`step-${section.name}-${String(i)}`}>
                {step}
              </Tick>
            ))}
          </section>
        ))}
      </section>
      <section aria-labelledby="sheet-checks">
        <h2 id="sheet-checks">Looks and tests</h2>
        <p>Ready when: {cutById(plan.cutId).donenessSign}.</p>
        <Checks>
          <thead>
            <tr>
              <th scope="col">What, and when it is due</th>
              <th scope="col">Really at</th>
              <th scope="col">Fork</th>
              <th scope="col">Probe</th>
            </tr>
          </thead>
          <tbody>
            {looks.map((m, i) => (
              <tr key={m.id}>
                <td>
                  <Tick marks={marks} id={`look-${m.id}`}>
                    <b>{at(m.atMs)}</b> {m.label}
                    <small>{m.why}</small>
                  </Tick>
                </td>
                {(m.kind === 'look' ? ['Really at'] : ['Really at', 'Fork', 'Probe']).map((column) => (
                  <td key={column}>
                    <Blank marks={marks} id={`${m.id}-${column}`} label={`${column}, ${m.label} ${String(i + 1)}`} />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </Checks>
      </section>
      <p>Follow your local food-safety guidance.</p>
    </Sheet>
  );
}
