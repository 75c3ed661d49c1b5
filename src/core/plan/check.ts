import { heatMode, MODES } from './heats';
import { LIMITS, type MeatPart, meatParts, type PlanFault, type PlanInput } from './input';
import { pieceSize } from './pieces';
import { contentsOf, pourOf } from './request';
import { cutById, isCutId } from '../larder/cuts';
import { isFatId } from '../larder/fats';
import { isGarnishId } from '../larder/garnish';
import { isLiquidId } from '../larder/liquids';
import { isHerbId, isSpiceId } from '../larder/seasoning';
import { isSideId } from '../larder/sides';
import { levelForLitres, litresForLevel, meatHeightM, vegetableHeightM } from '../liquid/geometry';

/** Room for the boil and for turning between liquid and rim, mm. */
export const HEADROOM_MM = 30;

/** A piece may be this much longer, corner to corner, than the pot is wide: meat bends and draws together. */
const BEND = 0.85;
/** Meat may stand this close to the rim, mm. */
const MEAT_BELOW_RIM_MM = 10;
/** Pieces are at most this many times as long as they are thick. */
const LONGEST = 16;
const LEAST_LIQUID_L = 0.1;

const number = (value: number): string => String(Math.round(value * 100) / 100);

/** Few figures are enough to know one's own entry by, but enough of them to see that it is beyond the limit. */
function entry(value: number, low: number, high: number): number {
  const beyond = (v: number): boolean => v < low || v > high;
  return [3, 4, 5, 6].map((figures) => Number(value.toPrecision(figures))).find(beyond) ?? value;
}

function outside(
  field: string,
  name: string,
  value: number,
  [low, high]: readonly [number, number],
  unit: string,
): PlanFault[] {
  if (Number.isFinite(value) && value >= low && value <= high) return [];
  const got = Number.isFinite(value)
    ? `${String(entry(value, low, high))}${unit} is ${value < low ? 'too little' : 'too much'}`
    : 'no number was given';
  return [
    { field, message: `${name}: ${got}. Anything from ${String(low)} to ${String(high)}${unit} can be planned.` },
  ];
}

function whole(field: string, name: string, value: number): PlanFault[] {
  return Number.isFinite(value) && !Number.isInteger(value)
    ? [{ field, message: `${name}: ${number(value)} is not a whole number. Count whole ones only.` }]
    : [];
}

function unknownId(field: string, name: string, id: string, known: boolean): PlanFault[] {
  return known ? [] : [{ field, message: `${name}: there is none called “${id}”. Choose one from the list.` }];
}

function checkPart(part: MeatPart, field: string, name: string): PlanFault[] {
  if (!isCutId(part.cutId)) {
    return [
      {
        field: `${field}.cutId`,
        message: `Cut: there is no cut called “${part.cutId}”. Choose one from the list.`,
      },
    ];
  }
  const faults = [
    ...outside(`${field}.massKg`, `Weight of the ${name}`, part.massKg, LIMITS.massKg, ' kg'),
    ...outside(`${field}.pieces`, 'Number of pieces', part.pieces, LIMITS.pieces, ''),
    ...whole(`${field}.pieces`, 'Number of pieces', part.pieces),
    ...outside(`${field}.thicknessMm`, 'Thickness', part.thicknessMm, LIMITS.thicknessMm, ' mm'),
    ...(part.pricePerKg === null
      ? []
      : outside(`${field}.pricePerKg`, 'Price', part.pricePerKg, LIMITS.pricePerKg, ' a kilo')),
  ];
  if (part.grossKg !== null && !(part.grossKg >= part.massKg)) {
    faults.push({
      field: `${field}.grossKg`,
      message: `Weight as bought: ${number(part.grossKg)} kg is less than the ${number(part.massKg)} kg left after trimming. Weigh again, or leave it empty.`,
    });
  }
  return faults;
}

function checkAhead({ day, serveAtMs }: PlanInput): PlanFault[] {
  if (day.ahead === null || !Number.isFinite(serveAtMs)) return [];
  const hours = (serveAtMs - day.ahead.fridgeByMs) / 3_600_000;
  const [least, most] = LIMITS.aheadHours;
  return hours >= least && hours <= most
    ? []
    : [
        {
          field: 'day.ahead',
          message: `Into the fridge: from ${String(least)} hours before the plates, so that it is cold through and the fat sets, to ${String(most)}, after which it no longer keeps well. It is ${Number.isFinite(hours) ? number(Math.round(hours)) : '–'} hours now.`,
        },
      ];
}

