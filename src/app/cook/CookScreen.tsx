'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { RecordSheet } from './RecordSheet';
import { anyTime, hasSheet, type SheetRecord } from './records';
import { useLiveCook } from './useLiveCook';
import { useHotkeys } from './hotkeys';
import { LATER_MIN, StepCard } from './StepCard';
import { stepName } from './stepText';
import { TimerBar, timerName } from './TimerBar';
import { outlookSays } from './outlookText';
import { UnreadableNotice } from '../UnreadableNotice';
import { type QuarantinedRow } from '@/server/quarantine';
import { columnOrder } from './columnOrder';
import { RecordButtons } from './RecordButtons';
import { actSays, lessonSays } from './recordText';
import {
  ALLOWED_AFTER_FINISH,
  guide,
  type CookAct,
  type CookActKind,
  type CookView,
  reduceEvents,
  type PlacedStep,
  recordMarks,
  undoRefusal,
} from '@/core/cook';
import { readyEta, sampleAt } from '@/core/forecast';
import { Button } from '@/ui/controls/Button';
import { Mute, Panel } from '@/ui/controls/Panel';
import { useKitchen, useNow, useWords } from '@/ui/KitchenContext';
import { lazyHydrated, lazyOnIdle, Unboxed } from '@/ui/lazy';
import { cachePages } from '@/ui/offline';
import { send } from '@/ui/send';
import { ThemeScope } from '@/ui/ThemeScope';
import { MINUTE_MS } from '@/core/quantity';

const HandsFull = lazyOnIdle(async () => (await import('./TapAnywhere')).TapAnywhere);
const KeysSheet = lazyOnIdle(async () => (await import('./KeysSheet')).KeysSheet);
const TroubleSheet = lazyOnIdle(async () => (await import('./TroubleSheet')).TroubleSheet);
/** All beside the card in hand, each for its stage. */
const Beside = lazyHydrated(async () => (await import('./StepLists')).Beside);
const AllSteps = lazyHydrated(async () => (await import('./StepLists')).AllSteps);
const SoFar = lazyHydrated(async () => (await import('./RecordHistory')).RecordHistory);
const LiveForecast = lazyHydrated(async () => (await import('./LiveForecast')).LiveForecast);
const HoldPanel = lazyHydrated(async () => (await import('./FinishPanels')).HoldPanel);
const SaucePanel = lazyHydrated(async () => (await import('./FinishPanels')).SaucePanel);
const CoolPanel = lazyHydrated(async () => (await import('./FinishPanels')).CoolPanel);
const EmberLine = lazyHydrated(async () => (await import('@/ui/drawings/Timeline')).Timeline);
const PanMap = lazyHydrated(async () => (await import('@/ui/drawings/PanMap')).PanMap);
const PotSection = lazyHydrated(async () => (await import('@/ui/drawings/PotSection')).PotSection);

/** A braise is kept for when the server is away so long after its last record, ms. */
const KEPT_AFTER_MS = 5000;

const Night = styled.div`
  background: var(--bench);
  color: var(--ink);
  min-height: calc(100vh - 56px);
  /* Wet hands: nothing at the stove is smaller. */
  main a,
  main button {
    min-width: 48px;
    min-height: 48px;
  }
`;

const Layout = styled.main`
  max-width: 1320px;
  margin: 0 auto;
  padding: 14px 16px 24px;
  display: grid;
  grid-template-columns: minmax(320px, 460px) minmax(0, 1fr);
  gap: 14px;
  align-items: start;
  @media (min-width: 901px) and (min-height: 790px) {
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
  height: 100%;
  @media (min-width: 901px) and (min-height: 790px) {
    overflow-y: auto;
    scrollbar-width: thin;
    min-height: 0;
    > *,
    > ${Unboxed} > * {
      flex: none;
    }
  }
  @media (max-width: 900px) {
    display: contents;
  }
`;

/** Beside the card the forecast takes what height is left, its chart giving way first. */
const Beyond = styled(Stack)`
  @media (min-width: 901px) and (min-height: 790px) {
    overflow: hidden;
    > section,
    > ${Unboxed} > section {
      flex: 1 1 auto;
    }
  }
`;

const Alerts = styled.div`
  display: grid;
  gap: 10px;
  ${columnOrder(1)}
  &:empty {
    display: none;
  }
`;

const Foot = styled(Panel)`
  grid-column: 1 / -1;
  padding: 10px 18px;
  @media (min-width: 901px) and (min-height: 790px) {
    max-height: 26vh;
    overflow-y: auto;
    scrollbar-width: thin;
  }
  ${columnOrder(4)}
`;

