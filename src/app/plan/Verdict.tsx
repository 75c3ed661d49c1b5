'use client';

import styled from 'styled-components';
import { readyEta } from '@/core/forecast/forecast';
import { type PlanFault, type PlanInput } from '@/core/plan/input';
import { type Plan } from '@/core/plan/plan';
import { type WayOut } from '@/core/plan/waysOut';
import { TARGETS } from '@/core/tenderness/stages';
import { type FitWay } from '@/core/plan/fit';
import { formatMinutesRange } from '@/core/quantity/format';
import { Button } from '@/ui/controls/Button';
import { FaultNote, Panel } from '@/ui/controls/Panel';
import { useKitchen, useSay } from '@/ui/KitchenContext';
import { Figures } from '@/ui/controls/Why';
import { DISPLAY } from '@/ui/theme';
import { clock, clockBeside, dayFrom, duration } from '@/ui/time';

const Column = styled.div`
  display: grid;
  gap: 12px;
  align-content: start;
  min-width: 0;
`;

const Dark = styled(Panel)`
  background: var(--enamel);
  color: var(--on-enamel);
  p,
  span {
    color: var(--on-enamel-mute);
  }
`;

const Big = styled.p`
  font-family: ${DISPLAY};
  font-size: 42px;
  font-weight: 750;
  line-height: 1.05;
  && {
    color: inherit;
  }
`;

const Reasons = styled.details`
  margin-top: 8px;
  summary {
    cursor: pointer;
    font-weight: 650;
    padding: 4px 0;
  }
  li {
    padding: 4px 0;
    font-size: 15px;
  }
`;

const Watch = styled.ul`
  margin-top: 8px;
  border-top: 1px solid var(--line);
  li {
    padding: 6px 0 0;
    font-size: 15px;
    color: var(--warn);
    font-weight: 600;
  }
`;

const Ways = styled.ul`
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 8px;
    align-items: center;
    padding: 8px 0;
    border-top: 1px solid var(--line);
    font-size: 15px;
  }
  li:first-child {
    border-top: 0;
  }
`;

function WindowBar({ plan, timeZone }: { plan: Plan; timeZone: string }) {
  const { ready: twists, intoPotMs, spans } = plan.day;
  const cool = spans.find((s) => s.id === 'lift');
  const [untilMs, place] = cool ? [cool.fromMs, 'into ice water'] : [plan.day.serveMs, 'table'];
  const from = twists.p10Ms - (twists.p90Ms - twists.p10Ms) * 0.35;
  const to = Math.max(untilMs, twists.p90Ms) + 5 * 60_000;
  const at = (ms: number): number => (196 * (ms - from)) / (to - from) + 2;
  return (
    <svg
      viewBox="0 0 200 40"
      width="100%"
      role="img"
      aria-label={`Ready window on the way: ${place} at ${clock(untilMs, timeZone)}; in the pot from ${clock(intoPotMs, timeZone)}`}
    >
      <rect x="0" y="10" width="200" height="9" rx="4.5" fill="#071216" />
      <rect
        x={at(twists.p10Ms)}
        y="10"
        width={at(twists.p90Ms) - at(twists.p10Ms)}
        height="9"
        rx="4.5"
        fill="#ee6a3c"
      />
      <rect x={at(twists.p50Ms) - 2} y="5" width="4" height="19" rx="2" fill="#fcfcf8" />
      <rect x={at(untilMs) - 1.5} y="3" width="3" height="23" fill="#f7a52b" />
      <text x={Math.min(198, at(untilMs) + 1)} y="38" fontSize="11" textAnchor="end" fill="#b9c8c4">
        {place} {clock(untilMs, timeZone)}
      </text>
    </svg>
  );
}

interface WayListProps {
  readonly id: string;
  readonly title: string;
  readonly ways: readonly { readonly says: string; readonly input: PlanInput }[];
  readonly onTake: (input: PlanInput) => void;
}

/** Ways on from a plan that does not work, each to be taken; nothing where there is none. */
function WayList({ id, title, ways, onTake }: WayListProps) {
  const say = useSay();
  if (ways.length === 0) return null;
  return (
    <Panel aria-labelledby={id}>
      <h2 id={id} style={{ fontSize: 18 }}>
        {title}
      </h2>
      <Ways>
        {ways.map((w) => (
          <li key={w.says}>
            <span>{say(w.says)}</span>
            <Button
              aria-label={`Take: ${say(w.says)}`}
              onPress={() => {
                onTake(w.input);
              }}
            >
              Take
            </Button>
          </li>
        ))}
      </Ways>
    </Panel>
  );
}

