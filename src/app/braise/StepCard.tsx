'use client';

import { Hand } from 'lucide-react';
import styled, { css } from 'styled-components';
import { columnOrder } from './columnOrder';
import { hasSheet } from './records';
import { isDue, stepHow, stepSigns, stepTitle } from './stepText';
import { cautionFor } from '@/core/cautions';
import { type Guidance, type ScheduledStep } from '@/core/cook';
import { type StepRecord } from '@/core/steps';
import { Button } from '@/ui/controls/Button';
import { Panel } from '@/ui/controls/Panel';
import { MenuPlate, usePopover } from '@/ui/controls/usePopover';
import { HAND_DRAWN, HandDrawing } from '@/ui/drawings/HandDrawing';
import { useWords } from '@/ui/KitchenContext';
import { say } from '@/core/message';
import { MINUTE_MS } from '@/core/quantity';
import { type CoolingRule } from '@/core/safety';

const Card = styled(Panel)<{ $now: boolean }>`
  background: ${({ $now }) => ($now ? 'linear-gradient(150deg, var(--glow), #ee6a3c)' : 'var(--plate)')};
  color: ${({ $now }) => ($now ? '#1d0c04' : 'var(--ink)')};
  border-color: ${({ $now }) => ($now ? 'transparent' : 'var(--glow)')};
  ${({ $now }) => ($now ? '--ring: #1d0c04;' : '')}
  display: grid;
  gap: 8px;
  h1 {
    font-size: 2.125rem;
    line-height: 1.12;
  }
  > p {
    font-size: 1.0625rem;
    line-height: 1.35;
  }
  @media (max-width: 480px) {
    h1 {
      font-size: 2rem;
    }
  }
  ${columnOrder(0)}
`;

const What = styled.p`
  && {
    font-size: 1.25rem;
    font-weight: 700;
  }
`;

const Buttons = styled.div`
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
  margin-top: 4px;
  && button {
    min-height: 52px;
    font-size: 1.125rem;
  }
`;

/** Dark on the ember card, the usual button on a plain one. */
const ActButton = styled(Button)<{ $now: boolean }>`
  ${({ $now }) =>
    $now &&
    css`
      background: #1d0c04;
      color: #fff6ea;
      border-color: #1d0c04;
    `}
`;

const Signs = styled.dl`
  display: grid;
  gap: 4px;
  margin: 0;
  font-size: 1rem;
  line-height: 1.3;
  dt {
    font-weight: 700;
    float: left;
    margin-right: 6px;
  }
  dd {
    margin: 0;
  }
`;

/** How long “later” postpones a due step, min. */
export const LATER_MIN = 10;
/** Choices for how long ago something happened, min. */
const AGO_MIN = [5, 10, 20, 30] as const;
const MORE_MIN = 2;
/** Records that may be skipped: nothing is left over, nothing was counted. */
const MAY_BE_LEFT: readonly StepRecord[] = ['hold', 'counted', 'cooling', 'stored'];
/** Records that can wait. */
const CAN_WAIT: readonly (StepRecord | null)[] = ['fork', 'turned', 'liquid'];

interface StepCardProps {
  /** The kitchen's food-safety rule. */
  readonly rule: CoolingRule;
  readonly conducted: Guidance;
  readonly now: number;
  readonly putOffUntil: number;
  /** The step was done this many minutes ago. */
  readonly onDone: (placed: ScheduledStep, agoMin: number) => void;
  readonly onSkip: (placed: ScheduledStep) => void;
  readonly onMore: (placed: ScheduledStep, minutes: number) => void;
  readonly onLater: () => void;
  readonly onOffHeat: (() => void) | undefined;
  readonly onHandsFull: () => void;
}

