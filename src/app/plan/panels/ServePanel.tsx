'use client';

import { ToggleButton } from 'react-aria-components';
import styled from 'styled-components';
import { Body, type PanelProps, Part, StepList } from './common';
import { fixing, letGo } from '../fixed';
import { type DayTask } from '@/core/schedule/day';
import { type Reserve } from '@/core/schedule/tasks';
import { sideAmounts, sideById } from '@/core/larder/sides';
import { formatMass, formatMinutesRange, formatVolume } from '@/core/quantity/format';
import { ScaleChart } from '@/ui/charts/curves';
import { Figures } from '@/ui/controls/Why';
import { Mute } from '@/ui/controls/Panel';
import { useSay, useUnits } from '@/ui/KitchenContext';
import { clock, clockBeside, duration } from '@/ui/time';

const PLACE_WORDS: Readonly<Record<DayTask['place'], string>> = {
  board: 'at the board',
  burner: 'on the stove',
  oven: 'in the oven',
  grill: 'on the grill',
  table: 'at the table',
};

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
  font-size: 14px;
  cursor: pointer;
  &[data-selected] {
    background: var(--enamel);
    color: var(--on-enamel);
    border-color: var(--glow);
  }
  &[data-focus-visible] {
    outline: 3px solid var(--glow);
    outline-offset: 2px;
  }
`;

interface TaskRowProps {
  readonly task: DayTask;
  readonly serveMs: number;
  readonly timeZone: string;
  readonly fixed: boolean;
  readonly onFix: (fixed: boolean) => void;
}

function TaskRow({ task, serveMs, timeZone, fixed, onFix }: TaskRowProps) {
  const minutes = (task.toMs - task.fromMs) / 60_000;
  const hands =
    task.handsMinutes === 0
      ? 'no hands'
      : task.handsMinutes >= minutes - 0.5
        ? 'hands all the while'
        : `hands for ${duration(task.handsMinutes)}`;
  return (
    <Row data-stay={task.handsMinutes >= minutes - 0.5 ? '' : undefined}>
      <span>
        <b>{clockBeside(task.fromMs, serveMs, timeZone)}</b> {task.label}
      </span>
      <b>
        {duration(task.pieces.reduce((sum, p) => sum + p.toMs - p.fromMs, 0) / 60_000)}
        {task.place === 'table' || task.handsMinutes === 0 ? null : (
          <Pin isSelected={fixed} onChange={onFix} aria-label={`Fix ${task.label} at ${clock(task.fromMs, timeZone)}`}>
            {fixed ? 'fixed' : 'fix'}
          </Pin>
        )}
      </b>
      <small>
        likely {formatMinutesRange(task.rangeMin)};{' '}
        {task.burner === undefined ? PLACE_WORDS[task.place] : `on burner ${String(task.burner)}`}, {hands}
        {task.pieces.length > 1
          ? `; in the waits: ${task.pieces.map((p) => `${clock(p.fromMs, timeZone)} to ${clock(p.toMs, timeZone)}`).join(', ')}`
          : `, until ${clock(task.toMs, timeZone)}`}
      </small>
    </Row>
  );
}

function reserveWords({ forecastMin, handsMin, plateMin }: Reserve, confidence: number): string {
  const parts = [
    [forecastMin, 'in case the meat twists late'],
    [handsMin, 'in case hands and pans are slow'],
    [plateMin, 'before the plate in case warming and sauce are slow'],
  ] as const;
  const kept = parts.flatMap(([min, why]) => (Math.round(min) > 0 ? [`${duration(min)} ${why}`] : []));
  const of = String(Math.round(confidence * 100));
  return kept.length === 0
    ? `Nothing is kept in reserve: ${of} such days of 100 meet the plate.`
    : `Reserve, so that ${of} such days of 100 meet the plate: ${kept.join(', ')}.`;
}

export function ServePanel({ plan, input, timeZone, change }: PanelProps) {
  const units = useUnits();
  const say = useSay();
  const { concerns } = plan.table;
  const { day } = plan;
  return (
    <Body>
      <ScaleChart band={plan.forecast.band} startMs={day.intoPotMs} timeZone={timeZone} height={280} />
      <Part>
        <h3>The day, task by task</h3>
        {day.conflicts.map((c) => (
          <p key={c.says} role="alert">
            {c.says}
          </p>
        ))}
        <StepList>
          {day.tasks.map((t) => (
            <TaskRow
              key={t.id}
              task={t}
              serveMs={day.serveMs}
              timeZone={timeZone}
              fixed={day.fixed.includes(t.id)}
              onFix={(fixed) => {
                change({
                  day: fixed ? fixing(input.day, { task: t.id, startMs: t.fromMs }) : letGo(input.day, t.id),
                });
              }}
            />
          ))}
        </StepList>
        <Mute>
          {input.day.cooks === 1 ? 'One pair of hands' : `${String(input.day.cooks)} pairs of hands`},{' '}
          {input.day.burners === 1 ? 'one burner' : `${String(input.day.burners)} burners`}: nobody is in two places,
          nothing is booked twice. A bright edge: hands all the while. “Likely”: eight days of ten.
        </Mute>
        <p>{reserveWords(day.reserve, input.confidence)}</p>
      </Part>
      {plan.ahead ? (
        <Part>
          <h3>Cold in time, and warm again</h3>
          <Figures
            figures={[
              plan.ahead.figures.iceWater,
              plan.ahead.figures.ice,
              plan.ahead.figures.warm,
              plan.ahead.figures.cold,
              plan.ahead.figures.standing,
              plan.ahead.figures.reheat,
            ]}
          />
          <p>
            {say(
              'The meat cools in its liquid, in the pot or in a thin bowl. Cold, the fat lifts off in one piece and the bones slide out clean. Warm it to 74 °C through and through, once.',
            )}
          </p>
        </Part>
      ) : null}
      {input.day.sides.length > 0 ? (
        <Part>
          <h3>Beside it, for {input.eaters}</h3>
          <StepList as="ul">
            {input.day.sides.map((id) => {
              const side = sideById(id);
              const amounts = sideAmounts(side, input.eaters);
              return (
                <li key={id}>
                  <strong>{side.name}</strong>
                  <b>{formatMass(amounts.kg, units)}</b>
                  <small>
                    {amounts.waterL > 0
                      ? `in ${formatVolume(amounts.waterL, units)} of water with ${formatMass(amounts.saltG / 1000, units)} of salt; `
                      : ''}
                    {amounts.keepBackL > 0 ? `keep ${formatVolume(amounts.keepBackL, units)} of it back; ` : ''}
                    {side.waitsMin > 0 ? say(`stands ${String(side.waitsMin)} min`) : 'cannot wait'}
                  </small>
                </li>
              );
            })}
          </StepList>
        </Part>
      ) : null}
      <Part>
        <h3>Who can eat it</h3>
        {concerns.length === 0 ? <p>Nothing in the pot is on the usual lists. Read the labels all the same.</p> : null}
        <StepList as="ul">
          {concerns.map((c) => (
            <li key={c.avoided} data-stay={c.conflict ? '' : undefined}>
              <strong>
                {c.name}
                {c.conflict ? ' · somebody here avoids it' : ''}
              </strong>
              <b>{c.sources.length > 0 ? 'in the pot' : 'may be'}</b>
              <small>{[...c.sources, ...c.hidden].join('; ')}</small>
            </li>
          ))}
        </StepList>
        <Mute>A reminder, not a label: what you bought decides. Follow your local food-safety guidance.</Mute>
      </Part>
    </Body>
  );
}
