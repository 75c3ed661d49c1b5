'use client';

import { Care, faultOf, type FormProps } from './common';
import { HEAT_SCHOOLS } from '../schools';
import { NumberField } from '@/ui/controls/NumberField';
import { Mute } from '@/ui/controls/Panel';
import { QuantityField } from '@/ui/controls/QuantityField';
import { SelectField } from '@/ui/controls/SelectField';

export function HeatForm({ input, faults, change }: FormProps) {
  const { heat } = input;
  const mode = heat.kind === 'simmer' ? 'simmer' : heat.fan ? 'fan' : 'still';
  return (
    <>
      <SelectField
        label="Where"
        value={mode}
        sections={[{ options: HEAT_SCHOOLS.map((s) => ({ id: s.id, label: s.name, why: s.why })) }]}
        onChange={(id) => {
          if (id === 'simmer') change({ heat: { kind: 'simmer', tempC: heat.kind === 'simmer' ? heat.tempC : 96 } });
          else change({ heat: { kind: 'oven', tempC: heat.kind === 'oven' ? heat.tempC : 150, fan: id === 'fan' } });
        }}
      />
      <QuantityField
        label={heat.kind === 'oven' ? 'Oven set to' : 'Liquid held at'}
        dimension="temperature"
        value={heat.tempC}
        error={faultOf(faults, 'heat.tempC')}
        onChange={(tempC) => {
          change({ heat: { ...heat, tempC } });
        }}
      />
      <NumberField
        label="Height above the sea"
        unit="m"
        step={50}
        value={input.altitudeM}
        error={faultOf(faults, 'altitudeM')}
        onChange={(altitudeM) => {
          change({ altitudeM });
        }}
      />
      <Mute>Higher up, water boils cooler and the braise takes longer.</Mute>
      <Care step={heat.kind === 'oven' ? 'potIntoOven' : 'potOnStove'} />
    </>
  );
}
