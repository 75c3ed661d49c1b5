'use client';

import { useMemo } from 'react';
import styled from 'styled-components';
import { type Acting } from './submitAct';
import { RungDose } from './RungDose';
import { Thickeners } from './Thickeners';
import { HoldForks } from '../HoldForks';
import { SaltLedger } from '../SaltLedger';
import { Leftovers } from '../Leftovers';
import {
  type Guidance,
  coolingClock,
  boneStock,
  coolingNow,
  type CookState,
  type CookView,
  holdAhead,
  holdNow,
  isTooFar,
  sauceAt,
  restOf,
  sauceNow,
  secondMeals,
  donenessAfterHolding,
  saltSays,
  reheatBox,
} from '@/core/cook';
import { kg, litres as volume, timeParam, strength, say } from '@/core/message';
import { type CoolingWay } from '@/core/keep';
import { KeptChart } from '@/ui/charts/curves';
import { Button } from '@/ui/controls/Button';
import { Mute } from '@/ui/controls/Panel';
import { SauceColumn } from '@/ui/drawings/SauceColumn';
import { useWords } from '@/ui/KitchenContext';
import { MINUTE_MS } from '@/core/quantity';
import { SAFETY_LIMITS, type CoolingLimit } from '@/core/safety';

const Box = styled.section`
  display: grid;
  gap: 10px;
  container-type: inline-size;
  h2 {
    font-size: 1.25rem;
  }
`;

const Acts = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  button {
    min-height: 48px;
  }
`;

const Rows = styled.ul`
  display: grid;
  gap: 6px;
  > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 10px;
    align-items: center;
    border-left: 5px solid var(--line);
    padding: 4px 10px;
  }
  > li[data-on] {
    border-left-color: var(--glow);
    background: var(--well);
    border-radius: 0 10px 10px 0;
  }
  > li[data-bad] {
    border-left-color: var(--warn);
  }
  small {
    grid-column: 1 / -1;
    color: var(--mute);
    font-size: 0.875rem;
    line-height: 1.3;
  }
  button {
    min-height: 40px;
  }
