'use client';

import { Download, Trash2, Undo2, WifiOff } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { Button as AriaButton, ToggleButton, ToggleButtonGroup } from 'react-aria-components';
import styled, { css } from 'styled-components';
import { RecordSheet, type SheetKind } from './RecordSheets';
import { useLiveCook } from './useLiveCook';
import { actWords, learnedWords, lessonWords } from './words';
import { cautionFor } from '@/core/care/cautions';
import { liveSpans, recordMarks } from '@/core/cook/course';
import { type CookAct, type CookActKind } from '@/core/cook/events';
import { type NextAction, nextAction } from '@/core/cook/nextAction';
import { type CookState, eventsOf, foldCook, undoRefusal } from '@/core/cook/state';
import { type CookView } from '@/core/cook/view';
import { sampleAt } from '@/core/forecast/course';
import { bandAt, etaOf } from '@/core/forecast/forecast';
import { STAGE_WORDS, stageIndex, STAGES } from '@/core/tenderness/stages';
import { ScaleChart } from '@/ui/charts/curves';
import { Button, linkButton } from '@/ui/controls/Button';
import { ConfirmButton } from '@/ui/controls/ConfirmButton';
import { FaultNote, Mute, Panel } from '@/ui/controls/Panel';
import { Sheet } from '@/ui/controls/Sheet';
import { EmberLine } from '@/ui/drawings/EmberLine';
import { ForkPicture } from '@/ui/drawings/ForkScale';
import { PotSection } from '@/ui/drawings/PotSection';
import { useKitchen, useNow } from '@/ui/KitchenContext';
import { send } from '@/ui/send';
import { ThemeScope } from '@/ui/ThemeScope';
import { DISPLAY } from '@/ui/theme';
import { clock, duration } from '@/ui/time';

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

const place = (order: number) => css`
  @media (max-width: 900px) {
    order: ${order};
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

const Next = styled(Panel)<{ $now: boolean }>`
  background: ${({ $now }) => ($now ? 'linear-gradient(150deg, var(--glow), #ee6a3c)' : 'var(--plate)')};
  color: ${({ $now }) => ($now ? '#1d0c04' : 'var(--ink)')};
  border-color: ${({ $now }) => ($now ? 'transparent' : 'var(--glow)')};
  display: grid;
  gap: 8px;
  h1 {
    font-size: 34px;
  }
  > p {
    font-size: 16px;
  }
  @media (max-width: 480px) {
    h1 {
      font-size: 32px;
    }
  }
  ${place(0)}
