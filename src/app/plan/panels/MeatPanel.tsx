'use client';

import { useState } from 'react';
import styled from 'styled-components';
import { Body, type PanelProps, Part, StepList } from './common';
import { cutsFor } from '@/core/buy';
import { donenessCue } from '@/core/steps';
import { etaOf } from '@/core/forecast';
import { cutById, type Species } from '@/core/larder';
import { defaultMeat } from '@/core/plan';
import { Button } from '@/ui/controls/Button';
import { Mute } from '@/ui/controls/Panel';
import { SelectField } from '@/ui/controls/SelectField';
import { Figures, Why } from '@/ui/controls/Why';
import { ForkScale } from '@/ui/drawings/ForkScale';
import { useWords } from '@/ui/KitchenContext';
import { say, ofRow } from '@/core/message';
import { MINUTE_MS } from '@/core/quantity';

const SHOWN = 6;

const Advice = styled.ul`
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 12px;
    align-items: center;
    padding: 6px 0;
    border-top: 1px solid var(--line);
    font-size: 0.9375rem;
  }
  small {
    color: var(--mute);
    font-size: 0.875rem;
  }
`;

/** Cuts that suit the wanted result, with a button to swap one in. */
function OtherCuts({ input, plan, change }: PanelProps) {
  const w = useWords();
  const own = cutById(input.meat.cutId);
  const [species, setSpecies] = useState<Species | 'any'>('any');
  const advice = cutsFor(input.result, species === 'any' ? undefined : species)
    .filter((a) => a.cut.id !== own.id)
    .slice(0, SHOWN);
  const kinds = [...new Set(cutsFor(input.result).map((a) => a.cut.species))];
  const slower = (cookValue: number): string => {
    const ratio = cookValue / own.cookValue.twists;
    if (ratio > 1.15) return w.text('otherCut.longer');
    return w.text(ratio < 0.85 ? 'otherCut.sooner' : 'otherCut.asLong');
  };
  return (
    <Part title={w.text('otherCut.head', { result: say(`result.${input.result}`) })}>
      <SelectField
        label={w.text('meatPanel.animal')}
        value={species}
        sections={[
          {
            options: [
              { id: 'any', label: w.text('meatPanel.any') },
              ...kinds.map((k) => ({ id: k, label: w.text(`species.${k}`) })),
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
              <b>{w.title(ofRow('cut', a.cut.id, 'full'))}</b>
              <br />
              <small>
                {w.say(a.why)}; {slower(a.cookValue)}
              </small>
            </span>
            <Button
              onPress={() => {
                change({ meat: defaultMeat(a.cut.id, plan.input.eaters) });
              }}
            >
              {w.text('meatPanel.swapIn')}
            </Button>
          </li>
        ))}
      </Advice>
    </Part>
  );
}

export function MeatPanel(props: PanelProps) {
  const { plan } = props;
  const w = useWords();
  const cut = cutById(plan.cutId);
  const { buy, prep } = plan;
  const at = (stage: 'drags' | 'gives' | 'twists' | 'falls' | 'strings'): string => {
    const eta = etaOf(plan.forecast, stage).p50;
    return Number.isFinite(eta) ? w.clock(plan.day.intoPotMs + eta * MINUTE_MS) : w.text('meatPanel.notByThen');
  };
  return (
    <Body>
      <ForkScale
        marked={plan.forecast.target}
        notes={{
          holds: w.clock(plan.day.intoPotMs),
          drags: at('drags'),
          gives: at('gives'),
          twists: at('twists'),
          falls: at('falls'),
          strings: at('strings'),
        }}
      />
      <p>
        <b>{w.text('meatPanel.ready')}</b> {w.say(donenessCue(cut.id, plan.forecast.target))}.
      </p>
      <Part title={w.text('meatPanel.whatHoldsItTogether')}>
        <p>{w.title(ofRow('cut', cut.id, 'connective'))}.</p>
        <Mute>
          {w.text('cut.source')} {w.text(`cut.confidence.${cut.confidence}`)}
        </Mute>
      </Part>
      <Part title={w.text('meatPanel.whatToBuy')}>
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
        {buy.other ? <p>{w.say(buy.other.says)}</p> : null}
        {plan.trotterKg > 0 ? (
          <p>{w.text('meatPanel.thisMeatIsPoorIn', { trotter: w.quantity(plan.trotterKg, 'mass') })}</p>
        ) : null}
        <p>
          <b>{w.text('meatPanel.atTheCounter')}</b> {buy.counter.map((m) => w.say(m)).join(' ')}
        </p>
      </Part>
      <Part title={w.text('common.gettingItReady')}>
        <StepList>
          {prep.steps.map((s, i) => (
            <li key={`${s.id}-${String(i)}`}>
              <strong>{w.title(s.title)}</strong>
              <b>{w.quantity(s.minutes, 'minutes')}</b>
              <small>{w.say(s.says)}</small>
              {s.figures.map((f) => (
                <small key={f.id}>
                  {w.about(f, 'label')}: {w.figure(f)} <Why figure={f} />
                </small>
              ))}
            </li>
          ))}
        </StepList>
      </Part>
      <OtherCuts {...props} />
    </Body>
  );
}
