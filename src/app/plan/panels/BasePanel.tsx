'use client';

import { useState } from 'react';
import { Body, type PanelProps, Part, StepList } from './common';
import { type BaseStep, FORGOTTEN } from '@/core/base/base';
import { formatLength, formatMass, formatMinutes, formatVolume } from '@/core/quantity/format';
import { Mute } from '@/ui/controls/Panel';
import { SelectField } from '@/ui/controls/SelectField';
import { Figures } from '@/ui/controls/Why';
import { useSay, useUnits } from '@/ui/KitchenContext';
import { clock } from '@/ui/time';

function Step({ step, at }: { step: BaseStep; at?: string | undefined }) {
  const units = useUnits();
  const amount = [
    step.kg > 0 ? formatMass(step.kg, units) : '',
    step.cutMm === undefined ? '' : `cut ${formatLength(step.cutMm, units)}`,
  ]
    .filter((t) => t !== '')
    .join(', ');
  return (
    <li data-stay={step.stay ? '' : undefined}>
      <span>
        <strong>{step.title}</strong>
        {amount === '' ? '' : `, ${amount}`}
        {step.stay ? <b> · stay with it</b> : null}
      </span>
      <b>{at ?? (step.minutes > 0 ? formatMinutes(step.minutes) : '')}</b>
      <small>
        until {step.look}. {step.why}
      </small>
    </li>
  );
}

function Forgotten() {
  const [id, setId] = useState('');
  const found = FORGOTTEN.find((f) => f.id === id);
  return (
    <Part>
      <h3>Forgot something?</h3>
      <SelectField
        label="What was left out"
        value={id}
        sections={[{ options: FORGOTTEN.map((f) => ({ id: f.id, label: f.what })) }]}
        onChange={setId}
      />
      {found ? (
        <p aria-live="polite">
          {found.still} <b>What changes:</b> {found.changes}
        </p>
      ) : null}
    </Part>
  );
}

export function BasePanel({ plan, timeZone }: PanelProps) {
  const units = useUnits();
  const say = useSay();
  const { base } = plan;
  const start = plan.day.spans.find((s) => s.id === 'base')?.fromMs;
  const doneMs = plan.day.ready.p50Ms;
  return (
    <Body>
      <StepList aria-label="The base, in order">
        {base.steps.length === 0 ? <li>Nothing is softened first: the liquid goes straight in.</li> : null}
        {base.steps.map((s) => (
          <Step key={s.id} step={s} />
        ))}
      </StepList>
      <Mute>
        {start === undefined ? '' : `From ${clock(start, timeZone)}. `}A bright edge: must not be left. Keep{' '}
        {formatVolume(base.fatKeptL, units)} of the fat: {base.fatSays.charAt(0).toLowerCase() + base.fatSays.slice(1)}
        {base.renderedL > 0.005 ? ` The cured pork gives about ${formatVolume(base.renderedL, units)}.` : ''}
      </Mute>
      <Figures figures={[base.minutes, ...(base.onion ? [base.onion] : []), ...(base.flour ? [base.flour] : [])]} />
      {base.late.length > 0 ? (
        <Part>
          <h3>In late, counted back from the end</h3>
          <StepList>
            {base.late.map((s) => (
              <Step key={s.id} step={s} at={`about ${clock(doneMs - s.minutes * 60_000, timeZone)}`} />
            ))}
          </StepList>
          <p>{say('From the start they would turn to mush. Put them in hot, and let it come back to the simmer.')}</p>
        </Part>
      ) : null}
      <Forgotten />
    </Body>
  );
}
