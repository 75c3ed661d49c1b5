'use client';

import styled from 'styled-components';
import { Body, type PanelProps, Part, Section } from './common';

import { LEVELS, levelWays } from '../techniqueOptions';
import { defaultChoice, isSmall, mainStage, defaultLevel } from '@/core/choices';
import { endsDry } from '@/core/plan';
import { Mute } from '@/ui/controls/Panel';
import { OptionCards } from '@/ui/controls/OptionCards';
import { Figures, Why } from '@/ui/controls/Why';
import { TextButton } from '@/ui/controls/Button';
import { useWords } from '@/ui/KitchenContext';

const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  font-size: 0.9375rem;
  th {
    text-align: left;
    font-weight: 600;
    color: var(--mute);
    font-size: 0.875rem;
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

/** Below this a serving has next to none, kg. */
const MIN_ALCOHOL_KG = 0.00025;

function nearestLevel(level: number): string {
  const near = LEVELS.reduce((a, b) => (Math.abs(b.level - level) < Math.abs(a.level - level) ? b : a));
  return Math.abs(near.level - level) < 0.02 ? near.id : '';
}

export function LiquidPanel({ plan, input, kitchen, change, keepHabit }: PanelProps) {
  const w = useWords();
  const { liquid, salt, table } = plan;
  const { wine } = liquid;
  const chosen = input.liquid.fill ? nearestLevel(input.liquid.level) : '';
  const ownLevel = defaultChoice(kitchen.habits, 'level');
  const usual = defaultLevel(
    plan.parts.some((p) => isSmall(p.cut, p.part)),
    ['heavy', 'light', 'tightFoil'].includes(mainStage(input).lid),
  );
  /** Some of it is reduced first, so less of it reaches the pot. */
  const boiled = [...liquid.pours, ...liquid.late].some((p) => p.pouredL - p.inPotL > 0.005);
  const set = (level: number): void => {
    change({ liquid: { ...input.liquid, fill: true, level } });
  };
  return (
    <Body>
      <Section plan={plan} onLevel={set} />
      <OptionCards
        label={w.text('liquidPanel.level')}
        hideLabel
        terse
        columns={4}
        value={chosen}
        ways={levelWays(w)}
        onChange={(id) => {
          const level = LEVELS.find((l) => l.id === id);
          if (level) set(level.level);
        }}
      />
      {chosen === '' || chosen === ownLevel ? null : (
        <Mute>
          {w.text('liquidPanel.forThesePiecesUnderThis', { usual: w.quantity(usual, 'share') })}{' '}
          <TextButton
            onPress={() => {
              keepHabit('level', chosen);
            }}
          >
            {w.text('common.makeThisOurWay')}
          </TextButton>
        </Mute>
      )}
      <Part title={w.text('liquidPanel.whatIsPoured')} open>
        <Table>
          {boiled ? (
            <thead>
              <tr>
                <th scope="col">{w.text('liquidPanel.inThisOrder')}</th>
                <th scope="col">{w.text('liquidPanel.pour')}</th>
                <th scope="col">{w.text('liquidPanel.inThePot')}</th>
              </tr>
            </thead>
          ) : null}
          <tbody>
            {[...liquid.pours, ...liquid.late].map((p) => (
              <tr key={p.liquid.id}>
                <td>
                  {w.label('liquid', p.liquid.id)}
                  {p.note && p.liquid.id !== 'water' ? <Mute> · {w.say(p.note)}</Mute> : null}
                </td>
                <td>{w.quantity(p.pouredL, 'volume')}</td>
                {boiled ? <td>{w.quantity(p.inPotL, 'volume')}</td> : null}
              </tr>
            ))}
          </tbody>
        </Table>
        {wine && wine.target.value < wine.pouredL - 0.005 ? (
          <>
            <p>
              {w.text('liquidPanel.boilDownTo', {
                poured: w.quantity(wine.pouredL, 'volume'),
                target: w.figure(wine.target),
              })}{' '}
              <Why figure={wine.target} />
              {w.text('liquidPanel.fromToDeepInThis', {
                depthBefore: w.quantity(wine.depthBeforeMm, 'length'),
                depthAfter: w.quantity(wine.depthAfterMm, 'length'),
                minutes: w.figure(wine.minutes),
              })}{' '}
              <Why figure={wine.minutes} />
              {w.text('liquidPanel.theHarshSmellGoesBubbles')}
            </p>
          </>
        ) : null}
        {liquid.alcohol ? (
          <p>
            {liquid.alcohol.value < MIN_ALCOHOL_KG
              ? w.text('liquidPanel.nextToNoAlcohol')
              : w.text('liquidPanel.aboutOfAlcoholStaysOn', { alcohol: w.figure(liquid.alcohol) })}{' '}
            <Why figure={liquid.alcohol} />
            {w.text('liquidPanel.itNeverAllLeaves')}
          </p>
        ) : null}
        {liquid.says.map((s) => (
          <p key={s.code}>{w.say(s)}</p>
        ))}
      </Part>
      <Part title={w.text('liquidPanel.whereTheWaterGoes')}>
        <Figures
          figures={[
            liquid.water.poured,
            liquid.water.fromMeat,
            liquid.water.fromVegetables,
            ...(liquid.water.pouredLate.value > 0.005 ? [liquid.water.pouredLate] : []),
            ...(liquid.water.takenUp.value > 0.005 ? [liquid.water.takenUp] : []),
            liquid.water.steam,
            liquid.water.left,
            liquid.water.coldCost,
            ...(endsDry(plan) ? [] : [liquid.sugar]),
          ]}
        />
      </Part>
      <Part title={w.text('liquidPanel.saltAllTold')}>
        <p>{w.say(salt.says)}</p>
        <Figures
          figures={[
            salt.now,
            salt.total,
            salt.meat,
            ...(endsDry(plan) ? [] : [salt.sauceBefore, salt.sauce, salt.holdBack, salt.atPlate, salt.atEnd]),
          ]}
        />
        {salt.sources.length > 0 ? (
          <p>
            {w.text('liquidPanel.comesWithOtherThings', {
              grams: w.list(
                salt.sources.map((s) => `${w.say(s.name)} ${w.quantity(s.grams / 1000, 'mass')}`),
                'comma',
              ),
            })}
          </p>
        ) : null}
      </Part>
      {plan.countOut.length > 0 || table.chokeables.length > 0 ? (
        <Part title={w.text('liquidPanel.countedInCountedOut')}>
          <p>
            {plan.countOut.length > 0
              ? w.text('liquidPanel.beforeServingOutCome', {
                  things: w.list(
                    plan.countOut.map((c) => w.text('recipe.times', { count: c.count, what: c.what })),
                    'comma',
                  ),
                })
              : ''}
          </p>
          {table.chokeables.length > 0 ? (
            <p>
              {w.text('liquidPanel.couldChokeAboveAllA', {
                things: w.list(
                  table.chokeables.map((c) => w.say(c)),
                  'comma',
                ),
              })}
            </p>
          ) : null}
        </Part>
      ) : null}
    </Body>
  );
}
