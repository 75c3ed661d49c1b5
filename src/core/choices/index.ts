export { HEAT_MODES, heatInstead, heatMode, type HeatMode, heatOf, heatSays, MODES, type PlanHeat } from './heats';
export {
  type Appetite,
  APPETITES,
  type BaseChoice,
  type BaseItem,
  type Fixed,
  LIMITS,
  type MeatPart,
  type MeatField,
  meatField,
  meatParts,
  partOf,
  type PlanFault,
  type PlanField,
  type PlanInput,
  type Preparation,
  type ResultId,
  RESULTS,
  type Seasoning,
} from './input';
export { cubeCount, isSmall, meatGroup, pieceSize, type PieceSize, usualCount, usualThicknessMm } from './pieces';
export {
  habit,
  type Habits,
  LEVEL_SHARES,
  usualLevel,
  WAY_TOPICS,
  type WayOf,
  WAYS,
  type WayTopic,
  WINE_LEFT,
} from './ways';
