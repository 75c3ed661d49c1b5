'use client';

import { CheckboxButton, CheckboxField, CheckboxGroup } from 'react-aria-components';
import styled from 'styled-components';
import { LIMITS } from '@/core/choices';
import { OWN_LIDS, type OwnLid, POT_FORMS, VESSEL_KINDS, type Pot } from '@/core/larder';
import { ShapeFields } from './ShapeFields';
import { potSize } from '../plan/potSize';
import { potShape, potVolumeL, usualPotKg } from '@/core/material';
import { FieldRow, LabelText } from '@/ui/controls/frame';
import { Mute } from '@/ui/controls/Panel';
import { QuantityField } from '@/ui/controls/QuantityField';
import { SelectField } from '@/ui/controls/SelectField';
import { TextField } from '@/ui/controls/TextField';
import { PotFromAbove } from '@/ui/drawings/PotFromAbove';
import { useWords } from '@/ui/KitchenContext';

const Lids = styled(CheckboxGroup)`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  > span {
    flex-basis: 100%;
  }
`;

const Tick = styled(CheckboxButton)`
  display: inline-flex;
  align-items: center;
  gap: 8px;
  min-height: 32px;
  cursor: pointer;
  &::before {
    content: '';
    width: 20px;
    height: 20px;
    border: 2px solid var(--rim);
    border-radius: 5px;
    background: var(--plate);
  }
  &[data-selected]::before {
    background: var(--ink);
    box-shadow: inset 0 0 0 3px var(--plate);
  }
  &[data-focus-visible] {
    outline: 3px solid var(--ring);
    outline-offset: 2px;
  }
`;

const Shown = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 190px) minmax(0, 1fr);
  gap: 14px;
  align-items: center;
  p {
    font-size: 0.9375rem;
  }
  @media (max-width: 420px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

interface PotFieldsProps {
  readonly pot: Pot;
  readonly onChange: (pot: Pot) => void;
}

/** Whether a typed pot can be saved: it has a name, and its measures are within the planning limits. */
export function potIsWhole(pot: Pot): boolean {
  const [least, most] = LIMITS.potAcrossMm;
  const across = [pot.lengthMm, pot.widthMm].every((mm) => mm >= least && mm <= most);
  const [low, high] = LIMITS.potHeightMm;
  return (
    pot.name.trim() !== '' &&
    across &&
    pot.heightMm >= low &&
    pot.heightMm <= high &&
    pot.massKg >= 0.2 &&
    pot.massKg <= 30
  );
}

/** A pot's name, shape, inside measures, weight, material and lids, drawn to scale as they are typed. */
export function PotFields({ pot, onChange }: PotFieldsProps) {
  const w = useWords();
  const set = (part: Partial<Pot>): void => {
    onChange({ ...pot, ...part });
  };
  const length = (mm: number): string => w.quantity(mm, 'length');
  const [low, high] = LIMITS.potAcrossMm;
  const limits = { least: length(low), most: length(high) };
  const wrong = (mm: number, [least, most]: readonly [number, number]): string | undefined =>
    mm >= least && mm <= most ? undefined : w.text('potFields.limits', { least: length(least), most: length(most) });
  const size = potShape(pot);
  const whole = wrong(pot.lengthMm, LIMITS.potAcrossMm) ?? wrong(pot.widthMm, LIMITS.potAcrossMm);
  return (
    <>
      <SelectField
        label={w.text('potFields.like')}
        value=""
        sections={[
          {
            options: VESSEL_KINDS.map((v) => ({ id: v.id, label: w.label('vessel', v.id), why: potSize(w, v) })),
          },
        ]}
        onChange={(id) => {
          const usual = VESSEL_KINDS.find((v) => v.id === id);
          if (!usual) return;
          const { shape, lengthMm, widthMm, heightMm, massKg, material, lids } = usual;
          const name = w.label('vessel', id);
          onChange({ id: pot.id, name, shape, lengthMm, widthMm, heightMm, massKg, material, lids });
        }}
      />
      <TextField
        label={w.text('potFields.name')}
        value={pot.name}
        onChange={(name) => {
          set({ name });
        }}
      />
      <ShapeFields
        thing={pot}
        shapes={POT_FORMS}
        names={{
          across: w.text('potFields.across'),
          length: w.text('potFields.length'),
          width: w.text('potFields.width'),
        }}
        wrong={(mm) => wrong(mm, LIMITS.potAcrossMm)}
        onChange={set}
      >
        <QuantityField
          label={w.text('potFields.deep')}
          dimension="length"
          value={pot.heightMm}
          error={wrong(pot.heightMm, LIMITS.potHeightMm)}
          onChange={(heightMm) => {
            set({ heightMm });
          }}
        />
      </ShapeFields>
      <FieldRow>
        <QuantityField
          label={w.text('potFields.weight')}
          dimension="mass"
          value={pot.massKg}
          error={pot.massKg >= 0.2 && pot.massKg <= 30 ? undefined : w.text('potFields.weightLimits')}
          onChange={(massKg) => {
            set({ massKg });
          }}
        />
        <Mute>
          {whole === undefined
            ? w.text('potFields.usualWeight', { weight: w.quantity(usualPotKg(size, pot.material), 'mass') })
            : w.text('potFields.limits', limits)}
        </Mute>
      </FieldRow>
      <Lids
        value={[...pot.lids]}
        onChange={(lids) => {
          set({ lids: OWN_LIDS.filter((id): id is OwnLid => lids.includes(id)) });
        }}
      >
        <LabelText>{w.text('potFields.lids')}</LabelText>
        {OWN_LIDS.map((id) => (
          <CheckboxField key={id} value={id}>
            <Tick>{w.label('lid', id)}</Tick>
          </CheckboxField>
        ))}
      </Lids>
      {whole === undefined && wrong(pot.heightMm, LIMITS.potHeightMm) === undefined ? (
        <Shown>
          <PotFromAbove pot={pot} />
          <p>{w.text('potFields.holds', { volume: w.quantity(potVolumeL(size), 'volume') })}</p>
        </Shown>
      ) : null}
    </>
  );
}
