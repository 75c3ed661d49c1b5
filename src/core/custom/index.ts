export {
  baseIngredientId,
  CUSTOM_LIMITS,
  OWN_NAME_MAX,
  OWN_TABLES,
  customId,
  findCustom,
  type OwnTable,
  type CustomIngredient,
} from './custom';
