/** The house's arrangements of two, on the couple of the demo. */
import { writeFileSync } from 'node:fs';
import { PNG } from 'pngjs';
import { bodyFrom, surfaceOf, type BodyProfile } from '@/core/body';
import { ARRANGEMENTS, arranged } from '@/core/library';
import { createStandIn, develop, seeShot, type StandIn } from '@/core/picture';
import { plainGround } from '@/core/scene';
import { amongOthers, withAnother, shotOfOne, type SoloShot } from '@/core/shot';
import { neutralPose } from '@/core/pose';
import { DEMO_PEOPLE } from '@/data/demo/demoPeople';
import { createSheet, putTile } from './tiles';

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

/** Two of the demo, who stand in for the roles of an arrangement. */
interface Two {
  profiles: readonly BodyProfile[];
  standIns: readonly [StandIn, StandIn];
}

function twoOf(...ids: readonly [string, string]): Two {
  const profiles = ids.map((id) => DEMO_PEOPLE.find((s) => s.id === id)!.profile);
  const [a, b] = profiles.map((profile) => {
    const body = bodyFrom(profile);
    return createStandIn(body, surfaceOf(body, 'drawn'));
  }) as [StandIn, StandIn];
  a.company = new Map([['b', b]]);
  b.company = new Map([['b', a]]);
  return { profiles, standIns: [a, b] };
}

/** Every arrangement of the house on the couple of the demo, and those with a child on a mother and hers. */
export function pairSheet(file: string): void {
  const couple = twoOf('demo-joss', 'demo-ines');
  const family = twoOf('demo-edda', 'demo-pim');
  const all = Object.values(ARRANGEMENTS).flat();
  const sheet = createSheet(COLUMNS, Math.ceil(all.length / COLUMNS), TILE);
  const two = withAnother(shotOfOne('0', { ...SET, pose: neutralPose('x') }), '1', neutralPose('x'));
  all.forEach((arrangement, i) => {
    const { profiles, standIns } = arrangement.withChild ? family : couple;
    const shot = arranged(two, arrangement, (id) => profiles[Number(id)]!.statureM);
    const standIn = standIns[Number(shot.people[0]!.personId)]!;
    const solo = amongOthers(shot, 'a', (id) => profiles[Number(id)]);
    const { picture } = seeShot(standIn, solo, { lit: true, scale: 1.5, ground: plainGround(2) });
    const bytes = develop(picture, standIn.surface, standIn.skinned);
    const { width, height } = picture;
    putTile(sheet, { width, height, bytes }, i % COLUMNS, Math.floor(i / COLUMNS));
  });
  writeFileSync(file, PNG.sync.write(sheet.png));
}
