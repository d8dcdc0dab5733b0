import type { Gaze, HandShape, Landmark, PairedName, SettingId } from '../pose';

/** What is said when a setting grows, and when it shrinks. `{side}` becomes the sitter's own side. */
export type PhrasePair = readonly [grows: string, shrinks: string];

export const MIDLINE_PHRASES: Partial<Record<SettingId, PhrasePair>> = {
  heelSpacingShoulders: ['Feet wider apart', 'Feet closer together'],
  leftAheadFeet: ['Slide your left foot forward', 'Slide your right foot forward'],
  leftWeightShare: [
    'Let your weight sink on to your left foot',
    'Let your weight sink on to your right foot',
  ],
  hipsTurnLeftDeg: ['Turn your whole body to your left', 'Turn your whole body to your right'],
  hipsShiftLeftShare: ['Push your hips to your left', 'Push your hips to your right'],
  hipsLeftUpDeg: ['Let your left hip rise', 'Let your right hip rise'],
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
};

export const CONTACT_PHRASES: Record<Landmark, string> = {
  waistFront: 'Lay your {side} hand on the front of your waist',
  waistSide: 'Rest your {side} hand on your waist, elbow back',
  hipCrest: 'Rest your {side} hand on your hip, lightly',
  frontPocket: 'Slip your {side} hand into your front pocket',
  otherUpperArm: 'Hold your {other} arm with your {side} hand, lightly',
};
export const FREE_ARM_PHRASE = 'Let your {side} arm hang, loose';

export const HAND_PHRASES: Record<HandShape, string> = {
  relaxed: 'Shake your {side} hand out and let it fall',
  edgeSoft: 'Show me the edge of your {side} hand, soft',
  looseFist: 'Close your {side} hand loosely, as round an oar',
  flatRest: 'Lay your {side} fingers flat and light',
  pointSoft: 'Let one finger of your {side} hand lead',
};

export const GAZE_PHRASES: Record<Gaze['kind'], string> = {
  lens: 'Eyes to the lens',
  offLens: 'Eyes just past the lens',
  ahead: 'Look where your nose points',
  down: 'Lower your eyes',
};
