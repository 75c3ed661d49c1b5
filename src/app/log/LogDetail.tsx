'use client';

import { Download, RotateCcw, Trash2 } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { type LogEntry } from './entry';
import { Scores } from './Scores';
import { actWords, learnedWords, lessonWords } from '../cook/words';
import { daysBetween, sameClockLater } from '@/calendar/calendar';
import { actualSpans } from '@/core/cook/course';
import { eventsOf, foldCook } from '@/core/cook/state';
import { type CookView } from '@/core/cook/view';
import { stageIndex } from '@/core/tenderness/stages';
import { ScaleChart } from '@/ui/charts/curves';
import { Button, linkButton } from '@/ui/controls/Button';
import { ConfirmButton } from '@/ui/controls/ConfirmButton';
import { FaultNote, Mute, Page, PageHead, Panel } from '@/ui/controls/Panel';
import { EmberLine } from '@/ui/drawings/EmberLine';
import { useKitchen } from '@/ui/KitchenContext';
import { send } from '@/ui/send';
import { clock, day, duration } from '@/ui/time';

const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.5fr);
  gap: 16px;
  align-items: start;
  @media (max-width: 860px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const Records = styled.ul`
  li {
    display: grid;
    grid-template-columns: 56px minmax(0, 1fr);
    gap: 0 10px;
    padding: 7px 0;
    border-top: 1px solid var(--line);
  }
  li:first-child {
    border-top: 0;
  }
  time {
    font-weight: 700;
  }
  small {
    grid-column: 2;
    color: var(--mute);
    font-size: 14px;
  }
`;

const FileLink = styled.a`
  ${linkButton('plain')}
`;
const PotLink = styled(Link)`
  ${linkButton('plain')}
`;

/** Serving time of a repeat: the same clock time on the next day that leaves time to cook. */
function nextServing(serveMs: number, nowMs: number, timeZone: string): number {
  const days = Math.max(1, daysBetween(serveMs, nowMs, timeZone));
  const serving = sameClockLater(serveMs, days, timeZone);
  return serving > nowMs ? serving : sameClockLater(serveMs, days + 1, timeZone);
}

/** One braise of the log: planned against actual, what was recorded and what it taught. */
export function LogDetail({ view, entry }: { view: CookView; entry: LogEntry }) {
  const { timeZone, units } = useKitchen();
  const router = useRouter();
  const [fault, setFault] = useState<string>();
  const { plan } = view;
  const state = foldCook(plan.input, view.events);
  const startMs = state.intoPotMs ?? plan.day.intoPotMs;
  const late = entry.actualMin - entry.plannedMin;

  const again = async (): Promise<void> => {
    const input = { ...plan.input, serveAtMs: nextServing(plan.input.serveAtMs, Date.now(), timeZone) };
    const sent = await send<{ id: string }>('POST', '/api/plans', { input });
    if (sent.ok) router.push(`/plan/${sent.data.id}`);
    else setFault(sent.message);
  };
  const remove = async (): Promise<void> => {
    const sent = await send('DELETE', `/api/cooks/${view.id}`);
    if (sent.ok) router.push('/log');
    else setFault(sent.message);
  };

  return (
    <Page>
      <PageHead>
        <div>
          <h1>{plan.input.title}</h1>
          <Mute>{day(entry.finishedMs, timeZone)}</Mute>
        </div>
        <div>
          <Button $tone="main" onPress={() => void again()}>
            <RotateCcw size={18} aria-hidden /> Braise it again
          </Button>
          <FileLink href={`/api/cooks/${view.id}/export`} download>
            <Download size={18} aria-hidden /> Export
          </FileLink>
          <PotLink href={`/cook/${view.id}`}>Records</PotLink>
          <ConfirmButton
            label="Delete this entry"
            question={`Delete “${plan.input.title}” from the log?`}
            consequence="Its records and verdict go for good. Export it first to keep a copy."
            verb="Delete the entry"
            onConfirm={() => void remove()}
          >
            <Trash2 size={18} aria-hidden />
          </ConfirmButton>
        </div>
      </PageHead>
      {fault === undefined ? null : <FaultNote role="alert">{fault}</FaultNote>}
      <Panel aria-labelledby="planned">
        <h2 id="planned" style={{ fontSize: 20 }}>
          Planned above, as it went below
        </h2>
        <p>
          Planned {duration(entry.plannedMin)} in the pot, likely {duration(entry.plannedP10Min)} to{' '}
          {duration(entry.plannedP90Min)}; the fork was found to turn after {duration(entry.actualMin)}
          {Math.abs(late) < 3
            ? ', on time.'
            : `, ${duration(Math.abs(late))} ${late > 0 ? 'later' : 'sooner'} than the middle.`}
        </p>
        <EmberLine
          day={{ ...plan.day, beside: [], marks: [] }}
          timeZone={timeZone}
          actual={actualSpans(plan, state, entry.finishedMs)}
        />
      </Panel>
      <Columns>
        <Panel aria-labelledby="verdict">
          <h2 id="verdict" style={{ fontSize: 20 }}>
            How it came out
          </h2>
          <p>
            <Scores verdict={entry.verdict} />
          </p>
          {entry.verdict.nextTime === '' ? null : (
            <p>
              <b>Next time:</b> {entry.verdict.nextTime}
            </p>
          )}
          <h2 style={{ fontSize: 20, marginTop: 14 }}>Records</h2>
          <Records>
            {state.events.map((e) => {
              const lesson = view.live.lessons.find((l) => l.eventId === e.id);
              const note = [lessonWords(lesson), learnedWords(lesson, units)].filter((t) => t !== '').join('. ');
              return (
                <li key={e.id}>
                  <time dateTime={new Date(e.atMs).toISOString()}>{clock(e.atMs, timeZone)}</time>
                  <span>{actWords(e.act, units)}</span>
                  {note === '' ? null : <small>{note}</small>}
                </li>
              );
            })}
          </Records>
        </Panel>
        <Panel aria-labelledby="curve">
          <h2 id="curve" style={{ fontSize: 20 }}>
            Where the forecast ended up
          </h2>
          <ScaleChart
            band={view.live.forecast.band}
            startMs={startMs}
            timeZone={timeZone}
            tests={eventsOf(state.events, 'fork').map((e) => ({ atMs: e.atMs, stageIndex: stageIndex(e.act.stage) }))}
            height={320}
          />
          <Mute>Ring: a fork test. Band: where 80 of 100 kitchens would be, after all records.</Mute>
        </Panel>
      </Columns>
    </Page>
  );
}
