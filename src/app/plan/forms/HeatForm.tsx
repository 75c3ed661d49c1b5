'use client';

import { Care, faultOf, type FormProps } from './common';
import { asHeatMode, heatWays } from '../wayLists';
import { heatInstead, heatMode, MODES } from '@/core/choices';
import { M_PER_FOOT } from '@/core/quantity';
import { NumberField } from '@/ui/controls/NumberField';
import { Mute } from '@/ui/controls/Panel';
import { QuantityField } from '@/ui/controls/QuantityField';
import { SelectField } from '@/ui/controls/SelectField';
import { useUnits, useWords } from '@/ui/KitchenContext';

export function HeatForm({ input, faults, change }: FormProps) {
  const w = useWords();
  const { heat } = input;
  const mode = heatMode(heat);
  const feet = useUnits().weight === 'us';
  return (
    <>
      <SelectField
        label={w.text('common.where')}
        value={mode}
        sections={[{ options: heatWays(w).map((s) => ({ id: s.id, label: s.name, why: s.why })) }]}
        onChange={(id) => {
          change({ heat: heatInstead(heat, asHeatMode(id)) });
        }}
      />
      <QuantityField
        label={w.text(`field.heat.${mode}`)}
        dimension="temperature"
        value={heat.tempC}
        error={faultOf(w, faults, 'heat.tempC')}
        onChange={(tempC) => {
          change({ heat: { ...heat, tempC } });
        }}
      />
      <NumberField
        label={w.text('heatForm.heightAboveTheSea')}
        unit={feet ? 'ft' : 'm'}
        step={feet ? 100 : 50}
        value={feet ? Math.round(input.altitudeM / M_PER_FOOT) : input.altitudeM}
        error={faultOf(w, faults, 'altitudeM')}
        onChange={(height) => {
          change({ altitudeM: feet ? height * M_PER_FOOT : height });
        }}
      />
      <Mute>{w.text('heatForm.higherUpWaterBoilsCooler')}</Mute>
      <Care step={MODES[mode].care} />
    </>
  );
}
