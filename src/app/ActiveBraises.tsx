'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import styled from 'styled-components';
import { outlookText } from './braise/outlookText';
import { stepTitle } from './braise/stepText';
import { useLiveCook } from './braise/useLiveCook';
import { guide, type CookView, reduceEvents } from '@/core/cook';
import { linkButton } from '@/ui/controls/Button';
import { Panel } from '@/ui/controls/Panel';
import { useNow, useWords } from '@/ui/KitchenContext';
import { DISPLAY } from '@/ui/theme';
import { MINUTE_MS } from '@/core/quantity';

const CookLink = styled(Link)`
  ${linkButton('main')}
  min-height: 52px;
`;

const Fire = styled(Panel)`
  background: linear-gradient(120deg, var(--glow), var(--ember));
  color: var(--on-ember);
  --ring: var(--on-ember);
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
  gap: 14px 28px;
  align-items: center;
  padding: 22px 24px;
  h2 {
    font-size: 1.625rem;
  }
  h3 {
    font-size: 2rem;
    margin: 2px 0 6px;
  }
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
    padding: 18px;
    h3 {
      font-size: 2rem;
    }
  }
`;

const Big = styled.p`
  font-family: ${DISPLAY};
  font-weight: 750;
  font-size: 3.75rem;
  line-height: 1;
`;

/** A braise under way or still warm: what is next, and when it is ready. */
export function ActiveBraises({ view: first }: { view: CookView }) {
  const w = useWords();
  const router = useRouter();
  const { view, events } = useLiveCook(first, () => {
    router.refresh();
  });
  const now = useNow(15_000);
  const state = reduceEvents(view.plan.input, events);
  const conducted = guide(view.plan, state, view.live, now);
  const { now: placed, headline, alarm } = conducted;
  if (state.phase === 'finished' && !placed) return null;
  const dueIn = placed ? (placed.atMs - now) / MINUTE_MS : 0;
  const at = (ms: number): string => (Number.isFinite(ms) ? w.clockBeside(ms, now) : w.text('common.later'));
  return (
    <Fire
      aria-label={w.text(state.phase === 'finished' ? 'home.stillWarm' : 'home.onTheFire', {
        title: view.plan.input.title,
      })}
    >
      <div>
        <h2>{view.plan.input.title}</h2>
        {alarm ? (
          <>
            <p>{w.text('common.now')}</p>
            <h3>{w.title(alarm.says)}</h3>
            <p>{w.say(alarm.do)}</p>
          </>
        ) : placed ? (
          <>
            <p>
              {placed.status !== 'due' && dueIn > 0
                ? w.text('common.nextInAt', {
                    dueIn: w.quantity(dueIn, 'minutes'),
                    due: w.clockBeside(placed.atMs, now),
                  })
                : w.text('common.now')}
            </p>
            <h3>{stepTitle(w, placed.step)}</h3>
            {placed.step.what ? <p>{w.title(placed.step.what)}</p> : null}
          </>
        ) : null}
      </div>
      <div>
        <p>{w.text('conduct.headline', { says: headline.says })}</p>
        <Big>{at(headline.atMs)}</Big>
        <p>
          {headline.between
            ? w.text('live.between', { low: at(headline.between.fromMs), high: at(headline.between.toMs) })
            : ''}
        </p>
        {conducted.outlook.served ? null : <p>{outlookText(w, conducted, now)}</p>}
        <div style={{ marginTop: 12 }}>
          <CookLink href={`/braise/${view.id}`}>{w.text('home.goToThePot')}</CookLink>
        </div>
      </div>
    </Fire>
  );
}
