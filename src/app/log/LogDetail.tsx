'use client';

import { kitchenNow } from '@/ui/serverClock';
import { useMadeId } from '@/ui/useMadeId';
import { Download, RotateCcw, Trash2 } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { ON_TIME_MIN } from './LogList';
import { UnreadableNotice } from '../UnreadableNotice';
import { SaltLedger } from '../SaltLedger';
import { Scores } from './Scores';
import { type QuarantinedRow } from '@/server/quarantine';
import { actText, learnedText, updateText } from '../braise/recordText';
import { daysBetween, sameClockLater } from '@/calendar/calendar';
import {
  type LogSnapshot,
  actualSpans,
  type CookEvent,
  eventsOf,
  reduceEvents,
  isLate,
  keptReady,
  type StoredUpdate,
  type KeptSauce,
  type LogEntry,
  sauceAtLitres,
} from '@/core/cook';
import { type PlanInput } from '@/core/choices';
import { donenessIndex } from '@/core/tenderness';
import { ScaleChart } from '@/ui/charts/curves';
import { Button, linkButton } from '@/ui/controls/Button';
import { ConfirmButton } from '@/ui/controls/ConfirmButton';
import { FaultNote, Mute, Page, PageHead, Panel } from '@/ui/controls/Panel';
import { Figures } from '@/ui/controls/Why';
import { Timeline } from '@/ui/drawings/Timeline';
import { SauceColumn } from '@/ui/drawings/SauceColumn';
import { useKitchen, useWords } from '@/ui/KitchenContext';
import { send } from '@/ui/send';
import { MINUTE_MS } from '@/core/quantity';

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
    font-size: 0.875rem;
  }
`;

const FileLink = styled.a`
  ${linkButton('plain')}
`;
const PotLink = styled(Link)`
  ${linkButton('plain')}
