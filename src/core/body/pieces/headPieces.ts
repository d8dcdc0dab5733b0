import { radians, smoothstep, SIDES, type Vec3 } from '../../units';
import type { BodyFields } from '../fields/bodyField';
import { smoothIntersection, smoothUnion, type Field } from '../fields/distance';
import { mouthLine } from '../skin/expression';
import { aboveHairline, HAIR_ENDS, hairField, SCARF_END, scarfField } from '../fields/hairField';
import { headCharacter, headShape, lidEdges } from '../fields/headField';
import type { PartName } from '../skin/parts';
import { IN_PLACE, mix, same, type Piece, type Rgb } from './piece';
import type { BodyProfile } from '../said/profile';
import { heightsOf, type Lengths } from '../bones/proportions';
import { EYEBALL, HEAD_FORWARD_SHARE, headToBind, jointIndex } from '../bones/skeleton';
import { weighing } from '../skin/skinWeights';
import { gridLines, mirroredLines, surfaceNets, type Mesh } from '../skin/surfaceNets';

/** Inside of a mouth, as a reflectance. */
const MOUTH: Rgb = [0.045, 0.014, 0.012];

/** Face, skull, ears and neck, down into the collar. */
export function headPiece(profile: BodyProfile, lengths: Lengths, fields: BodyFields, k: number): Piece {
  const S = lengths.frameM;
  const H = lengths.headHeightM;
  const shape = headShape(headCharacter(profile));
  const originY = lengths.chinHeightM;
  const heightM = heightsOf(lengths);
  const [endY, chestToY, headFromY, trunkToY] = [0.775, 0.815, 0.82, 0.9].map(heightM) as [
    number,
    number,
    number,
    number,
  ];
  const originZ = HEAD_FORWARD_SHARE * S;
  const [collarY, jawY] = [heightM(0.845), heightM(0.868)];
  /** Half the width of the piece: the neck down into the collar, and the whole head. */
  const halfM = Math.max(0.07 * S, 0.42 * H * lengths.headBreadthFactor);
  const halfDepthM = 0.63 * H;
  const head: Field = (x, y, z) =>
    shape.skin(x / (H * lengths.headBreadthFactor), (y - originY) / H, (z - originZ) / H) * H;
  const field: Field = (x, y, z) => {
    let d = y < originY + 0.5 * H ? fields.neck(x, y, z) : 1;
    if (y < trunkToY) d = smoothUnion(d, fields.trunk(x, y, z), 0.03);
    // the head melts into the neck below the jaw, and keeps out of the collar
    if (y > headFromY) d = smoothUnion(d, head(x, y, z), 0.004 + 0.03 * smoothstep(collarY, jawY, y));
    d = smoothIntersection(d, endY - y, 0.004);
    d = smoothIntersection(d, Math.abs(x) - halfM, 0.004);
    return smoothIntersection(d, Math.abs(z) - halfDepthM, 0.004);
  };
  const fine = 0.0029 * k;
  const faceHalf = 0.35 * H * lengths.headBreadthFactor;
  const xs = mirroredLines(halfM + 0.012, (x) => (x < faceHalf ? fine : fine * 2));
  const ys = gridLines(endY - 0.007 * S, originY + 1.07 * H, (y) =>
    // finest where the lips part
    y > originY + 0.186 * H && y < originY + 0.242 * H
      ? fine * 0.5
      : y > originY - 0.002 * S && y < originY + 0.64 * H
        ? fine
        : fine * 2.6,
  );
  const zs = gridLines(-0.65 * H, 0.68 * H, (z) => (z > 0.23 * H ? fine : fine * 2.4));
  const weigh = weighing(lengths, fields);
  const skin = profile.tones.skin;
  const hairTone = profile.tones.hair;
  const lip: Rgb = mix(skin, [skin[0] * 0.82, skin[1] * 0.56, skin[2] * 0.56], 0.8);
  const blush: Rgb = [skin[0] * 0.98, skin[1] * 0.82, skin[2] * 0.8];
  return {
    mesh: surfaceNets(field, xs, ys, zs),
    field,
    ...IN_PLACE,
    paint: (_, p) => {
      const x = Math.abs(p[0]) / (H * lengths.headBreadthFactor);
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
        const dy = y - mouthLine(x);
        const inside = dy > 0 ? 1 - dy / above : 1 + dy / below;
        if (x < 0.115)
          colour = mix(colour, lip, smoothstep(-0.35, 0.35, inside) * smoothstep(0.112, 0.085, x));
        // the shadow between the lips, which is all of the mouth that is seen when they part
        colour = mix(colour, MOUTH, 0.85 * Math.exp(-((dy / 0.006) ** 2)) * smoothstep(0.106, 0.08, x));
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
      else if (x > 0.278 && y > 0.3 && y < 0.62) part = 'ear';
      else if (y > 0.86 || z < -0.08) part = profile.hair === 'none' ? 'face' : 'hair';
      if (p[1] < chestToY) part = 'chest';
      return { part, colour };
    },
    weigh: (_, p) => weigh.head(p, head(p[0], p[1], p[2]), fields.neck(p[0], p[1], p[2])),
  };
}

