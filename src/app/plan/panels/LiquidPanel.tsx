'use client';

import styled from 'styled-components';
import { Body, type PanelProps, Part, Section } from './common';
import { TextButton } from '../forms/common';
import { LEVELS } from '../schools';
import { isSmall } from '@/core/plan/pieces';
import { habit, usualLevel } from '@/core/plan/schools';
import { formatFigure } from '@/core/explain/figure';
import { formatLength, formatMass, formatVolume } from '@/core/quantity/format';
import { Mute } from '@/ui/controls/Panel';
import { Schools } from '@/ui/controls/Schools';
import { Figures, Why } from '@/ui/controls/Why';
import { useSay, useUnits } from '@/ui/KitchenContext';

const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  font-size: 15px;
  th {
    text-align: left;
    font-weight: 600;
    color: var(--mute);
    font-size: 14px;
  }
  th:not(:first-child),
  td:not(:first-child) {
    text-align: right;
    font-variant-numeric: tabular-nums;
  }
  td {
    border-top: 1px solid var(--line);
    padding: 4px 0;
  }
  td:not(:first-child) {
    font-weight: 650;
    white-space: nowrap;
    padding-left: 12px;
  }
`;

function nearestLevel(level: number): string {
  const near = LEVELS.reduce((a, b) => (Math.abs(b.level - level) < Math.abs(a.level - level) ? b : a));
  return Math.abs(near.level - level) < 0.02 ? near.id : '';
}

export function LiquidPanel({ plan, input, kitchen, change, keepHabit }: PanelProps) {
  const units = useUnits();
  const say = useSay();
  const { liquid, salt, table } = plan;
  const { wine } = liquid;
  const chosen = nearestLevel(input.liquid.level);
  const ownLevel = habit(kitchen.habits, 'level');
  const usual = usualLevel(
    plan.parts.some((p) => isSmall(p.cut, p.part)),
    ['heavy', 'light', 'tightFoil'].includes(input.lid),
  );
  const set = (level: number): void => {
    change({ liquid: { ...input.liquid, level } });
  };
  return (
    <Body>
      <Section plan={plan} onLevel={set} />
      <Schools
        label="Level"
        hideLabel
        columns={4}
        value={chosen}
        schools={LEVELS}
        onChange={(id) => {
          const school = LEVELS.find((l) => l.id === id);
          if (school) set(school.level);
        }}
      />
      <Mute>
        For these pieces under this lid, usual: {Math.round(usual * 100)} %.{' '}
        {chosen === '' || chosen === ownLevel ? null : (
          <TextButton
            onPress={() => {
              keepHabit('level', chosen);
            }}
          >
            Make this our way
          </TextButton>
        )}
      </Mute>
      <Part>
        <h3>What is poured</h3>
        <Table>
          <thead>
            <tr>
              <th scope="col">In this order</th>
              <th scope="col">pour</th>
              <th scope="col">in the pot</th>
            </tr>
          </thead>
          <tbody>
            {liquid.pours.map((p) => (
              <tr key={p.liquid.id}>
                <td>
                  {p.liquid.name}
                  {p.note === '' ? null : <Mute> · {p.note}</Mute>}
                </td>
                <td>{formatVolume(p.pouredL, units)}</td>
                <td>{formatVolume(p.inPotL, units)}</td>
              </tr>
            ))}
          </tbody>
        </Table>
        {wine && wine.target.value < wine.pouredL - 0.005 ? (
          <>
            <p>
              Boil {formatVolume(wine.pouredL, units)} down to {formatFigure(wine.target, units)}{' '}
              <Why figure={wine.target} />, from {formatLength(wine.depthBeforeMm, units)} to{' '}
              {formatLength(wine.depthAfterMm, units)} deep in this pot, about {formatFigure(wine.minutes, units)}{' '}
              <Why figure={wine.minutes} />. The harsh smell goes, bubbles grow large and slow, the sound deepens.
            </p>
          </>
        ) : null}
        {liquid.alcohol ? (
          <p>
            About {formatFigure(liquid.alcohol, units)} of alcohol stays on each plate <Why figure={liquid.alcohol} />:
            it never all leaves.
          </p>
        ) : null}
        {liquid.says.map((s) => (
          <p key={s}>{say(s)}</p>
        ))}
      </Part>
      <Part>
        <h3>Where the water goes</h3>
        <Figures
          figures={[
            liquid.water.poured,
            liquid.water.fromMeat,
            liquid.water.fromVegetables,
            ...(liquid.water.takenUp.value > 0.005 ? [liquid.water.takenUp] : []),
            liquid.water.steam,
            liquid.water.left,
            liquid.water.coldCost,
            liquid.sugar,
          ]}
        />
      </Part>
      <Part>
        <h3>Salt, all told</h3>
        <p>{say(salt.says)}</p>
        <Figures
          figures={[
            salt.now,
            salt.total,
            salt.meat,
            salt.sauceBefore,
            salt.sauce,
            salt.holdBack,
            salt.atPlate,
            salt.atEnd,
          ]}
        />
        {salt.sources.length > 0 ? (
          <p>
            Comes with other things:{' '}
            {salt.sources.map((s) => `${s.label.toLowerCase()} ${formatMass(s.grams / 1000, units)}`).join(', ')}.
          </p>
        ) : null}
      </Part>
      {plan.countOut.length > 0 || table.chokeables.length > 0 ? (
        <Part>
          <h3>Counted in, counted out</h3>
          <p>
            {plan.countOut.length > 0
              ? `Before serving, out come ${plan.countOut.map((c) => `${String(c.count)} × ${c.what}`).join(', ')}.`
              : ''}
          </p>
          {table.chokeables.length > 0 ? (
            <p>
              Could choke, above all a child: {table.chokeables.join(', ')}. Look before you plate, and tell the table.
            </p>
          ) : null}
        </Part>
      ) : null}
    </Body>
  );
}
