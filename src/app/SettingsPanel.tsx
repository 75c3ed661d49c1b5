'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { ComboField } from '@/ui/controls/ComboField';
import { FaultNote } from '@/ui/controls/Panel';
import { OptionCards } from '@/ui/controls/OptionCards';
import { useKitchen, useWords } from '@/ui/KitchenContext';
import { send } from '@/ui/send';
import { CHOOSABLE_LANGUAGES, isLanguageId } from '@/words/languages';
import { SelectField } from '@/ui/controls/SelectField';

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

export function SettingsPanel() {
  const w = useWords();
  const { units, setUnits, language, setLanguage } = useKitchen();
  return (
    <>
      <SelectField
        label={w.text('unitsMenu.language')}
        value={language}
        sections={[{ options: CHOOSABLE_LANGUAGES.map(({ id, name }) => ({ id, label: name })) }]}
        onChange={(id) => {
          if (isLanguageId(id)) setLanguage(id);
        }}
      />
      <OptionCards
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
      <OptionCards
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
      <small>
        <a href="/licences.txt" target="_blank" rel="noopener">
          {w.text('unitsMenu.licences')}
        </a>
      </small>
    </>
  );
}
