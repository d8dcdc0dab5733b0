/** The house's arrangements of two, each on a pair of sitters. */
import { writeFileSync } from 'node:fs';
import { PNG } from 'pngjs';
import { bodyFrom, surfaceOf, type BodyProfile, type Detail } from '@/core/body';
import { ARRANGEMENTS, arranged, type Arrangement } from '@/core/library';
import { createStandIn, develop, seeShot, type StandIn } from '@/core/picture';
import { plainGround } from '@/core/scene';
import { amongOthers, withAnother, shotOfOne, type SoloShot } from '@/core/shot';
import { neutralPose } from '@/core/pose';
import { createSheet, putTile, type Sheet } from './tiles';

const TILE = { width: 236, height: 300 };
const COLUMNS = 5;

/** A camera that takes in two who stand. */
const SET: Omit<SoloShot, 'pose'> = {
  camera: {
    sensor: 'fullFrame',
    focalLengthMm: 70,
    distanceM: 4.6,
    heightM: 1.15,
    arcDeg: 0,
    apertureF: 8,
    orientation: 'upright',
    aim: { kind: 'aimed', heightM: 0.92 },
  },
  light: { arcDeg: 35, heightM: 2.6, distanceM: 2.6, sizeM: 1.3, ambientShare: 0.4 },
};

/** Two sitters who stand in for the roles of an arrangement. */
export class Pair {
  private readonly standIns: readonly [StandIn, StandIn];

  constructor(
    private readonly profiles: readonly [BodyProfile, BodyProfile],
    detail: Detail = 'drawn',
  ) {
    const [a, b] = profiles.map((profile) => {
      const body = bodyFrom(profile);
      return createStandIn(body, surfaceOf(body, detail));
    }) as [StandIn, StandIn];
    a.company = new Map([['b', b]]);
    this.standIns = [a, b];
  }

  photograph(sheet: Sheet, arrangement: Arrangement, column: number, row: number): void {
    const two = withAnother(shotOfOne('0', { ...SET, pose: neutralPose('x') }), '1', neutralPose('x'));
    const shot = arranged(two, arrangement);
    const solo = amongOthers(shot, 'a', (id) => this.profiles[Number(id)]);
    const [a] = this.standIns;
    const { picture } = seeShot(a, solo, { lit: true, scale: 1.5, ground: plainGround(2) });
    const bytes = develop(picture, a.surface, a.skinned);
    putTile(sheet, { width: picture.width, height: picture.height, bytes }, column, row);
  }
}

/** Every arrangement on one pair. */
export function pairSheet(file: string, pair: Pair): void {
  const all = Object.values(ARRANGEMENTS).flat();
  const sheet = createSheet(COLUMNS, Math.ceil(all.length / COLUMNS), TILE);
  all.forEach((arrangement, i) => pair.photograph(sheet, arrangement, i % COLUMNS, Math.floor(i / COLUMNS)));
  writeFileSync(file, PNG.sync.write(sheet.png));
}
