import { z } from 'zod';
import { mirrorName, type Side } from '../units';
import { mirroredValue, SETTING_IDS, SETTINGS, type SettingId } from './settings';

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
export const HAND_SHAPES = ['relaxed', 'edgeSoft', 'looseFist', 'flatRest', 'pointSoft'] as const;
export type HandShape = (typeof HAND_SHAPES)[number];

/** Places on the sitter that a hand can be laid on. `upperArm` is that of the other arm. */
export const LANDMARKS = ['waistFront', 'waistSide', 'hipCrest', 'frontPocket', 'otherUpperArm'] as const;
export type Landmark = (typeof LANDMARKS)[number];

export const contactSchema = z.strictObject({
  part: z.enum(['left:palm', 'right:palm']),
  to: z.enum(LANDMARKS),
  kind: z.enum(['hover', 'touch', 'rest', 'hold', 'grip', 'lean']),
  pressure: z.enum(['light', 'firm']),
});
export type Contact = z.infer<typeof contactSchema>;

/** Where the eyes look. Yaw is positive to the sitter's left, pitch positive upwards, both against the head. */
export const gazeSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('lens') }),
  z.strictObject({
    kind: z.literal('offLens'),
    leftDeg: z.number().min(-40).max(40),
    upDeg: z.number().min(-30).max(30),
  }),
  z.strictObject({ kind: z.literal('ahead') }),
  z.strictObject({ kind: z.literal('down') }),
]);
export type Gaze = z.infer<typeof gazeSchema>;

const settingsShape = Object.fromEntries(
  SETTING_IDS.map((id) => [id, z.number().min(SETTINGS[id].min).max(SETTINGS[id].max).optional()]),
) as Record<SettingId, z.ZodOptional<z.ZodNumber>>;

/**
 * A stored pose: only what a person said. Settings that are absent are neutral. A contact outranks the free settings
 * of its limb.
 */
export const poseSchema = z.strictObject({
  name: z.string().min(1).max(80),
  /** How the pose is introduced to the sitter. */
  words: z.string().max(400),
  level: z.int().min(1).max(5),
  support: z.enum(['stand']),
  settings: z.strictObject(settingsShape),
  contacts: z
    .array(contactSchema)
    .max(2)
    .refine((list) => new Set(list.map((c) => c.part)).size === list.length, 'one contact a hand'),
  hands: z.strictObject({ left: z.enum(HAND_SHAPES), right: z.enum(HAND_SHAPES) }),
  gaze: gazeSchema,
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
  return pose.settings[id] ?? SETTINGS[id].neutral;
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
  if (Math.abs(value - s.neutral) < s.step * 1e-6) delete settings[id];
  else settings[id] = value;
  return { ...pose, settings };
}

/** The contact of a hand, if any. */
export function contactOf(pose: Pose, side: Side): Contact | undefined {
  return pose.contacts.find((c) => c.part === `${side}:palm`);
}

/** The pose with a hand laid on a landmark, or freed. */
export function withContact(pose: Pose, side: Side, to: Landmark | null): Pose {
  const contacts = pose.contacts.filter((c) => c.part !== `${side}:palm`);
  if (to) contacts.push({ part: `${side}:palm`, to, kind: 'rest', pressure: 'light' });
  contacts.sort((a, b) => a.part.localeCompare(b.part));
  return { ...pose, contacts };
}

/** The pose seen in a mirror: left and right exchanged throughout. */
export function mirrorPose(pose: Pose): Pose {
  const settings: Pose['settings'] = {};
  for (const id of SETTING_IDS) {
    const value = pose.settings[id];
    if (value !== undefined) settings[SETTINGS[id].mirror as SettingId] = mirroredValue(id, value);
  }
  const gaze: Gaze =
    pose.gaze.kind === 'offLens' ? { ...pose.gaze, leftDeg: -pose.gaze.leftDeg || 0 } : pose.gaze;
  return {
    ...pose,
    settings,
    gaze,
    contacts: pose.contacts
      .map((c) => ({ ...c, part: mirrorName(c.part) }))
      .sort((a, b) => a.part.localeCompare(b.part)),
    hands: { left: pose.hands.right, right: pose.hands.left },
  };
}
