'use client';

import { useState } from 'react';
import styled from 'styled-components';
import { Body, type PanelProps, Part, StepList } from './common';
import { RESULT_WORDS } from '../forms/MeatForm';
import { cutsFor } from '@/core/buy/buy';
import { etaOf } from '@/core/forecast/forecast';
import { cutById, type Species } from '@/core/larder/cuts';
import { usualMeat } from '@/core/plan/start';
import { formatFigure } from '@/core/explain/figure';
import { formatMinutes } from '@/core/quantity/format';
import { Button } from '@/ui/controls/Button';
import { Mute } from '@/ui/controls/Panel';
import { SelectField } from '@/ui/controls/SelectField';
import { Figures, Why } from '@/ui/controls/Why';
import { ForkScale } from '@/ui/drawings/ForkScale';
import { useSay, useUnits } from '@/ui/KitchenContext';
import { clock } from '@/ui/time';

const SHOWN = 6;

const Advice = styled.ul`
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 12px;
    align-items: center;
    padding: 6px 0;
    border-top: 1px solid var(--line);
    font-size: 15px;
  }
  small {
    color: var(--mute);
    font-size: 14px;
  }
`;

/** Cuts that would do for the wanted result, and swapping one in. */
function OtherCuts({ input, plan, change }: PanelProps) {
  const own = cutById(input.meat.cutId);
  const [species, setSpecies] = useState<Species | 'any'>('any');
  const advice = cutsFor(input.result, species === 'any' ? undefined : species)
    .filter((a) => a.cut.id !== own.id)
    .slice(0, SHOWN);
  const kinds = [...new Set(cutsFor(input.result).map((a) => a.cut.species))];
  const slower = (cookValue: number): string => {
    const ratio = cookValue / own.cookValue.twists;
    if (ratio > 1.15) return 'takes longer';
    return ratio < 0.85 ? 'is sooner done' : 'takes about as long';
  };
  return (
    <Part>
      <h3>Another cut for {RESULT_WORDS[input.result].name.toLowerCase()}</h3>
      <SelectField
        label="Animal"
        value={species}
        sections={[
          {
            options: [
              { id: 'any', label: 'Any' },
              ...kinds.map((k) => ({ id: k, label: k.charAt(0).toUpperCase() + k.slice(1) })),
            ],
          },
        ]}
        onChange={(id) => {
          setSpecies(id as Species | 'any');
        }}
      />
      <Advice>
        {advice.map((a) => (
          <li key={a.cut.id}>
            <span>
              <b>{a.label}</b>
              <br />
              <small>
                {a.why}; {slower(a.cookValue)}
              </small>
            </span>
            <Button
              onPress={() => {
                change({ meat: usualMeat(a.cut.id, plan.input.eaters) });
              }}
            >
              Swap in
            </Button>
          </li>
        ))}
      </Advice>
    </Part>
  );
}

export function MeatPanel(props: PanelProps) {
  const { plan, timeZone } = props;
  const say = useSay();
  const units = useUnits();
  const cut = cutById(plan.cutId);
  const { buy, prep } = plan;
  const at = (stage: 'drags' | 'gives' | 'twists' | 'falls' | 'strings'): string => {
    const eta = etaOf(plan.forecast, stage).p50;
    return Number.isFinite(eta) ? clock(plan.day.intoPotMs + eta * 60_000, timeZone) : 'not by then';
  };
  return (
    <Body>
      <ForkScale
        marked={plan.forecast.target}
        notes={{
          holds: clock(plan.day.intoPotMs, timeZone),
          drags: at('drags'),
          gives: at('gives'),
          twists: at('twists'),
          falls: at('falls'),
          strings: at('strings'),
        }}
      />
      <p>
        <b>Ready:</b> {cut.donenessSign}. <b>What holds it together:</b> {cut.connectiveNote}.
      </p>
      <Part>
        <h3>What to buy</h3>
        <Figures
          figures={[
            buy.wanted,
            buy.toBuy,
            buy.plates,
            buy.edible,
            buy.served,
            ...(buy.pricePerPlate ? [buy.pricePerPlate] : []),
          ]}
        />
        {buy.other ? <p>{say(buy.other.says)}</p> : null}
        {plan.trotterKg > 0 ? (
          <p>
            This meat is poor in gelatin: {say(`${plan.trotterKg.toFixed(2)} kg`)} of split trotter in the pot gives the
            sauce body; lift it out at the end.
          </p>
        ) : null}
        <p>
          <b>At the counter:</b> {buy.counter.join(' ')}
        </p>
      </Part>
      <Part>
        <h3>Getting it ready</h3>
        <StepList>
          {prep.steps.map((s, i) => (
            <li key={`${s.id}-${String(i)}`}>
              <strong>{say(s.title)}</strong>
              <b>{formatMinutes(s.minutes)}</b>
              <small>{say(s.says)}</small>
              {s.figures.map((f) => (
                <small key={f.label}>
                  {f.label}: {formatFigure(f, units)} <Why figure={f} />
                </small>
              ))}
            </li>
          ))}
        </StepList>
      </Part>
      <OtherCuts {...props} />
      <Mute>
        {cut.source} Confidence in this cut: {cut.confidence}.
      </Mute>
    </Body>
  );
}
