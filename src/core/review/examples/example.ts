import type { BodyProfile, Outfit } from '../../body';
import { standardIn, type Cut, type SchoolId, type Standard } from '../../brief';
import type { Camera } from '../../camera';
import { neutralPose, type Pose } from '../../pose';
import { supportAt } from '../../scene';
import type { SoloShot } from '../../shot';
import type { RuleId } from '../rules';

/** A shot in which a rule finds its fault, and the like of it in which it does not. */
export interface Example {
  faulty: SoloShot;
  sound: SoloShot;
  /** What the sitter wears besides, where the fault is one of what is worn. */
  wears?: Partial<Outfit>;
  /** What the sitter's record says besides, where it is a fault against that. */
  says?: Pick<BodyProfile, 'boundaries' | 'motionLimits'>;
  /** The school by which it is a fault; the message's where nothing is said. */
  school?: SchoolId;
  /** What its picture is used for, where it is a fault of that. */
  cuts?: readonly Cut[];
  /** What is looked at closely when the pair is shown small; the whole picture where nothing is said. */
  close?: CloseLook;
  /** Whether it is a fault of blur, which small pictures do not draw. */
  isOfBlur?: true;
}

/** The face, from where a portrait is taken. */
export const FACE_LOOK: CloseLook = { focalLengthMm: 200, aimM: 1.6, panDeg: 0 };

/** A part of the picture: a longer lens from the same place. */
interface CloseLook {
  focalLengthMm: number;
  aimM: number;
  panDeg: number;
}

/** A shot of an example as it is shown. */
export function asShown({ close }: Example, shot: SoloShot): SoloShot {
  if (!close) return shot;
  const { focalLengthMm, aimM, panDeg } = close;
  return {
    ...shot,
    camera: { ...shot.camera, focalLengthMm, panDeg, aim: { kind: 'aimed', heightM: aimM } },
  };
}

/** Somebody as dressed for an example, with what their record says for it. */
export function castIn(profile: BodyProfile, { wears, says }: Example): BodyProfile {
  return wears || says ? { ...profile, ...says, outfit: { ...profile.outfit, ...wears } } : profile;
}

/** What the shots of an example are held against. */
export function standardOfExample({ faulty, school = 'messageLed', cuts = [] }: Example): Standard {
  const look = { message: null, targets: {}, schooling: { from: school, silenced: [] } };
  return { ...standardIn(look, faulty.pose.message), cuts };
}

/** Examples by the ids of their rules. */
export type Examples = Readonly<Partial<Record<RuleId, Example>>>;

/** Who is in the examples: nobody in particular. Reflectances are linear. */
export const EXAMPLE_PROFILE: BodyProfile = {
  statureM: 1.72,
  massKg: 66,
  ageYears: 34,
  build: 'even',
  contourShare: 0.5,
  hair: 'short',
  tones: { skin: [0.46, 0.3, 0.21], hair: [0.06, 0.04, 0.03] },
  outfit: {
    top: { cut: 'tShirt', tone: [0.32, 0.34, 0.36] },
    bottom: { cut: 'trousers', tone: [0.06, 0.07, 0.09] },
    shoes: { heelM: 0, tone: [0.03, 0.03, 0.03] },
  },
};

/** A whole figure from a proper distance, at the height of the hips. */
const CAMERA: Camera = {
  sensor: 'fullFrame',
  focalLengthMm: 85,
  distanceM: 5,
  heightM: 0.95,
  arcDeg: 0,
  apertureF: 4,
  orientation: 'upright',
  aim: { kind: 'level' },
};
const LIGHT: SoloShot['light'] = { arcDeg: 40, heightM: 2.3, distanceM: 1.8, sizeM: 0.9, ambientShare: 0.25 };

/** A shot of a pose that is neutral but for what is said. */
export function shot(said: Partial<Pose>, camera: Partial<Camera> = {}): SoloShot {
  return { pose: { ...neutralPose('example'), ...said }, camera: { ...CAMERA, ...camera }, light: LIGHT };
}

/** The same, standing, of settings alone. */
export function standing(settings: Pose['settings'], camera: Partial<Camera> = {}): SoloShot {
  return shot({ settings }, camera);
}

/** The same on a chair that faces the lens. */
export function seated(settings: Pose['settings'], said: Partial<Pose> = {}): SoloShot {
  return shot(
    { support: 'sit', objects: [supportAt('chair')], settings, ...said },
    { heightM: 0.8, distanceM: 5.5 },
  );
}
