'use client';

import { type ReactNode, useRef } from 'react';
import styled from 'styled-components';
import { dayTroubles } from './dayTroubles';

import { evenings, say } from '@/core/message';
import { type PlanFault, type PlanInput } from '@/core/choices';
import { type FitFix, type Plan, type Alternative } from '@/core/plan';
import { Button, TextButton } from '@/ui/controls/Button';
import { Panel } from '@/ui/controls/Panel';
import { Popover, usePopover } from '@/ui/controls/usePopover';
import { useWords } from '@/ui/KitchenContext';
import { DISPLAY } from '@/ui/theme';
import { useHeightVariable } from '@/ui/useHeightVariable';
import { type Words } from '@/words/words';
import { MINUTE_MS } from '@/core/quantity';

const Column = styled.div`
  display: grid;
  gap: 12px;
  align-content: start;
  min-width: 0;
`;

const Dark = styled(Panel)`
  --ring: var(--glow);
  padding: 12px 16px;
  background: var(--enamel);
  color: var(--on-enamel);
  p,
  span {
    color: var(--on-enamel-mute);
  }
`;

const OnEnamel = styled(TextButton)`
  && {
    color: var(--on-enamel);
  }
`;

const Big = styled.p`
  font-family: ${DISPLAY};
  font-size: 2.625rem;
  font-weight: 750;
  line-height: 1.05;
  && {
    color: inherit;
  }
`;

const Lines = styled.ul`
  li {
    padding: 6px 0;
    border-top: 1px solid var(--line);
  }
`;

const Mind = styled(Panel)`
  padding: 10px 16px 12px;
  h2 {
    font-size: 1.125rem;
  }
  ul {
    padding-bottom: 4px;
  }
  li {
    padding: 4px 0;
    font-size: 0.9375rem;
    line-height: 1.3;
  }
  li[data-fault] {
    color: var(--danger);
    font-weight: 600;
  }
`;

