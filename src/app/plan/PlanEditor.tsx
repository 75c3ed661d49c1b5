'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { DayLine } from './DayLine';
import { DecisionPanel } from './DecisionPanel';
import { ExportMenu } from './ExportMenu';
import { FORMS } from './forms';
import { type Decision, DECISIONS, sentences } from './decisions';
import { draftKey, useDraft } from './useDraft';
import { usePlan } from './usePlan';
import { Verdict } from './Verdict';
import { type Kitchen, type KitchenChange } from '@/contract/kitchen';
import { type OwnKind } from '@/core/kinds';
import { dayWays } from '@/core/plan';
import { partOf, type PlanInput, type WayTopic } from '@/core/choices';
import { Button, linkButton } from '@/ui/controls/Button';
import { FaultNote, Mute, Panel } from '@/ui/controls/Panel';
import { useKitchen, useWords } from '@/ui/KitchenContext';
import { send } from '@/ui/send';
import { useMadeId } from '@/ui/useMadeId';

const Layout = styled.main`
  max-width: 1320px;
  margin: 0 auto;
  padding: 14px 16px 24px;
  display: grid;
  grid-template-columns: minmax(300px, 340px) minmax(0, 1fr) minmax(230px, 268px);
  gap: 14px;
  align-items: start;
  @media (min-width: 1081px) and (min-height: 720px) {
    height: calc(100vh - 56px);
    grid-template-rows: minmax(0, 1fr) auto;
    padding-bottom: 14px;
    > *:not(:last-child) {
      max-height: 100%;
      overflow-y: auto;
      scrollbar-width: thin;
    }
  }
  @media (max-width: 1080px) {
    grid-template-columns: minmax(300px, 1fr) minmax(0, 1.3fr);
  }
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
    padding: 12px;
  }
`;

const Wide = styled(Panel)`
  grid-column: 1 / -1;
  padding: 12px 18px 8px;
`;

const Side = styled(Panel)`
  padding: 0;
  overflow-x: hidden;
`;

const SideHead = styled.div`
  padding: 12px 16px;
  border-bottom: 2px solid var(--rim);
  position: sticky;
  top: 0;
  z-index: 2;
  background: var(--plate);
  display: grid;
  gap: 8px;
  h1 {
    font-size: 22px;
    overflow-wrap: anywhere;
  }
  > div {
    display: flex;
    gap: 8px;
    flex-wrap: wrap;
  }
`;

const Step = styled.li<{ $open: boolean }>`
  border-top: 1px solid var(--line);
  border-left: 6px solid ${({ $open }) => ($open ? 'var(--glow)' : 'transparent')};
  background: ${({ $open }) => ($open ? 'var(--well)' : 'transparent')};
  &:first-child {
    border-top: 0;
  }
`;

const StepButton = styled(AriaButton)`
  display: grid;
  grid-template-columns: 28px minmax(0, 1fr) auto;
  gap: 0 10px;
  width: 100%;
  text-align: left;
  border: 0;
  background: none;
  padding: 7px 14px 7px 10px;
  cursor: pointer;
  align-items: center;
  &[data-focus-visible] {
    outline-offset: -3px;
  }
  i {
    grid-row: span 2;
    font-style: normal;
    width: 28px;
    height: 28px;
    border-radius: 50%;
    border: 2px solid var(--ink);
    display: grid;
    place-items: center;
    font-weight: 700;
    font-size: 14px;
  }
  strong {
    font-size: 16px;
    line-height: 1.2;
  }
  b {
    font-size: 14px;
    white-space: nowrap;
  }
  small {
    grid-column: 2 / -1;
    color: var(--mute);
    font-size: 14px;
    line-height: 1.25;
  }
`;

const Form = styled.div`
  padding: 4px 16px 16px 14px;
  display: grid;
  gap: 12px;
  p {
    font-size: 15px;
  }
`;

/** The decision a part of the input is set in. */
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
  lid: 'pot',
  lie: 'pot',
  pan: 'sear',
  sear: 'sear',
  base: 'base',
  liquid: 'liquid',
  heat: 'heat',
  altitudeM: 'heat',
  finish: 'finish',
  day: 'serve',
  serveAtMs: 'serve',
  confidence: 'serve',
};

