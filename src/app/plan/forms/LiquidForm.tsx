'use client';

import { LIMITS, ADDITION_TIMES } from '@/core/choices';
import { Trash2 } from 'lucide-react';
import { Care, faultOf, type FormProps, Rows, WayField, Fold } from './common';
import { herbById, HERBS, isLiquidId, liquidById, LIQUIDS } from '@/core/larder';
import { LATE_POUR_MIN, usualHerbCount } from '@/core/liquid';
import { OwnThing, ownSections } from './OwnThing';
import { FieldRow } from '@/ui/controls/frame';
import { NumberField } from '@/ui/controls/NumberField';
import { CautionNote, Mute } from '@/ui/controls/Panel';
import { QuantityField } from '@/ui/controls/QuantityField';
import { ChoiceField } from '@/ui/controls/ChoiceField';
import { SelectField } from '@/ui/controls/SelectField';
import { Switch } from '@/ui/controls/Switch';
import { Slider } from '@/ui/controls/Slider';
import { IconButton, TextButton } from '@/ui/controls/Button';
import { useWords } from '@/ui/KitchenContext';
import { ofRow, nameOf } from '@/core/message';

/** Kinds of liquid, in the order offered. */
const LIQUID_KINDS = [...new Set(LIQUIDS.map((l) => l.kind))];

