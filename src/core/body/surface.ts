import { radians, smoothstep, type Side, type Vec3 } from '../units';
import { armPlace, legPlace, type BodyFields } from './bodyField';
import { ellipsoid, smoothIntersection, smoothUnion, type Field } from './distance';
import { handField } from './handField';
import { aboveHairline, headShape, lidEdges } from './headField';
import { MIRRORED_PARTS, partIndex, type PartName } from './parts';
import type { BodyProfile } from './profile';
import { BIND_ARM_DEG, BIND_LEG_DEG, type Lengths } from './proportions';
import { shoeField } from './shoeField';
import { EYEBALL, handToBind, HEAD_FORWARD_SHARE, headToBind, jointIndex, MIRRORED_JOINTS } from './skeleton';
import { storeWeights, weighing, type Weights } from './skinWeights';
import { gridLines, mirroredLines, surfaceNets, type Mesh } from './surfaceNets';

/** The sitter's dressed surface in the bind pose, ready to be skinned. One array entry per vertex unless said. */
export interface BodySurface {
  /** x y z, metres. */
  positions: Float32Array;
  /** Unit normals. */
  normals: Float32Array;
  /** Linear diffuse reflectance, ambient occlusion not included. */
  colours: Float32Array;
  /** Ambient occlusion of the bind pose, 0 to 1. */
  openness: Float32Array;
  /** Part labels, see PARTS. */
  labels: Uint8Array;
  /** Four joints and their weights. */
  joints: Uint8Array;
  weights: Float32Array;
  /** Three vertices a triangle, counter-clockwise from outside. */
  triangles: Uint32Array;
  /** Part label per triangle. */
  triangleLabels: Uint8Array;
}

/** `drawn` is for the viewfinder at rest, `measured` for the measuring picture and while dragging. */
export type Detail = 'drawn' | 'measured';
/** Cell sizes against the drawn ones. */
const CELL_FACTOR: Record<Detail, number> = { drawn: 1, measured: 2 };

type Rgb = readonly [number, number, number];

/** One closed piece of the surface before it is joined to the others. */
interface Piece {
  mesh: Mesh;
  field: Field;
  /** Local coordinates to bind coordinates, and the same for directions. */
  place(p: Vec3): Vec3;
  turn(n: Vec3): Vec3;
  /** Metres per local unit. */
  unitM: number;
  paint(local: Vec3, bind: Vec3): { part: PartName; colour: Rgb };
  weigh(local: Vec3, bind: Vec3): Weights;
  mirror: boolean;
}

const same = (p: Vec3): Vec3 => p;

function mix(a: Rgb, b: Rgb, share: number): Rgb {
  return [a[0] + (b[0] - a[0]) * share, a[1] + (b[1] - a[1]) * share, a[2] + (b[2] - a[2]) * share];
}

/** Builds the dressed surface: fitted T-shirt, trousers, flat shoes. */
export function buildSurface(
  profile: BodyProfile,
  lengths: Lengths,
  fields: BodyFields,
  detail: Detail,
): BodySurface {
  const k = CELL_FACTOR[detail];
  const pieces = [
    headPiece(profile, lengths, fields, k),
    ...eyePieces(lengths, detail),
    ...hairPieces(profile, lengths, k),
    topPiece(profile, lengths, fields, k),
    collarPiece(profile, lengths, fields, k),
    sleevePiece(profile, lengths, fields, k),
    armPiece(profile, lengths, fields, k),
    handPiece(profile, lengths, fields, k),
    trousersPiece(profile, lengths, fields, k),
    shoePiece(profile, lengths, fields, k),
  ];
  return join(pieces);
}

