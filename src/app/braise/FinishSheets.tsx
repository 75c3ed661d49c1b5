'use client';

import { type ReactNode, useState } from 'react';
import styled from 'styled-components';
import { type SheetProps, SheetActions, useSubmit } from './RecordSheets';
import { THICKNESS_LEVELS, type Thickness } from '@/core/choices';
import { cautionFor } from '@/core/cautions';
import {
  type CookState,
  coolingNow,
  holdNow,
  OFF_HEAT_C,
  sauceNow,
  saltSays,
  STORE_PLACES,
  type StorePlace,
} from '@/core/cook';
import { SAUCE_ADDITIONS, putUnit, type SauceAddition } from '@/core/finish';
import { bagFreezesMin, COOL_WAYS, HOLD_WAYS } from '@/core/storage';
import { kg, litres as volume, say } from '@/core/message';
import { Button } from '@/ui/controls/Button';
import { FieldRow } from '@/ui/controls/frame';
import { NumberField } from '@/ui/controls/NumberField';
import { CautionNote, FaultNote, Mute } from '@/ui/controls/Panel';
import { QuantityField } from '@/ui/controls/QuantityField';
import { ChoiceField } from '@/ui/controls/ChoiceField';
import { SelectField } from '@/ui/controls/SelectField';
import { OptionCards } from '@/ui/controls/OptionCards';
import { useNow, useWords } from '@/ui/KitchenContext';
import { MINUTE_MS } from '@/core/quantity';
import { SAFETY_LIMITS } from '@/core/safety';

const Ways = styled.div`
  display: grid;
  gap: 8px;
  button {
    justify-content: flex-start;
    text-align: left;
    min-height: 56px;
  }
`;

const Counts = styled.ul`
  display: grid;
  gap: 10px;
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 130px;
    gap: 10px;
    align-items: end;
  }
`;

/** A bag laid flat, m. */
const BAG_M = 0.025;

function Fault({ fault }: { fault: string | undefined }) {
  return fault === undefined ? null : <FaultNote role="alert">{fault}</FaultNote>;
}

/** How it is kept warm, and its temperature if measured. */
export function HoldSheet({ plan, state, live, onRecord }: SheetProps) {
  const w = useWords();
  const now = useNow(MINUTE_MS);
  const [tempC, setTempC] = useState<number>();
  const [fault, submit] = useSubmit(onRecord);
  const estimateC = Math.round(holdNow(plan, state, live, now)?.tempC ?? OFF_HEAT_C);
  return (
    <>
      {tempC === undefined ? (
        <Button
          onPress={() => {
            setTempC(estimateC);
          }}
        >
          {w.text('hold.measure')}
        </Button>
      ) : (
        <QuantityField
          label={w.text('hold.measured')}
          dimension="temperature"
          value={tempC}
          error={fault}
          onChange={setTempC}
        />
      )}
      <p>{w.text('hold.ask')}</p>
      <Ways>
        {HOLD_WAYS.map((way) => (
          <Button
            key={way}
            onPress={() => {
              submit({ kind: 'hold', way, ...(tempC !== undefined && { tempC }) });
            }}
          >
            {w.text(`hold.${way}`)}
          </Button>
        ))}
      </Ways>
      <CautionNote>{w.say(cautionFor('hold', plan.input.keeping.rule))}</CautionNote>
    </>
  );
}

/** How much sauce there is, by depth or jug, and how it coats a spoon. */
export function SauceSheet({ plan, state, live, onRecord }: SheetProps) {
  const w = useWords();
  const now = useNow(MINUTE_MS);
  const known = sauceNow(plan, state, live, now);
  const [litres, setLitres] = useState(Math.round(known.sauce.litres * 100) / 100);
  const [rung, setRung] = useState<Thickness | ''>('');
  const [fault, submit] = useSubmit(onRecord);
  return (
    <>
      <p>
        {w.text('record.sauce.how', {
          litres: volume(known.sauce.litres),
          depth: { as: 'length', value: known.now.depthMm },
        })}
      </p>
      <QuantityField label={w.text('record.sauce.litres')} dimension="volume" value={litres} onChange={setLitres} />
      <OptionCards
        label={w.text('record.sauce.rung')}
        columns={2}
        value={rung}
        ways={THICKNESS_LEVELS.map((id) => ({ id, name: w.title(say(`rung.${id}`)), why: w.text(`rung.${id}.sign`) }))}
        onChange={(id) => {
          setRung(id as Thickness);
        }}
      />
      <Fault fault={fault} />
      <SheetActions>
        <Button
          $tone="main"
          onPress={() => {
            submit({ kind: 'sauce', litres, rung: rung === '' ? null : rung });
          }}
        >
          {w.text('record.sauce.record')}
        </Button>
      </SheetActions>
    </>
  );
}

