'use client';

import { useMadeId } from '@/ui/useMadeId';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { choices, fillsUp, LEAVE, measureOf, openOn, type Settled, takenOf } from './resolveLines';
import { asHeatMode, heatOptionList } from '../techniqueOptions';
import { type Kitchen } from '@/contract/kitchen';
import { planFromRecipe, type ReadRecipe } from '@/core/intake';
import { checkPlanInput } from '@/core/plan';
import { heatMode, heatInstead, type PlanHeat } from '@/core/choices';
import { type Message } from '@/core/message';
import { Button } from '@/ui/controls/Button';
import { FieldRow } from '@/ui/controls/frame';
import { NumberField } from '@/ui/controls/NumberField';
import { CautionNote, FaultNote, Mute, Panel } from '@/ui/controls/Panel';
import { QuantityField } from '@/ui/controls/QuantityField';
import { SelectField } from '@/ui/controls/SelectField';
import { TextField } from '@/ui/controls/TextField';
import { useWords } from '@/ui/KitchenContext';
import { send } from '@/ui/send';
import { type Words } from '@/words/words';

export const Source = styled.div`
  display: grid;
  gap: 12px;
  justify-items: start;
  textarea {
    width: 100%;
    min-height: 150px;
    border: 2px solid var(--line);
    border-radius: 10px;
    padding: 10px 12px;
    background: var(--plate);
    color: var(--ink);
    font: inherit;
    font-size: 0.9375rem;
  }
  label {
    width: 100%;
  }
`;

const Lines = styled.ol`
  list-style: none;
  > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(220px, 320px) 150px;
    gap: 4px 18px;
    align-items: center;
    padding: 10px 0 10px 12px;
    border-top: 1px solid var(--line);
    border-left: 5px solid transparent;
  }
  > li[data-open] {
    border-left-color: var(--warn);
    background: var(--warn-ground);
  }
  > li[data-out] > span:first-child {
    text-decoration: line-through;
    color: var(--mute);
  }
  small {
    display: block;
    color: var(--mute);
    font-size: 0.875rem;
  }
  @media (max-width: 760px) {
    > li {
      grid-template-columns: minmax(0, 1fr);
    }
  }
`;

const Method = styled.ol`
  display: grid;
  gap: 8px;
  padding-left: 24px;
  font-size: 0.9375rem;
  li[data-used] {
    font-weight: 650;
  }
`;

const Top = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 14px 24px;
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
  }
  blockquote {
    margin: 4px 0 0;
    padding-left: 10px;
    border-left: 3px solid var(--line);
    color: var(--mute);
    font-size: 0.875rem;
  }