interface VerdictProps {
  readonly plan: Plan | undefined;
  readonly faults: readonly PlanFault[];
  readonly waysOut: readonly WayOut[];
  readonly fitWays: readonly FitWay[];
  readonly dayWays: readonly WayOut[];
  readonly onTake: (input: PlanInput) => void;
  readonly onCompare: () => void;
}

/** What follows from the decisions: when the fork twists and how sure, when to start, what ends up in the pot. */
export function Verdict({ plan, faults, waysOut, fitWays, dayWays, onTake, onCompare }: VerdictProps) {
  const { timeZone, renderedAtMs } = useKitchen();
  const say = useSay();
  return (
    <Column aria-live="polite">
      {faults.map((f) => (
        <FaultNote key={f.field + f.message} role="alert">
          {f.message}
        </FaultNote>
      ))}
      <WayList
        id="ways-out"
        title="Ways out"
        ways={waysOut.map((w) => ({
          says: `${w.says}: begin by ${clockBeside(w.startMs, w.input.serveAtMs, timeZone)}, table ${clock(w.input.serveAtMs, timeZone)}`,
          input: w.input,
        }))}
        onTake={onTake}
      />
      <WayList id="fit-ways" title="To make it fit" ways={fitWays} onTake={onTake} />
      <WayList
        id="day-ways"
        title="To make the day work"
        ways={dayWays.map((w) => ({
          ...w,
          says: `${w.says}: begin ${clockBeside(w.startMs, w.input.serveAtMs, timeZone)}`,
        }))}
        onTake={onTake}
      />
      {plan === undefined ? (
        <Dark>
          <p>{faults.length > 0 ? 'The forecast waits for the field above.' : 'Working out the forecast…'}</p>
        </Dark>
      ) : (
        <>
          <Forecast plan={plan} timeZone={timeZone} nowMs={renderedAtMs} stale={faults.length > 0} />
          <Button isDisabled={faults.length > 0} onPress={onCompare}>
            Other ways, side by side
          </Button>
          <Panel>
            <h2 style={{ fontSize: 18 }}>In the finished pot</h2>
            <Figures
              columns={1}
              figures={[plan.liquid.water.left, plan.finish.fat, plan.finish.sauce, plan.salt.sauce, plan.buy.served]}
            />
            {plan.watch.length > 0 ? (
              <Watch aria-label="To watch">
                {plan.watch.map((w) => (
                  <li key={w}>{say(w)}</li>
                ))}
              </Watch>
            ) : null}
            <Reasons>
              <summary>Why this time?</summary>
              <ul>
                {plan.reasons.map((r) => (
                  <li key={r}>{say(r)}</li>
                ))}
                <li>
                  Cook values are fitted to how long kitchens braise this cut, not measured: the band says how far to
                  trust them.
                </li>
              </ul>
            </Reasons>
          </Panel>
        </>
      )}
    </Column>
  );
}

function Forecast({ plan, timeZone, nowMs, stale }: { plan: Plan; timeZone: string; nowMs: number; stale: boolean }) {
  const { day } = plan;
  const eta = readyEta(plan.forecast);
  return (
    <>
      <Dark>
        <p>
          {stale
            ? `As last planned: ${TARGETS[plan.forecast.target].ready.toLowerCase()}`
            : `${TARGETS[plan.forecast.target].ready}, ${dayFrom(day.ready.p50Ms, nowMs, timeZone)}`}
        </p>
        <Big>{clock(day.ready.p50Ms, timeZone)}</Big>
        <p>
          likely {clock(day.ready.p10Ms, timeZone)} to {clock(day.ready.p90Ms, timeZone)}
        </p>
        <WindowBar plan={plan} timeZone={timeZone} />
        <p>
          {duration(eta.p50)} in the pot; good for about {duration(plan.goodForMin)} more.
        </p>
      </Dark>
      <Panel>
        <p>Light the stove by</p>
        <Big>{clockBeside(day.lightBurnerMs, day.serveMs, timeZone)}</Big>
        <p>
          {Math.round(plan.input.confidence * 100)} of 100 such days are on the table in time. Begin{' '}
          {clockBeside(day.startMs, day.serveMs, timeZone)}; {duration(day.handsOnMinutes)} of it is hands-on, likely{' '}
          {formatMinutesRange(day.handsOnRangeMin)}.
        </p>
      </Panel>
    </>
  );
}
