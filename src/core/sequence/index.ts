export { changeCost, poseBefore, type ChangeCost, type Gear } from './cost';
export { type DislikeId } from './dislikes';
export {
  ownPaceSchema,
  PACE_IDS,
  PACE_ROWS,
  paceWith,
  USUAL_PACE,
  type OwnPace,
  type Pace,
  type PaceId,
} from './pace';
export { collidingWishes, type Asked, type AskedId } from './colliding';
export { shorterPlan, type ShorterPlan } from './shorter';
export { bestPlan, planAsItStands, type Broken, type FoundPlan, type PlanStep, type RunPlan } from './plan';
export { LAST_MIN, orderWishesSchema, type OrderWishes, type RunSource, type RunStop } from './stop';
