import { radians, smoothstep, SIDES, type Side, type Vec3 } from '../../units';
import type { BodyFields } from '../fields/bodyField';
import { smoothIntersection, smoothUnion, type Field } from '../fields/distance';
import { handField } from '../fields/handField';
import type { PartName } from '../skin/parts';
import { mix, same, type Piece, type Rgb } from './piece';
import type { BodyProfile } from '../said/profile';
import { BIND_ARM_DEG, BIND_LEG_DEG, type Lengths } from '../bones/proportions';
import { shoeField } from '../fields/shoeField';
import { handToBind } from '../bones/skeleton';
import { weighing } from '../skin/skinWeights';
import { gridLines, mirroredLines, surfaceNets, type Mesh } from '../skin/surfaceNets';

/** Part of an arm at a place along it from the shoulder joint. */
export function armPart(lengths: Lengths, side: Side, along: number): PartName {
  const margin = 0.032 * lengths.frameM;
  if (along < lengths.upperArmM - margin) return `${side}:upperArm`;
  return along < lengths.upperArmM + margin ? `${side}:elbow` : `${side}:forearm`;
}

/** The left arm's own coordinates (along, across, depth), in which its pieces are meshed to be cut cleanly. */
export function armFrame(lengths: Lengths): Pick<Piece, 'place' | 'turn' | 'unitM' | 'sides'> {
  const sin = Math.sin(radians(BIND_ARM_DEG));
  const cos = Math.cos(radians(BIND_ARM_DEG));
  const place = (p: Vec3): Vec3 => [
    lengths.shoulderJointM + sin * p[0] + cos * p[1],
    lengths.shoulderHeightM - cos * p[0] + sin * p[1],
    p[2],
  ];
  const turn = (n: Vec3): Vec3 => [sin * n[0] + cos * n[1], -cos * n[0] + sin * n[1], n[2]];
  return { place, turn, unitM: 1, sides: SIDES };
}

/** Meshes a field given in the arm's own coordinates. */
export function meshAlongArm(field: Field, startM: number, endM: number, halfM: number, cellM: number): Mesh {
  return surfaceNets(
    field,
    gridLines(startM - 0.01, endM + 0.014, () => cellM * 1.25),
    mirroredLines(halfM, () => cellM),
    mirroredLines(halfM, () => cellM),
  );
}

/** Bare arm from under the sleeve (`fromM` along it) to the wrist, or to where it ends, rounded. */
export function armPiece(
  profile: BodyProfile,
  lengths: Lengths,
  fields: BodyFields,
  k: number,
  ends: { fromM: number; toM: number },
): Piece {
  const S = lengths.frameM;
  const wristM = lengths.upperArmM + lengths.forearmM + 0.006 * S;
  const end = Math.min(ends.toM, wristM);
  const frame = armFrame(lengths);
  const fromShoulder = ends.fromM < 0.03 * S;
  const upper = fields.armLoft.ring(0.06 * S);
  const shoulderM = Math.max(0.058 * S, 1.12 * Math.max(upper.outer, upper.front, upper.back));
  const field: Field = (a, u, w) => {
    let d = fields.armLoft.distance(a, u, w);
    if (fromShoulder && a < 0.1 * S) {
      // without a sleeve the shoulder is seen: it belongs to the trunk
      const p = frame.place([a, u, w]);
      d = smoothUnion(d, fields.trunk(p[0], p[1], p[2]), 0.04);
      d = Math.max(d, Math.hypot(u, w) - shoulderM);
    }
    d = Math.max(d, ends.fromM - a);
    return end < wristM ? smoothIntersection(d, a - end, 0.03) : Math.max(d, a - end);
  };
  const weigh = weighing(lengths, fields);
  return {
    ...frame,
    field,
    mesh: meshAlongArm(field, ends.fromM, end, Math.max(0.075 * S, shoulderM + 0.012), 0.0075 * k),
    paint: (p) => ({ part: armPart(lengths, 'left', p[0]), colour: profile.tones.skin }),
    weigh: (_, p) => weigh.upperBody(p),
  };
}

/** Hand with five fingers. */
export function handPiece(profile: BodyProfile, lengths: Lengths, fields: BodyFields, k: number): Piece {
  const field = handField();
  const cell = (0.0034 * (1 + (k - 1) * 0.6)) / lengths.handM;
  const sin = Math.sin(radians(BIND_ARM_DEG));
  const cos = Math.cos(radians(BIND_ARM_DEG));
  const mesh = surfaceNets(
    field,
    gridLines(-0.28, 0.2, () => cell),
    gridLines(-1.06, 0.17, () => cell * 1.15),
    gridLines(-0.3, 0.52, () => cell),
  );
  const weigh = weighing(lengths, fields);
  const skin = profile.tones.skin;
  const knuckle: Rgb = [skin[0] * 0.97, skin[1] * 0.84, skin[2] * 0.82];
  return {
    mesh,
    field,
    place: (p) => handToBind(lengths, 'left', p),
    turn: (n) => [cos * n[0] - sin * n[1], sin * n[0] + cos * n[1], n[2]],
    unitM: lengths.handM,
    sides: SIDES,
    paint: (p) => ({
      part: 'left:hand',
      colour: mix(skin, knuckle, smoothstep(-0.42, -0.6, p[1]) * 0.7),
    }),
    weigh: (p) => weigh.hand('left', p),
  };
}

/** Shoe, flat or with a heel. */
export function shoePiece(profile: BodyProfile, lengths: Lengths, fields: BodyFields, k: number): Piece {
  const S = lengths.frameM;
  const { heelM, tone } = profile.outfit.shoes;
  const field = shoeField(lengths, heelM);
  const ankleX = lengths.hipJointM + Math.sin(radians(BIND_LEG_DEG)) * (lengths.thighM + lengths.shankM);
  const cell = (heelM > 0.03 ? 0.006 : 0.0075) * k;
  const mesh = surfaceNets(
    field,
    mirroredLines(0.04 * S, () => cell),
    gridLines(-0.01 - heelM * 1.15, 0.06 * S, () => cell),
    gridLines(-0.055 * S - heelM * 0.3, 0.14 * S, () => cell * 1.2),
  );
  const weigh = weighing(lengths, fields);
  return {
    mesh,
    field,
    place: (p) => [p[0] + ankleX, p[1], p[2]],
    turn: same,
    unitM: 1,
    sides: SIDES,
    paint: (p) => ({
      part: 'left:foot',
      colour: mix(tone, [0.32, 0.3, 0.27], heelM < 0.02 && p[1] < 0.007 * S ? 0.7 : 0),
    }),
    weigh: (_, p) => weigh.shoe('left', p),
  };
}
