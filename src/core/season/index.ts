export {
  saltBalance,
  saltInSpoons,
  type SaltPlan,
  saltPlan,
  type SaltInput,
  type SaltSource,
  SAUCE_SALT,
  USUAL_SALT_G_PER_KG,
  usualSaltG,
} from './salt';
export { saltDiffusion, saltAtEquilibrium } from './saltMove';