const Actions = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  > * {
    flex: 1;
    padding: 0 10px;
  }
  > :first-child {
    flex-basis: 100%;
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
    font-size: 0.9375rem;
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
  const to = Math.max(untilMs, twists.p90Ms) + 5 * MINUTE_MS;
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

/** Alternatives to a plan that does not work, opened at a tap, each to be taken; hidden where there are none. */
function WayList({ id, title, ways, onTake }: WayListProps) {
  const w = useWords();
  const { open, triggerProps: face, plate } = usePopover('dialog');
  if (ways.length === 0) return null;
  return (
    <>
      <Button {...face} id={id}>
        {w.text('verdict.waysOf', { title, count: ways.length })}
      </Button>
      {open ? (
        <Popover {...plate} widthPx={380} title={title}>
          <Ways>
            {ways.map((way) => (
              <li key={way.says}>
                <span>{way.says}</span>
                <Button
                  aria-label={w.text('verdict.take2', { says: way.says })}
                  onPress={() => {
                    plate.onClose();
                    onTake(way.input);
                  }}
                >
                  {w.text('verdict.take')}
                </Button>
              </li>
            ))}
          </Ways>
        </Popover>
      ) : null}
    </>
  );
}

/** How many warnings are shown beside the faults; the others unfold. */
const MINDED = 1;

interface MindListProps {
  readonly faults: readonly string[];
  readonly watch: readonly string[];
  readonly children: ReactNode;
}

/** What to watch for: first what keeps the plan from working, then warnings. */
function MindList({ faults, watch, children }: MindListProps) {
  const w = useWords();
  const { open, triggerProps: face, plate } = usePopover('dialog');
  if (faults.length + watch.length === 0) return null;
  const more = watch.slice(faults.length > 0 ? 0 : MINDED);
  return (
    <Mind aria-labelledby="to-mind">
      <h2 id="to-mind">{w.text('verdict.mind')}</h2>
      <ul>
        {faults.map((says) => (
          <li key={says} role="alert" data-fault="">
            {says}
          </li>
        ))}
        {watch.slice(0, watch.length - more.length).map((says) => (
          <li key={says}>{says}</li>
        ))}
      </ul>
      {children}
      {more.length > 0 ? (
        <>
          <TextButton {...face}>{w.text('verdict.mindMore', { count: more.length })}</TextButton>
          {open ? (
            <Popover {...plate} widthPx={360} title={w.text('verdict.mind')}>
              <Lines>
                {watch.map((says) => (
                  <li key={says}>{says}</li>
                ))}
              </Lines>
            </Popover>
          ) : null}
        </>
      ) : null}
    </Mind>
  );
}

/** Why it takes as long as it does. */
function WhyThisTime({ plan }: { plan: Plan }) {
  const w = useWords();
  const { open, triggerProps: face, plate } = usePopover('dialog');
  return (
    <>
      <OnEnamel {...face}>{w.text('verdict.whyThisTime')}</OnEnamel>
      {open ? (
        <Popover {...plate} widthPx={400} title={w.text('verdict.whyThisTime')}>
          <Lines>
            <li>{w.text('verdict.goodFor', { goodFor: w.quantity(plan.goodForMin, 'minutes') })}</li>
            {plan.reasons.map((r) => (
              <li key={r.code}>{w.say(r)}</li>
            ))}
            <li>{w.text('verdict.cookValuesAreFittedTo')}</li>
          </Lines>
        </Popover>
      ) : null}
    </>
  );
}

export interface VerdictProps {
  readonly plan: Plan | undefined;
  readonly nowMs: number;
  readonly faults: readonly PlanFault[];
  /** What keeps the plan from working, from `minded`. */
  readonly minded: readonly string[];
  readonly alternatives: readonly Alternative[];
  readonly fitFixes: readonly FitFix[];
  readonly scheduleFixes: readonly Alternative[];
  readonly onTake: (input: PlanInput) => void;
  /** Actions for the plan. */
  readonly children: ReactNode;
}

/** The results: when the meat is as wanted and how sure that is, when to start, what to watch for. */
export function Verdict({
  plan,
  nowMs,
  faults,
  minded: toMind,
  alternatives: waysOut,
  fitFixes: fitWays,
  scheduleFixes: dayWays,
  onTake,
  children,
}: VerdictProps) {
  const w = useWords();
  const stale = faults.length > 0;
  const column = useRef<HTMLDivElement>(null);
  useHeightVariable(column, '--tall');
  return (
    <Column ref={column} aria-live="polite" data-place="verdict" id="verdict">
      {plan === undefined ? (
        <Dark>
          <p>{stale ? w.text('verdict.theForecastWaitsForThe') : w.text('verdict.workingOutTheForecast')}</p>
        </Dark>
      ) : (
        <Forecast plan={plan} nowMs={nowMs} stale={stale} />
      )}
      <Actions>{children}</Actions>
      <MindList faults={toMind} watch={plan === undefined || stale ? [] : plan.watch.map((m) => w.say(m))}>
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
      </MindList>
    </Column>
  );
}

/** What keeps the plan from working, in the reader's words: its faults or, without any, its schedule conflicts. */
export function minded(
  w: Words,
  plan: Plan | undefined,
  faults: readonly PlanFault[],
  nowMs: number,
): readonly string[] {
  if (faults.length > 0 || plan === undefined) return [...new Set(faults.map((f) => w.say(f.says)))];
  return dayTroubles(w, plan.day, nowMs);
}

function Forecast({ plan, nowMs, stale }: { plan: Plan; nowMs: number; stale: boolean }) {
  const w = useWords();
  const target = say(`target.${plan.forecast.target}`);
  const { day } = plan;
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
          <WhyThisTime plan={plan} />
        </p>
      </Dark>
      <Panel>
        <p>{w.text('verdict.begin', { day: w.dayFrom(day.startMs, nowMs) })}</p>
        <Big>{w.clock(day.startMs)}</Big>
        <p>
          {w.text('verdict.evenings', {
            confidence: evenings(plan.input.confidence),
            handsOn: w.quantity(day.handsOnMinutes, 'minutes'),
          })}
        </p>
      </Panel>
    </>
  );
}
