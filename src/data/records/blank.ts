import { EMPTY_LOOK } from '@/core/brief';
import { FIRST_LOOK_ID, type Sitting, type Take } from '@/core/sitting';
import { EMPTY_SITTER, type Sitter } from '@/core/people';
import { usualRoom } from '@/core/scene';
import type { SoloShot } from '@/core/shot';
import { neutralPose } from '@/core/pose';

/** An average body, until it is measured. */
export const AVERAGE_PROFILE: Sitter['profile'] = {
  statureM: 1.7,
  massKg: 68,
  ageYears: 35,
  build: 'even',
  contourShare: 0.4,
  hair: 'short',
  tones: {
    skin: [0.5, 0.32, 0.23],
    hair: [0.06, 0.04, 0.03],
  },
  outfit: {
    top: { cut: 'tShirt', tone: [0.16, 0.16, 0.14] },
    bottom: { cut: 'trousers', tone: [0.05, 0.05, 0.055] },
    shoes: { heelM: 0, tone: [0.03, 0.025, 0.02] },
  },
};

/** What a new record and a new sitting start from, until a person says otherwise. */
export const NEW_SITTER: Omit<Sitter, 'id'> = {
  ...EMPTY_SITTER,
  name: 'New sitter',
  addressAs: 'the sitter',
  profile: AVERAGE_PROFILE,
};

export const NEW_SITTING: Omit<Sitting, 'id' | 'personIds' | 'startsAt'> = {
  title: 'New sitting',
  place: 'studio',
  minutes: 30,
  comes: '',
  looks: [{ ...EMPTY_LOOK, id: FIRST_LOOK_ID }],
  room: usualRoom('Studio', 4, 8),
};

/** The picture of a new pose. */
export const NEW_SHOT: SoloShot = {
  pose: neutralPose('First pose'),
  camera: {
    sensor: 'fullFrame',
    focalLengthMm: 85,
    distanceM: 5,
    heightM: 0.95,
    arcDeg: 0,
    apertureF: 4,
    orientation: 'upright',
    aim: { kind: 'level' },
  },
  light: { arcDeg: 40, heightM: 2.3, distanceM: 1.8, sizeM: 0.9, ambientShare: 0.25 },
};

/** A pose of a run as it begins: what depends neither on its sitting nor on who is in it. */
export const NEW_TAKE: Pick<Take, 'lookId' | 'minutes' | 'plannedFrames' | 'meant'> = {
  lookId: FIRST_LOOK_ID,
  minutes: 4,
  plannedFrames: 18,
  meant: [],
};
