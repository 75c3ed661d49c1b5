'use client';

import { Body, type PanelProps, Part, StepList } from './common';
import { ScaleChart } from '@/ui/charts/curves';
import { Mute } from '@/ui/controls/Panel';

export function ServePanel({ plan, timeZone }: PanelProps) {
  const { concerns } = plan.table;
  return (
    <Body>
      <ScaleChart band={plan.forecast.band} startMs={plan.day.intoPotMs} timeZone={timeZone} height={320} />
      <Part>
        <h3>Who can eat it</h3>
        {concerns.length === 0 ? <p>Nothing in the pot is on the usual lists. Read the labels all the same.</p> : null}
        <StepList as="ul">
          {concerns.map((c) => (
            <li key={c.avoided} data-stay={c.conflict ? '' : undefined}>
              <strong>
                {c.name}
                {c.conflict ? ' · somebody here avoids it' : ''}
              </strong>
              <b>{c.sources.length > 0 ? 'in the pot' : 'may be'}</b>
              <small>{[...c.sources, ...c.hidden].join('; ')}</small>
            </li>
          ))}
        </StepList>
        <Mute>A reminder, not a label: what you bought decides. Follow your local food-safety guidance.</Mute>
      </Part>
    </Body>
  );
}
