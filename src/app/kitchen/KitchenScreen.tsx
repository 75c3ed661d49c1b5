'use client';

import { Flame, Plus, Trash2 } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import styled from 'styled-components';
import { KeepingFields } from './KeepingFields';
import { potSize } from '../plan/potSize';
import { type Equipment, EQUIPMENT_LISTS, type Kitchen, type KitchenChange, MIN_OF } from '@/contract/kitchen';
import { LIMITS } from '@/core/choices';
import { findCustom } from '@/core/custom';
import { potShape, potVolumeL } from '@/core/material';
import { M_PER_FOOT } from '@/core/quantity';
import { Button } from '@/ui/controls/Button';
import { ConfirmButton } from '@/ui/controls/ConfirmButton';
import { FieldRow } from '@/ui/controls/frame';
import { NumberField } from '@/ui/controls/NumberField';
import { FaultNote, Mute, Page, PageHead, Panel } from '@/ui/controls/Panel';
import { Sheet } from '@/ui/controls/Sheet';
import { TextField } from '@/ui/controls/TextField';
import { PotFromAbove } from '@/ui/drawings/PotFromAbove';
import { useUnits, useWords } from '@/ui/KitchenContext';
import { send } from '@/ui/send';
import { type Words } from '@/words/words';
import { nameOf } from '@/core/message';
import { blank, isWhole, Fields, thingsOf } from './equipmentForm';

const Cards = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(300px, 100%), 1fr));
  gap: 12px;
  margin: 10px 0 12px;
  > li {
    border: 1px solid var(--line);
    border-radius: 12px;
    padding: 10px 12px 12px;
    display: grid;
    grid-template-rows: 1fr auto;
    gap: 10px;
  }
  p {
    font-size: 0.9375rem;
    line-height: 1.35;
  }
  b {
    font-size: 1rem;
    overflow-wrap: anywhere;
  }
`;

const OwnList = styled.ul`
  display: grid;
  gap: 6px;
  > li {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 10px;
  }
`;

const Shown = styled.div`
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr);
  gap: 12px;
  align-items: center;
  > svg {
    justify-self: center;
    color: var(--ember);
  }
`;

const Acts = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
`;

/** Description and drawing of an item. */
function shown(
  thing: Equipment,
  w: Words,
  widestMm: number,
): { readonly lines: readonly string[]; readonly picture: ReactNode } {
  switch (thing.list) {
    case 'pots': {
      const { item } = thing;
      const lids = item.lids.map((id) => w.name('lid', id));
      return {
        lines: [
          potSize(w, item),
          w.text('kitchen.potHolds', {
            volume: w.quantity(potVolumeL(potShape(item)), 'volume'),
            weight: w.quantity(item.massKg, 'mass'),
            material: w.text(`material.${item.material}`),
          }),
          lids.length > 0 ? w.list(lids) : w.text('kitchen.noLid'),
        ],
        picture: <PotFromAbove pot={item} widestMm={widestMm} figure={false} />,
      };
    }
    case 'pans': {
      const { item } = thing;
      return {
        lines: [
          w.text('kitchen.panIs', {
            length: w.quantity(item.lengthMm, 'length'),
            width: w.quantity(item.widthMm, 'length'),
            shape: item.shape,
            weight: w.quantity(item.massKg, 'mass'),
            material: w.text(`material.${item.material}`),
          }),
        ],
        picture: <PotFromAbove pot={item} widestMm={widestMm} figure={false} />,
      };
    }
    case 'ovens':
      return { lines: [w.text(`ovenFields.kind.${thing.item.kind}`)], picture: <Flame size={40} aria-hidden /> };
    case 'burners':
      return {
        lines: [
          w.text('kitchen.burnerIs', {
            kind: w.text(`burner.${thing.item.kind}`),
            power: w.quantity(thing.item.powerW, 'power'),
          }),
        ],
        picture: <Flame size={40} aria-hidden />,
      };
  }
}

