'use client';

import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { type Plan } from '@/core/plan';
import { useWords } from '@/ui/KitchenContext';
import { DISPLAY } from '@/ui/theme';

const Bar = styled(AriaButton)`
  width: 100%;
  border: 0;
  border-top: 2px solid var(--rim);
  background: var(--enamel);
  color: var(--on-enamel);
  min-height: 60px;
  padding: 6px 14px;
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 0 14px;
  text-align: left;
  cursor: pointer;
  small {
    display: block;
    font-size: 0.8438rem;
    color: var(--on-enamel-mute);
  }
  b {
    font-family: ${DISPLAY};
    font-size: 1.375rem;
    line-height: 1.1;
  }
`;

interface PlanBarProps {
  readonly plan: Plan | undefined;
  /** How many warnings there are. */
  readonly minded: number;
  readonly stale: boolean;
  /** Whether the verdict is on this page. */
  readonly toVerdict: boolean;
  readonly onList: () => void;
}

/**
 * The verdict at the foot of a narrow screen: when it should be tender, when to start, what to watch for. A tap shows
 * all of it.
 */
export function PlanBar({ plan, minded, stale, toVerdict, onList }: PlanBarProps) {
  const w = useWords();
  const show = (): void => {
    if (!toVerdict) onList();
    // The verdict is there once the list is.
    setTimeout(() => {
      document.getElementById('verdict')?.scrollIntoView({ block: 'start' });
    }, 60);
  };
  const { day } = plan ?? {};
  const time = (ms: number | undefined): string =>
    stale || ms === undefined || !day ? '–' : w.clockBeside(ms, day.serveMs);
  return (
    <div data-place="bar">
      <Bar
        onPress={show}
        aria-label={w.text('planBar.says', { ready: time(day?.ready.p50Ms), begin: time(day?.startMs), minded })}
      >
        <span>
          <small>{w.text('planBar.ready')}</small>
          <b>{time(day?.ready.p50Ms)}</b>
        </span>
        <span>
          <small>{w.text('planBar.begin')}</small>
          <b>{time(day?.startMs)}</b>
        </span>
        <span>
          <small>{w.text('planBar.mind')}</small>
          <b>{minded}</b>
        </span>
      </Bar>
    </div>
  );
}
