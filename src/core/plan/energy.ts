import { heatMode, MODES, type PlanInput } from '../choices';
import { figure, type Figure, input as from } from '../message';
import { type Ensemble, stepAt } from '../forecast';
import { type PhaseTime } from './phaseTimes';
import { burnerKWh, ENERGY_SD, ovenKWh } from '../heat';
import { BURNER_EFFICIENCY } from '../larder';
import { ROOM_C } from '../material';

/**
 * Energy of the braise from preheating to the target, phase by phase, without sear and sauce; null if a phase is on a
 * barbecue, whose fuel nobody meters.
 */
export function energyFigure(
  input: PlanInput,
  { nominal, assembly }: Ensemble,
  stages: readonly PhaseTime[],
): Figure | null {
  const { grid } = assembly;
  const { kind } = input.sear.burner;
  const spent = { burner: { kWh: 0, minutes: 0, intoJ: 0 }, oven: { kWh: 0, minutes: 0, intoJ: 0 } };
  let ovenC = ROOM_C;
  for (const { heat, fromMin, toMin } of stages) {
    const mode = heatMode(heat);
    const { draws, warmsMin } = MODES[mode];
    if (draws === null) return null;
    const [first, last] = [fromMin <= 0 ? 0 : stepAt(grid, fromMin) + 1, stepAt(grid, toMin)];
    const of = spent[draws];
    if (draws === 'burner') {
      let suppliedJ = 0;
      for (let i = first; i <= last; i++) suppliedJ += (nominal.suppliedW[i] as number) * (grid.stepS[i] as number);
      of.intoJ += suppliedJ;
      of.minutes += toMin - fromMin;
      of.kWh += burnerKWh(suppliedJ, BURNER_EFFICIENCY[kind]);
    } else {
      const cold = ovenC === ROOM_C;
      const potJ = (nominal.heatInJ[last] as number) - (first === 0 ? 0 : (nominal.heatInJ[first - 1] as number));
      const minutes = toMin - fromMin + (cold ? warmsMin : 0);
      of.intoJ += potJ;
      of.minutes += minutes;
      of.kWh += ovenKWh(heat.tempC, minutes, potJ, ovenC);
      ovenC = heat.tempC;
    }
  }
  const { burner, oven } = spent;
  const value = burner.kWh + oven.kWh;
  const doubt = burner.kWh * ENERGY_SD.burner + oven.kWh * ENERGY_SD.oven;
  const inputs = [
    ...(burner.kWh > 0
      ? [
          from('intoThePot', burner.intoJ / 3.6e6, 'energy'),
          from('arrives', BURNER_EFFICIENCY[kind], 'share'),
          from('onTheHeat', burner.minutes, 'minutes'),
        ]
      : []),
    ...(oven.kWh > 0
      ? [
          from('setTo', ovenC, 'temperature'),
          from('warmingAndBraising', oven.minutes, 'minutes'),
          from('intoThePot', oven.intoJ / 3.6e6, 'energy'),
        ]
      : []),
  ];
  const by = oven.kWh > 0 ? (burner.kWh > 0 ? 'both' : 'oven') : 'burner';
  return figure(`energy.${by}`, value, 'energy', by === 'burner' ? 'estimate' : 'practice', inputs, {
    range: [value - doubt, value + doubt],
  });
}
