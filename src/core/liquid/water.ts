import { type Figure, input as from } from '../explain/figure';
import { slowestAtTarget } from '../forecast/nominal';
import { type BraiseRequest } from '../forecast/request';
import { garnishById } from '../larder/garnish';
import { type PlanInput } from '../plan/input';
import { type FinishedPot } from '../sauce/finish';

/** Water in the pot by where it comes from and goes, from the start until the target. */
export interface WaterBalance {
  readonly poured: Figure;
  readonly fromMeat: Figure;
  readonly fromVegetables: Figure;
  readonly takenUp: Figure;
  readonly steam: Figure;
  readonly left: Figure;
  readonly perHour: Figure;
  /** What going in cold would cost, min. */
  readonly coldCost: Figure;
}

/** What the nominal course says when the target is reached. */
export interface AtTarget {
  readonly minutes: number;
  readonly evaporatedL: number;
  readonly gainedFromMeatL: number;
  readonly gainedFromVegetablesL: number;
  readonly takenUpL: number;
}

/** What comes out of the tap, °C. */
export const TAP_C = 20;

/** Where the water comes from and goes, in figures that answer why. */
export function waterBalance(
  input: PlanInput,
  request: BraiseRequest,
  at: AtTarget,
  finished: FinishedPot,
): WaterBalance {
  const hours = at.minutes / 60;
  const minutes = from('on the heat', at.minutes, 'minutes');
  const volume = (
    label: string,
    value: number,
    formula: string,
    inputs: Figure['inputs'],
    changes: string,
    sure: Figure['sure'],
  ): Figure => ({
    label,
    value,
    as: 'volume',
    formula,
    inputs,
    changes,
    sure,
  });
  const start = slowestAtTarget(request).atMin;
  const cold = slowestAtTarget({
    ...request,
    liquidTempC: input.liquid.start === 'simmer' ? TAP_C + 15 : request.liquidTempC,
  }).atMin;
  const warm = input.liquid.start === 'simmer' ? start : slowestAtTarget({ ...request, liquidTempC: 96 }).atMin;
  return {
    poured: volume(
      'In the pot at the start',
      request.liquidL,
      'The pot’s area times the depth, less meat and vegetables below the line.',
      [
        from('pot, across', input.pot.diameterMm, 'length'),
        from('level, of the meat’s height', input.liquid.level, 'share'),
      ],
      'A narrower pot, snugger pieces or a lower level take less.',
      'computed',
    ),
    fromMeat: volume(
      'From the meat',
      at.gainedFromMeatL,
      'Raw meat off the bone times what it gives up by the time it is done.',
      [
        from(
          'juice, of its raw weight',
          finished.juiceKg / Math.max(1e-6, finished.juiceKg + finished.cookedKg),
          'share',
        ),
        minutes,
      ],
      'Hotter and longer gives more.',
      'estimate',
    ),
    fromVegetables: volume(
      'From the vegetables',
      at.gainedFromVegetablesL,
      'Each one’s weight times its share of water, as far as the time lets it out.',
      [
        from(
          'vegetables',
          input.base.items.reduce((sum, i) => sum + i.kg, 0),
          'mass',
        ),
        minutes,
      ],
      'Onion, tomato and mushrooms give most.',
      'estimate',
    ),
    takenUp: volume(
      'Taken up',
      at.takenUpL,
      'What lentils, beans, rice, barley, potatoes and dried fruit drink.',
      [
        from(
          'late and dry things',
          input.base.items.reduce((sum, i) => (garnishById(i.id).waterShare < 0 ? sum + i.kg : sum), 0),
          'mass',
        ),
      ],
      'Less of them, or cooked apart.',
      'estimate',
    ),
    steam: volume(
      'Gone as steam',
      at.evaporatedL,
      'Heat the pot gets beyond what warms it, over the heat of evaporation, and what the lid lets by below the boil.',
      [minutes],
      'A tighter lid below the boil; less heat at it.',
      'estimate',
    ),
    left: volume(
      'Liquid when done',
      finished.liquidL,
      'All that went in and came out of meat and vegetables, less steam and what was drunk.',
      [
        from('start', request.liquidL, 'volume'),
        from('from meat', at.gainedFromMeatL, 'volume'),
        from('from vegetables', at.gainedFromVegetablesL, 'volume'),
        from('taken up', at.takenUpL, 'volume'),
        from('steam', at.evaporatedL, 'volume'),
      ],
      'The lid and the level.',
      'estimate',
    ),
    perHour: {
      label: 'Steam',
      value: hours > 0 ? at.evaporatedL / hours : 0,
      as: 'volumePerHour',
      formula: 'Steam over the time on the heat; less at first, more once all is at the boil.',
      inputs: [from('steam', at.evaporatedL, 'volume'), minutes],
      changes: 'Lid and heat.',
      sure: 'estimate',
    },
    coldCost: {
      label: 'Going in cold costs',
      value: Math.max(0, cold - warm),
      as: 'minutes',
      formula: 'The same pot run twice: once simmering when the meat goes in, once with cold stock.',
      inputs: [from('simmering, done after', warm, 'minutes'), from('cold, done after', cold, 'minutes')],
      changes: 'Less liquid, a stronger oven. Simmer first and the time can be told.',
      sure: 'estimate',
    },
  };
}