/** The widest pot or pan, mm. */
const widest = ({ pots, pans }: Kitchen): number =>
  Math.max(...[...pots, ...pans].flatMap((p) => [p.lengthMm, p.widthMm]));

interface OpenThing {
  readonly thing: Equipment;
  readonly isNew: boolean;
}

/** The equipment: pots, pans, ovens and burners, each added, edited and deleted here. */
export function KitchenScreen({ first }: { readonly first: Kitchen }) {
  const w = useWords();
  const feet = useUnits().weight === 'us';
  const [kitchen, setKitchen] = useState(first);
  const [open, setOpen] = useState<OpenThing>();
  const [fault, setFault] = useState<string>();
  const [said, setSaid] = useState('');
  const change = async (what: KitchenChange, done: string): Promise<boolean> => {
    const sent = await send<Kitchen>('PUT', '/api/kitchen', what);
    if (!sent.ok) {
      setFault(w.say(sent.says));
      return false;
    }
    setKitchen(sent.data);
    setFault(undefined);
    setSaid(done);
    return true;
  };
  const keep = async (thing: Equipment): Promise<void> => {
    const name = thing.item.name.trim();
    const named = { ...thing, item: { ...thing.item, name } } as Equipment;
    if (await change({ keep: named }, w.text('kitchen.kept', { name }))) setOpen(undefined);
  };
  const [low, high] = LIMITS.altitudeM;
  return (
    <Page>
      <PageHead>
        <h1>{kitchen.name}</h1>
        <Mute role="status">{said}</Mute>
      </PageHead>
      {fault === undefined || open ? null : <FaultNote role="alert">{fault}</FaultNote>}
      {EQUIPMENT_LISTS.map((list) => (
        <Panel key={list} aria-labelledby={list}>
          <h2 id={list}>{w.text(`kitchen.${list}`)}</h2>
          <Mute>{w.text(`kitchen.${list}.why`)}</Mute>
          <Cards>
            {thingsOf(kitchen, list).map((thing) => {
              const { lines, picture } = shown(thing, w, widest(kitchen));
              const { id, name } = thing.item;
              return (
                <li key={id}>
                  <Shown>
                    {picture}
                    <div>
                      <b>{name}</b>
                      {lines.map((line) => (
                        <p key={line}>{line}</p>
                      ))}
                    </div>
                  </Shown>
                  <Acts>
                    <Button
                      aria-label={w.text('kitchen.changeIt', { name })}
                      onPress={() => {
                        setFault(undefined);
                        setOpen({ thing, isNew: false });
                      }}
                    >
                      {w.text('kitchen.change')}
                    </Button>
                    {kitchen[list].length > MIN_OF[list] ? (
                      <ConfirmButton
                        label={w.text('kitchen.removeIt', { name })}
                        question={w.text('kitchen.removeAsk', { name })}
                        consequence={w.text('kitchen.removeMeans')}
                        verb={w.text('kitchen.remove')}
                        onConfirm={() => void change({ drop: { list, id } }, w.text('kitchen.removed', { name }))}
                      >
                        <Trash2 size={18} aria-hidden />
                      </ConfirmButton>
                    ) : null}
                  </Acts>
                </li>
              );
            })}
          </Cards>
          <Button
            onPress={() => {
              setFault(undefined);
              setOpen({ thing: blank(list, w), isNew: true });
            }}
          >
            <Plus size={18} aria-hidden /> {w.text(`kitchen.add.${list}`)}
          </Button>
        </Panel>
      ))}
      <Panel aria-labelledby="own">
        <h2 id="own">{w.text('kitchen.own')}</h2>
        <Mute>{w.text(kitchen.own.length > 0 ? 'kitchen.own.why' : 'kitchen.own.none')}</Mute>
        <OwnList>
          {kitchen.own.map((id) => {
            const thing = findCustom(id);
            return thing === undefined ? null : (
              <li key={id}>
                <span>
                  <b>{thing.name}</b> {w.text('kitchen.own.like', { like: nameOf(thing.table, thing.like) })}
                </span>
                <Button
                  aria-label={w.text('kitchen.own.forget', { name: thing.name })}
                  onPress={() => void change({ dropOwn: id }, w.text('kitchen.own.forgotten', { name: thing.name }))}
                >
                  <Trash2 size={18} aria-hidden />
                </Button>
              </li>
            );
          })}
        </OwnList>
      </Panel>
      <Panel aria-labelledby="place">
        <h2 id="place">{w.text('kitchen.place')}</h2>
        <PlaceFields
          key={`${kitchen.name} ${String(kitchen.altitudeM)}`}
          kitchen={kitchen}
          feet={feet}
          limits={[low, high]}
          onKeep={(part) => void change(part, w.text('kitchen.placeKept'))}
        />
      </Panel>
      <Panel aria-labelledby="keeping">
        <h2 id="keeping">{w.text('kitchen.keeping')}</h2>
        <Mute>{w.text('kitchen.keeping.why')}</Mute>
        <KeepingFields
          keeping={kitchen.keeping}
          onChange={(keeping) => void change({ keeping }, w.text('kitchen.keeping.kept'))}
        />
      </Panel>
      {open ? (
        <Sheet
          title={w.text(open.isNew ? `kitchen.add.${open.thing.list}` : 'kitchen.changeIt', {
            name: open.thing.item.name,
          })}
          isOpen
          onClose={() => {
            setOpen(undefined);
          }}
        >
          <Fields
            thing={open.thing}
            onChange={(thing) => {
              setOpen({ ...open, thing });
            }}
          />
          {fault === undefined ? null : <FaultNote role="alert">{fault}</FaultNote>}
          <Acts>
            <Button $tone="main" isDisabled={!isWhole(open.thing)} onPress={() => void keep(open.thing)}>
              {w.text('kitchen.keep')}
            </Button>
          </Acts>
        </Sheet>
      ) : null}
    </Page>
  );
}

