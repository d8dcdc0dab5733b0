import { z } from 'zod';
import { roleSchema } from '../checks';
import { FACE_MOVE_NAMES, FACE_MOVES, type FaceMove, type FaceShares } from '../body';
import type { Language } from '../people';
import { MOST_SUPPORTS, supportSchema } from '../scene';
import { otherSide, SIDES, type Side } from '../units';
import { CARRIED, CARRIED_NAMES, isOnSeat, LEG_MODES, type Carried, type LegMode } from './carried';
import {
  contactSchema,
  contactSide,
  usualKind,
  handRegion,
  mirrorContact,
  type Contact,
  type ContactLimb,
  type ContactTarget,
} from './contact';
import { mirroredValue, SETTING_IDS, sided, SETTINGS, type SettingId } from './settings';

/** What the picture says: four scales, each from -1 to 1. */
export const messageSchema = z.strictObject({
  /** Softness (-) to presence (+). */
  presence: z.number().min(-1).max(1),
  /** Reserved (-) to open (+). */
  openness: z.number().min(-1).max(1),
  /** Easy (-) to formal (+). */
  formality: z.number().min(-1).max(1),
  /** Still (-) to moving (+). */
  movement: z.number().min(-1).max(1),
});
export type Message = z.infer<typeof messageSchema>;

/** Hand shapes by name; finger angles are in the figure's hands. */
export const HAND_SHAPES = [
  'relaxed',
  'edgeSoft',
  'looseFist',
  'flatRest',
  'pointSoft',
  'thumbAndMiddle',
  'hook',
  'holdRound',
  'holdFlat',
  'gatherCloth',
  'longSoft',
  'closedFist',
  'openFan',
  'chinRest',
] as const;
export type HandShape = (typeof HAND_SHAPES)[number];

/** Ways of crossing the legs. */
export const CROSSINGS = {
  ankles: 'ankles crossed',
  knees: 'knee over knee',
  ankleOnKnee: 'ankle on the knee',
} as const;
export const CROSSING_NAMES = Object.keys(CROSSINGS) as (keyof typeof CROSSINGS)[];

const metres = z.number().min(-20).max(20);

/** How far past the lens the eyes may be asked to look, degrees: to the sitter's left, and up. */
export const OFF_LENS_RANGES = {
  leftDeg: { min: -40, max: 40, step: 2 },
  upDeg: { min: -30, max: 30, step: 2 },
} as const;

const offLens = (angle: keyof typeof OFF_LENS_RANGES) =>
  z.number().min(OFF_LENS_RANGES[angle].min).max(OFF_LENS_RANGES[angle].max);

/** Where the eyes look. A point is said in metres from the mark: left, up, to the front. Yaw is positive to the sitter's left, pitch positive upwards, both against the head. */
export const gazeSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('lens') }),
  z.strictObject({
    kind: z.literal('offLens'),
    leftDeg: offLens('leftDeg'),
    upDeg: offLens('upDeg'),
  }),
  z.strictObject({ kind: z.literal('ahead') }),
  z.strictObject({ kind: z.literal('down') }),
  z.strictObject({ kind: z.literal('hand'), side: z.enum(['left', 'right']) }),
  z.strictObject({ kind: z.literal('point'), point: z.tuple([metres, metres, metres]) }),
  z.strictObject({ kind: z.literal('person'), role: roleSchema, at: z.enum(['eyes', 'hands']) }),
]);
export type Gaze = z.infer<typeof gazeSchema>;

const expressionShape = Object.fromEntries(
  FACE_MOVE_NAMES.map((move) => [
    move,
    z.number().min(FACE_MOVES[move].min).max(FACE_MOVES[move].max).optional(),
  ]),
) as Record<FaceMove, z.ZodOptional<z.ZodNumber>>;

const settingsShape = Object.fromEntries(
  SETTING_IDS.map((id) => [id, z.number().min(SETTINGS[id].min).max(SETTINGS[id].max).optional()]),
) as Record<SettingId, z.ZodOptional<z.ZodNumber>>;

/** How a pose is introduced to the sitter. */
const introduction = z.string().max(400);

/**
 * A stored pose: only what a person said. Settings that are absent are neutral. A contact outranks the free settings
 * of its limb.
 */
