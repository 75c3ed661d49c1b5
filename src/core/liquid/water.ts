import { figure, type Figure, input as from, type FigureOf } from '../message';
import { type BraiseRequest, slowestAtTarget } from '../forecast';
import { type PlanInput, type TechniqueOption } from '../choices';
import { garnishById } from '../larder';

/** Water in the pot by source and loss, from the start to the target. */
export interface WaterBalance {
  readonly poured: Figure;
  readonly pouredLate: Figure;
  readonly fromMeat: Figure;
  readonly fromVegetables: Figure;
  readonly takenUp: Figure;
  readonly steam: Figure;
  readonly left: Figure;
  readonly perHour: Figure;
  /** What starting cold would cost, min. */
  readonly coldCost: Figure;
}

/** Values of the nominal trace at the target. */
export interface AtTarget {
  readonly minutes: number;
  /** Added since the start. */
  readonly pouredLateL: number;
  readonly evaporatedL: number;
  readonly gainedFromMeatL: number;
  readonly gainedFromVegetablesL: number;
  readonly takenUpL: number;
}

/**
 * Sources and losses of water, as figures that explain themselves; `startC` is the starting temperature for either way
 * of starting.
 */
export function waterBalance(
  input: PlanInput,
  request: BraiseRequest,
  startC: Readonly<Record<TechniqueOption<'start'>, number>>,
  at: AtTarget,
  finished: { readonly liquidL: number; readonly juiceKg: number; readonly cookedKg: number },
): WaterBalance {
  const hours = at.minutes / 60;
  const minutes = from('onTheHeat', at.minutes, 'minutes');
  const volume = (
    id: FigureOf<'liquid'>,
    value: number,
    inputs: Figure['inputs'],
    sure: Figure['sure'] = 'estimate',
  ): Figure => figure(`liquid.${id}`, value, 'volume', sure, inputs);
  const simmering = slowestAtTarget({ ...request, liquidTempC: startC.simmer }).atMin;
  const cold = slowestAtTarget({ ...request, liquidTempC: startC.cold }).atMin;
  return {
    poured: volume(
      'poured',
      request.liquidL,
      input.liquid.fill
        ? [from('potAcross', input.pot.lengthMm, 'length'), from('levelOfTheMeatsHeight', input.liquid.level, 'share')]
        : [
            from(
              'poured',
              input.liquid.parts.reduce((sum, p) => (p.when === 'start' ? sum + p.litres : sum), 0),
              'volume',
            ),
          ],
      'computed',
    ),
    pouredLate: volume('pouredLate', at.pouredLateL, [minutes], 'computed'),
    fromMeat: volume('fromMeat', at.gainedFromMeatL, [
      from('juiceOfItsRawWeight', finished.juiceKg / Math.max(1e-6, finished.juiceKg + finished.cookedKg), 'share'),
      minutes,
    ]),
    fromVegetables: volume('fromVegetables', at.gainedFromVegetablesL, [
      from(
        'vegetables',
        input.base.items.reduce((sum, i) => sum + i.kg, 0),
        'mass',
      ),
      minutes,
    ]),
    takenUp: volume('takenUp', at.takenUpL, [
      from(
        'lateAndDryThings',
        input.base.items.reduce((sum, i) => (garnishById(i.id).waterShare < 0 ? sum + i.kg : sum), 0),
        'mass',
      ),
    ]),
    steam: volume('steam', at.evaporatedL, [minutes]),
    left: volume('left', finished.liquidL, [
      from('start', request.liquidL, 'volume'),
      ...(at.pouredLateL > 0 ? [from('pouredLate', at.pouredLateL, 'volume')] : []),
      from('fromMeat', at.gainedFromMeatL, 'volume'),
      from('fromVegetables', at.gainedFromVegetablesL, 'volume'),
      from('takenUp', at.takenUpL, 'volume'),
      from('steam', at.evaporatedL, 'volume'),
    ]),
    perHour: figure('liquid.perHour', hours > 0 ? at.evaporatedL / hours : 0, 'volumePerHour', 'estimate', [
      from('steam', at.evaporatedL, 'volume'),
      minutes,
    ]),
    coldCost: figure('liquid.coldCost', Math.max(0, cold - simmering), 'minutes', 'estimate', [
      from('simmeringDoneAfter', simmering, 'minutes'),
      from('coldDoneAfter', cold, 'minutes'),
    ]),
  };
}
