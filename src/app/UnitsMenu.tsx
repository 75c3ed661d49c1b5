'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { Button, Dialog, DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { ComboField } from '@/ui/controls/ComboField';
import { FaultNote } from '@/ui/controls/Panel';
import { PopBox } from '@/ui/controls/PopBox';
import { WayCards } from '@/ui/controls/WayCards';
import { useKitchen, useWords } from '@/ui/KitchenContext';
import { send } from '@/ui/send';

const Open = styled(Button)`
  align-self: center;
  min-height: 44px;
  padding: 0 12px;
  border: 0;
  border-radius: 10px;
  background: none;
  color: inherit;
  font-size: 15px;
  white-space: nowrap;
  cursor: pointer;
  &:hover {
    background: rgb(252 252 248 / 12%);
  }
`;

const Body = styled(Dialog)`
  outline: none;
  padding: 14px 16px 16px;
  display: grid;
  gap: 14px;
`;

const MACHINE = 'machine';

/** The zone in which the kitchen's clock runs, by its IANA name. */
function TimeZoneField() {
  const { timeZone, ownTimeZone } = useKitchen();
  const w = useWords();
  const router = useRouter();
  const [fault, setFault] = useState<string>();
  const options = useMemo(
    () => [
      {
        id: MACHINE,
        label:
          ownTimeZone === null ? w.text('unitsMenu.asThisMachine', { timeZone }) : w.text('unitsMenu.asThisMachine2'),
      },
      ...Intl.supportedValuesOf('timeZone').map((id) => ({ id, label: id.replaceAll('_', ' ') })),
    ],
    [timeZone, ownTimeZone, w],
  );
  const choose = async (id: string): Promise<void> => {
    const sent = await send('PUT', '/api/kitchen', { timeZone: id === MACHINE ? null : id });
    setFault(sent.ok ? undefined : w.say(sent.says));
    if (sent.ok) router.refresh();
  };
  return (
    <>
      <ComboField
        label={w.text('unitsMenu.timeZoneOfTheKitchen')}
        value={ownTimeZone ?? MACHINE}
        options={options}
        onChange={(id) => void choose(id)}
      />
      {fault === undefined ? null : <FaultNote role="alert">{fault}</FaultNote>}
    </>
  );
}

/** What amounts are shown in and, typed without a unit, taken for; where the kitchen's clock runs. */
export function UnitsMenu() {
  const w = useWords();
  const { units, setUnits } = useKitchen();
  const shown = `${units.weight === 'us' ? w.text('unitsMenu.lb') : 'g'} · °${units.temperature}`;
  return (
    <DialogTrigger>
      <Open aria-label={w.text('unitsMenu.unitsAndClock', { shown })}>{shown}</Open>
      <PopBox $widthPx={320} placement="bottom end">
        <Body aria-label={w.text('unitsMenu.unitsAndClock2')}>
          <WayCards
            label={w.text('unitsMenu.weightsAndMeasures')}
            value={units.weight}
            ways={[
              { id: 'metric', name: w.text('unitsMenu.metric'), why: w.text('unitsMenu.gKgMlMm') },
              { id: 'us', name: w.text('unitsMenu.usCustomary'), why: w.text('unitsMenu.ozLbCupsInches') },
            ]}
            onChange={(weight) => {
              setUnits({ ...units, weight: weight === 'us' ? 'us' : 'metric' });
            }}
          />
          <WayCards
            label={w.text('unitsMenu.temperature')}
            value={units.temperature}
            ways={[
              { id: 'C', name: w.text('unitsMenu.celsius'), why: '' },
              { id: 'F', name: w.text('unitsMenu.fahrenheit'), why: '' },
            ]}
            onChange={(temperature) => {
              setUnits({ ...units, temperature: temperature === 'F' ? 'F' : 'C' });
            }}
          />
          <TimeZoneField />
        </Body>
      </PopBox>
    </DialogTrigger>
  );
}
