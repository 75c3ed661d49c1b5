'use client';

import { Printer } from 'lucide-react';
import { useSheetMarks } from './useSheetMarks';
import { donenessCue } from '@/core/steps';
import { AISLES, shoppingList } from '@/core/shopping';
import { type Plan } from '@/core/plan';
import { amountWords, instructions } from '@/exports/recipe';
import { Button } from '@/ui/controls/Button';
import { CutSize } from '@/ui/drawings/CutSize';
import { useWords } from '@/ui/KitchenContext';
import { say } from '@/core/message';
import { Sheet, Head, BackLink, Columns, Cuts, Checks, Tick, COLUMNS, Blank } from './sheetParts';

interface PrepSheetProps {
  readonly id: string;
  readonly updatedAtMs: number;
  readonly plan: Plan;
}

/** The plan on paper or propped up on a phone: shopping, cutting sizes, steps, times and checks, with tick boxes. */
export function PrepSheet({ id, updatedAtMs, plan }: PrepSheetProps) {
  const w = useWords();
  // A changed plan is another sheet: old ticks would be wrong.
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
          </p>
          <p>
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
