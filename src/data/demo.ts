import type { Sitter, Sitting, Take } from '@/core/formats';
import { STANDING_POSES } from '@/core/library';
import type { Shot } from '@/core/picture';
import type { Pose } from '@/core/pose';
import type { GilvoDatabase } from './database';

/** Everybody and everything here is invented. */
export const DEMO_SITTER: Sitter = {
  id: 'demo-runa',
  name: 'Runa Halvik',
  addressAs: 'Runa',
  note: 'Sculler, twelve seasons at Saltmarsh Oars. Likes her shoulders, dislikes being told to smile.',
  profile: {
    statureM: 1.86,
    massKg: 77,
    ageYears: 29,
    build: 'muscular',
    contourShare: 0.55,
    hair: 'tiedBack',
    tones: {
      skin: [0.56, 0.36, 0.26],
      hair: [0.075, 0.045, 0.028],
      top: [0.1, 0.17, 0.21],
      trousers: [0.045, 0.043, 0.05],
      shoes: [0.025, 0.022, 0.02],
    },
  },
};

export const DEMO_SITTING: Sitting = {
  id: 'demo-yearbook',
  sitterId: DEMO_SITTER.id,
  title: 'Centenary yearbook',
  lookName: 'first look, north door',
  place: 'Saltmarsh Oars, boathouse',
  startsAt: '2026-12-05T10:00:00.000Z',
  minutes: 30,
  room: {
    name: 'Boathouse',
    widthM: 6,
    depthM: 9,
    markToBackM: 2.4,
    markToLeftM: 3,
    door: { wall: 'right', words: 'north door', fromM: 2.2, toM: 5.2 },
  },
};

const CAMERA: Shot['camera'] = {
  sensor: 'fullFrame',
  focalLengthMm: 85,
  distanceM: 5.2,
  heightM: 0.98,
  arcDeg: 0,
  apertureF: 4,
  orientation: 'upright',
  aim: { kind: 'level' },
};
const LIGHT: Shot['light'] = { arcDeg: 40, heightM: 2.4, distanceM: 1.9, sizeM: 0.9, ambientShare: 0.25 };

/** The run before it is ordered: as the poses came to mind. */
const RUN = [1, 4, 2, 0, 3];

/** What is still rough in the first pose, so that there is something to mend: an arm too near, a chin pulled back. */
const STILL_ROUGH: Pose['settings'] = { rightArmOutDeg: 4, rightElbowBendDeg: 12, faceForwardCm: -2 };

function demoPose(position: number): Pose {
  const pose = STANDING_POSES[RUN[position]!]!;
  return position === 0 ? { ...pose, settings: { ...pose.settings, ...STILL_ROUGH } } : pose;
}

export function demoTakes(): Take[] {
  return RUN.map((_, position) => ({
    id: `demo-take-${position + 1}`,
    sittingId: DEMO_SITTING.id,
    position,
    minutes: 4,
    plannedFrames: 18,
    shot: { pose: demoPose(position), camera: CAMERA, light: LIGHT },
    meant: [],
  }));
}

/** Places the demo sitting in an empty store, once. Returns whether it was placed. */
export async function placeDemo(db: GilvoDatabase): Promise<boolean> {
  return db.transaction('rw', db.sitters, db.sittings, db.takes, db.preferences, async () => {
    if (await db.preferences.get('demoPlaced')) return false;
    if ((await db.sittings.count()) > 0) return false;
    await db.sitters.add(DEMO_SITTER);
    await db.sittings.add(DEMO_SITTING);
    await db.takes.bulkAdd(demoTakes());
    await db.preferences.put({ key: 'demoPlaced', value: 'yes' });
    return true;
  });
}
