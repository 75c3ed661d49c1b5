'use client';

import { Care, faultOf, type FormProps, TextButton } from './common';
import { LIMITS } from '@/core/plan/input';
import { QuantityField } from '@/ui/controls/QuantityField';
import { useSay } from '@/ui/KitchenContext';
import { SAUCE_SALT } from '@/core/season/salt';

export function FinishForm({ input, plan, faults, change }: FormProps) {
  const say = useSay();
  const sauceG = plan ? plan.salt.sauce.value * plan.finished.sauceL : 0;
  const bearableL = sauceG / SAUCE_SALT.high;
  const tooSalty = plan !== undefined && plan.salt.sauce.value > SAUCE_SALT.high && bearableL <= plan.finished.liquidL;
  return (
    <>
      <QuantityField
        label="Sauce on each plate"
        dimension="volume"
        value={input.finish.sauceLPerPlate}
        error={faultOf(faults, 'finish.sauceLPerPlate')}
        onChange={(sauceLPerPlate) => {
          change({ finish: { sauceLPerPlate } });
        }}
      />
      {tooSalty ? (
        <TextButton
          onPress={() => {
            const each = Math.ceil((bearableL / input.eaters) * 100) / 100;
            change({ finish: { sauceLPerPlate: Math.min(LIMITS.sauceLPerPlate[1], each) } });
          }}
        >
          {say(`For the salt: keep ${String(Math.ceil(bearableL * 20) * 50)} ml in all`)}
        </TextButton>
      ) : null}
      <p>
        Meat out from below with a wide tool; strain; let it stand and lift the fat; reduce by itself until it coats a
        spoon; salt last.
      </p>
      {plan ? (
        <p>
          {plan.finished.gelatinGPerL >= 25
            ? 'Enough gelatin comes out to make the sauce sticky by itself.'
            : plan.finished.gelatinGPerL >= 10
              ? 'Some gelatin comes out: it will have a little body.'
              : 'Hardly any gelatin comes out: thicken it if you want body.'}
        </p>
      ) : null}
      <Care step="finish" />
      <Care step="store" />
    </>
  );
}
