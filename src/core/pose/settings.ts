import { turnBetweenDeg, type Side } from '../units';

/** The nine stations, from the floor up. */
export const STATIONS = [
  'feet',
  'weight',
  'hips',
  'spine',
  'shoulders',
  'arms',
  'hands',
  'head',
  'gaze',
] as const;
export type Station = (typeof STATIONS)[number];

/** Everything the application knows about one setting of a pose. */
export interface Setting {
  station: Station;
  /** Side of the body it belongs to, or null for the whole. */
  side: Side | null;
  /** Shown after the number. */
  unit: '°' | '%' | 'cm' | '× shoulders' | '× foot';
  /** Shown number for a stored value of 1: shares are shown in per cent. */
  shown: number;
  min: number;
  max: number;
  neutral: number;
  /** A comfortable change a sitter can follow. */
  step: number;
  /** What a photographer calls it. */
  words: string;
  /** The same without the side. */
  pairWords: string;
  /** What the low and the high end mean. */
  ends: readonly [string, string];
  /** Seconds to direct one step (common practice: small head moves are quick, a new stance is slow). */
  secondsPerStep: number;
  /** The setting of the other side, for mirroring; itself for the midline. */
  mirror: string;
  /** A midline setting that changes its sign when mirrored. */
  signed: boolean;
}

type Row = readonly [
  station: Station,
  unit: Setting['unit'],
  min: number,
  max: number,
  neutral: number,
  step: number,
  words: string,
  low: string,
  high: string,
  secondsPerStep: number,
];

const MIDLINE = {
  heelSpacingShoulders: ['feet', '× shoulders', 0.1, 2.2, 0.6, 0.1, 'heels apart', 'together', 'wide', 1.5],
  feetAheadFeet: ['feet', '× foot', -1.5, 3, 0, 0.25, 'feet ahead', 'drawn under', 'slid out', 1.5],
  seatDepthShare: ['hips', '%', 0, 1, 0.6, 0.1, 'depth on the seat', 'front edge', 'deep', 2],
  hipsForwardCm: ['hips', 'cm', -15, 15, 0, 2, 'hips pushed forward', 'back', 'forward', 1],
  hingeDeg: ['hips', '°', -20, 100, 0, 4, 'hinge from the hips', 'back', 'forward', 1.5],
  drawnUpShare: ['spine', '%', 0, 1, 0.7, 0.1, 'drawn up', 'slumped', 'drawn up', 1],
  lowerHollowDeg: ['spine', '°', -20, 35, 10, 5, 'lower back hollow', 'rounded', 'hollow', 1.5],
  upperCurveDeg: ['spine', '°', -10, 40, 5, 5, 'upper back curve', 'open', 'rounded', 1.5],
  leanForwardDeg: ['spine', '°', -30, 30, 0, 3, 'lean as one piece', 'back', 'forward', 1.5],
  chinDownDeg: ['head', '°', -40, 40, 0, 4, 'chin', 'up', 'down', 1],
  faceForwardCm: ['head', 'cm', -3, 6, 0, 0.5, 'face carried forward', 'back', 'forward', 1],
} as const satisfies Record<string, Row>;

/** Midline settings with a left and a right end. */
const SIGNED = {
  leftAheadFeet: ['feet', '× foot', -2, 2, 0, 0.25, 'left foot ahead', 'right ahead', 'left ahead', 1.5],
  leftWeightShare: ['weight', '%', 0, 1, 0.5, 0.1, 'weight on the left foot', 'right foot', 'left foot', 1],
  hipsTurnLeftDeg: ['hips', '°', -180, 180, 0, 10, 'hips turned left', 'right', 'left', 2],
  hipsShiftLeftShare: ['hips', '%', -0.6, 0.6, 0, 0.1, 'hips to the left', 'right', 'left', 1],
  hipsLeftUpDeg: ['hips', '°', -15, 15, 0, 2, 'left hip up', 'right up', 'left up', 1],
  seatLeftShare: ['hips', '%', -1, 1, 0, 0.15, 'along the seat', 'right', 'left', 2],
  leanLeftDeg: ['spine', '°', -30, 30, 0, 3, 'lean sideways as one piece', 'right', 'left', 1.5],
  bendLeftDeg: ['spine', '°', -30, 30, 0, 4, 'side bend to the left', 'right', 'left', 1],
  twistLeftDeg: ['spine', '°', -50, 50, 0, 5, 'shoulders twisted left', 'right', 'left', 1.5],
  shouldersLeftUpDeg: ['shoulders', '°', -15, 15, 0, 2, 'left shoulder up', 'right up', 'left up', 1],
  headTurnLeftDeg: ['head', '°', -75, 75, 0, 5, 'head turned left', 'right', 'left', 1],
  headTiltLeftDeg: ['head', '°', -35, 35, 0, 3, 'head tilted left', 'right ear down', 'left ear down', 1],
} as const satisfies Record<string, Row>;

