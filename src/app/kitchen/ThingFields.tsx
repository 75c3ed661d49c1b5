'use client';

import { BURNER_KINDS, type Burner, burnerNetW, type Oven, OVEN_KINDS, type Pan, USUAL_RING_W } from '@/core/larder';
import { ShapeFields } from './ShapeFields';
import { FieldRow } from '@/ui/controls/frame';
import { NumberField } from '@/ui/controls/NumberField';
import { Mute } from '@/ui/controls/Panel';
import { QuantityField } from '@/ui/controls/QuantityField';
import { ChoiceField } from '@/ui/controls/ChoiceField';
import { TextField } from '@/ui/controls/TextField';
import { PotFromAbove } from '@/ui/drawings/PotFromAbove';
import { useWords } from '@/ui/KitchenContext';
import { say } from '@/core/message';

interface FieldsProps<T> {
  readonly thing: T;
  readonly onChange: (thing: T) => void;
}

/** Limits for a pan: diameter across the base, mm, and weight, kg. */
export const PAN_LIMITS = { acrossMm: [100, 800], massKg: [0.2, 15] } as const;
export const RING_LIMITS_W = [100, 10_000] as const;

const SHAPES = ['round', 'rectangle'] as const;

/** A pan's base, weight and material, drawn to scale as it is typed. */
export function PanFields({ thing, onChange }: FieldsProps<Pan>) {
  const w = useWords();
  const set = (part: Partial<Pan>): void => {
    onChange({ ...thing, ...part });
  };
  const [least, most] = PAN_LIMITS.acrossMm;
  const wrong = (mm: number): string | undefined =>
    mm >= least && mm <= most
      ? undefined
      : w.text('potFields.limits', { least: w.quantity(least, 'length'), most: w.quantity(most, 'length') });
  return (
    <>
      <TextField
        label={w.text('potFields.name')}
        value={thing.name}
        onChange={(name) => {
          set({ name });
        }}
      />
      <ShapeFields
        thing={thing}
        shapes={SHAPES}
        names={{
          across: w.text('potFields.floorAcross'),
          length: w.text('potFields.floorLength'),
          width: w.text('potFields.floorWidth'),
        }}
        wrong={wrong}
        onChange={set}
      >
        <QuantityField
          label={w.text('potFields.panWeight')}
          dimension="mass"
          value={thing.massKg}
          error={
            thing.massKg >= PAN_LIMITS.massKg[0] && thing.massKg <= PAN_LIMITS.massKg[1]
              ? undefined
              : w.text('potFields.limits', {
                  least: w.quantity(PAN_LIMITS.massKg[0], 'mass'),
                  most: w.quantity(PAN_LIMITS.massKg[1], 'mass'),
                })
          }
          onChange={(massKg) => {
            set({ massKg });
          }}
        />
      </ShapeFields>
      {wrong(thing.lengthMm) === undefined && wrong(thing.widthMm) === undefined ? (
        <div style={{ maxWidth: 190 }}>
          <PotFromAbove pot={thing} />
        </div>
      ) : null}
    </>
  );
}

export function OvenFields({ thing, onChange }: FieldsProps<Oven>) {
  const w = useWords();
  return (
    <>
      <TextField
        label={w.text('potFields.name')}
        value={thing.name}
        onChange={(name) => {
          onChange({ ...thing, name });
        }}
      />
      <ChoiceField
        label={w.text('ovenFields.kind')}
        value={thing.kind}
        ids={OVEN_KINDS}
        name={(id) => w.text(`ovenFields.kind.${id}`)}
        why={(id) => w.text(`ovenFields.kind.${id}.why`)}
        onChange={(kind) => {
          onChange({ ...thing, kind: kind });
        }}
      />
    </>
  );
}

const RINGS = ['small', 'middle', 'large'] as const;

export function BurnerFields({ thing, onChange }: FieldsProps<Burner>) {
  const w = useWords();
  const [least, most] = RING_LIMITS_W;
  const ring = RINGS.find((id) => USUAL_RING_W[thing.kind][id] === thing.powerW);
  return (
    <>
      <TextField
        label={w.text('potFields.name')}
        value={thing.name}
        onChange={(name) => {
          onChange({ ...thing, name });
        }}
      />
      <FieldRow>
        <ChoiceField
          label={w.text('burnerFields.kind')}
          value={thing.kind}
          ids={BURNER_KINDS}
          name={(id) => w.title(say(`burner.${id}`))}
          onChange={(id) => {
            const kind = id;
            onChange({ ...thing, kind, ...(ring && { powerW: USUAL_RING_W[kind][ring] }) });
          }}
        />
        <ChoiceField
          label={w.text('burnerFields.ring')}
          placeholder={w.text('burnerFields.asTyped')}
          value={ring ?? ''}
          ids={RINGS}
          name={(id) => w.title(say(`burnerFields.ring.${id}`))}
          why={(id) => w.quantity(USUAL_RING_W[thing.kind][id], 'power')}
          onChange={(id) => {
            const chosen = RINGS.find((r) => r === id);
            if (chosen) onChange({ ...thing, powerW: USUAL_RING_W[thing.kind][chosen] });
          }}
        />
        <NumberField
          label={w.text('burnerFields.power')}
          unit="W"
          step={100}
          value={thing.powerW}
          error={
            thing.powerW >= least && thing.powerW <= most
              ? undefined
              : w.text('potFields.limits', { least: w.quantity(least, 'power'), most: w.quantity(most, 'power') })
          }
          onChange={(powerW) => {
            onChange({ ...thing, powerW });
          }}
        />
      </FieldRow>
      {Number.isFinite(thing.powerW) ? (
        <Mute>{w.text('burnerFields.arrives', { power: w.quantity(burnerNetW(thing), 'power') })}</Mute>
      ) : null}
    </>
  );
}
