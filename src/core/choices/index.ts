export {
  firstStage,
  mainStage,
  modesOf,
  sameHeat,
  stageMessage,
  singleStageSchedule,
  withHeat,
  withLid,
} from './heatSchedule';
export { afterRecord } from './afterRecord';
export { OPEN_SECONDS } from './openSeconds';
export { type HeatPhase, type StageUntil } from './stages';
export { type StorageSettings, USUAL_KEEPING } from './keeping';
export { fatWayOf, HOT_FAT_WAYS, USUAL_SAUCE_L_PER_PLATE, defaultFinish, withResult } from './finish';
export {
  END_THICKENERS,
  ENRICHINGS,
  type Enrichment,
  ENRICHMENTS,
  MEAT_ENDS,
  type MeatEnd,
  type Thickness,
  THICKNESS_LEVELS,
  SOLIDS_WAYS,
  type SolidsMethod,
  TOSSED,
  FAT_WAYS,
  type SkimMethod,
  THICKENER_ALLERGENS,
} from './finishTechniques';
export {
  dries,
  HEAT_MODES,
  heatInstead,
  heatMode,
  type HeatMode,
  heatOf,
  heatSays,
  humidityOf,
  MODES,
  ownOvenMode,
  type PlanHeat,
  withHumidity,
} from './heats';
export {
  type Appetite,
  APPETITES,
  type BaseChoice,
  type BaseItem,
  BED_POSITIONS,
  type Filling,
  fillingKg,
  ITEM_TIMES,
  type ItemTime,
  ORIENTATIONS,
  ADDITION_TIMES,
  SPICE_TIMES,
  type SpiceTime,
  type FinishChoice,
  type LockedTask,
  LIMITS,
  type LiquidChoice,
  type MeatPart,
  type MeatField,
  meatField,
  meatParts,
  sectionOf,
  type PlanFault,
  type PlanField,
  type PlanInput,
  type Preparation,
  type ResultId,
  RESULTS,
  type Seasoning,
} from './input';
export { cubeCount, isSmall, meatGroup, pieceSize, type PieceSize, usualCount, usualThicknessMm } from './pieces';
export { sidesOf } from './sides';
export {
  defaultChoice,
  type KitchenDefaults,
  LEVEL_SHARES,
  defaultLevel,
  TECHNIQUE_TOPICS,
  type TechniqueOption,
  TECHNIQUES,
  type TechniqueTopic,
  WINE_LEFT,
} from './techniques';
