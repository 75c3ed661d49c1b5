'use client';

import { Trash2 } from 'lucide-react';
import { Care, faultOf, Fold, type FormProps, Rows, WayField } from './common';
import { cutById, isCutId } from '@/core/larder';
import {
  APPETITES,
  cubeCount,
  type MeatPart,
  meatParts,
  RESULTS,
  usualThicknessMm,
  withResult,
  meatField,
  type MeatField,
} from '@/core/choices';
import { scaled, defaultMeat } from '@/core/plan';
import { canRoll } from '@/core/prep';
import { cutSections } from '../techniqueOptions';
import { OwnThing, ownSections } from './OwnThing';
import { FieldRow } from '@/ui/controls/frame';
import { IconButton, TextButton } from '@/ui/controls/Button';
import { useWords } from '@/ui/KitchenContext';
import { NumberField } from '@/ui/controls/NumberField';
import { CautionNote } from '@/ui/controls/Panel';
import { QuantityField } from '@/ui/controls/QuantityField';
import { ChoiceField } from '@/ui/controls/ChoiceField';
import { SelectField } from '@/ui/controls/SelectField';
import { Switch } from '@/ui/controls/Switch';
import { TextField } from '@/ui/controls/TextField';
import { say } from '@/core/message';
import { USUAL_FILLING, FillingFields } from './FillingFields';

interface PartFieldsProps {
  readonly part: MeatPart;
  readonly field: MeatField;
  readonly eaters: number;
  /** The kitchen's custom ingredients. */
  readonly own: readonly string[];
  readonly faults: FormProps['faults'];
  readonly set: (part: Partial<MeatPart>) => void;
}

/** One cut: which, how much, in what pieces. */
function PartFields({ part, field, eaters, own, faults, set }: PartFieldsProps) {
  const w = useWords();
  const cut = isCutId(part.cutId) ? cutById(part.cutId) : undefined;
  const cubes = cut?.form === 'cubes';
  const fault = (name: keyof MeatPart): string | undefined => faultOf(w, faults, `${field}.${name}`);
  return (
    <>
      <SelectField
        label={w.text('meatForm.cut')}
        value={part.cutId}
        sections={[...ownSections(w, own, 'cut'), ...cutSections(w)]}
        error={fault('cutId')}
        onChange={(id) => {
          set(
            defaultMeat(
              id,
              Number.isFinite(eaters) && eaters > 0 ? eaters : 4,
              field === 'meat' ? undefined : part.massKg,
            ),
          );
        }}
      />
      <FieldRow>
        <QuantityField
          label={w.text('meatForm.weightTrimmed')}
          dimension="mass"
          value={part.massKg}
          error={fault('massKg')}
          onChange={(massKg) => {
            if (cut && cubes && massKg > 0) set({ massKg, pieces: cubeCount(cut, massKg, part.thicknessMm) });
            else set({ massKg });
          }}
        />
        <NumberField
          label={cubes ? w.text('meatForm.cubes') : w.text('meatForm.pieces')}
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
        label={cubes ? w.text('meatForm.edgeOfACube') : w.text('meatForm.thicknessAtTheThickest')}
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
        {w.text('meatForm.measuredNotGuessed')}
      </Switch>
      {cut?.bone === 'either' ? (
        <Switch
          value={part.onBone}
          onChange={(onBone) => {
            set({ onBone });
          }}
        >
          {w.text('meatForm.onTheBone')}
        </Switch>
      ) : null}
      <Fold>
        <summary>{w.text('meatForm.boughtAt')}</summary>
        <FieldRow>
          <QuantityField
            label={w.text('meatForm.asBought')}
            dimension="mass"
            placeholder="–"
            value={part.grossKg ?? Number.NaN}
            error={fault('grossKg')}
            onChange={(grossKg) => {
              set({ grossKg: Number.isFinite(grossKg) ? grossKg : null });
            }}
          />
          <NumberField
            label={w.text('meatForm.priceAKilo')}
            step={1}
            decimals={2}
            value={part.pricePerKg ?? Number.NaN}
            error={fault('pricePerKg')}
            onChange={(price) => {
              set({ pricePerKg: Number.isFinite(price) ? price : null });
            }}
          />
        </FieldRow>
      </Fold>
    </>
  );
}

