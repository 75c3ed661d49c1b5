'use client';

import { Trash2 } from 'lucide-react';
import { Care, faultOf, Fold, type FormProps, IconButton, Rows, SchoolField, TextButton } from './common';
import { CUTS, cutById, cutLabel, isCutId } from '@/core/larder/cuts';
import { APPETITES, type Appetite, type MeatPart, RESULTS, type ResultId } from '@/core/plan/input';
import { cubeCount, usualThicknessMm } from '@/core/plan/pieces';
import { usualMeat } from '@/core/plan/start';
import { canRoll } from '@/core/prep/prep';
import { scaled } from '@/core/plan/scale';
import { formatMass } from '@/core/quantity/format';
import { FieldRow } from '@/ui/controls/frame';
import { useSay, useUnits } from '@/ui/KitchenContext';
import { NumberField } from '@/ui/controls/NumberField';
import { CautionNote } from '@/ui/controls/Panel';
import { QuantityField } from '@/ui/controls/QuantityField';
import { SelectField } from '@/ui/controls/SelectField';
import { Switch } from '@/ui/controls/Switch';
import { TextField } from '@/ui/controls/TextField';

const CUT_SECTIONS = [...new Set(CUTS.map((c) => c.species))].map((species) => ({
  title: species.charAt(0).toUpperCase() + species.slice(1),
  options: CUTS.filter((c) => c.species === species).map((c) => ({ id: c.id, label: cutLabel(c) })),
}));

export const RESULT_WORDS: Readonly<Record<ResultId, { readonly name: string; readonly why: string }>> = {
  slices: { name: 'Neat slices', why: 'stopped while the fork slides in but will not turn' },
  tender: { name: 'Fork-tender', why: 'a fork twists freely; pieces stay whole' },
  shreds: { name: 'Shreds', why: 'taken further until it pulls apart' },
  melts: { name: 'Melts into the sauce', why: 'taken further; no separate pieces left' },
};

const APPETITE_WORDS: Readonly<Record<Appetite, string>> = {
  light: 'Light eaters',
  usual: 'Usual appetite',
  hearty: 'Hearty eaters',
};

interface PartFieldsProps {
  readonly part: MeatPart;
  readonly field: string;
  readonly eaters: number;
  readonly faults: FormProps['faults'];
  readonly set: (part: Partial<MeatPart>) => void;
}

/** One cut: which, how much, in what pieces. */
function PartFields({ part, field, eaters, faults, set }: PartFieldsProps) {
  const cut = isCutId(part.cutId) ? cutById(part.cutId) : undefined;
  const cubes = cut?.form === 'cubes';
  const fault = (name: string): string | undefined => faultOf(faults, `${field}.${name}`);
  return (
    <>
      <SelectField
        label="Cut"
        value={part.cutId}
        sections={CUT_SECTIONS}
        error={fault('cutId')}
        onChange={(id) => {
          set(
            usualMeat(
              id,
              Number.isFinite(eaters) && eaters > 0 ? eaters : 4,
              field === 'meat' ? undefined : part.massKg,
            ),
          );
        }}
      />
      <FieldRow>
        <QuantityField
          label="Weight, trimmed"
          dimension="mass"
          value={part.massKg}
          error={fault('massKg')}
          onChange={(massKg) => {
            if (cut && cubes && massKg > 0) set({ massKg, pieces: cubeCount(cut, massKg, part.thicknessMm) });
            else set({ massKg });
          }}
        />
        <NumberField
          label={cubes ? 'Cubes' : 'Pieces'}
          step={1}
          value={part.pieces}
          error={fault('pieces')}
          onChange={(pieces) => {
            if (cut && pieces > 0 && !part.thicknessMeasured && !cubes) {
              set({ pieces, thicknessMm: usualThicknessMm(cut, part.massKg / pieces) });
            } else set({ pieces });
          }}
        />
      </FieldRow>
      <QuantityField
        label={cubes ? 'Edge of a cube' : 'Thickness at the thickest'}
        dimension="length"
        value={part.thicknessMm}
        error={fault('thicknessMm')}
        onChange={(thicknessMm) => {
          if (cut && cubes && thicknessMm > 5) {
            set({
              thicknessMm,
              thicknessMeasured: true,
              pieces: Math.min(400, cubeCount(cut, part.massKg, thicknessMm)),
            });
          } else set({ thicknessMm, thicknessMeasured: true });
        }}
      />
      <Switch
        value={part.thicknessMeasured}
        onChange={(thicknessMeasured) => {
          set({ thicknessMeasured });
        }}
      >
        measured, not guessed
      </Switch>
      {cut?.bone === 'either' ? (
        <Switch
          value={part.onBone}
          onChange={(onBone) => {
            set({ onBone });
          }}
        >
          on the bone
        </Switch>
      ) : null}
      <FieldRow>
        <QuantityField
          label="As bought"
          dimension="mass"
          placeholder="–"
          value={part.grossKg ?? Number.NaN}
          error={fault('grossKg')}
          onChange={(grossKg) => {
            set({ grossKg: Number.isFinite(grossKg) ? grossKg : null });
          }}
        />
        <NumberField
          label="Price a kilo"
          step={1}
          decimals={2}
          value={part.pricePerKg ?? Number.NaN}
          error={fault('pricePerKg')}
          onChange={(price) => {
            set({ pricePerKg: Number.isFinite(price) ? price : null });
          }}
        />
      </FieldRow>
    </>
  );
}

