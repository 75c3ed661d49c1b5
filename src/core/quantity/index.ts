export {
  type Dimension,
  displayUnit,
  fromUnit,
  GAS_MARKS,
  M_PER_FOOT,
  METRIC,
  MM_PER_INCH,
  toUnit,
  type Unit,
  type UnitChoice,
  UNITS,
} from './units';