export function LiquidForm(props: FormProps) {
  const { kitchen, input, plan, faults, change } = props;
  const w = useWords();
  const { liquid } = input;
  const setLiquid = (part: Partial<typeof liquid>): void => {
    change({ liquid: { ...liquid, ...part } });
  };
  const setPart = (index: number, part: Partial<(typeof liquid.parts)[number]>): void => {
    setLiquid({ parts: liquid.parts.map((p, i) => (i === index ? { ...p, ...part } : p)) });
  };
  const fault = faultOf(w, faults, 'liquid.level') ?? faultOf(w, faults, 'liquid.parts');
  const free = LIQUIDS.filter(
    (l) => (l.id !== liquid.fillerId || !liquid.fill) && !liquid.parts.some((p) => p.id === l.id),
  );
  const ownFree = kitchen.own.filter((id) => !liquid.parts.some((p) => p.id === id));
  const liquidSections = (liquids: typeof LIQUIDS) =>
    LIQUID_KINDS.map((kind) => ({
      title: w.text(`liquidKind.${kind}`),
      options: liquids.filter((l) => l.kind === kind).map((l) => ({ id: l.id, label: w.label('liquid', l.id) })),
    })).filter((s) => s.options.length > 0);
  const add = (id: string): void => {
    const litres = liquidById(id).kind === 'seasoning' ? 0.02 : 0.15;
    setLiquid({ parts: [...liquid.parts, { id, litres, when: 'start' }] });
  };
  const late = { time: w.quantity(LATE_POUR_MIN, 'minutes') };
  const freeHerbs = HERBS.filter((h) => !liquid.herbs.some((own) => own.id === h.id));
  const salty = isLiquidId(liquid.fillerId) && liquidById(liquid.fillerId).saltGPerL > 1;
  const stockShare = plan?.liquid.stockShareForSalt;
  const hasWine = liquid.parts.some((p) => isLiquidId(p.id) && liquidById(p.id).kind === 'wine');
  const drinks = liquid.parts.some((p) => isLiquidId(p.id) && liquidById(p.id).alcohol > 0);
  return (
    <>
      {fault === undefined ? null : <CautionNote role="alert">{fault}</CautionNote>}
      <Rows aria-label={w.text('liquidForm.pouredByMeasure')}>
        {liquid.parts.map((p, i) =>
          isLiquidId(p.id) ? (
            <li key={p.id}>
              <div>
                {w.label('liquid', p.id)}
                <IconButton
                  aria-label={w.text('common.leaveOut', { things: w.name('liquid', p.id) })}
                  onPress={() => {
                    setLiquid({ parts: liquid.parts.filter((_, k) => k !== i) });
                  }}
                >
                  <Trash2 size={17} aria-hidden />
                </IconButton>
              </div>
              <FieldRow>
                <QuantityField
                  label={w.text('common.amountOf', { things: w.name('liquid', p.id) })}
                  hideLabel
                  dimension="volume"
                  value={p.litres}
                  onChange={(litres) => {
                    setPart(i, { litres });
                  }}
                />
                {liquidById(p.id).swaps.length > 0 ? (
                  <SelectField
                    label={w.text('liquidForm.insteadOf', { things: w.name('liquid', p.id) })}
                    hideLabel
                    placeholder={w.text('liquidForm.instead')}
                    value=""
                    sections={[
                      {
                        options: liquidById(p.id).swaps.map((s) => ({
                          id: s.id,
                          label: w.label('liquid', s.id),
                          why: w.text('swap.choice', { factor: s.factor, changes: nameOf('swap', s.changes) }),
                        })),
                      },
                    ]}
                    onChange={(id) => {
                      const chosen = liquidById(p.id).swaps.find((s) => s.id === id);
                      if (!chosen) return;
                      const rest = liquid.parts.filter((_, k) => k !== i && liquid.parts[k]?.id !== id);
                      setLiquid({
                        parts:
                          id === liquid.fillerId && liquid.fill
                            ? rest
                            : [...rest, { ...p, id, litres: Math.round(p.litres * chosen.factor * 100) / 100 }],
                      });
                    }}
                  />
                ) : null}
              </FieldRow>
              <ChoiceField
                label={w.text('liquidForm.whenItGoesIn', { things: w.name('liquid', p.id) })}
                hideLabel
                value={p.when}
                ids={ADDITION_TIMES}
                name={(id) => w.text(`pourTime.${id}`, late)}
                why={(id) => w.text(`pourTime.${id}.why`)}
                onChange={(id) => {
                  setPart(i, { when: id === 'late' ? 'late' : 'start' });
                }}
              />
            </li>
          ) : null,
        )}
      </Rows>
      <SelectField
        label={w.text('liquidForm.addALiquid')}
        value=""
        sections={[...ownSections(w, ownFree, 'liquid'), ...liquidSections(free)]}
        onChange={add}
      />
      <OwnThing table="liquid" likes={liquidSections(LIQUIDS)} keepOwn={props.keepOwn} onAdd={add} />
      {drinks ? (
        <TextButton
          onPress={() => {
            const alcoholic = liquid.parts.filter((p) => liquidById(p.id).alcohol > 0);
            const ml = alcoholic.reduce((sum, p) => sum + p.litres, 0);
            const vinegar = liquid.parts.some((p) => p.id === 'vinegar')
              ? []
              : [{ id: 'vinegar', litres: Math.max(0.01, Math.round(ml * 6) / 100), when: 'start' as const }];
            setLiquid({
              parts: [...liquid.parts.filter((p) => liquidById(p.id).alcohol === 0), ...vinegar],
            });
          }}
        >
          {w.text('liquidForm.withoutAlcoholStockAndA')}
        </TextButton>
      ) : null}
      <Switch
        value={liquid.fill}
        onChange={(fill) => {
          setLiquid({ fill });
        }}
      >
        {w.text('liquidForm.fill')}
      </Switch>
      {liquid.fill ? null : (
        <Mute>
          {plan
            ? w.text('liquidForm.standsAt', { level: w.quantity(plan.pot.levelStartMm / plan.pot.meatTopMm, 'share') })
            : null}
        </Mute>
      )}
      {liquid.fill ? (
        <SelectField
          label={w.text('liquidForm.fillsUpToTheLine')}
          value={liquid.fillerId}
          sections={[
            {
              options: LIQUIDS.filter(
                (l) => l.kind === 'stock' || l.kind === 'water' || l.kind === 'tomato' || l.kind === 'dairy',
              ).map((l) => ({
                id: l.id,
                label: w.label('liquid', l.id),
                why: l.saltGPerL >= 1 ? w.text('liquid.salty', { salt: { as: 'gramsPerL', value: l.saltGPerL } }) : '',
              })),
            },
          ]}
          error={faultOf(w, faults, 'liquid.fillerId')}
          onChange={(fillerId) => {
            setLiquid({ fillerId, parts: liquid.parts.filter((p) => p.id !== fillerId) });
          }}
        />
      ) : null}
      {liquid.fillerId === 'water' || !liquid.fill ? null : (
        <Slider
          label={w.text('liquidForm.ofThat')}
          limits={LIMITS.fillerStrength}
          step={0.05}
          value={liquid.fillerStrength}
          says={
            liquid.fillerStrength === 1
              ? w.text('liquidForm.noWater')
              : w.text('liquidForm.water', { fillerStrength: w.quantity(1 - liquid.fillerStrength, 'share') })
          }
          onChange={(fillerStrength) => {
            setLiquid({ fillerStrength });
          }}
        />
      )}
      {salty && liquid.fill && stockShare !== undefined && stockShare < liquid.fillerStrength - 0.02 ? (
        <TextButton
          onPress={() => {
            setLiquid({ fillerStrength: Math.floor(stockShare * 20) / 20 });
          }}
        >
          {w.text('liquidForm.forTheSaltNoMore', { stockShare: w.quantity(Math.floor(stockShare * 20) / 20, 'share') })}
        </TextButton>
      ) : null}
      {hasWine ? (
        <WayField
          {...props}
          topic="reduce"
          value={liquid.reduce}
          onChange={(reduce) => {
            setLiquid({ reduce });
          }}
        />
      ) : null}
      <Fold>
        <summary>{w.text('liquidForm.herbsAndStart')}</summary>
        <div>
          <WayField
            {...props}
            topic="start"
            value={liquid.start}
            onChange={(start) => {
              setLiquid({ start });
            }}
          />
          <Rows aria-label={w.text('liquidForm.herbs')}>
            {liquid.herbs.map((h, i) => (
              <li key={h.id}>
                <div>
                  <span style={{ flex: 1 }}>{w.label('herb', h.id)}</span>
                  <div style={{ width: 132 }}>
                    <NumberField
                      label={w.text('liquidForm.howMany', { things: w.label('herb', h.id) })}
                      hideLabel
                      step={1}
                      value={h.count}
                      error={faultOf(w, faults, 'liquid.herbs')}
                      onChange={(count) => {
                        setLiquid({ herbs: liquid.herbs.map((own, k) => (k === i ? { ...own, count } : own)) });
                      }}
                    />
                  </div>
                  <IconButton
                    aria-label={w.text('common.leaveOut', { things: w.name('herb', h.id) })}
                    onPress={() => {
                      setLiquid({ herbs: liquid.herbs.filter((_, k) => k !== i) });
                    }}
                  >
                    <Trash2 size={17} aria-hidden />
                  </IconButton>
                </div>
                {herbById(h.id).dried ? <small>{w.say(ofRow('herb', h.id, 'dried'))}</small> : null}
              </li>
            ))}
          </Rows>
          <SelectField
            label={w.text('liquidForm.addAHerb')}
            value=""
            sections={[{ options: freeHerbs.map((h) => ({ id: h.id, label: w.label('herb', h.id) })) }]}
            onChange={(id) => {
              setLiquid({ herbs: [...liquid.herbs, { id, count: usualHerbCount(herbById(id), plan?.liquidL ?? 1) }] });
            }}
          />
          <WayField
            {...props}
            topic="herbForm"
            value={liquid.herbForm}
            onChange={(herbForm) => {
              setLiquid({ herbForm });
            }}
          />
        </div>
      </Fold>
      <Care step="liquid" input={input} />
    </>
  );
}
