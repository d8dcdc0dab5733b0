import { viewTowards } from '../camera';
import { add, apart, dot, radians, subtract, unit, type Vec3 } from '../units';
import { sourceAcrossM, sourceCentre, sourceSizeM, type Light, type LightSource, type Placed } from './light';
import { sourceKind, type SourceKindId } from './sources';

/** One source as points of equal intensity. */
export interface LightSamples {
  /** `key`, or the id of the source. */
  id: string;
  centre: Vec3;
  /** Unit vector along which it shines. */
  aim: Vec3;
  points: Vec3[];
  /** The same points one after the other, for what is asked of many places. */
  xyz: Float64Array;
  /** Factor to `cos / d^2` of the mean point; negative for what takes ambient light away. */
  intensity: number;
  /** A ball is as bright from every side; what is flat fades with the cosine. */
  isBall: boolean;
  /** Cosine of half the angle that a grid lets through; -1 without. */
  gridCos: number;
  /** Diameter over which the edges of its shadow spread, metres. */
  sizeM: number;
  /** Whether a shadow map is worth taking: panels are too weak and too near. */
  castsShadow: boolean;
}

/** All that lights a set, the key first. */
export interface Lighting {
  sources: LightSamples[];
  /** Even light from everywhere, against the key at the face. */
  ambient: number;
}

/** Points along a side: enough for 0.5 to 3 % of the exact law. */
function pointsAlong(sideM: number): number {
  return sideM <= 0.15 ? 1 : sideM <= 1 ? 3 : 4;
}

/** Size of a lamp in a studio that is sampled as finely as what shines from the sky, metres: a disc of the sun, a cloud. */
const AS_FINE_M = { narrow: 0.1, wide: 3 };

/** Places of the sample points on the face of a source, in its own long and narrow half-sides (-1 to 1). */
function pattern(kind: SourceKindId, standingM: number, acrossM: number): [number, number][] {
  const { outline, skyDeg } = sourceKind(kind);
  const sizeM = skyDeg === undefined ? standingM : skyDeg < 5 ? AS_FINE_M.narrow : AS_FINE_M.wide;
  if (outline === 'ring')
    return Array.from({ length: 12 }, (_, i) => {
      const a = ((i + 0.5) / 12) * 2 * Math.PI;
      return [Math.cos(a) * 0.86, Math.sin(a) * 0.86];
    });
  if (outline === 'rectangle') {
    const [long, across] = [pointsAlong(sizeM), pointsAlong(acrossM)];
    return Array.from({ length: long * across }, (_, k) => [
      ((k % across) + 0.5) * (2 / across) - 1,
      (Math.floor(k / across) + 0.5) * (2 / long) - 1,
    ]);
  }
  // a disc, filled evenly: Vogel's spiral (1979), the golden angle from point to point
  const n = pointsAlong(sizeM) ** 2;
  return Array.from({ length: n }, (_, k) => {
    const r = Math.sqrt((k + 0.5) / n);
    const a = k * Math.PI * (3 - Math.sqrt(5));
    return n === 1 ? [0, 0] : [r * Math.cos(a), r * Math.sin(a)];
  });
}

/** A vector turned about the vertical, degrees, positive from +z towards +x. */
function turnedAboutVertical([x, y, z]: Vec3, deg: number): Vec3 {
  const [c, s] = [Math.cos(radians(deg)), Math.sin(radians(deg))];
  return [x * c + z * s, y, z * c - x * s];
}

/** The level direction along an arc. */
function levelAlong(arcDeg: number): Vec3 {
  return [Math.sin(radians(arcDeg)), 0, Math.cos(radians(arcDeg))];
}

/** Points one after the other. */
export function inOneRow(points: readonly Vec3[]): Float64Array {
  return Float64Array.from(points.flat());
}

/** Spreads a source over its face, with intensity 1. A long narrow one stands upright. */
function spread(id: string, kind: SourceKindId, placed: Placed, target: Vec3): LightSamples {
  const { outline, works } = sourceKind(kind);
  const centre = sourceCentre({ ...placed, kind });
  const sizeM = sourceSizeM({ ...placed, kind });
  const acrossM = sourceAcrossM({ ...placed, kind });
  const { isDaylight } = sourceKind(kind);
  const feather = isDaylight ? 0 : (placed.featherDeg ?? 0) * (placed.arcDeg >= 0 ? 1 : -1);
  const direct = placed.facesDeg === undefined ? subtract(target, centre) : levelAlong(placed.facesDeg);
  const {
    forward: aim,
    right,
    up,
  } = viewTowards(centre, add(centre, turnedAboutVertical(direct, feather)), 1);
  const points = pattern(kind, placed.sizeM, acrossM).map(([u, v]) =>
    add(add(centre, right, (u * acrossM) / 2), up, (v * sizeM) / 2),
  );
  return {
    id,
    centre,
    aim,
    points,
    xyz: inOneRow(points),
    intensity: 1,
    isBall: outline === 'ball',
    gridCos: placed.gridDeg === undefined || isDaylight ? -1 : Math.cos(radians(placed.gridDeg / 2)),
    sizeM: Math.sqrt(sizeM * acrossM),
    castsShadow: works === 'lamp',
  };
}

/**
 * Irradiance from an unshadowed source at a patch, against the key at the face: each point contributes
 * cos(at patch) cos(at source) / d^2 (Lambert's law for a small element of the source).
 */
