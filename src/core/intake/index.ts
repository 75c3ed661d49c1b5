export { parseQuantity } from './amounts';
export { type Role } from './lexicon';
export { planFromRecipe } from './plan';
export {
  minutesOfIso,
  type RawRecipe,
  readIngredient,
  type ReadLine,
  type ReadRecipe,
  readRecipe,
  type Recognised,
} from './recipe';
export { planFromWish, parsePlanRequest, type WishDay } from './planRequest';
