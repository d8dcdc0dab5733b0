import { smoothstep, type Side, type Vec3 } from '../units';
import { armPlace, legPlace, type BodyFields } from './bodyField';
import { ellipsoid, smoothIntersection, smoothUnion, type Field } from './distance';
import { armFrame, meshAlongArm } from './limbPieces';
import type { PartName } from './parts';
import { IN_PLACE, mix, type Piece } from './piece';
import type { BodyProfile } from './profile';
import type { Lengths } from './proportions';
import { weighing } from './skinWeights';
import { gridLines, mirroredLines, surfaceNets } from './surfaceNets';

const SLEEVE_END = 0.122;
const HEM_HEIGHT = 0.497;
const CLOTH_M = 0.0065;

/** Neck opening of the shirt: an ellipsoid, shares of the frame. */
const OPENING = { centre: [0, 0.852, 0.004], radii: [0.05, 0.039, 0.058] } as const;
const COLLAR_RADIUS_M = 0.0066;

/** The shirt as one field: what hangs over trunk, shoulders and the upper part of the legs. */
function shirtField(lengths: Lengths, fields: BodyFields): Field {
  const S = lengths.frameM;
  return (x, y, z) => {
    const ax = Math.abs(x);
    let d = fields.trunk(x, y, z);
    let loose = 0.003 * smoothstep(0.6 * S, 0.5 * S, y);
    if (y > 0.55 * S) {
      d = smoothUnion(d, fields.arm(ax, y, z), 0.028);
      const { along } = armPlace(lengths, ax, y, z);
      const onArm = fields.trunkLoft.distance(y, x, z) - fields.arm(ax, y, z);
      loose += 0.004 * smoothstep(0.05 * S, SLEEVE_END * S, along) * smoothstep(-0.01, 0.02, onArm);
      d = Math.max(d, Math.min(along - (SLEEVE_END + 0.02) * S, onArm - 0.012));
    }
    if (y > 0.79 * S) d = smoothUnion(d, fields.neck(x, y, z), 0.03);
    if (y < 0.66 * S) {
      d = smoothUnion(d, fields.leg(ax, y, z), 0.05);
      d = smoothUnion(d, fields.leg(-ax, y, z), 0.05);
    }
    return d - CLOTH_M - loose;
  };
}

function trunkPart(S: number, y: number): PartName {
  if (y > 0.665 * S) return 'chest';
  return y > 0.575 * S ? 'waist' : 'hips';
}

/** Trunk of the shirt, open at the neck. */
export function topPiece(profile: BodyProfile, lengths: Lengths, fields: BodyFields, k: number): Piece {
  const S = lengths.frameM;
  const shirt = shirtField(lengths, fields);
  const field: Field = (x, y, z) => {
    let d = smoothIntersection(shirt(x, y, z), HEM_HEIGHT * S - y, 0.006);
    const ax = Math.abs(x);
    const { along } = armPlace(lengths, ax, y, z);
    if (along > 0.05 * S && ax > 0.08 * S) {
      const onArm = fields.trunkLoft.distance(y, x, z) - fields.arm(ax, y, z);
      d = Math.max(d, Math.min(along - 0.085 * S, onArm - 0.012));
    }
    if (y > 0.78 * S) {
      const [cx, cy, cz] = OPENING.centre;
      const [rx, ry, rz] = OPENING.radii;
      const opening = ellipsoid(x - cx * S, y - cy * S, z - cz * S, rx * S, ry * S, rz * S);
      d = smoothIntersection(d, -opening, 0.004);
      // a full neck would carry the shirt up past the collar
      d = smoothIntersection(d, y - 0.862 * S, 0.004);
    }
    return d;
  };
  const cell = 0.0115 * k;
  const collarCell = 0.006 * k;
  const half = Math.max(0.2 * S, fields.trunkLoft.ring(0.595 * S).outer + 0.06);
  const depth = fields.trunkLoft.ring(0.595 * S).front + 0.12;
  const mesh = surfaceNets(
    field,
    mirroredLines(half, (x) => (x < 0.06 * S ? cell * 0.72 : cell)),
    gridLines(HEM_HEIGHT * S - 0.02, 0.87 * S, (y) => (y > 0.79 * S ? collarCell : cell)),
    gridLines(-0.17 * S - 0.03, depth, () => cell),
  );
  const weigh = weighing(lengths, fields);
  return {
    mesh,
    field,
    ...IN_PLACE,
    paint: (_, p) => {
      const x = Math.abs(p[0]);
      const { along } = armPlace(lengths, x, p[1], p[2]);
      const onArm =
        along > 0.005 * S && fields.arm(x, p[1], p[2]) < fields.trunkLoft.distance(p[1], p[0], p[2]);
      return {
        part: onArm ? `${p[0] >= 0 ? 'left' : 'right'}:upperArm` : trunkPart(S, p[1]),
        colour: profile.tones.top,
      };
    },
    weigh: (_, p) => weigh.upperBody(p),
  };
}

