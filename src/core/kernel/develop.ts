import { kernel } from './instance';
import { hold, put, room, take } from './memory';
import { putView, type KernelView } from './view';

/** A lit picture as it is exposed, see `Picture`. */
interface Lit {
  width: number;
  height: number;
  view: KernelView;
  triangle: Int32Array;
  depthM: Float32Array;
  light: Float32Array;
  groundPart: Uint8Array | undefined;
}

interface Painted {
  positions: Float32Array;
  triangles: Uint32Array;
  colours: Float32Array;
  openness: Float32Array;
}

const NOTHING = { triangles: new Uint32Array(3), colours: new Float32Array(3) };

/** Linear colour of every pixel; `tones` are the paper's and, where there is a ground, those of its parts. */
export function expose(
  { width, height, view, triangle, depthM, light, groundPart }: Lit,
  surface: Painted,
  supports: { triangles: Uint32Array; colours: Float32Array } = NOTHING,
  tones: readonly (readonly number[])[],
  exposure: number,
): Float32Array {
  const out = new Float32Array(width * height * 3);
  const outAt = room('linear', out.byteLength);
  kernel().expose(
    width,
    height,
    putView(view),
    put('index', triangle),
    put('depth', depthM),
    put('light', light),
    groundPart ? put('ground part', groundPart) : 0,
    surface.triangles.length / 3,
    hold('triangles', surface.triangles),
    put('positions', surface.positions),
    hold('colours', surface.colours),
    hold('openness', surface.openness),
    put('support triangles', supports.triangles),
    put('support colours', supports.colours),
    put('tones', Float64Array.from(tones.flat())),
    groundPart ? 1 : 0,
    exposure,
    outAt,
  );
  return take(outAt, out);
}

/** RGBA bytes of linear colours; `table` has the byte of every step from 0 to 1. */
export function develop(linear: Float32Array, table: Uint8ClampedArray): Uint8ClampedArray<ArrayBuffer> {
  const pixels = linear.length / 3;
  const out = new Uint8ClampedArray(new ArrayBuffer(pixels * 4));
  const outAt = room('bytes', out.byteLength);
  kernel().develop(pixels, put('linear', linear), hold('table', table), outAt);
  return take(outAt, out);
}
