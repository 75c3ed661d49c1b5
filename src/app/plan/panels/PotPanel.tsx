'use client';

import { Body, type PanelProps, Part, Section } from './common';
import { Figures } from '@/ui/controls/Why';
import { useWords } from '@/ui/KitchenContext';

export function PotPanel({ plan, input, change }: PanelProps) {
  const w = useWords();
  const { pot } = plan;
  const sticks = pot.sticksOut.value > 3;
  return (
    <Body>
      <Section
        plan={plan}
        onLevel={(level) => {
          change({ liquid: { ...input.liquid, fill: true, level } });
        }}
      />
      <Part title={w.text('potPanel.roomInIt')}>
        <Figures figures={[pot.full, pot.headroom, pot.sticksOut, plan.liquid.water.poured]} />
        <p>
          {sticks
            ? w.text('potPanel.ofTheMeatStandsOut', { sticksOut: w.figure(pot.sticksOut) })
            : w.text('potPanel.theLiquidCoversTheMeat')}
        </p>
      </Part>
    </Body>
  );
}
