import type { Sitter, Sitting } from '@/core/formats';
import type { Shot } from '@/core/picture';
import { neutralPose } from '@/core/pose';

/** What a new sitting starts from, until a person says otherwise. */
export const NEW_SITTER: Omit<Sitter, 'id'> = {
  name: 'New sitter',
  addressAs: 'the sitter',
  note: '',
  profile: {
    statureM: 1.7,
    massKg: 68,
    ageYears: 35,
    build: 'even',
    contourShare: 0.4,
    hair: 'short',
    tones: {
      skin: [0.5, 0.32, 0.23],
      hair: [0.06, 0.04, 0.03],
      top: [0.16, 0.16, 0.14],
      trousers: [0.05, 0.05, 0.055],
      shoes: [0.03, 0.025, 0.02],
    },
  },
};

export const NEW_SITTING: Omit<Sitting, 'id' | 'sitterId' | 'startsAt'> = {
  title: 'New sitting',
  lookName: 'first look',
  place: 'studio',
  minutes: 30,
  room: {
    name: 'Studio',
    widthM: 4,
    depthM: 8,
    markToBackM: 2,
    markToLeftM: 2,
    door: { wall: 'right', words: 'door', fromM: 6, toM: 7 },
  },
};

export const NEW_SHOT: Shot = {
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
