'use client';

import { ToggleButton } from 'react-aria-components';
import styled from 'styled-components';
import { Body, type PanelProps, Part, StepList } from './common';
import { fixing, letGo } from '../fixed';
import { type DayTask, type Reserve } from '@/core/schedule';
import { sideAmounts, sideById } from '@/core/larder';
import { evenings, kg, listed, litres, minutes as time, moment, say } from '@/core/message';
import { ScaleChart } from '@/ui/charts/curves';
import { Figures } from '@/ui/controls/Why';
import { Mute } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';
import { type Words } from '@/words/words';

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
  readonly fixed: boolean;
  readonly onFix: (fixed: boolean) => void;
}

function TaskRow({ task, serveMs, fixed, onFix }: TaskRowProps) {
  const w = useWords();
  const label = w.say(task.label);
  const minutes = (task.toMs - task.fromMs) / 60_000;
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
        {w.quantity(task.pieces.reduce((sum, p) => sum + p.toMs - p.fromMs, 0) / 60_000, 'minutes')}
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
        {w.text(task.pieces.length > 1 ? 'servePanel.inTheWaits' : 'servePanel.until', {
          range: w.range(task.rangeMin.low, task.rangeMin.high, 'minutes'),
          place:
            task.burner === undefined
              ? { code: `place.${task.place}` }
              : say('servePanel.onBurner', { burner: task.burner }),
          hands,
          to: moment(task.toMs),
          waits: listed(
            task.pieces.map((p) => say('servePanel.wait', { from: moment(p.fromMs), to: moment(p.toMs) })),
            'comma',
          ),
        })}
      </small>
    </Row>
  );
}

function reserveSays(w: Words, { forecastMin, handsMin, plateMin }: Reserve, confidence: number): string {
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

export function ServePanel({ plan, input, change }: PanelProps) {
  const w = useWords();
  const { concerns } = plan.table;
  const { day } = plan;
  return (
    <Body>
      <ScaleChart band={plan.forecast.band} startMs={day.intoPotMs} height={280} />
      <Part>
        <h3>{w.text('servePanel.theDayTaskByTask')}</h3>
        {day.conflicts.map((c) => (
          <p key={c.task} role="alert">
            {w.say(c.says)}
          </p>
        ))}
        <StepList>
          {day.tasks.map((t) => (
            <TaskRow
              key={t.id}
              task={t}
              serveMs={day.serveMs}
              fixed={day.fixed.includes(t.id)}
              onFix={(fixed) => {
                change({
                  day: fixed ? fixing(input.day, { task: t.id, startMs: t.fromMs }) : letGo(input.day, t.id),
                });
              }}
            />
          ))}
        </StepList>
        <Mute>{w.text('servePanel.nobodyIsInTwoPlaces', { cooks: input.day.cooks, burners: input.day.burners })}</Mute>
        <p>{reserveSays(w, day.reserve, input.confidence)}</p>
      </Part>
      {plan.ahead ? (
        <Part>
          <h3>{w.text('servePanel.coldInTimeAndWarm')}</h3>
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
          <p>{w.text('serve.cold')}</p>
        </Part>
      ) : null}
      {input.day.sides.length > 0 ? (
        <Part>
          <h3>{w.text('servePanel.besideItFor', { eaters: input.eaters })}</h3>
          <StepList as="ul">
            {input.day.sides.map((id) => {
              const side = sideById(id);
              const amounts = sideAmounts(side, input.eaters);
              return (
                <li key={id}>
                  <strong>{w.label('side', id)}</strong>
                  <b>{w.quantity(amounts.kg, 'mass')}</b>
                  <small>
                    {w.list(
                      [
                        ...(amounts.waterL > 0
                          ? [
                              w.text('servePanel.inWater', {
                                water: litres(amounts.waterL),
                                salt: kg(amounts.saltG / 1000),
                              }),
                            ]
                          : []),
                        ...(amounts.keepBackL > 0
                          ? [w.text('servePanel.keepBack', { water: litres(amounts.keepBackL) })]
                          : []),
                        side.waitsMin > 0
                          ? w.text('serve.stands', { time: time(side.waitsMin) })
                          : w.text('servePanel.cannotWait'),
                      ],
                      'semicolon',
                    )}
                  </small>
                </li>
              );
            })}
          </StepList>
        </Part>
      ) : null}
      <Part>
        <h3>{w.text('servePanel.whoCanEatIt')}</h3>
        {concerns.length === 0 ? <p>{w.text('servePanel.nothingInThePotIs')}</p> : null}
        <StepList as="ul">
          {concerns.map((c) => (
            <li key={c.avoided} data-stay={c.conflict ? '' : undefined}>
              <strong>
                {w.label('avoid', c.avoided)}
                {c.conflict ? w.text('servePanel.somebodyHereAvoidsIt') : ''}
              </strong>
              <b>{c.sources.length > 0 ? w.text('servePanel.inThePot') : w.text('servePanel.mayBe')}</b>
              <small>
                {w.list(
                  [...c.sources, ...c.hidden].map((m) => w.say(m)),
                  'semicolon',
                )}
              </small>
            </li>
          ))}
        </StepList>
        <Mute>{w.text('servePanel.aReminderNotALabel')}</Mute>
      </Part>
    </Body>
  );
}
