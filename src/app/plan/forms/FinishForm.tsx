'use client';

import { Care, type FormProps } from './common';

export function FinishForm({ plan }: FormProps) {
  return (
    <>
      <p>
        Meat out from below with a wide tool; strain; let it stand and lift the fat; reduce by itself until it coats a
        spoon
        {plan ? `, about ${String(Math.round(plan.finished.reduceMinutes))} min on this burner` : ''}; salt last.
      </p>
      {plan ? (
        <p>
          {plan.finished.gelatinGPerL >= 25
            ? 'Enough gelatin comes out of this cut to make the sauce sticky by itself.'
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
