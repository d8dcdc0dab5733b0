/** Six poses of the house on six sitters. */
import { writeFileSync } from 'node:fs';
import { PNG } from 'pngjs';
import { bodyFrom, surfaceOf, type BodyProfile } from '@/core/body';
import { figureOf } from '@/core/figure';
import { HOUSE_POSES } from '@/core/library';
import { createStandIn, develop, seeShot, type StandIn } from '@/core/picture';
import type { SoloShot } from '@/core/shot';
import type { Pose } from '@/core/pose';
import { CONTACT_BODIES } from '../tests/support/contactBodies';
import { createSheet, putTile, type Sheet } from './tiles';

const TILE = { width: 160, height: 200 };
const DISTANCE_M = 4.4;

/** A camera that takes in the whole figure, whatever it does. */
function shotOf({ body }: StandIn, pose: Pose): SoloShot {
  const { points } = figureOf(body, pose, { lens: [0, 1.2, DISTANCE_M] });
  const ends = [
    points.crown,
    ...Object.values(points.toes),
    ...Object.values(points.elbows),
    points.hips.left,
  ];
  const heights = ends.map((p) => p[1]);
  const aimM = (Math.min(...heights) + Math.max(...heights)) / 2;
  const upM = (Math.max(...heights) - Math.min(...heights)) / 2;
  const asideM = Math.max(...ends.map((p) => Math.abs(p[0])));
  // the tile keeps half of the picture's height and all of its width
  const halfM = Math.max(upM * 1.3, (asideM + 0.12) * 1.3, 0.45);
  return {
    pose,
    camera: {
      sensor: 'fullFrame',
      focalLengthMm: (14.5 * DISTANCE_M) / halfM,
      distanceM: DISTANCE_M,
      heightM: Math.max(0.9, aimM + 0.15),
      arcDeg: 0,
      apertureF: 8,
      orientation: 'upright',
      aim: { kind: 'aimed', heightM: aimM },
    },
    light: { arcDeg: 35, heightM: 2.5, distanceM: 2.5, sizeM: 1.3, ambientShare: 0.4 },
  };
}

function standInOf(profile: BodyProfile): StandIn {
  const body = bodyFrom(profile);
  return createStandIn(body, surfaceOf(body, 'drawn'));
}

function photograph(sheet: Sheet, standIn: StandIn, pose: Pose, column: number, row: number): void {
  const { picture } = seeShot(standIn, shotOf(standIn, pose), { lit: true, scale: 1 });
  const bytes = develop(picture, standIn.surface, standIn.skinned);
  putTile(sheet, { width: picture.width, height: picture.height, bytes }, column, row);
}

const SIX_POSES = [
  'Elbow on the knee',
  'Folded tight',
  'One knee up',
  'Over the rail',
  'Along the jetty',
  'Tying a lace',
];
const SIX_SITTERS = [0, 3, 4, 6, 8, 9];

/** Six poses, one a row, each on six sitters. */
export function sixBySixSheet(file: string): void {
  const sheet = createSheet(6, 6, TILE);
  const poses = SIX_POSES.map((name) =>
    Object.values(HOUSE_POSES)
      .flat()
      .find((p) => p.name === name)!,
  );
  SIX_SITTERS.forEach((sitter, column) => {
    const standIn = standInOf(CONTACT_BODIES[sitter]!.profile);
    poses.forEach((pose, row) => photograph(sheet, standIn, pose, column, row));
  });
  writeFileSync(file, PNG.sync.write(sheet.png));
}
