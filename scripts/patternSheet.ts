/** Six patterns of light on one face: from the front, and broad and short on a turned face. */
import { writeFileSync } from 'node:fs';
import { PNG } from 'pngjs';
import { bodyFrom, surfaceOf } from '@/core/body';
import { createStandIn, develop, seeFace, seeLight } from '@/core/picture';
import type { SoloShot } from '@/core/shot';
import { neutralPose } from '@/core/pose';
import { plainGround } from '@/core/scene';
import { CONTACT_BODIES } from '../tests/support/contactBodies';
import { createSheet, putTile } from './tiles';

const TILE = { width: 210, height: 210 };
const KEY_M = 1.5;
const GROUND = plainGround(2.5);

/** Where the trade puts the key for each: off the nose and above it, degrees (common practice). */
const KEYS: [asideDeg: number, upDeg: number][] = [
  [0, 5],
  [0, 45],
  [30, 40],
  [50, 42],
  [90, 10],
  [125, 15],
];
/** Arc of the lens: square on, on the key's side, across from it. */
const LENSES = [0, 32, -32];

/** Writes the sheet; says what the detector calls each tile. */
export function patternSheet(file: string): string[] {
  const body = bodyFrom(CONTACT_BODIES[2]!.profile);
  const standIn = createStandIn(body, surfaceOf(body, 'drawn'));
  const sheet = createSheet(KEYS.length, LENSES.length, TILE);
  const eyesM = body.lengths.chinHeightM + body.lengths.headHeightM / 2;
  return LENSES.map((lensDeg, row) => {
    const names = KEYS.map(([asideDeg, upDeg], column) => {
      const up = (upDeg * Math.PI) / 180;
      const shot: SoloShot = {
        pose: neutralPose('light'),
        camera: {
          sensor: 'fullFrame',
          focalLengthMm: 85,
          distanceM: 2.6,
          heightM: eyesM - 0.1,
          arcDeg: lensDeg,
          apertureF: 4,
          orientation: 'upright',
          aim: { kind: 'level' },
        },
        light: {
          arcDeg: asideDeg,
          heightM: eyesM + Math.sin(up) * KEY_M,
          distanceM: Math.cos(up) * KEY_M,
          sizeM: 0.5,
          ambientShare: 0.12,
        },
      };
      const picture = seeFace(standIn, shot, GROUND, TILE.width);
      const bytes = develop(picture, standIn.surface, standIn.skinned);
      putTile(sheet, { width: picture.width, height: picture.height, bytes }, column, row);
      const { pattern, facing } = seeLight(standIn, shot, GROUND);
      return `${pattern.name} ${facing}`;
    });
    if (row === LENSES.length - 1) writeFileSync(file, PNG.sync.write(sheet.png));
    return `lens at ${lensDeg} degrees: ${names.join(', ')}`;
  });
}
