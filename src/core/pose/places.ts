/** Places on one half of the body, with what a photographer calls them. `other:` names the one across. */
export const SIDE_PLACES = {
  waistFront: 'waist, front',
  waistSide: 'waist, side',
  waistBack: 'waist, back',
  hipCrest: 'hip',
  seatBack: 'seat, back',
  frontPocket: 'front pocket',
  backPocket: 'back pocket',
  thighTop: 'thigh, top',
  thighOuter: 'thigh, outside',
  thighInner: 'thigh, inside',
  kneeTop: 'knee, above',
  kneeFront: 'knee',
  kneeOuter: 'knee, outside',
  shin: 'shin',
  calf: 'calf',
  ankle: 'ankle',
  upperArm: 'upper arm',
  upperArmBack: 'upper arm, back',
  elbow: 'elbow',
  elbowCrook: 'crook of the elbow',
  forearm: 'forearm',
  wrist: 'wrist',
  cuff: 'cuff',
  handBack: 'back of the hand',
  collarbone: 'collarbone',
  chest: 'chest',
  lapel: 'lapel',
  ribs: 'ribs',
  shoulder: 'shoulder',
  shoulderBack: 'shoulder, back',
  neckSide: 'side of the neck',
  jaw: 'jaw',
  cheek: 'cheek',
  temple: 'temple',
  ear: 'ear',
  hairSide: 'hair, side',
} as const;
export type SidePlace = keyof typeof SIDE_PLACES;

/** Places on the mid-line of the body. */
export const MIDLINE_PLACES = {
  belly: 'belly',
  belt: 'belt',
  hem: 'hem of the top',
  smallOfBack: 'small of the back',
  breastbone: 'breastbone',
  collar: 'collar',
  nape: 'nape',
  chin: 'chin',
  underChin: 'under the chin',
  lips: 'lips',
  forehead: 'forehead',
  crown: 'crown',
  hairBack: 'hair, back',
} as const;
export type MidlinePlace = keyof typeof MIDLINE_PLACES;

export type BodyPlaceName = SidePlace | MidlinePlace;
export const BODY_PLACES = [...Object.keys(SIDE_PLACES), ...Object.keys(MIDLINE_PLACES)] as BodyPlaceName[];

/** Places of the face, which give way to a hand. */
const ON_FACE: ReadonlySet<string> = new Set([
  'chin',
  'underChin',
  'jaw',
  'cheek',
  'temple',
  'lips',
  'forehead',
] satisfies BodyPlaceName[]);

/** Whether something that is laid on is a place of the face. */
export function isOnFace(to: string): boolean {
  return ON_FACE.has(to.replace('other:', ''));
}

/** Whether a place has a counterpart on the other half. */
export function isSided(place: BodyPlaceName): place is SidePlace {
  return place in SIDE_PLACES;
}

/** What a place of the body is called. */
export function bodyPlaceWords(place: BodyPlaceName): string {
  return isSided(place) ? SIDE_PLACES[place] : MIDLINE_PLACES[place];
}
