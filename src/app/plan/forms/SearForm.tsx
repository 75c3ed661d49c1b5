'use client';

import { Trash2 } from 'lucide-react';
import { Care, faultOf, FormHead, type FormProps, IconButton, Rows, SchoolField, TextButton } from './common';
import { burnerNetW } from '@/core/larder/burners';
import { FATS } from '@/core/larder/fats';
import { SALT_CRYSTALS, SALT_CRYSTAL_IDS, type SaltCrystalId, spiceById, SPICES } from '@/core/larder/seasoning';
import { edibleKgOf } from '@/core/buy/buy';
import { meatParts } from '@/core/plan/input';
import { FieldRow } from '@/ui/controls/frame';
import { NumberField } from '@/ui/controls/NumberField';
import { QuantityField } from '@/ui/controls/QuantityField';
import { SelectField } from '@/ui/controls/SelectField';
import { Switch } from '@/ui/controls/Switch';
import { formatFigure } from '@/core/explain/figure';
import { useSay, useUnits } from '@/ui/KitchenContext';

export function SearForm(props: FormProps) {
  const { kitchen, input, plan, faults, change } = props;
  const say = useSay();
  const units = useUnits();
  const { sear, season } = input;
  const pans = [input.pan, ...kitchen.pans.filter((p) => p.id !== input.pan.id)];
  const burners = [sear.burner, ...kitchen.burners.filter((b) => b.id !== sear.burner.id)];
  const setSear = (part: Partial<typeof sear>): void => {
    change({ sear: { ...sear, ...part } });
  };
  const setSeason = (part: Partial<typeof season>): void => {
    change({ season: { ...season, ...part } });
  };
  const usual = plan?.usualSaltGPerKg;
  const free = SPICES.filter((s) => !season.spices.some((own) => own.id === s.id));
  return (
    <>
      <SchoolField
        {...props}
        school="saltWhen"
        value={season.when}
        onChange={(when) => {
          setSeason({ when });
        }}
      />
      <FieldRow>
        <NumberField
          label="Salt on a kilo"
          unit="g"
          step={1}
          decimals={1}
          value={season.gramsPerKg}
          error={faultOf(faults, 'season.gramsPerKg')}
          onChange={(gramsPerKg) => {
            setSeason({ gramsPerKg });
          }}
        />
        <SelectField
          label="Crystal"
          value={season.crystal}
          sections={[
            {
              options: SALT_CRYSTAL_IDS.map((id) => ({
                id,
                label: SALT_CRYSTALS[id].name,
                why: `about ${String(SALT_CRYSTALS[id].gramsPerTeaspoon)} g in a level teaspoon`,
              })),
            },
          ]}
          onChange={(crystal) => {
            setSeason({ crystal: crystal as SaltCrystalId });
          }}
        />
      </FieldRow>
      {plan ? (
        <p>
          <b>
            {formatFigure(plan.salt.now, units)} {season.when === 'hold' ? 'now' : 'on the meat'}
          </b>
          : {plan.salt.spoons}. {say(plan.salt.says)}
        </p>
      ) : null}
      {usual !== undefined && usual < season.gramsPerKg - 0.5 ? (
        <TextButton
          onPress={() => {
            setSeason({ gramsPerKg: usual });
          }}
        >
          Much salt comes with other things: take {usual.toFixed(0)} g a kilo
        </TextButton>
      ) : null}
      {season.spices.length > 0 ? (
        <Rows aria-label="Spices">
          {season.spices.map((s, i) => (
            <li key={s.id}>
              <div>
                {spiceById(s.id).name}
                <IconButton
                  aria-label={`Leave out ${spiceById(s.id).name}`}
                  onPress={() => {
                    setSeason({ spices: season.spices.filter((_, k) => k !== i) });
                  }}
                >
                  <Trash2 size={17} aria-hidden />
                </IconButton>
              </div>
              <QuantityField
                label={`Amount of ${spiceById(s.id).name}`}
                hideLabel
                dimension="mass"
                value={s.grams / 1000}
                error={faultOf(faults, 'season.spices')}
                onChange={(kg) => {
                  setSeason({ spices: season.spices.map((own, k) => (k === i ? { ...own, grams: kg * 1000 } : own)) });
                }}
              />
            </li>
          ))}
        </Rows>
      ) : null}
      {free.length > 0 ? (
        <SelectField
          label="Add a spice"
          value=""
          sections={[{ options: free.map((s) => ({ id: s.id, label: s.name })) }]}
          onChange={(id) => {
            const grams = Math.max(
              0.5,
              Math.round(spiceById(id).usualGPerKg[1] * edibleKgOf(meatParts(input)) * 2) / 2,
            );
            setSeason({ spices: [...season.spices, { id, grams: Number.isFinite(grams) ? grams : 2 }] });
          }}
        />
      ) : null}

      <FormHead>In the pan</FormHead>
      <SchoolField
        {...props}
        school="searDepth"
        value={sear.depth}
        onChange={(depth) => {
          setSear({ depth });
        }}
      />
      <SelectField
        label="Pan"
        value={input.pan.id}
        sections={[{ options: pans.map((p) => ({ id: p.id, label: p.name })) }]}
        onChange={(id) => {
          const pan = pans.find((p) => p.id === id);
          if (pan) change({ pan });
        }}
      />
      <SelectField
        label="Burner"
        value={sear.burner.id}
        sections={[
          {
            options: burners.map((b) => ({
              id: b.id,
              label: b.name,
              why: `${b.kind}, ${String(b.powerW)} W; ${String(Math.round(burnerNetW(b)))} W reach the pan`,
            })),
          },
        ]}
        onChange={(id) => {
          const burner = burners.find((b) => b.id === id);
          if (burner) setSear({ burner });
        }}
      />
      <SelectField
        label="Fat"
        value={sear.fatId}
        sections={[
          {
            options: FATS.map((f) => ({
              id: f.id,
              label: f.name,
              why: say(`smokes from about ${String(f.smokeC)} °C; ${f.why}`),
            })),
          },
        ]}
        error={faultOf(faults, 'sear.fatId')}
        onChange={(fatId) => {
          setSear({ fatId });
        }}
      />
      <Switch
        value={sear.dried}
        onChange={(dried) => {
          setSear({ dried });
        }}
      >
        patted dry
      </Switch>
      <Switch
        value={sear.mostAtOnce !== null}
        onChange={(own) => {
          setSear({ mostAtOnce: own ? Math.max(1, plan?.sear.perBatch.value ?? 4) : null });
        }}
      >
        I say how many at once
      </Switch>
      {sear.mostAtOnce === null ? null : (
        <NumberField
          label="Pieces at once"
          step={1}
          value={sear.mostAtOnce}
          error={faultOf(faults, 'sear.mostAtOnce')}
          onChange={(mostAtOnce) => {
            setSear({ mostAtOnce });
          }}
        />
      )}
      <SchoolField
        {...props}
        school="searMoving"
        value={sear.moving}
        onChange={(moving) => {
          setSear({ moving });
        }}
      />
      <SchoolField
        {...props}
        school="dredge"
        value={sear.dredge}
        onChange={(dredge) => {
          setSear({ dredge });
        }}
      />
      <Care step="sear" />
    </>
  );
}
