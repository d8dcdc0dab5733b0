import { viewOf, type Camera } from '@/core/camera';
import { DRAWING_WIDTH } from '../dragOnDrawing';
import { FLOOR_Y, type Elevation } from './elevation';

/** Half a head's depth and height, metres. */
const HEAD_M = { across: 0.09, up: 0.12 };

/** Somebody from the side, as far as height goes. */
function Somebody({
  x,
  crownM,
  elevation: { scale, Y },
}: {
  x: number;
  crownM: number;
  elevation: Elevation;
}) {
  return (
    <>
      <line
        x1={x}
        x2={x}
        y1={FLOOR_Y}
        y2={Y(crownM - HEAD_M.up)}
        stroke="currentColor"
        strokeWidth={5}
        strokeLinecap="round"
      />
      <ellipse
        cx={x}
        cy={Y(crownM - HEAD_M.up)}
        rx={HEAD_M.across * scale + 1}
        ry={HEAD_M.up * scale + 1}
        fill="currentColor"
      />
    </>
  );
}

/** The floor, the sitter on it, and fainter the others. */
export function SitterFromSide({ elevation }: { elevation: Elevation }) {
  const { sitterX, crownM, others } = elevation;
  return (
    <>
      <line x1={6} x2={DRAWING_WIDTH - 4} y1={FLOOR_Y} y2={FLOOR_Y} stroke="currentColor" />
      <g opacity={0.35}>
        {others.map(({ x, crownM: theirs }, i) => (
          <Somebody key={i} x={x} crownM={theirs} elevation={elevation} />
        ))}
      </g>
      <Somebody x={sitterX} crownM={crownM} elevation={elevation} />
    </>
  );
}

/** What the frame takes in at the sitter, and the stand under the lens. */
export function FrameFromSide({ elevation, camera }: { elevation: Elevation; camera: Camera }) {
  const { lensX, markX, Y } = elevation;
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
          x2={markX}
          y2={y}
          stroke="var(--color-accent)"
          strokeWidth={0.7}
        />
      ))}
      <line x1={lensX} x2={lensX} y1={lensY} y2={FLOOR_Y} stroke="currentColor" strokeWidth={1} />
    </>
  );
}