export const poseSchema = z.strictObject({
  name: z.string().min(1).max(80),
  /** How the pose is introduced to the sitter. */
  words: introduction,
  /** The same in other languages, for whoever is spoken to in one. */
  wordsIn: z
    .strictObject({
      de: introduction.optional(),
      fr: introduction.optional(),
      es: introduction.optional(),
    } satisfies Record<Exclude<Language, 'en'>, z.ZodType>)
    .optional(),
  level: z.int().min(1).max(5),
  support: z.enum(CARRIED_NAMES),
  /** The supports that the pose needs, where they stand. */
  objects: z.array(supportSchema).max(MOST_SUPPORTS).optional(),
  /**
   * Kneeling and lying are on the floor unless they are on the seat of the first support; who sits is on the seat
   * unless on an armrest, the one that is nearer to the mark.
   */
  on: z.enum(['floor', 'seat', 'armrest']).optional(),
  /** What each leg does; what is not said follows from how the body is carried. */
  legs: z.strictObject({ left: z.enum(LEG_MODES), right: z.enum(LEG_MODES) }).optional(),
  crossed: z.strictObject({ how: z.enum(CROSSING_NAMES), over: z.enum(['left', 'right']) }).optional(),
  settings: z.strictObject(settingsShape),
  contacts: z
    .array(contactSchema)
    .max(8)
    .refine((list) => new Set(list.map((c) => c.part)).size === list.length, 'one contact a part')
    .refine(
      (list) => SIDES.every((s) => list.filter((c) => contactSide(c) === s && handRegion(c)).length <= 1),
      'one contact a hand',
    ),
  hands: z.strictObject({ left: z.enum(HAND_SHAPES), right: z.enum(HAND_SHAPES) }),
  gaze: gazeSchema,
  /** What the face does; what is not said is at rest. */
  expression: z.strictObject(expressionShape).optional(),
  message: messageSchema,
});
export type Pose = z.infer<typeof poseSchema>;

/** The quiet neutral stance. */
export function neutralPose(name: string): Pose {
  return {
    name,
    words: '',
    level: 1,
    support: 'stand',
    settings: {},
    contacts: [],
    hands: { left: 'relaxed', right: 'relaxed' },
    gaze: { kind: 'lens' },
    message: { presence: 0, openness: 0, formality: 0, movement: -0.5 },
  };
}

/** Value of a setting, neutral where nothing was said. */
export function settingOf(pose: Pose, id: SettingId): number {
  return pose.settings[id] ?? neutralOf(pose, id);
}

/** Bend of a knee that hangs over the other one, where nothing is said of it, degrees. */
const HANGING_KNEE_DEG = 84;

/** The thigh of one who sits lies along the seat, against the upright trunk, degrees. */
const SEATED_THIGH_DEG = 84;

/**
 * What a setting is in this pose when nothing is said of it: the table's neutral, but for a knee hung over the other
 * and for a leg that hangs from a seat.
 */
export function neutralOf(pose: Pose, id: SettingId): number {
  const { crossed } = pose;
  const { side, neutral } = SETTINGS[id];
  if (side === null) return neutral;
  const isKnee = id === sided(side, 'KneeBendDeg');
  if (crossed?.how === 'knees' && crossed.over === side && isKnee) return HANGING_KNEE_DEG;
  if (!isOnSeat(pose.support) || legModes(pose)[side] !== 'free') return neutral;
  if (isKnee) return HANGING_KNEE_DEG;
  return id === sided(side, 'LegForwardDeg') ? SEATED_THIGH_DEG : neutral;
}

/**
 * The pose with one setting changed; a neutral value is no longer stored.
 * @throws RangeError naming setting, value and range.
 */
export function withSetting(pose: Pose, id: SettingId, value: number): Pose {
  const s = SETTINGS[id];
  if (!(value >= s.min && value <= s.max))
    throw new RangeError(`${id} ${value} must be from ${s.min} to ${s.max}`);
  const settings = { ...pose.settings };
  if (Math.abs(value - neutralOf(pose, id)) < s.step * 1e-6) delete settings[id];
  else settings[id] = value;
  return { ...pose, settings };
}