`;

/** Moments closer than this count as the same, ms. */
const A_MOMENT_MS = 1000;

/** Serving time of a repeat: the same time of day on the next day that leaves time to cook. */
function nextServing(serveMs: number, nowMs: number, timeZone: string): number {
  const days = Math.max(1, daysBetween(serveMs, nowMs, timeZone));
  const serving = sameClockLater(serveMs, days, timeZone);
  return serving > nowMs ? serving : sameClockLater(serveMs, days + 1, timeZone);
}

interface LogDetailProps {
  readonly entry: LogEntry;
  readonly account: LogSnapshot;
  readonly input: PlanInput;
  readonly events: readonly CookEvent[];
  readonly aside: readonly QuarantinedRow[];
}

/** A braise of the log as saved: planned against actual, the records and what they taught. */
export function LogDetail({ entry, account, input, events, aside }: LogDetailProps) {
  const { timeZone } = useKitchen();
  const w = useWords();
  const router = useRouter();
  const planIdFor = useMadeId();
  const [fault, setFault] = useState<string>();
  const { planned, lessons, band } = account;
  const state = reduceEvents(input, events);
  const startMs = state.intoPotMs ?? planned.day.intoPotMs;
  const late = entry.actualMin - entry.plannedMin;

  const again = async (): Promise<void> => {
    const next = { ...input, serveAtMs: nextServing(input.serveAtMs, kitchenNow(), timeZone) };
    const sent = await send<{ id: string }>('POST', '/api/plans', { id: planIdFor(next), input: next });
    if (sent.ok) router.push(`/plan/${sent.data.id}`);
    else setFault(w.say(sent.says));
  };
  const remove = async (): Promise<void> => {
    const sent = await send('DELETE', `/api/braises/${entry.id}`);
    if (sent.ok) router.push('/log');
    else setFault(w.say(sent.says));
  };

  /** The forecast right after a record; nothing once it was fork-tender. */
  const readyThen = (lesson: StoredUpdate | undefined, atMs: number): string => {
    if (!lesson || atMs > startMs + entry.actualMin * MINUTE_MS - A_MOMENT_MS) return '';
    const { p10, p50, p90 } = keptReady(lesson);
    const at = (min: number): string =>
      Number.isFinite(min) ? w.clockBeside(startMs + min * MINUTE_MS, entry.finishedMs) : w.text('common.later');
    return w.text('logDetail.readyThen', { middle: at(p50), low: at(p10), high: at(p90) });
  };

  return (
    <Page>
      <PageHead>
        <div>
          <h1>{entry.title}</h1>
          <Mute>{w.day(entry.finishedMs)}</Mute>
        </div>
        <div>
          <Button $tone="main" onPress={() => void again()}>
            <RotateCcw size={18} aria-hidden /> {w.text('logDetail.braiseItAgain')}
          </Button>
          <FileLink href={`/api/braises/${entry.id}/export`} download>
            <Download size={18} aria-hidden /> {w.text('logDetail.export')}
          </FileLink>
          <PotLink href={`/braise/${entry.id}`}>{w.text('logDetail.records')}</PotLink>
          <ConfirmButton
            label={w.text('logDetail.deleteThisEntry')}
            question={w.text('logDetail.deleteFromTheLog', { title: entry.title })}
            consequence={w.text('logDetail.itsRecordsAndVerdictGo')}
            verb={w.text('logDetail.deleteTheEntry')}
            onConfirm={() => void remove()}
          >
            <Trash2 size={18} aria-hidden />
          </ConfirmButton>
        </div>
      </PageHead>
      <UnreadableNotice aside={aside} />
      {fault === undefined ? null : <FaultNote role="alert">{fault}</FaultNote>}
      <Panel aria-labelledby="planned">
        <h2 id="planned" style={{ fontSize: 'calc(20rem / 16)' }}>
          {w.text('logDetail.plannedAboveAsItWent')}
        </h2>
        <p>
          {w.text(
            Math.abs(late) < ON_TIME_MIN ? 'logDetail.onTime' : late > 0 ? 'logDetail.later' : 'logDetail.sooner',
            {
              planned: w.quantity(entry.plannedMin, 'minutes'),
              low: w.quantity(entry.plannedP10Min, 'minutes'),
              high: w.quantity(entry.plannedP90Min, 'minutes'),
              actual: w.quantity(entry.actualMin, 'minutes'),
              by: w.quantity(Math.abs(late), 'minutes'),
            },
          )}
        </p>
        {entry.workedOut === 'later' ? (
          <Mute>{w.text('logDetail.workedOutLater')}</Mute>
        ) : isLate(account) ? (
          <Mute>{w.text('logDetail.lessonsLater')}</Mute>
        ) : null}
        <Timeline
          day={{ ...planned.day, beside: [], marks: [] }}
          timeZone={timeZone}
          actual={actualSpans(planned.day, state, entry.finishedMs)}
        />
      </Panel>
      <Columns>
        <Panel aria-labelledby="verdict">
          <h2 id="verdict" style={{ fontSize: 'calc(20rem / 16)' }}>
            {w.text('logDetail.howItCameOut')}
          </h2>
          <p>
            <Scores verdict={entry.verdict} />
          </p>
          {entry.verdict.nextTime === '' ? null : (
            <p>
              <b>{w.text('logDetail.nextTime')}</b> {entry.verdict.nextTime}
            </p>
          )}
          <h2 style={{ fontSize: 'calc(20rem / 16)', marginTop: 14 }}>{w.text('logDetail.records')}</h2>
          <Records>
            {state.events.map((e) => {
              const lesson = lessons.find((l) => l.eventId === e.id);
              const note = [updateText(w, lesson), readyThen(lesson, e.atMs), learnedText(w, lesson)]
                .filter((t) => t !== '')
                .join('. ');
              return (
                <li key={e.id}>
                  <time dateTime={new Date(e.atMs).toISOString()}>{w.clockBeside(e.atMs, entry.finishedMs)}</time>
                  <span>{actText(w, e.act)}</span>
                  {note === '' ? null : <small>{note}</small>}
                </li>
              );
            })}
            {state.rejected.map(({ event, why }) => (
              <li key={event.id}>
                <time dateTime={new Date(event.atMs).toISOString()}>{w.clockBeside(event.atMs, entry.finishedMs)}</time>
                <span>{w.text('common.pointlessRecord', { act: actText(w, event.act), why })}</span>
              </li>
            ))}
          </Records>
        </Panel>
        <Panel aria-labelledby="curve">
          <h2 id="curve" style={{ fontSize: 'calc(20rem / 16)' }}>
            {w.text('logDetail.whereTheForecastEndedUp')}
          </h2>
          <ScaleChart
            band={band}
            startMs={startMs}
            readyMs={startMs + entry.actualMin * MINUTE_MS}
            target={planned.day.target}
            tests={eventsOf(state.events, 'fork').map((e) => ({
              atMs: e.atMs,
              stageIndex: donenessIndex(e.act.stage),
            }))}
            height={320}
          />
          <Mute>{w.text('logDetail.ringAForkTestBand')}</Mute>
          {account.sauce ? <ServedSauce pot={input.pot} kept={account.sauce} /> : null}
          <h2 style={{ fontSize: 'calc(20rem / 16)', marginTop: 14 }}>{w.text('logDetail.finishedPotAsPlanned')}</h2>
          <Figures columns={2} figures={planned.figures} />
        </Panel>
      </Columns>
    </Page>
  );
}

/** The sauce as served, with its salt. */
function ServedSauce({ pot, kept }: { readonly pot: PlanInput['pot']; readonly kept: KeptSauce }) {
  const w = useWords();
  return (
    <section aria-labelledby="served-sauce">
      <h2 id="served-sauce" style={{ fontSize: 'calc(20rem / 16)', margin: '14px 0 8px' }}>
        {w.text(kept.measured ? 'logDetail.sauceMeasured' : 'logDetail.sauceEstimated')}
      </h2>
      <SauceColumn
        sauce={kept.sauce}
        aimL={kept.sauce.litres}
        at={(litres) => sauceAtLitres(pot, kept.sauce, litres)}
        saltFloorL={kept.saltFloorL}
      />
      <SaltLedger known={kept} />
    </section>
  );
}
