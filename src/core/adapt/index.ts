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
