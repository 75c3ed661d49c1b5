'use client';

import { useMemo } from 'react';
import styled from 'styled-components';
import { DecisionPanel } from './DecisionPanel';
import { ExportMenu } from './ExportMenu';
import { type Decision } from './decisions';
import { PlanBar } from './PlanBar';
import { useDraft } from './useDraft';
import { useDecision } from './useDecision';
import { useKeeping } from './useKeeping';
import { useKitchenDefaults } from './useKitchenDefaults';
import { usePlan } from './usePlan';
import { useUndoKeys } from './useUndoKeys';
import { minded, Verdict } from './Verdict';
import { type Kitchen } from '@/contract/kitchen';
import { type Outlook } from '@/core/plan';
import { sectionOf, type PlanInput } from '@/core/choices';
import { Button, linkButton } from '@/ui/controls/Button';
import { FaultNote, Mute } from '@/ui/controls/Panel';
import { useKitchen, useNow, useWords } from '@/ui/KitchenContext';
import { lazyHydrated, Unboxed } from '@/ui/lazy';

/**
 * The eight decisions, the open one and the verdict side by side, the day docked below. Only the page scrolls. On low
 * screens the docks are released; on narrow ones the open decision is a page of its own.
 */
const Layout = styled.main`
  max-width: 1320px;
  margin: 0 auto;
  padding: 12px 16px 0;
  min-height: calc(100vh - 56px);
  display: grid;
  grid-template-columns: minmax(236px, 282px) minmax(0, 1fr) minmax(200px, 236px);
  grid-template-rows: 1fr auto;
  gap: 12px;
  align-items: start;
  /* What is taller than the room over the docked day slides up with the page until its end is there. */
  [data-place='list'],
  [data-place='verdict'] {
    position: sticky;
    top: min(12px, calc(100vh - var(--dock, 150px) - 12px - var(--tall, 0px)));
  }
  [data-place='day'] {
    grid-column: 1 / -1;
    position: sticky;
    bottom: 0;
    z-index: 6;
    margin: 0 -16px;
    min-width: 0;
  }
  [data-place='bar'] {
    display: none;
  }
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: none;
    padding: 10px 12px 0;
    [data-place='list'],
    [data-place='verdict'],
    [data-place='day'] {
      position: static;
    }
    [data-place='day'] {
      margin: 0 -12px;
      order: 3;
    }
    [data-place='bar'] {
      display: block;
      order: 4;
      position: sticky;
      bottom: 0;
      z-index: 6;
      margin: 0 -12px;
      align-self: end;
    }
    &[data-page='list'] [data-place='work'],
    &[data-page='decision'] > :not([data-place='work'], [data-place='bar']) {
      display: none;
    }
  }
  @media (max-height: 500px) {
    [data-place] {
      position: static;
    }
  }
`;

const DecisionList = lazyHydrated(async () => (await import('./DecisionList')).DecisionList);
const DayDock = lazyHydrated(async () => (await import('./DayDock')).DayDock);

const Day = styled.div.attrs<{ 'data-place'?: string }>({ 'data-place': 'day' })``;

const Buttons = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
`;

/** The decision in which a section of the input is set. */
const DECISION_OF: Readonly<Record<keyof PlanInput, Decision>> = {
  title: 'meat',
  eaters: 'meat',
  appetite: 'meat',
  meat: 'meat',
  also: 'meat',
  prepare: 'meat',
  result: 'meat',
  avoid: 'serve',
  season: 'sear',
  pot: 'pot',
  lie: 'pot',
  pan: 'sear',
  sear: 'sear',
  base: 'base',
  liquid: 'liquid',
  course: 'heat',
  bare: 'heat',
  altitudeM: 'heat',
  keeping: 'serve',
  finish: 'finish',
  day: 'serve',
  serveAtMs: 'serve',
  confidence: 'serve',
};

interface PlanEditorProps {
  readonly kitchen: Kitchen;
  readonly start: PlanInput;
  readonly id: string | null;
  /** When it was last saved; null for a new one. */
  readonly updatedAtMs: number | null;
  /** The result computed with the page; omitted for a plan only this browser has. */
  readonly first?: Outlook;
}

/** A new page load, not a step within this one: saved data are read again. */
const OtherLink = styled.a`
  ${linkButton('plain')}