const AlarmBox = styled(Panel)`
  /* The same red by day and by night: white stands on it at 6.5 to 1. */
  background: #b3261e;
  color: #ffffff;
  border-color: transparent;
  display: grid;
  gap: 8px;
  h1 {
    font-size: 2.125rem;
  }
  p {
    font-size: 1.125rem;
    line-height: 1.35;
  }
  ${columnOrder(0)}
`;

const InTheLog = styled(Panel)`
  display: grid;
  gap: 8px;
  h1 {
    font-size: 2.125rem;
  }
  ${columnOrder(0)}
`;

const Top = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: start;
  gap: 10px;
  flex: none;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
  ${columnOrder(1)}
`;

const TroubleButton = styled(AriaButton)`
  && {
    min-height: 64px;
  }
  padding: 0 22px;
  border: 2px solid var(--warn);
  border-radius: 14px;
  background: var(--plate);
  color: var(--ink);
  font-size: 1.125rem;
  font-weight: 700;
  cursor: pointer;
  kbd {
    font: inherit;
    font-size: 0.875rem;
    color: var(--mute);
    border: 1px solid var(--line);
    border-radius: 5px;
    padding: 0 6px;
  }
  @media (max-width: 900px) {
    kbd {
      display: none;
    }
  }
`;

const NoteButton = styled(TroubleButton)`
  border-color: var(--line);
  && {
    min-height: 52px;
  }
  justify-self: start;
  align-self: start;
  flex: none;
  ${columnOrder(3)}
`;

const Drawn = styled.div`
  width: 100%;
  max-width: 440px;
  margin: 0 auto;
`;

const Early = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  flex: none;
  ${columnOrder(3)}
`;

const StagePanel = styled(Panel)`
  flex: 1 1 auto;
  min-height: 0;
  overflow: auto;
  display: grid;
  gap: 12px;
  align-content: start;
  ${columnOrder(2)}
`;

const Outlook = styled.p`
  display: grid;
  gap: 2px;
  > span:first-child {
    font-size: 1.25rem;
    font-weight: 700;
  }
`;

/** Records that say all by themselves. */
const BARE = ['intoPot', 'turned', 'offHeat', 'served'] as const;
const isBare = (kind: CookActKind): kind is (typeof BARE)[number] => BARE.some((bare) => bare === kind);

/** What is due and what the pot wants is looked at so often, ms: no figure here is finer than a minute. */
const TICK_MS = 5000;