/** Eyeballs with iris and pupil, each on its own joint, from so many rings of so many vertices. */
export function eyePieces(lengths: Lengths, rings: number, around: number): Piece[] {
  const H = lengths.headHeightM;
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
      sides: SIDES,
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

/** Depth of the back's surface at a height below the chin, in head coordinates. */
function backOf(lengths: Lengths, fields: BodyFields): (at: number) => number {
  const H = lengths.headHeightM;
  return (at) => {
    const y = lengths.chinHeightM + at * H;
    let z = -0.4;
    while (z < 0 && fields.trunk(0.06, y, z) > 0) z += 0.004;
    return z / H - HEAD_FORWARD_SHARE * (lengths.frameM / H) - 0.045;
  };
}

/** Nothing on the head itself reaches farther back than this, head heights. */
const HAIR_BACK = -0.82;

/** Something worn on the head, meshed in head coordinates; what hangs below the chin goes with neck and chest. */
function onHead(
  lengths: Lengths,
  field: Field,
  cell: number,
  ends: { low: number; back: number },
  paint: (p: Vec3) => { part: PartName; colour: Rgb },
): Piece {
  const head = jointIndex('head');
  const [neck, chest] = [jointIndex('neck'), jointIndex('spineHigh')];
  return {
    mesh: surfaceNets(
      field,
      mirroredLines(0.56, () => cell),
      gridLines(ends.low, 1.24, () => cell),
      gridLines(ends.back, 0.52, () => cell),
    ),
    field,
    place: (p) => headToBind(lengths, p),
    turn: same,
    unitM: lengths.headHeightM,
    sides: null,
    paint,
    weigh: (p) => {
      const high = smoothstep(-0.28, 0.06, p[1]);
      const middle = smoothstep(-0.6, -0.2, p[1]);
      return new Map([
        [head, high],
        [neck, (1 - high) * middle],
        [chest, (1 - high) * (1 - middle)],
      ]);
    },
  };
}

/** Hair as a shell over the skull, or the scarf over it; nothing for a bare head. */
export function hairPieces(profile: BodyProfile, lengths: Lengths, fields: BodyFields, k: number): Piece[] {
  const H = lengths.headHeightM;
  const { smooth, skin } = headShape(headCharacter(profile));
  const cell = (0.006 * k) / H;
  const scarf = profile.outfit.headScarf;
  if (scarf)
    return [
      onHead(
        lengths,
        scarfField(smooth, skin),
        cell * 0.75,
        { low: SCARF_END - 0.06, back: HAIR_BACK },
        () => ({
          part: 'hair',
          colour: scarf.tone,
        }),
      ),
    ];
  if (profile.hair === 'none') return [];
  const backW = backOf(lengths, fields);
  const hair = hairField(profile.hair, smooth, backW);
  const deepest = profile.hair === 'long' ? Math.min(backW(-0.3), backW(-0.6), backW(-0.95)) - 0.16 : 0;
  const ends = { low: HAIR_ENDS[profile.hair] - 0.06, back: Math.min(HAIR_BACK, deepest) };
  const t = profile.tones.hair;
  const light: Rgb = [t[0] * 1.5, t[1] * 1.45, t[2] * 1.4];
  return [
    onHead(lengths, hair, cell, ends, (p) => {
      const strand = 0.5 + 0.5 * Math.sin(Math.atan2(Math.abs(p[0]), p[2] + 0.03) * 46 + p[1] * 9);
      return { part: 'hair', colour: mix(t, light, 0.5 * strand) };
    }),
  ];
}
