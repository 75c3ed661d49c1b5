'use client';

import { Care, faultOf, type FormProps, TextButton } from './common';
import { LIMITS } from '@/core/choices';
import { SAUCE_SALT } from '@/core/season';
import { QuantityField } from '@/ui/controls/QuantityField';
import { useWords } from '@/ui/KitchenContext';

export function FinishForm({ input, plan, faults, change }: FormProps) {
  const w = useWords();
  const sauceG = plan ? plan.salt.sauce.value * plan.finished.sauceL : 0;
  const bearableL = sauceG / SAUCE_SALT.high;
  const tooSalty = plan !== undefined && plan.salt.sauce.value > SAUCE_SALT.high && bearableL <= plan.finished.liquidL;
  return (
    <>
      <QuantityField
        label={w.text('finishForm.sauceOnEachPlate')}
        dimension="volume"
        value={input.finish.sauceLPerPlate}
        error={faultOf(w, faults, 'finish.sauceLPerPlate')}
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
          {w.text('finishForm.forTheSaltKeepIn', { bearable: w.quantity(Math.ceil(bearableL * 20) / 20, 'volume') })}
        </TextButton>
      ) : null}
      <p>{w.text('finishForm.meatOutFromBelowWith')}</p>
      {plan ? (
        <p>
          {plan.finished.gelatinGPerL >= 25
            ? w.text('finishForm.enoughGelatinComesOutTo')
            : plan.finished.gelatinGPerL >= 10
              ? w.text('finishForm.someGelatinComesOutIt')
              : w.text('finishForm.hardlyAnyGelatinComesOut')}
        </p>
      ) : null}
      <Care step="finish" />
      <Care step="store" />
    </>
  );
}