export function MeatForm(props: FormProps) {
  const { input, plan, faults, change } = props;
  const { meat, also, prepare } = input;
  const setMeat = (part: Partial<MeatPart>): void => {
    change({ meat: { ...meat, ...part } });
  };
  const setAlso = (index: number, part: Partial<MeatPart>): void => {
    change({ also: also.map((p, i) => (i === index ? { ...p, ...part } : p)) });
  };
  const units = useUnits();
  const say = useSay();
  const plates = plan?.buy.plates.value;
  const ratio = plates !== undefined && plates > 0 ? input.eaters / plates : Number.NaN;
  const factor = Number.isFinite(ratio) && Math.abs(ratio - 1) > 0.08 ? ratio : undefined;
  const alsoFault = faultOf(faults, 'also');
  return (
    <>
      <TextField
        label="Name of the dish"
        value={input.title}
        maxLength={120}
        onChange={(title) => {
          change({ title });
        }}
      />
      <FieldRow>
        <NumberField
          label="At the table"
          step={1}
          value={input.eaters}
          error={faultOf(faults, 'eaters')}
          onChange={(eaters) => {
            change({ eaters });
          }}
        />
        <SelectField
          label="Appetite"
          value={input.appetite}
          sections={[{ options: APPETITES.map((id) => ({ id, label: APPETITE_WORDS[id] })) }]}
          onChange={(id) => {
            change({ appetite: id as Appetite });
          }}
        />
      </FieldRow>
      <SelectField
        label="How it should eat"
        value={input.result}
        sections={[{ options: RESULTS.map((id) => ({ id, label: RESULT_WORDS[id].name, why: RESULT_WORDS[id].why })) }]}
        onChange={(id) => {
          change({ result: id as ResultId });
        }}
      />
      <PartFields part={meat} field="meat" eaters={input.eaters} faults={faults} set={setMeat} />
      {factor === undefined ? null : (
        <TextButton
          onPress={() => {
            change(scaled(input, factor));
          }}
        >
          Scale the whole plan to {input.eaters}: {formatMass(plan?.buy.wanted.value ?? 0, units)} of meat
        </TextButton>
      )}
      {also.length > 0 ? (
        <Rows aria-label="Further meats">
          {also.map((part, i) => (
            <li key={i}>
              <div>
                <span>Also in the pot</span>
                <IconButton
                  aria-label={`Take out ${isCutId(part.cutId) ? cutLabel(cutById(part.cutId)) : 'this meat'}`}
                  onPress={() => {
                    change({ also: also.filter((_, k) => k !== i) });
                  }}
                >
                  <Trash2 size={17} aria-hidden />
                </IconButton>
              </div>
              <PartFields
                part={part}
                field={`also.${String(i)}`}
                eaters={input.eaters}
                faults={faults}
                set={(p) => {
                  setAlso(i, p);
                }}
              />
            </li>
          ))}
        </Rows>
      ) : null}
      {alsoFault === undefined ? null : <CautionNote role="alert">{alsoFault}</CautionNote>}
      <TextButton
        isDisabled={also.length >= 3}
        onPress={() => {
          const kg = Number.isFinite(meat.massKg) ? Math.max(0.2, Math.round(meat.massKg * 10) / 20) : 0.5;
          change({ also: [...also, usualMeat('pork_shoulder_cubes', 4, kg)] });
        }}
      >
        Add another meat or size
      </TextButton>
      <Fold>
        <summary>Getting it ready</summary>
        <div>
          <SelectField
            label="Tie"
            value={prepare.tie}
            sections={[
              {
                options: [
                  {
                    id: 'auto',
                    label: 'Where it helps',
                    why: say('rolls always; others over 50 mm where shape matters'),
                  },
                  { id: 'yes', label: 'Tie', why: 'for a neat shape' },
                  { id: 'no', label: 'Leave it', why: 'put it together again on the plate' },
                ],
              },
            ]}
            onChange={(tie) => {
              change({ prepare: { ...prepare, tie: tie as typeof prepare.tie } });
            }}
          />
          <SchoolField
            {...props}
            school="temper"
            value={prepare.temper}
            onChange={(temper) => {
              change({ prepare: { ...prepare, temper } });
            }}
          />
          {canRoll(meat.cutId) ? (
            <>
              <Switch
                value={prepare.filling !== null}
                onChange={(on) => {
                  change({
                    prepare: {
                      ...prepare,
                      filling: on ? { rolls: Math.max(1, input.eaters * 2 || 1), kg: 0.2, saltGPerKg: 10 } : null,
                    },
                  });
                }}
              >
                opened out, filled and rolled
              </Switch>
              {prepare.filling ? (
                <FieldRow>
                  <NumberField
                    label="Rolls"
                    step={1}
                    value={prepare.filling.rolls}
                    error={faultOf(faults, 'prepare.filling')}
                    onChange={(rolls) => {
                      if (prepare.filling) change({ prepare: { ...prepare, filling: { ...prepare.filling, rolls } } });
                    }}
                  />
                  <QuantityField
                    label="Filling, all"
                    dimension="mass"
                    value={prepare.filling.kg}
                    onChange={(kg) => {
                      if (prepare.filling) change({ prepare: { ...prepare, filling: { ...prepare.filling, kg } } });
                    }}
                  />
                </FieldRow>
              ) : null}
            </>
          ) : null}
        </div>
      </Fold>
      <Care step="rawMeat" />
    </>
  );
}
