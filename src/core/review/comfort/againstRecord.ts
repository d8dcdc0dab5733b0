import { BOUNDARY_NAMES, type Boundary } from '../../body';
import { project } from '../../camera';
import type { Sight } from '../../picture';
import { recordAgainst, RECORD_WORDS, type RecordLimit } from '../../pose';
import { meanPoint, midpoint } from '../../units';
import { turnFromLensDeg } from '../fromLens';
import type { Spot } from '../spots';
import { camera, pose, type Measurement, type MendVariable, type Rule } from '../rule';

/** A boundary that the picture is held against: how far it goes, and what takes it back. */
interface SeenRow {
  station: Rule['station'];
  spot: Spot;
  value(sight: Sight): number;
  most: number;
  full: number;
  unit: string;
  variables: MendVariable[];
}

/** No boundary has a lower end. */
const NEVER_LESS = 1e4;
/** Seen from further round than this, the back is what the picture shows, degrees (common practice). */
const FROM_BEHIND_DEG = 100;

/** How often somebody and the others of a picture touch: by a hand, or by carrying. */
function touches({ shot, others }: Sight): number {
  const { pose, mark, among } = shot;
  const isMe = (role: string | undefined) => role !== undefined && role === among?.role;
  const byMe = pose.contacts.filter((c) => c.of).length + (mark?.carriedBy ? 1 : 0);
  return others.reduce(
    (sum, { companion }) =>
      sum +
      companion.pose.contacts.filter((c) => isMe(c.of?.role)).length +
      (isMe(companion.mark?.carriedBy?.role) ? 1 : 0),
    byMe,
  );
}

/** What of a boundary only the picture tells; the others are of the pose. */
const SEEN: Readonly<Partial<Record<Boundary, SeenRow>>> = {
  noTouchByOthers: {
    station: 'hands',
    spot: 'trunk',
    value: touches,
    most: 0,
    full: 1,
    unit: 'touches',
    variables: [],
  },
  notFromBehind: {
    station: 'hips',
    spot: 'trunk',
    value: ({ view, figure: { points, turnDeg } }) =>
      Math.abs(turnFromLensDeg(view, midpoint(points.shoulders.left, points.shoulders.right), turnDeg.chest)),
    most: FROM_BEHIND_DEG,
    full: 60,
    unit: '° from the lens',
    variables: [...pose('hipsTurnLeftDeg'), ...camera('arcDeg')],
  },
  notFromBelow: {
    station: 'camera',
    spot: 'hips',
    value: ({ view, figure: { points } }) =>
      100 * (midpoint(points.hips.left, points.hips.right)[1] - view.eye[1]),
    most: 0,
    full: 50,
    unit: 'cm under the hips',
    variables: camera('heightM'),
  },
  noFaceAlone: {
    station: 'camera',
    spot: 'trunk',
    value: ({ view, figure: { points } }) => {
      const { shoulders, hips } = points;
      const chest = meanPoint([shoulders.left, shoulders.right, hips.left, hips.right]);
      return -100 * (1 + project(view, chest).y);
    },
    most: 0,
    full: 100,
    unit: '% of half a frame that the trunk is out of it',
    variables: camera('distanceM', 'focalLengthMm', 'heightM'),
  },
};

function titleOf(limit: RecordLimit): string {
  return `Against the record: ${RECORD_WORDS[limit]}`;
}

/** How a pose is carried against what the record says of that: no number mends it. */
function ofPose({ body, shot }: Sight): Measurement[] {
  return recordAgainst(body.profile, shot.pose).map((limit) => ({
    key: limit,
    value: 1,
    low: 0,
    high: 0,
    full: 1,
    unit: '',
    title: titleOf(limit),
    variables: [],
  }));
}

/** What the picture shows against what the record says of that. */
function ofPicture(sight: Sight): Measurement[] {
  const said = BOUNDARY_NAMES.filter((name) => sight.body.profile.boundaries?.includes(name));
  return said.flatMap((name) => {
    const row = SEEN[name];
    if (!row) return [];
    const { value, most, ...rest } = row;
    return [{ key: name, low: -NEVER_LESS, high: most, title: titleOf(name), ...rest, value: value(sight) }];
  });
}

export const againstRecord = {
  id: 'against-record',
  name: 'Against the record',
  reads: [],
  station: 'feet',
  grade: 'stop',
  isForCare: true,
  reason: 'What somebody has said they do not do, or cannot, is not asked: another pose, or another view.',
  weight: 1,
  measure: (sight) => [...ofPose(sight), ...ofPicture(sight)],
} as const satisfies Rule;
