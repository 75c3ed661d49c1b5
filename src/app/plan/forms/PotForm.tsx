'use client';

import { Care, faultOf, type FormProps } from './common';
import { lidWays } from '../wayLists';
import { type LidKind, LIDS } from '@/core/larder';
import { heatMode, MODES } from '@/core/choices';
import { CautionNote } from '@/ui/controls/Panel';
import { SelectField } from '@/ui/controls/SelectField';
import { useWords } from '@/ui/KitchenContext';

export function PotForm({ kitchen, input, faults, change }: FormProps) {
  const w = useWords();
  const pots = [input.pot, ...kitchen.pots.filter((p) => p.id !== input.pot.id)];
  const fault = faultOf(w, faults, 'pot.diameterMm') ?? faultOf(w, faults, 'pot.heightMm');
  return (
    <>
      <SelectField
        label={w.text('potForm.pot')}
        value={input.pot.id}
        sections={[
          {
            options: pots.map((p) => ({
              id: p.id,
              label: p.name,
              why: w.text('potForm.acrossDeep', {
                diameter: w.quantity(p.diameterMm, 'length'),
                height: w.quantity(p.heightMm, 'length'),
              }),
            })),
          },
        ]}
        error={faultOf(w, faults, 'pot.id')}
        onChange={(id) => {
          const pot = pots.find((p) => p.id === id);
          if (pot) change({ pot });
        }}
      />
      {fault === undefined ? null : <CautionNote role="alert">{fault}</CautionNote>}
      <SelectField
        label={w.text('common.lid')}
        value={input.lid}
        sections={[{ options: lidWays(w).map((s) => ({ id: s.id, label: s.name, why: s.why })) }]}
        onChange={(lid) => {
          if (lid in LIDS) change({ lid: lid as LidKind });
        }}
      />
      <SelectField
        label={w.text('potForm.thePieces')}
        value={input.lie}
        sections={[
          {
            options: [
              { id: 'flat', label: w.text('potForm.lieFlat'), why: w.text('potForm.onTheirBroadSideLow') },
              { id: 'upright', label: w.text('potForm.standUp'), why: w.text('potForm.onEdgeOrEndMore') },
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