`;

const NextButtons = styled.div`
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
  margin-top: 4px;
  button {
    min-height: 52px;
    font-size: 18px;
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

const HistoryHead = styled.div`
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  h2 {
    font-size: 20px;
  }
  > div {
    display: flex;
    gap: 6px;
  }
  a,
  button {
    min-height: 40px;
    padding: 0 10px;
  }
`;

/** On the ember card a dark button stands out; on a plain one the usual one does. */
const ActButton = styled(Button)<{ $now: boolean }>`
  ${({ $now }) =>
    $now &&
    css`
      background: #1d0c04;
      color: #fff6ea;
      border-color: #1d0c04;
    `}
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

const Records = styled.div`
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  gap: 10px;
  @media (max-width: 900px) {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
  ${place(1)}
`;

const RecordButton = styled(AriaButton)`
  border: 2px solid var(--line);
  border-radius: 14px;
  background: var(--plate);
  color: var(--ink);
  min-height: 68px;
  padding: 8px 12px;
  text-align: left;
  cursor: pointer;
  strong {
    font-family: ${DISPLAY};
    font-size: 18px;
    display: flex;
    justify-content: space-between;
    gap: 6px;
  }
  kbd {
    font: inherit;
    font-size: 14px;
    color: var(--mute);
    border: 1px solid var(--line);
    border-radius: 5px;
    padding: 0 6px;
  }
  small {
    color: var(--mute);
    font-size: 14px;
  }
  &:hover {
    border-color: var(--glow);
  }
  &[data-disabled] {
    opacity: 0.5;
    cursor: default;
  }
  @media (max-width: 900px) {
    kbd {
      display: none;
    }
  }
`;

const History = styled.ul`
  li {
    display: grid;
    grid-template-columns: 52px minmax(0, 1fr) 44px;
    gap: 2px 8px;
    align-items: center;
    padding: 6px 0;
    border-top: 1px solid var(--line);
  }
  li:first-child {
    border-top: 0;
  }
  time {
    font-weight: 700;
  }
  p {
    overflow-wrap: anywhere;
  }
  small {
    grid-column: 2 / -1;
    color: var(--mute);
    font-size: 14px;
    margin-top: -4px;
  }
  button {
    width: 44px;
    height: 44px;
    border: 0;
    border-radius: 10px;
    background: none;
    color: var(--mute);
    display: grid;
    place-items: center;
    cursor: pointer;
  }
  button:hover {
    background: var(--well);
  }
`;

const FileLink = styled.a`
  ${linkButton('plain')}
`;

const Foot = styled(Panel)`
  grid-column: 1 / -1;
  padding: 10px 18px;
  ${place(4)}
`;

const HistoryPanel = styled(Panel)`
  ${place(3)}
  overflow-y: auto;
  scrollbar-width: thin;
  min-height: 120px;
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

const Keys = styled.dl`
  display: grid;
  grid-template-columns: 44px 1fr;
  gap: 8px 12px;
  margin: 0;
  dt {
    font-weight: 700;
  }
  dd {
    margin: 0;
  }
`;

const HOTKEYS: Readonly<Record<string, { readonly act: CookActKind; readonly says: string }>> = {
  f: { act: 'fork', says: 'Fork test' },
  p: { act: 'probe', says: 'Probe reading' },
  l: { act: 'liquid', says: 'Mark the liquid' },
  t: { act: 'turned', says: 'Pieces turned' },
  h: { act: 'heat', says: 'Heat or lid changed' },
  n: { act: 'note', says: 'Note' },
};

const BUTTON_WORDS: Readonly<Record<CookActKind, string>> = {
  intoPot: 'They are in',
  fork: 'Test it now',
  probe: 'Record it',
  liquid: 'Mark it now',
  turned: 'Turned',
  lid: 'Record it',
  heat: 'Record it',
  note: 'Record it',
  offHeat: 'It is off the heat',
  finished: 'Say how it came out',
};

const SHEET_ACTS: readonly CookActKind[] = ['fork', 'probe', 'liquid', 'heat', 'note', 'finished'];

function isSheet(act: CookActKind): act is SheetKind {
  return SHEET_ACTS.includes(act);
}

/** Time for the verdict to reach the server before the log is shown. */
const AFTER_FINISH_MS = 600;
const LATER_MIN = 10;
const SOON_MIN = 1;

function useHotkeys(onAct: (act: CookActKind) => void, onUndo: () => void, onHelp: () => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const target = event.target instanceof HTMLElement ? event.target : null;
      if (
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        target?.closest('input, textarea, select, [role="dialog"], [role="listbox"]')
      )
        return;
      const key = event.key.toLowerCase();
      const hotkey = HOTKEYS[key];
      if (hotkey) onAct(hotkey.act);
      else if (key === 'u') onUndo();
      else if (event.key === '?') onHelp();
      else return;
      event.preventDefault();
    };
    document.addEventListener('keydown', onKey);
    return () => {
      document.removeEventListener('keydown', onKey);
    };
  }, [onAct, onUndo, onHelp]);
}

