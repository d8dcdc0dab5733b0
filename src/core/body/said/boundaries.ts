/** What somebody does not do in front of the camera, as far as a picture tells it; all else is said in their own words. */
export const BOUNDARIES = {
  noFloor: 'not on the floor',
  noLying: 'no lying down',
  noTouchByOthers: 'no touch by others in the picture',
  notFromBehind: 'not from behind',
  notFromBelow: 'no lens below the hips',
  noFaceAlone: 'no picture of the face alone',
} as const;
export type Boundary = keyof typeof BOUNDARIES;
export const BOUNDARY_NAMES = Object.keys(BOUNDARIES) as Boundary[];
