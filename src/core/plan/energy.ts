import { heatMode, MODES, type PlanInput } from '../choices';
import { figure, type Figure, input as from } from '../message';
import { type Ensemble } from '../forecast';
import { burnerKWh, ENERGY_SPREAD, ovenKWh } from '../heat';
import { BURNER_EFFICIENCY } from '../larder';

/**
 * Energy the braise draws from warming up to the target at `step`, the sear and the sauce left out; null on a grill, whose
 * fuel nobody meters.
 */
export function energyFigure(input: PlanInput, { nominal, assembly }: Ensemble, step: number): Figure | null {
  const mode = heatMode(input.heat);
  const minutes = (assembly.grid.endS[step] as number) / 60;
  const energy = (by: 'burner' | 'oven', value: number, sure: Figure['sure'], inputs: Figure['inputs']): Figure =>
    figure(`energy.${by}`, value, 'energy', sure, inputs, {
      range: [value * (1 - ENERGY_SPREAD[by]), value * (1 + ENERGY_SPREAD[by])],
    });
  const { draws } = MODES[mode];
  if (draws === null) return null;
  if (draws === 'burner') {
    let suppliedJ = 0;
    for (let i = 0; i <= step; i++) suppliedJ += (nominal.suppliedW[i] as number) * (assembly.grid.stepS[i] as number);
    const { kind } = input.sear.burner;
    return energy('burner', burnerKWh(suppliedJ, BURNER_EFFICIENCY[kind]), 'estimate', [
      from('intoThePot', suppliedJ / 3.6e6, 'energy'),
      from('arrives', BURNER_EFFICIENCY[kind], 'share'),
      from('onTheHeat', minutes, 'minutes'),
    ]);
  }
  const warms = MODES[mode].warmsMin;
  const potJ = nominal.heatInJ[step] as number;
  return energy('oven', ovenKWh(input.heat.tempC, warms + minutes, potJ), 'practice', [
    from('setTo', input.heat.tempC, 'temperature'),
    from('warmingAndBraising', warms + minutes, 'minutes'),
    from('intoThePot', potJ / 3.6e6, 'energy'),
  ]);
}
