import { viewOf } from '@/core/camera';
import { drawnCentre, isSky, sourceKind } from '@/core/light';
import type { SoloShot } from '@/core/shot';
import { keyHalfHeight } from './LightsOnPlan';
import type { Plan } from './planScale';

/** A camera and a key nearer than this in the drawing would have their words over each other. */
const CROWDED = { x: 56, y: 30 };
/** Nearer to a wall than this there is room only inwards. */
const BY_WALL = 18;

/** A word as wide as this, beside a key as wide as it may be turned. */
const KEY_WORDS = 30;
const BESIDE_KEY = 16;
/** Between a key and its words. */
const GAP = 3;

type Anchor = 'start' | 'middle' | 'end';
interface Shift {
  x: number;
  y: number;
  anchor: Anchor;
}

interface Apart {
  x: number;
  y: number;
}

/** Where the key's words stand from it: under it, inwards by a wall, and on the side away from a camera that is near. */
function keyShift(
  { left, width, textSize }: Plan,
  x: number,
  halfHeight: number,
  isCrowded: boolean,
  fromCamera: Apart,
): Shift {
  const under = halfHeight + GAP + textSize;
  if (x < left + BY_WALL) return { x: 7, y: under, anchor: 'start' };
  if (x > left + width - BY_WALL) return { x: -7, y: under, anchor: 'end' };
  if (!isCrowded) return { x: 0, y: under, anchor: 'middle' };
  const isRight = fromCamera.x > 0;
  const hasRoom = isRight ? x + BESIDE_KEY + KEY_WORDS < left + width : x - BESIDE_KEY - KEY_WORDS > left;
  if (!hasRoom) return { x: 0, y: fromCamera.y < 8 ? -halfHeight - GAP : under, anchor: 'middle' };
  return isRight ? { x: BESIDE_KEY, y: 2, anchor: 'start' } : { x: -BESIDE_KEY, y: 2, anchor: 'end' };
}

/** How far camera and key stand from the mark, in words that keep out of each other's way. */
export function DistancesOnPlan({ plan, shot: { camera, light } }: { plan: Plan; shot: SoloShot }) {
  const [{ eye }, keyAt] = [viewOf(camera), drawnCentre(light)];
  const lens = { x: plan.X(eye[0]), y: plan.Y(eye[2]) };
  const key = { x: plan.X(keyAt[0]), y: plan.Y(keyAt[2]) };
  const apart = { x: key.x - lens.x, y: key.y - lens.y };
  const isCrowded = Math.abs(apart.x) < CROWDED.x && Math.abs(apart.y) < CROWDED.y;
  const ofKey = keyShift(plan, key.x, keyHalfHeight(plan, light), isCrowded, apart);
  const ofLens =
    isCrowded && apart.x > 0 ? ({ x: -13, anchor: 'end' } as const) : ({ x: 13, anchor: 'start' } as const);
  const words = { fontSize: plan.textSize, fill: 'currentColor' };
  return (
    <>
      <text {...words} x={key.x + ofKey.x} y={key.y + ofKey.y} textAnchor={ofKey.anchor}>
        {isSky(light.kind) ? sourceKind(light.kind).words : `key ${light.distanceM.toFixed(1)} m`}
      </text>
      <text {...words} x={lens.x + ofLens.x} y={lens.y + 7} textAnchor={ofLens.anchor}>
        {camera.distanceM.toFixed(1)} m
      </text>
    </>
  );
}
