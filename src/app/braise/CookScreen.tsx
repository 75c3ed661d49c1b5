'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { RecordSheet } from './RecordSheet';
import { anyTime, hasSheet, type SheetRecord } from './records';
import { useLiveCook } from './useLiveCook';
import { useHotkeys } from './hotkeys';
import { LATER_MIN, StepCard } from './StepCard';
import { stepName } from './stepText';
import { TimerBar, timerName } from './TimerBar';
import { type QuarantinedRow } from '@/server/quarantine';
import {
  AlarmBox,
  Alerts,
  Beyond,
  Early,
  Foot,
  InTheLog,
  Layout,
  Night,
  NoteButton,
  Stack,
  Top,
  TroubleButton,
} from './stoveLayout';
import { ThisStage } from './ThisStage';
import { RecordButtons } from './RecordButtons';
import { actText, updateText } from './recordText';
import {
  canFollowFinish,
  guide,
  type CookAct,
  type CookActKind,
  type CookView,
  reduceEvents,
  type ScheduledStep,
  recordMarks,
  validateUndo,
} from '@/core/cook';
import { readyEta, sampleAt } from '@/core/forecast';
import { Button } from '@/ui/controls/Button';
import { useKitchen, useNow, useWords } from '@/ui/KitchenContext';
import { lazyHydrated, lazyOnIdle, Unboxed } from '@/ui/lazy';
import { cachePages } from '@/ui/offline';
import { send } from '@/ui/send';
import { ThemeScope } from '@/ui/ThemeScope';
import { MINUTE_MS } from '@/core/quantity';

const TapAnywhere = lazyOnIdle(async () => (await import('./TapAnywhere')).TapAnywhere);
const KeysSheet = lazyOnIdle(async () => (await import('./KeysSheet')).KeysSheet);
const TroubleSheet = lazyOnIdle(async () => (await import('./TroubleSheet')).TroubleSheet);
/** Everything beside the current card, by phase of the braise. */
const UnreadableNotice = lazyHydrated(async () => (await import('../UnreadableNotice')).UnreadableNotice);
const Beside = lazyHydrated(async () => (await import('./StepLists')).Beside);
const RecordHistory = lazyHydrated(async () => (await import('./RecordHistory')).RecordHistory);
const LiveForecast = lazyHydrated(async () => (await import('./LiveForecast')).LiveForecast);
const Timeline = lazyHydrated(async () => (await import('@/ui/drawings/Timeline')).Timeline);

/** How long after the last record the braise's page is cached for offline use, ms. */
const KEPT_AFTER_MS = 5000;

/** Records that need no form. */
const INSTANT_RECORDS = ['intoPot', 'turned', 'offHeat', 'served'] as const;
const isInstant = (kind: CookActKind): kind is (typeof INSTANT_RECORDS)[number] =>
  INSTANT_RECORDS.some((bare) => bare === kind);

/** How often due steps and alarms are re-evaluated, ms: no figure here is finer than a minute. */
const TICK_MS = 5000;

/** The stove screen: current step, what goes with it, what comes next, timers, forecast, records, timeline. */
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
  // A record made just now must not lie in the future.
  const now = Math.max(looked, Math.min(live.events.at(-1)?.atMs ?? 0, looked + TICK_MS));
  const [sheet, setSheet] = useState<SheetRecord>();
  const [help, setHelp] = useState(false);
  const [troubled, setTroubled] = useState(false);
  const [handsFull, setHandsFull] = useState(false);
  const [putOff, setPutOff] = useState<{ readonly step: string; readonly untilMs: number }>();
  const [leaving, setLeaving] = useState(false);
  const state = useMemo(() => reduceEvents(view.plan.input, live.events), [view.plan.input, live.events]);
  // The log shows a braise once the server has its verdict; until then it stays here, online or offline.
  const inTheLog = reduceEvents(view.plan.input, view.events).phase === 'finished';
  useEffect(() => {
    if (leaving && inTheLog) router.push(`/log/${view.id}`);
  }, [leaving, inTheLog, router, view.id]);
  // The offline page shows the braise as it was after the last record.
  useEffect(() => {
    const settled = setTimeout(() => void cachePages([`/braise/${view.id}`, '/']), KEPT_AFTER_MS);
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
    if (state.phase === 'finished' && !canFollowFinish(kind)) return;
    if (state.intoPotMs === undefined && !anyTime(kind)) return;
    if (hasSheet(kind)) setSheet(kind);
    else if (isInstant(kind)) live.record({ kind });
  };
  const stepAct = ({ step }: ScheduledStep, how: 'done' | 'skipped', agoMin = 0): void => {
    live.record({ kind: 'step', step: step.id, name: stepName(w, step), how }, agoMin);
  };
  const done = (p: ScheduledStep, agoMin = 0): void => {
    const { record } = p.step;
    if (record === null) stepAct(p, 'done', agoMin);
    else if (isInstant(record)) live.record({ kind: record }, agoMin);
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
      if (lastEvent && validateUndo(state, lastEvent.id) === undefined) undo(lastEvent.id);
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
    const sent = await send('DELETE', `/api/braises/${view.id}`);
    if (sent.ok) router.push('/');
  };
  const stage = conducted.stage;
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
                ? [actText(w, lastEvent.act), updateText(w, lastLesson)].filter((t) => t !== '').join('. ')
                : ''}
            </p>
            <Alerts>
              <UnreadableNotice box={Unboxed} aside={aside} />
            </Alerts>
            <Beside box={Unboxed} conducted={conducted} now={now} onDone={done} />
            <RecordHistory
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
              <ThisStage {...after} />
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
            <Timeline
              box={Unboxed}
              day={{
                spans: conducted.spans,
                beside: conducted.beside,
                marks: [...recordMarks(state), ...conducted.marks],
                target: view.live.forecast.target,
                // Once it is fork-tender nothing more is forecast: the line says what was.
                ready:
                  conducted.headline.between === null && state.intoPotMs !== undefined
                    ? null
                    : { p10Ms: moment(twists.p10), p50Ms: moment(twists.p50), p90Ms: moment(twists.p90) },
                serveMs: conducted.outlook.serveMs,
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
          <TapAnywhere
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
