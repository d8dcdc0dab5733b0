import { jointIndex, JOINTS, type Body } from '../../body';
import { settingOf, type Pose } from '../../pose';
import { add, SIDES, type Side, type Vec3 } from '../../units';
import { offsetsOf, rotationOf, turned, type Frames } from '../joints/frames';
import { pressurePoint, type Foot } from '../legs/stance';

/** Adds the masses of some joints, each times its place, to a sum. */
function addMasses(frames: Frames, body: Body, joints: Iterable<number>, sum: Vec3): void {
  const { toMass } = offsetsOf(body);
  for (const j of joints) {
    const m = body.masses.massKg[j]!;
    if (m === 0) continue;
    const v = turned(toMass[j]!, frames.rotation[j]!);
    const p = frames.position[j]!;
    for (let c = 0; c < 3; c++) sum[c]! += (p[c]! + v[c]!) * m;
  }
}

/** Centre of mass of the whole figure, metres. */
export function centreOfMass(frames: Frames, body: Body): Vec3 {
  const sum: Vec3 = [0, 0, 0];
  addMasses(frames, body, JOINTS.keys(), sum);
  return [sum[0] / body.masses.totalKg, sum[1] / body.masses.totalKg, sum[2] / body.masses.totalKg];
}

const ARM_JOINTS: ReadonlySet<number> = new Set(
  SIDES.flatMap((s) => [`${s}:upperArm`, `${s}:forearm`, `${s}:hand`] as const).map(jointIndex),
);

/** Mass and place of the arms as a lump that rides on the chest. */
export interface ArmLump {
  massKg: number;
  /** In the chest's frame, from its joint, metres. */
  offset: Vec3;
}

/** Gathers the placed arms into a lump; where no arm is placed yet, straight down beside the body. */
export function armLump(frames: Frames, body: Body): ArmLump {
  const sum: Vec3 = [0, 0, 0];
  addMasses(frames, body, ARM_JOINTS, sum);
  const massKg = [...ARM_JOINTS].reduce((kg, j) => kg + body.masses.massKg[j]!, 0);
  const chest = jointIndex('spineHigh');
  const p = frames.position[chest]!;
  const world: Vec3 = [sum[0] / massKg - p[0], sum[1] / massKg - p[1], sum[2] / massKg - p[2]];
  const q = frames.rotation[chest]!;
  return { massKg, offset: turned(world, [-q[0], -q[1], -q[2], q[3]]) };
}

const BODY_JOINTS = [...JOINTS.keys()].filter((j) => !ARM_JOINTS.has(j));

export function centreWithLump(frames: Frames, body: Body, lump: ArmLump): Vec3 {
  let sum: Vec3 = [0, 0, 0];
  addMasses(frames, body, BODY_JOINTS, sum);
  const chest = jointIndex('spineHigh');
  const arms = add(frames.position[chest]!, turned(lump.offset, rotationOf(frames, 'spineHigh')));
  sum = add(sum, arms, lump.massKg);
  return [sum[0] / body.masses.totalKg, sum[1] / body.masses.totalKg, sum[2] / body.masses.totalKg];
}

/** Where the centre of mass must stand for the asked share of weight. */
export function balanceTarget(pose: Pose, feet: Record<Side, Foot>): Vec3 {
  const left = pressurePoint(feet.left);
  const right = pressurePoint(feet.right);
  const share = settingOf(pose, 'leftWeightShare');
  return [right[0] + (left[0] - right[0]) * share, 0, right[2] + (left[2] - right[2]) * share];
}
