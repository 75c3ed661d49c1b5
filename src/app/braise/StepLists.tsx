'use client';

import { Check, Circle, CircleDot, Minus } from 'lucide-react';
import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { columnOrder } from './columnOrder';
import { stepTitle } from './stepText';
import { type Guidance, type ScheduledStep } from '@/core/cook';
import { WORK_STAGES, type WorkPhase } from '@/core/steps';
import { Panel } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';
import { say } from '@/core/message';

const Box = styled(Panel)<{ $order: number }>`
  padding: 10px 16px;
  h2 {
    font-size: 1.0625rem;
    margin-bottom: 2px;
  }
  ${({ $order }) => columnOrder($order)}
`;

const Row = styled.li`
  display: grid;
  grid-template-columns: 58px minmax(0, 1fr) auto;
  gap: 10px;
  align-items: center;
  padding: 6px 0;
  border-top: 1px solid var(--line);
  &:first-child {
    border-top: 0;
  }
  time {
    font-weight: 700;
  }
  small {
    color: var(--mute);
    display: block;
    font-size: 0.875rem;
  }
`;

const Tick = styled(AriaButton)`
  min-width: 48px;
  min-height: 48px;
  border: 2px solid var(--line);
  border-radius: 12px;
  background: var(--plate);
  color: var(--ink);
  display: grid;
  place-items: center;
  cursor: pointer;
  font-weight: 650;
  padding: 0 10px;
  &:hover {
    border-color: var(--glow);
  }
`;

interface StepRowProps {
  readonly now: number;
  readonly placed: ScheduledStep;
  readonly onDone: (placed: ScheduledStep) => void;
}

function StepRow({ placed, now, onDone }: StepRowProps) {
  const w = useWords();
  const { step, atMs } = placed;
  const title = stepTitle(w, step);
  return (
    <Row>
      <time dateTime={new Date(atMs).toISOString()}>{w.clockBeside(atMs, now)}</time>
      <span>
        {title}
        {step.what ? <small>{w.title(step.what)}</small> : null}
      </span>
      <Tick
        aria-label={w.text('stepLists.done', { step: title })}
        onPress={() => {
          onDone(placed);
        }}
      >
        <Check size={20} aria-hidden />
      </Tick>
    </Row>
  );
}

interface BesideProps {
  readonly conducted: Guidance;
  readonly now: number;
  readonly onDone: (placed: ScheduledStep) => void;
}

/** What else is due, and what comes next. */
export function Beside({ conducted, now, onDone }: BesideProps) {
  const w = useWords();
  const { also, next, shelf } = conducted;
  return (
    <>
      {also.length === 0 ? null : (
        <Box $order={1} aria-labelledby="also-due">
          <h2 id="also-due">
            {w.text(conducted.stage === 'braise' ? 'stepLists.sameOpening' : 'stepLists.meanwhile')}
          </h2>
          <ul>
            {also.map((p) => (
              <StepRow key={p.step.id} placed={p} now={now} onDone={onDone} />
            ))}
          </ul>
        </Box>
      )}
      {shelf.length === 0 ? null : (
        <Box $order={1} aria-labelledby="shelf">
          <h2 id="shelf">{w.text('stepLists.shelf')}</h2>
          <p>{w.list(shelf.map((what) => w.say(what)))}</p>
        </Box>
      )}
      {next.length === 0 ? null : (
        <Box $order={3} aria-labelledby="coming">
          <h2 id="coming">{w.text('stepLists.coming')}</h2>
          <ul>
            {next.map((p) => (
              <StepRow key={p.step.id} placed={p} now={now} onDone={onDone} />
            ))}
          </ul>
        </Box>
      )}
    </>
  );
}

const ICONS = {
  done: Check,
  skipped: Minus,
  passed: Minus,
  missed: Minus,
  due: CircleDot,
  coming: Circle,
  waits: Circle,
} as const;

const Stages = styled.div`
  display: grid;
  gap: 12px;
  grid-template-columns: repeat(auto-fit, minmax(min(240px, 100%), 1fr));
  h3 {
    font-size: 0.9375rem;
  }
  li {
    display: grid;
    grid-template-columns: 20px minmax(0, 1fr);
    gap: 6px;
    font-size: 0.9375rem;
    line-height: 1.3;
    padding: 2px 0;
  }
  li[data-status='due'] {
    font-weight: 700;
  }
  li[data-status='done'],
  li[data-status='passed'],
  li[data-status='skipped'],
  li[data-status='missed'] {
    color: var(--mute);
  }
  svg {
    margin-top: 2px;
  }
`;

/** All steps, phase by phase, each with its status. */
export function AllSteps({ conducted, stages }: { conducted: Guidance; stages: readonly WorkPhase[] }) {
  const w = useWords();
  return (
    <details>
      <summary>{w.text('stepLists.all')}</summary>
      <Stages>
        {WORK_STAGES.filter((s) => stages.includes(s)).map((stage) => {
          const steps = conducted.steps.filter((p) => p.step.stage === stage);
          return steps.length === 0 ? null : (
            <section key={stage} aria-label={w.title(say(`workStage.${stage}`))}>
              <h3>{w.title(say(`workStage.${stage}`))}</h3>
              <ul>
                {steps.map(({ step, status }) => {
                  const Icon = ICONS[status];
                  return (
                    <li key={step.id} data-status={status}>
                      <Icon size={16} aria-label={w.text(`stepStatus.${status}`)} />
                      <span>
                        {stepTitle(w, step)}
                        {step.what && step.title === null ? `: ${w.title(step.what)}` : ''}
                      </span>
                    </li>
                  );
                })}
              </ul>
            </section>
          );
        })}
      </Stages>
    </details>
  );
}