/** The cook screen: next action, forecast, records, what happened so far, the line of the day. */
export function CookScreen({ first, night }: { first: CookView; night: boolean }) {
  const router = useRouter();
  const { timeZone } = useKitchen();
  const live = useLiveCook(first, () => {
    router.push('/');
  });
  const { view } = live;
  const now = useNow(5000);
  const [sheet, setSheet] = useState<SheetKind>();
  const [help, setHelp] = useState(false);
  const [laterUntil, setLaterUntil] = useState(0);
  const [shown, setShown] = useState<'fork' | 'pot'>('fork');
  const state = foldCook(view.plan.input, live.events);
  const action = nextAction(state, view.plan, view.live, now);
  const startMs = state.intoPotMs ?? view.plan.day.intoPotMs;
  const atMin = Math.max(0, ((state.offHeatMs ?? now) - startMs) / 60_000);
  const here = sampleAt(view.live.course, state.intoPotMs === undefined ? 0 : atMin);
  const turns = etaOf(view.live.forecast, 'turns');
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
    if (recorded.kind === 'finished') {
      setTimeout(() => {
        router.push(`/log/${view.id}`);
      }, AFTER_FINISH_MS);
    }
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
                      <span>The fork should turn freely at</span>
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
                  {cooking ? <b>{turns.p50 > atMin ? `in ${duration(turns.p50 - atMin)}` : 'any minute'}</b> : null}
                  <div>
                    likely {clock(moment(turns.p10), timeZone)} to {clock(moment(turns.p90), timeZone)}
                  </div>
                  <Mute>
                    table {clock(view.plan.day.serveMs, timeZone)} ·{' '}
                    {duration(view.plan.work.finish + view.plan.work.plate)} to strain, reduce, plate
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
                <div style={{ maxWidth: 400, margin: '0 auto' }}>
                  <PotSection
                    pot={view.plan.pot}
                    liquidL={view.plan.liquidL}
                    evaporationMlPerHour={view.plan.evaporationMlPerHour}
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
                        {w.says}: turns about <b>{clock(moment(w.p50Min), timeZone)}</b>
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
            <Records>
              {Object.entries(HOTKEYS).map(([key, { act: kind }]) => (
                <RecordButton
                  key={key}
                  isDisabled={state.phase === 'finished' || (state.intoPotMs === undefined && kind !== 'note')}
                  onPress={() => {
                    act(kind);
                  }}
                >
                  <strong>
                    {RECORD_NAMES[kind]} <kbd aria-hidden>{key}</kbd>
                  </strong>
                  <small>{recordHint(kind, state)}</small>
                </RecordButton>
              ))}
            </Records>
          </Stack>
          <Foot aria-label="The day">
            <EmberLine
              spans={liveSpans(view.plan, state, view.live.forecast, now)}
              marks={recordMarks(state)}
              ready={{ p10Ms: moment(turns.p10), p50Ms: moment(turns.p50), p90Ms: moment(turns.p90) }}
              serveMs={view.plan.day.serveMs}
              nowMs={state.phase === 'finished' ? undefined : now}
              timeZone={timeZone}
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
        <Sheet
          title="Keys"
          isOpen={help}
          onClose={() => {
            setHelp(false);
          }}
        >
          <Keys>
            {Object.entries(HOTKEYS).map(([key, { says }]) => (
              <KeyRow key={key} name={key} says={says} />
            ))}
            <KeyRow name="u" says="Take the last record back" />
            <KeyRow name="?" says="This list" />
          </Keys>
        </Sheet>
      </Night>
    </ThemeScope>
  );
}

function KeyRow({ name, says }: { name: string; says: string }) {
  return (
    <>
      <dt>{name}</dt>
      <dd>{says}</dd>
    </>
  );
}

const RECORD_NAMES: Readonly<Partial<Record<CookActKind, string>>> = {
  fork: 'Fork',
  probe: 'Probe',
  liquid: 'Liquid',
  turned: 'Turned',
  heat: 'Heat',
  note: 'Note',
};

function recordHint(kind: CookActKind, state: CookState): string {
  switch (kind) {
    case 'fork': {
      const last = eventsOf(state.events, 'fork').at(-1);
      return last ? `last: ${STAGE_WORDS[last.act.stage].name}` : 'how does it feel';
    }
    case 'probe': {
      const last = eventsOf(state.events, 'probe').at(-1);
      return last ? `last: ${String(last.act.tempC)} °C` : 'core reading';
    }
    case 'liquid':
      return 'mark the level';
    case 'turned':
      return state.turned ? 'once already' : 'pieces over';
    case 'heat':
      return state.heat.kind === 'oven'
        ? `${String(state.heat.tempC)} °C${state.heat.fan ? ', fan' : ''}`
        : `held at ${String(state.heat.tempC)} °C`;
    default:
      return 'in your words';
  }
}

interface NextCardProps {
  readonly action: NextAction;
  readonly now: number;
  readonly laterUntil: number;
  readonly finished: boolean;
  readonly braising: boolean;
  readonly cookId: string;
  readonly onAct: (act: CookActKind) => void;
  readonly onLater: () => void;
}

