import { viewOf, type Camera } from '@/core/camera';
import { DRAWING_WIDTH } from '../dragOnDrawing';
import { FLOOR_Y, type Elevation } from './elevation';

/** Half a head's depth and height, metres. */
const HEAD_M = { across: 0.09, up: 0.12 };

/** The floor and the sitter on it, as far as height goes. */
export function SitterFromSide({ elevation }: { elevation: Elevation }) {
  const { sitterX, scale, crownM, eyesM, Y } = elevation;
  return (
    <>
      <line x1={6} x2={DRAWING_WIDTH - 4} y1={FLOOR_Y} y2={FLOOR_Y} stroke="currentColor" />
      <line
        x1={sitterX}
        x2={sitterX}
        y1={FLOOR_Y}
        y2={Y(eyesM)}
        stroke="currentColor"
        strokeWidth={5}
        strokeLinecap="round"
      />
      <ellipse
        cx={sitterX}
        cy={Y(crownM - HEAD_M.up)}
        rx={HEAD_M.across * scale + 1}
        ry={HEAD_M.up * scale + 1}
        fill="currentColor"
      />
    </>
  );
}

/** What the frame takes in at the sitter, and the stand under the lens. */
export function FrameFromSide({ elevation, camera }: { elevation: Elevation; camera: Camera }) {
  const { lensX, sitterX, Y } = elevation;
  const view = viewOf(camera);
  const half = Math.atan(view.tanHalfHeight);
  const heightAt = (angle: number) =>
    camera.heightM + Math.tan(Math.asin(view.forward[1]) + angle) * camera.distanceM;
  const lensY = Y(camera.heightM);
  return (
    <>
      {[Y(Math.max(0, heightAt(-half))), Math.max(2, Y(heightAt(half)))].map((y, i) => (
        <line
          key={i}
          x1={lensX}
          y1={lensY}
          x2={sitterX}
          y2={y}
          stroke="var(--color-accent)"
          strokeWidth={0.7}
        />
      ))}
      <line x1={lensX} x2={lensX} y1={lensY} y2={FLOOR_Y} stroke="currentColor" strokeWidth={1} />
    </>
  );
}
