import { FACE_TO_FACE } from './faceToFace';
import { SEATED_TOGETHER, WITHOUT_TOUCH } from './seated';
import { SIDE_BY_SIDE } from './sideBySide';
import { TOGETHER } from './together';
import type { Arrangement } from './arrangement';

export type { Arrangement, ArrangedPerson } from './arrangement';
export { arranged } from './arranged';

/** The house's arrangements of two, by how they stand to each other. */
export const ARRANGEMENTS: Readonly<Record<string, readonly Arrangement[]>> = {
  'side by side': SIDE_BY_SIDE,
  'face to face': FACE_TO_FACE,
  'together to the lens': TOGETHER,
  'with a seat': SEATED_TOGETHER,
  'without touch': WITHOUT_TOUCH,
};
