export { buyPlan, type BuyPlan, cutDoubt, cutsFor, bonelessKg, rawPerPersonKg, trotterKg } from './buy';
