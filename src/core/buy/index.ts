export { buyPlan, type BuyPlan, cutDoubt, cutsFor, edibleKgOf, rawPerEaterKg, trotterKg } from './buy';
