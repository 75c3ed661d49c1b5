'use client';

import { LIMITS } from '@/core/choices';
import { CheckboxButton, CheckboxField, CheckboxGroup } from 'react-aria-components';
import styled from 'styled-components';
import { Care, faultOf, type FormProps } from './common';
import { hourOn } from '@/calendar/calendar';
import { AVOIDABLE, type Avoided, SIDES } from '@/core/larder';
import { FieldRow, LabelText } from '@/ui/controls/frame';
import { NumberField } from '@/ui/controls/NumberField';
import { WayCards } from '@/ui/controls/WayCards';
import { Slider } from '@/ui/controls/Slider';
import { MomentField } from '@/ui/controls/MomentField';
import { useWords } from '@/ui/KitchenContext';

const MOST_SIDES = 6;
const EVENING_HOUR = 21;

const Chips = styled(CheckboxGroup)`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  > :first-child {
    flex-basis: 100%;
    margin: 0;
  }
`;

const Chip = styled(CheckboxButton)`
  border: 2px solid var(--line);
  border-radius: 999px;
  padding: 5px 12px;
  min-height: 34px;
  cursor: pointer;
  font-size: 14px;
  background: var(--plate);
  display: block;
  &[data-selected] {
    background: var(--enamel);
    color: var(--on-enamel);
    border-color: var(--glow);
  }
  &[data-focus-visible] {
    outline: 3px solid var(--glow);
    outline-offset: 2px;
  }
`;

export function ServeForm({ input, faults, timeZone, change }: FormProps) {
  const w = useWords();
  return (
    <>
      <MomentField
        label={w.text('serveForm.platesOutAt')}
        value={input.serveAtMs}
        error={faultOf(w, faults, 'serveAtMs')}
        onChange={(serveAtMs) => {
          change({ serveAtMs });
        }}
      />
      <WayCards
        label={w.text('serveForm.cookIt')}
        value={input.day.ahead === null ? 'same' : 'ahead'}
        ways={[
          { id: 'same', name: w.text('serveForm.theSameDay'), why: w.text('serveForm.eatenWhenItIsDone') },
          { id: 'ahead', name: w.text('serveForm.ahead'), why: w.text('serveForm.moreFlavourTheFatLifts') },
        ]}
        onChange={(when) => {
          const fridgeByMs = hourOn(input.serveAtMs, -1, EVENING_HOUR, timeZone);
          change({ day: { ...input.day, ahead: when === 'ahead' ? { fridgeByMs } : null } });
        }}
      />
      {input.day.ahead === null ? null : (
        <>
          <MomentField
            label={w.text('serveForm.inTheFridgeBy')}
            value={input.day.ahead.fridgeByMs}
            error={faultOf(w, faults, 'day.ahead')}
            onChange={(fridgeByMs) => {
              change({ day: { ...input.day, ahead: { fridgeByMs } } });
            }}
          />
          <Care step="store" />
        </>
      )}
      <Slider
        label={w.text('serveForm.howSureToBeOn')}
        limits={LIMITS.confidence}
        step={0.01}
        value={input.confidence}
        says={w.quantity(input.confidence, 'evenings')}
        onChange={(confidence) => {
          change({ confidence });
        }}
      />
      <FieldRow>
        <NumberField
          label={w.text('serveForm.cooksAtTheBench')}
          step={1}
          value={input.day.cooks}
          error={faultOf(w, faults, 'day.cooks')}
          onChange={(cooks) => {
            change({ day: { ...input.day, cooks } });
          }}
        />
        <NumberField
          label={w.text('serveForm.burnersFree')}
          step={1}
          value={input.day.burners}
          error={faultOf(w, faults, 'day.burners')}
          onChange={(burners) => {
            change({ day: { ...input.day, burners } });
          }}
        />
      </FieldRow>
      <Chips
        value={[...input.day.sides]}
        onChange={(sides) => {
          change({ day: { ...input.day, sides: sides.slice(0, MOST_SIDES) } });
        }}
      >
        <LabelText>{w.text('serveForm.besideIt')}</LabelText>
        {SIDES.map((s) => (
          <CheckboxField key={s.id} value={s.id}>
            <Chip>{w.label('side', s.id)}</Chip>
          </CheckboxField>
        ))}
      </Chips>
      <Chips
        value={[...input.avoid]}
        onChange={(avoid) => {
          change({ avoid: avoid.filter((a): a is Avoided => AVOIDABLE.some((known) => known === a)) });
        }}
      >
        <LabelText>{w.text('serveForm.somebodyAtTheTableAvoids')}</LabelText>
        {AVOIDABLE.map((a) => (
          <CheckboxField key={a} value={a}>
            <Chip>{w.label('avoid', a)}</Chip>
          </CheckboxField>
        ))}
      </Chips>
      <Care step="serve" />
    </>
  );
}
