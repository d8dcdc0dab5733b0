export { outside, review, RULES, type Finding } from './review';
export type { Measurement, MendVariable, Rule } from './rule';
