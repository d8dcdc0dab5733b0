/** Heads of four sitters: from the front, aside, smiling, laughing, with closed eyes, and from behind. */
import { writeFileSync } from 'node:fs';
import { PNG } from 'pngjs';
import { bodyFrom, surfaceOf } from '@/core/body';
import { createStandIn, develop, seeFace, type StandIn } from '@/core/picture';
import type { SoloShot } from '@/core/shot';
import { EXPRESSIONS, neutralPose, type ExpressionName } from '@/core/pose';
import { plainGround } from '@/core/scene';
import { CONTACT_BODIES } from '../tests/support/contactBodies';
import { createSheet, putTile } from './tiles';

const TILE = { width: 210, height: 210 };
const SITTERS = [0, 7, 6, 10];
/** Arc of the lens, degrees, and what the face does. */
const VIEWS: [arcDeg: number, expression: ExpressionName][] = [
  [0, 'calm'],
  [40, 'calm'],
  [75, 'serious'],
  [0, 'laugh'],
  [-30, 'eyesClosed'],
  [150, 'calm'],
];

function shotOf({ body }: StandIn, arcDeg: number, expression: ExpressionName): SoloShot {
  const eyesM = body.lengths.chinHeightM + body.lengths.headHeightM * body.lengths.eyesUpShare;
  return {
    pose: { ...neutralPose('head'), expression: EXPRESSIONS[expression] },
    camera: {
      sensor: 'fullFrame',
      focalLengthMm: 85,
      distanceM: 1.5,
      heightM: eyesM,
      arcDeg,
      apertureF: 4,
      orientation: 'upright',
      aim: { kind: 'aimed', heightM: eyesM - 0.04 },
    },
    light: { arcDeg: arcDeg + 35, heightM: eyesM + 0.75, distanceM: 1.3, sizeM: 0.8, ambientShare: 0.3 },
  };
}

/** Writes the sheet. */
export function headSheet(file: string): void {
  const sheet = createSheet(VIEWS.length, SITTERS.length, TILE);
  SITTERS.forEach((sitter, row) => {
    const body = bodyFrom(CONTACT_BODIES[sitter]!.profile);
    const standIn = createStandIn(body, surfaceOf(body, 'drawn'));
    VIEWS.forEach(([arcDeg, expression], column) => {
      const shot = shotOf(standIn, arcDeg, expression);
      const picture = seeFace(standIn, shot, plainGround(2.5), TILE.width);
      const bytes = develop(picture, standIn.surface, standIn.skinned);
      putTile(sheet, { width: picture.width, height: picture.height, bytes }, column, row);
    });
  });
  writeFileSync(file, PNG.sync.write(sheet.png));
}
