import { LIMITS, type PlanFault, type PlanInput } from './input';
import { meatGroup, pieceSize } from './pieces';
import { lyingPieces } from '../forecast/assemble';
import { cutById, isCutId } from '../larder/cuts';
import { arrange, litresForLevel, type PotContents } from '../liquid/geometry';

/** Room for the boil and for turning between liquid and rim, mm. */
export const HEADROOM_MM = 30;

/** A piece may be this much longer, corner to corner, than the pot is wide: meat bends and draws together. */
const BEND = 0.85;

const number = (value: number): string => String(Math.round(value * 100) / 100);

function outside(
  field: string,
  name: string,
  value: number,
  [low, high]: readonly [number, number],
  unit: string,
): PlanFault[] {
  if (Number.isFinite(value) && value >= low && value <= high) return [];
  const got = Number.isFinite(value)
    ? `${number(value)}${unit} is ${value < low ? 'too little' : 'too much'}`
    : 'no number was given';
  return [
    { field, message: `${name}: ${got}. Anything from ${number(low)} to ${number(high)}${unit} can be planned.` },
  ];
}

function whole(field: string, name: string, value: number): PlanFault[] {
  return Number.isFinite(value) && !Number.isInteger(value)
    ? [{ field, message: `${name}: ${number(value)} is not a whole number. Count whole ones only.` }]
    : [];
}

/**
 * Everything about an input that keeps it from being planned, most basic first; empty when it can be. `nowMs` is the
 * present moment, against which the serving time is checked.
 */
export function checkPlanInput(input: PlanInput, nowMs: number): PlanFault[] {
  const { meat, pot, heat } = input;
  if (!isCutId(meat.cutId)) {
    return [{ field: 'meat.cutId', message: `Cut: there is no cut called “${meat.cutId}”. Choose one from the list.` }];
  }
  const faults = [
    ...outside('meat.massKg', 'Weight of the meat', meat.massKg, LIMITS.massKg, ' kg'),
    ...outside('meat.pieces', 'Number of pieces', meat.pieces, LIMITS.pieces, ''),
    ...whole('meat.pieces', 'Number of pieces', meat.pieces),
    ...outside('meat.thicknessMm', 'Thickness', meat.thicknessMm, LIMITS.thicknessMm, ' mm'),
    ...outside('eaters', 'Number of eaters', input.eaters, LIMITS.eaters, ''),
    ...whole('eaters', 'Number of eaters', input.eaters),
    ...outside('pot.diameterMm', 'Width of the pot', pot.diameterMm, LIMITS.potDiameterMm, ' mm'),
    ...outside('pot.heightMm', 'Height of the pot', pot.heightMm, LIMITS.potHeightMm, ' mm'),
    ...outside('vegetablesKg', 'Weight of the vegetables', input.vegetablesKg, LIMITS.vegetablesKg, ' kg'),
    ...outside('liquidLevel', 'Level of the liquid', input.liquidLevel, LIMITS.liquidLevel, ' of the meat’s height'),
    ...outside('altitudeM', 'Altitude', input.altitudeM, LIMITS.altitudeM, ' m'),
    ...outside('confidence', 'Wanted certainty', input.confidence, LIMITS.confidence, ''),
    ...(heat.kind === 'oven'
      ? outside('heat.tempC', 'Oven', heat.tempC, LIMITS.ovenC, ' °C')
      : outside('heat.tempC', 'Simmer', heat.tempC, LIMITS.simmerC, ' °C')),
  ];
  if (faults.length > 0) return faults;
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

function checkFit(input: PlanInput): PlanFault[] {
  const { meat, pot } = input;
  const cut = cutById(meat.cutId);
  const group = meatGroup(cut, meat);
  const size = pieceSize(cut, meat.massKg / meat.pieces, meat.thicknessMm);
  const longest = Math.max(size.lengthMm, size.widthMm);
  if (cut.form !== 'cubes' && longest > 4 * size.thicknessMm * 4) {
    return [
      {
        field: 'meat.thicknessMm',
        message: `Thickness: at ${number(size.thicknessMm)} mm each ${cut.pieceNoun} would be ${String(Math.round(longest))} mm long. Measure again, or change weight or number of pieces.`,
      },
    ];
  }
  if (Math.min(size.lengthMm, size.widthMm) < size.thicknessMm / 4) {
    return [
      {
        field: 'meat.thicknessMm',
        message: `Thickness: a ${cut.pieceNoun} of ${number((meat.massKg / meat.pieces) * 1000)} g cannot be ${number(size.thicknessMm)} mm thick; it would be a thin stick. Fewer pieces, more weight, or about ${String(Math.round(cut.sizeMm.thickness))} mm.`,
      },
    ];
  }
  const corner = cut.shape === 'disc' ? longest : Math.hypot(size.lengthMm, size.widthMm) * BEND;
  if (corner > pot.diameterMm) {
    return [
      {
        field: 'pot.id',
        message: `Pot: a ${cut.pieceNoun} ${String(Math.round(size.lengthMm))} × ${String(Math.round(size.widthMm))} mm does not lie flat in ${pot.name}, ${String(pot.diameterMm)} mm across. Take a pot of ${String(Math.ceil(corner / 10) * 10)} mm or more, or cut the meat smaller.`,
      },
    ];
  }
  const arrangement = arrange(
    { diameterM: pot.diameterMm / 1000, heightM: pot.heightMm / 1000 },
    lyingPieces(cut, group),
  );
  const contents: PotContents = {
    pot: { diameterM: pot.diameterMm / 1000, heightM: pot.heightMm / 1000 },
    arrangements: [arrangement],
    vegetablesKg: input.vegetablesKg,
  };
  const topMm = arrangement.stackHeightM * 1000;
  const levelMm = topMm * input.liquidLevel;
  const room = pot.heightMm - HEADROOM_MM;
  if (topMm > pot.heightMm - 10) {
    const most = (meat.massKg * (pot.heightMm - 10)) / topMm;
    return [
      {
        field: 'meat.massKg',
        message: `More meat than pot: ${number(meat.massKg)} kg stands ${String(Math.round(topMm))} mm high and ${pot.name} is ${String(pot.heightMm)} mm deep. It takes about ${number(Math.floor(most * 10) / 10)} kg of this; use a bigger pot or two.`,
      },
    ];
  }
  if (levelMm > room) {
    const share = Math.floor((room / topMm) * 100);
    return [
      {
        field: 'liquidLevel',
        message: `Level of the liquid: it would stand ${String(Math.round(levelMm))} mm deep, less than ${String(HEADROOM_MM)} mm below the rim, and boil over. Up to ${String(share)} % of the meat’s height fits in ${pot.name}.`,
      },
    ];
  }
  if (litresForLevel(contents, levelMm / 1000) < 0.1) {
    return [
      {
        field: 'liquidLevel',
        message: 'Level of the liquid: under 100 ml of liquid would go in and the pot could boil dry. Raise the level.',
      },
    ];
  }
  return [];
}
