import { radians, smoothstep, unit, type Vec3 } from '../../../units';
import { between, hairlineAt, onHead, ROOT, type Laid, type Way } from './laid';

/** The parting, from the forehead over the crown, as directions in the middle plane, degrees from straight up. */
const PARTING_DEG = { front: 51, back: -46 };
/** Where hair leaves the head and falls, head heights. */
const FALLS_FROM = 0.5;
/** Share of a strand that lies on the head, for hair that reaches down to a height. */
const lyingShare = (endY: number) => 1.1 / (1.1 + FALLS_FROM - endY);

/** Hair that is worn past the ears stands off them. */
function overEar([x, y, z]: Vec3): number {
  return 0.045 * Math.exp(-(((y - 0.45) / 0.14) ** 2) - ((z + 0.06) / 0.12) ** 2) * smoothstep(0.15, 0.28, x);
}

/** From the parting over the side of the head, then falling to a height; long hair falls behind the shoulders. */
export function fromParting(endY: number): Way {
  return (laid, u, t) => {
    const { map } = laid;
    const share = lyingShare(endY);
    const a = radians(PARTING_DEG.front + (PARTING_DEG.back - PARTING_DEG.front) * u);
    const root: Vec3 = [0.012, Math.cos(a), Math.sin(a)];
    // the first strand keeps to the hairline, so that the face is free
    const shedAzimuth = 1.4 + (Math.PI - 1.4) * u ** 0.8;
    const shed: Vec3 = unit([Math.sin(shedAzimuth), -0.1, Math.cos(shedAzimuth)]);
    const lie = Math.min(1, t / share);
    const along = between(unit(root), shed, lie);
    const edge = hairlineAt(laid, 1.4 * lie);
    const close = (1 - u) ** 6 * smoothstep(1, 0.85, lie);
    const direction = unit([0, 1, 2].map((c) => along[c]! * (1 - close) + edge[c]! * close));
    const grown = smoothstep(0, 0.28, lie);
    const full = 0.03 + 0.012 * smoothstep(0.3, 0.8, lie);
    const place = onHead(map, direction, 0);
    const offSkin = (ROOT + (full - ROOT) * grown) * (1 - 0.55 * close) + overEar(place);
    if (t <= share) return { place, offSkin };
    const start = onHead(map, direction, offSkin);
    const down = (t - share) / (1 - share);
    const y = start[1] + (endY - start[1]) * down;
    return { place: fallen(laid, start, y), offSkin: 0 };
  };
}

/** Hair lies so far off the back, thicker where it comes down over the collar, head heights. */
const OFF_BACK = { collar: 0.12, low: 0.06 };

/** Where a strand hangs at a height that left the head at `start`. */
function fallen({ backZ }: Laid, [x, , z]: Vec3, y: number): Vec3 {
  // below the jaw it comes in a little, and behind the shoulders it lies on the back
  const inwards = 1 - 0.1 * smoothstep(0.35, -0.05, y);
  const behind = smoothstep(0.16, -0.24, y);
  const offBack = OFF_BACK.low + (OFF_BACK.collar - OFF_BACK.low) * smoothstep(-0.7, -0.35, y);
  const ownZ = z * inwards;
  const lyingZ = Math.min(ownZ, backZ(Math.min(y, -0.25)) - offBack);
  return [x * inwards * (1 - 0.12 * behind), y, ownZ + (lyingZ - ownZ) * behind];
}
