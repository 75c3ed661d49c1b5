import { MODES, heatMode } from './heats';
import { type PlanInput } from './input';
import { type Figure, input as from } from '../explain/figure';
import { type Ensemble } from '../forecast/ensemble';
import { burnerKWh, ENERGY_SPREAD, ovenKWh } from '../heat/energy';
import { BURNER_EFFICIENCY } from '../larder/burners';

/**
 * Energy the braise draws from warming up to the target at `step`, the sear and the sauce left out; null on a grill, whose
 * fuel nobody meters.
 */
export function energyFigure(input: PlanInput, { nominal, assembly }: Ensemble, step: number): Figure | null {
  const mode = heatMode(input.heat);
  const minutes = (assembly.grid.endS[step] as number) / 60;
  const figure = (
    value: number,
    spread: number,
    rest: Pick<Figure, 'formula' | 'inputs' | 'changes' | 'sure'>,
  ): Figure => ({
    label: 'Energy',
    value,
    as: 'energy',
    range: [value * (1 - spread), value * (1 + spread)],
    ...rest,
  });
  if (mode === 'grill') return null;
  if (mode === 'simmer') {
    let suppliedJ = 0;
    for (let i = 0; i <= step; i++) suppliedJ += (nominal.suppliedW[i] as number) * (assembly.grid.stepS[i] as number);
    const { kind } = input.sear.burner;
    return figure(burnerKWh(suppliedJ, BURNER_EFFICIENCY[kind]), ENERGY_SPREAD.burner, {
      formula: 'What pot, meat, steam and the pot’s walls take up, over the share of the burner’s power that arrives.',
      inputs: [
        from('into the pot, kWh', Math.round(suppliedJ / 3.6e4) / 100, 'number'),
        from('arrives', BURNER_EFFICIENCY[kind], 'share'),
        from('on the heat', minutes, 'minutes'),
      ],
      changes: 'A lid, a lower simmer, induction instead of gas.',
      sure: 'estimate',
    });
  }
  const warms = MODES[mode].warmsMin;
  const potJ = nominal.heatInJ[step] as number;
  return figure(ovenKWh(input.heat.tempC, warms + minutes, potJ), ENERGY_SPREAD.oven, {
    formula:
      'Heat in the oven’s own body, what its walls lose all the while, and what the pot takes up; for an electric oven of 65 litres.',
    inputs: [
      from('set to', input.heat.tempC, 'temperature'),
      from('warming and braising', warms + minutes, 'minutes'),
      from('into the pot, kWh', Math.round(potJ / 3.6e4) / 100, 'number'),
    ],
    changes:
      'Most goes through the walls: a lower setting, or a burner. A second dish in the oven costs almost nothing.',
    sure: 'practice',
  });
}
