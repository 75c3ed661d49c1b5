'use client';

import { type ReactNode } from 'react';
import styled from 'styled-components';
import { type FormProps } from '../forms/common';
import { mainStage } from '@/core/choices';
import { type Plan } from '@/core/plan';
import { PotSection } from '@/ui/drawings/PotSection';

export type PanelProps = Pick<FormProps, 'kitchen' | 'input' | 'timeZone' | 'change' | 'keepHabit'> & {
  readonly plan: Plan;
};

export const Body = styled.div`
  display: grid;
  gap: 14px;
`;

const Folded = styled.details`
  border-top: 2px solid var(--line);
  padding-top: 8px;
  summary {
    cursor: pointer;
    padding: 4px 0;
  }
  summary h3 {
    display: inline;
    font-size: 1.0625rem;
  }
  > div {
    display: grid;
    gap: 8px;
    padding-top: 6px;
  }
  p {
    font-size: 0.9375rem;
  }
`;

interface PartProps {
  readonly title: string;
  /** Whether it starts unfolded. */
  readonly open?: boolean;
  readonly children: ReactNode;
}

/** A section under the drawing, folded by default. */
export function Part({ title, open = false, children }: PartProps) {
  return (
    <Folded open={open}>
      <summary>
        <h3>{title}</h3>
      </summary>
      <div>{children}</div>
    </Folded>
  );
}

/** Steps in order: what, how long, what to stop at. */
export const StepList = styled.ol`
  display: grid;
  > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 14px;
    padding: 8px 0 8px 12px;
    border-top: 1px solid var(--line);
    border-left: 5px solid transparent;
  }
  > li[data-stay] {
    border-left-color: var(--glow);
  }
  > li > b,
  summary > b {
    white-space: nowrap;
  }
  > li > details {
    grid-column: 1 / -1;
  }
  summary {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 14px;
    cursor: pointer;
    list-style: none;
  }
  > li > details > small {
    display: block;
    color: var(--mute);
    font-size: 0.875rem;
    line-height: 1.3;
  }
  > li > small {
    grid-column: 1 / -1;
    color: var(--mute);
    font-size: 0.875rem;
    line-height: 1.3;
  }
`;

/** The pot in cross-section as planned. */
export function Section({ plan, onLevel }: { plan: Plan; onLevel?: (share: number) => void }) {
  return (
    <PotSection
      pot={plan.pot}
      liquidL={plan.liquidL}
      evaporationMlPerHour={plan.liquid.water.perHour.value * 1000}
      heat={mainStage(plan.input).heat}
      lid={mainStage(plan.input).lid}
      {...(onLevel ? { onLevel } : {})}
    />
  );
}
