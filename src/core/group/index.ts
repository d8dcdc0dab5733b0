export {
  arrangeGroup,
  exchanged,
  LEAST_GROUP,
  rearranged,
  type GroupAsked,
  type GroupOrder,
} from './arrange';
export { groupSheet, type GroupSheet, type NumberedPlace } from './told/groupSheet';
export { groupShot, loosens, type PlacedOrder } from './asShot';
export { type Modelled } from './order/laidOut';
export { type LevelId } from './places/levels';
export { bringsSeat, type Member } from './asked/member';
export { MEANS_RANGES, type Means } from './asked/means';
export { placesOfPlan } from './places/places';
export { RELATION_KINDS, type Relation, type RelationKind } from './asked/relation';
export { type Wishes } from './cost/problem';
export { type Setting } from './places/setting';
export {
  COVERED_SHARE,
  LEANING_SHARE,
  NEARLY_IN_LINE_DEG,
  STRETCHED_SHARE,
  type GroupTold,
} from './told/told';
export { groupingSchema, groupingWithout, USUAL_GROUPING, type Grouping } from './asked/grouping';
