'use client';

import { ToggleButton } from 'react-aria-components';
import styled from 'styled-components';
import { fixing, letGo } from './lockedTasks';
import { StepList } from './panels/common';
import { type PlanInput } from '@/core/choices';
import { evenings, listParam, minutes as time, timeParam, say } from '@/core/message';
import { type Plan } from '@/core/plan';
import { type Day, type DayTask, type Reserve } from '@/core/schedule';
import { Mute } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';
import { type Words } from '@/words/words';
import { MINUTE_MS } from '@/core/quantity';

const Columns = styled.section`
  display: grid;
  gap: 8px;
  padding: 8px 0 12px;
  h3 {
    font-size: 1.0625rem;
  }
  @media (min-width: 901px) {
    ol {
      grid-template-columns: repeat(2, minmax(0, 1fr));
      gap: 0 24px;
    }
  }
`;

const Row = styled.li`
  > b {
    display: flex;
    align-items: center;
    gap: 8px;
  }
`;

const Pin = styled(ToggleButton)`
  border: 2px solid var(--line);
  border-radius: 999px;
  background: none;
  min-height: 30px;
  padding: 0 10px;
  font-size: 0.875rem;
  cursor: pointer;
  &[data-selected] {
    background: var(--enamel);
    color: var(--on-enamel);
    border-color: var(--glow);
  }
  &[data-focus-visible] {
    outline: 3px solid var(--ring);
    outline-offset: 2px;
  }
`;

/** Most likely minutes: for the braise, until the meat is as wanted, without spare time. */
function likelyMinutes(task: DayTask, day: Day): number {
  const ms =
    task.id === 'braise'
      ? Math.min(task.toMs, day.ready.p50Ms) - task.fromMs
      : task.pieces.reduce((sum, p) => sum + p.toMs - p.fromMs, 0);
  return ms / MINUTE_MS;
}

function saysOf(task: DayTask, day: Day): 'servePanel.braise' | 'servePanel.inTheWaits' | 'servePanel.until' {
  if (task.id === 'braise' && day.offHeatByMs - day.ready.p50Ms >= MINUTE_MS) return 'servePanel.braise';
  return task.pieces.length > 1 ? 'servePanel.inTheWaits' : 'servePanel.until';
}

interface TaskRowProps {
  readonly task: DayTask;
  readonly day: Day;
  readonly fixed: boolean;
  readonly onFix: (fixed: boolean) => void;
}

function TaskRow({ task, day, fixed, onFix }: TaskRowProps) {
  const w = useWords();
  const { serveMs } = day;
  const label = w.say(task.label);
  const minutes = (task.toMs - task.fromMs) / MINUTE_MS;
  const hands =
    task.handsMinutes === 0
      ? w.text('servePanel.noHands')
      : task.handsMinutes >= minutes - 0.5
        ? w.text('servePanel.handsAllTheWhile')
        : w.text('servePanel.handsFor', { time: time(task.handsMinutes) });
  return (
    <Row data-stay={task.handsMinutes >= minutes - 0.5 ? '' : undefined}>
      <span>
        <b>{w.clockBeside(task.fromMs, serveMs)}</b> {label}
      </span>
      <b>
        {w.quantity(likelyMinutes(task, day), 'minutes')}
        {task.place === 'table' || task.handsMinutes === 0 ? null : (
          <Pin
            isSelected={fixed}
            onChange={onFix}
            aria-label={w.text('servePanel.fixAt', { label, from: w.clock(task.fromMs) })}
          >
            {fixed ? w.text('servePanel.fixed') : w.text('servePanel.fix')}
          </Pin>
        )}
      </b>
      <small>
        {w.text(saysOf(task, day), {
          range: w.range(task.rangeMin.low, task.rangeMin.high, 'minutes'),
          place:
            task.burner === undefined
              ? say(`place.${task.place}`)
              : say('servePanel.onBurner', { burner: task.burner }),
          hands,
          to: timeParam(task.toMs),
          reserve: time((day.offHeatByMs - day.ready.p50Ms) / MINUTE_MS),
          waits: listParam(
            task.pieces.map((p) => say('servePanel.wait', { from: timeParam(p.fromMs), to: timeParam(p.toMs) })),
            'comma',
          ),
        })}
      </small>
    </Row>
  );
}

function spareTimeText(w: Words, { forecastMin, handsMin, plateMin }: Reserve, confidence: number): string {
  const parts = [
    [forecastMin, 'reserve.meatLate'],
    [handsMin, 'reserve.handsSlow'],
    [plateMin, 'reserve.plateSlow'],
  ] as const;
  const kept = parts.flatMap(([min, code]) => (Math.round(min) > 0 ? [w.text(code, { time: time(min) })] : []));
  const of = evenings(confidence);
  return kept.length === 0
    ? w.text('reserve.none', { of })
    : w.text('reserve.kept', { of, kept: w.list(kept, 'comma') });
}

interface DayTasksProps {
  readonly plan: Plan;
  readonly input: PlanInput;
  readonly change: (part: Partial<PlanInput>) => void;
}

/** The day task by task, each with its minutes, people and place, and a pin that locks it to its time. */
export function DayTasks({ plan, input, change }: DayTasksProps) {
  const w = useWords();
  const { day } = plan;
  return (
    <Columns aria-labelledby="day-tasks">
      <h3 id="day-tasks">{w.text('servePanel.theDayTaskByTask')}</h3>
      <StepList>
        {day.tasks.map((t) => (
          <TaskRow
            key={t.id}
            task={t}
            day={day}
            fixed={day.fixed.includes(t.id)}
            onFix={(fixed) => {
              change({
                day: fixed ? fixing(input.day, { task: t.id, startMs: t.fromMs }) : letGo(input.day, t.id),
              });
            }}
          />
        ))}
      </StepList>
      <p>{spareTimeText(w, day.reserve, input.confidence)}</p>
      <Mute>{w.text('servePanel.nobodyIsInTwoPlaces', { cooks: input.day.cooks, burners: input.day.burners })}</Mute>
    </Columns>
  );
}
