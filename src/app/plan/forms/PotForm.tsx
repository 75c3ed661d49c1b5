'use client';

import { Care, faultOf, FormHead, type FormProps } from './common';
import { potSize } from '../potSize';
import { PotFields, potIsWhole } from '../../kitchen/PotFields';
import { firstStage, heatMode, ORIENTATIONS, MODES, withLid } from '@/core/choices';
import { lidsFor, type Pot } from '@/core/larder';
import { Button, TextButton } from '@/ui/controls/Button';
import { CautionNote } from '@/ui/controls/Panel';
import { SelectField } from '@/ui/controls/SelectField';
import { useWords } from '@/ui/KitchenContext';

/** Choosing it makes a pot that belongs to this plan only. */
const MEASURED = 'measured-here';

const same = (a: Pot, b: Pot | undefined): boolean => JSON.stringify(a) === JSON.stringify(b);

export function PotForm({ kitchen, input, faults, change, keepThing }: FormProps) {
  const w = useWords();
  const { pot } = input;
  const owned = kitchen.pots.find((p) => p.id === pot.id);
  const own = !same(pot, owned);
  const pots = own ? [...kitchen.pots.filter((p) => p.id !== pot.id), pot] : kitchen.pots;
  const fault = (['pot.lengthMm', 'pot.widthMm', 'pot.heightMm'] as const)
    .map((f) => faultOf(w, faults, f))
    .find(Boolean);
  const take = (next: Pot): void => {
    const [first] = lidsFor(next);
    const lids = lidsFor(next);
    const lidLost = input.course.some((s) => !lids.includes(s.lid));
    change({ pot: next, ...(lidLost && first ? { course: withLid(input, first).course } : {}) });
  };
  return (
    <>
      <SelectField
        label={w.text('potForm.pot')}
        value={pot.id}
        sections={[
          { options: pots.map((p) => ({ id: p.id, label: p.name, why: potSize(w, p) })) },
          { options: [{ id: MEASURED, label: w.text('potForm.measured'), why: w.text('potForm.measuredWhy') }] },
        ]}
        error={faultOf(w, faults, 'pot.id')}
        onChange={(id) => {
          const chosen = pots.find((p) => p.id === id);
          if (chosen) take(chosen);
          else
            change({
              pot: {
                ...pot,
                id: `own-${String(kitchen.pots.length)}-${pot.id}`.slice(0, 80),
                name: w.text('potForm.thisPot'),
              },
            });
        }}
      />
      {fault === undefined ? null : <CautionNote role="alert">{fault}</CautionNote>}
      {own ? (
        <>
          <FormHead>{w.text('potForm.onlyThisPlan')}</FormHead>
          <PotFields pot={pot} onChange={take} />
          <div>
            <Button
              isDisabled={!potIsWhole(pot)}
              onPress={() => {
                keepThing({ list: 'pots', item: { ...pot, lids: [...pot.lids] } });
              }}
            >
              {w.text('potForm.keepInKitchen')}
            </Button>
            {owned ? (
              <TextButton
                onPress={() => {
                  take(owned);
                }}
              >
                {w.text('potForm.asInKitchen')}
              </TextButton>
            ) : null}
          </div>
        </>
      ) : null}
      <SelectField
        label={w.text('potForm.thePieces')}
        value={input.lie}
        sections={[
          {
            options: [
              { id: 'flat', label: w.text('potForm.lieFlat'), why: w.text('potForm.onTheirBroadSideLow') },
              { id: 'upright', label: w.text('potForm.standUp'), why: w.text('potForm.onEdgeOrEndMore') },
              { id: 'stacked', label: w.text('potForm.twoLayers'), why: w.text('potForm.oneOnTheOther') },
            ],
          },
        ]}
        onChange={(lie) => {
          change({ lie: ORIENTATIONS.find((l) => l === lie) ?? 'flat' });
        }}
      />
      <Care step={MODES[heatMode(firstStage(input).heat)].care} input={input} />
    </>
  );
}
