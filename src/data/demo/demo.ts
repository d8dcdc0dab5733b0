import { EMPTY_LOOK } from '@/core/brief';
import { FIRST_LOOK_ID, type Sitting, type Take } from '@/core/sitting';
import { STANDING_POSES } from '@/core/library';
import { shotOfOne, type SoloShot } from '@/core/shot';
import type { Pose } from '@/core/pose';
import { grownLineage, rememberLineage, type Entry } from '../files/lineages';
import type { GilvoDatabase } from '../store/database';
import { DEMO_ROOM } from './boathouse';
import { CLUB_SITTING, clubTakes } from './demoClub';
import { DEMO_GROUPS, DEMO_PEOPLE, DEMO_SITTER } from './demoPeople';

/** Everybody and everything here is invented. */
export const DEMO_SITTING: Sitting = {
  id: 'demo-yearbook',
  personIds: [DEMO_SITTER.id],
  title: 'Centenary yearbook',
  place: 'Saltmarsh Oars, boathouse',
  startsAt: '2026-12-05T10:00:00.000Z',
  minutes: 30,
  comes: '',
  looks: [
    {
      ...EMPTY_LOOK,
      id: FIRST_LOOK_ID,
      name: 'first look, north door',
      place: 'by the north door',
      uses: [
        { id: 'use-1', words: 'yearbook, portrait page', format: 'fourFive', crop: 'threeQuarter' },
        { id: 'use-2', words: 'head of the club’s page', format: 'banner', crop: 'half' },
      ],
      mustHaves: [
        { id: 'must-1', words: 'one strong and square, for the cover' },
        { id: 'must-2', words: 'one with her father’s oar' },
      ],
      props: 'the oar from the rack, a towel',
      avoid: 'the scar on the right knee; looking down on her',
    },
  ],
  room: DEMO_ROOM,
};

const CAMERA: SoloShot['camera'] = {
  sensor: 'fullFrame',
  focalLengthMm: 85,
  distanceM: 5.2,
  heightM: 0.98,
  arcDeg: 0,
  apertureF: 4,
  orientation: 'upright',
  aim: { kind: 'level' },
};
const LIGHT: SoloShot['light'] = { arcDeg: 40, heightM: 2.4, distanceM: 1.9, sizeM: 0.9, ambientShare: 0.25 };

/** The run before it is ordered: as the poses came to mind. */
const RUN = [1, 4, 2, 0, 3];

/** What is still rough in the first pose, so that there is something to mend: an arm that hangs straight and near, a chin pulled back. */
const STILL_ROUGH: Pose['settings'] = {
  rightArmOutDeg: 0,
  rightElbowBendDeg: 2,
  faceForwardCm: -3,
  chinDownDeg: 8,
};

function demoPose(position: number): Pose {
  const pose = STANDING_POSES[RUN[position]!]!;
  return position === 0 ? { ...pose, settings: { ...pose.settings, ...STILL_ROUGH } } : pose;
}

export function demoTakes(): Take[] {
  return RUN.map((_, position) => ({
    id: `demo-take-${position + 1}`,
    sittingId: DEMO_SITTING.id,
    lookId: FIRST_LOOK_ID,
    position,
    minutes: 4,
    plannedFrames: 18,
    shot: shotOfOne(DEMO_SITTER.id, { pose: demoPose(position), camera: CAMERA, light: LIGHT }),
    meant: [],
  }));
}

/** Places the demo sitting in an empty store, once. Returns whether it was placed. */
export async function placeDemo(db: GilvoDatabase): Promise<boolean> {
  return db.transaction(
    'rw',
    [db.sitters, db.groups, db.sittings, db.takes, db.preferences, db.lineages],
    async () => {
      if (await db.preferences.get('demoPlaced')) return false;
      if ((await db.sittings.count()) > 0) return false;
      await db.sitters.bulkAdd([...DEMO_PEOPLE]);
      await db.groups.bulkAdd([...DEMO_GROUPS]);
      const sittings = [DEMO_SITTING, CLUB_SITTING];
      const takes = [...demoTakes(), ...clubTakes()];
      await db.sittings.bulkAdd(sittings);
      await db.takes.bulkAdd(takes);
      // it comes with Gilvo itself, and need not be backed up until it is changed
      const placed = [
        ...DEMO_PEOPLE.map((record): Entry => ({ table: 'sitters', record })),
        ...DEMO_GROUPS.map((record): Entry => ({ table: 'groups', record })),
        ...sittings.map((record): Entry => ({ table: 'sittings', record })),
        ...takes.map((record): Entry => ({ table: 'takes', record })),
      ] satisfies Entry[];
      await rememberLineage(db, await grownLineage(db, placed));
      await db.preferences.put({ key: 'demoPlaced', value: 'yes' });
      return true;
    },
  );
}
