export {
  baseIngredientId,
  CUSTOM_LIMITS,
  OWN_NAME_MOST,
  OWN_TABLES,
  customId,
  findCustom,
  type OwnTable,
  type CustomIngredient,
} from './own';