/** A rib round the neck opening: a tube along the curve where the opening meets the shirt. */
export function collarPiece(profile: BodyProfile, lengths: Lengths, fields: BodyFields, k: number): Piece {
  const S = lengths.frameM;
  const shirt = shirtField(lengths, fields);
  const [cx, cy, cz] = OPENING.centre;
  const [rx, ry, rz] = OPENING.radii;
  const around = Math.round(72 / k) * 2;
  const section = 8;
  const onOpening = (azimuth: number, elevation: number): Vec3 => [
    (cx + rx * Math.cos(elevation) * Math.sin(azimuth)) * S,
    (cy - ry * Math.sin(elevation)) * S,
    (cz + rz * Math.cos(elevation) * Math.cos(azimuth)) * S,
  ];
  const curve = Array.from({ length: around }, (_, i): Vec3 => {
    const azimuth = (2 * Math.PI * i) / around;
    let high = 0;
    let low = Math.PI / 2;
    for (let step = 0; step < 24; step++) {
      const middle = (high + low) / 2;
      const p = onOpening(azimuth, middle);
      if (shirt(p[0], p[1], p[2]) > 0) high = middle;
      else low = middle;
    }
    return onOpening(azimuth, low);
  });
  const positions: number[] = [];
  const normals: number[] = [];
  const triangles: number[] = [];
  curve.forEach((p, i) => {
    const radial = Math.hypot(p[0], p[2] - cz * S) || 1;
    const out: Vec3 = [p[0] / radial, 0, (p[2] - cz * S) / radial];
    for (let j = 0; j < section; j++) {
      const a = (2 * Math.PI * j) / section;
      const n: Vec3 = [out[0] * Math.cos(a), Math.sin(a), out[2] * Math.cos(a)];
      positions.push(
        p[0] + n[0] * COLLAR_RADIUS_M,
        p[1] + n[1] * COLLAR_RADIUS_M,
        p[2] + n[2] * COLLAR_RADIUS_M,
      );
      normals.push(...n);
      const here = i * section + j;
      const beside = i * section + ((j + 1) % section);
      const next = ((i + 1) % around) * section + j;
      const across = ((i + 1) % around) * section + ((j + 1) % section);
      triangles.push(here, next, beside, beside, next, across);
    }
  });
  const weigh = weighing(lengths, fields);
  const tone = profile.tones.top;
  return {
    mesh: {
      positions: Float32Array.from(positions),
      normals: Float32Array.from(normals),
      triangles: Uint32Array.from(triangles),
    },
    field: () => 1,
    ...IN_PLACE,
    paint: () => ({ part: 'chest', colour: mix(tone, [0, 0, 0], 0.25) }),
    weigh: (_, p) => weigh.upperBody(p),
  };
}

/** Short sleeve, meshed along the arm so that its hem is cut cleanly. */
export function sleevePiece(profile: BodyProfile, lengths: Lengths, fields: BodyFields, k: number): Piece {
  const S = lengths.frameM;
  const shirt = shirtField(lengths, fields);
  const start = 0.04 * S;
  const end = SLEEVE_END * S;
  const frame = armFrame(lengths);
  const field: Field = (a, u, w) => {
    const p = frame.place([a, u, w]);
    const around = Math.hypot(u, w) - 0.075 * S - 0.02;
    const d = smoothIntersection(shirt(p[0], p[1], p[2]), a - end, 0.005);
    return Math.max(d, start - a, around);
  };
  const weigh = weighing(lengths, fields);
  return {
    ...frame,
    field,
    mesh: meshAlongArm(field, start, end, 0.11 * S, 0.0085 * k),
    paint: (_, p) => ({
      part:
        fields.arm(p[0], p[1], p[2]) < fields.trunkLoft.distance(p[1], p[0], p[2])
          ? 'left:upperArm'
          : 'chest',
      colour: profile.tones.top,
    }),
    weigh: (_, p) => weigh.upperBody(p),
  };
}

/** Trousers, from under the shirt to the shoes. */
export function trousersPiece(profile: BodyProfile, lengths: Lengths, fields: BodyFields, k: number): Piece {
  const S = lengths.frameM;
  const hem = 0.043 * S;
  const knee = lengths.thighM;
  const field: Field = (x, y, z) => {
    const ax = Math.abs(x);
    const { along } = legPlace(lengths, ax, y, z);
    const loose =
      0.006 + 0.006 * smoothstep(0.5 * knee, knee, along) + 0.006 * smoothstep(1.2 * knee, 1.9 * knee, along);
    let d = fields.leg(ax, y, z) - loose;
    if (y > 0.4 * S) {
      d = smoothUnion(d, fields.leg(-ax, y, z) - loose, 0.03);
      d = smoothUnion(d, fields.trunk(x, y, z) - 0.003, 0.045);
    }
    d = smoothIntersection(d, y - 0.535 * S, 0.004);
    return smoothIntersection(d, hem - y, 0.006);
  };
  const cell = 0.0125 * k;
  const half = Math.max(0.15 * S, fields.trunkLoft.ring(0.545 * S).outer + 0.06);
  const mesh = surfaceNets(
    field,
    mirroredLines(half, () => cell),
    gridLines(hem - 0.016, 0.55 * S, (y) => (y < hem + 0.02 ? 0.008 * k : cell * 1.3)),
    gridLines(-0.15 * S - 0.03, 0.11 * S + 0.06, () => cell),
  );
  const weigh = weighing(lengths, fields);
  const margin = 0.036 * S;
  return {
    mesh,
    field,
    ...IN_PLACE,
    paint: (_, p) => {
      const side: Side = p[0] >= 0 ? 'left' : 'right';
      const { along } = legPlace(lengths, Math.abs(p[0]), p[1], p[2]);
      let part: PartName = `${side}:shin`;
      if (p[1] > 0.485 * S) part = 'hips';
      else if (along < knee - margin) part = `${side}:thigh`;
      else if (along < knee + margin) part = `${side}:knee`;
      return { part, colour: profile.tones.trousers };
    },
    weigh: (_, p) => weigh.legs(p),
  };
}
