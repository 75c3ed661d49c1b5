'use client';

import Link from 'next/link';
import styled from 'styled-components';
import { type LogEntry } from './entry';
import { Scores } from './Scores';
import { ImportButton } from '../ImportButton';
import { cutById, cutLabel } from '@/core/larder/cuts';
import { formatMass } from '@/core/quantity/format';
import { Mute, Page, PageHead, Panel } from '@/ui/controls/Panel';
import { useKitchen } from '@/ui/KitchenContext';
import { day, duration } from '@/ui/time';

const Row = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(220px, 1fr) minmax(0, 1fr);
  gap: 4px 22px;
  padding: 14px 0;
  align-items: center;
  border-top: 1px solid var(--line);
  &:first-child {
    border-top: 0;
  }
  h2 {
    font-size: 19px;
  }
  @media (max-width: 860px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

/** Planned window and actual time of one braise on a common axis from 0 to `most` minutes. */
function PlannedActual({ entry, most }: { entry: LogEntry; most: number }) {
  const x = (min: number): number => (300 * min) / most;
  const late = entry.actualMin - entry.plannedMin;
  const words = `Planned ${duration(entry.plannedMin)} (${duration(entry.plannedP10Min)} to ${duration(entry.plannedP90Min)}), took ${duration(entry.actualMin)}`;
  return (
    <div>
      <svg viewBox="0 0 300 30" width="100%" role="img" aria-label={words}>
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
        planned {duration(entry.plannedMin)}, took {duration(entry.actualMin)}
        {Math.abs(late) < 3 ? ', on time' : `, ${duration(Math.abs(late))} ${late > 0 ? 'longer' : 'shorter'}`}
      </Mute>
    </div>
  );
}

export function LogList({ entries }: { entries: readonly LogEntry[] }) {
  const { timeZone, units } = useKitchen();
  const most = Math.max(60, ...entries.map((e) => Math.max(e.plannedP90Min, e.actualMin))) * 1.05;
  const inside = entries.filter((e) => e.actualMin >= e.plannedP10Min && e.actualMin <= e.plannedP90Min).length;
  return (
    <Page>
      <PageHead>
        <h1>Log</h1>
        <ImportButton />
      </PageHead>
      <Panel>
        {entries.length === 0 ? (
          <p>Nothing is in the log yet. Finish a braise and it stands here, planned against what really happened.</p>
        ) : (
          <>
            <p>
              {inside} of {entries.length} {entries.length === 1 ? 'braise' : 'braises'} turned within the planned
              window; about 8 of 10 should.{' '}
              <Mute>Grey: the window planned. Line: its middle. Ember dot: when the fork was found to turn.</Mute>
            </p>
            <ul>
              {entries.map((e) => (
                <Row key={e.id}>
                  <div>
                    <h2>
                      <Link href={`/log/${e.id}`}>{e.title}</Link>
                    </h2>
                    <Mute>
                      {day(e.finishedMs, timeZone)} · {cutLabel(cutById(e.cutId))}, {formatMass(e.massKg, units)}
                    </Mute>
                  </div>
                  <PlannedActual entry={e} most={most} />
                  <div>
                    <Scores verdict={e.verdict} />
                    {e.verdict.nextTime === '' ? null : <p>Next time: {e.verdict.nextTime}</p>}
                  </div>
                </Row>
              ))}
            </ul>
          </>
        )}
      </Panel>
    </Page>
  );
}
