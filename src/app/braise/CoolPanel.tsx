'use client';

import { useMemo } from 'react';
import { Leftovers } from '../Leftovers';
import { coolingClock, coolingNow, reheatBox } from '@/core/cook';
import { kg, timeParam, say } from '@/core/message';
import { type CoolingWay } from '@/core/storage';
import { KeptChart } from '@/ui/charts/curves';
import { Button } from '@/ui/controls/Button';
import { Mute } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';
import { MINUTE_MS } from '@/core/quantity';
import { type CoolingLimit } from '@/core/safety';

import { Acts, Box, Rows } from './panelParts';
import { type StageProps } from './stageProps';
import { RestOfIt } from './RestOfIt';

const COOL_SHOWN_MIN = 12 * 60;

function CoolChart({ ways, limit, startMs }: { ways: readonly CoolingWay[]; limit: CoolingLimit; startMs: number }) {
  const w = useWords();
  const lines = useMemo(
    () => ways.map((c) => ({ name: w.text(`cooling.${c.way}.short`), points: c.points })),
    [ways, w],
  );
  const limits = useMemo(() => [limit.fromC, ...(limit.warm ? [limit.warm.tempC] : []), limit.cold.tempC], [limit]);
  return (
    <KeptChart
      lines={lines}
      limits={limits}
      startMs={startMs}
      minutes={COOL_SHOWN_MIN}
      label={w.text('cooling.chart')}
      height={240}
    />
  );
}

/** One cooling limit counted down: time left and when it should be reached, or that it was measured. */
function Countdown(of: {
  readonly tempC: number;
  readonly byMs: number;
  readonly likelyMs: number;
  readonly isThere: boolean;
  readonly now: number;
}) {
  const w = useWords();
  const temp = { as: 'temperature', value: of.tempC } as const;
  if (of.isThere) return <p>{w.text('cooling.there', { temp, at: timeParam(of.likelyMs, of.now) })}</p>;
  const min = (of.byMs - of.now) / MINUTE_MS;
  return (
    <p>
      <b>{w.text('cooling.by', { temp, at: timeParam(of.byMs, of.now) })}</b>{' '}
      {w.text(min >= 0 ? 'cooling.left' : 'cooling.over', { time: { as: 'minutes', value: Math.abs(min) } })} ·{' '}
      {Number.isFinite(of.likelyMs)
        ? w.text('cooling.likely', { at: timeParam(of.likelyMs, of.now) })
        : w.text('cooling.neverCold')}
    </p>
  );
}

/** Leftovers: cooling them, then where they are stored and what to make of them. */
export function CoolPanel(of: StageProps) {
  const w = useWords();
  const { view, state, now, onAct, onRecord } = of;
  const { plan } = view;
  return (
    <Box aria-labelledby="cooling">
      <h2 id="cooling">{w.text('cooling.title')}</h2>
      {state.lots.length === 0 ? (
        <Cooling {...of} />
      ) : (
        <Acts>
          <Button
            onPress={() => {
              onAct('stored');
            }}
          >
            {w.text('record.stored.more')}
          </Button>
        </Acts>
      )}
      <Leftovers
        cookId={view.id}
        title={plan.input.title}
        lots={state.lots}
        now={now}
        warmed={(grams) => reheatBox(plan, grams)}
        onRecord={onRecord}
      />
      {state.servedMs === undefined ? null : <RestOfIt view={view} state={state} now={now} />}
    </Box>
  );
}

/** Cooling methods against the local limit, and the two countdowns once one was chosen. */
function Cooling({ view, state, now, onAct, onRecord }: StageProps) {
  const w = useWords();
  const { plan, live } = view;
  const { ways, limit, fridge, iceKg } = coolingNow(plan, state, live, now);
  const clock = coolingClock(plan, state, live);
  const temp = (value: number) => ({ as: 'temperature', value }) as const;
  return (
    <>
      {clock ? (
        <>
          {clock.warmByMs === null || limit.warm === null ? null : (
            <Countdown
              tempC={limit.warm.tempC}
              byMs={clock.warmByMs}
              likelyMs={clock.warmMs}
              isThere={clock.isWarm}
              now={now}
            />
          )}
          <Countdown
            tempC={limit.cold.tempC}
            byMs={clock.coldByMs}
            likelyMs={clock.coldMs}
            isThere={clock.isCold}
            now={now}
          />
          {clock.safe ? null : (
            <p role="alert">{w.text('cooling.change', { ice: kg(iceKg), box: { as: 'length', value: 25 } })}</p>
          )}
          <Acts>
            <Button
              $tone="hands"
              onPress={() => {
                onAct('cooled');
              }}
            >
              {w.text('record.cooled.title')}
            </Button>
            <Button
              onPress={() => {
                onAct('stored');
              }}
            >
              {w.text('record.stored.title')}
            </Button>
          </Acts>
        </>
      ) : (
        <p>{w.text('cooling.ask')}</p>
      )}
      <Rows>
        {ways.map((c) => (
          <li key={c.way} data-on={state.cooling?.way === c.way ? '' : undefined} data-bad={c.safe ? undefined : ''}>
            <b>
              {w.text(`cooling.${c.way}`, { ice: kg(iceKg), box: { as: 'length', value: plan.input.keeping.boxMm } })}
            </b>
            <Button
              aria-label={w.text('cooling.take', { way: say(`cooling.${c.way}.short`) })}
              onPress={() => {
                onRecord({ kind: 'cooling', way: c.way });
              }}
            >
              {w.text('hold.this')}
            </Button>
            <small>
              {limit.warm && Number.isFinite(c.warmMin)
                ? `${w.text('cooling.rowWarm', { temp: temp(limit.warm.tempC), time: { as: 'minutes', value: c.warmMin } })} `
                : ''}
              {Number.isFinite(c.coldMin)
                ? w.text('cooling.rowCold', { temp: temp(limit.cold.tempC), time: { as: 'minutes', value: c.coldMin } })
                : w.text('cooling.rowNever', { temp: temp(limit.cold.tempC) })}{' '}
              {w.text(c.safe ? 'cooling.meets' : 'cooling.misses')}{' '}
              {c.way === 'fridge'
                ? w.text('cooling.fridgeWarms', {
                    air: temp(fridge.airC),
                    food: temp(fridge.foodC),
                    time: { as: 'minutes', value: fridge.overMin },
                  })
                : ''}
            </small>
          </li>
        ))}
      </Rows>
      <CoolChart ways={ways} limit={limit} startMs={state.cooling?.atMs ?? now} />
      <Mute>{w.text('cooling.guidance', { rule: say(`rule.${plan.input.keeping.rule}`) })}</Mute>
    </>
  );
}
