'use client';

import { Body, type PanelProps, Part, StepList } from './common';
import { sidesOf } from '@/core/choices';
import { sideAmounts, sideById } from '@/core/larder';
import { kg, litres, minutes as time, tempC } from '@/core/message';
import { ScaleChart } from '@/ui/charts/curves';
import { Figures } from '@/ui/controls/Why';
import { Mute } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';
import { SAFETY_LIMITS } from '@/core/safety';

export function ServePanel({ plan, input }: PanelProps) {
  const w = useWords();
  const { concerns } = plan.table;
  const { day } = plan;
  return (
    <Body>
      <ScaleChart
        band={plan.forecast.band}
        startMs={day.intoPotMs}
        readyMs={day.ready.p50Ms}
        target={day.target}
        height={280}
      />
      {plan.ahead ? (
        <Part title={w.text('servePanel.coldInTimeAndWarm')} open>
          <Figures
            figures={[
              plan.ahead.figures.iceWater,
              plan.ahead.figures.ice,
              plan.ahead.figures.warm,
              plan.ahead.figures.cold,
              plan.ahead.figures.standing,
              plan.ahead.figures.reheat,
              plan.ahead.figures.reheatOven,
            ]}
          />
          <p>{w.text('serve.cold', { warm: tempC(SAFETY_LIMITS[input.keeping.rule].reheatC) })}</p>
        </Part>
      ) : null}
      {sidesOf(input).length > 0 ? (
        <Part title={w.text('servePanel.besideItFor', { eaters: input.eaters })}>
          <StepList as="ul">
            {sidesOf(input).map((id) => {
              const side = sideById(id);
              const amounts = sideAmounts(side, input.eaters);
              return (
                <li key={id}>
                  <strong>{w.label('side', id)}</strong>
                  <b>{w.quantity(amounts.kg, 'mass')}</b>
                  <small>
                    {w.list(
                      [
                        ...(amounts.waterL > 0
                          ? [
                              w.text('servePanel.inWater', {
                                water: litres(amounts.waterL),
                                salt: kg(amounts.saltG / 1000),
                              }),
                            ]
                          : []),
                        ...(amounts.keepBackL > 0
                          ? [w.text('servePanel.keepBack', { water: litres(amounts.keepBackL) })]
                          : []),
                        side.waitsMin > 0
                          ? w.text('serve.stands', { time: time(side.waitsMin) })
                          : w.text('servePanel.cannotWait'),
                      ],
                      'semicolon',
                    )}
                  </small>
                </li>
              );
            })}
          </StepList>
        </Part>
      ) : null}
      <Part title={w.text('servePanel.whoCanEatIt')}>
        {concerns.length === 0 ? <p>{w.text('servePanel.nothingInThePotIs')}</p> : null}
        <StepList as="ul">
          {concerns.map((c) => (
            <li key={c.avoided} data-stay={c.conflict ? '' : undefined}>
              <strong>
                {w.label('avoid', c.avoided)}
                {c.conflict ? w.text('servePanel.somebodyHereAvoidsIt') : ''}
              </strong>
              <b>{c.sources.length > 0 ? w.text('servePanel.inThePot') : w.text('servePanel.mayBe')}</b>
              <small>
                {w.list(
                  [...c.sources, ...c.hidden].map((m) => w.say(m)),
                  'semicolon',
                )}
              </small>
            </li>
          ))}
        </StepList>
        <Mute>{w.text('servePanel.aReminderNotALabel')}</Mute>
      </Part>
    </Body>
  );
}