/** The cook screen: the step in hand, what goes with it, what comes, timers, forecast, records, the line of the day. */
export function CookScreen({
  first,
  aside,
  night,
}: {
  first: CookView;
  aside: readonly QuarantinedRow[];
  night: boolean;
}) {
  const router = useRouter();
  const { timeZone } = useKitchen();
  const w = useWords();
  const live = useLiveCook(first, () => {
    router.push('/');
  });
  const { view } = live;
  const looked = useNow(TICK_MS);
  // What was recorded just now is not in the future.
  const now = Math.max(looked, Math.min(live.events.at(-1)?.atMs ?? 0, looked + TICK_MS));
  const [sheet, setSheet] = useState<SheetRecord>();
  const [help, setHelp] = useState(false);
  const [troubled, setTroubled] = useState(false);
  const [handsFull, setHandsFull] = useState(false);
  const [putOff, setPutOff] = useState<{ readonly step: string; readonly untilMs: number }>();
  const [leaving, setLeaving] = useState(false);
  const state = useMemo(() => reduceEvents(view.plan.input, live.events), [view.plan.input, live.events]);
  // The log shows a braise once the server has its verdict; until then it stays here, connection or not.
  const inTheLog = reduceEvents(view.plan.input, view.events).phase === 'finished';
  useEffect(() => {
    if (leaving && inTheLog) router.push(`/log/${view.id}`);
  }, [leaving, inTheLog, router, view.id]);
  // What opens without the server is as it was after the last record.
  useEffect(() => {
    const settled = setTimeout(() => void cachePages([`/cook/${view.id}`, '/']), KEPT_AFTER_MS);
    return () => {
      clearTimeout(settled);
    };
  }, [view.id, view.events.length]);
  const conducted = guide(view.plan, state, view.live, now);
  const startMs = conducted.intoPotMs;
  const atMin = Math.max(0, ((state.offHeatMs ?? now) - startMs) / MINUTE_MS);
  const here = sampleAt(view.live.course, state.intoPotMs === undefined ? 0 : atMin);
  const twists = readyEta(view.live.forecast);
  const moment = (min: number): number => startMs + min * MINUTE_MS;
  const cooking = state.phase === 'braising';
  const lastEvent = state.events.at(-1);
  const lastLesson = view.live.lessons.find((l) => l.eventId === lastEvent?.id);
  const placed = conducted.now;

  const act = (kind: CookActKind): void => {
    if (state.phase === 'finished' && !ALLOWED_AFTER_FINISH.includes(kind)) return;
    if (state.intoPotMs === undefined && !anyTime(kind)) return;
    if (hasSheet(kind)) setSheet(kind);
    else if (isBare(kind)) live.record({ kind });
  };
  const stepAct = ({ step }: PlacedStep, how: 'done' | 'skipped', agoMin = 0): void => {
    live.record({ kind: 'step', step: step.id, name: stepName(w, step), how }, agoMin);
  };
  const done = (p: PlacedStep, agoMin = 0): void => {
    const { record } = p.step;
    if (record === null) stepAct(p, 'done', agoMin);
    else if (isBare(record)) live.record({ kind: record }, agoMin);
    else act(record);
  };
  const doneNow = (): void => {
    if (placed) done(placed);
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
    doneNow,
    () => {
      setTroubled(true);
    },
  );

  const onRecord = (recorded: CookAct, agoMin = 0): void => {
    live.record(recorded, agoMin);
    if (recorded.kind === 'finished') setLeaving(true);
  };

  const setTimer = (id: string, name: string, minutes: number): void => {
    live.record({ kind: 'timer', timer: id, name: name.slice(0, 80), minutes });
  };

  const remove = async (): Promise<void> => {
    const sent = await send('DELETE', `/api/cooks/${view.id}`);
    if (sent.ok) router.push('/');
  };
  const stage = conducted.stage;
  const batch = placed && /^\w+-(\d+)/.exec(placed.step.id)?.[1];
  const batchNumber = stage === 'sear' && batch !== undefined ? Number(batch) : 1;
  const searBatch = view.plan.sear.batches[batchNumber - 1];

  const keeps = stage === 'store' && (placed !== undefined || state.lots.length > 0);
  const after = { view, state, conducted, now, onAct: act, onRecord };

  return (
    <ThemeScope theme={night ? 'dark' : undefined}>
      <Night data-theme={night ? 'dark' : undefined}>
        <Layout>
          <Stack>
            {conducted.alarm ? (
              <AlarmBox role="alert">
                <h1>{w.title(conducted.alarm.says)}</h1>
                <p>{w.say(conducted.alarm.do)}</p>
                <Button
                  $tone="main"
                  onPress={() => {
                    if (conducted.alarm) act(conducted.alarm.record);
                  }}
                >
                  {w.text(`alarm.record.${conducted.alarm.record}`)}
                </Button>
              </AlarmBox>
            ) : null}
            {placed === undefined ? null : (
              <StepCard
                rule={view.plan.input.keeping.rule}
                conducted={conducted}
                now={now}
                putOffUntil={putOff !== undefined && putOff.step === placed.step.id ? putOff.untilMs : 0}
                onDone={done}
                onSkip={(p) => {
                  stepAct(p, 'skipped');
                }}
                onMore={(p, minutes) => {
                  setTimer(p.step.id, stepName(w, p.step), minutes);
                }}
                onLater={() => {
                  setPutOff({ step: placed.step.id, untilMs: now + LATER_MIN * MINUTE_MS });
                }}
                onOffHeat={
                  cooking
                    ? () => {
                        act('offHeat');
                      }
                    : undefined
                }
                onHandsFull={() => {
                  setHandsFull(true);
                }}
              />
            )}
            {state.phase === 'finished' ? (
              <InTheLog>
                <h1>{w.text('nextCard.inTheLog')}</h1>
                <p>{w.text('nextCard.thisBraiseIsFinishedUndo')}</p>
                <Button
                  $tone="hands"
                  onPress={() => {
                    router.push(`/log/${view.id}`);
                  }}
                >
                  {w.text('nextCard.seeHowItWent')}
                </Button>
              </InTheLog>
            ) : null}
            <p role="status" className="visually-hidden">
              {lastEvent
                ? [actSays(w, lastEvent.act), lessonSays(w, lastLesson)].filter((t) => t !== '').join('. ')
                : ''}
            </p>
            <Alerts>
              <UnreadableNotice aside={aside} />
            </Alerts>
            <Beside box={Unboxed} conducted={conducted} now={now} onDone={done} />
            <SoFar
              box={Unboxed}
              state={state}
              view={view}
              now={now}
              pending={live.pending}
              onUndo={undo}
              onRemove={() => void remove()}
              onHelp={() => {
                setHelp(true);
              }}
            />
          </Stack>
          <Beyond>
            {state.phase === 'finished' && !placed ? null : (
              <Top>
                <TimerBar
                  timers={conducted.timers}
                  onAnswer={(timer) => {
                    const of = conducted.steps.find((p) => p.step.id === timer.step);
                    if (of) done(of);
                    else setTimer(timer.id, timerName(w, timer), 0);
                  }}
                  onMore={(timer, minutes) => {
                    setTimer(timer.id, timerName(w, timer), minutes);
                  }}
                  onSet={(name, minutes) => {
                    setTimer(crypto.randomUUID(), name, minutes);
                  }}
                />
                <TroubleButton
                  onPress={() => {
                    setTroubled(true);
                  }}
                >
                  {w.text('trouble')} <kbd aria-hidden>x</kbd>
                </TroubleButton>
              </Top>
            )}
            {stage === 'braise' || (state.phase === 'finished' && !keeps) ? (
              <LiveForecast
                box={Unboxed}
                view={view}
                state={state}
                conducted={conducted}
                now={now}
                here={here}
                onHeat={(heat) => {
                  live.record({ kind: 'heat', heat });
                }}
              />
            ) : (
              <StagePanel aria-label={w.text('cookScreen.thisStage')}>
                <Outlook>
                  <span>{outlookSays(w, conducted, now)}</span>
                  {state.offHeatMs === undefined ? (
                    <Mute>
                      {w.text('cookScreen.inThePot', {
                        at: w.clockBeside(conducted.intoPotMs, now),
                        ready: Number.isFinite(conducted.headline.atMs)
                          ? w.clockBeside(conducted.headline.atMs, now)
                          : w.text('common.later'),
                      })}
                    </Mute>
                  ) : conducted.outlook.served ? null : (
                    <Mute>
                      {w.text('conduct.headline', { says: conducted.headline.says })}{' '}
                      {w.clockBeside(conducted.headline.atMs, now)}
                    </Mute>
                  )}
                </Outlook>
                {conducted.outlook.ways.map((way) => (
                  <p key={JSON.stringify(way)}>{w.title(way)}</p>
                ))}
                {stage === 'sear' && searBatch ? (
                  <PanMap
                    box={Drawn}
                    pan={view.plan.input.pan}
                    batch={searBatch}
                    number={batchNumber}
                    batches={view.plan.sear.batches.length}
                    pieces={view.plan.parts.reduce((sum, p) => sum + p.part.pieces, 0)}
                  />
                ) : null}
                {stage === 'liquid' ? (
                  <PotSection
                    box={Drawn}
                    pot={view.plan.pot}
                    liquidL={view.plan.liquidL}
                    evaporationMlPerHour={view.plan.liquid.water.perHour.value * 1000}
                    heat={state.heat}
                    lid={state.lid}
                  />
                ) : null}
                {conducted.keptWarm ? <HoldPanel box={Unboxed} {...after} /> : null}
                {(stage === 'finish' || stage === 'serve') && !conducted.keptWarm ? (
                  <SaucePanel box={Unboxed} {...after} />
                ) : null}
                {stage === 'store' ? <CoolPanel box={Unboxed} {...after} /> : null}
                <AllSteps
                  box={Unboxed}
                  conducted={conducted}
                  stages={
                    state.offHeatMs === undefined ? ['ready', 'sear', 'base', 'liquid'] : ['finish', 'serve', 'store']
                  }
                />
              </StagePanel>
            )}
            {state.intoPotMs === undefined || state.offHeatMs !== undefined ? (
              <Early>
                <NoteButton
                  onPress={() => {
                    act('note');
                  }}
                >
                  {w.text('record.note')} <kbd aria-hidden>n</kbd>
                </NoteButton>
                {state.intoPotMs === undefined ? (
                  <NoteButton
                    onPress={() => {
                      act('intoPot');
                    }}
                  >
                    {w.text('cookScreen.inAlready')}
                  </NoteButton>
                ) : null}
              </Early>
            ) : (
              <RecordButtons state={state} onAct={act} />
            )}
          </Beyond>
          <Foot aria-label={w.text('cookScreen.theDay')}>
            <EmberLine
              box={Unboxed}
              day={{
                spans: conducted.spans,
                beside: conducted.beside,
                marks: [...recordMarks(state), ...conducted.marks],
                target: view.live.forecast.target,
                // Once the fork has found it nothing is forecast of it: the line says what was.
                ready:
                  conducted.headline.between === null && state.intoPotMs !== undefined
                    ? null
                    : { p10Ms: moment(twists.p10), p50Ms: moment(twists.p50), p90Ms: moment(twists.p90) },
                serveMs: conducted.outlook.plateMs,
              }}
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
          live={view.live}
          onRecord={onRecord}
          onClose={() => {
            setSheet(undefined);
          }}
        />
        <TroubleSheet
          rule={view.plan.input.keeping.rule}
          isOpen={troubled}
          conducted={conducted}
          onTrouble={(trouble) => {
            live.record({ kind: 'trouble', trouble: trouble.id });
          }}
          onIn={(p) => {
            stepAct(p, 'done');
          }}
          onClose={() => {
            setTroubled(false);
          }}
        />
        {handsFull ? (
          <HandsFull
            placed={placed}
            onDone={done}
            onClose={() => {
              setHandsFull(false);
            }}
          />
        ) : null}
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
