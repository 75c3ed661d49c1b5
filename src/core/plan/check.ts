import {
  fillingKg,
  heatMode,
  LIMITS,
  type MeatPart,
  meatField,
  type MeatField,
  meatParts,
  MODES,
  pieceSize,
  type PlanFault,
  type PlanField,
  type PlanInput,
} from '../choices';
import { partsAsCooked } from '../prep';
import { contentsOf, additionFor, RESULT_TARGET, wantedLitres } from './engineRequest';
import { TARGET_STAGES } from '../tenderness';
import { cutById, isCutId, isFatId, isGarnishId, isHerbId, isLiquidId, isSideId, isSpiceId } from '../larder';
import { baseIngredientId } from '../custom';
import { type Code, kg, litres, type Measure, type Message, mm, nameOf, noun, say, share } from '../message';
import { levelForLitres, fitsIn, meatHeightM, potShape, potSpanM, vegetableHeightM } from '../material';
import { HOUR_MS } from '../quantity';

/** Headroom for boiling and turning between liquid and rim, mm. */
export const HEADROOM_MM = 30;

/** A piece may be this much longer, corner to corner, than the pot is wide: meat bends and shrinks. */
const BEND = 0.85;
/** Meat may be this close to the rim, mm. */
const MEAT_BELOW_RIM_MM = 10;
/** Longest piece in units of its thickness. */
const LONGEST = 16;
const MIN_LIQUID_L = 0.1;
const TOO_FULL = { tooFull: true } as const;

const inKg = ([low, high]: readonly [number, number]): readonly [number, number] => [low / 1000, high / 1000];

function fault(field: PlanField, says: Message, more: Pick<PlanFault, 'tooFull'> = {}): PlanFault {
  return { field, says, ...more };
}

/** Name of a field within its own fault. */
type FieldName = Extract<Code, `field.${string}`> extends `field.${infer Name}` ? Name : never;

/** Beyond the planning limits, or not a number; `name` is one of the words' `field`. */
function outside(
  field: PlanField,
  name: FieldName,
  value: number,
  limits: readonly [low: number, high: number],
  as: Measure = 'number',
): PlanFault[] {
  const [low, high] = limits;
  if (Number.isFinite(value) && value >= low && value <= high) return [];
  const said = { name: say(`field.${name}`), limits: { as, low, high } };
  if (!Number.isFinite(value)) return [fault(field, say('fault.noNumber', said))];
  return [
    fault(
      field,
      say(value < low ? 'fault.tooLittle' : 'fault.tooMuch', { ...said, entry: { as, entered: value, limits } }),
    ),
  ];
}

function whole(field: PlanField, name: FieldName, value: number): PlanFault[] {
  return Number.isFinite(value) && !Number.isInteger(value)
    ? [fault(field, say('fault.notWhole', { name: say(`field.${name}`), value: { as: 'number', value } }))]
    : [];
}

function unknownId(field: PlanField, name: FieldName, id: string, known: boolean): PlanFault[] {
  return known ? [] : [fault(field, say('fault.unknown', { name: say(`field.${name}`), id }))];
}

function checkPart(part: MeatPart, field: MeatField): PlanFault[] {
  return [
    ...outside(`${field}.massKg`, 'meatWeight', part.massKg, LIMITS.massKg, 'mass'),
    ...outside(`${field}.pieces`, 'pieces', part.pieces, LIMITS.pieces),
    ...whole(`${field}.pieces`, 'pieces', part.pieces),
    ...outside(`${field}.thicknessMm`, 'thickness', part.thicknessMm, LIMITS.thicknessMm, 'length'),
    ...(part.pricePerKg === null ? [] : outside(`${field}.pricePerKg`, 'price', part.pricePerKg, LIMITS.pricePerKg)),
    ...(part.grossKg === null || part.grossKg >= part.massKg
      ? []
      : [fault(`${field}.grossKg`, say('fault.grossUnderNet', { gross: kg(part.grossKg), net: kg(part.massKg) }))]),
  ];
}

