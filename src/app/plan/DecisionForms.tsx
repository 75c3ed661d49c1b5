'use client';

import { HEAT_SCHOOLS, LID_SCHOOLS } from './schools';
import { usualMeat } from './defaults';
import { type Decision } from './decisions';
import { type Kitchen } from '@/contract/plan';
import { cautionFor, type CareStep } from '@/core/care/cautions';
import { CUTS, cutById, cutLabel, isCutId } from '@/core/larder/cuts';
import { LIDS, type LidKind } from '@/core/larder/vessels';
import { type PlanFault, type PlanInput } from '@/core/plan/input';
import { cubeCount, usualThicknessMm } from '@/core/plan/pieces';
import { type Plan } from '@/core/plan/plan';
import { FieldRow, NumberField, SelectField, Slider, Switch, TextField } from '@/ui/controls/fields';
import { CautionNote, Mute } from '@/ui/controls/Panel';
import { localInputValue, momentFromLocalInput } from '@/ui/localInput';

export interface FormProps {
  readonly kitchen: Kitchen;
  readonly input: PlanInput;
  readonly plan: Plan | undefined;
  readonly faults: readonly PlanFault[];
  readonly timeZone: string;
  readonly change: (part: Partial<PlanInput>) => void;
}

function faultOf(faults: readonly PlanFault[], field: string): string | undefined {
  return faults.find((f) => f.field === field)?.message;
}

const Care = ({ step }: { step: CareStep }) => <CautionNote>{cautionFor(step).text}</CautionNote>;

const CUT_SECTIONS = [...new Set(CUTS.map((c) => c.species))].map((species) => ({
  title: species.charAt(0).toUpperCase() + species.slice(1),
  options: CUTS.filter((c) => c.species === species).map((c) => ({ id: c.id, label: cutLabel(c) })),
}));

function MeatForm({ input, faults, change }: FormProps) {
  const { meat } = input;
  const cut = isCutId(meat.cutId) ? cutById(meat.cutId) : undefined;
  const setMeat = (part: Partial<PlanInput['meat']>): void => {
    change({ meat: { ...meat, ...part } });
  };
  const cubes = cut?.form === 'cubes';
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
      <SelectField
        label="Cut"
        value={meat.cutId}
        sections={CUT_SECTIONS}
        error={faultOf(faults, 'meat.cutId')}
        onChange={(id) => {
          change({ meat: usualMeat(id, Number.isFinite(input.eaters) ? input.eaters : 4) });
        }}
      />
      <FieldRow>
        <NumberField
          label="Weight, trimmed"
          unit="kg"
          step={0.1}
          decimals={2}
          value={meat.massKg}
          error={faultOf(faults, 'meat.massKg')}
          onChange={(massKg) => {
            if (cut && cubes && massKg > 0) setMeat({ massKg, pieces: cubeCount(cut, massKg, meat.thicknessMm) });
            else setMeat({ massKg });
          }}
        />
        <NumberField
          label={cubes ? 'Cubes' : 'Pieces'}
          step={1}
          value={meat.pieces}
          error={faultOf(faults, 'meat.pieces')}
          onChange={(pieces) => {
            if (cut && pieces > 0 && !meat.thicknessMeasured && !cubes) {
              setMeat({ pieces, thicknessMm: usualThicknessMm(cut, meat.massKg / pieces) });
            } else setMeat({ pieces });
          }}
        />
      </FieldRow>
      <NumberField
        label={cubes ? 'Edge of a cube' : 'Thickness at the thickest'}
        unit="mm"
        step={1}
        value={meat.thicknessMm}
        error={faultOf(faults, 'meat.thicknessMm')}
        onChange={(thicknessMm) => {
          if (cut && cubes && thicknessMm > 5) {
            setMeat({
              thicknessMm,
              thicknessMeasured: true,
              pieces: Math.min(400, cubeCount(cut, meat.massKg, thicknessMm)),
            });
          } else setMeat({ thicknessMm, thicknessMeasured: true });
        }}
      />
      <Switch
        value={meat.thicknessMeasured}
        onChange={(thicknessMeasured) => {
          setMeat({ thicknessMeasured });
        }}
      >
        measured, not guessed
      </Switch>
      {cut?.bone === 'either' ? (
        <Switch
          value={meat.onBone}
          onChange={(onBone) => {
            setMeat({ onBone });
          }}
        >
          on the bone
        </Switch>
      ) : null}
      <Care step="rawMeat" />
    </>
  );
}

function PotForm({ kitchen, input, faults, change }: FormProps) {
  const pots = [input.pot, ...kitchen.pots.filter((p) => p.id !== input.pot.id)];
  return (
    <>
      <SelectField
        label="Pot"
        value={input.pot.id}
        sections={[{ options: pots.map((p) => ({ id: p.id, label: `${p.name}, ${String(p.heightMm)} mm deep` })) }]}
        error={faultOf(faults, 'pot.id')}
        onChange={(id) => {
          const pot = pots.find((p) => p.id === id);
          if (pot) change({ pot });
        }}
      />
      <SelectField
        label="Lid"
        value={input.lid}
        sections={[{ options: LID_SCHOOLS.map((s) => ({ id: s.id, label: `${s.name}: ${s.why}` })) }]}
        onChange={(lid) => {
          if (lid in LIDS) change({ lid: lid as LidKind });
        }}
      />
    </>
  );
}

