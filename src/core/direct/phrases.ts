import {
  bodyTarget,
  contactPart,
  HAND_REGIONS,
  isOnSeat,
  targetWords,
  type BodyPlaceName,
  type Carried,
  type Contact,
  type ContactTarget,
  type Gaze,
  type ContactPartName,
  type HandShape,
  type PairedName,
  type Pose,
  type MidlineId,
} from '../pose';
import { SUPPORTS } from '../scene';

/** What is said when a setting grows, and when it shrinks. `{side}` becomes the sitter's own side. */
export type PhrasePair = readonly [grows: string, shrinks: string];

export const MIDLINE_PHRASES: Record<MidlineId, PhrasePair> = {
  heelSpacingShoulders: ['Feet wider apart', 'Feet closer together'],
  leftAheadFeet: ['Slide your left foot forward', 'Slide your right foot forward'],
  leftWeightShare: [
    'Let your weight sink on to your left foot',
    'Let your weight sink on to your right foot',
  ],
  hipsTurnLeftDeg: ['Turn your whole body to your left', 'Turn your whole body to your right'],
  hipsShiftLeftShare: ['Push your hips to your left', 'Push your hips to your right'],
  hipsLeftUpDeg: ['Let your left hip rise', 'Let your right hip rise'],
  feetAheadFeet: ['Slide both feet out', 'Draw both feet under you'],
  seatDepthShare: ['Sit further back', 'Come forward to the edge'],
  hipsForwardCm: ['Push your hips towards me', 'Take your hips back'],
  seatLeftShare: ['Move along to your left', 'Move along to your right'],
  leanForwardDeg: ['Lean towards me in one piece', 'Lean back in one piece'],
  leanLeftDeg: ['Lean to your left in one piece', 'Lean to your right in one piece'],
  hingeDeg: ['Lean in from the hips, back long', 'Come back up from the hips'],
  drawnUpShare: ['Grow tall through the top of your head', 'Breathe out and soften'],
  lowerHollowDeg: ['Hollow your lower back', 'Tuck your tail under'],
  upperCurveDeg: ['Let your upper back round', 'Open your chest'],
  bendLeftDeg: ['Bend your side to your left', 'Bend your side to your right'],
  twistLeftDeg: ['Turn your shoulders to your left', 'Turn your shoulders to your right'],
  shouldersLeftUpDeg: ['Left shoulder up', 'Right shoulder up'],
  headTurnLeftDeg: ['Turn your nose to your left', 'Turn your nose to your right'],
  headTiltLeftDeg: ['Tip your left ear down', 'Tip your right ear down'],
  chinDownDeg: ['Chin down', 'Chin up'],
  faceForwardCm: ['Bring your face towards me', 'Ease your face back'],
};

export const PAIRED_PHRASES: Record<PairedName, PhrasePair> = {
  FootOutDeg: ['Turn your {side} toes out', 'Turn your {side} toes in'],
  HeelLiftShare: ['Lift your {side} heel', 'Set your {side} heel down'],
  KneeBendDeg: ['Bend your {side} knee', 'Straighten your {side} knee, never locked'],
  FootPointedDeg: ['Point your {side} toes', 'Draw your {side} toes up'],
  LegOutDeg: ['Take your {side} leg out to the side', 'Bring your {side} leg in'],
  LegForwardDeg: ['Bring your {side} thigh forward', 'Take your {side} thigh back'],
  KneeInDeg: ['Bring your {side} knee in', 'Open your {side} knee out'],
  ShoulderForwardShare: ['Bring your {side} shoulder forward', 'Roll your {side} shoulder back'],
  ShoulderRaisedShare: ['Raise your {side} shoulder', 'Drop your {side} shoulder'],
  ArmForwardDeg: ['Bring your {side} arm forward', 'Take your {side} arm back'],
  ArmOutDeg: ['Float your {side} elbow away from your side', 'Bring your {side} arm closer'],
  ElbowBendDeg: ['Bend your {side} elbow', 'Let your {side} arm lengthen'],
  ElbowSwivelDeg: ['Turn your {side} elbow back', 'Turn your {side} elbow forward'],
  ForearmTurnDeg: ['Turn your {side} palm forward', 'Turn your {side} palm back'],
  WristBendDeg: ['Soften your {side} wrist', 'Straighten your {side} wrist'],
  WristSideDeg: ['Tip your {side} hand to the little finger', 'Tip your {side} hand to the thumb'],
  FingerCurlShare: ['Curl your {side} fingers', 'Lengthen your {side} fingers'],
  FingerSpreadShare: ['Spread your {side} fingers a little', 'Bring your {side} fingers together'],
};

