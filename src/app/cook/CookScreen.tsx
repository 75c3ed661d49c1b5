'use client';

import { WifiOff } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { ToggleButton, ToggleButtonGroup } from 'react-aria-components';
import styled from 'styled-components';
import { RecordSheet, type SheetKind } from './RecordSheets';
import { useLiveCook } from './useLiveCook';
import { KeysSheet, useHotkeys } from './hotkeys';
import { LATER_MIN, NextCard } from './NextCard';
import { place } from './place';
import { RecordButtons } from './RecordButtons';
import { SoFar } from './SoFar';
import { liveBeside, liveSpans, recordMarks } from '@/core/cook/course';
import { type CookAct, type CookActKind } from '@/core/cook/events';
import { nextAction } from '@/core/cook/nextAction';
import { eventsOf, foldCook, undoRefusal } from '@/core/cook/state';
import { type CookView } from '@/core/cook/view';
import { sampleAt } from '@/core/forecast/course';
import { bandAt, readyEta } from '@/core/forecast/forecast';
import { type Plan } from '@/core/plan/plan';
import { STAGE_WORDS, stageIndex, STAGES } from '@/core/tenderness/stages';
import { ScaleChart } from '@/ui/charts/curves';
import { Button } from '@/ui/controls/Button';
import { FaultNote, Mute, Panel } from '@/ui/controls/Panel';
import { EmberLine } from '@/ui/drawings/EmberLine';
import { ForkPicture } from '@/ui/drawings/ForkScale';
import { PotSection } from '@/ui/drawings/PotSection';
import { TARGETS } from '@/core/tenderness/stages';
import { useKitchen, useNow, useSay } from '@/ui/KitchenContext';
import { send } from '@/ui/send';
import { ThemeScope } from '@/ui/ThemeScope';
import { DISPLAY } from '@/ui/theme';
import { clock, clockBeside, duration } from '@/ui/time';

const Night = styled.div`
  background: var(--bench);
  color: var(--ink);
  min-height: calc(100vh - 56px);
`;

const Layout = styled.main`
  max-width: 1320px;
  margin: 0 auto;
  padding: 14px 16px 24px;
  display: grid;
  grid-template-columns: minmax(320px, 390px) minmax(0, 1fr);
  gap: 14px;
  align-items: start;
  @media (min-width: 901px) and (min-height: 760px) {
    height: calc(100vh - 56px);
    grid-template-rows: minmax(0, 1fr) auto;
    padding-bottom: 14px;
  }
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
    padding: 10px;
    gap: 10px;
  }
`;

/** A column on a wide screen; on a narrow one its parts join the page's single column in their own order. */
const Stack = styled.div`
  display: flex;
  flex-direction: column;
  gap: 14px;
  min-width: 0;
  max-height: 100%;
  @media (max-width: 900px) {
    display: contents;
  }
`;

const Alerts = styled.div`
  display: grid;
  gap: 10px;
  ${place(1)}
  &:empty {
    display: none;
  }
`;

const ForecastPanel = styled(Panel)`
  ${place(2)}
  padding: 14px 18px;
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
    font-size: 60px;
    line-height: 1;
    display: block;
  }
  > div:last-child {
    text-align: right;
  }
  b {
    font-size: 20px;
  }
  @media (max-width: 480px) {
    strong {
      font-size: 52px;
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
    padding: 0 16px;
    cursor: pointer;
    font-weight: 650;
  }
  button[data-selected] {
    background: var(--ink);
    color: var(--plate);
  }
`;

const Foot = styled(Panel)`
  grid-column: 1 / -1;
  padding: 10px 18px;
  ${place(4)}
`;

