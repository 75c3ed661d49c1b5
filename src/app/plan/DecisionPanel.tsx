'use client';

import { ArrowLeft } from 'lucide-react';
import { type ReactNode } from 'react';
import styled from 'styled-components';
import { type Decision } from './decisions';
import { FORMS } from './forms';
import { type FormProps, IconButton } from './forms/common';
import { BasePanel } from './panels/BasePanel';
import { Body, type PanelProps, Section, StepList } from './panels/common';
import { LiquidPanel } from './panels/LiquidPanel';
import { MeatPanel } from './panels/MeatPanel';
import { PotPanel } from './panels/PotPanel';
import { SearPanel } from './panels/SearPanel';
import { FinishColumn } from './panels/FinishColumn';
import { HoldWays } from './panels/HoldWays';
import { ServePanel } from './panels/ServePanel';
import { potStaysHotMin } from '@/core/cook';
import { COOLING_LIMITS } from '@/core/keep';
import { minutes as time, tempC } from '@/core/message';
import { endsDry, finishSteps, type Plan } from '@/core/plan';
import { HeatChart } from '@/ui/charts/curves';
import { Mute, Panel } from '@/ui/controls/Panel';
import { Figures } from '@/ui/controls/Why';
import { useWords } from '@/ui/KitchenContext';

const Work = styled(Panel)`
  container: work / inline-size;
  min-height: 100%;
`;

const Steps = styled.ol`
  padding-left: 20px;
  display: grid;
  gap: 3px;
`;

const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 12px;
  margin-bottom: 12px;
  h2 {
    font-size: 22px;
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

/** The drawing and what follows; what lies in it is laid out by its width. */
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
    font-size: 15px;
  }
`;

function HeatPanel({ plan }: PanelProps) {
  return (
    <Body>
      <HeatChart course={plan.course} startMs={plan.day.intoPotMs} height={380} />
      <Figures
        figures={[plan.liquid.water.perHour, plan.liquid.water.coldCost, ...(plan.energy ? [plan.energy] : [])]}
      />
    </Body>
  );
}

/** What is done after the heat, in the order of the day. */
const AFTER_THE_HEAT = ['reserve', 'lift', 'cool', 'fridge', 'finish', 'reheat', 'keep', 'plate'] as const;

function FinishPanel({ plan, input, change }: PanelProps) {
  const w = useWords();
  const limit = tempC(COOLING_LIMITS[input.keeping.rule].hotC);
  const hot = time(potStaysHotMin(plan, plan.finished.liquidL));
  return (
    <Body>
      <StepList>
        {plan.day.spans.flatMap((s) => {
          const id = AFTER_THE_HEAT.find((known) => known === s.id);
          if (id === undefined) return [];
          return [
            <li key={s.id}>
              <span>
                <b>{w.clockBeside(s.fromMs, plan.day.serveMs)}</b>{' '}
                {id === 'finish' ? (
                  <Steps>
                    {finishSteps(plan).map((step) => (
                      <li key={step.says.code}>{w.say(step.says)}</li>
                    ))}
                  </Steps>
                ) : (
                  w.text(`after.${id}`, { limit, hot })
                )}
              </span>
              <b>{w.quantity((s.toMs - s.fromMs) / 60_000, 'minutes')}</b>
            </li>,
          ];
        })}
      </StepList>
      {plan.ahead ? null : <HoldWays plan={plan} />}
      {endsDry(plan) ? <Section plan={plan} /> : <FinishColumn plan={plan} input={input} change={change} />}
      <Figures
        figures={[
          plan.liquid.water.left,
          plan.finish.fat,
          plan.finish.fatLeft,
          ...(endsDry(plan)
            ? []
            : [
                plan.finish.sauce,
                plan.finish.reduce,
                plan.finish.gelatin,
                plan.salt.sauce,
                plan.salt.atPlate,
                plan.salt.atEnd,
              ]),
          ...(plan.base.flour && plan.input.base.thicken === 'end' ? [plan.base.flour] : []),
          plan.buy.served,
        ]}
      />
    </Body>
  );
}

const PANELS: Readonly<Record<Decision, (props: PanelProps) => ReactNode>> = {
  meat: MeatPanel,
  pot: PotPanel,
  sear: SearPanel,
  base: BasePanel,
  liquid: LiquidPanel,
  heat: HeatPanel,
  finish: FinishPanel,
  serve: ServePanel,
};

type DecisionPanelProps = Omit<FormProps, 'plan'> & {
  readonly decision: Decision;
  readonly plan: Plan | undefined;
  /** From this page to the eight decisions, where they are not beside it. */
  readonly onBack: () => void;
};

/** The decision in hand: its controls beside the drawing that belongs to it, and what follows from it. */
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
        <Mute>{w.text(`panel.${decision}.note`)}</Mute>
      </Head>
      <Halves>
        <Form>
          <DecisionForm {...props} plan={plan} />
        </Form>
        <Shown>
          {plan ? <PanelBody {...props} plan={plan} /> : <Mute>{w.text('decisionPanel.theDrawingComesWithThe')}</Mute>}
        </Shown>
      </Halves>
    </Work>
  );
}
