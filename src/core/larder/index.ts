export { AVOIDABLE, type Avoided, type Dietary } from './allergens';
export {
  type Burner,
  BURNER_EFFICIENCY,
  BURNER_KINDS,
  burnerNetW,
  type Pan,
  panFloorM2,
  panHeatJK,
  USUAL_RING_W,
} from './burners';
export { BIRDS, type Cut, cutById, CUTS, isCutId, type Species } from './cuts';
export { type Fat, fatById, FATS, isFatId } from './fats';
export { cutSize, type Fate, FATES, type Garnish, garnishById, GARNISHES, isGarnishId } from './garnish';
export { isLiquidId, isReducible, type Liquid, liquidById, LIQUIDS } from './liquids';
export {
  type Herb,
  herbById,
  HERBS,
  isHerbId,
  isSpiceId,
  SALT_CRYSTAL_IDS,
  SALT_CRYSTALS,
  type SaltCrystalId,
  spiceById,
  SPICES,
} from './seasoning';
export { SOURCES } from './rows';
export { isSideId, type Side, sideAmounts, sideById, SIDES, type SideStep } from './sides';
export { VESSEL_KINDS } from './vesselKinds';
export {
  LID_KINDS,
  lidsFor,
  OWN_LIDS,
  type OwnLid,
  type Oven,
  OVEN_KINDS,
  POT_FORMS,
  type PotForm,
  type LidKind,
  LIDS,
  type Pot,
  POT_MATERIALS,
  POT_MATTER,
  type PotMaterial,
} from './vessels';
