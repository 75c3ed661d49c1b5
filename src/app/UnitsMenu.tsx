'use client';

import { Button, Dialog, DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { PopBox } from '@/ui/controls/PopBox';
import { Schools } from '@/ui/controls/Schools';
import { useKitchen } from '@/ui/KitchenContext';

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

/** What amounts are shown in and, typed without a unit, taken for. */
export function UnitsMenu() {
  const { units, setUnits } = useKitchen();
  const shown = `${units.weight === 'us' ? 'lb' : 'g'} · °${units.temperature}`;
  return (
    <DialogTrigger>
      <Open aria-label={`Units: ${shown}`}>{shown}</Open>
      <PopBox $widthPx={320} placement="bottom end">
        <Body aria-label="Units">
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
        </Body>
      </PopBox>
    </DialogTrigger>
  );
}
