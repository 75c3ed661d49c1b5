'use client';

import { FileText } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { jsonLdBlocks } from './jsonLdBlocks';
import { CHOICES, fillsUp, LEAVE, measureOf, openOn, type Settled, settledFrom, takenOf } from './settle';
import { asHeatMode, HEAT_SCHOOLS } from '../schools';
import { recipeIn } from '@/contract/recipe';
import { type Kitchen } from '@/contract/plan';
import { planFromRecipe } from '@/core/intake/plan';
import { type ReadRecipe, readRecipe } from '@/core/intake/recipe';
import { checkPlanInput } from '@/core/plan/check';
import { heatMode, heatOf, MODES, type PlanHeat } from '@/core/plan/heats';
import { Button, linkButton } from '@/ui/controls/Button';
import { FieldRow, LabelText } from '@/ui/controls/frame';
import { NumberField } from '@/ui/controls/NumberField';
import { CautionNote, FaultNote, Mute, Page, PageHead, Panel } from '@/ui/controls/Panel';
import { QuantityField } from '@/ui/controls/QuantityField';
import { SelectField } from '@/ui/controls/SelectField';
import { TextField } from '@/ui/controls/TextField';
import { useSay } from '@/ui/KitchenContext';
import { send } from '@/ui/send';
import { duration } from '@/ui/time';

const BackLink = styled(Link)`
  ${linkButton('plain')}
`;

const Source = styled.div`
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
    font-size: 15px;
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
    font-size: 14px;
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
  font-size: 15px;
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
    font-size: 14px;
  }
`;

interface Settling {
  readonly read: ReadRecipe;
  readonly title: string;
  readonly eaters: number;
  readonly heat: PlanHeat;
  readonly lines: readonly Settled[];
}

const USUAL_EATERS = 4;

function settlingFrom(read: ReadRecipe): Settling {
  return {
    read,
    title: read.title,
    eaters: read.eaters?.value ?? USUAL_EATERS,
    heat: read.heat?.value ?? heatOf('still', MODES.still.usualC),
    lines: read.lines.map(settledFrom),
  };
}

interface RecipeImportProps {
  readonly kitchen: Kitchen;
  readonly serveAtMs: number;
}

/** A schema.org recipe, by file or pasted, turned into a plan: what was not understood is settled line by line. */
export function RecipeImport({ kitchen, serveAtMs }: RecipeImportProps) {
  const [text, setText] = useState('');
  const [fault, setFault] = useState<string>();
  const [settling, setSettling] = useState<Settling>();
  const take = (source: string): void => {
    const found = recipeIn(source, jsonLdBlocks);
    setFault(found.ok ? undefined : found.message);
    setSettling(found.ok ? settlingFrom(readRecipe(found.recipe)) : undefined);
  };
  return (
    <Page>
      <PageHead>
        <h1>A plan from a recipe</h1>
        <div>
          <BackLink href="/plan">All plans</BackLink>
        </div>
      </PageHead>
      {settling ? (
        <Settle
          settling={settling}
          kitchen={kitchen}
          serveAtMs={serveAtMs}
          change={(part) => {
            setSettling({ ...settling, ...part });
          }}
          onAgain={() => {
            setSettling(undefined);
          }}
        />
      ) : (
        <Panel>
          <Source>
            <p>
              Save a recipe’s page, or copy its JSON-LD: meat, weights, liquids, heat and time are read out of it here,
              on this machine, and nothing is fetched. What is not understood is yours to settle.
            </p>
            <FileTrigger
              acceptedFileTypes={['.json', '.jsonld', '.html', '.htm', 'application/ld+json', 'text/html']}
              onSelect={(files) => {
                void files?.[0]?.text().then(take);
              }}
            >
              <Button>
                <FileText size={18} aria-hidden /> Choose a file
              </Button>
            </FileTrigger>
            <label>
              <LabelText as="span">Or paste it</LabelText>
              <textarea
                value={text}
                onChange={(e) => {
                  setText(e.target.value);
                }}
                spellCheck={false}
              />
            </label>
            {fault === undefined ? null : <FaultNote role="alert">{fault}</FaultNote>}
            <Button
              $tone="main"
              isDisabled={text.trim() === ''}
              onPress={() => {
                take(text);
              }}
            >
              Read it
            </Button>
          </Source>
        </Panel>
      )}
    </Page>
  );
}

interface SettleProps {
  readonly settling: Settling;
  readonly kitchen: Kitchen;
  readonly serveAtMs: number;
  readonly change: (part: Partial<Settling>) => void;
  readonly onAgain: () => void;
}

