export { type AheadFigures, aheadFigures, type Cooling, coolPot, type Reheating, reheatPot } from './cooling';
export { tableCare, type TableCare } from './table';
