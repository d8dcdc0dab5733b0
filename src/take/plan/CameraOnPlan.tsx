import { viewOf, type View } from '@/core/camera';
import { drawnCentre } from '@/core/light';
import type { SoloShot } from '@/core/shot';
import { CAMERA_ID, type TakeHold } from '../dragOnDrawing';
import type { Plan } from './planScale';

/** End of one side of what the lens takes in, past the room. */
function edgeEnd(plan: Plan, view: View, sign: 1 | -1) {
  const reachM = Math.hypot(plan.room.widthM, plan.room.depthM);
  const [dx, dz] = [0, 2].map((i) => view.forward[i]! + sign * view.tanHalfWidth * view.right[i]!);
  return { x2: plan.X(view.eye[0] + dx! * reachM), y2: plan.Y(view.eye[2] + dz! * reachM) };
}

/** What the lens takes in, and the way from the key to the mark. */
export function RaysOnPlan({ plan, shot, clipId }: { plan: Plan; shot: SoloShot; clipId: string }) {
  const view = viewOf(shot.camera);
  const key = drawnCentre(shot.light);
  const lens = { x1: plan.X(view.eye[0]), y1: plan.Y(view.eye[2]) };
  return (
    <g clipPath={`url(#${clipId})`}>
      {([1, -1] as const).map((sign) => (
        <line
          key={sign}
          {...lens}
          {...edgeEnd(plan, view, sign)}
          stroke="var(--color-accent)"
          strokeWidth={0.7}
        />
      ))}
      <line
        x1={plan.X(key[0])}
        y1={plan.Y(key[2])}
        x2={plan.X(0)}
        y2={plan.Y(0)}
        stroke="var(--color-primary)"
        strokeWidth={1.5}
      />
    </g>
  );
}

/** The camera, to be taken hold of. */
export function CameraOnPlan({ plan, shot, takeHold }: { plan: Plan; shot: SoloShot; takeHold: TakeHold }) {
  const { eye } = viewOf(shot.camera);
  return (
    <g
      transform={`translate(${plan.X(eye[0])} ${plan.Y(eye[2])}) rotate(${-shot.camera.arcDeg})`}
      className="cursor-grab"
      data-source={CAMERA_ID}
      onPointerDown={takeHold(CAMERA_ID)}
    >
      <rect x={-14} y={-12} width={28} height={26} fill="transparent" />
      <rect x={-8} y={-2} width={16} height={10} fill="currentColor" />
      <rect x={-3} y={-6} width={6} height={5} fill="currentColor" />
    </g>
  );
}
