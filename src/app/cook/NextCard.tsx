'use client';

import { useRouter } from 'next/navigation';
import styled, { css } from 'styled-components';
import { columnOrder } from './columnOrder';
import { cautionFor } from '@/core/cautions';
import { type CookActKind, type NextAction } from '@/core/cook';
import { Button } from '@/ui/controls/Button';
import { Panel } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';

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
  ${columnOrder(0)}
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

/** How long “later” puts a due action off, min. */
export const LATER_MIN = 10;

/** Due within this many minutes is now. */
const SOON_MIN = 1;

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

/** The one thing to do next, large, with why and the sign to look for. */
export function NextCard({ action, now, laterUntil, finished, braising, cookId, onAct, onLater }: NextCardProps) {
  const w = useWords();
  const router = useRouter();
  if (finished) {
    return (
      <Next $now={false}>
        <h1>{w.text('nextCard.inTheLog')}</h1>
        <p>{w.text('nextCard.thisBraiseIsFinishedUndo')}</p>
        <NextButtons>
          <Button
            $tone="hands"
            onPress={() => {
              router.push(`/log/${cookId}`);
            }}
          >
            {w.text('nextCard.seeHowItWent')}
          </Button>
        </NextButtons>
      </Next>
    );
  }
  const dueMs = Math.max(action.dueMs, laterUntil);
  const dueIn = (dueMs - now) / 60_000;
  const isNow = dueIn <= SOON_MIN;
  return (
    <Next $now={isNow} aria-label={w.text('nextCard.nextAction')}>
      <p aria-live="polite">
        {isNow
          ? w.text('common.now')
          : w.text('common.nextInAt', { dueIn: w.quantity(dueIn, 'minutes'), due: w.clock(dueMs) })}
      </p>
      <h1>{w.title(action.title)}</h1>
      <p>{w.say(action.why)}</p>
      <p>
        <b>{w.text('nextCard.lookFor')}</b> {w.title(action.sign)}
      </p>
      <NextButtons>
        <ActButton
          $now={isNow}
          $tone="main"
          onPress={() => {
            onAct(action.act);
          }}
        >
          {w.text(`next.button.${action.act}`)}
        </ActButton>
        {isNow && (action.act === 'fork' || action.act === 'turned' || action.act === 'liquid') ? (
          <Button onPress={onLater}>{w.text('nextCard.laterMin', { time: w.quantity(LATER_MIN, 'minutes') })}</Button>
        ) : null}
        {braising && action.act !== 'offHeat' ? (
          <Button
            onPress={() => {
              onAct('offHeat');
            }}
          >
            {w.text('nextCard.offTheHeat')}
          </Button>
        ) : null}
      </NextButtons>
      <p style={{ fontSize: 14 }}>{w.say(cautionFor(action.care))}</p>
    </Next>
  );
}
