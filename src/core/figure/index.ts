export { figureOf, type Figure, type FigurePoints, type FigureScene, type Unreached } from './figureOf';
export { createSkinned, skinSurface, type SkinnedSurface } from './skinning';
export { turned } from './frames';
export type { Foot } from './stance';
export type { Balance } from './balance';
