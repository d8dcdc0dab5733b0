/** Twelve bodies, front and side, as one picture; and what was asked of each and what its surface measures. */
import { writeFileSync } from 'node:fs';
import { PNG } from 'pngjs';
import { bodyFrom, surfaceOf } from '@/core/body';
import { createStandIn, develop, seeShot } from '@/core/picture';
import type { SoloShot } from '@/core/shot';
import { neutralPose } from '@/core/pose';
import { CONTACT_BODIES } from '../tests/support/contactBodies';
import { createSheet, putTile } from './tiles';
import { centreShare, meshGirthM, meshMassKg, nakedMesh } from '../tests/support/nakedBody';

const [WIDTH, HEIGHT] = [1280, 800];
const [COLUMNS, ROWS] = [12, 2];
const TILE = { width: Math.floor(WIDTH / COLUMNS), height: Math.floor(HEIGHT / ROWS) };

function shotOf(arcDeg: number): SoloShot {
  return {
    pose: neutralPose('at ease'),
    camera: {
      sensor: 'fullFrame',
      // every body to the same scale, so that statures compare
      focalLengthMm: 97,
      distanceM: 8,
      heightM: 0.99,
      arcDeg,
      apertureF: 8,
      orientation: 'upright',
      aim: { kind: 'level' },
    },
    light: {
      arcDeg: arcDeg > 0 ? arcDeg - 40 : 35,
      heightM: 2.6,
      distanceM: 2.6,
      sizeM: 1.6,
      ambientShare: 0.4,
    },
  };
}

/** Writes the sheet and returns the table, one line a body. */
export function contactSheet(file: string): string[] {
  const sheet = createSheet(COLUMNS, ROWS, TILE);
  const lines: string[] = [];
  CONTACT_BODIES.forEach(({ name, profile }, column) => {
    const start = performance.now();
    const body = bodyFrom(profile);
    const surface = surfaceOf(body, 'drawn');
    const buildMs = performance.now() - start;
    const standIn = createStandIn(body, surface);
    [0, 90].forEach((arcDeg, row) => {
      const sight = seeShot(standIn, shotOf(arcDeg), { lit: true, scale: 2 });
      const bytes = develop(sight.picture, standIn.surface, standIn.skinned);
      const { width, height } = sight.picture;
      putTile(sheet, { width, height, bytes }, column, row);
    });
    const mesh = nakedMesh(body);
    const girths = (['chest', 'waist', 'hip', 'thigh'] as const)
      .map((g) => `${g} ${(meshGirthM(body, mesh, g) * 100).toFixed(0)}`)
      .join(', ');
    const heads = profile.statureM / body.lengths.headHeightM;
    lines.push(
      [
        name.padEnd(34),
        `${profile.massKg} kg asked, ${meshMassKg(mesh).toFixed(1)} kg meshed`,
        `${girths} cm`,
        `centre ${centreShare(body).toFixed(3)}`,
        `${heads.toFixed(2)} heads`,
        `${buildMs.toFixed(0)} ms`,
      ].join(' | '),
    );
  });
  writeFileSync(file, PNG.sync.write(sheet.png));
  return lines;
}