function headPiece(profile: BodyProfile, lengths: Lengths, fields: BodyFields, k: number): Piece {
  const S = lengths.statureM;
  const H = lengths.headHeightM;
  const shape = headShape(profile.contourShare, profile.hair);
  const originY = S - H;
  const originZ = HEAD_FORWARD_SHARE * S;
  const head: Field = (x, y, z) => shape.skin(x / H, (y - originY) / H, (z - originZ) / H) * H;
  const field: Field = (x, y, z) => {
    let d = y < originY + 0.5 * H ? fields.neck(x, y, z) : 1;
    if (y < 0.9 * S) d = smoothUnion(d, fields.trunk(x, y, z), 0.03);
    if (y > 0.82 * S) d = smoothUnion(d, head(x, y, z), 0.028);
    d = smoothIntersection(d, 0.8 * S - y, 0.004);
    return smoothIntersection(d, Math.abs(x) - 0.07 * S, 0.004);
  };
  const fine = 0.0029 * k;
  const faceHalf = 0.045 * S;
  const xs = mirroredLines(0.085 * S, (x) => (x < faceHalf ? fine : fine * 2));
  const ys = gridLines(0.793 * S, 1.012 * S, (y) =>
    y > originY - 0.002 * S && y < originY + 0.64 * H ? fine : fine * 2.6,
  );
  const zs = gridLines(-0.085 * S, 0.088 * S, (z) => (z > 0.03 * S ? fine : fine * 2.4));
  const weigh = weighing(lengths, fields);
  const skin = profile.tones.skin;
  const hairTone = profile.tones.hair;
  const lip: Rgb = mix(skin, [skin[0] * 0.78, skin[1] * 0.45, skin[2] * 0.45], 0.8);
  const blush: Rgb = [skin[0] * 0.98, skin[1] * 0.82, skin[2] * 0.8];
  return {
    mesh: surfaceNets(field, xs, ys, zs),
    field,
    place: same,
    turn: same,
    unitM: 1,
    mirror: false,
    paint: (_, p) => {
      const x = Math.abs(p[0]) / H;
      const y = (p[1] - originY) / H;
      const z = (p[2] - originZ) / H;
      let colour: Rgb = skin;
      colour = mix(
        colour,
        blush,
        0.8 * Math.exp(-(((x - 0.18) / 0.07) ** 2) - ((y - 0.36) / 0.07) ** 2) * (z > 0 ? 1 : 0),
      );
      colour = mix(
        colour,
        blush,
        0.5 * Math.exp(-((x / 0.05) ** 2) - ((y - 0.35) / 0.05) ** 2) * (z > 0.3 ? 1 : 0),
      );
      if (z > 0.25) {
        const taper = Math.max(0, 1 - (x / 0.112) ** 2);
        const above = (0.017 + 0.004 * Math.exp(-(((x - 0.028) / 0.02) ** 2))) * taper + 0.0008;
        const below = 0.031 * taper + 0.0008;
        const dy = y - 0.211 - 0.008 * (x / 0.11) ** 2;
        const inside = dy > 0 ? 1 - dy / above : 1 + dy / below;
        if (x < 0.115)
          colour = mix(colour, lip, smoothstep(-0.35, 0.35, inside) * smoothstep(0.112, 0.085, x));
        // brow: a soft band, highest at two thirds of its length, thinning outwards
        const fromPeak = x - 0.165;
        const browY = 0.594 - (fromPeak < 0 ? 2.1 : 5) * fromPeak ** 2;
        const browHalf = (0.0135 - 0.004 * profile.contourShare) * smoothstep(0.25, 0.1, x) + 0.001;
        const inBrow =
          smoothstep(0.042, 0.075, x) *
          smoothstep(0.235, 0.205, x) *
          smoothstep(browHalf + 0.006, browHalf - 0.006, Math.abs(y - browY));
        colour = mix(colour, mix(hairTone, skin, 0.2), 0.85 * inBrow);
        // lash line: the edges of the lids round the opening
        const ex = x - EYEBALL.centre[0];
        const ey = y - EYEBALL.centre[1];
        if (ex > -0.06 && ex < 0.066) {
          const edges = lidEdges(Math.min(0.0575, Math.max(-0.0555, ex)));
          const lash = smoothstep(0.0095, 0.002, Math.abs(ey - edges.upper - 0.0015));
          const lowerLash = 0.4 * smoothstep(0.006, 0.001, Math.abs(ey - edges.lower + 0.001));
          colour = mix(colour, mix(hairTone, [0.02, 0.015, 0.012], 0.6), Math.max(0.92 * lash, lowerLash));
        }
      }
      const scalp =
        profile.hair === 'none' ? 0 : smoothstep(-0.02, 0.03, aboveHairline(profile.hair, x, y, z));
      colour = mix(colour, hairTone, 0.85 * scalp);
      let part: PartName = 'face';
      if (
        (y < 0.04 && z < 0.24) ||
        (z < 0.02 && y < 0.26) ||
        fields.neck(p[0], p[1], p[2]) < head(p[0], p[1], p[2])
      )
        part = 'neck';
      else if (x > 0.285 && y > 0.3 && y < 0.62) part = 'ear';
      else if (y > 0.86 || z < -0.08) part = profile.hair === 'none' ? 'face' : 'hair';
      if (p[1] < 0.815 * S) part = 'chest';
      return { part, colour };
    },
    weigh: (_, p) => weigh.head(p, head(p[0], p[1], p[2]), fields.neck(p[0], p[1], p[2])),
  };
}

