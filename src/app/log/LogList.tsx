'use client';

import Link from 'next/link';
import styled from 'styled-components';
import { type LogEntry } from '@/core/cook';
import { Scores } from './Scores';
import { UnreadableNotice } from '../UnreadableNotice';
import { Pages } from '../Pages';
import { ImportButton } from '../ImportButton';
import { type LogPage } from '@/server/entries';
import { Mute, Page, PageHead, Panel } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';
import { DISPLAY } from '@/ui/theme';
import { ofRow } from '@/core/message';

const Row = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) 150px minmax(180px, 0.9fr) minmax(0, 1.2fr);
  gap: 4px 22px;
  padding: 14px 0;
  align-items: center;
  border-top: 1px solid var(--line);
  &:first-child {
    border-top: 0;
  }
  h2 {
    font-size: 1.1875rem;
  }
  > b {
    font-family: ${DISPLAY};
    font-size: 1.1875rem;
    text-align: right;
  }
  @media (max-width: 860px) {
    grid-template-columns: minmax(0, 1fr);
    > b {
      text-align: left;
    }
  }
`;

/** This many minutes around the middle count as on time. */
export const ON_TIME_MIN = 3;

/** Planned range and actual time of one braise on a common axis from 0 to `most` minutes. */
function PlannedActual({ entry, most }: { entry: LogEntry; most: number }) {
  const w = useWords();
  const x = (min: number): number => (300 * min) / most;
  const says = w.text('logList.plannedToTook', {
    planned: w.quantity(entry.plannedMin, 'minutes'),
    plannedP10: w.quantity(entry.plannedP10Min, 'minutes'),
    plannedP90: w.quantity(entry.plannedP90Min, 'minutes'),
    actual: w.quantity(entry.actualMin, 'minutes'),
  });
  return (
    <div>
      <svg viewBox="0 0 300 30" width="100%" role="img" aria-label={says}>
        <rect x="0" y="11" width="300" height="8" rx="4" fill="var(--well)" />
        <rect
          x={x(entry.plannedP10Min)}
          y="8"
          width={x(entry.plannedP90Min) - x(entry.plannedP10Min)}
          height="14"
          rx="4"
          fill="var(--wait)"
        />
        <rect x={x(entry.plannedMin) - 1.5} y="4" width="3" height="22" fill="var(--ink)" />
        <circle cx={x(entry.actualMin)} cy="15" r="7" fill="var(--ember)" stroke="var(--plate)" strokeWidth="2" />
      </svg>
      <Mute>
        {w.text('logList.plannedTook', {
          planned: w.quantity(entry.plannedMin, 'minutes'),
          actual: w.quantity(entry.actualMin, 'minutes'),
        })}
      </Mute>
    </div>
  );
}

/** How much longer or shorter than most likely it took. */
function Difference({ entry }: { entry: LogEntry }) {
  const w = useWords();
  const late = entry.actualMin - entry.plannedMin;
  const onTime = Math.abs(late) < ON_TIME_MIN;
  return (
    <b>
      {w.text(onTime ? 'logList.onTime' : late > 0 ? 'logList.longer' : 'logList.shorter', {
        by: w.quantity(Math.abs(late), 'minutes'),
      })}
    </b>
  );
}

/** One page of the log: planned against actual, and how everything turned out. */
export function LogList({ entries, page, pages, all, inside, waiting, aside }: LogPage) {
  const w = useWords();
  const most = Math.max(60, ...entries.map((e) => Math.max(e.plannedP90Min, e.actualMin))) * 1.05;
  return (
    <Page>
      <PageHead>
        <h1>{w.text('logList.log')}</h1>
        <ImportButton />
      </PageHead>
      <UnreadableNotice aside={aside} />
      <Panel>
        {waiting > 0 ? <p role="status">{w.text('logList.waiting', { waiting })}</p> : null}
        {all === 0 ? (
          waiting > 0 ? null : (
            <p>{w.text('logList.nothingIsInTheLog')}</p>
          )
        ) : (
          <>
            <p>
              {w.text('logList.withinTheWindow', { inside, all })}{' '}
              <Mute>{w.text('logList.greyTheWindowPlannedLine')}</Mute>
            </p>
            <ul>
              {entries.map((e) => (
                <Row key={e.id}>
                  <div>
                    <h2>
                      <Link href={`/log/${e.id}`}>{e.title}</Link>
                    </h2>
                    <Mute>
                      {w.day(e.finishedMs)} · {w.title(ofRow('cut', e.cutId, 'full'))}, {w.quantity(e.massKg, 'mass')}
                    </Mute>
                  </div>
                  <Difference entry={e} />
                  <PlannedActual entry={e} most={most} />
                  <div>
                    <Scores verdict={e.verdict} />
                    {e.verdict.nextTime === '' ? null : (
                      <p>{w.text('common.nextTime', { nextTime: e.verdict.nextTime })}</p>
                    )}
                  </div>
                </Row>
              ))}
            </ul>
            <Pages href="/log" page={page} pages={pages} />
          </>
        )}
      </Panel>
    </Page>
  );
}
