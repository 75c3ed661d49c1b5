'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { Button, Dialog, DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { ComboField } from '@/ui/controls/ComboField';
import { FaultNote } from '@/ui/controls/Panel';
import { PopBox } from '@/ui/controls/PopBox';
import { Schools } from '@/ui/controls/Schools';
import { useKitchen } from '@/ui/KitchenContext';
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
  const router = useRouter();
  const [fault, setFault] = useState<string>();
  const options = useMemo(
    () => [
      { id: MACHINE, label: ownTimeZone === null ? `As this machine: ${timeZone}` : 'As this machine' },
      ...Intl.supportedValuesOf('timeZone').map((id) => ({ id, label: id.replaceAll('_', ' ') })),
    ],
    [timeZone, ownTimeZone],
  );
  const choose = async (id: string): Promise<void> => {
    const sent = await send('PUT', '/api/kitchen', { timeZone: id === MACHINE ? null : id });
    setFault(sent.ok ? undefined : sent.message);
    if (sent.ok) router.refresh();
  };
  return (
    <>
      <ComboField
        label="Time zone of the kitchen"
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
  const { units, setUnits } = useKitchen();
  const shown = `${units.weight === 'us' ? 'lb' : 'g'} · °${units.temperature}`;
  return (
    <DialogTrigger>
      <Open aria-label={`Units and clock: ${shown}`}>{shown}</Open>
      <PopBox $widthPx={320} placement="bottom end">
        <Body aria-label="Units and clock">
          <Schools
            label="Weights and measures"
            value={units.weight}
            schools={[
              { id: 'metric', name: 'Metric', why: 'g, kg, ml, mm' },
              { id: 'us', name: 'US customary', why: 'oz, lb, cups, inches' },
            ]}
            onChange={(weight) => {
              setUnits({ ...units, weight: weight === 'us' ? 'us' : 'metric' });
            }}
          />
          <Schools
            label="Temperature"
            value={units.temperature}
            schools={[
              { id: 'C', name: 'Celsius', why: '' },
              { id: 'F', name: 'Fahrenheit', why: '' },
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
