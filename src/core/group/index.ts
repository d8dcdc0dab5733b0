export {
  arrangeGroup,
  exchanged,
  LEAST_GROUP,
  rearranged,
  type GroupAsked,
  type GroupOrder,
} from './arrange';
export { groupSheet, type GroupSheet, type NumberedPlace } from './groupSheet';
export { groupShot, loosens, type PlacedOrder } from './asShot';
export { type Modelled } from './laidOut';
export { type LevelId } from './levels';
export { bringsSeat, type Member } from './member';
export { MEANS_RANGES, type Means } from './means';
export { placesOfPlan } from './places';
export { RELATION_KINDS, type Relation, type RelationKind } from './relation';
export { type Wishes } from './problem';
export { type Setting } from './setting';
export { COVERED_SHARE, LEANING_SHARE, NEARLY_IN_LINE_DEG, STRETCHED_SHARE, type GroupTold } from './told';
export { groupingSchema, groupingWithout, USUAL_GROUPING, type Grouping } from './grouping';
