import { jointIndex, JOINTS } from '../../body';
import { add, subtract, type Vec3 } from '../../units';
import { backwards, chain, rotationOf, turned, type Frames } from '../joints/frames';

const CHEST = jointIndex('spineHigh');
/** Joints of the arms below the collarbones, which ride on the chest while the trunk is searched for. */
const RIDING = JOINTS.flatMap((name, j) =>
  /:(upperArm|elbow|forearm|forearmTwist|hand|thumb|index|middle|ring|little)/.test(name) ? [j] : [],
);

/** Takes the arms along with the chest, as they lie now. */
export type Ride = () => void;

/** Remembers how the arms lie against the chest, so that they can be taken along wherever it goes. */
export function ridingArms(frames: Frames): Ride {
  const from = frames.position[CHEST]!;
  const back = backwards(rotationOf(frames, 'spineHigh'));
  const lie = RIDING.map((j) => ({
    j,
    at: turned(subtract(frames.position[j]!, from), back),
    rotation: chain(back, frames.rotation[j]!),
  }));
  return () => {
    const chest = rotationOf(frames, 'spineHigh');
    for (const { j, at, rotation } of lie) {
      frames.position[j] = add(frames.position[CHEST]!, turned(at, chest));
      frames.rotation[j] = chain(chest, rotation);
    }
  };
}

/** Moves every joint by a way in the set, metres. */
export function shift({ position }: Frames, [x, y, z]: Vec3): void {
  if (x === 0 && y === 0 && z === 0) return;
  position.forEach((p, j) => (position[j] = [p[0] + x, p[1] + y, p[2] + z]));
}
