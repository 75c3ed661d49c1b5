'use client';

import { Body, type PanelProps, Part, Section } from './common';
import { Figures } from '@/ui/controls/Why';
import { useSay } from '@/ui/KitchenContext';

export function PotPanel({ plan, input, change }: PanelProps) {
  const say = useSay();
  const { pot } = plan;
  const sticks = pot.sticksOut.value > 3;
  return (
    <Body>
      <Section
        plan={plan}
        onLevel={(level) => {
          change({ liquid: { ...input.liquid, level } });
        }}
      />
      <Part>
        <h3>Room in it</h3>
        <Figures figures={[pot.full, pot.headroom, pot.sticksOut, plan.liquid.water.poured]} />
        <p>
          {sticks
            ? say(
                `${String(Math.round(pot.sticksOut.value))} mm of the meat stands out of the liquid: turn it once, half way.`,
              )
            : 'The liquid covers the meat: nothing has to be turned.'}
        </p>
      </Part>
    </Body>
  );
}
