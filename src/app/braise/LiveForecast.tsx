'use client';

import { useState } from 'react';
import { ToggleButton, ToggleButtonGroup } from 'react-aria-components';
import styled, { css } from 'styled-components';
import { columnOrder } from './columnOrder';
import { outlookText } from './outlookText';
import { type Guidance, type CookState, type CookView, eventsOf, latestValid, stageAfter } from '@/core/cook';
import { readyEta, type sampleAt, toLineL } from '@/core/forecast';
import { type PlanHeat } from '@/core/choices';
import { donenessIndex, DONENESS_STAGES } from '@/core/tenderness';
import { litres, minutes } from '@/core/message';
import { ScaleChart } from '@/ui/charts/curves';
import { Button } from '@/ui/controls/Button';
import { CautionNote, Mute, Panel } from '@/ui/controls/Panel';
import { ForkPicture } from '@/ui/drawings/ForkScale';
import { InsidePiece } from '@/ui/drawings/InsidePiece';
import { PotSection } from '@/ui/drawings/PotSection';
import { useWords } from '@/ui/KitchenContext';
import { DISPLAY } from '@/ui/theme';
import { MINUTE_MS } from '@/core/quantity';

/** On a wide screen it takes the remaining height; its chart shrinks first. */
const ForecastPanel = styled(Panel)`
  ${columnOrder(2)}
  padding: 14px 18px;
  display: flex;
  flex-direction: column;
  flex: 1 1 auto;
  min-height: 0;
  overflow: auto;
  > * {
    flex: none;
  }
`;

const ChartBox = styled.div`
  && {
    flex: 1 1 200px;
  }
  min-height: 140px;
  position: relative;
  > div {
    position: absolute;
    inset: 0;
  }
  @media (max-width: 900px) {
    && {
      flex: none;
    }
    height: 224px;
  }
`;

/** The pot takes the height left beside the card, down to where its figures are still readable. */
const PotBox = styled.div`
  @media (min-width: 901px) {
    && {
      flex: 1 1 200px;
    }
    min-height: 200px;
    max-height: 420px;
    position: relative;
    > div {
      position: absolute;
      inset: 0;
      display: flex;
      flex-direction: column;
    }
    > div > div {
      flex: 1 1 0;
      min-height: 0;
    }
    svg[role='img'] {
      height: 100%;
    }
  }
  /* On a page that scrolls no height is left to take. */
  @media (min-width: 901px) and (max-height: 789px) {
    && {
      flex: none;
      height: 300px;
    }
  }
  @media (max-width: 900px) {
    width: 100%;
    max-width: 540px;
    margin: 0 auto;
  }
`;

/** The pot leaves room at its sides for its labels on a wide screen. A chart has the whole width. */
const Drawn = styled.div<{ readonly $beside: boolean }>`
  display: contents;
  @media (min-width: 1101px) {
    ${({ $beside }) =>
      $beside &&
      css`
        && {
          display: flex;
          flex: 1 1 200px;
        }
        gap: 16px;
        min-height: 200px;
        && > :first-child {
          flex: 1 1 0;
        }
        > :last-child {
          width: 216px;
          align-self: center;
        }
      `}
  }
`;

const Ways = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
  margin-top: 8px;
  li {
    display: flex;
    align-items: center;
    gap: 10px;
  }
`;

const Forecast = styled.div`
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: end;
  gap: 4px 20px;
  strong {
    font-family: ${DISPLAY};
    font-size: 3.75rem;
    line-height: 1;
    display: block;
  }
  > div:last-child {
    text-align: right;
  }
  b {
    font-size: 1.25rem;
  }
  @media (max-width: 480px) {
    strong {
      font-size: 3.25rem;
    }
    > div:last-child {
      text-align: left;
    }
  }
`;

const Views = styled(ToggleButtonGroup)`
  display: inline-flex;
  border: 2px solid var(--line);
  border-radius: 10px;
  overflow: hidden;
  button {
    border: 0;
    background: none;
    min-height: 44px;
    padding: 0 11px;
    cursor: pointer;
    font-weight: 650;
  }
  button[data-selected] {
    background: var(--ink);
    color: var(--plate);
  }