/** Ids in an input that the larder does not have: cuts, spices, fats, vegetables, liquids, herbs and sides. */
export function unresolvedIds(input: PlanInput): PlanFault[] {
  const { base, liquid, prepare, season, sear, day } = input;
  return [
    ...meatParts(input).flatMap((part, i) =>
      unknownId(`${meatField(i)}.cutId`, 'cut', part.cutId, isCutId(part.cutId)),
    ),
    ...season.spices.flatMap((s) => unknownId('season.spices', 'spice', s.id, isSpiceId(s.id))),
    ...unknownId('sear.fatId', 'fat', sear.fatId, isFatId(sear.fatId)),
    ...(prepare.filling?.items ?? []).flatMap((i) =>
      unknownId('prepare.filling', 'vegetable', i.id, isGarnishId(i.id)),
    ),
    ...base.items.flatMap((i) => unknownId('base.items', 'vegetable', i.id, isGarnishId(i.id))),
    ...liquid.parts.flatMap((p) => unknownId('liquid.parts', 'liquid', p.id, isLiquidId(p.id))),
    ...unknownId('liquid.fillerId', 'filler', liquid.fillerId, isLiquidId(liquid.fillerId)),
    ...liquid.herbs.flatMap((h) => unknownId('liquid.herbs', 'herb', h.id, isHerbId(h.id))),
    ...day.sides.flatMap((s) => unknownId('day.sides', 'side', s, isSideId(s))),
  ];
}

function checkAhead({ day, serveAtMs }: PlanInput): PlanFault[] {
  if (day.ahead === null || !Number.isFinite(serveAtMs)) return [];
  const hours = (serveAtMs - day.ahead.fridgeByMs) / HOUR_MS;
  const [least, most] = LIMITS.aheadHours;
  return hours >= least && hours <= most
    ? []
    : [fault('day.ahead', say('fault.fridgeTime', { least, most, now: { as: 'count', value: hours } }))];
}

function checkRest(input: PlanInput): PlanFault[] {
  const { base, liquid, season, sear, prepare, pot } = input;
  return [
    ...outside('eaters', 'eaters', input.eaters, LIMITS.eaters),
    ...whole('eaters', 'eaters', input.eaters),
    ...outside('pot.lengthMm', 'potLength', pot.lengthMm, LIMITS.potAcrossMm, 'length'),
    ...outside('pot.widthMm', 'potWidth', pot.widthMm, LIMITS.potAcrossMm, 'length'),
    ...outside('pot.heightMm', 'potHeight', pot.heightMm, LIMITS.potHeightMm, 'length'),
    ...outside('season.gramsPerKg', 'salt', season.gramsPerKg, LIMITS.saltGPerKg, 'gramsPerKg'),
    ...season.spices.flatMap((s) => [
      ...outside('season.spices', 'spice', s.grams / 1000, inKg(LIMITS.spiceG), 'mass'),
    ]),
    ...(sear.mostAtOnce === null
      ? []
      : [
          ...outside('sear.mostAtOnce', 'atOnce', sear.mostAtOnce, LIMITS.atOnce),
          ...whole('sear.mostAtOnce', 'atOnce', sear.mostAtOnce),
        ]),
    ...base.items.flatMap((i) => [...outside('base.items', 'vegetableWeight', i.kg, LIMITS.itemKg, 'mass')]),
    ...outside('base.pasteKg', 'paste', base.pasteKg, LIMITS.pasteKg, 'mass'),
    ...liquid.parts.flatMap((p) => [...outside('liquid.parts', 'pour', p.litres, LIMITS.partL, 'volume')]),
    ...outside('liquid.fillerStrength', 'fillerStrength', liquid.fillerStrength, LIMITS.fillerStrength, 'share'),
    ...liquid.herbs.flatMap((h) => [...outside('liquid.herbs', 'herbCount', h.count, LIMITS.herbCount)]),
    ...(liquid.fill ? outside('liquid.level', 'level', liquid.level, LIMITS.liquidLevel, 'share') : []),
    ...(prepare.filling === null
      ? []
      : [
          ...outside('prepare.filling', 'filling', fillingKg(prepare.filling), LIMITS.fillingKg, 'mass'),
          ...prepare.filling.items.flatMap((i) =>
            outside('prepare.filling', 'filling', i.kg, LIMITS.fillingKg, 'mass'),
          ),
          ...outside('prepare.filling', 'rolls', prepare.filling.rolls, LIMITS.rolls),
          ...whole('prepare.filling', 'rolls', prepare.filling.rolls),
        ]),
    ...outside('day.cooks', 'cooks', input.day.cooks, LIMITS.cooks),
    ...whole('day.cooks', 'cooks', input.day.cooks),
    ...outside('day.burners', 'burners', input.day.burners, LIMITS.burners),
    ...whole('day.burners', 'burners', input.day.burners),
    ...checkAhead(input),
    ...outside('finish.sauceLPerPlate', 'saucePerPlate', input.finish.sauceLPerPlate, LIMITS.sauceLPerPlate, 'volume'),
    ...outside('altitudeM', 'altitude', input.altitudeM, LIMITS.altitudeM, 'altitude'),
    ...outside('confidence', 'confidence', input.confidence, LIMITS.confidence, 'share'),
    ...checkCourse(input),
  ];
}

