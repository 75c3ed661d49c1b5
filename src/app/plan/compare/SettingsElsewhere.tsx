'use client';

import { type Remote } from 'comlink';
import { useCallback, useState } from 'react';
import styled from 'styled-components';
import { useWorked } from './useWorked';
import { mainStage, type PlanInput } from '@/core/choices';
import { minutes, tempC } from '@/core/message';
import { DialChart } from '@/ui/charts/DialChart';
import { Button } from '@/ui/controls/Button';
import { Mute, Panel } from '@/ui/controls/Panel';
import { useKitchen, useWords } from '@/ui/KitchenContext';
import { type PlanWorker } from '@/workers/plan.worker';
import { type Words } from '@/words/words';

type Found = Awaited<ReturnType<PlanWorker['elsewhere']>>;

const Cards = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(250px, 1fr));
  gap: 0 22px;
  > article {
    border-top: 2px solid var(--line);
    padding: 12px 0 16px;
    display: grid;
    gap: 8px;
    grid-template-rows: auto auto 1fr auto;
    justify-items: start;
  }
  h3 {
    font-size: 1.125rem;
  }
  dl {
    margin: 0;
    display: flex;
    flex-wrap: wrap;
    gap: 2px 16px;
    font-size: 0.9375rem;
  }
  dl > div {
    display: flex;
    gap: 6px;
  }
  dt {
    color: var(--mute);
  }
  dd {
    margin: 0;
    font-weight: 700;
  }
  ul {
    display: grid;
    gap: 6px;
    align-content: start;
    list-style: none;
    font-size: 0.9375rem;
  }
  small {
    display: block;
    color: var(--mute);
    font-size: 0.875rem;
    line-height: 1.3;
  }
`;

const Two = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 2fr);
  gap: 18px;
  align-items: center;
  margin-bottom: 12px;
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
  }
  p {
    font-size: 0.9375rem;
  }
`;

/** How little a hotter oven does to a covered pot, shown by the two ends of the dial. */
function dialText(w: Words, dial: Found['dial']): string {
  const cool = dial.find((p) => p.tempC >= 130);
  const hot = dial.find((p) => p.tempC >= 170);
  if (!cool || !hot) return '';
  return w.text('elsewhere.dial', {
    coolDial: tempC(cool.tempC),
    hotDial: tempC(hot.tempC),
    coolLiquid: tempC(cool.liquidC),
    hotLiquid: tempC(hot.liquidC),
    coolTime: minutes(cool.minutes),
    hotTime: minutes(hot.minutes),
  });
}

const Unfolded = styled.details`
  summary {
    cursor: pointer;
  }
  h2 {
    display: inline;
    font-size: 1.125rem;
  }
  > div {
    padding-top: 12px;
  }
`;

interface ElsewhereProps {
  readonly input: PlanInput;
  readonly onKeep: (input: PlanInput) => void;
}

/**
 * The same braise in every other place: the setting that takes as long, what changes and why; computed once unfolded.
 */
export function SettingsElsewhere(props: ElsewhereProps) {
  const w = useWords();
  const [open, setOpen] = useState(false);
  return (
    <Panel aria-labelledby="elsewhere">
      <Unfolded
        onToggle={(e) => {
          setOpen(e.currentTarget.open);
        }}
      >
        <summary>
          <h2 id="elsewhere">{w.text('elsewhere.takenElsewhere')}</h2>{' '}
          <Mute>{w.text('elsewhere.theSettingThatTakesAs')}</Mute>
        </summary>
        {open ? <Places {...props} /> : null}
      </Unfolded>
    </Panel>
  );
}

function Places({ input, onKeep }: ElsewhereProps) {
  const here = mainStage(input).heat;
  const { units } = useKitchen();
  const w = useWords();
  const { answer: found, failed } = useWorked(
    useCallback((worker: Remote<PlanWorker>) => worker.elsewhere(input), [input]),
  );
  return (
    <div aria-busy={found === undefined && !failed}>
      {failed ? (
        <p role="alert">{w.text('elsewhere.otherPlacesCouldNotBe')}</p>
      ) : found === undefined ? (
        <p>{w.text('elsewhere.tryingEverySetting')}</p>
      ) : null}
      {found ? (
        <>
          {found.dial.length > 1 ? (
            <Two>
              <p>{dialText(w, found.dial)}</p>
              <DialChart points={found.dial} setC={here.kind === 'oven' ? here.tempC : undefined} units={units} />
            </Two>
          ) : null}
          <Cards>
            {found.places.map((p) => (
              <article key={p.mode} aria-label={w.title(p.says)}>
                <h3>{w.title(p.says)}</h3>
                <dl>
                  <div>
                    <dt>{w.text('elsewhere.inThePot')}</dt>
                    <dd>{w.quantity(p.minutes, 'minutes')}</dd>
                  </div>
                  <div>
                    <dt>{w.text('elsewhere.liquid')}</dt>
                    <dd>{w.quantity(p.liquidC, 'temperature')}</dd>
                  </div>
                  <div>
                    <dt>{w.text('elsewhere.steam')}</dt>
                    <dd>{w.quantity(p.steamLPerHour, 'volumePerHour')}</dd>
                  </div>
                </dl>
                <ul>
                  {p.changes.map((c) => (
                    <li key={c.what.code}>
                      {w.say(c.what)}
                      <small>{w.say(c.why)}</small>
                    </li>
                  ))}
                </ul>
                <Button
                  onPress={() => {
                    onKeep(p.input);
                  }}
                >
                  {w.text('elsewhere.keepThisPlace')}
                </Button>
              </article>
            ))}
          </Cards>
        </>
      ) : null}
    </div>
  );
}
