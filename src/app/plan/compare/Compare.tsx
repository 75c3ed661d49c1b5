'use client';

import { type Remote } from 'comlink';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useCallback, useMemo, useState } from 'react';
import { CheckboxButton, CheckboxField } from 'react-aria-components';
import styled from 'styled-components';
import { draftKey } from '../useDraft';
import { Elsewhere } from './Elsewhere';
import { useWorked } from './useWorked';
import { difference, waysToCompare, type WayResult } from '@/core/plan/compare';
import { formatFigure } from '@/core/explain/figure';
import { type PlanInput } from '@/core/plan/input';
import { formatMinutesRange, formatVolume } from '@/core/quantity/format';
import { Button, linkButton } from '@/ui/controls/Button';
import { FaultNote, Mute, Page, PageHead, Panel } from '@/ui/controls/Panel';
import { WaysAxis } from '@/ui/drawings/WaysAxis';
import { useKitchen, useSay } from '@/ui/KitchenContext';
import { send } from '@/ui/send';
import { clockBeside, dayFrom, duration } from '@/ui/time';
import { type PlanWorker } from '@/workers/plan.worker';

const MOST = 4;

const BackLink = styled(Link)`
  ${linkButton('plain')}
`;

const Choices = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
`;

const Choice = styled(CheckboxButton)`
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 0 16px;
  border: 2px solid var(--line);
  border-radius: 22px;
  cursor: pointer;
  &[data-selected] {
    background: var(--enamel);
    color: var(--on-enamel);
    border-color: var(--glow);
  }
  &[data-disabled] {
    opacity: 0.55;
    cursor: default;
  }
  &[data-focus-visible] {
    outline: 3px solid var(--glow);
    outline-offset: 2px;
  }
`;

const Scroll = styled.div`
  overflow-x: auto;
`;

const Table = styled.table`
  border-collapse: collapse;
  table-layout: fixed;
  width: 100%;
  min-width: 640px;
  th,
  td {
    text-align: left;
    vertical-align: top;
    padding: 8px 14px 8px 0;
    border-top: 1px solid var(--line);
  }
  thead > tr > * {
    border-top: 0;
    font-size: 17px;
  }
  tbody th {
    font-weight: 400;
    color: var(--mute);
    font-size: 15px;
  }
  thead td {
    width: 150px;
  }
  td {
    font-weight: 650;
  }
  td small {
    display: block;
    font-weight: 400;
    color: var(--mute);
    font-size: 14px;
  }
