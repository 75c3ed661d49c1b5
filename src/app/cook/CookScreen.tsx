'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { RecordSheet } from './RecordSheet';
import { anyTime, hasSheet, type SheetRecord } from './records';
import { useLiveCook } from './useLiveCook';
import { KeysSheet, useHotkeys } from './hotkeys';
import { LATER_MIN, NextCard } from './NextCard';
import { LiveForecast } from './LiveForecast';
import { AsideNote } from '../AsideNote';
import { type SetAside } from '@/server/aside';
import { columnOrder } from './columnOrder';
import { RecordButtons } from './RecordButtons';
import { SoFar } from './SoFar';
import {
  type CookAct,
  type CookActKind,
  type CookView,
  foldCook,
  liveBeside,
  liveSpans,
  nextAction,
  recordMarks,
  undoRefusal,
} from '@/core/cook';
import { readyEta, sampleAt } from '@/core/forecast';
import { Panel } from '@/ui/controls/Panel';
import { EmberLine } from '@/ui/drawings/EmberLine';
import { useKitchen, useNow, useWords } from '@/ui/KitchenContext';
import { keepPages } from '@/ui/offline';
import { send } from '@/ui/send';
import { ThemeScope } from '@/ui/ThemeScope';

/** A braise is kept for when the server is away so long after its last record, ms. */
const KEPT_AFTER_MS = 5000;

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
  height: 100%;
  @media (max-width: 900px) {
    display: contents;
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
  ${columnOrder(4)}
`;

/** The cook screen: next action, forecast, records, what happened so far, the line of the day. */
export function CookScreen({ first, aside, night }: { first: CookView; aside: readonly SetAside[]; night: boolean }) {
  const router = useRouter();
  const { timeZone } = useKitchen();
  const w = useWords();
  const live = useLiveCook(first, () => {
    router.push('/');
  });
  const { view } = live;
  const now = useNow(5000);
  const [sheet, setSheet] = useState<SheetRecord>();
  const [help, setHelp] = useState(false);
  const [laterUntil, setLaterUntil] = useState(0);
  const [leaving, setLeaving] = useState(false);
  const state = foldCook(view.plan.input, live.events);
  // The log shows a braise once the server has its verdict; until then it stays here, connection or not.
  const inTheLog = foldCook(view.plan.input, view.events).phase === 'finished';
  useEffect(() => {
    if (leaving && inTheLog) router.push(`/log/${view.id}`);
  }, [leaving, inTheLog, router, view.id]);
  // What opens without the server is as it was after the last record.
  useEffect(() => {
    const settled = setTimeout(() => void keepPages([`/cook/${view.id}`, '/']), KEPT_AFTER_MS);
    return () => {
      clearTimeout(settled);
    };
  }, [view.id, view.events.length]);
  const action = nextAction(state, view.plan, view.live, now);
  const startMs = state.intoPotMs ?? view.plan.day.intoPotMs;
  const atMin = Math.max(0, ((state.offHeatMs ?? now) - startMs) / 60_000);
  const here = sampleAt(view.live.course, state.intoPotMs === undefined ? 0 : atMin);
  const twists = readyEta(view.live.forecast);
  const moment = (min: number): number => startMs + min * 60_000;
  const cooking = state.phase === 'braising';
  const lastEvent = state.events.at(-1);

  const act = (kind: CookActKind): void => {
    if (state.phase === 'finished' || (state.intoPotMs === undefined && !anyTime(kind))) return;
    if (hasSheet(kind)) setSheet(kind);
    else if (kind !== 'lid') live.record({ kind });
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
              <AsideNote aside={aside} />
            </Alerts>
            <SoFar
              state={state}
              view={view}
              pending={live.pending}
              onUndo={undo}
              onRemove={() => void remove()}
              onHelp={() => {
                setHelp(true);
              }}
            />
          </Stack>
          <Stack>
            <LiveForecast
              view={view}
              state={state}
              now={now}
              here={here}
              onHeat={(heat) => {
                live.record({ kind: 'heat', heat });
              }}
            />
            <RecordButtons state={state} onAct={act} />
          </Stack>
          <Foot aria-label={w.text('cookScreen.theDay')}>
            <EmberLine
              day={{
                spans: liveSpans(view.plan, state, view.live.forecast, now),
                beside: liveBeside(view.plan, state, view.live.forecast, now),
                marks: recordMarks(state),
                target: view.live.forecast.target,
                ready: { p10Ms: moment(twists.p10), p50Ms: moment(twists.p50), p90Ms: moment(twists.p90) },
                serveMs: view.plan.day.serveMs,
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