`;

interface AfterProps extends Acting {
  readonly view: CookView;
  readonly state: CookState;
  readonly conducted: Guidance;
  readonly now: number;
}

/** Below where its salt is at the limit by more than this it is too salty, l. */
const SALT_BINDS_L = 0.005;
const HOLD_SHOWN_MIN = 240;
const COOL_SHOWN_MIN = 12 * 60;

/** The chart goes on from now in steps of this, ms: it is not drawn anew every few seconds. */
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

/** Ways to keep it warm until finishing begins: how hot, how tender, until when. */
export function HoldPanel({ view, state, conducted, now, onAct, onRecord }: AfterProps) {
  const w = useWords();
  const { plan, live } = view;
  const hold = holdNow(plan, state, live, now);
  const first = conducted.steps.find((p) => p.step.stage === 'finish' && p.step.id !== 'hold' && p.status === 'coming');
  const untilMs = first?.atMs ?? conducted.outlook.plateMs;
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

/** The sauce as it stands, where it goes, and what it still needs. */
export function SaucePanel({ view, state, now, onAct, onRecord }: AfterProps) {
  const w = useWords();
  const { plan, live } = view;
  const known = sauceNow(plan, state, live, now);
  const { sauce, aimL, aim } = known;
  return (
    <Box aria-labelledby="sauce">
      <h2 id="sauce">{w.text('saucePanel.title')}</h2>
      <p>
        {w.text(known.measured ? 'saucePanel.measured' : 'saucePanel.estimated', {
          litres: { as: 'volume', value: sauce.litres },
          salt: { as: 'saltStrength', value: known.now.saltShare },
          rung: say(`rung.${known.now.rung}`),
        })}{' '}
        {known.boiling
          ? w.text('saucePanel.boiling', {
              left: { as: 'minutes', value: known.boiling.left.p50 },
              low: { as: 'minutes', value: known.boiling.left.p10 },
              high: { as: 'minutes', value: known.boiling.left.p90 },
            }) +
            ' ' +
            w.text(known.boiling.halfMs > now ? 'saucePanel.half' : 'saucePanel.near', {
              half: timeParam(known.boiling.halfMs, now),
              near: timeParam(Math.max(now, known.boiling.nearMs), now),
            })
          : ''}
      </p>
      <SauceColumn
        sauce={sauce}
        aimL={aimL}
        at={(litres) => sauceAt(plan, sauce, litres)}
        saltFloorL={known.saltFloorL}
        minutes={known.boiling ? { likely: aim.minutes, range: aim.range } : undefined}
        onAim={(litres) => {
          onRecord({ kind: 'aim', litres });
        }}
      />
      <RungDose known={known} />
      <Thickeners plan={plan} sauce={{ ...sauce, litres: aimL }} />
      <p>
        {known.saltMissingG > 0.2
          ? w.text('saucePanel.saltMissing', {
              salt: saltSays(plan, known.saltMissingG),
              half: kg(known.saltMissingG / 2000),
            })
          : w.text(known.saltFloorL - aimL > SALT_BINDS_L ? 'saucePanel.saltOver' : 'saucePanel.saltRight', {
              thin: { as: 'volume', value: Math.max(0, known.saltFloorL - aimL) },
            })}
      </p>
      <Acts>
        <Button
          $tone="hands"
          onPress={() => {
            onAct('sauce');
          }}
        >
          {w.text('record.sauce.title')}
        </Button>
        <Button
          onPress={() => {
            onAct('put');
          }}
        >
          {w.text('record.put.title')}
        </Button>
        {plan.countOut.length > 0 ? (
          <Button
            onPress={() => {
              onAct('counted');
            }}
          >
            {w.text('record.counted.title')}
          </Button>
        ) : null}
      </Acts>
      <CountedNote view={view} state={state} />
      <SaltLedger known={known} />
    </Box>
  );
}

/** What was counted in and has not come out, by name. */
export function CountedNote({ view, state }: Pick<AfterProps, 'view' | 'state'>) {
  const w = useWords();
  const { countOut } = view.plan;
  const { counted } = state;
  if (countOut.length === 0) return null;
  const missing = countOut.flatMap((c, i) => {
    const left = c.count - (counted?.[i] ?? 0);
    return left > 0 ? [w.text('recipe.times', { count: left, what: c.what })] : [];
  });
  if (missing.length === 0) return <Mute>{w.text('counted.all')}</Mute>;
  return (
    <p role={counted ? 'alert' : undefined}>
      <b>{w.text(counted ? 'counted.missing' : 'counted.notYet', { things: w.list(missing, 'comma') })}</b>
    </p>
  );
}

/** Second meals of what is left, with what each wants. */
function RestOfIt({ view, state, now }: Pick<AfterProps, 'view' | 'state' | 'now'>) {
  const w = useWords();
  const { plan, live } = view;
  const rest = restOf(plan, state, live, now);
  const meals = secondMeals(plan, rest);
  const bones = boneStock(plan);
  if (meals.length === 0) return null;
  return (
    <section aria-labelledby="rest">
      <h2 id="rest">{w.text('rest.title')}</h2>
      <p>{w.text(rest.recorded ? 'rest.of' : 'rest.ofHalf', { weight: kg(rest.kg), meat: kg(rest.meatKg) })}</p>
      <Rows>
        {meals.map((m) => (
          <li key={m.meal}>
            <b>{w.text(`rest.${m.meal}`, { eaters: m.eaters, with: kg(m.withKg) })}</b>
            <small>
              {m.addL > 0.005
                ? w.text('rest.add', { add: volume(m.addL), litres: volume(m.litres) })
                : w.text('rest.enough', { litres: volume(m.litres) })}{' '}
              {w.text('rest.salt', {
                share: strength(m.saltShare),
                gelatin: { as: 'gramsPerL', value: m.gelatinGPerL },
              })}{' '}
              {m.saltG > 0.2 ? `${w.text('rest.saltMissing', { salt: saltSays(plan, m.saltG) })} ` : ''}
              {m.starchG > 0.5 ? w.text('rest.starch', { starch: kg(m.starchG / 1000) }) : ''}
            </small>
          </li>
        ))}
        {bones ? (
          <li>
            <b>
              {w.text('rest.bones', {
                bones: kg(bones.bonesKg),
                water: volume(bones.waterL),
                low: { as: 'minutes', value: bones.minutes[0] },
                high: { as: 'minutes', value: bones.minutes[1] },
                litres: volume(bones.litres),
              })}
            </b>
            <small>{w.text('rest.bones.care')}</small>
          </li>
        ) : null}
      </Rows>
      <Mute>
        {w.text('rest.hot', { hot: { as: 'temperature', value: SAFETY_LIMITS[plan.input.keeping.rule].reheatC } })}
      </Mute>
    </section>
  );
}

/** One of the limits that is counted down: how long is left and when it likely is there, or that it was measured. */
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

/** What is left: getting it cold, and once it is put away where it stands and what to make of it. */
export function CoolPanel(of: AfterProps) {
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

/** The ways to get it cold against the local limit, and the two countdowns once one was taken. */
function Cooling({ view, state, now, onAct, onRecord }: AfterProps) {
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
