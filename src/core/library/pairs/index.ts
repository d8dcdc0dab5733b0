import { FACE_TO_FACE } from './faceToFace';
import { ON_THE_FLOOR } from './onTheFloor';
import { SEATED_TOGETHER } from './seated';
import { SIDE_BY_SIDE } from './sideBySide';
import { TOGETHER } from './together';
import { WITH_CHILD } from './withChild';
import { WITHOUT_TOUCH } from './withoutTouch';
import type { Arrangement } from './arrangement';

export type { Arrangement, ArrangedPerson } from './arrangement';
export { arranged, suiting } from './arranged';

/** The house's arrangements of two, by how they stand to each other. */
export const ARRANGEMENTS: Readonly<Record<string, readonly Arrangement[]>> = {
  'side by side': SIDE_BY_SIDE,
  'face to face': FACE_TO_FACE,
  'together to the lens': TOGETHER,
  'with a seat': SEATED_TOGETHER,
  'on the floor': ON_THE_FLOOR,
  'with a child': WITH_CHILD,
  'without touch': WITHOUT_TOUCH,
};