function eyePieces(lengths: Lengths, detail: Detail): Piece[] {
  const H = lengths.headHeightM;
  const rings = detail === 'drawn' ? 20 : 12;
  const around = detail === 'drawn' ? 28 : 18;
  const positions: number[] = [];
  const triangles: number[] = [];
  const r = EYEBALL.radius;
  const normals: number[] = [];
  const put = (polar: number, azimuth: number) => {
    const n = [Math.sin(polar) * Math.cos(azimuth), Math.sin(polar) * Math.sin(azimuth), Math.cos(polar)];
    const bulge = 1 + 0.045 * smoothstep(radians(34), radians(8), polar);
    positions.push(...n.map((value) => value * r * bulge));
    normals.push(...n);
  };
  // rings from the pupil (+z) backwards, denser in front so that iris and pupil have clean edges
  put(0, 0);
  for (let i = 1; i < rings; i++)
    for (let j = 0; j < around; j++) put(Math.PI * Math.pow(i / rings, 1.35), (2 * Math.PI * j) / around);
  put(Math.PI, 0);
  const back = positions.length / 3 - 1;
  for (let j = 0; j < around; j++) {
    const next = (j + 1) % around;
    triangles.push(0, 1 + j, 1 + next);
    for (let i = 0; i < rings - 2; i++) {
      const a = 1 + i * around + j;
      const b = 1 + i * around + next;
      triangles.push(a, a + around, b, b, a + around, b + around);
    }
    const last = back - around;
    triangles.push(last + j, back, last + next);
  }
  const mesh: Mesh = {
    positions: Float32Array.from(positions),
    normals: Float32Array.from(normals),
    triangles: Uint32Array.from(triangles),
  };
  const c = EYEBALL.centre;
  return [
    {
      mesh,
      field: (x, y, z) => Math.hypot(x, y, z) - r,
      place: (p) => headToBind(lengths, [c[0] + p[0], c[1] + p[1], c[2] + p[2]]),
      turn: same,
      unitM: H,
      mirror: true,
      paint: (p) => {
        const polar = Math.acos(Math.min(1, p[2] / Math.hypot(p[0], p[1], p[2])));
        const iris: Rgb = [0.085, 0.075, 0.06];
        let colour: Rgb = mix([0.012, 0.01, 0.01], iris, smoothstep(radians(11), radians(15), polar));
        colour = mix(colour, [0.03, 0.035, 0.035], smoothstep(radians(25), radians(30), polar));
        colour = mix(colour, [0.4, 0.385, 0.37], smoothstep(radians(29), radians(34), polar));
        return { part: 'left:eye', colour };
      },
      weigh: () => new Map([[jointIndex('left:eye'), 1]]),
    },
  ];
}

function hairPieces(profile: BodyProfile, lengths: Lengths, k: number): Piece[] {
  const H = lengths.headHeightM;
  const hair = headShape(profile.contourShare, profile.hair).hair;
  if (!hair) return [];
  const cell = (0.006 * k) / H;
  const mesh = surfaceNets(
    hair,
    mirroredLines(0.46, () => cell),
    gridLines(0.02, 1.12, () => cell),
    gridLines(-0.68, 0.52, () => cell),
  );
  const head = jointIndex('head');
  return [
    {
      mesh,
      field: hair,
      place: (p) => headToBind(lengths, p),
      turn: same,
      unitM: H,
      mirror: false,
      paint: (p) => {
        const strand = 0.5 + 0.5 * Math.sin(Math.atan2(Math.abs(p[0]), p[2] + 0.03) * 46 + p[1] * 9);
        const t = profile.tones.hair;
        return { part: 'hair', colour: mix(t, [t[0] * 1.5, t[1] * 1.45, t[2] * 1.4], 0.5 * strand) };
      },
      weigh: () => new Map([[head, 1]]),
    },
  ];
}

const SLEEVE_END = 0.122;
const HEM_HEIGHT = 0.497;
const CLOTH_M = 0.0065;

/** Neck opening of the shirt: an ellipsoid, shares of stature. */
const OPENING = { centre: [0, 0.852, 0.004], radii: [0.05, 0.039, 0.058] } as const;
const COLLAR_RADIUS_M = 0.0066;

