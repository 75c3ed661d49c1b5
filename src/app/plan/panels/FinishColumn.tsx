'use client';

import { type PanelProps } from './common';
import { doseOf, saltPlanned, sauceAt, sauceOf } from '@/core/cook';
import { SauceColumn } from '@/ui/drawings/SauceColumn';
import { ThickenerDose } from '@/app/braise/ThickenerDose';
import { Thickeners } from '@/app/braise/Thickeners';
import { SaltLedger } from '@/app/SaltLedger';

/** The sauce of the plan as a column: drag the line to set how far it is reduced. */
export function FinishColumn({ plan, input, change }: Pick<PanelProps, 'plan' | 'input' | 'change'>) {
  const sauce = sauceOf(plan, plan.finished);
  const aimL = plan.finished.sauceL;
  const { leastL } = plan.finishBy;
  return (
    <>
      <SauceColumn
        sauce={sauce}
        aimL={aimL}
        at={(litres) => sauceAt(plan, sauce, litres)}
        saltFloorL={leastL <= sauce.litres ? leastL : 0}
        leastL={leastL}
        onAim={(litres) => {
          const down = litres < sauce.litres - 0.01;
          change({
            finish: {
              ...input.finish,
              reduce: down,
              ...(down && { sauceLPerPlate: Math.round((litres / input.eaters) * 1000) / 1000 }),
            },
          });
        }}
      />
      <ThickenerDose known={{ dose: doseOf(plan, { ...sauce, litres: aimL }) }} />
      <Thickeners plan={plan} sauce={{ ...sauce, litres: aimL }} />
      <SaltLedger known={{ ...saltPlanned(plan), sauce }} />
    </>
  );
}