`;

/** The plan screen: eight decisions, the open one with its drawing, the verdict, the day. */
export function PlanEditor({ kitchen: firstKitchen, start, id: firstId, updatedAtMs, first }: PlanEditorProps) {
  const { timeZone } = useKitchen();
  const w = useWords();
  const nowMs = useNow(30_000);
  const opened = useMemo(() => ({ input: start, atMs: updatedAtMs }), [start, updatedAtMs]);
  const draft = useDraft(firstId, opened);
  const { input } = draft;
  const { id, kept, ...keeping } = useKeeping(firstId, opened, draft);
  const [kitchen, ours] = useKitchenDefaults(firstKitchen, keeping.say);
  const {
    plan,
    faults,
    alternatives: waysOut,
    fitFixes: fitWays,
    scheduleFixes: dayWays,
    current,
  } = usePlan(input, kitchen.pots, first);
  const decision = useDecision();
  const inHand = decision.named ?? 'meat';
  useUndoKeys(draft);
  const blocked = faults.length > 0 || plan === undefined;
  const faultyField = faults[0]?.field;
  const toMind = minded(w, plan, faults, nowMs);
  const unkept = id === null || draft.changed;
  return (
    <Layout data-page={decision.named === undefined ? 'list' : 'decision'}>
      <DecisionList
        box={Unboxed}
        title={input.title.trim() === '' ? w.text('planEditor.aBraise') : input.title}
        input={input}
        plan={plan}
        nowMs={nowMs}
        open={inHand}
        atFault={faultyField === undefined ? undefined : DECISION_OF[sectionOf(faultyField)]}
        draft={draft}
        state={w.text(
          id === null ? 'planEditor.notKeptYet' : draft.changed ? 'planEditor.changesNotKept' : 'planEditor.kept',
        )}
        onOpen={decision.open}
      >
        {keeping.message === undefined ? null : <FaultNote role="alert">{keeping.message}</FaultNote>}
        {keeping.clash === undefined || id === null ? null : (
          <>
            <FaultNote role="alert">{keeping.clash}</FaultNote>
            <Buttons>
              <Button onPress={() => void keeping.keep(true)}>{w.text('planEditor.keepMineOverIt')}</Button>
              <OtherLink
                href={`/plan/${id}`}
                onClick={() => {
                  draft.reset(kept);
                }}
              >
                {w.text('planEditor.showTheOther')}
              </OtherLink>
            </Buttons>
          </>
        )}
        {draft.restored && draft.changed && firstId !== null ? (
          <Buttons>
            <Mute>{w.text('planEditor.hereIsWhatYouHad')}</Mute>
            <Button
              onPress={() => {
                draft.reset(kept);
              }}
            >
              {w.text('planEditor.goBackToTheKept')}
            </Button>
          </Buttons>
        ) : null}
      </DecisionList>
      <DecisionPanel
        decision={inHand}
        kitchen={kitchen}
        input={input}
        plan={plan}
        faults={faults}
        timeZone={timeZone}
        change={draft.change}
        {...ours}
        onBack={decision.leave}
      />
      <Verdict
        plan={plan}
        nowMs={nowMs}
        faults={faults}
        minded={toMind}
        alternatives={waysOut}
        fitFixes={fitWays}
        scheduleFixes={dayWays}
        onTake={draft.change}
      >
        <Button $tone="hands" isDisabled={blocked} onPress={() => void keeping.startBraise()}>
          {w.text('planEditor.start')}
        </Button>
        <Button isDisabled={blocked || !unkept} onPress={() => void keeping.keep()}>
          {w.text(unkept ? 'planEditor.keep' : 'planEditor.kept')}
        </Button>
        <ExportMenu plan={blocked || !current ? undefined : plan} onSheet={() => void keeping.openPage('sheet')} />
        <Button isDisabled={blocked} onPress={() => void keeping.openPage('compare')}>
          {w.text('verdict.otherWays')}
        </Button>
      </Verdict>
      {plan ? <DayDock box={Day} plan={plan} input={input} change={draft.change} /> : null}
      <PlanBar
        plan={plan}
        minded={toMind.length + (blocked ? 0 : plan.watch.length)}
        stale={blocked}
        toVerdict={decision.named === undefined}
        onList={decision.leave}
      />
    </Layout>
  );
}
