'use client';

import { useState } from 'react';
import { Body, type PanelProps, Part, StepList } from './common';
import { type BaseStep, FORGOTTEN } from '@/core/base';
import { Mute } from '@/ui/controls/Panel';
import { ChoiceField } from '@/ui/controls/ChoiceField';
import { Figures } from '@/ui/controls/Why';
import { useWords } from '@/ui/KitchenContext';
import { say } from '@/core/message';

function Step({ step, at }: { step: BaseStep; at?: string | undefined }) {
  const w = useWords();
  const amount = step.kg > 0 ? w.quantity(step.kg, 'mass') : '';
  return (
    <li data-stay={step.stay ? '' : undefined}>
      <details>
        <summary>
          <span>
            <strong>{w.title(step.title)}</strong>
            {amount === '' ? '' : `, ${amount}`}
            {step.stay ? <span className="visually-hidden"> {w.text('basePanel.stayWithIt')}</span> : null}
          </span>
          <b>{at ?? (step.minutes > 0 ? w.quantity(step.minutes, 'minutes') : '')}</b>
        </summary>
        <small>
          {step.cutMm === undefined
            ? ''
            : `${w.capital(w.text('basePanel.cut', { size: w.quantity(step.cutMm, 'length') }))}. `}
          {w.text('basePanel.until', { look: step.look, why: step.why ?? '' })}
        </small>
      </details>
    </li>
  );
}

function Forgotten() {
  const w = useWords();
  const [found, setFound] = useState<(typeof FORGOTTEN)[number] | ''>('');
  return (
    <Part title={w.text('basePanel.forgotSomething')}>
      <ChoiceField
        label={w.text('basePanel.whatWasLeftOut')}
        value={found}
        ids={FORGOTTEN}
        name={(f) => w.title(say(`forgotten.${f}`))}
        onChange={setFound}
      />
      {found !== '' ? (
        <p aria-live="polite">
          {w.text(`forgotten.${found}.still`)} <b>{w.text('basePanel.whatChanges')}</b>{' '}
          {w.text(`forgotten.${found}.changes`)}
        </p>
      ) : null}
    </Part>
  );
}

/** Less fat than this from cured pork is not mentioned, l. */
const MIN_RENDERED_L = 0.005;

export function BasePanel({ plan }: PanelProps) {
  const w = useWords();
  const { base } = plan;
  const start = plan.day.spans.find((s) => s.id === 'base')?.fromMs;
  const inAt = (step: BaseStep): string =>
    w.clock(plan.day.marks.find((m) => m.id === `add-${step.title.code}`)?.atMs ?? Number.NaN);
  return (
    <Body>
      <StepList aria-label={w.text('basePanel.theBaseInOrder')}>
        {base.steps.length === 0 ? <li>{w.text('basePanel.nothingIsSoftenedFirstThe')}</li> : null}
        {base.steps.map((s) => (
          <Step key={s.id} step={s} />
        ))}
      </StepList>
      <Mute>
        {start === undefined ? null : <>{w.text('basePanel.from', { start: w.clock(start) })} </>}
        {base.steps.some((step) => step.stay) ? w.text('basePanel.aBrightEdge') : null}
      </Mute>
      <Part title={w.text('basePanel.theFat')}>
        <p>
          {w.text('basePanel.keepFat', { fatKept: w.quantity(base.fatKeptL, 'volume'), fatSays: base.fatSays })}
          {base.renderedL > MIN_RENDERED_L ? (
            <> {w.text('basePanel.curedPork', { rendered: w.quantity(base.renderedL, 'volume') })}</>
          ) : null}
        </p>
        <Figures figures={[base.minutes, ...(base.onion ? [base.onion] : []), ...(base.flour ? [base.flour] : [])]} />
      </Part>
      {base.late.length > 0 ? (
        <Part title={w.text('basePanel.inLateCountedBackFrom')}>
          <StepList>
            {base.late.map((s) => (
              <Step key={s.id} step={s} at={inAt(s)} />
            ))}
          </StepList>
          <p>{w.text('basePanel.fromTheStartTheyWould')}</p>
        </Part>
      ) : null}
      <Forgotten />
    </Body>
  );
}