const PAIRED = {
  FootOutDeg: ['feet', '°', -40, 100, 10, 10, 'foot turned out', 'in', 'out', 1.5],
  HeelLiftShare: ['feet', '%', 0, 1, 0, 0.15, 'heel lifted', 'flat', 'on the ball', 1],
  FootPointedDeg: ['feet', '°', -20, 50, 20, 10, 'foot pointed', 'drawn up', 'pointed', 1],
  KneeBendDeg: ['hips', '°', 0, 150, 3, 5, 'knee bent', 'locked', 'bent', 1],
  LegOutDeg: ['hips', '°', -60, 110, 0, 8, 'leg out to the side', 'across', 'out', 1.5],
  LegForwardDeg: ['hips', '°', -30, 130, 0, 8, 'thigh raised forward', 'back', 'forward', 1.5],
  KneeInDeg: ['hips', '°', -100, 90, 0, 5, 'knee swung in', 'out', 'in', 1],
  ShoulderForwardShare: ['shoulders', '%', -1, 1, -0.1, 0.15, 'shoulder forward', 'back', 'forward', 1],
  ShoulderRaisedShare: ['shoulders', '%', 0, 1, 0, 0.1, 'shoulder raised', 'dropped', 'raised', 1],
  ArmForwardDeg: ['arms', '°', -60, 170, 0, 6, 'arm forward', 'back', 'forward', 1],
  ArmOutDeg: ['arms', '°', -30, 150, 8, 4, 'arm away from the body', 'across', 'away', 1],
  ElbowBendDeg: ['arms', '°', 0, 150, 14, 8, 'elbow bent', 'straight', 'bent', 1],
  ElbowSwivelDeg: ['arms', '°', -90, 90, 0, 8, 'elbow turned', 'forward', 'back', 1],
  ForearmTurnDeg: ['hands', '°', -80, 80, -12, 10, 'forearm turned', 'palm back', 'palm forward', 1],
  WristBendDeg: ['hands', '°', -70, 80, 8, 8, 'wrist bent', 'back', 'towards the palm', 1],
  WristSideDeg: ['hands', '°', -20, 30, 4, 5, 'wrist sideways', 'thumb side', 'little-finger side', 1],
  FingerCurlShare: ['hands', '%', 0, 1, 0.4, 0.1, 'fingers curled', 'long', 'curled', 1],
  FingerSpreadShare: ['hands', '%', 0, 1, 0, 0.2, 'fingers spread', 'together', 'spread', 1],
} as const satisfies Record<string, Row>;

export type MidlineId = keyof typeof MIDLINE | keyof typeof SIGNED;
export type PairedName = keyof typeof PAIRED;
export type SettingId = MidlineId | `${Side}${PairedName}`;

const SHOWN: Record<Setting['unit'], number> = { '°': 1, '%': 100, cm: 1, '× shoulders': 1, '× foot': 1 };

function fromRow(row: Row, side: Side | null, mirror: string, signed: boolean): Setting {
  const [station, unit, min, max, neutral, step, words, low, high, secondsPerStep] = row;
  return {
    station,
    side,
    unit,
    shown: SHOWN[unit],
    min,
    max,
    neutral,
    step,
    words: side ? `${side} ${words}` : words,
    pairWords: words,
    ends: [low, high],
    secondsPerStep,
    mirror,
    signed,
  };
}

function buildTable(): Record<SettingId, Setting> {
  const table: Record<string, Setting> = {};
  for (const [id, row] of Object.entries(MIDLINE)) table[id] = fromRow(row, null, id, false);
  for (const [id, row] of Object.entries(SIGNED)) table[id] = fromRow(row, null, id, true);
  for (const [name, row] of Object.entries(PAIRED)) {
    table[`left${name}`] = fromRow(row, 'left', `right${name}`, false);
    table[`right${name}`] = fromRow(row, 'right', `left${name}`, false);
  }
  return table as Record<SettingId, Setting>;
}

/**
 * The one table of pose settings. Schema, controls, cues, cost of a change and search are read from it.
 * Turns, tilts and shifts are positive to the sitter's own left.
 */
export const SETTINGS: Readonly<Record<SettingId, Setting>> = buildTable();
export const SETTING_IDS = (Object.keys(SETTINGS) as SettingId[]).sort(
  (a, b) => STATIONS.indexOf(SETTINGS[a].station) - STATIONS.indexOf(SETTINGS[b].station),
);

/** How far a setting goes from one value to another, in its unit; what turns all the way round takes the shorter way. */
export function settingChange(id: SettingId, from: number, to: number): number {
  const { unit, min, max } = SETTINGS[id];
  return unit === '°' && max - min === 360 ? turnBetweenDeg(from, to) : to - from;
}

/** Id of a paired setting on one side. */
export function sided(side: Side, name: PairedName): SettingId {
  return `${side}${name}`;
}

/** Value of a setting mirrored left to right: what the mirror setting must be. */
export function mirroredValue(id: SettingId, value: number): number {
  if (!SETTINGS[id].signed) return value;
  // rounded, so that a pose mirrored twice is the same to the last digit
  return id === 'leftWeightShare' ? Math.round((1 - value) * 1e9) / 1e9 : -value || 0;
}