/** The current step, large: what, how much, the sign to stop at, too little and too much, the caution. */
export function StepCard({
  rule,
  conducted,
  now,
  putOffUntil,
  onDone,
  onSkip,
  onMore,
  onLater,
  onOffHeat,
  onHandsFull,
}: StepCardProps) {
  const w = useWords();
  const earlier = usePopover('menu');
  const placed = conducted.now;
  if (!placed) return null;
  const { step } = placed;
  const due = isDue(placed) && putOffUntil <= now;
  const dueMs = Math.max(placed.atMs, putOffUntil);
  const { sign, little, much } = stepSigns(w, step);
  const waits = CAN_WAIT.includes(step.record);
  const asks = step.record !== null && hasSheet(step.record);
  const drawn = HAND_DRAWN.find((kind) => kind === step.kind);
  return (
    <Card $now={due} aria-label={w.text('nextCard.nextAction')}>
      <p>
        <b>{w.title(say(`workStage.${step.stage}`))}</b> ·{' '}
        {due
          ? w.text('common.now')
          : w.text('common.nextInAt', {
              dueIn: w.quantity((dueMs - now) / MINUTE_MS, 'minutes'),
              due: w.clockBeside(dueMs, now),
            })}
      </p>
      <h1>{stepTitle(w, step)}</h1>
      {step.what ? <What>{w.title(step.what)}</What> : null}
      <p>{stepHow(w, step)}</p>
      {placed.why ? <p>{w.say(placed.why)}</p> : null}
      {drawn ? <HandDrawing of={drawn} /> : null}
      <Signs>
        {sign === undefined ? null : (
          <div>
            <dt>{w.text('nextCard.lookFor')}</dt>
            <dd>{sign}</dd>
          </div>
        )}
      </Signs>
      {little === undefined && much === undefined ? null : (
        <details>
          <summary>{w.text('stepCard.wrong')}</summary>
          <Signs>
            {little === undefined ? null : (
              <div>
                <dt>{w.text('stepCard.notYet')}</dt>
                <dd>{little}</dd>
              </div>
            )}
            {much === undefined ? null : (
              <div>
                <dt>{w.text('stepCard.tooFar')}</dt>
                <dd>{much}</dd>
              </div>
            )}
          </Signs>
        </details>
      )}
      <Buttons>
        <ActButton
          $now={due}
          $tone="main"
          onPress={() => {
            onDone(placed, 0);
          }}
        >
          {w.text(step.record ? `next.button.${step.record}` : 'stepCard.done')}
        </ActButton>
        {due && !asks && step.minutes.likely >= 1 && step.hands !== 'all' ? (
          <Button
            onPress={() => {
              onMore(placed, MORE_MIN);
            }}
          >
            {w.text('stepCard.more', { time: w.quantity(MORE_MIN, 'minutes') })}
          </Button>
        ) : null}
        {due && waits ? (
          <Button onPress={onLater}>{w.text('nextCard.laterMin', { time: w.quantity(LATER_MIN, 'minutes') })}</Button>
        ) : null}
        {asks ? null : (
          <>
            <Button {...earlier.triggerProps}>{w.text('stepCard.earlier')}</Button>
            {earlier.open ? (
              <MenuPlate
                {...earlier.plate}
                label={w.text('stepCard.earlier')}
                widthPx={220}
                items={AGO_MIN.map((ago) => ({
                  id: String(ago),
                  name: w.text('stepCard.ago', { time: w.quantity(ago, 'minutes') }),
                }))}
                onChoose={(ago) => {
                  onDone(placed, Number(ago));
                }}
              />
            ) : null}
          </>
        )}
        {step.record === null || MAY_BE_LEFT.includes(step.record) ? (
          <Button
            onPress={() => {
              onSkip(placed);
            }}
          >
            {w.text('stepCard.skip')}
          </Button>
        ) : null}
        {onOffHeat && step.record !== 'offHeat' ? (
          <Button onPress={onOffHeat}>{w.text('nextCard.offTheHeat')}</Button>
        ) : null}
        <Button aria-label={w.text('stepCard.handsFull')} onPress={onHandsFull}>
          <Hand size={20} aria-hidden />
        </Button>
      </Buttons>
      <p style={{ fontSize: 'calc(14rem / 16)' }}>
        {step.care ? `${w.say(cautionFor(step.care, rule))} ` : ''}
        {w.text('caution.defer')}
      </p>
      <p role="status" className="visually-hidden">
        {due ? `${w.text('common.now')}: ${stepTitle(w, step)}` : stepTitle(w, step)}
      </p>
    </Card>
  );
}
