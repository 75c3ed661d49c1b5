export { DAY_MS, HOUR_MS, MINUTE_MS, SECOND_MS } from './time';
export {
  type Dimension,
  displayUnit,
  fromUnit,
  GAS_MARKS,
  KG_PER_OZ,
  L_PER_FL_OZ,
  M_PER_FOOT,
  METRIC,
  MM_PER_INCH,
  toUnit,
  type Unit,
  type UnitChoice,
  UNITS,
} from './units';
