'use client';

import { LIMITS } from '@/core/choices';
import { KeepingFields } from '@/app/kitchen/KeepingFields';
import { Care, faultOf, type FormProps, Fold } from './common';
import { hourOn } from '@/calendar/calendar';
import { AVOIDABLE, SIDES } from '@/core/larder';
import { FieldRow } from '@/ui/controls/frame';
import { NumberField } from '@/ui/controls/NumberField';
import { OptionCards } from '@/ui/controls/OptionCards';
import { Slider } from '@/ui/controls/Slider';
import { Chips } from '@/ui/controls/Chips';
import { MomentField } from '@/ui/controls/MomentField';
import { useWords } from '@/ui/KitchenContext';

const MAX_SIDES = 6;
const EVENING_HOUR = 21;

export function ServeForm({ input, faults, timeZone, change }: FormProps) {
  const w = useWords();
  return (
    <>
      <MomentField
        label={w.text('serveForm.platesOutAt')}
        value={input.serveAtMs}
        error={faultOf(w, faults, 'serveAtMs')}
        onChange={(serveAtMs) => {
          change({ serveAtMs });
        }}
      />
      <OptionCards
        label={w.text('serveForm.cookIt')}
        terse
        value={input.day.ahead === null ? 'same' : 'ahead'}
        ways={[
          { id: 'same', name: w.text('serveForm.theSameDay'), why: w.text('serveForm.eatenWhenItIsDone') },
          { id: 'ahead', name: w.text('serveForm.ahead'), why: w.text('serveForm.moreFlavourTheFatLifts') },
        ]}
        onChange={(when) => {
          const fridgeByMs = hourOn(input.serveAtMs, -1, EVENING_HOUR, timeZone);
          change({ day: { ...input.day, ahead: when === 'ahead' ? { fridgeByMs } : null } });
        }}
      />
      {input.day.ahead === null ? null : (
        <>
          <MomentField
            label={w.text('serveForm.inTheFridgeBy')}
            value={input.day.ahead.fridgeByMs}
            error={faultOf(w, faults, 'day.ahead')}
            onChange={(fridgeByMs) => {
              change({ day: { ...input.day, ahead: { fridgeByMs } } });
            }}
          />
          <Care step="store" input={input} />
          <KeepingFields
            keeping={input.keeping}
            onChange={(keeping) => {
              change({ keeping });
            }}
          />
        </>
      )}
      <Slider
        label={w.text('serveForm.howSureToBeOn')}
        limits={LIMITS.confidence}
        step={0.01}
        value={input.confidence}
        says={w.quantity(input.confidence, 'evenings')}
        onChange={(confidence) => {
          change({ confidence });
        }}
      />
      <FieldRow>
        <NumberField
          label={w.text('serveForm.cooksAtTheBench')}
          step={1}
          value={input.day.cooks}
          error={faultOf(w, faults, 'day.cooks')}
          onChange={(cooks) => {
            change({ day: { ...input.day, cooks } });
          }}
        />
        <NumberField
          label={w.text('serveForm.burnersFree')}
          step={1}
          value={input.day.burners}
          error={faultOf(w, faults, 'day.burners')}
          onChange={(burners) => {
            change({ day: { ...input.day, burners } });
          }}
        />
      </FieldRow>
      <Fold>
        <summary>
          {input.day.sides.length === 0
            ? w.text('serveForm.besideIt')
            : w.text('serveForm.besideItAre', {
                sides: w.list(
                  input.day.sides.map((id) => w.name('side', id)),
                  'comma',
                ),
              })}
        </summary>
        <Chips
          hideLabel
          label={w.text('serveForm.besideIt')}
          options={SIDES.map((side) => ({ id: side.id, label: w.label('side', side.id) }))}
          chosen={input.day.sides}
          onChange={(sides) => {
            change({ day: { ...input.day, sides: sides.slice(0, MAX_SIDES) } });
          }}
        />
      </Fold>
      <Fold open={input.avoid.length > 0}>
        <summary>{w.text('serveForm.somebodyAtTheTableAvoids')}</summary>
        <Chips
          hideLabel
          label={w.text('serveForm.somebodyAtTheTableAvoids')}
          options={AVOIDABLE.map((id) => ({ id, label: w.label('avoid', id) }))}
          chosen={input.avoid}
          onChange={(avoid) => {
            change({ avoid });
          }}
        />
      </Fold>
      <Care step="serve" input={input} />
    </>
  );
}
