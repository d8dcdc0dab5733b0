import type { MidlineId, PairedName } from '../pose';

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
