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
import { type Plan } from '@/core/plan/plan';
import { HeatChart } from '@/ui/charts/curves';
import { Mute, Panel } from '@/ui/controls/Panel';
import { Figures } from '@/ui/controls/Why';
import { useSay } from '@/ui/KitchenContext';
import { clockBeside, duration } from '@/ui/time';

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

const TITLES: Readonly<Record<Decision, readonly [title: string, note: string]>> = {
  meat: ['How will the fork feel?', 'when each stage should come'],
  pot: ['Does it fit?', 'section through the pot, to scale'],
  sear: ['How many at a time?', 'the pan from above, to scale'],
  base: ['What goes in, and when?', 'in the fat, one after the other'],
  liquid: ['How deep should it sit?', 'drag the line'],
  heat: ['How warm does it get?', 'with no surprises'],
  finish: ['After the fork twists', 'liquid in the pot by then'],
  serve: ['Ready in time?', 'median and 80 % band'],
};

function HeatPanel({ plan, timeZone }: PanelProps) {
  return (
    <Body>
      <HeatChart course={plan.course} startMs={plan.day.intoPotMs} timeZone={timeZone} height={380} />
      <Figures
        figures={[plan.liquid.water.perHour, plan.liquid.water.coldCost, ...(plan.energy ? [plan.energy] : [])]}
      />
    </Body>
  );
}

const FINISH_WORDS: Readonly<Record<string, string>> = {
  reserve: 'Reserve for a slow animal. Lid on, heat off: it stays above 60 °C for an hour and more.',
  lift: 'Bay, herbs and strings out, and counted.',
  cool: 'Into ice water in its liquid, stirred now and then.',
  fridge: 'Cold through; the fat sets on top.',
  finish: 'Lift out, strain, lift the fat, reduce, season last.',
  reheat: 'In its sauce on a gentle flame, turned now and then, to 74 °C in the middle.',
  keep: 'Lid on over the lowest flame: hot, over 60 °C, until the plates.',
  plate: 'Plate and carry.',
};

function FinishPanel({ plan, timeZone }: PanelProps) {
  const say = useSay();
  return (
    <Body>
      <StepList>
        {plan.day.spans
          .filter((s) => s.id in FINISH_WORDS)
          .map((s) => (
            <li key={s.id}>
              <span>
                <b>{clockBeside(s.fromMs, plan.day.serveMs, timeZone)}</b> {say(FINISH_WORDS[s.id] ?? '')}
              </span>
              <b>{duration((s.toMs - s.fromMs) / 60_000)}</b>
            </li>
          ))}
      </StepList>
      <Section plan={plan} />
      <Figures
        figures={[
          plan.liquid.water.left,
          plan.finish.fat,
          plan.finish.sauce,
          plan.finish.reduce,
          plan.finish.gelatin,
          plan.salt.sauce,
          plan.salt.atPlate,
          plan.salt.atEnd,
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
  const [title, note] = TITLES[decision];
  const PanelBody = PANELS[decision];
  const top = useRef<HTMLElement>(null);
  useEffect(() => {
    top.current?.scrollTo({ top: 0 });
  }, [decision]);
  return (
    <Panel ref={top} aria-labelledby="drawing-title" tabIndex={0}>
      <Head>
        <h2 id="drawing-title">{title}</h2>
        <Mute>{note}</Mute>
      </Head>
      {plan ? (
        <PanelBody {...props} plan={plan} />
      ) : (
        <Mute>The drawing comes with the first plan that can be cooked.</Mute>
      )}
    </Panel>
  );
}