/** Places for which the trade has better words than the plain ones. */
const CONTACT_PHRASES: Partial<Record<ContactTarget, string>> = {
  waistFront: 'Lay your {side} hand on the front of your waist',
  waistSide: 'Rest your {side} hand on your waist, elbow back',
  hipCrest: 'Rest your {side} hand on your hip, lightly',
  frontPocket: 'Slip your {side} hand into your front pocket',
  backPocket: 'Slip your {side} hand into your back pocket',
  'other:upperArm': 'Hold your {other} arm with your {side} hand, lightly',
};

/** The part of the sitter that is brought somewhere. */
const PART_WORDS: Record<ContactPartName, string> = {
  palm: 'your {side} hand',
  handBack: 'the back of your {side} hand',
  littleEdge: 'the edge of your {side} hand',
  thumbEdge: 'the thumb side of your {side} hand',
  fingertips: 'your {side} fingertips',
  fist: 'your {side} fist',
  wrist: 'your {side} wrist',
  elbow: 'your {side} elbow',
  forearm: 'your {side} forearm',
  shoulder: 'your {side} shoulder',
  foot: 'your {side} foot',
  temple: 'your {side} temple',
  cheek: 'your {side} cheek',
  forehead: 'your forehead',
  lips: 'your lips',
  back: 'your back',
};

/** What is said for each way of touching: the part, and the place with its article. */
const KIND_PHRASES: Record<Contact['kind'], (part: string, place: string) => string> = {
  hover: (part, place) => `Bring ${part} near ${place}`,
  touch: (part, place) => `Touch ${place} with ${part}`,
  rest: (part, place) => `Rest ${part} on ${place}`,
  hold: (part, place) => `Hold ${place} with ${part}`,
  grip: (part, place) => `Grip ${place} with ${part}`,
  lean: (part, place) => `Lean ${part} on ${place}`,
};

/** Places of the body as they are said within a sentence; `{your}` becomes whose they are. */
const BODY_PHRASES: Record<BodyPlaceName, string> = {
  waistFront: 'the front of {your} waist',
  waistSide: 'the side of {your} waist',
  waistBack: 'the back of {your} waist',
  hipCrest: '{your} hip',
  seatBack: 'the back of {your} seat',
  frontPocket: '{your} front pocket',
  backPocket: '{your} back pocket',
  thighTop: 'the top of {your} thigh',
  thighOuter: 'the outside of {your} thigh',
  thighInner: 'the inside of {your} thigh',
  kneeTop: '{your} thigh, just above the knee',
  kneeFront: '{your} knee',
  kneeOuter: 'the outside of {your} knee',
  shin: '{your} shin',
  calf: '{your} calf',
  ankle: '{your} ankle',
  upperArm: '{your} upper arm',
  upperArmBack: 'the back of {your} upper arm',
  elbow: '{your} elbow',
  elbowCrook: 'the crook of {your} elbow',
  forearm: '{your} forearm',
  wrist: '{your} wrist',
  cuff: '{your} cuff',
  handBack: 'the back of {your} hand',
  collarbone: '{your} collarbone',
  chest: '{your} chest',
  lapel: '{your} lapel',
  ribs: '{your} ribs',
  shoulder: '{your} shoulder',
  shoulderBack: 'the back of {your} shoulder',
  neckSide: 'the side of {your} neck',
  jaw: '{your} jaw',
  cheek: '{your} cheek',
  temple: '{your} temple',
  ear: '{your} ear',
  hairSide: 'the hair at {your} temple',
  belly: '{your} belly',
  belt: '{your} belt',
  hem: 'the hem of {your} top',
  smallOfBack: 'the small of {your} back',
  breastbone: '{your} breastbone',
  collar: '{your} collar',
  nape: 'the nape of {your} neck',
  chin: '{your} chin',
  underChin: 'the underside of {your} chin',
  lips: '{your} lips',
  forehead: '{your} forehead',
  crown: 'the top of {your} head',
  hairBack: 'the hair at the back of {your} head',
};

