export { bentToOther } from './bentToOther';
export { faceCovered } from './faceCovered';
export { headsApart } from './headsApart';
export { idleHand } from './idleHand';
export { littleSeen } from './littleSeen';
export { wedge } from './wedge';