`;

const Chips = styled.ol`
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  gap: 4px;
  flex: 1;
  li {
    border: 2px solid var(--line);
    border-radius: 10px;
    display: flex;
    align-items: center;
    justify-content: center;
    gap: 4px;
    min-height: 44px;
    font-weight: 650;
    font-size: 0.9375rem;
  }
  li[aria-current] {
    background: var(--ink);
    color: var(--plate);
    border-color: var(--glow);
  }
  @media (max-width: 1500px) {
    svg {
      display: none;
    }
  }
  @media (max-width: 1100px) {
    display: none;
  }
`;

const Tools = styled.div`
  display: flex;
  gap: 14px;
  align-items: center;
  margin: 10px 0 4px;
`;

const Slipped = styled.ul`
  margin-top: 6px;
  padding-left: 18px;
  list-style: disc;
  font-size: 1rem;
`;

/** The pot first: a drawing appears at once; the chart's script loads on demand. */
const SHOWN = ['pot', 'fork', 'piece'] as const;
type Shown = (typeof SHOWN)[number];

interface LiveForecastProps {
  readonly view: CookView;
  readonly state: CookState;
  readonly conducted: Guidance;
  readonly now: number;
  /** The pot as estimated now. */
  readonly here: ReturnType<typeof sampleAt>;
  readonly onHeat: (heat: PlanHeat) => void;
}

/**
 * When it should be fork-tender and how sure that is, on the fork scale or in the pot, and what changing the heat would
 * do.
 */
export function LiveForecast({ view, state, conducted, now, here, onHeat }: LiveForecastProps) {
  const w = useWords();
  const [shown, setShown] = useState<Shown>('pot');
  const startMs = conducted.intoPotMs;
  const { headline } = conducted;
  const moment = (min: number): number => startMs + min * MINUTE_MS;
  const atMin = Math.max(0, ((state.offHeatMs ?? now) - startMs) / MINUTE_MS);
  const twists = readyEta(view.live.forecast);
  const cooking = state.phase === 'braising';
  // In a dry pot the meat roasts: no doneness is forecast.
  const likely = conducted.alarm?.dry ? undefined : stageAfter(state, view.live, atMin);
  const chart = shown === 'fork' || (shown === 'piece' && view.live.inside !== null);
  return (
    <ForecastPanel aria-labelledby="forecast-title">
      <h2 id="forecast-title" className="visually-hidden">
        {w.text('liveForecast.forecastFor', { title: view.plan.input.title })}
      </h2>
      <Forecast>
        <div aria-live="polite">
          <span>{w.text('conduct.headline', { says: headline.says })}</span>
          <strong>{Number.isFinite(headline.atMs) ? w.clockBeside(headline.atMs, now) : w.text('common.later')}</strong>
        </div>
        <div>
          {cooking && headline.between ? (
            <b>
              {!Number.isFinite(headline.atMs)
                ? w.text('liveForecast.notAtThisHeat')
                : headline.atMs > now + MINUTE_MS
                  ? w.text('liveForecast.in', { at: w.quantity((headline.atMs - now) / MINUTE_MS, 'minutes') })
                  : w.text('liveForecast.anyMinute')}
            </b>
          ) : null}
          {headline.between ? (
            <div>
              {w.text('live.between', {
                low: Number.isFinite(headline.between.fromMs)
                  ? w.clockBeside(headline.between.fromMs, now)
                  : w.text('common.later'),
                high: Number.isFinite(headline.between.toMs)
                  ? w.clockBeside(headline.between.toMs, now)
                  : w.text('common.later'),
              })}
            </div>
          ) : null}
          <Mute>{outlookText(w, conducted, now)}</Mute>
        </div>
      </Forecast>
      {conducted.lidBack ? <CautionNote role="status">{w.say(conducted.lidBack)}</CautionNote> : null}
      {conducted.outlook.ways.length > 0 ? (
        <Slipped aria-label={w.text('liveForecast.waysOut')}>
          {conducted.outlook.ways.map((way) => (
            <li key={way.code + JSON.stringify(way.params ?? {})}>{w.title(way)}</li>
          ))}
        </Slipped>
      ) : null}
      <Tools>
        <Views
          aria-label={w.text('liveForecast.show')}
          selectedKeys={[shown]}
          disallowEmptySelection
          onSelectionChange={(keys) => {
            setShown(SHOWN.find((id) => keys.has(id)) ?? 'pot');
          }}
        >
          <ToggleButton id="pot">{w.text('liveForecast.inThePot')}</ToggleButton>
          <ToggleButton id="fork">{w.text('liveForecast.forkScale')}</ToggleButton>
          {view.live.inside ? <ToggleButton id="piece">{w.text('liveForecast.insideThePiece')}</ToggleButton> : null}
        </Views>
        <Chips aria-label={w.text('liveForecast.forkScaleTheEstimateNow')}>
          {DONENESS_STAGES.map((stage) => (
            <li key={stage} aria-current={cooking && stage === likely ? 'step' : undefined}>
              <ForkPicture stage={stage} size={30} />
              {w.label('stage', stage)}
            </li>
          ))}
        </Chips>
      </Tools>
      <Drawn $beside={!chart}>
        {shown === 'fork' ? (
          <ChartBox>
            <ScaleChart
              band={view.live.forecast.band}
              startMs={startMs}
              readyMs={moment(twists.p50)}
              target={view.live.forecast.target}
              nowMs={cooking ? now : undefined}
              tests={eventsOf(state.events, 'fork').map((e) => ({
                atMs: e.atMs,
                stageIndex: donenessIndex(e.act.stage),
              }))}
              height="100%"
            />
          </ChartBox>
        ) : shown === 'piece' && view.live.inside ? (
          <InsidePiece
            inside={view.live.inside}
            names={view.live.inside.moments.map((m, i) =>
              i === 0 ? w.text('inside.now') : w.text('inside.at', { at: w.clockBeside(moment(m.atMin), now) }),
            )}
          />
        ) : (
          <PotBox>
            <PotSection
              pot={view.plan.pot}
              liquidL={view.plan.liquidL}
              evaporationMlPerHour={here.steamLPerHour * 1000}
              heat={state.heat}
              lid={state.lid}
              live={{ ...here, probeC: latestValid(state, 'probe', now)?.act.tempC }}
            />
          </PotBox>
        )}
        <Mute>
          {!cooking || conducted.alarm
            ? ''
            : view.live.liquidLowMin === undefined
              ? w.text('liveForecast.liquidIsFineItWill')
              : view.live.liquidLowMin <= atMin
                ? w.text('liveForecast.theLiquidIsLow', { pour: litres(toLineL(here)) })
                : w.text('liveForecast.theLiquidWouldRunLow', {
                    liquidLow: w.clockBeside(moment(view.live.liquidLowMin), now),
                  })}{' '}
          {cooking && headline.between && view.live.mostInformative ? (
            <>
              {w.text(`live.teaches.${view.live.mostInformative.kind}`, {
                at: w.clockBeside(moment(view.live.mostInformative.atMin), now),
                by: minutes(view.live.mostInformative.widthMin - view.live.mostInformative.expectedWidthMin),
              })}{' '}
            </>
          ) : null}
        </Mute>
      </Drawn>
      {cooking && headline.between && view.live.heatOptions.length > 0 ? (
        <Ways aria-label={w.text('liveForecast.whatTheHeatCouldDo')}>
          {view.live.heatOptions.map((way) => (
            <li key={way.says.code}>
              <span>
                {w.text('liveForecast.readyMostLikely', { says: w.say(way.says) })}{' '}
                <b>{w.clockBeside(moment(way.p50Min), now)}</b>
              </span>
              <Button
                onPress={() => {
                  onHeat(way.heat);
                }}
              >
                {w.text('liveForecast.iHaveDoneThat')}
              </Button>
            </li>
          ))}
        </Ways>
      ) : null}
    </ForecastPanel>
  );
}