interface PlaceProps {
  readonly kitchen: Kitchen;
  readonly feet: boolean;
  readonly limits: readonly [low: number, high: number];
  readonly onKeep: (part: Pick<KitchenChange, 'name' | 'altitudeM'>) => void;
}

/** The kitchen's name and altitude. */
function PlaceFields({ kitchen, feet, limits: [low, high], onKeep }: PlaceProps) {
  const w = useWords();
  const [name, setName] = useState(kitchen.name);
  const [altitudeM, setAltitudeM] = useState(kitchen.altitudeM);
  const fits = altitudeM >= low && altitudeM <= high;
  const changed = name !== kitchen.name || altitudeM !== kitchen.altitudeM;
  return (
    <>
      <FieldRow>
        <TextField label={w.text('kitchen.name')} value={name} onChange={setName} />
        <NumberField
          label={w.text('heatForm.heightAboveTheSea')}
          unit={feet ? 'ft' : 'm'}
          step={feet ? 100 : 50}
          value={feet ? Math.round(altitudeM / M_PER_FOOT) : altitudeM}
          error={
            fits
              ? undefined
              : w.text('potFields.limits', { least: w.quantity(low, 'altitude'), most: w.quantity(high, 'altitude') })
          }
          onChange={(height) => {
            setAltitudeM(feet ? height * M_PER_FOOT : height);
          }}
        />
      </FieldRow>
      <p style={{ margin: '6px 0 10px' }}>
        <Mute>{w.text('heatForm.higherUpWaterBoilsCooler')}</Mute>
      </p>
      <Button
        isDisabled={!changed || !fits || name.trim() === ''}
        onPress={() => {
          onKeep({ name: name.trim(), altitudeM });
        }}
      >
        {w.text('kitchen.keep')}
      </Button>
    </>
  );
}
