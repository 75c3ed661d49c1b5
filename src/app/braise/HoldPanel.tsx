'use client';

import { useMemo } from 'react';
import { HoldForks } from '../HoldForks';
import { type CookState, type CookView, holdAhead, holdNow, isTooFar, donenessAfterHolding } from '@/core/cook';
import { timeParam, say } from '@/core/message';
import { KeptChart } from '@/ui/charts/curves';
import { Button } from '@/ui/controls/Button';
import { useWords } from '@/ui/KitchenContext';
import { MINUTE_MS } from '@/core/quantity';

import { Acts, Box, Rows } from './panelParts';
import { type StageProps } from './stageProps';

const HOLD_SHOWN_MIN = 240;

/** Step of the chart's "now", ms, so that it is not redrawn every few seconds. */
const CHART_STEP_MS = 5 * MINUTE_MS;

interface HoldChartProps {
  readonly view: CookView;
  readonly state: CookState;
  readonly fromMs: number;
  readonly now: number;
  readonly untilMs: number;
  readonly limitC: number;
}

function HoldChart({ view: { plan, live }, state, fromMs, now, untilMs, limitC }: HoldChartProps) {
  const w = useWords();
  const drawnMs = Math.max(fromMs, Math.floor(now / CHART_STEP_MS) * CHART_STEP_MS);
  const lines = useMemo(
    () =>
      holdAhead(plan, state, live, drawnMs, untilMs).map((h) => ({
        name: w.text(`hold.${h.way}.short`),
        points: h.points
          .map(([atMs, tempC]) => [(atMs - fromMs) / MINUTE_MS, tempC] as const)
          .filter(([minute]) => minute <= HOLD_SHOWN_MIN),
      })),
    [plan, live, state, drawnMs, untilMs, fromMs, w],
  );
  const limits = useMemo(() => [limitC], [limitC]);
  return (
    <KeptChart
      lines={lines}
      limits={limits}
      startMs={fromMs}
      minutes={HOLD_SHOWN_MIN}
      label={w.text('hold.chart')}
      height={230}
    />
  );
}

/** Ways to keep it warm until finishing begins: how hot, how tender, how long. */
export function HoldPanel({ view, state, conducted, now, onAct, onRecord }: StageProps) {
  const w = useWords();
  const { plan, live } = view;
  const hold = holdNow(plan, state, live, now);
  const first = conducted.steps.find((p) => p.step.stage === 'finish' && p.step.id !== 'hold' && p.status === 'coming');
  const untilMs = first?.atMs ?? conducted.outlook.serveMs;
  if (!hold) return null;
  const kept = holdAhead(plan, state, live, now, untilMs).map((h) => ({
    ...h,
    stage: donenessAfterHolding(state, live, h.gained),
  }));
  return (
    <Box aria-labelledby="hold">
      <h2 id="hold">{w.text('hold.title')}</h2>
      <p>
        {w.text(hold.said ? 'hold.now' : 'hold.nowUnsaid', {
          way: say(`hold.${hold.way}`),
          temp: { as: 'temperature', value: hold.tempC },
        })}{' '}
        {hold.coldMs === null
          ? w.text('hold.stays', { limit: { as: 'temperature', value: hold.limitC } })
          : w.text(hold.coldMs < now ? 'hold.since' : 'hold.until', {
              at: timeParam(hold.coldMs, now),
              limit: { as: 'temperature', value: hold.limitC },
            })}
      </p>
      <Rows>
        {kept.map((h) => {
          const short = h.cold !== null && h.cold.midMs < untilMs;
          const far = isTooFar(h.stage, live.forecast.target);
          return (
            <li
              key={h.way}
              data-on={hold.said && h.way === hold.way ? '' : undefined}
              data-bad={short || far ? '' : undefined}
            >
              <b>{w.text(`hold.${h.way}`)}</b>
              <Button
                aria-label={w.text('hold.take', { way: say(`hold.${h.way}.short`) })}
                onPress={() => {
                  onRecord({ kind: 'hold', way: h.way });
                }}
              >
                {w.text('hold.this')}
              </Button>
              <small>
                {w.text('hold.row', {
                  temp: { as: 'temperature', value: h.atPlateC },
                  at: timeParam(untilMs, now),
                  gained: { as: 'minutes', value: h.gained },
                })}{' '}
                {w.text('hold.stage', { stage: say(`stage.${h.stage}`) })}{' '}
                {h.setting === null
                  ? ''
                  : h.way === 'oven'
                    ? w.text('hold.set', { temp: { as: 'temperature', value: h.setting } })
                    : w.text('hold.flameAt', { power: { as: 'power', value: h.setting } })}{' '}
                {h.cold === null
                  ? w.text('hold.never')
                  : h.cold.highMs < now
                    ? w.text('hold.since', {
                        at: timeParam(h.cold.midMs, now),
                        limit: { as: 'temperature', value: hold.limitC },
                      })
                    : w.text('hold.safe', {
                        low: timeParam(h.cold.lowMs, now),
                        high: timeParam(h.cold.highMs, now),
                        limit: { as: 'temperature', value: hold.limitC },
                      })}{' '}
                {far ? w.text('hold.far') : ''}
              </small>
            </li>
          );
        })}
      </Rows>
      <Acts>
        <Button
          onPress={() => {
            onAct('hold');
          }}
        >
          {w.text('hold.askHot')}
        </Button>
      </Acts>
      <HoldForks here={donenessAfterHolding(state, live, 0)} ways={kept} />
      <HoldChart view={view} state={state} fromMs={hold.sinceMs} now={now} untilMs={untilMs} limitC={hold.limitC} />
    </Box>
  );
}