`;

export interface Settling {
  readonly read: ReadRecipe;
  readonly title: string;
  readonly eaters: number;
  readonly heat: PlanHeat;
  readonly lines: readonly Settled[];
}

export const USUAL_EATERS = 4;

/** Where something was found: a quote from the recipe, or our name for the place. */
function fromText(w: Words, from: string | Message): string {
  return typeof from === 'string' ? from : w.say(from);
}

interface SettleProps {
  readonly settling: Settling;
  readonly kitchen: Kitchen;
  readonly serveAtMs: number;
  readonly change: (part: Partial<Settling>) => void;
  readonly onAgain: () => void;
}

export function Settle({ settling, kitchen, serveAtMs, change, onAgain }: SettleProps) {
  const router = useRouter();
  const planIdFor = useMadeId();
  const w = useWords();
  const [fault, setFault] = useState<string>();
  const { read, title, eaters, heat, lines } = settling;
  const mode = heatMode(heat);
  const open = lines.filter((l) => openOn(l) !== undefined).length;
  const meats = lines.filter((l) => l.choice.startsWith('cut:')).length;
  const blocked =
    meats === 0
      ? w.text('recipeImport.noLineIsMeatYet')
      : open > 0
        ? w.text('recipeImport.stillOpen', { open })
        : title.trim() === ''
          ? w.text('recipeImport.itNeedsAName')
          : '';

  const make = async (): Promise<void> => {
    const input = planFromRecipe({ title: title.trim(), eaters, heat, taken: takenOf(lines) }, kitchen, serveAtMs);
    const basic = checkPlanInput(input, 0).find((f) => f.field === 'eaters' || f.field?.startsWith('course'));
    if (basic) {
      setFault(w.say(basic.says));
      return;
    }
    const sent = await send<{ id: string }>('POST', '/api/plans', { id: planIdFor(input), input });
    if (sent.ok) router.push(`/plan/${sent.data.id}`);
    else setFault(w.say(sent.says));
  };

  return (
    <>
      <Panel aria-labelledby="what">
        <h2 id="what" style={{ fontSize: 'calc(20rem / 16)' }}>
          {w.text('recipeImport.whatItIs')}
        </h2>
        <Top>
          <TextField
            label={w.text('common.nameOfTheDish')}
            value={title}
            onChange={(value) => {
              change({ title: value });
            }}
          />
          <div>
            <NumberField
              label={w.text('common.atTheTable')}
              step={1}
              value={eaters}
              onChange={(value) => {
                change({ eaters: value });
              }}
            />
            <blockquote>
              {read.eaters
                ? `“${fromText(w, read.eaters.from)}”`
                : w.text('recipeImport.itDoesNotSayAre', { usualEaters: USUAL_EATERS })}
            </blockquote>
          </div>
          <div>
            <FieldRow>
              <SelectField
                label={w.text('common.where')}
                value={mode}
                sections={[{ options: heatOptionList(w).map((s) => ({ id: s.id, label: s.name, why: s.why })) }]}
                onChange={(id) => {
                  const next = asHeatMode(id);
                  change({
                    heat: heatInstead(heat, next),
                  });
                }}
              />
              <QuantityField
                label={w.text(`field.heat.${mode}`)}
                dimension="temperature"
                value={heat.tempC}
                onChange={(tempC) => {
                  change({ heat: { ...heat, tempC } });
                }}
              />
            </FieldRow>
            <blockquote>
              {read.heat ? `“${fromText(w, read.heat.from)}”` : w.text('recipeImport.itNamesNoHeatThis')}
            </blockquote>
            {read.unsure.map((u) => (
              <blockquote key={JSON.stringify(u)}>{w.say(u)}</blockquote>
            ))}
          </div>
          <div>
            <p>
              {read.minutes
                ? w.text('recipeImport.itWants', {
                    time: w.range(read.minutes.value[0], read.minutes.value[1], 'minutes'),
                  })
                : w.text('recipeImport.itGivesNoTimeIn')}{' '}
              {w.text('recipeImport.thePlanDoesNotCopy')}
            </p>
            {read.minutes ? <blockquote>“{fromText(w, read.minutes.from)}”</blockquote> : null}
          </div>
        </Top>
      </Panel>
      <Panel aria-labelledby="lines">
        <h2 id="lines" style={{ fontSize: 'calc(20rem / 16)' }}>
          {w.text('recipeImport.lineByLine')}{' '}
          <Mute style={{ fontWeight: 400 }}>{w.text('recipeImport.leftWhatTheRecipeSays')}</Mute>
        </h2>
        <Lines>
          {lines.map((line, i) => (
            <Line
              key={`${String(i)}${line.text}`}
              line={line}
              change={(next) => {
                change({ lines: lines.map((l, j) => (j === i ? next : l)) });
              }}
            />
          ))}
        </Lines>
        <Mute>{w.text('recipeImport.stockAndWaterFillUp')}</Mute>
      </Panel>
      {read.steps.length > 0 ? (
        <Panel aria-labelledby="method">
          <h2 id="method" style={{ fontSize: 'calc(20rem / 16)' }}>
            {w.text('recipeImport.itsMethod')}{' '}
            <Mute style={{ fontWeight: 400 }}>{w.text('recipeImport.boldHeatOrTimeWas')}</Mute>
          </h2>
          <Method>
            {read.steps.map((s, i) => (
              <li
                key={`${String(i)}${s}`}
                data-used={s === read.heat?.from || s === read.minutes?.from ? '' : undefined}
              >
                {s}
              </li>
            ))}
          </Method>
        </Panel>
      ) : null}
      <Panel>
        <Source>
          {fault === undefined ? null : <FaultNote role="alert">{fault}</FaultNote>}
          {blocked === '' ? null : <CautionNote role="status">{blocked}</CautionNote>}
          <div style={{ display: 'flex', gap: 10, flexWrap: 'wrap' }}>
            <Button $tone="hands" isDisabled={blocked !== ''} onPress={() => void make()}>
              {w.text('recipeImport.makeThePlan')}
            </Button>
            <Button onPress={onAgain}>{w.text('recipeImport.anotherRecipe')}</Button>
          </div>
        </Source>
      </Panel>
    </>
  );
}

function Line({ line, change }: { line: Settled; change: (line: Settled) => void }) {
  const w = useWords();
  const open = openOn(line);
  const measure = measureOf(line.choice);
  const amount = (value: number): void => {
    change({ ...line, amount: value, assumed: [] });
  };
  return (
    <li data-open={open === undefined ? undefined : ''} data-out={line.choice === LEAVE ? '' : undefined}>
      <span>
        {line.text}
        {open === undefined ? null : <small>{w.say(open)}</small>}
        {line.assumed.length === 0 || open !== undefined ? null : (
          <small>
            {w.list(
              line.assumed.map((m) => w.say(m)),
              'semicolon',
            )}
          </small>
        )}
        {fillsUp(line.choice) ? <small>{w.text('recipeImport.fillsUpToThePots')}</small> : null}
      </span>
      <SelectField
        label={w.text('recipeImport.whatIs', { text: line.text })}
        hideLabel
        placeholder={w.text('recipeImport.sayWhatItIs')}
        value={line.choice}
        sections={choices(w)}
        onChange={(choice) => {
          // In another unit the old number would mean something else.
          const same = measureOf(choice) === measure;
          change({ ...line, choice, amount: same ? line.amount : Number.NaN, assumed: same ? line.assumed : [] });
        }}
      />
      {measure === 'mass' || measure === 'volume' ? (
        <QuantityField
          label={w.text('recipeImport.howMuch', { text: line.text })}
          hideLabel
          dimension={measure}
          value={line.amount}
          onChange={amount}
        />
      ) : measure === 'count' || measure === 'grams' ? (
        <NumberField
          label={w.text('recipeImport.howMuch', { text: line.text })}
          hideLabel
          step={measure === 'count' ? 1 : 0.5}
          decimals={measure === 'count' ? 0 : 1}
          {...(measure === 'grams' ? { unit: 'g' } : {})}
          value={line.amount}
          onChange={amount}
        />
      ) : (
        <span />
      )}
    </li>
  );
}
