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
export { sunWindow, withinSun, type SunWindow } from './sunWindow';
export { collidingWishes, type Asked, type AskedId } from './colliding';
export { behindS, remainingRun } from './onSet';
export { shorterPlan, type ShorterPlan } from './shorter';
export {
  bestPlan,
  planAsItStands,
  planInOrder,
  type Broken,
  type FoundPlan,
  type PlanStep,
  type RunPlan,
} from './plan';
export {
  LAST_MIN,
  MINUTE_S,
  orderWishesSchema,
  type OrderWishes,
  type RunSource,
  type RunStop,
  type Sentences,
} from './stop';
