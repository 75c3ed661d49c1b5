'use client';

import { CheckboxButton, CheckboxField, CheckboxGroup } from 'react-aria-components';
import styled from 'styled-components';
import { Care, faultOf, type FormProps } from './common';
import { hourOn } from '@/calendar/calendar';
import { ALLERGEN_NAMES, AVOIDABLE, type Avoided, DIET_NAMES } from '@/core/larder/allergens';
import { SIDES } from '@/core/larder/sides';
import { FieldRow, LabelText } from '@/ui/controls/frame';
import { NumberField } from '@/ui/controls/NumberField';
import { Schools } from '@/ui/controls/Schools';
import { Slider } from '@/ui/controls/Slider';
import { TextField } from '@/ui/controls/TextField';
import { localInputValue, momentFromLocalInput } from '@/ui/localInput';

const MOST_SIDES = 6;
const EVENING_HOUR = 21;

const NAMES: Readonly<Record<string, string>> = { ...ALLERGEN_NAMES, ...DIET_NAMES };

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
  return (
    <>
      <TextField
        label="Plates out at"
        type="datetime-local"
        value={localInputValue(input.serveAtMs, timeZone)}
        error={faultOf(faults, 'serveAtMs')}
        onChange={(text) => {
          change({ serveAtMs: momentFromLocalInput(text, timeZone) });
        }}
      />
      <Schools
        label="Cook it"
        value={input.day.ahead === null ? 'same' : 'ahead'}
        schools={[
          { id: 'same', name: 'The same day', why: 'eaten when it is done' },
          { id: 'ahead', name: 'Ahead', why: 'more flavour, the fat lifts off whole, bones come out clean' },
        ]}
        onChange={(when) => {
          const fridgeByMs = hourOn(input.serveAtMs, -1, EVENING_HOUR, timeZone);
          change({ day: { ...input.day, ahead: when === 'ahead' ? { fridgeByMs } : null } });
        }}
      />
      {input.day.ahead === null ? null : (
        <>
          <TextField
            label="In the fridge by"
            type="datetime-local"
            value={localInputValue(input.day.ahead.fridgeByMs, timeZone)}
            error={faultOf(faults, 'day.ahead')}
            onChange={(text) => {
              change({ day: { ...input.day, ahead: { fridgeByMs: momentFromLocalInput(text, timeZone) } } });
            }}
          />
          <Care step="store" />
        </>
      )}
      <Slider
        label="How sure to be on time"
        min={0.5}
        max={0.98}
        step={0.01}
        value={input.confidence}
        says={`${String(Math.round(input.confidence * 100))} of 100 such days`}
        onChange={(confidence) => {
          change({ confidence });
        }}
      />
      <FieldRow>
        <NumberField
          label="Cooks at the bench"
          step={1}
          value={input.day.cooks}
          error={faultOf(faults, 'day.cooks')}
          onChange={(cooks) => {
            change({ day: { ...input.day, cooks } });
          }}
        />
        <NumberField
          label="Burners free"
          step={1}
          value={input.day.burners}
          error={faultOf(faults, 'day.burners')}
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
        <LabelText>Beside it</LabelText>
        {SIDES.map((s) => (
          <CheckboxField key={s.id} value={s.id}>
            <Chip>{s.name}</Chip>
          </CheckboxField>
        ))}
      </Chips>
      <Chips
        value={[...input.avoid]}
        onChange={(avoid) => {
          change({ avoid: avoid.filter((a): a is Avoided => AVOIDABLE.some((known) => known === a)) });
        }}
      >
        <LabelText>Somebody at the table avoids</LabelText>
        {AVOIDABLE.map((a) => (
          <CheckboxField key={a} value={a}>
            <Chip>{NAMES[a]}</Chip>
          </CheckboxField>
        ))}
      </Chips>
      <Care step="serve" />
    </>
  );
}
