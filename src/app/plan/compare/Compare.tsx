'use client';

import { type Remote } from 'comlink';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useCallback, useMemo, useState } from 'react';
import { CheckboxButton, CheckboxField } from 'react-aria-components';
import styled from 'styled-components';
import { openDraft } from '../drafts';
import { SettingsElsewhere } from './SettingsElsewhere';
import { useWorked } from './useWorked';
import { difference, type WayResult, waysToCompare } from '@/core/plan';
import { type HeatMode, type PlanInput } from '@/core/choices';
import { Button, linkButton } from '@/ui/controls/Button';
import { FaultNote, Mute, Page, PageHead, Panel } from '@/ui/controls/Panel';
import { WaysAxis } from '@/ui/drawings/WaysAxis';
import { useKitchen, useWords } from '@/ui/KitchenContext';
import { send } from '@/ui/send';
import { type PlanWorker } from '@/workers/plan.worker';
import { MINUTE_MS } from '@/core/quantity';

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
    outline: 3px solid var(--ring);
    outline-offset: 2px;
  }
`;

/** As high as what replaces it, so that nothing below jumps. */
const Waiting = styled(Panel)`
  min-height: 900px;
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
    text-align: right;
    vertical-align: top;
    padding: 8px 0 8px 14px;
    border-top: 1px solid var(--line);
  }
  tbody th {
    text-align: left;
    padding-left: 0;
  }
  tbody td[colspan] {
    text-align: left;
    font-weight: 400;
  }
  thead small {
    display: block;
    font-weight: 400;
    color: var(--mute);
    font-size: 0.875rem;
    line-height: 1.3;
    padding: 2px 0 6px;
    min-height: 44px;
  }
  thead > tr > * {
    border-top: 0;
    font-size: 1.0625rem;
  }
  tbody th {
    font-weight: 400;
    color: var(--mute);
    font-size: 0.9375rem;
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
    font-size: 0.875rem;
  }
