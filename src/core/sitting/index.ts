export {
  frameSchema,
  meantId,
  sittingSchema,
  takeSchema,
  takeWithoutRole,
  withPeople,
  type Frame,
  type Sitting,
  type Take,
} from './records';
export { halvesOf } from './halves';
export { ownPoseSchema, type OwnPose } from './ownPose';
export { FIRST_LOOK_ID, upgradeSitter, upgradeSitting, upgradeTake, type SitterOfSitting } from './upgrade';
export { takenByTake, type Taken } from './taken';