function NextCard({ action, now, laterUntil, finished, braising, cookId, onAct, onLater }: NextCardProps) {
  const { timeZone } = useKitchen();
  const router = useRouter();
  if (finished) {
    return (
      <Next $now={false}>
        <h1>In the log</h1>
        <p>This braise is finished. Undo “Finished” below to record more.</p>
        <NextButtons>
          <Button
            $tone="hands"
            onPress={() => {
              router.push(`/log/${cookId}`);
            }}
          >
            See how it went
          </Button>
        </NextButtons>
      </Next>
    );
  }
  const dueMs = Math.max(action.dueMs, laterUntil);
  const dueIn = (dueMs - now) / 60_000;
  const isNow = dueIn <= SOON_MIN;
  return (
    <Next $now={isNow} aria-label="Next action">
      <p aria-live="polite">{isNow ? 'Now' : `Next, in ${duration(dueIn)}, at ${clock(dueMs, timeZone)}`}</p>
      <h1>{action.title}</h1>
      <p>{action.why}</p>
      <p>
        <b>Look for:</b> {action.sign}
      </p>
      <NextButtons>
        <ActButton
          $now={isNow}
          $tone="main"
          onPress={() => {
            onAct(action.act);
          }}
        >
          {BUTTON_WORDS[action.act]}
        </ActButton>
        {isNow && (action.act === 'fork' || action.act === 'turned' || action.act === 'liquid') ? (
          <Button onPress={onLater}>Later, {LATER_MIN} min</Button>
        ) : null}
        {braising && action.act !== 'offHeat' ? (
          <Button
            onPress={() => {
              onAct('offHeat');
            }}
          >
            Off the heat
          </Button>
        ) : null}
      </NextButtons>
      <p style={{ fontSize: 14 }}>{cautionFor(action.care).text}</p>
    </Next>
  );
}

interface SoFarProps {
  readonly state: CookState;
  readonly view: CookView;
  readonly pendingIds: ReadonlySet<string>;
  readonly timeZone: string;
  readonly onUndo: (eventId: string) => void;
  readonly onRemove: () => void;
  readonly onHelp: () => void;
}

function SoFar({ state, view, pendingIds, timeZone, onUndo, onRemove, onHelp }: SoFarProps) {
  return (
    <HistoryPanel aria-labelledby="so-far" tabIndex={0}>
      <HistoryHead>
        <h2 id="so-far">So far</h2>
        <div>
          <FileLink href={`/api/cooks/${view.id}/export`} download aria-label="Export this braise">
            <Download size={18} aria-hidden />
          </FileLink>
          <ConfirmButton
            label="Delete this braise"
            question={`Delete “${view.plan.input.title}”?`}
            consequence="Everything recorded of this braise goes for good. Export it first to keep a copy."
            verb="Delete the braise"
            onConfirm={onRemove}
          >
            <Trash2 size={18} aria-hidden />
          </ConfirmButton>
          <Button aria-label="Keys" onPress={onHelp}>
            <kbd aria-hidden>?</kbd>
          </Button>
        </div>
      </HistoryHead>
      {state.events.length === 0 ? (
        <p style={{ marginTop: 6 }}>Nothing recorded yet. The clock starts when the pieces meet the simmer.</p>
      ) : (
        <History>
          {state.events.toReversed().map((event) => {
            const lesson = view.live.lessons.find((l) => l.eventId === event.id);
            const note = pendingIds.has(event.id)
              ? 'kept on this device, not yet sent'
              : [lessonWords(lesson), learnedWords(lesson)].filter((t) => t !== '').join('. ');
            return (
              <li key={event.id}>
                <time dateTime={new Date(event.atMs).toISOString()}>{clock(event.atMs, timeZone)}</time>
                <p>{actWords(event.act)}</p>
                {undoRefusal(state, event.id) === undefined ? (
                  <AriaButton
                    aria-label={`Take back: ${actWords(event.act)}`}
                    onPress={() => {
                      onUndo(event.id);
                    }}
                  >
                    <Undo2 size={18} aria-hidden />
                  </AriaButton>
                ) : (
                  <span />
                )}
                {note === '' ? null : <small>{note}</small>}
              </li>
            );
          })}
        </History>
      )}
    </HistoryPanel>
  );
}