/** Expressions that have a name. */
export const EXPRESSIONS = {
  calm: {},
  smallSmile: { smile: 0.4, lowerLidsRaised: 0.3 },
  laugh: { smile: 1, lowerLidsRaised: 0.9, lipsParted: 0.6, jawLowered: 0.2, browsRaised: 0.2 },
  serious: { browsRaised: -0.5, lowerLidsRaised: 0.35 },
  eyesClosed: { lidsClosed: 1, smile: 0.15 },
} as const satisfies Record<string, NonNullable<Pose['expression']>>;
export type ExpressionName = keyof typeof EXPRESSIONS;

/** Shares of the face's moves, in the order that the surface wants them. */
export function faceShares(pose: Pose): FaceShares {
  return FACE_MOVE_NAMES.map((move) => pose.expression?.[move] ?? 0);
}

/** The contact of a hand, if any. */
export function contactOf(pose: Pose, side: Side): Contact | undefined {
  return pose.contacts.find((c) => contactSide(c) === side && handRegion(c) !== null);
}

/** The contact of another part of one side, if any. */
export function limbContact(pose: Pose, side: Side, limb: ContactLimb): Contact | undefined {
  return pose.contacts.find((c) => c.part === `${side}:${limb}`);
}

function sorted(contacts: Contact[]): Contact[] {
  return contacts.sort((a, b) => a.part.localeCompare(b.part));
}

/** The pose with a contact in the place of any other of the same part, or of the same hand. */
export function withTouch(pose: Pose, contact: Contact): Pose {
  const others = pose.contacts.filter(
    (c) =>
      c.part !== contact.part &&
      !(handRegion(contact) && handRegion(c) && contactSide(c) === contactSide(contact)),
  );
  return { ...pose, contacts: sorted([...others, contact]) };
}

/** The pose without the contact of a part. */
export function withoutTouch(pose: Pose, part: Contact['part']): Pose {
  return { ...pose, contacts: pose.contacts.filter((c) => c.part !== part) };
}

/** The pose with a palm laid on a place, or the hand freed. */
export function withContact(pose: Pose, side: Side, to: ContactTarget | null): Pose {
  if (to) return withTouch(pose, { part: `${side}:palm`, to, kind: usualKind(to), pressure: 'light' });
  const held = contactOf(pose, side);
  return held ? withoutTouch(pose, held.part) : pose;
}

/** What each leg does in a pose. */
export function legModes(pose: Pose): Record<Side, LegMode> {
  const usual = CARRIED[pose.support].legs;
  return pose.legs ?? { left: usual, right: usual };
}

/** The pose seen in a mirror: left and right exchanged throughout. */
export function mirrorPose(pose: Pose): Pose {
  const settings: Pose['settings'] = {};
  for (const id of SETTING_IDS) {
    const value = pose.settings[id];
    if (value !== undefined) settings[SETTINGS[id].mirror as SettingId] = mirroredValue(id, value);
  }
  const mirrored: Pose = {
    ...pose,
    settings,
    support: mirrorCarried(pose.support),
    gaze: mirrorGaze(pose.gaze),
    contacts: sorted(pose.contacts.map(mirrorContact)),
    hands: { left: pose.hands.right, right: pose.hands.left },
  };
  if (pose.legs) mirrored.legs = { left: pose.legs.right, right: pose.legs.left };
  if (pose.crossed) mirrored.crossed = { ...pose.crossed, over: otherSide(pose.crossed.over) };
  if (pose.objects)
    mirrored.objects = pose.objects.map((o) => ({
      ...o,
      leftM: -o.leftM || 0,
      turnLeftDeg: -o.turnLeftDeg || 0,
    }));
  return mirrored;
}

function mirrorCarried(support: Carried): Carried {
  if (support === 'reclineLeft') return 'reclineRight';
  return support === 'reclineRight' ? 'reclineLeft' : support;
}

function mirrorGaze(gaze: Gaze): Gaze {
  switch (gaze.kind) {
    case 'offLens':
      return { ...gaze, leftDeg: -gaze.leftDeg || 0 };
    case 'hand':
      return { ...gaze, side: otherSide(gaze.side) };
    case 'point':
      return { ...gaze, point: [-gaze.point[0] || 0, gaze.point[1], gaze.point[2]] };
    default:
      return gaze;
  }
}

/** A pose counts as moving from here on (own estimate). */
const MOVING = 0.3;

/** Whether a pose is caught in a movement, as its message says. */
export function isMoving({ message }: Pose): boolean {
  return message.movement >= MOVING;
}
