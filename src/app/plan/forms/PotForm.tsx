'use client';

import { Care, faultOf, type FormProps } from './common';
import { LID_SCHOOLS } from '../schools';
import { LIDS, type LidKind } from '@/core/larder/vessels';
import { heatMode, MODES } from '@/core/plan/heats';
import { CautionNote } from '@/ui/controls/Panel';
import { SelectField } from '@/ui/controls/SelectField';
import { useSay } from '@/ui/KitchenContext';

export function PotForm({ kitchen, input, faults, change }: FormProps) {
  const say = useSay();
  const pots = [input.pot, ...kitchen.pots.filter((p) => p.id !== input.pot.id)];
  const fault = faultOf(faults, 'pot.diameterMm') ?? faultOf(faults, 'pot.heightMm');
  return (
    <>
      <SelectField
        label="Pot"
        value={input.pot.id}
        sections={[
          {
            options: pots.map((p) => ({
              id: p.id,
              label: p.name,
              why: say(`${String(p.diameterMm)} mm across, ${String(p.heightMm)} mm deep`),
            })),
          },
        ]}
        error={faultOf(faults, 'pot.id')}
        onChange={(id) => {
          const pot = pots.find((p) => p.id === id);
          if (pot) change({ pot });
        }}
      />
      {fault === undefined ? null : <CautionNote role="alert">{fault}</CautionNote>}
      <SelectField
        label="Lid"
        value={input.lid}
        sections={[{ options: LID_SCHOOLS.map((s) => ({ id: s.id, label: s.name, why: s.why })) }]}
        onChange={(lid) => {
          if (lid in LIDS) change({ lid: lid as LidKind });
        }}
      />
      <SelectField
        label="The pieces"
        value={input.lie}
        sections={[
          {
            options: [
              { id: 'flat', label: 'Lie flat', why: 'on their broad side: low, evenly under liquid' },
              { id: 'upright', label: 'Stand up', why: 'on edge or end: more fit in one layer, tops stick out' },
            ],
          },
        ]}
        onChange={(lie) => {
          change({ lie: lie === 'upright' ? 'upright' : 'flat' });
        }}
      />
      <Care step={MODES[heatMode(input.heat)].care} />
    </>
  );
}