function checkRest(input: PlanInput): PlanFault[] {
  const { base, liquid, season, sear, prepare, heat, pot } = input;
  return [
    ...outside('eaters', 'Number of eaters', input.eaters, LIMITS.eaters, ''),
    ...whole('eaters', 'Number of eaters', input.eaters),
    ...outside('pot.diameterMm', 'Width of the pot', pot.diameterMm, LIMITS.potDiameterMm, ' mm'),
    ...outside('pot.heightMm', 'Height of the pot', pot.heightMm, LIMITS.potHeightMm, ' mm'),
    ...outside('season.gramsPerKg', 'Salt', season.gramsPerKg, LIMITS.saltGPerKg, ' g/kg'),
    ...season.spices.flatMap((s) => [
      ...unknownId('season.spices', 'Spice', s.id, isSpiceId(s.id)),
      ...outside('season.spices', 'Spice', s.grams, LIMITS.spiceG, ' g'),
    ]),
    ...unknownId('sear.fatId', 'Fat', sear.fatId, isFatId(sear.fatId)),
    ...(sear.mostAtOnce === null
      ? []
      : [
          ...outside('sear.mostAtOnce', 'Pieces at once', sear.mostAtOnce, LIMITS.atOnce, ''),
          ...whole('sear.mostAtOnce', 'Pieces at once', sear.mostAtOnce),
        ]),
    ...base.items.flatMap((i) => [
      ...unknownId('base.items', 'Vegetable', i.id, isGarnishId(i.id)),
      ...outside('base.items', isGarnishId(i.id) ? 'Weight of a vegetable' : 'Weight', i.kg, LIMITS.itemKg, ' kg'),
    ]),
    ...outside('base.pasteKg', 'Tomato paste', base.pasteKg, LIMITS.pasteKg, ' kg'),
    ...liquid.parts.flatMap((p) => [
      ...unknownId('liquid.parts', 'Liquid', p.id, isLiquidId(p.id)),
      ...outside('liquid.parts', 'A measured liquid', p.litres, LIMITS.partL, ' l'),
    ]),
    ...unknownId('liquid.fillerId', 'Filling liquid', liquid.fillerId, isLiquidId(liquid.fillerId)),
    ...outside('liquid.fillerStrength', 'Share of stock', liquid.fillerStrength, LIMITS.fillerStrength, ''),
    ...liquid.herbs.flatMap((h) => [
      ...unknownId('liquid.herbs', 'Herb', h.id, isHerbId(h.id)),
      ...outside('liquid.herbs', 'Number of a herb', h.count, LIMITS.herbCount, ''),
    ]),
    ...outside('liquid.level', 'Level of the liquid', liquid.level, LIMITS.liquidLevel, ' of the meat’s height'),
    ...(prepare.filling === null
      ? []
      : [
          ...outside('prepare.filling', 'Filling', prepare.filling.kg, LIMITS.fillingKg, ' kg'),
          ...outside('prepare.filling', 'Number of rolls', prepare.filling.rolls, LIMITS.rolls, ''),
          ...whole('prepare.filling', 'Number of rolls', prepare.filling.rolls),
          ...outside(
            'prepare.filling',
            'Salt in the filling',
            prepare.filling.saltGPerKg,
            LIMITS.fillingSaltGPerKg,
            ' g/kg',
          ),
        ]),
    ...outside('day.cooks', 'Cooks', input.day.cooks, LIMITS.cooks, ''),
    ...whole('day.cooks', 'Cooks', input.day.cooks),
    ...outside('day.burners', 'Burners', input.day.burners, LIMITS.burners, ''),
    ...whole('day.burners', 'Burners', input.day.burners),
    ...checkAhead(input),
    ...input.day.sides.flatMap((s) => unknownId('day.sides', 'Side dish', s, isSideId(s))),
    ...outside('finish.sauceLPerPlate', 'Sauce a plate', input.finish.sauceLPerPlate, LIMITS.sauceLPerPlate, ' l'),
    ...outside('altitudeM', 'Altitude', input.altitudeM, LIMITS.altitudeM, ' m'),
    ...outside('confidence', 'Wanted certainty', input.confidence, LIMITS.confidence, ''),
    ...outside('heat.tempC', MODES[heatMode(heat)].setTo, heat.tempC, MODES[heatMode(heat)].limitsC, ' °C'),
  ];
}

/**
 * Everything about an input that keeps it from being planned, most basic first; empty when it can be. `nowMs` is the
 * present moment, against which the serving time is checked.
 */
export function checkPlanInput(input: PlanInput, nowMs: number): PlanFault[] {
  const parts = meatParts(input);
  const meat = parts.flatMap((part, i) => checkPart(part, i === 0 ? 'meat' : `also.${String(i - 1)}`, 'meat'));
  if (meat.some((f) => f.field.endsWith('cutId'))) return meat;
  const faults = [...meat, ...checkRest(input)];
  if (parts.length > LIMITS.meats[1]) {
    faults.push({
      field: 'also',
      message: `Meats: ${String(parts.length)} is too many. Up to ${String(LIMITS.meats[1])} in one pot can be planned.`,
    });
  }
  if (faults.length > 0) return faults;
  const unsafe = checkBeans(input);
  if (unsafe.length > 0) return unsafe;
  const crowding = checkFit(input);
  if (crowding.length > 0) return crowding;
  if (!Number.isFinite(input.serveAtMs) || input.serveAtMs <= nowMs) {
    return [
      {
        field: 'serveAtMs',
        message:
          'Serving time: that moment has passed. Choose one still to come; the plan says how much time it needs.',
      },
    ];
  }
  return [];
}

