export { mend, type MendResult, type MendWishes, type StuckWhy } from './mend';
export type { MendChange } from './mendAxis';
export { dragged, handlePoint, HANDLES, type Handle } from './handles';
export { whatReaches, type ReachingChange } from './reaching';
export { lightFor, SOUGHT_PATTERNS, type LightGoal, type LightProposal } from './lightFor';
export {
  CAMERA_GOALS,
  cameraFor,
  type CameraGoal,
  type CameraMeasures,
  type CameraProposal,
} from './cameraFor';
export { mendAll, type Left, type MendAllWishes, type MendedAll } from './mendAll';
export { FEATURE_IDS, type Feature } from './goal/gauges';
export { GOAL_IDS, type GoalId, type Wish } from './goal/goals';
export { towards, type GoalStep } from './goal/towards';
export { vary, type Variation } from './vary/vary';
export type { VariationChange, VariationKind } from './vary/kinds';
export { lookAt } from './proposal';
