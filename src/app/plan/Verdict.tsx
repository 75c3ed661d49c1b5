'use client';

import styled from 'styled-components';
import { readyEta } from '@/core/forecast';
import { evenings, say } from '@/core/message';
import { type PlanFault, type PlanInput } from '@/core/choices';
import { finishedFigures, type FitWay, type Plan, type WayOut } from '@/core/plan';
import { Button } from '@/ui/controls/Button';
import { FaultNote, Panel } from '@/ui/controls/Panel';
import { useKitchen, useWords } from '@/ui/KitchenContext';
import { Figures } from '@/ui/controls/Why';
import { DISPLAY } from '@/ui/theme';

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

function WindowBar({ plan }: { plan: Plan }) {
  const w = useWords();
  const { ready: twists, intoPotMs, spans } = plan.day;
  const cool = spans.find((s) => s.id === 'lift');
  const [untilMs, place] = cool
    ? [cool.fromMs, w.text('verdict.intoIceWater')]
    : [plan.day.serveMs, w.text('verdict.table')];
  const from = twists.p10Ms - (twists.p90Ms - twists.p10Ms) * 0.35;
  const to = Math.max(untilMs, twists.p90Ms) + 5 * 60_000;
  const at = (ms: number): number => (196 * (ms - from)) / (to - from) + 2;
  return (
    <svg
      viewBox="0 0 200 40"
      width="100%"
      role="img"
      aria-label={w.text('verdict.readyWindowOnTheWay', {
        place,
        until: w.clock(untilMs),
        intoPot: w.clock(intoPotMs),
      })}
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
        {place} {w.clock(untilMs)}
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
  const w = useWords();
  if (ways.length === 0) return null;
  return (
    <Panel aria-labelledby={id}>
      <h2 id={id} style={{ fontSize: 18 }}>
        {title}
      </h2>
      <Ways>
        {ways.map((way) => (
          <li key={way.says}>
            <span>{way.says}</span>
            <Button
              aria-label={w.text('verdict.take2', { says: way.says })}
              onPress={() => {
                onTake(way.input);
              }}
            >
              {w.text('verdict.take')}
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
  const { renderedAtMs } = useKitchen();
  const w = useWords();
  return (
    <Column aria-live="polite">
      {faults.map((f, i) => (
        <FaultNote key={`${f.says.code}${String(i)}`} role="alert">
          {w.say(f.says)}
        </FaultNote>
      ))}
      <WayList
        id="ways-out"
        title={w.text('verdict.waysOut')}
        ways={waysOut.map((way) => ({
          says: w.text('verdict.wayOut', {
            way: way.says,
            begin: w.clockBeside(way.startMs, way.input.serveAtMs),
            table: w.clock(way.input.serveAtMs),
          }),
          input: way.input,
        }))}
        onTake={onTake}
      />
      <WayList
        id="fit-ways"
        title={w.text('verdict.toMakeItFit')}
        ways={fitWays.map(({ says, input, potCalled }) => ({
          says: w.say(says),
          input: potCalled ? { ...input, pot: { ...input.pot, name: w.say(potCalled) } } : input,
        }))}
        onTake={onTake}
      />
      <WayList
        id="day-ways"
        title={w.text('verdict.toMakeTheDayWork')}
        ways={dayWays.map((way) => ({
          says: w.text('verdict.dayWay', { way: way.says, begin: w.clockBeside(way.startMs, way.input.serveAtMs) }),
          input: way.input,
        }))}
        onTake={onTake}
      />
      {plan === undefined ? (
        <Dark>
          <p>
            {faults.length > 0 ? w.text('verdict.theForecastWaitsForThe') : w.text('verdict.workingOutTheForecast')}
          </p>
        </Dark>
      ) : (
        <>
          <Forecast plan={plan} nowMs={renderedAtMs} stale={faults.length > 0} />
          <Button isDisabled={faults.length > 0} onPress={onCompare}>
            {w.text('verdict.otherWaysSideBySide')}
          </Button>
          <Panel>
            <h2 style={{ fontSize: 18 }}>{w.text('verdict.inTheFinishedPot')}</h2>
            <Figures columns={1} figures={finishedFigures(plan)} />
            {plan.watch.length > 0 ? (
              <Watch aria-label={w.text('verdict.toWatch')}>
                {plan.watch.map((message) => (
                  <li key={message.code}>{w.say(message)}</li>
                ))}
              </Watch>
            ) : null}
            <Reasons>
              <summary>{w.text('verdict.whyThisTime')}</summary>
              <ul>
                {plan.reasons.map((r) => (
                  <li key={r.code}>{w.say(r)}</li>
                ))}
                <li>{w.text('verdict.cookValuesAreFittedTo')}</li>
              </ul>
            </Reasons>
          </Panel>
        </>
      )}
    </Column>
  );
}

function Forecast({ plan, nowMs, stale }: { plan: Plan; nowMs: number; stale: boolean }) {
  const w = useWords();
  const target = say(`target.${plan.forecast.target}`);
  const { day } = plan;
  const eta = readyEta(plan.forecast);
  return (
    <>
      <Dark>
        <p>
          {stale
            ? w.text('verdict.lastPlanned', { target })
            : w.text('verdict.target', { target, day: w.dayFrom(day.ready.p50Ms, nowMs) })}
        </p>
        <Big>{w.clock(day.ready.p50Ms)}</Big>
        <p>{w.text('common.between', { p10: w.clock(day.ready.p10Ms), p90: w.clock(day.ready.p90Ms) })}</p>
        <WindowBar plan={plan} />
        <p>
          {w.text('verdict.inThePotGoodFor', {
            p50: w.quantity(eta.p50, 'minutes'),
            goodFor: w.quantity(plan.goodForMin, 'minutes'),
          })}
        </p>
      </Dark>
      <Panel>
        <p>{w.text('verdict.lightTheStoveBy')}</p>
        <Big>{w.clockBeside(day.lightBurnerMs, day.serveMs)}</Big>
        <p>
          {w.text('verdict.evenings', {
            confidence: evenings(plan.input.confidence),
            start: w.clockBeside(day.startMs, day.serveMs),
            handsOn: w.quantity(day.handsOnMinutes, 'minutes'),
            range: w.range(day.handsOnRangeMin.low, day.handsOnRangeMin.high, 'minutes'),
          })}
        </p>
      </Panel>
    </>
  );
}
