'use client';

import { ChevronDown, ChevronUp } from 'lucide-react';
import { useCallback, useMemo, useRef, useState } from 'react';
import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { dayTroubles } from './dayTroubles';
import { fixing, letGo } from './lockedTasks';
import { rescheduleInput, type Plan } from '@/core/plan';
import { type PlanInput } from '@/core/choices';
import { type Day, scheduleDay } from '@/core/schedule';
import { Mute } from '@/ui/controls/Panel';
import { Timeline } from '@/ui/drawings/Timeline';
import { roundToFiveMinutes } from '@/ui/drawings/timelineScale';
import { useCloseOnBack } from '@/ui/closeOnBack';
import { useKitchen, useNow, useWords } from '@/ui/KitchenContext';
import { lazyOnIdle } from '@/ui/lazy';
import { useHeightVariable } from '@/ui/useHeightVariable';

type Moved = Pick<PlanInput, 'serveAtMs' | 'day'>;

const DayTasks = lazyOnIdle(async () => (await import('./DayTasks')).DayTasks);

const Dock = styled.section`
  background: var(--plate);
  border-top: 2px solid var(--rim);
  padding: 6px 16px 4px;
  min-width: 0;
  &[data-up] {
    max-height: calc(100vh - 40px);
    overflow-y: auto;
    box-shadow: 0 -12px 30px rgb(7 18 22 / 25%);
  }
`;

const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 10px;
  h2 {
    font-size: 1.0625rem;
  }
  button[aria-expanded] {
    margin-left: auto;
  }
`;

const Pull = styled(AriaButton)`
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-height: 32px;
  padding: 0 8px;
  border: 0;
  border-radius: 8px;
  background: none;
  font-size: 0.875rem;
  cursor: pointer;
  &:hover {
    background: var(--well);
  }
`;

const Trouble = styled.ul`
  color: var(--danger);
  font-size: 0.9375rem;
`;

/** The day of `plan` with what has been dragged since; the plan's own day where that cannot be scheduled. */
function dayOf(plan: Plan, moved: Moved): Day {
  if (!Number.isFinite(moved.serveAtMs)) return plan.day;
  try {
    const day = { ...plan.input.day, fixed: moved.day.fixed };
    return scheduleDay(rescheduleInput(plan.dayQuestion, { serveAtMs: moved.serveAtMs, day }));
  } catch (error) {
    if (error instanceof RangeError) return plan.day;
    throw error;
  }
}

const wholePage = (): HTMLElement => document.documentElement;

interface DayDockProps {
  readonly plan: Plan;
  readonly input: PlanInput;
  readonly change: (part: Partial<PlanInput>) => void;
}

/**
 * The day at the foot of the plan: a slim timeline whose serving time and tasks can be dragged, everything else moving
 * along; opened, it shows side work and the day task by task.
 */
export function DayDock({ plan, input, change }: DayDockProps) {
  const { timeZone } = useKitchen();
  const w = useWords();
  const nowMs = useNow(30_000);
  const [up, setUp] = useState(false);
  const [moved, setMoved] = useState<Moved>();
  // A key press moves and releases in one go, before anything is rendered.
  const newest = useRef<Moved>(undefined);
  // Scheduled here only while something is dragged: otherwise the plan has it.
  const day = useMemo(() => (moved ? dayOf(plan, moved) : plan.day), [plan, moved]);
  const lower = useCallback(() => {
    setUp(false);
  }, []);
  useCloseOnBack(up, lower);
  const onMove = (task: string, toMs: number): void => {
    const atMs = roundToFiveMinutes(toMs);
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
  const troubles = moved ? dayTroubles(w, day, nowMs) : [];
  const dock = useRef<HTMLElement>(null);
  useHeightVariable(dock, '--dock', wholePage);
  return (
    <Dock
      ref={dock}
      aria-labelledby="the-day"
      data-up={up ? '' : undefined}
      onKeyDown={(e) => {
        if (e.key === 'Escape' && up) lower();
      }}
    >
      <Timeline
        day={day}
        timeZone={timeZone}
        {...(up ? { zoomsAt: 'above' as const } : { slim: true })}
        {...(day.startMs < nowMs ? { nowMs } : {})}
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
          {up ? <Mute>{w.text('dayLine.tallAndBrightYourHands')}</Mute> : null}
          <Pull
            aria-expanded={up}
            onPress={() => {
              setUp(!up);
            }}
          >
            {up ? <ChevronDown size={18} aria-hidden /> : <ChevronUp size={18} aria-hidden />}
            {w.text(up ? 'dayLine.lower' : 'dayLine.pullUp')}
          </Pull>
        </Head>
        {troubles.length > 0 ? (
          <Trouble role="status">
            {troubles.map((t) => (
              <li key={t}>{t}</li>
            ))}
          </Trouble>
        ) : null}
      </Timeline>
      {up ? <DayTasks plan={plan} input={input} change={change} /> : null}
    </Dock>
  );
}
