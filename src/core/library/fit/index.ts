export type { Adaptation, InsteadWhy } from './adaptation';
export { fit, fitInstead, type Fitted, type FitWishes } from './fit';
export { posesNear } from './near';
export { goesWithOutfit, outfitsToMind, type OutfitAgainst } from './outfit';