const Chips = styled.ol`
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  gap: 6px;
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
    font-size: 15px;
  }
  li[aria-current] {
    background: var(--ink);
    color: var(--plate);
    border-color: var(--glow);
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

const SHEET_ACTS: readonly CookActKind[] = ['fork', 'probe', 'liquid', 'heat', 'note', 'finished'];

function isSheet(act: CookActKind): act is SheetKind {
  return SHEET_ACTS.includes(act);
}

/** What the pot comes off for, and how long that takes. */
function afterwards({ ahead, work, day }: Plan): string {
  const fridge = day.spans.find((s) => s.id === 'fridge');
  return ahead && fridge
    ? `be cold in ${duration((fridge.fromMs - day.offHeatByMs) / 60_000)}`
    : `strain, reduce and plate in ${duration(work.finish + work.plate)}`;
}

/** The cook screen: next action, forecast, records, what happened so far, the line of the day. */
export function CookScreen({ first, night }: { first: CookView; night: boolean }) {
  const router = useRouter();
  const { timeZone } = useKitchen();
  const say = useSay();
  const live = useLiveCook(first, () => {
    router.push('/');
  });
  const { view } = live;
  const now = useNow(5000);
  const [sheet, setSheet] = useState<SheetKind>();
  const [help, setHelp] = useState(false);
  const [laterUntil, setLaterUntil] = useState(0);
  const [leaving, setLeaving] = useState(false);
  const [shown, setShown] = useState<'fork' | 'pot'>('fork');
  const state = foldCook(view.plan.input, live.events);
  // The log shows a braise once the server has its verdict; until then it stays here, connection or not.
  const inTheLog = foldCook(view.plan.input, view.events).phase === 'finished';
  useEffect(() => {
    if (leaving && inTheLog) router.push(`/log/${view.id}`);
  }, [leaving, inTheLog, router, view.id]);
  const action = nextAction(state, view.plan, view.live, now);
  const startMs = state.intoPotMs ?? view.plan.day.intoPotMs;
  const atMin = Math.max(0, ((state.offHeatMs ?? now) - startMs) / 60_000);
  const here = sampleAt(view.live.course, state.intoPotMs === undefined ? 0 : atMin);
  const turns = readyEta(view.live.forecast);
  const moment = (min: number): number => startMs + min * 60_000;
  const cooking = state.phase === 'braising';
  const likely = STAGES[Math.min(5, Math.floor(bandAt(view.live.forecast.band, atMin)))];
  const lastEvent = state.events.at(-1);

  const act = (kind: CookActKind): void => {
    if (
      kind !== 'note' &&
      kind !== 'finished' &&
      kind !== 'offHeat' &&
      kind !== 'intoPot' &&
      state.intoPotMs === undefined
    )
      return;
    if (state.phase === 'finished') return;
    if (isSheet(kind)) setSheet(kind);
    else if (kind === 'intoPot' || kind === 'turned' || kind === 'offHeat') live.record({ kind });
  };
  const undo = (eventId: string): void => {
    live.record({ kind: 'undo', eventId });
  };
  useHotkeys(
    act,
    () => {
      if (lastEvent && undoRefusal(state, lastEvent.id) === undefined) undo(lastEvent.id);
    },
    () => {
      setHelp(true);
    },
  );

  const onRecord = (recorded: CookAct): void => {
    live.record(recorded);
    if (recorded.kind === 'finished') setLeaving(true);
  };

  const remove = async (): Promise<void> => {
    const sent = await send('DELETE', `/api/cooks/${view.id}`);
    if (sent.ok) router.push('/');
  };

  return (
    <ThemeScope theme={night ? 'dark' : undefined}>
      <Night data-theme={night ? 'dark' : undefined}>
        <Layout>
          <Stack>
            <NextCard
              action={action}
              now={now}
              laterUntil={laterUntil}
              finished={state.phase === 'finished'}
              braising={cooking}
              onAct={act}
              onLater={() => {
                setLaterUntil(now + LATER_MIN * 60_000);
              }}
              cookId={view.id}
            />
            <Alerts>
              {live.connected ? null : (
                <FaultNote role="status">
                  <WifiOff size={16} aria-hidden /> No connection to the server. Go on recording: it is kept on this
                  device and sent when the server is back.
                </FaultNote>
              )}
              {live.refusal === undefined ? null : <FaultNote role="alert">{live.refusal}</FaultNote>}
            </Alerts>
            <SoFar
              state={state}
              view={view}
              pendingIds={live.pendingIds}
              timeZone={timeZone}
              onUndo={undo}
              onRemove={() => void remove()}
              onHelp={() => {
                setHelp(true);
              }}
            />
          </Stack>
          <Stack>
            <ForecastPanel aria-labelledby="forecast-title">
              <h2 id="forecast-title" className="visually-hidden">
                Forecast for {view.plan.input.title}
              </h2>
              <Forecast>
                <div aria-live="polite">
                  {state.phase === 'braising' || state.phase === 'preparing' ? (
                    <>
                      <span>{TARGETS[view.live.forecast.target].ready}, likely at</span>
                      <strong>{clock(moment(turns.p50), timeZone)}</strong>
                    </>
                  ) : (
                    <>
                      <span>{state.phase === 'finished' ? 'Finished' : 'Off the heat since'}</span>
                      <strong>{clock(state.finishedMs ?? state.offHeatMs ?? now, timeZone)}</strong>
                    </>
                  )}
                </div>
                <div>
                  {cooking ? (
                    <b>
                      {!Number.isFinite(turns.p50)
                        ? 'not at this heat'
                        : turns.p50 > atMin
                          ? `in ${duration(turns.p50 - atMin)}`
                          : 'any minute'}
                    </b>
                  ) : null}
                  <div>
                    likely {clock(moment(turns.p10), timeZone)} to {clock(moment(turns.p90), timeZone)}
                  </div>
                  <Mute>
                    table {clockBeside(view.plan.day.serveMs, now, timeZone)} · off the heat by{' '}
                    {clock(view.plan.day.offHeatByMs, timeZone)} to {afterwards(view.plan)}
                  </Mute>
                </div>
              </Forecast>
              <Tools>
                <Views
                  aria-label="Show"
                  selectedKeys={[shown]}
                  disallowEmptySelection
                  onSelectionChange={(keys) => {
                    setShown(keys.has('pot') ? 'pot' : 'fork');
                  }}
                >
                  <ToggleButton id="fork">Fork scale</ToggleButton>
                  <ToggleButton id="pot">In the pot</ToggleButton>
                </Views>
                <Chips aria-label="Fork scale, the estimate now">
                  {STAGES.map((stage) => (
                    <li key={stage} aria-current={cooking && stage === likely ? 'step' : undefined}>
                      <ForkPicture stage={stage} size={30} />
                      {STAGE_WORDS[stage].name}
                    </li>
                  ))}
                </Chips>
              </Tools>
              {shown === 'fork' ? (
                <ScaleChart
                  band={view.live.forecast.band}
                  startMs={startMs}
                  timeZone={timeZone}
                  nowMs={cooking ? now : undefined}
                  tests={eventsOf(state.events, 'fork').map((e) => ({
                    atMs: e.atMs,
                    stageIndex: stageIndex(e.act.stage),
                  }))}
                  height={224}
                />
              ) : (
                <div style={{ maxWidth: 540, margin: '0 auto' }}>
                  <PotSection
                    pot={view.plan.pot}
                    liquidL={view.plan.liquidL}
                    evaporationMlPerHour={view.plan.liquid.water.perHour.value * 1000}
                    heat={state.heat}
                    lid={state.lid}
                    live={here}
                  />
                </div>
              )}
              <Mute>
                {view.live.liquidLowMin === undefined
                  ? 'Liquid is fine: it will not run low before the meat is done.'
                  : `The liquid would run low at ${clock(moment(view.live.liquidLowMin), timeZone)}.`}{' '}
                {cooking && view.live.teachesMost
                  ? `What would teach most: a ${view.live.teachesMost.kind === 'fork' ? 'fork test' : 'probe reading'} at ${clock(moment(view.live.teachesMost.atMin), timeZone)}, ${String(Math.round(view.live.teachesMost.widthMin - view.live.teachesMost.expectedWidthMin))} min surer. `
                  : null}
                Cook values are fitted to kitchen practice, not measured: the fork decides.
              </Mute>
              {cooking && view.live.heatWays.length > 0 ? (
                <Ways aria-label="What the heat could do">
                  {view.live.heatWays.map((w) => (
                    <li key={w.says}>
                      <span>
                        {say(w.says)}: ready about <b>{clock(moment(w.p50Min), timeZone)}</b>
                      </span>
                      <Button
                        onPress={() => {
                          live.record({ kind: 'heat', heat: w.heat });
                        }}
                      >
                        I have done that
                      </Button>
                    </li>
                  ))}
                </Ways>
              ) : null}
            </ForecastPanel>
            <RecordButtons state={state} onAct={act} />
          </Stack>
          <Foot aria-label="The day">
            <EmberLine
              spans={liveSpans(view.plan, state, view.live.forecast, now)}
              beside={liveBeside(view.plan, state, view.live.forecast, now)}
              marks={recordMarks(state)}
              target={view.live.forecast.target}
              ready={{ p10Ms: moment(turns.p10), p50Ms: moment(turns.p50), p90Ms: moment(turns.p90) }}
              serveMs={view.plan.day.serveMs}
              nowMs={state.phase === 'finished' ? undefined : now}
              timeZone={timeZone}
              zoomsAt="beside"
            />
          </Foot>
        </Layout>
        <RecordSheet
          kind={sheet}
          state={state}
          plan={view.plan}
          levelMm={here.levelMm}
          onRecord={onRecord}
          onClose={() => {
            setSheet(undefined);
          }}
        />
        <KeysSheet
          isOpen={help}
          onClose={() => {
            setHelp(false);
          }}
        />
      </Night>
    </ThemeScope>
  );
}
