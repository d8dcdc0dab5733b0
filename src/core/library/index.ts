export { type BodyFraming } from './bears';
export { ARRANGEMENTS, arranged, suiting, type Arrangement, type ArrangedPerson } from './pairs';
export { IN_A_ROW, type RowCarriage } from './inARow';
export { HOUSE_POSES, isForCloseFrame, STANDING_POSES } from './house';
export {
  fit,
  fitInstead,
  goesWithOutfit,
  outfitsToMind,
  posesNear,
  type Adaptation,
  type Fitted,
  type FitWishes,
  type InsteadWhy,
  type OutfitAgainst,
} from './fit';
export { cautionsOf, type CautionId } from './cautions';
export { forSitter, ownSupport } from './forSitter';
export { carriedIn } from './starts';
export { HANDS_BUSY, HANDS_IDS, handsOf, type HandsId } from './traits';
export { collectionsOf, entriesOf, findEntries, NO_FILTER, type PoseEntry, type PoseFilter } from './find';