/** The shirt as one field: what hangs over trunk, shoulders and the upper part of the legs. */
function shirtField(lengths: Lengths, fields: BodyFields): Field {
  const S = lengths.statureM;
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

function armPart(lengths: Lengths, side: Side, along: number): PartName {
  const margin = 0.032 * lengths.statureM;
  if (along < lengths.upperArmM - margin) return `${side}:upperArm`;
  return along < lengths.upperArmM + margin ? `${side}:elbow` : `${side}:forearm`;
}

function topPiece(profile: BodyProfile, lengths: Lengths, fields: BodyFields, k: number): Piece {
  const S = lengths.statureM;
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
    place: same,
    turn: same,
    unitM: 1,
    mirror: false,
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
function collarPiece(profile: BodyProfile, lengths: Lengths, fields: BodyFields, k: number): Piece {
  const S = lengths.statureM;
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
    place: same,
    turn: same,
    unitM: 1,
    mirror: false,
    paint: () => ({ part: 'chest', colour: mix(tone, [0, 0, 0], 0.25) }),
    weigh: (_, p) => weigh.upperBody(p),
  };
}

/** The left arm's own coordinates (along, across, depth), in which its pieces are meshed to be cut cleanly. */
function armFrame(lengths: Lengths): Pick<Piece, 'place' | 'turn' | 'unitM' | 'mirror'> {
  const sin = Math.sin(radians(BIND_ARM_DEG));
  const cos = Math.cos(radians(BIND_ARM_DEG));
  const place = (p: Vec3): Vec3 => [
    lengths.shoulderJointM + sin * p[0] + cos * p[1],
    lengths.shoulderHeightM - cos * p[0] + sin * p[1],
    p[2],
  ];
  const turn = (n: Vec3): Vec3 => [sin * n[0] + cos * n[1], -cos * n[0] + sin * n[1], n[2]];
  return { place, turn, unitM: 1, mirror: true };
}

function meshAlongArm(field: Field, startM: number, endM: number, halfM: number, cellM: number): Mesh {
  return surfaceNets(
    field,
    gridLines(startM - 0.01, endM + 0.014, () => cellM * 1.25),
    mirroredLines(halfM, () => cellM),
    mirroredLines(halfM, () => cellM),
  );
}

function sleevePiece(profile: BodyProfile, lengths: Lengths, fields: BodyFields, k: number): Piece {
  const S = lengths.statureM;
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

function armPiece(profile: BodyProfile, lengths: Lengths, fields: BodyFields, k: number): Piece {
  const S = lengths.statureM;
  const start = 0.07 * S;
  const end = lengths.upperArmM + lengths.forearmM + 0.006 * S;
  const field: Field = (a, u, w) => Math.max(fields.armLoft.distance(a, u, w), start - a, a - end);
  const weigh = weighing(lengths, fields);
  return {
    ...armFrame(lengths),
    field,
    mesh: meshAlongArm(field, start, end, 0.075 * S, 0.0075 * k),
    paint: (p) => ({ part: armPart(lengths, 'left', p[0]), colour: profile.tones.skin }),
    weigh: (_, p) => weigh.upperBody(p),
  };
}

function handPiece(profile: BodyProfile, lengths: Lengths, fields: BodyFields, k: number): Piece {
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
    mirror: true,
    paint: (p) => ({
      part: 'left:hand',
      colour: mix(skin, knuckle, smoothstep(-0.42, -0.6, p[1]) * 0.7),
    }),
    weigh: (p) => weigh.hand('left', p),
  };
}

function trousersPiece(profile: BodyProfile, lengths: Lengths, fields: BodyFields, k: number): Piece {
  const S = lengths.statureM;
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
    place: same,
    turn: same,
    unitM: 1,
    mirror: false,
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

function shoePiece(profile: BodyProfile, lengths: Lengths, fields: BodyFields, k: number): Piece {
  const S = lengths.statureM;
  const field = shoeField(lengths);
  const ankleX = lengths.hipJointM + Math.sin(radians(BIND_LEG_DEG)) * (lengths.thighM + lengths.shankM);
  const cell = 0.0075 * k;
  const mesh = surfaceNets(
    field,
    mirroredLines(0.04 * S, () => cell),
    gridLines(-0.01, 0.06 * S, () => cell),
    gridLines(-0.055 * S, 0.14 * S, () => cell * 1.2),
  );
  const weigh = weighing(lengths, fields);
  return {
    mesh,
    field,
    place: (p) => [p[0] + ankleX, p[1], p[2]],
    turn: same,
    unitM: 1,
    mirror: true,
    paint: (p) => ({
      part: 'left:foot',
      colour: mix(profile.tones.shoes, [0.32, 0.3, 0.27], p[1] < 0.007 * S ? 0.7 : 0),
    }),
    weigh: (_, p) => weigh.shoe('left', p),
  };
}

/** Share of a short way along the normal that the field leaves open, at three reaches (crevices come out dark). */
function opennessAt(field: Field, x: number, y: number, z: number, n: number[], unitM: number): number {
  let open = 1;
  for (const reachM of [0.006, 0.018, 0.045]) {
    const reach = reachM / unitM;
    const d = field(x + n[0]! * reach, y + n[1]! * reach, z + n[2]! * reach);
    open *= 1 - 0.3 * Math.max(0, 1 - Math.max(0, d) / reach);
  }
  return open;
}

function join(pieces: Piece[]): BodySurface {
  let vertexCount = 0;
  let indexCount = 0;
  for (const piece of pieces) {
    const copies = piece.mirror ? 2 : 1;
    vertexCount += (piece.mesh.positions.length / 3) * copies;
    indexCount += piece.mesh.triangles.length * copies;
  }
  const out: BodySurface = {
    positions: new Float32Array(vertexCount * 3),
    normals: new Float32Array(vertexCount * 3),
    colours: new Float32Array(vertexCount * 3),
    openness: new Float32Array(vertexCount),
    labels: new Uint8Array(vertexCount),
    joints: new Uint8Array(vertexCount * 4),
    weights: new Float32Array(vertexCount * 4),
    triangles: new Uint32Array(indexCount),
    triangleLabels: new Uint8Array(indexCount / 3),
  };
  let v = 0;
  let t = 0;
  const normal = [0, 0, 0];
  for (const piece of pieces) {
    const count = piece.mesh.positions.length / 3;
    const first = v;
    for (let i = 0; i < count; i++, v++) {
      const local: Vec3 = [
        piece.mesh.positions[i * 3]!,
        piece.mesh.positions[i * 3 + 1]!,
        piece.mesh.positions[i * 3 + 2]!,
      ];
      const bind = piece.place(local);
      for (let c = 0; c < 3; c++) normal[c] = piece.mesh.normals[i * 3 + c]!;
      const { part, colour } = piece.paint(local, bind);
      out.positions.set(bind, v * 3);
      out.normals.set(piece.turn([normal[0]!, normal[1]!, normal[2]!]), v * 3);
      out.colours.set(colour, v * 3);
      out.openness[v] = opennessAt(piece.field, local[0], local[1], local[2], normal, piece.unitM);
      out.labels[v] = partIndex(part);
      storeWeights(piece.weigh(local, bind), v, out.joints, out.weights);
    }
    const indices = piece.mesh.triangles;
    for (let i = 0; i < indices.length; i++) out.triangles[t + i] = indices[i]! + first;
    t += indices.length;
    if (!piece.mirror) continue;
    const shift = count;
    for (let i = 0; i < count; i++, v++) {
      const from = first + i;
      mirrorVertex(out, from, v);
    }
    for (let i = 0; i < indices.length; i += 3) {
      out.triangles[t + i] = indices[i]! + first + shift;
      out.triangles[t + i + 1] = indices[i + 2]! + first + shift;
      out.triangles[t + i + 2] = indices[i + 1]! + first + shift;
    }
    t += indices.length;
  }
  for (let i = 0; i < out.triangleLabels.length; i++) {
    const a = out.labels[out.triangles[i * 3]!]!;
    const b = out.labels[out.triangles[i * 3 + 1]!]!;
    const c = out.labels[out.triangles[i * 3 + 2]!]!;
    out.triangleLabels[i] = b === c ? b : a;
  }
  return out;
}

function mirrorVertex(out: BodySurface, from: number, to: number): void {
  for (const array of [out.positions, out.normals]) {
    array[to * 3] = -array[from * 3]!;
    array[to * 3 + 1] = array[from * 3 + 1]!;
    array[to * 3 + 2] = array[from * 3 + 2]!;
  }
  out.colours.copyWithin(to * 3, from * 3, from * 3 + 3);
  out.openness[to] = out.openness[from]!;
  out.labels[to] = MIRRORED_PARTS[out.labels[from]!]!;
  for (let i = 0; i < 4; i++) {
    out.joints[to * 4 + i] = MIRRORED_JOINTS[out.joints[from * 4 + i]!]!;
    out.weights[to * 4 + i] = out.weights[from * 4 + i]!;
  }
}
