'use client';

import { useMemo, useRef, useState } from 'react';
import styled from 'styled-components';
import { fixing, letGo } from './fixed';
import { changedDay, type Plan } from '@/core/plan';
import { type PlanInput } from '@/core/choices';
import { type Day, layOutDay } from '@/core/schedule';
import { Mute } from '@/ui/controls/Panel';
import { EmberLine } from '@/ui/drawings/EmberLine';
import { snapped } from '@/ui/drawings/emberScale';
import { useKitchen, useNow, useWords } from '@/ui/KitchenContext';

type Moved = Pick<PlanInput, 'serveAtMs' | 'day'>;

const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 10px;
  h2 {
    font-size: 18px;
  }
  span {
    font-size: 15px;
  }
`;

const Trouble = styled.ul`
  list-style: none;
  color: var(--danger);
  font-size: 15px;
  padding-bottom: 4px;
`;

/** The day of `plan` with what the hand has moved since; the plan's own where that cannot be laid out. */
function dayOf(plan: Plan, moved: Moved): Day {
  if (!Number.isFinite(moved.serveAtMs)) return plan.day;
  try {
    const day = { ...plan.input.day, fixed: moved.day.fixed };
    return layOutDay(changedDay(plan.dayQuestion, { serveAtMs: moved.serveAtMs, day }));
  } catch (error) {
    if (error instanceof RangeError) return plan.day;
    throw error;
  }
}

interface DayLineProps {
  readonly plan: Plan;
  readonly input: PlanInput;
  readonly change: (part: Partial<PlanInput>) => void;
}

/** The day as an ember line whose plate and tasks can be moved; everything else follows the hand. */
export function DayLine({ plan, input, change }: DayLineProps) {
  const { timeZone } = useKitchen();
  const w = useWords();
  const nowMs = useNow(30_000);
  const [moved, setMoved] = useState<Moved>();
  // A key moves and lets go in one go, before anything is drawn.
  const newest = useRef<Moved>(undefined);
  const shown = moved ?? input;
  const day = useMemo(() => dayOf(plan, shown), [plan, shown]);
  const late = day.startMs < nowMs;
  const onMove = (task: string, toMs: number): void => {
    const atMs = snapped(toMs);
    newest.current =
      task === 'plate'
        ? { serveAtMs: atMs, day: input.day }
        : { serveAtMs: input.serveAtMs, day: fixing(input.day, { task, startMs: atMs }) };
    setMoved(newest.current);
  };
  const settle = (): void => {
    newest.current = undefined;
    setMoved(undefined);
  };
  return (
    <EmberLine
      day={day}
      timeZone={timeZone}
      zoomsAt="above"
      {...(late ? { nowMs } : {})}
      edit={{
        tasks: day.tasks,
        fixed: day.fixed,
        onMove,
        onDrop: () => {
          if (newest.current) change(newest.current);
          settle();
        },
        onCancel: settle,
        onFree: (task) => {
          change({ day: letGo(input.day, task) });
        },
      }}
    >
      <Head>
        <h2 id="the-day">{w.text('dayLine.theDay', { serve: w.dayFrom(day.serveMs, nowMs) })}</h2>
        <Mute as="span">{w.text('dayLine.tallAndBrightYourHands')}</Mute>
      </Head>
      {late || day.conflicts.length > 0 ? (
        <Trouble role="status">
          {late ? <li>{w.text('dayLine.theFirstActOfThis', { start: w.clock(day.startMs) })}</li> : null}
          {day.conflicts.map((c) => (
            <li key={c.task}>
              {w.clock(c.atMs)}: {w.say(c.says)}
            </li>
          ))}
        </Trouble>
      ) : null}
    </EmberLine>
  );
}