interface PlanEditorProps {
  readonly kitchen: Kitchen;
  readonly start: PlanInput;
  readonly id: string | null;
  /** When it was kept last; null for a new one. */
  readonly updatedAtMs: number | null;
}

/** A whole new page, not a step within this one: what is kept is read again. */
const OtherLink = styled.a`
  ${linkButton('plain')}
`;

/** The plan screen: eight decisions, the drawing of the one in hand, the verdict, the day. */
export function PlanEditor({ kitchen: firstKitchen, start, id: firstId, updatedAtMs }: PlanEditorProps) {
  const { timeZone, renderedAtMs } = useKitchen();
  const [kitchen, setKitchen] = useState(firstKitchen);
  const router = useRouter();
  // A new plan has an id from the first time it is kept, whatever comes after that.
  const [{ id, kept }, setKept] = useState({ id: firstId, kept: { input: start, atMs: updatedAtMs } });
  const [clash, setClash] = useState<string>();
  const newId = useRef('');
  useEffect(() => {
    newId.current = crypto.randomUUID();
  }, []);
  const braiseIdFor = useMadeId();
  const draft = useDraft(draftKey(firstId), kept);
  const { input } = draft;
  const { plan, faults, waysOut, fitWays, current } = usePlan(input, kitchen.pots);
  const w = useWords();
  const [open, setOpen] = useState<Decision>('meat');
  const [message, setMessage] = useState<string>();
  const side = useRef<HTMLElement>(null);
  const firstOpen = useRef(true);
  useEffect(() => {
    // The first decision is open where it stands; after that the one just opened comes to the top of the list.
    if (firstOpen.current) {
      firstOpen.current = false;
      return;
    }
    const list = side.current;
    const step = list?.querySelector<HTMLElement>(`#decision-${open}`);
    const head = list?.firstElementChild?.clientHeight ?? 0;
    if (list && step) list.scrollTo({ top: step.offsetTop - head });
  }, [open]);
  const daysThatWork = useMemo(
    () => (plan && faults.length === 0 ? dayWays(plan, renderedAtMs) : []),
    [plan, faults, renderedAtMs],
  );
  const lines = sentences(input, plan, w, renderedAtMs);
  const blocked = faults.length > 0 || plan === undefined;
  const OpenForm = FORMS[open];

  const save = async (basedOnMs = draft.basedOnMs): Promise<string | undefined> => {
    const put = (planId: string, basedOn: number | null) =>
      send<{ id: string; updatedAtMs: number }>('PUT', `/api/plans/${planId}`, { input, basedOnMs: basedOn });
    const add = async () => {
      const added = await send<{ id: string; updatedAtMs: number }>('POST', '/api/plans', { id: newId.current, input });
      // What is there under an id of ours was kept from here, and its answer lost on the way.
      return !added.ok && added.status === 409 ? put(newId.current, null) : added;
    };
    const sent = await (id === null ? add() : put(id, basedOnMs));
    setClash(!sent.ok && sent.status === 409 ? w.say(sent.says) : undefined);
    setMessage(sent.ok || sent.status === 409 ? undefined : w.say(sent.says));
    if (!sent.ok) return undefined;
    const now = { input, atMs: sent.data.updatedAtMs };
    setKept({ id: sent.data.id, kept: now });
    draft.reset(now);
    return sent.data.id;
  };

  const onSave = async (basedOnMs = draft.basedOnMs): Promise<void> => {
    const savedId = await save(basedOnMs);
    if (savedId !== undefined && firstId === null) router.replace(`/plan/${savedId}`);
    else router.refresh();
  };

  const onCook = async (): Promise<void> => {
    const planId = id !== null && !draft.changed ? id : await save();
    if (planId === undefined) return;
    const braise = { input, planId };
    const sent = await send<{ id: string }>('POST', '/api/cooks', { id: braiseIdFor(braise), ...braise });
    if (sent.ok) router.push(`/cook/${sent.data.id}`);
    else setMessage(w.say(sent.says));
  };

  const openPage = async (page: 'sheet' | 'compare'): Promise<void> => {
    const planId = id !== null && !draft.changed ? id : await save();
    if (planId !== undefined) router.push(`/plan/${planId}/${page}`);
  };

  const keepKitchen = async (change: KitchenChange): Promise<void> => {
    const sent = await send<{ habits: Kitchen['habits']; kinds: Kitchen['kinds'] }>('PUT', '/api/kitchen', change);
    if (sent.ok) setKitchen((k) => ({ ...k, ...sent.data }));
    else setMessage(w.say(sent.says));
  };
  const ours = {
    keepHabit: (topic: WayTopic, way: string): void => {
      void keepKitchen({ habits: { [topic]: way } });
    },
    keepKind: (kind: OwnKind): void => {
      void keepKitchen({ keepKind: kind });
    },
    dropKind: (kindId: string): void => {
      void keepKitchen({ dropKind: kindId });
    },
  };

  const blockedBy = faults[0];
  return (
    <Layout>
      <Side ref={side} aria-label={w.text('planEditor.decisions')}>
        <SideHead>
          <h1>{input.title.trim() === '' ? w.text('planEditor.aBraise') : input.title}</h1>
          <div>
            <Button $tone="hands" isDisabled={blocked} onPress={() => void onCook()}>
              {w.text('planEditor.start')}
            </Button>
            <Button isDisabled={blocked || (id !== null && !draft.changed)} onPress={() => void onSave()}>
              {id === null
                ? w.text('planEditor.keep')
                : draft.changed
                  ? w.text('planEditor.keepChanges')
                  : w.text('planEditor.kept')}
            </Button>
            <ExportMenu plan={blocked || !current ? undefined : plan} onSheet={() => void openPage('sheet')} />
          </div>
          {message === undefined ? null : <FaultNote role="alert">{message}</FaultNote>}
          {clash === undefined || id === null ? null : (
            <>
              <FaultNote role="alert">{clash}</FaultNote>
              <div>
                <Button onPress={() => void onSave(null)}>{w.text('planEditor.keepMineOverIt')}</Button>
                <OtherLink
                  href={`/plan/${id}`}
                  onClick={() => {
                    draft.reset(kept);
                  }}
                >
                  {w.text('planEditor.showTheOther')}
                </OtherLink>
              </div>
            </>
          )}
          {draft.restored ? (
            <div>
              <Mute>{w.text('planEditor.hereIsWhatYouHad')}</Mute>
              <Button
                onPress={() => {
                  draft.reset(kept);
                }}
              >
                {w.text('planEditor.goBackToTheKept')}
              </Button>
            </div>
          ) : null}
        </SideHead>
        <ol>
          {DECISIONS.map((decision, i) => {
            const line = lines[decision];
            const isOpen = decision === open;
            const atFault = blockedBy?.field !== undefined && DECISION_OF[partOf(blockedBy.field)] === decision;
            return (
              <Step key={decision} $open={isOpen}>
                <StepButton
                  aria-expanded={isOpen}
                  id={`decision-${decision}`}
                  onPress={() => {
                    setOpen(decision);
                  }}
                >
                  <i aria-hidden>{atFault ? '!' : i + 1}</i>
                  <strong>
                    <span className="visually-hidden">{w.label('decision', decision)}: </span>
                    {line.text}
                  </strong>
                  <b>{line.figure}</b>
                  <small>
                    {w.label('decision', decision)} · {line.detail}
                  </small>
                </StepButton>
                {isOpen ? (
                  <Form>
                    <OpenForm
                      kitchen={kitchen}
                      input={input}
                      plan={plan}
                      faults={faults}
                      timeZone={timeZone}
                      change={draft.change}
                      {...ours}
                    />
                  </Form>
                ) : null}
              </Step>
            );
          })}
        </ol>
      </Side>
      <DecisionPanel
        decision={open}
        kitchen={kitchen}
        input={input}
        plan={plan}
        timeZone={timeZone}
        change={draft.change}
        keepHabit={ours.keepHabit}
      />
      <Verdict
        plan={plan}
        faults={faults}
        waysOut={waysOut}
        fitWays={fitWays}
        dayWays={daysThatWork}
        onTake={draft.change}
        onCompare={() => void openPage('compare')}
      />
      {plan ? (
        <Wide aria-labelledby="the-day">
          <DayLine plan={plan} input={input} change={draft.change} />
        </Wide>
      ) : null}
    </Layout>
  );
}
