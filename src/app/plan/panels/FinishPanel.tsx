'use client';

import styled from 'styled-components';
import { Body, type PanelProps, Section, StepList } from './common';
import { FinishColumn } from './FinishColumn';
import { HoldWays } from './HoldWays';
import { potStaysHotMin } from '@/core/cook';
import { minutes as time, tempC } from '@/core/message';
import { endsDry, finishSteps } from '@/core/plan';
import { Figures } from '@/ui/controls/Why';
import { useWords } from '@/ui/KitchenContext';
import { MINUTE_MS } from '@/core/quantity';
import { SAFETY_LIMITS } from '@/core/safety';

const Steps = styled.ol`
  padding-left: 20px;
  display: grid;
  gap: 3px;
`;

/** What is done after the heat, in order. */
const AFTER_THE_HEAT = ['reserve', 'lift', 'cool', 'fridge', 'finish', 'reheat', 'keep', 'plate'] as const;

/** What is done after the heat, the sauce and what is in it. */
export function FinishPanel({ plan, input, change }: PanelProps) {
  const w = useWords();
  const { hotC, reheatC } = SAFETY_LIMITS[input.keeping.rule];
  const limit = tempC(hotC);
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
                  w.text(`after.${id}`, { limit, hot, warm: tempC(reheatC) })
                )}
              </span>
              <b>{w.quantity((s.toMs - s.fromMs) / MINUTE_MS, 'minutes')}</b>
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
