import { EMPTY_LOOK } from '@/core/brief';
import { bringsSeat, groupShot, placesOfPlan, type Means, type PlacedOrder } from '@/core/group';
import { ARRANGEMENTS, arranged } from '@/core/library';
import { neutralPose } from '@/core/pose';
import { shotOfOne, withAnother, type Shot, type SoloShot } from '@/core/shot';
import type { Sitting, Take } from '@/core/sitting';
import type { Camera } from '@/core/camera';
import { DEMO_ROOM } from './boathouse';
import { DEMO_PEOPLE } from './demoPeople';

// Everybody and everything here is invented.

const COUPLE = ['demo-ines', 'demo-joss'];

/** Who is at each place of the eight with their cox, row after row from the front: as they are arranged by Gilvo. */
const EIGHT_IN_ORDER = [
  ...['demo-safiya', 'demo-marit', 'demo-deniz', 'demo-wanda', 'demo-leontien'],
  ...['demo-hugo', 'demo-lorne', 'demo-joss', 'demo-runa'],
];
const FAMILY_IN_ORDER = ['demo-pim', 'demo-edda', 'demo-aksel'];

/** What the boathouse has to sit on for them. */
const SEATS: Means = { chairs: 3, benches: 1, boxes: 0, floor: false };

const LOOKS = {
  couple: 'club-couple',
  eight: 'club-eight',
  family: 'club-family',
} as const;

const { backdrop: _, ...SHED } = DEMO_ROOM;

export const CLUB_SITTING: Sitting = {
  id: 'demo-club',
  personIds: [...new Set([...COUPLE, ...EIGHT_IN_ORDER, ...FAMILY_IN_ORDER])],
  title: 'Crews and families',
  place: 'Saltmarsh Oars, boathouse',
  startsAt: '2026-12-12T09:30:00.000Z',
  minutes: 75,
  comes: '',
  looks: [
    { ...EMPTY_LOOK, id: LOOKS.couple, name: 'the couple', place: 'by the north door' },
    { ...EMPTY_LOOK, id: LOOKS.eight, name: 'the eight', place: 'before the boat racks' },
    { ...EMPTY_LOOK, id: LOOKS.family, name: 'the family', place: 'before the boat racks' },
  ],
  combinations: [
    { id: 'club-c1', name: 'The eight', personIds: [...EIGHT_IN_ORDER], minutes: 8 },
    { id: 'club-c2', name: 'The couple', personIds: [...COUPLE], minutes: 5 },
    { id: 'club-c3', name: 'The family', personIds: [...FAMILY_IN_ORDER], minutes: 8 },
    {
      id: 'club-c4',
      name: 'Everybody',
      personIds: [...new Set([...COUPLE, ...EIGHT_IN_ORDER, ...FAMILY_IN_ORDER])],
      minutes: 6,
    },
  ],
  room: SHED,
};

const CAMERA: Camera = {
  sensor: 'fullFrame',
  focalLengthMm: 85,
  distanceM: 5.4,
  heightM: 1.2,
  arcDeg: 0,
  apertureF: 5.6,
  orientation: 'upright',
  aim: { kind: 'level' },
};
const LIGHT: SoloShot['light'] = { arcDeg: 35, heightM: 2.6, distanceM: 2.6, sizeM: 1.2, ambientShare: 0.3 };

/** A picture of some people at ease. */
function atEase(personIds: readonly string[], name: string): Shot {
  const [first, ...others] = personIds as [string, ...string[]];
  const alone = shotOfOne(first, { pose: neutralPose(name), camera: CAMERA, light: LIGHT });
  return others.reduce((shot, id) => withAnother(shot, id, neutralPose(name)), alone);
}

function ofCouple(arrangementId: string): Shot {
  const all = Object.values(ARRANGEMENTS).flat();
  const statureM = (id: string) => DEMO_PEOPLE.find((p) => p.id === id)?.profile.statureM;
  return arranged(
    atEase(COUPLE, 'the couple'),
    all.find((a) => a.id === arrangementId)!,
    statureM,
  );
}

type Rows = Parameters<typeof placesOfPlan>[0]['rows'];

interface InRows extends Pick<PlacedOrder, 'light'> {
  rows: Rows;
  /** From one to the next in a row, metres. */
  gapM: number;
  camera: Camera;
}

/** A picture of people in rows, who come in the order of their places. */
function inRows(personIds: readonly string[], name: string, { rows, gapM, camera, light }: InRows): Shot {
  const shot = atEase(personIds, name);
  const members = shot.people.map(({ role, personId }) => ({
    role,
    profile: DEMO_PEOPLE.find((p) => p.id === personId)!.profile,
  }));
  const own = members.filter(bringsSeat).length;
  const places = placesOfPlan({ rows, isCurved: false }, own, gapM, camera.distanceM);
  const order = personIds.map((_, i) => i);
  const found = { laid: { places, camera }, order, light, told: { apertureF: camera.apertureF } };
  return groupShot(shot, found, members, SEATS, name);
}

const EIGHT: InRows = {
  rows: [
    { level: 'seat', count: 5 },
    { level: 'standing', count: 4 },
  ],
  gapM: 0.6,
  camera: {
    ...CAMERA,
    focalLengthMm: 47,
    distanceM: 5.9,
    heightM: 1.5,
    orientation: 'landscape',
    aim: { kind: 'aimed', heightM: 0.8 },
  },
  light: { ...LIGHT, arcDeg: 10, distanceM: 4.8, heightM: 3.8 },
};

const FAMILY: InRows = {
  rows: [
    { level: 'standing', count: 2 },
    { level: 'standing', count: 1 },
  ],
  gapM: 0.56,
  camera: {
    ...CAMERA,
    focalLengthMm: 50,
    distanceM: 3.6,
    heightM: 1.5,
    aim: { kind: 'aimed', heightM: 0.85 },
  },
  light: { ...LIGHT, distanceM: 3.8, heightM: 3.3 },
};

const SHOTS: readonly { lookId: string; shot: Shot }[] = [
  ...['sideBySide', 'foreheads', 'halfBehind', 'bench'].map((id) => ({
    lookId: LOOKS.couple,
    shot: ofCouple(id),
  })),
  { lookId: LOOKS.eight, shot: inRows(EIGHT_IN_ORDER, 'The eight', EIGHT) },
  { lookId: LOOKS.family, shot: inRows(FAMILY_IN_ORDER, 'The family', FAMILY) },
];

/** The pictures of the club's sitting. */
export function clubTakes(): Take[] {
  return SHOTS.map(({ lookId, shot }, position) => ({
    id: `demo-club-${position + 1}`,
    sittingId: CLUB_SITTING.id,
    lookId,
    position,
    minutes: shot.people.length > 2 ? 8 : 5,
    plannedFrames: 12,
    shot,
    meant: [],
  }));
}
