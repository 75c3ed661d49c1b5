'use client';

import { ThickenerDose } from './ThickenerDose';
import { Thickeners } from './Thickeners';
import { SaltLedger } from '../SaltLedger';
import { sauceAt, sauceNow, saltSays } from '@/core/cook';
import { kg, timeParam, say } from '@/core/message';
import { Button } from '@/ui/controls/Button';
import { Mute } from '@/ui/controls/Panel';
import { SauceColumn } from '@/ui/drawings/SauceColumn';
import { useWords } from '@/ui/KitchenContext';

import { Acts, Box } from './panelParts';
import { type StageProps } from './stageProps';

/** How far below its saltiest volume a sauce may go before it counts as too salty, l. */
const SALT_BINDS_L = 0.005;

/** The sauce now, its target, and what it still needs. */
export function SaucePanel({ view, state, now, onAct, onRecord }: StageProps) {
  const w = useWords();
  const { plan, live } = view;
  const known = sauceNow(plan, state, live, now);
  const { sauce, aimL, aim } = known;
  return (
    <Box aria-labelledby="sauce">
      <h2 id="sauce">{w.text('saucePanel.title')}</h2>
      <p>
        {w.text(known.measured ? 'saucePanel.measured' : 'saucePanel.estimated', {
          litres: { as: 'volume', value: sauce.litres },
          salt: { as: 'saltStrength', value: known.now.saltShare },
          rung: say(`rung.${known.now.rung}`),
        })}{' '}
        {known.boiling
          ? w.text('saucePanel.boiling', {
              left: { as: 'minutes', value: known.boiling.left.p50 },
              low: { as: 'minutes', value: known.boiling.left.p10 },
              high: { as: 'minutes', value: known.boiling.left.p90 },
            }) +
            ' ' +
            w.text(known.boiling.halfMs > now ? 'saucePanel.half' : 'saucePanel.near', {
              half: timeParam(known.boiling.halfMs, now),
              near: timeParam(Math.max(now, known.boiling.nearMs), now),
            })
          : ''}
      </p>
      <SauceColumn
        sauce={sauce}
        aimL={aimL}
        at={(litres) => sauceAt(plan, sauce, litres)}
        saltFloorL={known.saltFloorL}
        minutes={known.boiling ? { likely: aim.minutes, range: aim.range } : undefined}
        onAim={(litres) => {
          onRecord({ kind: 'aim', litres });
        }}
      />
      <ThickenerDose known={known} />
      <Thickeners plan={plan} sauce={{ ...sauce, litres: aimL }} />
      <p>
        {known.saltMissingG > 0.2
          ? w.text('saucePanel.saltMissing', {
              salt: saltSays(plan, known.saltMissingG),
              half: kg(known.saltMissingG / 2000),
            })
          : w.text(known.saltFloorL - aimL > SALT_BINDS_L ? 'saucePanel.saltOver' : 'saucePanel.saltRight', {
              thin: { as: 'volume', value: Math.max(0, known.saltFloorL - aimL) },
            })}
      </p>
      <Acts>
        <Button
          $tone="hands"
          onPress={() => {
            onAct('sauce');
          }}
        >
          {w.text('record.sauce.title')}
        </Button>
        <Button
          onPress={() => {
            onAct('put');
          }}
        >
          {w.text('record.put.title')}
        </Button>
        {plan.countOut.length > 0 ? (
          <Button
            onPress={() => {
              onAct('counted');
            }}
          >
            {w.text('record.counted.title')}
          </Button>
        ) : null}
      </Acts>
      <CountedNote view={view} state={state} />
      <SaltLedger known={known} />
    </Box>
  );
}

/** Counted pieces that have not been taken out yet, by name. */
export function CountedNote({ view, state }: Pick<StageProps, 'view' | 'state'>) {
  const w = useWords();
  const { countOut } = view.plan;
  const { counted } = state;
  if (countOut.length === 0) return null;
  const missing = countOut.flatMap((c, i) => {
    const left = c.count - (counted?.[i] ?? 0);
    return left > 0 ? [w.text('recipe.times', { count: left, what: c.what })] : [];
  });
  if (missing.length === 0) return <Mute>{w.text('counted.all')}</Mute>;
  return (
    <p role={counted ? 'alert' : undefined}>
      <b>{w.text(counted ? 'counted.missing' : 'counted.notYet', { things: w.list(missing, 'comma') })}</b>
    </p>
  );
}