/** A place as it is said within a sentence; a place of somebody else is called theirs, whoever that is. */
function placePhrase({ to, of }: Contact): string {
  const own = bodyTarget(to);
  if (own && of) return BODY_PHRASES[own.place].replace('{your}', of.side ? `their ${of.side}` : 'their');
  if (!own) return `the ${targetWords(to, null)}`;
  return BODY_PHRASES[own.place].replace('{your}', own.across ? 'your {other}' : 'your');
}

/** What is said to bring a part to its place. */
export function contactPhrase(contact: Contact): string {
  const part = contactPart(contact);
  const isCustom = part === 'palm' && contact.kind !== 'hover' && !contact.of;
  const own = isCustom ? CONTACT_PHRASES[contact.to] : undefined;
  return own ?? KIND_PHRASES[contact.kind](PART_WORDS[part], placePhrase(contact));
}

/** What is said to end a contact. */
export function freePhrase(part: ContactPartName): string {
  return part in HAND_REGIONS ? FREE_ARM_PHRASE : `Free ${PART_WORDS[part]}`;
}

const FREE_ARM_PHRASE = 'Let your {side} arm hang, loose';

export const HAND_PHRASES: Record<HandShape, string> = {
  relaxed: 'Shake your {side} hand out and let it fall',
  edgeSoft: 'Show me the edge of your {side} hand, soft',
  looseFist: 'Close your {side} hand loosely, as round an oar',
  flatRest: 'Lay your {side} fingers flat and light',
  pointSoft: 'Let one finger of your {side} hand lead',
  thumbAndMiddle: 'Thumb and middle finger of your {side} hand together',
  hook: 'Hook the fingers of your {side} hand',
  holdRound: 'Close your {side} hand as round a handle',
  holdFlat: 'Hold your {side} hand as round a book',
  gatherCloth: 'Gather a little cloth in your {side} hand',
  longSoft: 'Make your {side} fingers long and soft',
  closedFist: 'Close your {side} hand',
  openFan: 'Open your {side} hand wide',
  chinRest: 'Fold your {side} fingers under, softly',
};

export const GAZE_PHRASES: Record<Gaze['kind'], string> = {
  lens: 'Eyes to the lens',
  offLens: 'Eyes just past the lens',
  ahead: 'Look where your nose points',
  down: 'Lower your eyes',
  hand: 'Look at your {side} hand',
  point: 'Eyes where I point',
  person: 'Look at the other’s {at}',
};

/** What is said to bring the whole body to another support, or the legs into another order. */
export function carriedPhrase(pose: Pose): string {
  const first = pose.objects?.[0];
  const object = first ? SUPPORTS[first.kind].words : 'floor';
  const isOnObject = pose.on === 'seat' && first !== undefined && !isOnSeat(pose.support);
  const where = isOnObject ? `, on the ${object}` : '';
  const crossed = pose.crossed ? `, ${CROSSED_PHRASES[pose.crossed.how]}` : '';
  return `${CARRIED_PHRASES[pose.support].replace('{object}', object)}${where}${crossed}`;
}

const CROSSED_PHRASES: Record<NonNullable<Pose['crossed']>['how'], string> = {
  ankles: 'ankles crossed',
  knees: 'one knee over the other',
  ankleOnKnee: 'one ankle on the other knee',
};

const CARRIED_PHRASES: Record<Carried, string> = {
  stand: 'Stand, both feet under you',
  lean: 'Lean on the {object}, lightly',
  perch: 'Perch on the edge of the {object}',
  sit: 'Sit down on the {object}',
  astride: 'Sit astride the {object}',
  kneel: 'Kneel up, tall',
  kneelLow: 'Kneel and sit back on your heels',
  floor: 'Sit down on the floor',
  reclineLeft: 'Lie down on your left side',
  reclineRight: 'Lie down on your right side',
  reclineBack: 'Lie down on your back',
  reclineFront: 'Lie down on your front',
  allFours: 'Come on to your hands and knees',
};

/** What is said to draw an expression: never the muscle, always the thought. */
export function expressionPhrase({
  smile = 0,
  lidsClosed = 0,
  browsRaised = 0,
}: NonNullable<Pose['expression']>): string {
  if (lidsClosed > 0.7) return 'Close your eyes, and breathe out';
  if (smile > 0.7) return 'Think of the last thing that made you laugh out loud';
  if (smile > 0.15) return 'Think of somebody you are glad to see';
  return browsRaised < -0.2 ? 'Look at me as if it mattered' : 'Let your face rest';
}
