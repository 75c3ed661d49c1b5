'use client';

import { boneStock, restOf, secondMeals, saltSays } from '@/core/cook';
import { kg, litres as volume, strength } from '@/core/message';
import { Mute } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';
import { SAFETY_LIMITS } from '@/core/safety';

import { Rows } from './panelParts';
import { type StageProps } from './stageProps';

/** Second meals from the leftovers, with what each needs. */
export function RestOfIt({ view, state, now }: Pick<StageProps, 'view' | 'state' | 'now'>) {
  const w = useWords();
  const { plan, live } = view;
  const rest = restOf(plan, state, live, now);
  const meals = secondMeals(plan, rest);
  const bones = boneStock(plan);
  if (meals.length === 0) return null;
  return (
    <section aria-labelledby="rest">
      <h2 id="rest">{w.text('rest.title')}</h2>
      <p>{w.text(rest.recorded ? 'rest.of' : 'rest.ofHalf', { weight: kg(rest.kg), meat: kg(rest.meatKg) })}</p>
      <Rows>
        {meals.map((m) => (
          <li key={m.meal}>
            <b>{w.text(`rest.${m.meal}`, { eaters: m.eaters, with: kg(m.withKg) })}</b>
            <small>
              {m.addL > 0.005
                ? w.text('rest.add', { add: volume(m.addL), litres: volume(m.litres) })
                : w.text('rest.enough', { litres: volume(m.litres) })}{' '}
              {w.text('rest.salt', {
                share: strength(m.saltShare),
                gelatin: { as: 'gramsPerL', value: m.gelatinGPerL },
              })}{' '}
              {m.saltG > 0.2 ? `${w.text('rest.saltMissing', { salt: saltSays(plan, m.saltG) })} ` : ''}
              {m.starchG > 0.5 ? w.text('rest.starch', { starch: kg(m.starchG / 1000) }) : ''}
            </small>
          </li>
        ))}
        {bones ? (
          <li>
            <b>
              {w.text('rest.bones', {
                bones: kg(bones.bonesKg),
                water: volume(bones.waterL),
                low: { as: 'minutes', value: bones.minutes[0] },
                high: { as: 'minutes', value: bones.minutes[1] },
                litres: volume(bones.litres),
              })}
            </b>
            <small>{w.text('rest.bones.care')}</small>
          </li>
        ) : null}
      </Rows>
      <Mute>
        {w.text('rest.hot', { hot: { as: 'temperature', value: SAFETY_LIMITS[plan.input.keeping.rule].reheatC } })}
      </Mute>
    </section>
  );
}