/** What went in, by weight or volume; or fat that came off. */
export function PutSheet({ plan, state, live, onRecord }: SheetProps) {
  const w = useWords();
  const now = useNow(MINUTE_MS);
  const known = sauceNow(plan, state, live, now);
  const usual: Partial<Record<SauceAddition, number>> = {
    salt: Math.max(0, Math.round(known.saltMissingG * 5) / 10),
    fatOff: Math.round((known.sauce.fatL - live.finished.fatLeftL) * 1000),
    ...(known.dose && { [known.dose.by]: Math.round(known.dose.firstG * 2) / 2 }),
  };
  const [thing, setThing] = useState<SauceAddition>('salt');
  const [amount, setAmount] = useState(usual.salt ?? 0);
  const [fault, submit] = useSubmit(onRecord);
  return (
    <>
      <ChoiceField
        label={w.text('record.put.what')}
        value={thing}
        ids={SAUCE_ADDITIONS}
        name={(id) => w.title(say(`put.${id}`))}
        onChange={(id) => {
          setThing(id);
          setAmount(Math.max(0, usual[id] ?? 0));
        }}
      />
      <NumberField
        label={w.text('record.put.amount')}
        unit={putUnit(thing)}
        step={1}
        value={amount}
        error={fault}
        onChange={setAmount}
      />
      {thing === 'salt' && amount > 0 ? <Mute>{w.say(saltSays(plan, amount))}</Mute> : null}
      <SheetActions>
        <Button
          $tone="main"
          isDisabled={!(amount > 0)}
          onPress={() => {
            submit({ kind: 'put', thing, amount });
          }}
        >
          {w.text('record.put.record')}
        </Button>
      </SheetActions>
    </>
  );
}

/** Pieces counted out of the pot, by name, next to what was counted in. */
export function CountedSheet({ plan, state, onRecord }: SheetProps) {
  const w = useWords();
  const [out, setOut] = useState<readonly number[]>(state.counted ?? plan.countOut.map((c) => c.count));
  const missing = plan.countOut.filter((c, i) => (out[i] ?? 0) < c.count);
  return (
    <>
      <p>{w.text('record.counted.how')}</p>
      <Counts>
        {plan.countOut.map((c, i) => (
          <li key={JSON.stringify(c.what)}>
            <span>{w.title(say('recipe.times', { count: c.count, what: c.what }))}</span>
            <NumberField
              label={w.text('record.counted.out', { what: c.what })}
              value={out[i] ?? 0}
              step={1}
              onChange={(n) => {
                setOut(out.map((old, k) => (k === i ? Math.max(0, Math.round(n)) : old)));
              }}
            />
          </li>
        ))}
      </Counts>
      {missing.length > 0 ? <FaultNote role="alert">{w.text('record.counted.missing')}</FaultNote> : null}
      <CautionNote>{w.say(cautionFor('serve', plan.input.keeping.rule))}</CautionNote>
      <SheetActions>
        <Button
          $tone="main"
          onPress={() => {
            onRecord({ kind: 'counted', out: [...out] });
          }}
        >
          {w.text('record.counted.record')}
        </Button>
      </SheetActions>
    </>
  );
}

/** Choices for how long ago it was, min: leftovers are often recorded late. */
const AGO_MIN = [0, 15, 30, 60, 90, 120, 180, 240, 360, 480, 600] as const;

/** When it happened, no earlier than coming off the heat or the end of the meal; hidden if that was just now. */
function useAgo({ servedMs, offHeatMs }: CookState): readonly [agoMin: number, field: ReactNode] {
  const w = useWords();
  const [agoMin, setAgoMin] = useState(0);
  const now = useNow(MINUTE_MS);
  const sinceMin = (now - (servedMs ?? offHeatMs ?? now)) / MINUTE_MS;
  const options = AGO_MIN.filter((ago) => ago === 0 || ago < sinceMin);
  return [
    agoMin,
    options.length < 2 ? null : (
      <SelectField
        label={w.text('record.when')}
        value={String(agoMin)}
        sections={[
          {
            options: options.map((ago) => ({
              id: String(ago),
              label: ago === 0 ? w.text('common.now') : w.text('record.ago', { time: w.quantity(ago, 'minutes') }),
            })),
          },
        ]}
        onChange={(id) => {
          setAgoMin(Number(id));
        }}
      />
    ),
  ];
}

