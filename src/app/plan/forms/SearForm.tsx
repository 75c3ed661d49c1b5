'use client';

import { Trash2 } from 'lucide-react';
import { Care, faultOf, type FormProps, Rows, WayField, Fold } from './common';
import { burnerNetW, FATS, SALT_CRYSTAL_IDS, SALT_CRYSTALS, spiceById, SPICES } from '@/core/larder';
import { bonelessKg } from '@/core/buy';
import { meatParts, SPICE_TIMES } from '@/core/choices';
import { OwnThing, ownSections } from './OwnThing';
import { tempC, say, ofRow } from '@/core/message';
import { FieldRow } from '@/ui/controls/frame';
import { NumberField } from '@/ui/controls/NumberField';
import { QuantityField } from '@/ui/controls/QuantityField';
import { ChoiceField } from '@/ui/controls/ChoiceField';
import { SelectField } from '@/ui/controls/SelectField';
import { Switch } from '@/ui/controls/Switch';
import { IconButton, TextButton } from '@/ui/controls/Button';
import { useWords } from '@/ui/KitchenContext';

export function SearForm(props: FormProps) {
  const { kitchen, input, plan, faults, change } = props;
  const w = useWords();
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
  const setSpice = (index: number, part: Partial<(typeof season.spices)[number]>): void => {
    setSeason({ spices: season.spices.map((s, i) => (i === index ? { ...s, ...part } : s)) });
  };
  const addSpice = (id: string): void => {
    const grams = Math.max(0.5, Math.round(spiceById(id).usualGPerKg[1] * bonelessKg(meatParts(input)) * 2) / 2);
    setSeason({ spices: [...season.spices, { id, grams: Number.isFinite(grams) ? grams : 2, when: 'fat' }] });
  };
  const spiceOptions = (spices: typeof SPICES) => spices.map((s) => ({ id: s.id, label: w.label('spice', s.id) }));
  const ownFree = kitchen.own.filter((id) => !season.spices.some((s) => s.id === id));
  const free = SPICES.filter((s) => !season.spices.some((own) => own.id === s.id));
  return (
    <>
      <WayField
        {...props}
        topic="saltWhen"
        value={season.when}
        onChange={(when) => {
          setSeason({ when });
        }}
      />
      <FieldRow>
        <NumberField
          label={w.text('searForm.saltOnAKilo')}
          unit="g"
          step={1}
          decimals={1}
          value={season.gramsPerKg}
          error={faultOf(w, faults, 'season.gramsPerKg')}
          onChange={(gramsPerKg) => {
            setSeason({ gramsPerKg });
          }}
        />
      </FieldRow>
      {plan ? (
        <p>
          <b>
            {w.figure(plan.salt.now)} {season.when === 'hold' ? w.text('searForm.now') : w.text('searForm.onTheMeat')}
          </b>
          : {w.say(plan.salt.spoons)}.
        </p>
      ) : null}
      {usual !== undefined && usual < season.gramsPerKg - 0.5 ? (
        <TextButton
          onPress={() => {
            setSeason({ gramsPerKg: usual });
          }}
        >
          {w.text('searForm.muchSaltComesWithOther', { strength: w.quantity(usual, 'gramsPerKg') })}
        </TextButton>
      ) : null}
      <Fold>
        <summary>
          {season.spices.length === 0
            ? w.text('searForm.spices')
            : w.text('searForm.spicesAre', {
                spices: w.list(
                  season.spices.map(({ id }) => w.name('spice', id)),
                  'comma',
                ),
              })}
        </summary>
        <div>
          {season.spices.length > 0 ? (
            <Rows aria-label={w.text('searForm.spices')}>
              {season.spices.map((s, i) => (
                <li key={s.id}>
                  <div>
                    {w.label('spice', s.id)}
                    <IconButton
                      aria-label={w.text('common.leaveOut', { things: w.name('spice', s.id) })}
                      onPress={() => {
                        setSeason({ spices: season.spices.filter((_, k) => k !== i) });
                      }}
                    >
                      <Trash2 size={17} aria-hidden />
                    </IconButton>
                  </div>
                  <QuantityField
                    label={w.text('common.amountOf', { things: w.name('spice', s.id) })}
                    hideLabel
                    dimension="mass"
                    value={s.grams / 1000}
                    error={faultOf(w, faults, 'season.spices')}
                    onChange={(kg) => {
                      setSpice(i, { grams: kg * 1000 });
                    }}
                  />
                  <ChoiceField
                    label={w.text('searForm.whenItGoesIn', { things: w.name('spice', s.id) })}
                    hideLabel
                    value={s.when}
                    ids={SPICE_TIMES}
                    name={(id) => w.text(`spiceTime.${id}`)}
                    why={(id) => w.text(`spiceTime.${id}.why`)}
                    onChange={(id) => {
                      setSpice(i, { when: id });
                    }}
                  />
                </li>
              ))}
            </Rows>
          ) : null}
          {free.length > 0 ? (
            <SelectField
              label={w.text('searForm.addASpice')}
              value=""
              sections={[...ownSections(w, ownFree, 'spice'), { options: spiceOptions(free) }]}
              onChange={addSpice}
            />
          ) : null}
          <OwnThing
            table="spice"
            likes={[{ options: spiceOptions(SPICES) }]}
            keepOwn={props.keepOwn}
            onAdd={addSpice}
          />
        </div>
      </Fold>
      <WayField
        {...props}
        topic="searDepth"
        value={sear.depth}
        onChange={(depth) => {
          setSear({ depth });
        }}
      />
      <Fold>
        <summary>{w.text('searForm.more')}</summary>
        <div>
          <ChoiceField
            label={w.text('searForm.crystal')}
            value={season.crystal}
            ids={SALT_CRYSTAL_IDS}
            name={(id) => w.label('salt', id)}
            why={(id) =>
              w.text('searForm.aboutGInALevel', {
                grams: w.quantity(SALT_CRYSTALS[id].gramsPerTeaspoon / 1000, 'mass'),
              })
            }
            onChange={(crystal) => {
              setSeason({ crystal: crystal });
            }}
          />
          <SelectField
            label={w.text('searForm.pan')}
            value={input.pan.id}
            sections={[{ options: pans.map((p) => ({ id: p.id, label: p.name })) }]}
            onChange={(id) => {
              const pan = pans.find((p) => p.id === id);
              if (pan) change({ pan });
            }}
          />
          <SelectField
            label={w.text('searForm.burner')}
            value={sear.burner.id}
            sections={[
              {
                options: burners.map((b) => ({
                  id: b.id,
                  label: b.name,
                  why: w.text('searForm.wWReachThePan', {
                    kind: say(`burnerKind.${b.kind}`),
                    power: w.quantity(b.powerW, 'power'),
                    reaches: w.quantity(burnerNetW(b), 'power'),
                  }),
                })),
              },
            ]}
            onChange={(id) => {
              const burner = burners.find((b) => b.id === id);
              if (burner) setSear({ burner });
            }}
          />
          <SelectField
            label={w.text('searForm.fat')}
            value={sear.fatId}
            sections={[
              {
                options: FATS.map((f) => ({
                  id: f.id,
                  label: w.label('fat', f.id),
                  why: w.text('fat.choice', { smoke: tempC(f.smokeC), why: ofRow('fat', f.id, 'why') }),
                })),
              },
            ]}
            error={faultOf(w, faults, 'sear.fatId')}
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
            {w.text('searForm.pattedDry')}
          </Switch>
          <Switch
            value={sear.mostAtOnce !== null}
            onChange={(own) => {
              setSear({ mostAtOnce: own ? Math.max(1, plan?.sear.perBatch.value ?? 4) : null });
            }}
          >
            {w.text('searForm.iSayHowManyAt')}
          </Switch>
          {sear.mostAtOnce === null ? null : (
            <NumberField
              label={w.text('searForm.piecesAtOnce')}
              step={1}
              value={sear.mostAtOnce}
              error={faultOf(w, faults, 'sear.mostAtOnce')}
              onChange={(mostAtOnce) => {
                setSear({ mostAtOnce });
              }}
            />
          )}
          <WayField
            {...props}
            topic="searMoving"
            value={sear.moving}
            onChange={(moving) => {
              setSear({ moving });
            }}
          />
          <WayField
            {...props}
            topic="dredge"
            value={sear.dredge}
            onChange={(dredge) => {
              setSear({ dredge });
            }}
          />
        </div>
      </Fold>
      <Care step="sear" input={input} />
    </>
  );
}
