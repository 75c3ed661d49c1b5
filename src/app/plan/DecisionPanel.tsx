'use client';

import { type ReactNode, useEffect, useRef } from 'react';
import styled from 'styled-components';
import { type Decision } from './decisions';
import { BasePanel } from './panels/BasePanel';
import { Body, type PanelProps, Section, StepList } from './panels/common';
import { LiquidPanel } from './panels/LiquidPanel';
import { MeatPanel } from './panels/MeatPanel';
import { PotPanel } from './panels/PotPanel';
import { SearPanel } from './panels/SearPanel';
import { ServePanel } from './panels/ServePanel';
import { endsDry, type Plan } from '@/core/plan';
import { HeatChart } from '@/ui/charts/curves';
import { Mute, Panel } from '@/ui/controls/Panel';
import { Figures } from '@/ui/controls/Why';
import { useWords } from '@/ui/KitchenContext';

const Head = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 12px;
  margin-bottom: 10px;
  h2 {
    font-size: 22px;
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

function FinishPanel({ plan }: PanelProps) {
  const w = useWords();
  return (
    <Body>
      <StepList>
        {plan.day.spans.flatMap((s) => {
          const id = AFTER_THE_HEAT.find((known) => known === s.id);
          if (id === undefined) return [];
          return [
            <li key={s.id}>
              <span>
                <b>{w.clockBeside(s.fromMs, plan.day.serveMs)}</b> {w.text(`after.${id}`)}
              </span>
              <b>{w.quantity((s.toMs - s.fromMs) / 60_000, 'minutes')}</b>
            </li>,
          ];
        })}
      </StepList>
      <Section plan={plan} />
      <Figures
        figures={[
          plan.liquid.water.left,
          plan.finish.fat,
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

type DecisionPanelProps = Omit<PanelProps, 'plan'> & {
  readonly decision: Decision;
  readonly plan: Plan | undefined;
};

/** The middle of the plan screen: the drawing that belongs to the decision in hand and what follows from it. */
export function DecisionPanel({ decision, plan, ...props }: DecisionPanelProps) {
  const w = useWords();
  const PanelBody = PANELS[decision];
  const top = useRef<HTMLElement>(null);
  useEffect(() => {
    top.current?.scrollTo({ top: 0 });
  }, [decision]);
  return (
    <Panel ref={top} aria-labelledby="drawing-title" tabIndex={0}>
      <Head>
        <h2 id="drawing-title">{w.text(`panel.${decision}`)}</h2>
        <Mute>{w.text(`panel.${decision}.note`)}</Mute>
      </Head>
      {plan ? <PanelBody {...props} plan={plan} /> : <Mute>{w.text('decisionPanel.theDrawingComesWithThe')}</Mute>}
    </Panel>
  );
}