export function MeatForm(props: FormProps) {
  const { kitchen, input, plan, faults, change } = props;
  const { meat, also, prepare } = input;
  const setMeat = (part: Partial<MeatPart>): void => {
    change({ meat: { ...meat, ...part } });
  };
  const setAlso = (index: number, part: Partial<MeatPart>): void => {
    change({ also: also.map((p, i) => (i === index ? { ...p, ...part } : p)) });
  };
  const w = useWords();
  const boned = input.result === 'falls' || meatParts(input).some((p) => p.onBone);
  const plates = plan?.buy.plates.value;
  const ratio = plates !== undefined && plates > 0 ? input.eaters / plates : Number.NaN;
  const factor = Number.isFinite(ratio) && Math.abs(ratio - 1) > 0.08 ? ratio : undefined;
  const alsoFault = faultOf(w, faults, 'also');
  return (
    <>
      <TextField
        label={w.text('common.nameOfTheDish')}
        value={input.title}
        maxLength={120}
        onChange={(title) => {
          change({ title });
        }}
      />
      <NumberField
        label={w.text('common.atTheTable')}
        step={1}
        value={input.eaters}
        error={faultOf(w, faults, 'eaters')}
        onChange={(eaters) => {
          change({ eaters });
        }}
      />
      <ChoiceField
        label={w.text('meatForm.howItShouldEat')}
        value={input.result}
        ids={RESULTS.filter((id) => id !== 'falls' || boned)}
        name={(id) => w.title(say(`result.${id}`))}
        why={(id) => w.text(`result.${id}.why`)}
        onChange={(id) => {
          change(withResult(input, id));
        }}
      />
      <PartFields part={meat} field="meat" eaters={input.eaters} own={kitchen.own} faults={faults} set={setMeat} />
      {factor === undefined ? null : (
        <TextButton
          onPress={() => {
            change(scaled(input, factor));
          }}
        >
          {w.text('meatForm.scaleTheWholePlanTo', {
            eaters: input.eaters,
            wanted: w.quantity(plan?.buy.wanted.value ?? 0, 'mass'),
          })}
        </TextButton>
      )}
      {also.length > 0 ? (
        <Rows aria-label={w.text('meatForm.furtherMeats')}>
          {also.map((part, i) => (
            <li key={i}>
              <div>
                <span>{w.text('meatForm.alsoInThePot')}</span>
                <IconButton
                  aria-label={w.text('meatForm.takeOut', {
                    cutId: isCutId(part.cutId) ? w.name('cut', part.cutId) : w.text('meatForm.thisMeat'),
                  })}
                  onPress={() => {
                    change({ also: also.filter((_, k) => k !== i) });
                  }}
                >
                  <Trash2 size={17} aria-hidden />
                </IconButton>
              </div>
              <PartFields
                part={part}
                field={meatField(i + 1)}
                eaters={input.eaters}
                own={kitchen.own}
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
      <Fold>
        <summary>{w.text('meatForm.more')}</summary>
        <div>
          <ChoiceField
            label={w.text('meatForm.appetite')}
            value={input.appetite}
            ids={APPETITES}
            name={(id) => w.text(`appetite.${id}`)}
            onChange={(id) => {
              change({ appetite: id });
            }}
          />
          <TextButton
            isDisabled={also.length >= 3}
            onPress={() => {
              const kg = Number.isFinite(meat.massKg) ? Math.max(0.2, Math.round(meat.massKg * 10) / 20) : 0.5;
              change({ also: [...also, defaultMeat('pork_shoulder_cubes', 4, kg)] });
            }}
          >
            {w.text('meatForm.addAnotherMeatOrSize')}
          </TextButton>
          <OwnThing
            table="cut"
            likes={cutSections(w)}
            keepOwn={props.keepOwn}
            onAdd={(cutId) => {
              setMeat({ cutId });
            }}
          />
          <SelectField
            label={w.text('meatForm.tie')}
            value={prepare.tie}
            sections={[
              {
                options: [
                  {
                    id: 'auto',
                    label: w.text('meatForm.whereItHelps'),
                    why: w.text('meatForm.rollsAlwaysOthersOverWhere'),
                  },
                  { id: 'yes', label: w.text('meatForm.tie'), why: w.text('meatForm.forANeatShape') },
                  { id: 'no', label: w.text('meatForm.leaveIt'), why: w.text('meatForm.putItTogetherAgainOn') },
                ],
              },
            ]}
            onChange={(tie) => {
              change({ prepare: { ...prepare, tie: tie as typeof prepare.tie } });
            }}
          />
          <WayField
            {...props}
            topic="temper"
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
                      filling: on ? { rolls: Math.max(1, input.eaters * 2 || 1), items: USUAL_FILLING } : null,
                    },
                  });
                }}
              >
                {w.text('meatForm.openedOutFilledAndRolled')}
              </Switch>
              {prepare.filling ? (
                <FillingFields
                  filling={prepare.filling}
                  kitchen={kitchen}
                  error={faultOf(w, faults, 'prepare.filling')}
                  onChange={(filling) => {
                    change({ prepare: { ...prepare, filling } });
                  }}
                />
              ) : null}
            </>
          ) : null}
        </div>
      </Fold>
      <Care step="rawMeat" input={input} />
    </>
  );
}