`;

interface CompareProps {
  readonly id: string;
  /** When the plan was last saved. */
  readonly updatedAtMs: number;
  readonly input: PlanInput;
  /** Whether the kitchen's oven has a fan. */
  readonly modes: readonly HeatMode[];
}

/** Two to four ways to cook the same meat for the same serving time, side by side; one can be saved. */
export function Compare({ id, updatedAtMs, input, modes }: CompareProps) {
  const { timeZone, renderedAtMs } = useKitchen();
  const w = useWords();
  const router = useRouter();
  const ways = useMemo(() => waysToCompare(input, modes), [input, modes]);
  const [chosen, setChosen] = useState<readonly string[]>(() => ways.slice(0, 3).map((way) => way.id));
  const { answer: compared, failed } = useWorked(
    useCallback((worker: Remote<PlanWorker>) => worker.compare(ways), [ways]),
  );
  const [message, setMessage] = useState<string>();

  const keep = async (kept: PlanInput): Promise<void> => {
    const sent = await send('PUT', `/api/plans/${id}`, { input: kept, basedOnMs: updatedAtMs });
    if (!sent.ok) {
      setMessage(sent.status === 409 ? w.text('compare.changed', { why: sent.says }) : w.say(sent.says));
      return;
    }
    (await openDraft(id)).clear();
    router.push(`/plan/${id}`);
    router.refresh();
  };

  const shown = compared?.results.filter((r) => chosen.includes(r.way.id)) ?? [];
  const base = compared?.results.find((r) => r.way.id === 'plan');
  const at = (ms: number): string => w.clockBeside(ms, input.serveAtMs);
  const rows: readonly {
    readonly name: string;
    readonly cell: (r: WayResult) => readonly [figure: string, more?: string | undefined];
  }[] = [
    { name: w.text('compare.begin'), cell: (r) => [at(r.startMs), w.dayFrom(r.startMs, renderedAtMs)] },
    {
      name: w.text('compare.readyAbout'),
      cell: (r) => [at(r.ready.p50Ms), w.text('common.between', { p10: at(r.ready.p10Ms), p90: at(r.ready.p90Ms) })],
    },
    {
      name: w.text('compare.inThePot'),
      cell: (r) => [w.quantity((r.ready.p50Ms - r.intoPotMs) / MINUTE_MS, 'minutes')],
    },
    {
      name: w.text('compare.staysGood'),
      cell: (r) => [
        w.text('compare.about', { amount: w.quantity(r.goodForMin, 'minutes') }),
        r.way.input.day.ahead ? w.text('compare.inThePotBeforeIt') : undefined,
      ],
    },
    {
      name: w.text('compare.yourHands'),
      cell: (r) => [
        w.quantity(r.handsOnMin, 'minutes'),
        w.text('compare.likely', { range: w.range(r.handsOnRangeMin.low, r.handsOnRangeMin.high, 'minutes') }),
      ],
    },
    { name: w.text('compare.pouredIn'), cell: (r) => [w.quantity(r.pouredL, 'volume')] },
    {
      name: w.text('compare.goneAsSteam'),
      cell: (r) => [w.text('compare.about', { amount: w.quantity(r.steamedL, 'volume') })],
    },
    {
      name: w.text('compare.toPourInOnThe'),
      cell: (r) =>
        r.topUpL < 0.01
          ? [w.text('compare.nothing')]
          : [w.text('compare.about', { amount: w.quantity(r.topUpL, 'volume') }), w.text('compare.hotSoThatThereIs')],
    },
    {
      name: w.text('compare.leftInThePot'),
      cell: (r) => [
        w.text('compare.about', { amount: w.quantity(r.leftL, 'volume') }),
        w.text('compare.toReduce', { reduce: w.quantity(r.reduceMin, 'minutes') }),
      ],
    },
    {
      name: w.text('compare.energy'),
      cell: (r) =>
        r.energy
          ? [
              w.text('compare.about', { amount: w.figure(r.energy) }),
              r.energy.range
                ? w.text('compare.withoutSearAndSauce', {
                    range: w.range(r.energy.range[0], r.energy.range[1], 'energy'),
                  })
                : undefined,
            ]
          : ['–', w.text('compare.nobodyMetersItsFuel')],
    },
    {
      name: w.text('compare.waterInTheMeat'),
      cell: (r) => [w.text('compare.about', { amount: w.quantity(r.moisture, 'share') })],
    },
  ];
  // Differences come first; what all share is said once.
  const [first] = shown;
  const isAlike = (row: (typeof rows)[number]): boolean =>
    shown.length > 1 && new Set(shown.map((r) => row.cell(r)[0])).size === 1;
  const differing = rows.filter((row) => !isAlike(row));
  const alike = rows.filter(isAlike);
  return (
    <Page>
      <PageHead>
        <h1>{w.text('compare.otherWays', { title: input.title })}</h1>
        <div>
          <BackLink href={`/plan/${id}`}>{w.text('common.backToThePlan')}</BackLink>
        </div>
      </PageHead>
      {message === undefined ? null : <FaultNote role="alert">{message}</FaultNote>}
      <Choices role="group" aria-label={w.text('compare.waysToCompareAtMost')}>
        {ways.map((way) => {
          const isChosen = chosen.includes(way.id);
          return (
            <CheckboxField
              key={way.id}
              isSelected={isChosen}
              isDisabled={isChosen ? chosen.length <= 1 : chosen.length >= MOST}
              onChange={(on) => {
                setChosen((c) => (on ? [...c, way.id] : c.filter((x) => x !== way.id)));
              }}
            >
              <Choice>{w.title(way.says)}</Choice>
            </CheckboxField>
          );
        })}
      </Choices>
      {compared?.faults
        .filter((f) => chosen.includes(f.way.id))
        .map((f) => (
          <FaultNote key={f.way.id} role="alert">
            {w.text('compare.fault', { way: f.way.says, fault: f.fault })}
          </FaultNote>
        ))}
      {failed ? (
        <FaultNote role="alert">{w.text('compare.theWaysCouldNotBe')}</FaultNote>
      ) : compared === undefined ? (
        <Waiting aria-busy="true">{w.text('compare.forecastingEveryWay')}</Waiting>
      ) : null}
      {first ? (
        <>
          <Panel aria-labelledby="axis">
            <h2 id="axis" style={{ fontSize: 'calc(18rem / 16)' }}>
              {w.text('compare.forTheSamePlate')}{' '}
              <Mute style={{ fontWeight: 400 }}>{w.text('compare.tallYourHandsBrownThe')}</Mute>
            </h2>
            <Scroll>
              <WaysAxis
                serveMs={input.serveAtMs}
                timeZone={timeZone}
                ways={shown.map((r) => ({
                  id: r.way.id,
                  name: w.title(r.way.says),
                  startMs: r.startMs,
                  intoPotMs: r.intoPotMs,
                  ready: r.ready,
                  finishFromMs: r.finishFromMs,
                  goodUntilMs: r.ready.p50Ms + r.goodForMin * MINUTE_MS,
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
                        {w.title(r.way.says)}
                        <small>
                          {r.way.id === 'plan' || base === undefined
                            ? w.text('compare.thePlanItself')
                            : w.say(difference(base, r))}
                        </small>
                        {r.way.id === 'plan' ? null : (
                          <Button onPress={() => void keep(r.way.input)}>{w.text('compare.keepThisWay')}</Button>
                        )}
                      </th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {differing.map((row) => (
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
                  {alike.length > 0 ? (
                    <tr>
                      <th scope="row">{w.text('compare.alike')}</th>
                      <td colSpan={shown.length}>
                        {w.list(
                          alike.map((row) => w.text('why.title', { label: row.name, value: row.cell(first)[0] })),
                          'semicolon',
                        )}
                      </td>
                    </tr>
                  ) : null}
                </tbody>
              </Table>
            </Scroll>
          </Panel>
        </>
      ) : null}
      <SettingsElsewhere input={input} onKeep={(other) => void keep(other)} />
      <Mute>{w.text('compare.everyWayIsForecastWith')}</Mute>
    </Page>
  );
}
