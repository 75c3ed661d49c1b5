'use client';

import { Trash2 } from 'lucide-react';
import { Care, faultOf, FormHead, type FormProps, IconButton, Rows, SchoolField, TextButton } from './common';
import { isLiquidId, LIQUIDS, liquidById } from '@/core/larder/liquids';
import { herbById, HERBS } from '@/core/larder/seasoning';
import { usualHerbCount } from '@/core/liquid/herbs';
import { FieldRow } from '@/ui/controls/frame';
import { NumberField } from '@/ui/controls/NumberField';
import { CautionNote } from '@/ui/controls/Panel';
import { QuantityField } from '@/ui/controls/QuantityField';
import { SelectField } from '@/ui/controls/SelectField';
import { Slider } from '@/ui/controls/Slider';

export function LiquidForm(props: FormProps) {
  const { input, plan, faults, change } = props;
  const { liquid } = input;
  const setLiquid = (part: Partial<typeof liquid>): void => {
    change({ liquid: { ...liquid, ...part } });
  };
  const setPart = (index: number, part: Partial<(typeof liquid.parts)[number]>): void => {
    setLiquid({ parts: liquid.parts.map((p, i) => (i === index ? { ...p, ...part } : p)) });
  };
  const fault = faultOf(faults, 'liquid.level') ?? faultOf(faults, 'liquid.parts');
  const free = LIQUIDS.filter((l) => l.id !== liquid.fillerId && !liquid.parts.some((p) => p.id === l.id));
  const freeHerbs = HERBS.filter((h) => !liquid.herbs.some((own) => own.id === h.id));
  const salty = isLiquidId(liquid.fillerId) && liquidById(liquid.fillerId).saltGPerL > 1;
  const stockShare = plan?.liquid.stockShareForSalt;
  const drinks = liquid.parts.some((p) => isLiquidId(p.id) && liquidById(p.id).alcohol > 0);
  return (
    <>
      <Slider
        label="Level"
        min={0.2}
        max={1.2}
        step={0.01}
        value={liquid.level}
        says={`${String(Math.round(liquid.level * 100))} % of the meat’s height`}
        onChange={(level) => {
          setLiquid({ level });
        }}
      />
      {fault === undefined ? null : <CautionNote role="alert">{fault}</CautionNote>}
      <Rows aria-label="Poured by measure">
        {liquid.parts.map((p, i) =>
          isLiquidId(p.id) ? (
            <li key={p.id}>
              <div>
                {liquidById(p.id).name}
                <IconButton
                  aria-label={`Leave out ${liquidById(p.id).name}`}
                  onPress={() => {
                    setLiquid({ parts: liquid.parts.filter((_, k) => k !== i) });
                  }}
                >
                  <Trash2 size={17} aria-hidden />
                </IconButton>
              </div>
              <FieldRow>
                <QuantityField
                  label={`Amount of ${liquidById(p.id).name}`}
                  hideLabel
                  dimension="volume"
                  value={p.litres}
                  onChange={(litres) => {
                    setPart(i, { litres });
                  }}
                />
                {liquidById(p.id).swaps.length > 0 ? (
                  <SelectField
                    label={`Instead of ${liquidById(p.id).name}`}
                    hideLabel
                    placeholder="instead…"
                    value=""
                    sections={[
                      {
                        options: liquidById(p.id).swaps.map((s) => ({
                          id: s.id,
                          label: liquidById(s.id).name,
                          why: `${s.factor === 1 ? 'as much' : `${String(s.factor)} times as much`}: ${s.changes}`,
                        })),
                      },
                    ]}
                    onChange={(id) => {
                      const chosen = liquidById(p.id).swaps.find((s) => s.id === id);
                      if (!chosen) return;
                      const rest = liquid.parts.filter((_, k) => k !== i && liquid.parts[k]?.id !== id);
                      setLiquid({
                        parts:
                          id === liquid.fillerId
                            ? rest
                            : [...rest, { id, litres: Math.round(p.litres * chosen.factor * 100) / 100 }],
                      });
                    }}
                  />
                ) : null}
              </FieldRow>
            </li>
          ) : null,
        )}
      </Rows>
      <SelectField
        label="Add a liquid"
        value=""
        sections={[{ options: free.map((l) => ({ id: l.id, label: l.name })) }]}
        onChange={(id) => {
          const litres = liquidById(id).kind === 'seasoning' ? 0.02 : 0.15;
          setLiquid({ parts: [...liquid.parts, { id, litres }] });
        }}
      />
      {drinks ? (
        <TextButton
          onPress={() => {
            const alcoholic = liquid.parts.filter((p) => liquidById(p.id).alcohol > 0);
            const ml = alcoholic.reduce((sum, p) => sum + p.litres, 0);
            const vinegar = liquid.parts.some((p) => p.id === 'vinegar')
              ? []
              : [{ id: 'vinegar', litres: Math.max(0.01, Math.round(ml * 6) / 100) }];
            setLiquid({
              parts: [...liquid.parts.filter((p) => liquidById(p.id).alcohol === 0), ...vinegar],
            });
          }}
        >
          Without alcohol: stock and a little vinegar instead
        </TextButton>
      ) : null}
      <SelectField
        label="Fills up to the line"
        value={liquid.fillerId}
        sections={[
          {
            options: LIQUIDS.filter(
              (l) => l.kind === 'stock' || l.kind === 'water' || l.kind === 'tomato' || l.kind === 'dairy',
            ).map((l) => ({
              id: l.id,
              label: l.name,
              why: l.saltGPerL >= 1 ? `about ${String(l.saltGPerL)} g of salt in a litre` : '',
            })),
          },
        ]}
        error={faultOf(faults, 'liquid.fillerId')}
        onChange={(fillerId) => {
          setLiquid({ fillerId, parts: liquid.parts.filter((p) => p.id !== fillerId) });
        }}
      />
      {liquid.fillerId === 'water' ? null : (
        <Slider
          label="Of that"
          min={0}
          max={1}
          step={0.05}
          value={liquid.fillerStrength}
          says={
            liquid.fillerStrength === 1
              ? 'no water'
              : `${String(Math.round((1 - liquid.fillerStrength) * 100))} % water`
          }
          onChange={(fillerStrength) => {
            setLiquid({ fillerStrength });
          }}
        />
      )}
      {salty && stockShare !== undefined && stockShare < liquid.fillerStrength - 0.02 ? (
        <TextButton
          onPress={() => {
            setLiquid({ fillerStrength: Math.floor(stockShare * 20) / 20 });
          }}
        >
          For the salt: no more than {Math.floor(stockShare * 20) * 5} % of it stock
        </TextButton>
      ) : null}
      <SchoolField
        {...props}
        school="reduce"
        value={liquid.reduce}
        onChange={(reduce) => {
          setLiquid({ reduce });
        }}
      />
      <SchoolField
        {...props}
        school="start"
        value={liquid.start}
        onChange={(start) => {
          setLiquid({ start });
        }}
      />
      <FormHead>Herbs</FormHead>
      <Rows aria-label="Herbs">
        {liquid.herbs.map((h, i) => (
          <li key={h.id}>
            <div>
              <span style={{ flex: 1 }}>{herbById(h.id).name}</span>
              <div style={{ width: 132 }}>
                <NumberField
                  label={`${herbById(h.id).name}, how many`}
                  hideLabel
                  step={1}
                  value={h.count}
                  error={faultOf(faults, 'liquid.herbs')}
                  onChange={(count) => {
                    setLiquid({ herbs: liquid.herbs.map((own, k) => (k === i ? { ...own, count } : own)) });
                  }}
                />
              </div>
              <IconButton
                aria-label={`Leave out ${herbById(h.id).name}`}
                onPress={() => {
                  setLiquid({ herbs: liquid.herbs.filter((_, k) => k !== i) });
                }}
              >
                <Trash2 size={17} aria-hidden />
              </IconButton>
            </div>
            {herbById(h.id).dried === '' ? null : <small>{herbById(h.id).dried}</small>}
          </li>
        ))}
      </Rows>
      <SelectField
        label="Add a herb"
        value=""
        sections={[{ options: freeHerbs.map((h) => ({ id: h.id, label: h.name })) }]}
        onChange={(id) => {
          setLiquid({ herbs: [...liquid.herbs, { id, count: usualHerbCount(herbById(id), plan?.liquidL ?? 1) }] });
        }}
      />
      <SchoolField
        {...props}
        school="herbForm"
        value={liquid.herbForm}
        onChange={(herbForm) => {
          setLiquid({ herbForm });
        }}
      />
      <Care step="liquid" />
    </>
  );
}
