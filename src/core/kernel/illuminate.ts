import { kernel } from './instance';
import { hold, put, room, take } from './memory';
import { putView, viewNumbers, type KernelView } from './view';

/** A depth map from a lamp. */
export interface KernelMap {
  view: KernelView;
  raster: { width: number; height: number; inverseDepth: Float32Array };
  sizeM: number;
  occupied: Uint8Array;
}

/** A source as points of equal intensity (set frame, metres). */
export interface KernelSource {
  /** x y z of every point. */
  xyz: Float64Array;
  aim: readonly [number, number, number];
  intensity: number;
  isBall: boolean;
  gridCos: number;
}

/** What is lit: the pixels of a picture, and the meshes that they are of. */
interface Unlit {
  width: number;
  height: number;
  view: KernelView;
  triangle: Int32Array;
  depthM: Float32Array;
  label: Uint8Array;
}

interface Faces {
  triangles: Uint32Array;
  normals: Float32Array;
}

/** What lies behind and under the sitter, metres. */
interface KernelGround {
  backgroundM: number;
  halfWidthM: number;
  wallM: number;
  sweeps: boolean;
}

/** What is lit by what. */
export interface Lit {
  pixels: Unlit;
  surface: Faces & { positions: Float32Array };
  supports: Faces | undefined;
  sources: readonly KernelSource[];
  maps: readonly (KernelMap | null)[];
  ambient: number;
  ground: KernelGround | undefined;
  /** The ground lit every four pixels and between them by lines. */
  isGroundCoarse: boolean;
  /** Labels whose pixels stay dark: they are lit by other means. */
  elsewhere: readonly number[];
}

/** Irradiance of every pixel, how much of the first source reaches it, and which part of the ground it shows. */
interface Light {
  light: Float32Array;
  keyOpen: Float32Array;
  groundPart: Uint8Array | undefined;
}

const NOTHING: Faces = { triangles: new Uint32Array(3), normals: new Float32Array(3) };

/** Points in fours, as `kernel/source.ts` has them: four x, four y, four z, and 1 for each that is a point. */
function foursOf(xyz: Float64Array): Float32Array {
  const points = xyz.length / 3;
  const out = new Float32Array(Math.ceil(points / 4) * FOUR_NUMBERS);
  for (let i = 0; i < out.length / 4; i++) {
    const from = Math.min(i, points - 1) * 3;
    const to = (i >> 2) * FOUR_NUMBERS + (i & 3);
    for (let c = 0; c < 3; c++) out[to + 4 * c] = xyz[from + c]!;
    out[to + 12] = i < points ? 1 : 0;
  }
  return out;
}

const FOUR_NUMBERS = 16;

const NO_MAP: readonly number[] = Array.from({ length: 19 }, () => 0);

function mapNumbers({ view, raster, sizeM, occupied }: KernelMap, k: number): number[] {
  const inverseAt = put(`map ${k}`, raster.inverseDepth);
  const occupiedAt = put(`tiles ${k}`, occupied);
  return [...viewNumbers(view), raster.width, raster.height, sizeM, inverseAt, occupiedAt];
}

function sourceNumbers(source: KernelSource, map: KernelMap | null, k: number): number[] {
  const fours = foursOf(source.xyz);
  return [
    ...source.aim,
    source.isBall ? 1 : 0,
    source.gridCos,
    (source.intensity * 3) / source.xyz.length,
    fours.length / FOUR_NUMBERS,
    put(`points ${k}`, fours),
    map ? 1 : 0,
    ...(map ? mapNumbers(map, k) : NO_MAP),
  ];
}

function putGround({ backgroundM, halfWidthM, wallM, sweeps }: KernelGround): number {
  return put('ground', Float64Array.of(backgroundM, halfWidthM, wallM, sweeps ? 1 : 0));
}

/** Labels have a byte. */
const LABELS = 256;

/** Lights every pixel by every source with its shadows, and by even light from everywhere. */
export function illuminate(lit: Lit): Light {
  const { pixels, surface, supports = NOTHING, sources, maps, ambient, ground } = lit;
  const { width, height } = pixels;
  const light = new Float32Array(width * height);
  const keyOpen = new Float32Array(width * height);
  const groundPart = ground && new Uint8Array(width * height);
  const elsewhere = new Uint8Array(LABELS);
  for (const label of lit.elsewhere) elsewhere[label] = 1;
  const lightAt = room('light', light.byteLength);
  const openAt = room('key open', keyOpen.byteLength);
  const partAt = room('ground part', width * height);
  kernel().illuminate(
    width,
    height,
    putView(pixels.view),
    put('index', pixels.triangle),
    put('depth', pixels.depthM),
    put('label', pixels.label),
    surface.triangles.length / 3,
    hold('triangles', surface.triangles),
    put('positions', surface.positions),
    put('normals', surface.normals),
    put('support triangles', supports.triangles),
    put('support normals', supports.normals),
    put('sources', Float64Array.from(sources.flatMap((s, k) => sourceNumbers(s, maps[k] ?? null, k)))),
    sources.length,
    ambient,
    ground ? putGround(ground) : 0,
    lit.isGroundCoarse ? room('ground nodes', kernel().groundNodesBytes(width, height)) : 0,
    put('elsewhere', elsewhere),
    lightAt,
    openAt,
    partAt,
  );
  take(lightAt, light);
  take(openAt, keyOpen);
  if (groundPart) take(partAt, groundPart);
  return { light, keyOpen, groundPart };
}