function SearForm({ kitchen, input, plan, change }: FormProps) {
  const pans = [input.pan, ...kitchen.pans.filter((p) => p.id !== input.pan.id)];
  return (
    <>
      <SelectField
        label="Pan"
        value={input.pan.id}
        sections={[{ options: pans.map((p) => ({ id: p.id, label: p.name })) }]}
        onChange={(id) => {
          const pan = pans.find((p) => p.id === id);
          if (pan) change({ pan });
        }}
      />
      <p>
        Salt just before, pat dry, {plan ? `${String(plan.sear.minutesPerBatch)} min a batch` : 'batch by batch'} until
        it lets go by itself, deep brown. Browning gives flavour and colour; it seals nothing in.
      </p>
      <Care step="sear" />
    </>
  );
}

function BaseForm({ input, faults, change }: FormProps) {
  return (
    <>
      <NumberField
        label="Onion, carrot, celery"
        unit="kg"
        step={0.05}
        decimals={2}
        value={input.vegetablesKg}
        error={faultOf(faults, 'vegetablesKg')}
        onChange={(vegetablesKg) => {
          change({ vegetablesKg });
        }}
      />
      <p>
        Soft and golden in 12 min, garlic for the last minute, paste toasted rust-red for three. They give about a
        quarter of their weight to the liquid as water; that is counted.
      </p>
    </>
  );
}

function LiquidForm({ input, plan, faults, change }: FormProps) {
  const fault = faultOf(faults, 'liquidLevel');
  return (
    <>
      <Slider
        label="Level"
        min={0.2}
        max={1.2}
        step={0.01}
        value={input.liquidLevel}
        says={`${String(Math.round(input.liquidLevel * 100))} % of the meat’s height`}
        onChange={(liquidLevel) => {
          change({ liquidLevel });
        }}
      />
      {fault === undefined ? null : <CautionNote role="alert">{fault}</CautionNote>}
      <p>
        Wine first, down by half to two thirds while it can still boil; then stock to the line
        {plan ? `, ${String(plan.work.liquid)} min to a simmer` : ''}. More liquid makes no juicier meat, only thinner
        sauce.
      </p>
      <Care step="liquid" />
    </>
  );
}

function HeatForm({ input, faults, change }: FormProps) {
  const { heat } = input;
  const mode = heat.kind === 'simmer' ? 'simmer' : heat.fan ? 'fan' : 'still';
  return (
    <>
      <SelectField
        label="Where"
        value={mode}
        sections={[{ options: HEAT_SCHOOLS.map((s) => ({ id: s.id, label: `${s.name}: ${s.why}` })) }]}
        onChange={(id) => {
          if (id === 'simmer') change({ heat: { kind: 'simmer', tempC: heat.kind === 'simmer' ? heat.tempC : 96 } });
          else change({ heat: { kind: 'oven', tempC: heat.kind === 'oven' ? heat.tempC : 150, fan: id === 'fan' } });
        }}
      />
      <NumberField
        label={heat.kind === 'oven' ? 'Oven set to' : 'Liquid held at'}
        unit="°C"
        step={heat.kind === 'oven' ? 5 : 1}
        value={heat.tempC}
        error={faultOf(faults, 'heat.tempC')}
        onChange={(tempC) => {
          change({ heat: { ...heat, tempC } });
        }}
      />
      <NumberField
        label="Height above the sea"
        unit="m"
        step={50}
        value={input.altitudeM}
        error={faultOf(faults, 'altitudeM')}
        onChange={(altitudeM) => {
          change({ altitudeM });
        }}
      />
      <Mute>Higher up, water boils cooler and the braise takes longer.</Mute>
      <Care step={heat.kind === 'oven' ? 'potIntoOven' : 'potOnStove'} />
    </>
  );
}

function FinishForm({ plan }: FormProps) {
  return (
    <>
      <p>
        Meat out from below with a wide tool; strain; let it stand and lift the fat; reduce by itself until it coats a
        spoon
        {plan ? `, about ${String(Math.round(plan.finished.reduceMinutes))} min on a good burner` : ''}; salt last.
      </p>
      {plan ? (
        <p>
          {plan.finished.gelatinGPerL >= 25
            ? 'Enough gelatin comes out of this cut to make the sauce sticky by itself.'
            : plan.finished.gelatinGPerL >= 10
              ? 'Some gelatin comes out: it will have a little body.'
              : 'Hardly any gelatin comes out: thicken it if you want body.'}
        </p>
      ) : null}
      <Care step="finish" />
      <Care step="store" />
    </>
  );
}

function ServeForm({ input, faults, timeZone, change }: FormProps) {
  return (
    <>
      <TextField
        label="Plates out at"
        type="datetime-local"
        value={localInputValue(input.serveAtMs, timeZone)}
        error={faultOf(faults, 'serveAtMs')}
        onChange={(text) => {
          change({ serveAtMs: momentFromLocalInput(text, timeZone) });
        }}
      />
      <NumberField
        label="At the table"
        step={1}
        value={input.eaters}
        error={faultOf(faults, 'eaters')}
        onChange={(eaters) => {
          change({ eaters });
        }}
      />
      <Slider
        label="How sure to be on time"
        min={0.5}
        max={0.98}
        step={0.01}
        value={input.confidence}
        says={`${String(Math.round(input.confidence * 100))} of 100 kitchens`}
        onChange={(confidence) => {
          change({ confidence });
        }}
      />
      <Care step="serve" />
    </>
  );
}

export const FORMS: Readonly<Record<Decision, (props: FormProps) => React.ReactNode>> = {
  meat: MeatForm,
  pot: PotForm,
  sear: SearForm,
  base: BaseForm,
  liquid: LiquidForm,
  heat: HeatForm,
  finish: FinishForm,
  serve: ServeForm,
};
