'use client';

import { type Remote } from 'comlink';
import { useCallback } from 'react';
import styled from 'styled-components';
import { useWorked } from './useWorked';
import { type PlanInput } from '@/core/plan/input';
import { formatTemperature, formatVolume } from '@/core/quantity/format';
import { DialChart } from '@/ui/charts/DialChart';
import { Button } from '@/ui/controls/Button';
import { Mute, Panel } from '@/ui/controls/Panel';
import { useKitchen, useSay } from '@/ui/KitchenContext';
import { duration } from '@/ui/time';
import { type PlanWorker } from '@/workers/plan.worker';

type Found = Awaited<ReturnType<PlanWorker['elsewhere']>>;

const Places = styled.div`
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
    font-size: 18px;
  }
  dl {
    margin: 0;
    display: flex;
    flex-wrap: wrap;
    gap: 2px 16px;
    font-size: 15px;
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
    font-size: 15px;
  }
  small {
    display: block;
    color: var(--mute);
    font-size: 14px;
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
    font-size: 15px;
  }
`;

/** How little a hotter oven does to a covered pot, said with the two ends of the dial. */
function dialWords(dial: Found['dial'], temp: (c: number) => string): string {
  const cool = dial.find((p) => p.tempC >= 130);
  const hot = dial.find((p) => p.tempC >= 170);
  if (!cool || !hot) return '';
  return `From ${temp(cool.tempC)} to ${temp(hot.tempC)} on the dial the liquid goes from ${temp(cool.liquidC)} to ${temp(hot.liquidC)}, and the time from ${duration(cool.minutes)} to ${duration(hot.minutes)}: a covered pot cannot pass the boil. What the dial sets is how fast it warms up and how much of it goes as steam.`;
}

interface ElsewhereProps {
  readonly input: PlanInput;
  readonly onKeep: (input: PlanInput) => void;
}

/** The same braise in every other place: the setting that takes as long, what changes and why. */
export function Elsewhere({ input, onKeep }: ElsewhereProps) {
  const { units } = useKitchen();
  const say = useSay();
  const { answer: found, failed } = useWorked(
    useCallback((worker: Remote<PlanWorker>) => worker.elsewhere(input), [input]),
  );
  const temp = (c: number): string => formatTemperature(c, units).replace(' ', '\u00a0');
  return (
    <Panel aria-labelledby="elsewhere" aria-busy={found === undefined && !failed}>
      <h2 id="elsewhere" style={{ fontSize: 18 }}>
        Taken elsewhere <Mute style={{ fontWeight: 400 }}>· the setting that takes as long, what changes and why</Mute>
      </h2>
      {failed ? (
        <p role="alert">Other places could not be tried, and that is a fault of ours.</p>
      ) : found === undefined ? (
        <p>Trying every setting…</p>
      ) : null}
      {found ? (
        <>
          {found.dial.length > 1 ? (
            <Two>
              <p>{dialWords(found.dial, temp)}</p>
              <DialChart
                points={found.dial}
                setC={input.heat.kind === 'oven' ? input.heat.tempC : undefined}
                units={units}
              />
            </Two>
          ) : null}
          <Places>
            {found.places.map((p) => (
              <article key={p.mode} aria-label={say(p.says)}>
                <h3>{say(p.says)}</h3>
                <dl>
                  <div>
                    <dt>in the pot</dt>
                    <dd>{duration(p.minutes)}</dd>
                  </div>
                  <div>
                    <dt>liquid</dt>
                    <dd>{temp(p.liquidC)}</dd>
                  </div>
                  <div>
                    <dt>steam</dt>
                    <dd>{formatVolume(p.steamLPerHour, units)}/h</dd>
                  </div>
                </dl>
                <ul>
                  {p.changes.map((c) => (
                    <li key={c.what}>
                      {say(c.what)}
                      <small>{say(c.why)}</small>
                    </li>
                  ))}
                </ul>
                <Button
                  onPress={() => {
                    onKeep(p.input);
                  }}
                >
                  Keep this place
                </Button>
              </article>
            ))}
          </Places>
        </>
      ) : null}
    </Panel>
  );
}