/** How it is cooled, each method against the local limit. */
export function CoolingSheet({ plan, state, live, onRecord }: SheetProps) {
  const w = useWords();
  const [agoMin, when] = useAgo(state);
  const { ways, iceKg } = coolingNow(plan, state, live, useNow(MINUTE_MS) - agoMin * MINUTE_MS);
  return (
    <>
      <p>{w.text('cooling.ask')}</p>
      {when}
      <Ways>
        {COOL_WAYS.map((way) => {
          const found = ways.find((c) => c.way === way);
          return (
            <Button
              key={way}
              onPress={() => {
                onRecord({ kind: 'cooling', way }, agoMin);
              }}
            >
              <span>
                <b>
                  {w.text(`cooling.${way}`, { ice: kg(iceKg), box: { as: 'length', value: plan.input.keeping.boxMm } })}
                </b>
                <br />
                {w.text(found?.safe === true ? 'cooling.meets' : 'cooling.misses')}
              </span>
            </Button>
          );
        })}
      </Ways>
      <CautionNote>{w.say(cautionFor('store', plan.input.keeping.rule))}</CautionNote>
    </>
  );
}

/** Temperature of the hottest spot while cooling. */
export function CooledSheet({ onRecord }: SheetProps) {
  const w = useWords();
  const [tempC, setTempC] = useState(30);
  const [fault, submit] = useSubmit(onRecord);
  return (
    <>
      <p>{w.text('record.cooled.how')}</p>
      <QuantityField
        label={w.text('recordSheets.reading')}
        dimension="temperature"
        value={tempC}
        error={fault}
        onChange={setTempC}
      />
      <SheetActions>
        <Button
          $tone="main"
          onPress={() => {
            submit({ kind: 'cooled', tempC });
          }}
        >
          {w.text('recordSheets.recordTheReading')}
        </Button>
      </SheetActions>
    </>
  );
}

/** Boxes stored: how many, how heavy, where. */
export function StoredSheet({ plan, state, live, onRecord }: SheetProps) {
  const w = useWords();
  const known = sauceNow(plan, state, live, useNow(MINUTE_MS));
  // Starts from half left over, in as few boxes as possible; the cook enters what it really is.
  const leftKg = (live.finished.cookedKg + known.aimL) / 2;
  const fewest = Math.max(1, Math.ceil(leftKg / plan.input.keeping.boxL));
  const [boxes, setBoxes] = useState(fewest);
  const [weightKg, setWeightKg] = useState(Math.round((leftKg / fewest) * 20) / 20);
  const [place, setPlace] = useState<StorePlace>('fridge');
  const [agoMin, when] = useAgo(state);
  const [fault, submit] = useSubmit((act) => {
    onRecord(act, agoMin);
  });
  return (
    <>
      <p>{w.text('record.stored.how', { box: { as: 'length', value: plan.input.keeping.boxMm } })}</p>
      <FieldRow>
        <NumberField label={w.text('record.stored.boxes')} value={boxes} step={1} onChange={setBoxes} />
        <QuantityField label={w.text('record.stored.each')} dimension="mass" value={weightKg} onChange={setWeightKg} />
      </FieldRow>
      <OptionCards
        label={w.text('record.stored.where')}
        value={place}
        ways={STORE_PLACES.map((id) => ({
          id,
          name: w.text(`store.${id}`),
          why: w.text(`store.${id}.why`, {
            days: SAFETY_LIMITS[plan.input.keeping.rule].fridgeDays,
            time: { as: 'minutes', value: bagFreezesMin(BAG_M) },
          }),
        }))}
        onChange={(id) => {
          setPlace(id as StorePlace);
        }}
      />
      {when}
      <Fault fault={fault} />
      <CautionNote>{w.say(cautionFor('store', plan.input.keeping.rule))}</CautionNote>
      <SheetActions>
        <Button
          $tone="main"
          onPress={() => {
            submit({ kind: 'stored', boxes, grams: weightKg * 1000, place });
          }}
        >
          {w.text('record.stored.record')}
        </Button>
      </SheetActions>
    </>
  );
}