export function irradianceFrom(light: LightSamples, p: ArrayLike<number>, normal: ArrayLike<number>): number {
  const { xyz, aim, isBall, gridCos } = light;
  const [px, py, pz] = [p[0]!, p[1]!, p[2]!];
  const [nx, ny, nz] = [normal[0]!, normal[1]!, normal[2]!];
  const [ax, ay, az] = [aim[0], aim[1], aim[2]];
  let sum = 0;
  for (let o = 0; o < xyz.length; o += 3) {
    const dx = xyz[o]! - px;
    const dy = xyz[o + 1]! - py;
    const dz = xyz[o + 2]! - pz;
    const cosPatch = dx * nx + dy * ny + dz * nz;
    if (cosPatch <= 0) continue;
    const d2 = dx * dx + dy * dy + dz * dz;
    const along = -(dx * ax + dy * ay + dz * az);
    if (along <= 0 && !isBall) continue;
    let weight = isBall ? Math.sqrt(d2) : along;
    if (gridCos > -1) weight *= throughGrid(along / Math.sqrt(d2), gridCos);
    sum += (cosPatch * weight) / (d2 * d2);
  }
  return ((sum * 3) / xyz.length) * light.intensity;
}

/** Share that a grid lets through: all along the axis, nothing from its angle on; all without a grid. */
export function throughGrid(cos: number, gridCos: number): number {
  return gridCos > -1 ? Math.max(0, (cos - gridCos) / (1 - gridCos)) : 1;
}

/** A background of which nothing is said lies so far behind the mark, metres (common practice). */
export const USUAL_BACKGROUND_M = 2;

/** The middle of the background at the face's height. */
function backgroundAt(face: Vec3, backgroundM: number): Vec3 {
  return [face[0], face[1], -backgroundM];
}

function facing(from: Vec3, to: Vec3): Vec3 {
  return unit(subtract(to, from));
}

/** A lamp so bright that a patch at `target` that faces it receives `level`. */
function lampOf(id: string, kind: SourceKindId, placed: Placed, target: Vec3, level: number): LightSamples {
  const samples = spread(id, kind, placed, target);
  // set by the meter with the lamp aimed straight; feathering then takes away what it takes away
  const straight = spread(id, kind, { ...placed, featherDeg: 0 }, target);
  const onTarget = irradianceFrom(straight, target, facing(target, samples.centre));
  return { ...samples, intensity: level / Math.max(onTarget, LEAST_SHARE * inFrontOf(straight, target)) };
}

/** A window that hardly faces the target is not taken for more than so many times as bright as one that does. */
const LEAST_SHARE = 0.02;

/** What a lamp gives straight before it at the target's distance, with intensity 1. */
function inFrontOf(lamp: LightSamples, target: Vec3): number {
  const before = add(lamp.centre, lamp.aim, apart(lamp.centre, target));
  return irradianceFrom(lamp, before, facing(before, lamp.centre));
}

/** A panel that sends back what it receives from the lamps: Phong's lobe, normalised (Lafortune & Willems 1994). */
function reflectorOf(source: LightSource, face: Vec3, lamps: readonly LightSamples[]): LightSamples {
  const { reflectance = 0, gloss = 0 } = sourceKind(source.kind);
  const samples = spread(source.id, source.kind, source, face);
  const { centre, aim } = samples;
  const areaM2 = source.sizeM * sourceAcrossM(source);
  let radiance = 0;
  for (const lamp of lamps) {
    const received = irradianceFrom(lamp, centre, aim);
    if (received <= 0) continue;
    const from = facing(lamp.centre, centre);
    const mirrored = add(from, aim, -2 * dot(from, aim));
    const cos = Math.max(0, dot(mirrored, facing(centre, face)));
    radiance += ((received * reflectance) / Math.PI) * ((gloss + 2) / 2) * (gloss > 0 ? cos ** gloss : 1);
  }
  return { ...samples, intensity: radiance * areaM2 };
}

/**
 * Everything that lights the set, as points.
 * @param face where the key is aimed and set, metres.
 * @param backgroundM from the sitter's mark to the background, metres; lamps aimed at it are set there.
 */
export function lightingOf(light: Light, face: Vec3, backgroundM = USUAL_BACKGROUND_M): Lighting {
  const ambient = light.ambientShare;
  const key = lampOf('key', light.kind ?? 'softbox', light, face, 1);
  const others = light.others ?? [];
  const works = (s: LightSource) => sourceKind(s.kind).works;
  const lamps = [
    key,
    ...others
      .filter((s) => works(s) === 'lamp')
      .map((s) => {
        const target = s.aim === 'background' ? backgroundAt(face, backgroundM) : face;
        return lampOf(s.id, s.kind, s, target, 2 ** (s.powerStops ?? 0));
      }),
  ];
  const panels = others
    .filter((s) => works(s) !== 'lamp')
    .map((s) => {
      if (works(s) === 'reflector') return reflectorOf(s, face, lamps);
      const areaM2 = s.sizeM * sourceAcrossM(s);
      // what an even surround would send from there: its form factor, cos cos A / (pi d^2)
      return { ...spread(s.id, s.kind, s, face), intensity: (-ambient * areaM2) / Math.PI };
    });
  return { sources: [...lamps, ...panels], ambient };
}