/** Impossible heat phases: beyond limits, without an end, or timed so that none could begin. */
function checkCourse({ bare, course, result }: PlanInput): PlanFault[] {
  const last = course.length - 1;
  const softest = TARGET_STAGES.indexOf(RESULT_TARGET[result]);
  return [
    ...(bare === null
      ? []
      : [
          ...outside('bare.minutes', 'bareTime', bare.minutes, LIMITS.bareMin, 'minutes'),
          ...outside('bare.tempC', 'bareHeat', bare.tempC, LIMITS.bareC, 'temperature'),
        ]),
    ...(course.length > LIMITS.stages[1]
      ? [fault('course', say('fault.tooManyStages', { most: LIMITS.stages[1] }))]
      : []),
    ...course.flatMap(({ heat, until }, i): PlanFault[] => {
      const mode = heatMode(heat);
      const field = `course.${String(i)}` as `course.${number}`;
      const ends = (until.kind === 'end') === (i === last);
      return [
        ...outside(`${field}.heat.tempC`, `heat.${mode}`, heat.tempC, MODES[mode].limitsC, 'temperature'),
        ...(ends ? [] : [fault(`${field}.until`, say(i === last ? 'fault.stageNeedsEnd' : 'fault.stageEndsEarly'))]),
        ...(until.kind === 'minutes' || until.kind === 'before'
          ? outside(`${field}.until`, 'stageTime', until.minutes, LIMITS.stageMin, 'minutes')
          : []),
        ...(until.kind === 'left' ? outside(`${field}.until`, 'stageLeft', until.litres, LIMITS.leftL, 'volume') : []),
        ...(until.kind === 'stage' && TARGET_STAGES.indexOf(until.stage) >= softest
          ? [fault(`${field}.until`, say('fault.stageTooSoft', { stage: nameOf('stage', until.stage) }))]
          : []),
      ];
    }),
  ];
}

/**
 * Everything that keeps an input from being planned, most basic first; empty if it can be. The serving time is checked
 * against `nowMs`.
 */
export function checkPlanInput(input: PlanInput, nowMs: number): PlanFault[] {
  const parts = meatParts(input);
  const unknown = unresolvedIds(input);
  if (unknown.length > 0) return unknown;
  const faults = [...parts.flatMap((part, i) => checkPart(part, meatField(i))), ...checkRest(input)];
  if (parts.length > LIMITS.meats[1]) {
    faults.push(fault('also', say('fault.tooManyMeats', { meats: parts.length, most: LIMITS.meats[1] })));
  }
  if (faults.length > 0) return faults;
  const unsafe = checkBeans(input);
  if (unsafe.length > 0) return unsafe;
  const crowding = checkFit(input);
  if (crowding.length > 0) return crowding;
  if (!Number.isFinite(input.serveAtMs) || input.serveAtMs <= nowMs) {
    return [fault('serveAtMs', say('fault.past'))];
  }
  return [];
}

function checkBeans(input: PlanInput): PlanFault[] {
  if (!input.base.items.some((i) => baseIngredientId(i.id) === 'beansDry' && i.kg > 0)) return [];
  return [fault('base.items', say('fault.dryBeans'))];
}

