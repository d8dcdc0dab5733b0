import { jointIndex, JOINTS, type Body } from '../../body';
import { settingOf, type Pose } from '../../pose';
import type { CarryPlace } from '../../scene';
import { add, SIDES, subtract, type Side, type Vec3 } from '../../units';
import { backwards, offsetsOf, rotationOf, turned, type Frames } from '../joints/frames';
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
  /** How much of it is not the body's own but of those whom it carries. */
  burdenKg: number;
}

/** Somebody who is carried: how heavy, and where their centre of mass is, set frame, metres. */
export interface Burden {
  massKg: number;
  at: Vec3;
  /** Where on the body they sit. */
  on: CarryPlace;
}

/** Gathers the placed arms into a lump; where no arm is placed yet, straight down beside the body. */
export function armLump(frames: Frames, body: Body): ArmLump {
  const sum: Vec3 = [0, 0, 0];
  addMasses(frames, body, ARM_JOINTS, sum);
  const massKg = [...ARM_JOINTS].reduce((kg, j) => kg + body.masses.massKg[j]!, 0);
  const chest = jointIndex('spineHigh');
  const p = frames.position[chest]!;
  const world: Vec3 = [sum[0] / massKg - p[0], sum[1] / massKg - p[1], sum[2] / massKg - p[2]];
  return { massKg, offset: turned(world, backwards(frames.rotation[chest]!)), burdenKg: 0 };
}

/** The lump of the arms with those who are carried, who ride on the chest as well. */
export function withBurdens(lump: ArmLump, frames: Frames, burdens: readonly Burden[]): ArmLump {
  const chest = frames.position[jointIndex('spineHigh')]!;
  const back = backwards(rotationOf(frames, 'spineHigh'));
  return burdens.reduce(({ massKg, offset, burdenKg }, burden) => {
    const both = massKg + burden.massKg;
    const way = subtract(turned(subtract(burden.at, chest), back), offset);
    return {
      massKg: both,
      offset: add(offset, way, burden.massKg / both),
      burdenKg: burdenKg + burden.massKg,
    };
  }, lump);
}

/** The centre of mass of a body with those whom it carries, set frame, metres. */
export function withCarried(own: Vec3, { masses }: Body, burdens: readonly Burden[]): Vec3 {
  let [kg, sum] = [masses.totalKg, add([0, 0, 0], own, masses.totalKg)];
  for (const { massKg, at } of burdens) [kg, sum] = [kg + massKg, add(sum, at, massKg)];
  return [sum[0] / kg, sum[1] / kg, sum[2] / kg];
}

const BODY_JOINTS = [...JOINTS.keys()].filter((j) => !ARM_JOINTS.has(j));

export function centreWithLump(frames: Frames, body: Body, lump: ArmLump): Vec3 {
  let sum: Vec3 = [0, 0, 0];
  addMasses(frames, body, BODY_JOINTS, sum);
  const chest = jointIndex('spineHigh');
  const arms = add(frames.position[chest]!, turned(lump.offset, rotationOf(frames, 'spineHigh')));
  sum = add(sum, arms, lump.massKg);
  const kg = body.masses.totalKg + lump.burdenKg;
  return [sum[0] / kg, sum[1] / kg, sum[2] / kg];
}

/** Where the centre of mass must stand for the asked share of weight. */
export function balanceTarget(pose: Pose, feet: Record<Side, Foot>): Vec3 {
  const left = pressurePoint(feet.left);
  const right = pressurePoint(feet.right);
  const share = settingOf(pose, 'leftWeightShare');
  return [right[0] + (left[0] - right[0]) * share, 0, right[2] + (left[2] - right[2]) * share];
}
