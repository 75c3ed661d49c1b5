'use client';

import { Care, faultOf, type FormProps, WayField } from './common';
import {
  END_THICKENERS,
  ENRICHINGS,
  fatWayOf,
  type FinishChoice,
  HOT_FAT_WAYS,
  MEAT_ENDS,
  THICKNESS_LEVELS,
  SOLIDS_WAYS,
  TOSSED,
} from '@/core/choices';
import { FieldRow } from '@/ui/controls/frame';
import { QuantityField } from '@/ui/controls/QuantityField';
import { ChoiceField } from '@/ui/controls/ChoiceField';
import { Switch } from '@/ui/controls/Switch';
import { useWords } from '@/ui/KitchenContext';
import { say, nameOf } from '@/core/message';
import { endsDry } from '@/core/plan';

export function FinishForm(props: FormProps) {
  const { input, plan, faults, change } = props;
  const w = useWords();
  const { finish, base } = input;
  const set = (part: Partial<FinishChoice>): void => {
    change({ finish: { ...finish, ...part } });
  };
  const wantedL = input.eaters * finish.sauceLPerPlate;
  const leastL = plan?.finishBy.leastL ?? 0;
  return (
    <>
      <ChoiceField
        label={w.text('finishForm.solids')}
        value={finish.solids}
        ids={SOLIDS_WAYS}
        name={(id) => w.text(`solids.${id}`)}
        why={(id) => w.text(`solids.${id}.why`)}
        onChange={(solids) => {
          set({ solids: solids });
        }}
      />
      {input.day.ahead ? null : (
        <ChoiceField
          label={w.text('finishForm.fat')}
          value={fatWayOf(input)}
          ids={HOT_FAT_WAYS}
          name={(id) => w.text(`fat.way.${id}`)}
          onChange={(fat) => {
            set({ fat: fat });
          }}
        />
      )}
      <Switch
        value={finish.reduce}
        onChange={(reduce) => {
          set({ reduce });
        }}
      >
        {w.text('finishForm.reduce')}
      </Switch>
      {finish.reduce ? (
        <>
          <QuantityField
            label={w.text('finishForm.sauceOnEachPlate')}
            dimension="volume"
            value={finish.sauceLPerPlate}
            error={faultOf(w, faults, 'finish.sauceLPerPlate')}
            onChange={(sauceLPerPlate) => {
              set({ sauceLPerPlate });
            }}
          />
          {plan && leastL >= plan.finished.looseL - 0.005 && plan.finished.looseL > wantedL ? (
            <p>{w.text('finishForm.saltForbids', { loose: w.quantity(plan.finished.looseL, 'volume') })}</p>
          ) : leastL > wantedL + 0.005 ? (
            <p>
              {w.text('finishForm.saltStops', {
                least: w.quantity(leastL, 'volume'),
                wanted: w.quantity(wantedL, 'volume'),
              })}
            </p>
          ) : null}
        </>
      ) : null}
      <WayField
        {...props}
        topic="thicken"
        value={base.thicken}
        onChange={(thicken) => {
          change({ base: { ...base, thicken } });
        }}
      />
      {base.thicken === 'none' ? null : (
        <FieldRow>
          <ChoiceField
            label={w.text('finishForm.rung')}
            value={finish.rung}
            ids={THICKNESS_LEVELS}
            name={(id) => w.title(say(`rung.${id}`))}
            why={(id) => w.text(`rung.${id}.sign`)}
            onChange={(rung) => {
              set({ rung: rung });
            }}
          />
          {base.thicken === 'end' ? (
            <ChoiceField
              label={w.text('finishForm.with')}
              value={finish.thickener}
              ids={END_THICKENERS}
              name={(id) => w.title(nameOf('thickener', id))}
              why={(id) => w.text(`thickener.${id}.why`)}
              onChange={(thickener) => {
                set({ thickener: thickener });
              }}
            />
          ) : null}
        </FieldRow>
      )}
      <ChoiceField
        label={w.text('finishForm.meat')}
        value={finish.meat}
        ids={MEAT_ENDS}
        name={(id) => w.text(`meatEnd.${id}`)}
        why={(id) => w.text(`meatEnd.${id}.why`)}
        onChange={(meat) => {
          set({ meat: meat });
        }}
      />
      <FieldRow>
        <ChoiceField
          label={w.text('finishForm.enrich')}
          value={finish.enrich}
          ids={ENRICHINGS}
          name={(id) => w.text(`enrich.${id}`)}
          why={(id) => w.text(`enrich.${id}.why`)}
          onChange={(enrich) => {
            set({ enrich: enrich });
          }}
        />
        <ChoiceField
          label={w.text('finishForm.toss')}
          value={finish.toss}
          ids={TOSSED}
          name={(id) => w.text(`toss.${id}`)}
          onChange={(toss) => {
            set({ toss: toss });
          }}
        />
      </FieldRow>
      {plan && !endsDry(plan) ? (
        <p>
          {plan.finished.gelatinGPerL >= 25
            ? w.text('finishForm.enoughGelatinComesOutTo')
            : plan.finished.gelatinGPerL >= 10
              ? w.text('finishForm.someGelatinComesOutIt')
              : w.text('finishForm.hardlyAnyGelatinComesOut')}
        </p>
      ) : null}
      <Care step="finish" input={input} />
      <Care step="store" input={input} />
    </>
  );
}
