'use client';

import { ArrowLeft } from 'lucide-react';
import styled from 'styled-components';
import { type Decision } from './decisions';
import { FORMS } from './forms';
import { type FormProps } from './forms/common';
import { type PanelProps } from './panels/common';
import { type Plan } from '@/core/plan';
import { Mute, Panel } from '@/ui/controls/Panel';
import { IconButton } from '@/ui/controls/Button';
import { useWords } from '@/ui/KitchenContext';
import { lazyHydrated } from '@/ui/lazy';
import { Guidance } from '@/ui/controls/Guidance';

const Work = styled(Panel)`
  container: work / inline-size;
  min-height: 100%;
`;

const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 12px;
  margin-bottom: 12px;
  h2 {
    font-size: 1.375rem;
  }
`;

/** The eight decisions are a page of their own where there is no room for both. */
const Back = styled(IconButton)`
  display: none;
  align-self: center;
  width: 44px;
  height: 44px;
  color: var(--ink);
  @media (max-width: 900px) {
    display: grid;
  }
`;

const Halves = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 16px 22px;
  align-items: start;
  @container work (min-width: 560px) {
    grid-template-columns: minmax(228px, 256px) minmax(0, 1fr);
  }
  /* One under the other: the drawing, then its controls, then what follows. */
  @container work (max-width: 559.9px) {
    > :first-child {
      order: 2;
    }
    > :last-child {
      container-type: normal;
    }
    > :last-child,
    > :last-child > * {
      display: contents;
    }
    > :last-child > * > * {
      order: 3;
    }
    > :last-child > * > :first-child {
      order: 1;
    }
  }
`;

/** The drawing and the results; laid out by the panel's width. */
const Shown = styled.div`
  container-type: inline-size;
  min-width: 0;
`;

const Form = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
  min-width: 0;
  p {
    font-size: 0.9375rem;
  }
`;

/** Results and drawing of each decision; the open one is fetched first. */
const PANELS: Readonly<Record<Decision, ReturnType<typeof lazyHydrated<PanelProps>>>> = {
  meat: lazyHydrated(async () => (await import('./panels/MeatPanel')).MeatPanel),
  pot: lazyHydrated(async () => (await import('./panels/PotPanel')).PotPanel),
  sear: lazyHydrated(async () => (await import('./panels/SearPanel')).SearPanel),
  base: lazyHydrated(async () => (await import('./panels/BasePanel')).BasePanel),
  liquid: lazyHydrated(async () => (await import('./panels/LiquidPanel')).LiquidPanel),
  heat: lazyHydrated(async () => (await import('./panels/HeatPanel')).HeatPanel),
  finish: lazyHydrated(async () => (await import('./panels/FinishPanel')).FinishPanel),
  serve: lazyHydrated(async () => (await import('./panels/ServePanel')).ServePanel),
};

type DecisionPanelProps = Omit<FormProps, 'plan'> & {
  readonly decision: Decision;
  readonly plan: Plan | undefined;
  /** Back to the eight decisions, where they are not beside it. */
  readonly onBack: () => void;
};

/** The open decision: its controls beside its drawing and results. */
export function DecisionPanel({ decision, plan, onBack, ...props }: DecisionPanelProps) {
  const w = useWords();
  const PanelBody = PANELS[decision];
  const DecisionForm = FORMS[decision];
  return (
    <Work aria-labelledby="drawing-title" data-place="work">
      <Head>
        <Back aria-label={w.text('decisionPanel.toTheDecisions')} onPress={onBack}>
          <ArrowLeft size={22} aria-hidden />
        </Back>
        <h2 id="drawing-title" tabIndex={-1}>
          {w.text(`panel.${decision}`)}
        </h2>
      </Head>
      <Halves>
        <DecisionForm {...props} plan={plan} box={Form} />
        {plan ? (
          <PanelBody {...props} plan={plan} box={Shown} />
        ) : (
          <Shown>
            <Mute>{w.text('decisionPanel.theDrawingComesWithThe')}</Mute>
          </Shown>
        )}
      </Halves>
      <Guidance />
    </Work>
  );
}
