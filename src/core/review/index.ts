export { asShown, EXAMPLE_PROFILE, EXAMPLES, castIn, type Example } from './examples';
export { byCause, type Cause } from './causes';
export { outside, review, shortOfClear, type Finding } from './review';
export { ruleName, RULES, type KnownRule, type RuleId } from './rules';
export {
  GRADES,
  isAtLeast,
  type Grade,
  type Measurement,
  type MendChoice,
  type MendNumber,
  type MendVariable,
  type Rule,
} from './rule';
