import { bodyFrom, type Body, type BodyProfile } from '@/core/body';
import { createStandIn, type StandIn } from '@/core/picture';
import type { SoloShot } from '@/core/shot';
import { neutralPose, type Pose } from '@/core/pose';
import { keptSurface } from './surfaces';

const TONES: BodyProfile['tones'] = {
  skin: [0.5, 0.33, 0.24],
  hair: [0.06, 0.04, 0.03],
};

const OUTFIT: BodyProfile['outfit'] = {
  top: { cut: 'tShirt', tone: [0.2, 0.2, 0.2] },
  bottom: { cut: 'trousers', tone: [0.05, 0.05, 0.05] },
  shoes: { heelM: 0, tone: [0.03, 0.03, 0.03] },
};

/** A profile for tests; everything that is not said is average. */
export function profileOf(said: Partial<BodyProfile> = {}): BodyProfile {
  return {
    statureM: 1.75,
    massKg: 70,
    ageYears: 30,
    build: 'even',
    contourShare: 0,
    hair: 'short',
    tones: TONES,
    outfit: OUTFIT,
    ...said,
  };
}

/** Three unlike bodies. */
export const PROFILES = {
  slight: profileOf({ statureM: 1.6, massKg: 50, contourShare: 1, hair: 'tiedBack' }),
  average: profileOf(),
  heavy: profileOf({ statureM: 1.68, massKg: 105, contourShare: 0.2, build: 'middle' }),
};
export type PersonName = keyof typeof PROFILES;

const bodies = new Map<PersonName, Body>();
const standIns = new Map<PersonName, StandIn>();

/** A body, built once a test file. */
export function bodyOf(name: PersonName): Body {
  if (!bodies.has(name)) bodies.set(name, bodyFrom(PROFILES[name]));
  return bodies.get(name)!;
}

/** A stand-in with the measuring surface, built once a test file. */
export function standInOf(name: PersonName): StandIn {
  if (!standIns.has(name))
    standIns.set(name, createStandIn(bodyOf(name), keptSurface(bodyOf(name), 'measured')));
  return standIns.get(name)!;
}

export const CAMERA: SoloShot['camera'] = {
  sensor: 'fullFrame',
  focalLengthMm: 85,
  distanceM: 5,
  heightM: 0.95,
  arcDeg: 0,
  apertureF: 4,
  orientation: 'upright',
  aim: { kind: 'level' },
};
export const LIGHT: SoloShot['light'] = {
  arcDeg: 40,
  heightM: 2.3,
  distanceM: 1.8,
  sizeM: 0.9,
  ambientShare: 0.25,
};

/** A shot of the neutral pose with some settings and camera numbers changed. */
export function shotOf(settings: Pose['settings'] = {}, camera: Partial<SoloShot['camera']> = {}): SoloShot {
  return { pose: { ...neutralPose('test'), settings }, camera: { ...CAMERA, ...camera }, light: LIGHT };
}
