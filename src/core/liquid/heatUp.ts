import { type PlanInput } from '../choices';
import { boilingPointC, pressureAtAltitudePa, WATER_KG_PER_L } from '../heat';
import { burnerNetW, POT_MATTER } from '../larder';
import { TAP_C } from '../material';

/** Specific heats of liquid and of vegetables, J/kgK. */
const LIQUID_JKGK = 4100;
const VEGETABLE_JKGK = 3800;
/** A pot brought to a simmer is this far below the boil, K. */
export const SIMMER_BELOW_BOIL_K = 4;

/**
 * Minutes the browning burner needs to bring pot, liquid and vegetables to a simmer, by heat balance. The meat goes in
 * after it. Losses are small beside a burner on full.
 */
export function heatUpMinutes(
  { pot, sear, base, altitudeM }: Pick<PlanInput, 'pot' | 'sear' | 'base' | 'altitudeM'>,
  litres: number,
  fromC = TAP_C,
): number {
  const simmerC = boilingPointC(pressureAtAltitudePa(altitudeM)) - SIMMER_BELOW_BOIL_K;
  const startingKg = base.items.reduce((sum, i) => (i.when === 'start' ? sum + i.kg : sum), 0);
  const heatJK =
    litres * WATER_KG_PER_L * LIQUID_JKGK +
    startingKg * VEGETABLE_JKGK +
    pot.massKg * POT_MATTER[pot.material].heatJKgK;
  return (heatJK * Math.max(0, simmerC - fromC)) / burnerNetW(sear.burner) / 60;
}