function checkSize(part: MeatPart, input: PlanInput, field: MeatField): PlanFault[] {
  const cut = cutById(part.cutId);
  const { pot } = input;
  const size = pieceSize(cut, part.massKg / part.pieces, part.thicknessMm);
  const piece = noun(cut.pieceNoun, 1);
  const longest = Math.max(size.lengthMm, size.widthMm);
  if (cut.form !== 'cubes' && longest > LONGEST * size.thicknessMm) {
    return [
      fault(
        `${field}.thicknessMm`,
        say('fault.tooLong', { thickness: mm(size.thicknessMm), piece, long: mm(longest) }),
      ),
    ];
  }
  if (Math.min(size.lengthMm, size.widthMm) < size.thicknessMm / 4) {
    return [
      fault(
        `${field}.thicknessMm`,
        say('fault.thinStick', {
          piece,
          weight: kg(part.massKg / part.pieces),
          thickness: mm(size.thicknessMm),
          usual: mm(cut.sizeMm.thickness),
        }),
      ),
    ];
  }
  const upright = input.lie === 'upright' && cut.form !== 'cubes';
  const [ground, other] = upright
    ? [cut.shape === 'roll' ? size.widthMm : size.lengthMm, size.thicknessMm]
    : [size.lengthMm, size.widthMm];
  const disc = cut.shape === 'disc' && !upright;
  const shape = potShape(pot);
  const fits = disc ? longest / 1000 <= potSpanM(shape) : fitsIn(shape, (ground * BEND) / 1000, (other * BEND) / 1000);
  if (!fits) {
    return [
      fault(
        'pot.id',
        say(upright ? 'fault.doesNotStand' : 'fault.doesNotLie', {
          piece,
          long: mm(size.lengthMm),
          wide: mm(size.widthMm),
          pot: pot.name,
          across: mm(Math.max(pot.lengthMm, pot.widthMm)),
          wanted: mm(Math.ceil((disc ? longest : Math.hypot(ground, other) * BEND) / 10) * 10),
        }),
        TOO_FULL,
      ),
    ];
  }
  return [];
}

function checkFit(input: PlanInput): PlanFault[] {
  const { pot } = input;
  const sizes = partsAsCooked(input).flatMap((part, i) => checkSize(part, input, meatField(i)));
  if (sizes.length > 0) return sizes;
  const contents = contentsOf(input);
  const massKg = meatParts(input).reduce((sum, p) => sum + p.massKg, 0);
  const topMm = meatHeightM(contents) * 1000;
  const poured = additionFor(input, wantedLitres(input, contents));
  const levelMm = levelForLitres(contents, poured.totalL) * 1000;
  const room = pot.heightMm - HEADROOM_MM;
  if (topMm > pot.heightMm - MEAT_BELOW_RIM_MM) {
    const most = (massKg * (pot.heightMm - MEAT_BELOW_RIM_MM)) / topMm;
    return [
      fault(
        'meat.massKg',
        say('fault.moreMeatThanPot', {
          meat: kg(massKg),
          high: mm(topMm),
          pot: pot.name,
          deep: mm(pot.heightMm),
          takes: kg(Math.floor(most * 10) / 10),
        }),
        TOO_FULL,
      ),
    ];
  }
  const vegetablesMm = vegetableHeightM(contents) * 1000;
  if (vegetablesMm > room) {
    const most = (contents.vegetablesKg * room) / vegetablesMm;
    return [
      fault(
        'base.items',
        say('fault.moreVegetablesThanRoom', {
          high: mm(vegetablesMm),
          pot: pot.name,
          fit: kg(Math.floor(most * 20) / 20),
        }),
        TOO_FULL,
      ),
    ];
  }
  if (levelMm > room) {
    return [
      fault(
        'liquid.level',
        say('fault.wouldBoilOver', {
          deep: mm(levelMm),
          headroom: mm(HEADROOM_MM),
          fits: share(Math.floor((room / topMm) * 100) / 100),
          pot: pot.name,
        }),
        TOO_FULL,
      ),
    ];
  }
  if (poured.totalL < MIN_LIQUID_L) {
    return [fault('liquid.level', say('fault.couldBoilDry', { least: litres(MIN_LIQUID_L) }))];
  }
  return [];
}
