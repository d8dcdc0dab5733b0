import type { ClothQuestion } from '@/core/direct';

/** What is looked for on hair and cloth. */
export const CLOTH_WORDS: Readonly<Record<ClothQuestion, string>> = {
  hairOverEye: 'hair off the near eye',
  strayHair: 'stray hair',
  scarfEdge: 'edge of the scarf',
  glassesStraight: 'glasses straight',
  collarGap: 'no gap at the nape',
  jacketUnbuttoned: 'jacket open to sit',
  jacketSmooth: 'jacket smooth at the shoulders',
  sleevesEven: 'sleeves even',
  pocketsEmpty: 'nothing in the pockets',
  hemStraight: 'hem straight',
  heelsSteady: 'steady on the heels',
};
