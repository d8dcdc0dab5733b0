import { viewOf } from '@/core/camera';
import { drawnCentre, isSky, sourceKind } from '@/core/light';
import type { Shot } from '@/core/picture';
import type { Plan } from './planScale';

/** A camera and a key nearer than this in the drawing would have their words over each other. */
const CROWDED = { x: 56, y: 30 };
/** Nearer to a wall than this there is room only inwards. */
const BY_WALL = 18;

type Anchor = 'start' | 'middle' | 'end';
interface Shift {
  x: number;
  anchor: Anchor;
}

function keyShift({ left, width }: Plan, x: number): Shift {
  if (x < left + BY_WALL) return { x: 7, anchor: 'start' };
  if (x > left + width - BY_WALL) return { x: -7, anchor: 'end' };
  return { x: 0, anchor: 'middle' };
}

/** How far camera and key stand from the mark, in words that keep out of each other's way. */
export function DistancesOnPlan({ plan, shot: { camera, light } }: { plan: Plan; shot: Shot }) {
  const [{ eye }, keyAt] = [viewOf(camera), drawnCentre(light)];
  const lens = { x: plan.X(eye[0]), y: plan.Y(eye[2]) };
  const key = { x: plan.X(keyAt[0]), y: plan.Y(keyAt[2]) };
  const apart = { x: key.x - lens.x, y: key.y - lens.y };
  const isCrowded = Math.abs(apart.x) < CROWDED.x && Math.abs(apart.y) < CROWDED.y;
  const ofKey = keyShift(plan, key.x);
  const ofLens: Shift = isCrowded && apart.x > 0 ? { x: -13, anchor: 'end' } : { x: 13, anchor: 'start' };
  const words = { fontSize: plan.textSize, fill: 'currentColor' };
  return (
    <>
      <text
        {...words}
        x={key.x + ofKey.x}
        y={key.y + (isCrowded && apart.y < 8 ? -9 : 17)}
        textAnchor={ofKey.anchor}
      >
        {isSky(light.kind) ? sourceKind(light.kind).words : `key ${light.distanceM.toFixed(1)} m`}
      </text>
      <text {...words} x={lens.x + ofLens.x} y={lens.y + 7} textAnchor={ofLens.anchor}>
        {camera.distanceM.toFixed(1)} m
      </text>
    </>
  );
}
