export { armSettingsTowards, placesInReach, type ReachablePlace } from './grasp';
export { figureOf, type Figure, type FigureScene, type Unreached } from './figureOf';
export type { FigurePoints } from './points';
export { createSkinned, skinSurface, type SkinnedSurface } from './skinning';
export { turned } from './frames';
export type { Foot } from './stance';
export type { JointMotion } from './motions';
export type { JointEffort } from './effort';
export type { Balance } from './balance';
