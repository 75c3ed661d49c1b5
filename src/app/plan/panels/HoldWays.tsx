'use client';

import { useMemo } from 'react';
import { Part, StepList } from './common';
import { HoldForks } from '../../HoldForks';
import { holdMethodsOf, isTooFar, plannedDonenessAfterHolding } from '@/core/cook';
import { type Plan } from '@/core/plan';
import { useWords } from '@/ui/KitchenContext';
import { MINUTE_MS } from '@/core/quantity';

/** Ways to keep it warm if it is done early: for the spare time, with how hot, how tender, how long it may be. */
export function HoldWays({ plan }: { readonly plan: Plan }) {
  const w = useWords();
  const reserve = plan.day.spans.find((s) => s.id === 'reserve');
  const minutes = reserve ? (reserve.toMs - reserve.fromMs) / MINUTE_MS : 0;
  const ways = useMemo(() => holdMethodsOf(plan, plan.finished.liquidL, Math.max(5, minutes)), [plan, minutes]);
  if (minutes < 5) return null;
  const { target } = plan.forecast;
  const kept = ways.map((h) => ({ ...h, stage: plannedDonenessAfterHolding(plan, h.gained) }));
  return (
    <Part title={w.text('holdWays.title', { time: { as: 'minutes', value: minutes } })}>
      <HoldForks here={target} ways={kept} />
      <StepList as="ul">
        {kept.map((h) => (
          <li key={h.way} data-stay={isTooFar(h.stage, target) || h.safeMin < minutes ? '' : undefined}>
            <strong>{w.text(`hold.${h.way}`)}</strong>
            <b>{w.quantity(h.atPlateC, 'temperature')}</b>
            <small>
              {w.text('holdWays.gained', { gained: { as: 'minutes', value: h.gained } })}{' '}
              {Number.isFinite(h.safeMin)
                ? w.text('holdWays.safe', { time: { as: 'minutes', value: h.safeMin } })
                : w.text('hold.never')}{' '}
              {isTooFar(h.stage, target) ? w.text('hold.far') : ''}
            </small>
          </li>
        ))}
      </StepList>
    </Part>
  );
}
