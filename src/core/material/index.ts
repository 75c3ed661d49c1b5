export {
  arrangeAll,
  levelForLitres,
  litresForLevel,
  type OrientedPieces,
  meatHeightM,
  type PotContents,
  shrunk,
  submergedShares,
  bedHeightM,
  vegetableHeightM,
} from './geometry';
export { type MeatGroup } from './meatGroup';
export {
  fitsIn,
  potBaseM2,
  potRimM,
  potShape,
  type PotShape,
  potSpanM,
  potVolumeL,
  roundPot,
  usualPotKg,
  wallThicknessM,
} from './pot';
export { FRIDGE_C, ROOM_C, TAP_C } from './surroundings';
export {
  RELEASE_FROM_C,
  startingVegetablesKg,
  usualVegetables,
  vegetablesKgAt,
  vegetableWaterKg,
  type WaterSource,
} from './vegetables';
