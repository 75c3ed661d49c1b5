'use client';

import { Body, type PanelProps } from './common';
import { HeatChart } from '@/ui/charts/curves';
import { Figures } from '@/ui/controls/Why';

/** The heat schedule, what it costs and what it boils off. */
export function HeatPanel({ plan }: PanelProps) {
  return (
    <Body>
      <HeatChart course={plan.course} startMs={plan.day.intoPotMs} height={380} />
      <Figures
        figures={[plan.liquid.water.perHour, plan.liquid.water.coldCost, ...(plan.energy ? [plan.energy] : [])]}
      />
    </Body>
  );
}