function Settle({ settling, kitchen, serveAtMs, change, onAgain }: SettleProps) {
  const router = useRouter();
  const say = useSay();
  const [fault, setFault] = useState<string>();
  const { read, title, eaters, heat, lines } = settling;
  const mode = heatMode(heat);
  const open = lines.filter((l) => openOn(l) !== '').length;
  const meats = lines.filter((l) => l.choice.startsWith('cut:')).length;
  const blocked =
    meats === 0
      ? 'No line is meat yet: a braise needs some.'
      : open > 0
        ? `${String(open)} ${open === 1 ? 'line is' : 'lines are'} still open.`
        : title.trim() === ''
          ? 'It needs a name.'
          : '';

  const make = async (): Promise<void> => {
    const input = planFromRecipe({ title: title.trim(), eaters, heat, taken: takenOf(lines) }, kitchen, serveAtMs);
    const basic = checkPlanInput(input, 0).find((f) => f.field === 'eaters' || f.field === 'heat.tempC');
    if (basic) {
      setFault(say(basic.message));
      return;
    }
    const sent = await send<{ id: string }>('POST', '/api/plans', { input });
    if (sent.ok) router.push(`/plan/${sent.data.id}`);
    else setFault(sent.message);
  };

  return (
    <>
      <Panel aria-labelledby="what">
        <h2 id="what" style={{ fontSize: 20 }}>
          What it is
        </h2>
        <Top>
          <TextField
            label="Name of the dish"
            value={title}
            onChange={(value) => {
              change({ title: value });
            }}
          />
          <div>
            <NumberField
              label="At the table"
              step={1}
              value={eaters}
              onChange={(value) => {
                change({ eaters: value });
              }}
            />
            <blockquote>
              {read.eaters ? `“${read.eaters.from}”` : `It does not say: ${String(USUAL_EATERS)} are assumed.`}
            </blockquote>
          </div>
          <div>
            <FieldRow>
              <SelectField
                label="Where"
                value={mode}
                sections={[{ options: HEAT_SCHOOLS.map((s) => ({ id: s.id, label: s.name, why: s.why })) }]}
                onChange={(id) => {
                  const next = asHeatMode(id);
                  change({
                    heat: heatOf(next, MODES[next].place === MODES[mode].place ? heat.tempC : MODES[next].usualC),
                  });
                }}
              />
              <QuantityField
                label={MODES[mode].setTo}
                dimension="temperature"
                value={heat.tempC}
                onChange={(tempC) => {
                  change({ heat: { ...heat, tempC } });
                }}
              />
            </FieldRow>
            <blockquote>
              {read.heat ? `“${read.heat.from}”` : 'It names no heat: this kitchen’s usual is assumed.'}
            </blockquote>
            {read.unsure.map((u) => (
              <blockquote key={u}>{say(u)}</blockquote>
            ))}
          </div>
          <div>
            <p>
              {read.minutes
                ? `It wants ${duration(read.minutes.value[0])}${read.minutes.value[1] > read.minutes.value[0] ? ` to ${duration(read.minutes.value[1])}` : ''} in the pot.`
                : 'It gives no time in the pot.'}{' '}
              The plan does not copy that: it forecasts the time from cut, size, pot and heat, and says how sure it is.
            </p>
            {read.minutes ? <blockquote>“{read.minutes.from}”</blockquote> : null}
          </div>
        </Top>
      </Panel>
      <Panel aria-labelledby="lines">
        <h2 id="lines" style={{ fontSize: 20 }}>
          Line by line{' '}
          <Mute style={{ fontWeight: 400 }}>· left what the recipe says, right what the plan takes it for</Mute>
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
        <Mute>
          Stock and water fill up to the level your pot asks for, so their amount is not copied. Weights counted or
          taken from cups are usual ones: put in your own.
        </Mute>
      </Panel>
      {read.steps.length > 0 ? (
        <Panel aria-labelledby="method">
          <h2 id="method" style={{ fontSize: 20 }}>
            Its method{' '}
            <Mute style={{ fontWeight: 400 }}>· bold: heat or time was read there; the plan writes its own steps</Mute>
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
              Make the plan
            </Button>
            <Button onPress={onAgain}>Another recipe</Button>
          </div>
        </Source>
      </Panel>
    </>
  );
}

function Line({ line, change }: { line: Settled; change: (line: Settled) => void }) {
  const say = useSay();
  const open = openOn(line);
  const measure = measureOf(line.choice);
  const amount = (value: number): void => {
    change({ ...line, amount: value, assumed: '' });
  };
  return (
    <li data-open={open === '' ? undefined : ''} data-out={line.choice === LEAVE ? '' : undefined}>
      <span>
        {line.text}
        {open === '' ? null : <small>{open}</small>}
        {line.assumed === '' || open !== '' ? null : <small>{say(line.assumed)}</small>}
        {fillsUp(line.choice) ? <small>fills up to the pot’s own level</small> : null}
      </span>
      <SelectField
        label={`What is “${line.text}”?`}
        hideLabel
        placeholder="say what it is…"
        value={line.choice}
        sections={CHOICES}
        onChange={(choice) => {
          // Of another measure the old number would mean something else.
          const same = measureOf(choice) === measure;
          change({ ...line, choice, amount: same ? line.amount : Number.NaN, assumed: same ? line.assumed : '' });
        }}
      />
      {measure === 'mass' || measure === 'volume' ? (
        <QuantityField
          label={`How much, ${line.text}`}
          hideLabel
          dimension={measure}
          value={line.amount}
          onChange={amount}
        />
      ) : measure === 'count' || measure === 'grams' ? (
        <NumberField
          label={`How much, ${line.text}`}
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
