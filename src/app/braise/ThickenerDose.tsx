'use client';

import { type SauceNow } from '@/core/cook';
import { kg, say, nameOf } from '@/core/message';
import { useWords } from '@/ui/KitchenContext';

/** The thickener dose for the target thickness at the target volume, in two halves. */
export function ThickenerDose({ known }: { readonly known: Pick<SauceNow, 'dose'> }) {
  const w = useWords();
  const { dose } = known;
  if (!dose) return null;
  const all = dose.firstG + dose.restG;
  return (
    <p>
      {all < 0.5
        ? w.text('saucePanel.thickEnough', { rung: say(`rung.${dose.rung}`) })
        : w.text('saucePanel.dose', {
            by: nameOf('thickener', dose.by),
            rung: say(`rung.${dose.rung}`),
            first: kg(dose.firstG / 1000),
            rest: kg(dose.restG / 1000),
            sign: say(`rung.${dose.rung}.sign`),
          })}
    </p>
  );
}
