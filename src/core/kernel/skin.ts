import { kernel } from './instance';
import { hold, put, room, take } from './memory';

/** A surface as it is bound to its joints: three numbers a vertex, four joints and their weights. */
interface Bound {
  positions: Float32Array;
  normals: Float32Array;
  joints: Uint8Array;
  weights: Float32Array;
}

/** A joint's matrix: three rows of four before, four columns of three and one unused after. */
const ROWS = 12;
const COLUMNS = 16;
/** Vertices are written four numbers at a time: the last one needs this much behind it, bytes. */
const PAST_LAST = 4;

function columnsOf(transforms: Float64Array): Float32Array {
  const out = new Float32Array((transforms.length / ROWS) * COLUMNS);
  for (let j = 0; j < transforms.length / ROWS; j++)
    for (let row = 0; row < 3; row++)
      for (let col = 0; col < 4; col++)
        out[j * COLUMNS + col * 4 + row] = transforms[j * ROWS + row * 4 + col]!;
  return out;
}

/** Skins a surface whose bind arrays do not change; `transforms` has three rows of four numbers a joint. */
export function skin(
  bound: Bound,
  transforms: Float64Array,
  out: { positions: Float32Array; normals: Float32Array },
): void {
  const bytes = out.positions.byteLength + PAST_LAST;
  const at = { positions: room('skinned positions', bytes), normals: room('skinned normals', bytes) };
  kernel().skin(
    bound.positions.length / 3,
    hold('bind positions', bound.positions),
    hold('bind normals', bound.normals),
    hold('joints', bound.joints),
    hold('weights', bound.weights),
    put('columns', columnsOf(transforms)),
    at.positions,
    at.normals,
  );
  take(at.positions, out.positions);
  take(at.normals, out.normals);
}
