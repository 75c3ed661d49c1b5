'use client';

import { Redo2, Undo2 } from 'lucide-react';
import { type ReactNode, useRef } from 'react';
import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { type Decision, DECISIONS } from './decisions';
import { sentences } from './decisionSummaries';
import { type PlanInput } from '@/core/choices';
import { type Plan } from '@/core/plan';

import { type Draft } from './useDraft';
import { Mute, Panel } from '@/ui/controls/Panel';
import { IconButton } from '@/ui/controls/Button';
import { useWords } from '@/ui/KitchenContext';
import { useHeightVariable } from '@/ui/useHeightVariable';

const Side = styled(Panel)`
  padding: 0;
  overflow: hidden;
`;

const Head = styled.div`
  padding: 10px 14px 8px;
  border-bottom: 2px solid var(--rim);
  display: grid;
  gap: 4px;
  h1 {
    font-size: 1.25rem;
    overflow-wrap: anywhere;
    display: -webkit-box;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 2;
    overflow: hidden;
  }
  > div {
    display: flex;
    align-items: center;
    justify-content: space-between;
  }
  > div > span:last-child {
    display: flex;
  }
`;

const Step = styled.li`
  border-top: 1px solid var(--line);
  &:first-child {
    border-top: 0;
  }
`;

const StepButton = styled(AriaButton)<{ $open: boolean }>`
  display: grid;
  grid-template-columns: 28px minmax(0, 1fr) auto;
  gap: 1px 10px;
  width: 100%;
  min-height: 57px;
  text-align: left;
  border: 0;
  background: ${({ $open }) => ($open ? 'var(--enamel)' : 'none')};
  color: ${({ $open }) => ($open ? 'var(--on-enamel)' : 'inherit')};
  padding: 5px 14px 5px 12px;
  cursor: pointer;
  align-items: center;
  &[data-focus-visible] {
    outline-offset: -4px;
  }
  i {
    grid-row: span 2;
    font-style: normal;
    width: 28px;
    height: 28px;
    border-radius: 50%;
    border: 2px solid currentcolor;
    display: grid;
    place-items: center;
    font-weight: 700;
    font-size: 0.875rem;
  }
  i[data-fault] {
    color: var(--danger);
    background: var(--plate);
  }
  strong {
    display: -webkit-box;
  }
  strong,
  small {
    -webkit-box-orient: vertical;
    overflow: hidden;
    overflow-wrap: anywhere;
  }
  strong {
    grid-column: 2 / -1;
    align-self: end;
    -webkit-line-clamp: 2;
    font-size: 0.9688rem;
    line-height: 1.15;
  }
  /* What the open panel shows as well is left to it where both are in view. */
  small {
    display: none;
    align-self: start;
    -webkit-line-clamp: 1;
    color: ${({ $open }) => ($open ? 'var(--on-enamel-mute)' : 'var(--mute)')};
    font-size: 0.875rem;
    line-height: 1.25;
  }
  b {
    align-self: start;
    font-size: 0.875rem;
    line-height: 1.25;
    white-space: nowrap;
  }
  @media (max-width: 900px) {
    min-height: 64px;
    background: none;
    color: inherit;
    small {
      display: -webkit-box;
      color: var(--mute);
    }
  }
`;

interface DecisionListProps {
  readonly title: string;
  readonly input: PlanInput;
  readonly plan: Plan | undefined;
  readonly nowMs: number;
  readonly open: Decision;
  /** The decision that contains a fault. */
  readonly atFault: Decision | undefined;
  readonly draft: Pick<Draft, 'undo' | 'redo' | 'stepped'>;
  /** Save status. */
  readonly state: string;
  readonly onOpen: (decision: Decision) => void;
  /** What matters more than anything else on the list. */
  readonly children?: ReactNode;
}

/** The plan as eight sentences, each with its key figure and fault; the open one marked. */
export function DecisionList({
  title,
  input,
  plan,
  nowMs,
  open,
  atFault,
  draft,
  state,
  onOpen,
  children,
}: DecisionListProps) {
  const w = useWords();
  const lines = sentences(input, plan, w, nowMs);
  const list = useRef<HTMLElement>(null);
  useHeightVariable(list, '--tall');
  const { stepped } = draft;
  const done = stepped
    ? w.text(`step.${stepped.kind}`, { what: w.list(stepped.parts.map((part) => w.text(`part.${part}`))) })
    : undefined;
  return (
    <Side ref={list} aria-label={w.text('planEditor.decisions')} data-place="list">
      <Head>
        <h1>{title}</h1>
        <div>
          <Mute role="status">{done ?? state}</Mute>
          <span>
            <IconButton
              aria-label={w.text('step.undoIt')}
              isDisabled={!draft.undo}
              onPress={() => {
                draft.undo?.();
              }}
            >
              <Undo2 size={18} aria-hidden />
            </IconButton>
            <IconButton
              aria-label={w.text('step.redoIt')}
              isDisabled={!draft.redo}
              onPress={() => {
                draft.redo?.();
              }}
            >
              <Redo2 size={18} aria-hidden />
            </IconButton>
          </span>
        </div>
        {children}
      </Head>
      <ol>
        {DECISIONS.map((decision, i) => {
          const line = lines[decision];
          return (
            <Step key={decision}>
              <StepButton
                $open={decision === open}
                aria-current={decision === open ? 'step' : undefined}
                id={`decision-${decision}`}
                onPress={() => {
                  onOpen(decision);
                }}
              >
                <i aria-hidden data-fault={decision === atFault ? '' : undefined}>
                  {decision === atFault ? '!' : i + 1}
                </i>
                <strong>
                  <span>
                    <span className="visually-hidden">{w.label('decision', decision)}: </span>
                    {line.text}
                  </span>
                </strong>
                <small>{line.detail}</small>
                <b>{line.figure}</b>
              </StepButton>
            </Step>
          );
        })}
      </ol>
    </Side>
  );
}
