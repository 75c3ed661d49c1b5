'use client';

import { Care, faultOf, type FormProps, WayField } from './common';
import {
  END_THICKENERS,
  type EndThickener,
  type Enriching,
  ENRICHINGS,
  type SkimMethod,
  fatWayOf,
  type FinishChoice,
  HOT_FAT_WAYS,
  MEAT_ENDS,
  type MeatEnd,
  type Thickness,
  THICKNESS_LEVELS,
  SOLIDS_WAYS,
  type SolidsMethod,
  type Tossed,
  TOSSED,
} from '@/core/choices';
import { FieldRow } from '@/ui/controls/frame';
import { QuantityField } from '@/ui/controls/QuantityField';
import { SelectField } from '@/ui/controls/SelectField';
import { Switch } from '@/ui/controls/Switch';
import { useWords } from '@/ui/KitchenContext';
import { say, nameOf } from '@/core/message';

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
      <SelectField
        label={w.text('finishForm.solids')}
        value={finish.solids}
        sections={[
          {
            options: SOLIDS_WAYS.map((id) => ({ id, label: w.text(`solids.${id}`), why: w.text(`solids.${id}.why`) })),
          },
        ]}
        onChange={(solids) => {
          set({ solids: solids as SolidsMethod });
        }}
      />
      {input.day.ahead ? null : (
        <SelectField
          label={w.text('finishForm.fat')}
          value={fatWayOf(input)}
          sections={[{ options: HOT_FAT_WAYS.map((id) => ({ id, label: w.text(`fat.way.${id}`) })) }]}
          onChange={(fat) => {
            set({ fat: fat as SkimMethod });
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
          <SelectField
            label={w.text('finishForm.rung')}
            value={finish.rung}
            sections={[
              {
                options: THICKNESS_LEVELS.map((id) => ({
                  id,
                  label: w.title(say(`rung.${id}`)),
                  why: w.text(`rung.${id}.sign`),
                })),
              },
            ]}
            onChange={(rung) => {
              set({ rung: rung as Thickness });
            }}
          />
          {base.thicken === 'end' ? (
            <SelectField
              label={w.text('finishForm.with')}
              value={finish.thickener}
              sections={[
                {
                  options: END_THICKENERS.map((id) => ({
                    id,
                    label: w.title(nameOf('thickener', id)),
                    why: w.text(`thickener.${id}.why`),
                  })),
                },
              ]}
              onChange={(thickener) => {
                set({ thickener: thickener as EndThickener });
              }}
            />
          ) : null}
        </FieldRow>
      )}
      <SelectField
        label={w.text('finishForm.meat')}
        value={finish.meat}
        sections={[
          {
            options: MEAT_ENDS.map((id) => ({ id, label: w.text(`meatEnd.${id}`), why: w.text(`meatEnd.${id}.why`) })),
          },
        ]}
        onChange={(meat) => {
          set({ meat: meat as MeatEnd });
        }}
      />
      <FieldRow>
        <SelectField
          label={w.text('finishForm.enrich')}
          value={finish.enrich}
          sections={[
            {
              options: ENRICHINGS.map((id) => ({ id, label: w.text(`enrich.${id}`), why: w.text(`enrich.${id}.why`) })),
            },
          ]}
          onChange={(enrich) => {
            set({ enrich: enrich as Enriching });
          }}
        />
        <SelectField
          label={w.text('finishForm.toss')}
          value={finish.toss}
          sections={[{ options: TOSSED.map((id) => ({ id, label: w.text(`toss.${id}`) })) }]}
          onChange={(toss) => {
            set({ toss: toss as Tossed });
          }}
        />
      </FieldRow>
      {plan ? (
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