function checkBeans(input: PlanInput): PlanFault[] {
  if (!input.base.items.some((i) => i.id === 'beansDry' && i.kg > 0)) return [];
  return [
    {
      field: 'base.items',
      message:
        'Dry beans: they hold a poison that a slow pot does not destroy. Soak them 5 h or more, drain, boil them hard for 10 to 30 min as your local food-safety guidance says; then enter them as “soaked and boiled hard”.',
    },
  ];
}

function checkSize(part: MeatPart, input: PlanInput, field: string): PlanFault[] {
  const cut = cutById(part.cutId);
  const { pot } = input;
  const size = pieceSize(cut, part.massKg / part.pieces, part.thicknessMm);
  const longest = Math.max(size.lengthMm, size.widthMm);
  if (cut.form !== 'cubes' && longest > LONGEST * size.thicknessMm) {
    return [
      {
        field: `${field}.thicknessMm`,
        message: `Thickness: at ${number(size.thicknessMm)} mm each ${cut.pieceNoun} would be ${String(Math.round(longest))} mm long. Measure again, or change weight or number of pieces.`,
      },
    ];
  }
  if (Math.min(size.lengthMm, size.widthMm) < size.thicknessMm / 4) {
    return [
      {
        field: `${field}.thicknessMm`,
        message: `Thickness: a ${cut.pieceNoun} of ${number((part.massKg / part.pieces) * 1000)} g cannot be ${number(size.thicknessMm)} mm thick; it would be a thin stick. Fewer pieces, more weight, or about ${String(Math.round(cut.sizeMm.thickness))} mm.`,
      },
    ];
  }
  const upright = input.lie === 'upright' && cut.form !== 'cubes';
  const [ground, other] = upright
    ? [cut.shape === 'roll' ? size.widthMm : size.lengthMm, size.thicknessMm]
    : [size.lengthMm, size.widthMm];
  const corner = cut.shape === 'disc' && !upright ? longest : Math.hypot(ground, other) * BEND;
  if (corner > pot.diameterMm) {
    return [
      {
        field: 'pot.id',
        tooFull: true,
        message: `Pot: a ${cut.pieceNoun} ${String(Math.round(size.lengthMm))} × ${String(Math.round(size.widthMm))} mm does not ${upright ? 'stand' : 'lie flat'} in ${pot.name}, ${String(pot.diameterMm)} mm across. Take a pot of ${String(Math.ceil(corner / 10) * 10)} mm or more, or cut the meat smaller.`,
      },
    ];
  }
  return [];
}

function checkFit(input: PlanInput): PlanFault[] {
  const { pot } = input;
  const sizes = meatParts(input).flatMap((part, i) =>
    checkSize(part, input, i === 0 ? 'meat' : `also.${String(i - 1)}`),
  );
  if (sizes.length > 0) return sizes;
  const contents = contentsOf(input);
  const massKg = meatParts(input).reduce((sum, p) => sum + p.massKg, 0);
  const topMm = meatHeightM(contents) * 1000;
  const poured = pourOf(input, litresForLevel(contents, (topMm / 1000) * input.liquid.level), 0);
  const levelMm = Math.max(topMm * input.liquid.level, levelForLitres(contents, poured.totalL) * 1000);
  const room = pot.heightMm - HEADROOM_MM;
  if (topMm > pot.heightMm - MEAT_BELOW_RIM_MM) {
    const most = (massKg * (pot.heightMm - MEAT_BELOW_RIM_MM)) / topMm;
    return [
      {
        field: 'meat.massKg',
        tooFull: true,
        message: `More meat than pot: ${number(massKg)} kg stands ${String(Math.round(topMm))} mm high and ${pot.name} is ${String(pot.heightMm)} mm deep. It takes about ${number(Math.floor(most * 10) / 10)} kg of this; use a bigger pot or two.`,
      },
    ];
  }
  const vegetablesMm = vegetableHeightM(contents) * 1000;
  if (vegetablesMm > room) {
    const most = (contents.vegetablesKg * room) / vegetablesMm;
    return [
      {
        field: 'base.items',
        tooFull: true,
        message: `More vegetables than room: between the pieces they would stand ${String(Math.round(vegetablesMm))} mm high in ${pot.name}. About ${number(Math.floor(most * 20) / 20)} kg fit beside this meat.`,
      },
    ];
  }
  if (levelMm > room) {
    const share = Math.floor((room / topMm) * 100);
    return [
      {
        field: 'liquid.level',
        tooFull: true,
        message: `Level of the liquid: it would stand ${String(Math.round(levelMm))} mm deep, less than ${String(HEADROOM_MM)} mm below the rim, and boil over. Up to ${String(share)} % of the meat’s height fits in ${pot.name}.`,
      },
    ];
  }
  if (litresForLevel(contents, levelMm / 1000) < LEAST_LIQUID_L) {
    return [
      {
        field: 'liquid.level',
        message: 'Level of the liquid: under 100 ml of liquid would go in and the pot could boil dry. Raise the level.',
      },
    ];
  }
  return [];
}
