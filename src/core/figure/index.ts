export { figureOf, type Figure, type FigurePoints, type FigureScene, type Unreached } from './figureOf';
export { createSkinned, skinSurface, TRANSFORM_STRIDE, type SkinnedSurface } from './skinning';
export { EYE_LIMIT_DEG } from './gaze';
export { twoBone, reachAtBendM } from './twoBone';
export { rotationOf, turned } from './frames';
export type { Foot } from './stance';
export type { Balance } from './balance';