`;

interface CompareProps {
  readonly id: string;
  /** When the plan was kept last. */
  readonly updatedAtMs: number;
  readonly input: PlanInput;
  /** Whether the kitchen's oven blows. */
  readonly fan: boolean;
}

/** Two to four ways to cook the same meat for the same plate time, side by side; one can be kept. */
export function Compare({ id, updatedAtMs, input, fan }: CompareProps) {
  const { timeZone, renderedAtMs, units } = useKitchen();
  const say = useSay();
  const router = useRouter();
  const ways = useMemo(() => waysToCompare(input, fan), [input, fan]);
  const [chosen, setChosen] = useState<readonly string[]>(() => ways.slice(0, 3).map((w) => w.id));
  const { answer: compared, failed } = useWorked(
    useCallback((worker: Remote<PlanWorker>) => worker.compare(ways), [ways]),
  );
  const [message, setMessage] = useState<string>();

  const keep = async (kept: PlanInput): Promise<void> => {
    const sent = await send('PUT', `/api/plans/${id}`, { input: kept, basedOnMs: updatedAtMs });
    if (!sent.ok) {
      setMessage(
        sent.status === 409 ? `${sent.message} Load this page again to compare it as it is now.` : sent.message,
      );
      return;
    }
    localStorage.removeItem(draftKey(id));
    router.push(`/plan/${id}`);
    router.refresh();
  };

  const shown = compared?.results.filter((r) => chosen.includes(r.way.id)) ?? [];
  const base = compared?.results.find((r) => r.way.id === 'plan');
  const at = (ms: number): string => clockBeside(ms, input.serveAtMs, timeZone);
  const rows: readonly {
    readonly name: string;
    readonly cell: (r: WayResult) => readonly [figure: string, more?: string | undefined];
  }[] = [
    { name: 'Begin', cell: (r) => [at(r.startMs), dayFrom(r.startMs, renderedAtMs, timeZone)] },
    {
      name: 'Ready about',
      cell: (r) => [at(r.ready.p50Ms), `likely ${at(r.ready.p10Ms)} to ${at(r.ready.p90Ms)}`],
    },
    { name: 'In the pot', cell: (r) => [duration((r.ready.p50Ms - r.intoPotMs) / 60_000)] },
    {
      name: 'Stays good',
      cell: (r) => [
        `about ${duration(r.goodForMin)}`,
        r.way.input.day.ahead ? 'in the pot, before it is cooled' : undefined,
      ],
    },
    { name: 'Your hands', cell: (r) => [duration(r.handsOnMin), `likely ${formatMinutesRange(r.handsOnRangeMin)}`] },
    { name: 'Poured in', cell: (r) => [formatVolume(r.pouredL, units)] },
    { name: 'Gone as steam', cell: (r) => [`about ${formatVolume(r.steamedL, units)}`] },
    {
      name: 'To pour in on the way',
      cell: (r) =>
        r.topUpL < 0.01
          ? ['nothing']
          : [`about ${formatVolume(r.topUpL, units)}`, 'hot, so that there is sauce enough'],
    },
    {
      name: 'Left in the pot',
      cell: (r) => [`about ${formatVolume(r.leftL, units)}`, `${duration(r.reduceMin)} to reduce`],
    },
    {
      name: 'Energy',
      cell: (r) =>
        r.energy
          ? [
              `about ${formatFigure(r.energy, units)}`,
              r.energy.range
                ? `${r.energy.range.map((v) => v.toFixed(1)).join(' to ')} kWh, without sear and sauce`
                : undefined,
            ]
          : ['–', 'nobody meters its fuel'],
    },
    { name: 'Water in the meat', cell: (r) => [`about ${String(Math.round(r.moisture * 100))} %`] },
  ];
  return (
    <Page>
      <PageHead>
        <h1>{input.title}, other ways</h1>
        <div>
          <BackLink href={`/plan/${id}`}>Back to the plan</BackLink>
        </div>
      </PageHead>
      {message === undefined ? null : <FaultNote role="alert">{message}</FaultNote>}
      <Choices role="group" aria-label="Ways to compare, at most four">
        {ways.map((w) => {
          const isChosen = chosen.includes(w.id);
          return (
            <CheckboxField
              key={w.id}
              isSelected={isChosen}
              isDisabled={isChosen ? chosen.length <= 1 : chosen.length >= MOST}
              onChange={(on) => {
                setChosen((c) => (on ? [...c, w.id] : c.filter((x) => x !== w.id)));
              }}
            >
              <Choice>{say(w.says)}</Choice>
            </CheckboxField>
          );
        })}
      </Choices>
      {compared?.faults
        .filter((f) => chosen.includes(f.way.id))
        .map((f) => (
          <FaultNote key={f.way.id} role="alert">
            {say(`${f.way.says}: ${f.message}`)}
          </FaultNote>
        ))}
      {failed ? (
        <FaultNote role="alert">The ways could not be set side by side, and that is a fault of ours.</FaultNote>
      ) : compared === undefined ? (
        <Panel aria-busy="true">Forecasting every way…</Panel>
      ) : null}
      {shown.length > 0 ? (
        <>
          <Panel aria-labelledby="axis">
            <h2 id="axis" style={{ fontSize: 18 }}>
              For the same plate{' '}
              <Mute style={{ fontWeight: 400 }}>
                · tall: your hands · brown: the heat · red: gets ready, line at the middle · green: stays good
              </Mute>
            </h2>
            <Scroll>
              <WaysAxis
                serveMs={input.serveAtMs}
                timeZone={timeZone}
                ways={shown.map((r) => ({
                  id: r.way.id,
                  name: say(r.way.says),
                  startMs: r.startMs,
                  intoPotMs: r.intoPotMs,
                  ready: r.ready,
                  finishFromMs: r.finishFromMs,
                  goodUntilMs: r.ready.p50Ms + r.goodForMin * 60_000,
                }))}
              />
            </Scroll>
          </Panel>
          <Panel>
            <Scroll>
              <Table>
                <thead>
                  <tr>
                    <td />
                    {shown.map((r) => (
                      <th key={r.way.id} scope="col">
                        {say(r.way.says)}
                      </th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {rows.map((row) => (
                    <tr key={row.name}>
                      <th scope="row">{row.name}</th>
                      {shown.map((r) => {
                        const [figure, more] = row.cell(r);
                        return (
                          <td key={r.way.id}>
                            {figure}
                            {more === undefined ? null : <small>{more}</small>}
                          </td>
                        );
                      })}
                    </tr>
                  ))}
                  <tr>
                    <th scope="row">Against the plan</th>
                    {shown.map((r) => (
                      <td key={r.way.id}>
                        <small>
                          {r.way.id === 'plan' || base === undefined ? 'the plan itself' : say(difference(base, r))}
                        </small>
                        {r.way.id === 'plan' ? null : (
                          <Button style={{ marginTop: 8 }} onPress={() => void keep(r.way.input)}>
                            Keep this way
                          </Button>
                        )}
                      </td>
                    ))}
                  </tr>
                </tbody>
              </Table>
            </Scroll>
          </Panel>
        </>
      ) : null}
      <Elsewhere input={input} onKeep={(other) => void keep(other)} />
      <Mute>
        Every way is forecast with the same meat, pot and cook; figures marked “about” are the model’s middle, as sure
        as the windows are wide. A hotter oven hardly hurries a covered pot: once it simmers, the heat goes into steam.
      </Mute>
    </Page>
  );
}
