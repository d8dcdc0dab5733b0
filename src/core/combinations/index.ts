export { callsOf, type Call } from './calls';
export {
  COMBINATION_MINUTES,
  combinationsSchema,
  MOST_COMBINATIONS,
  withoutPerson,
  type Combination,
} from './combination';
export { callOrder, orderCost } from './order';
export { proposedCombinations, usualMinutes, type Proposed } from './proposed';
