import type { Camera } from '@/core/camera';
import { CAMERA_ID, DRAWING_WIDTH, type TakeHold } from '../dragOnDrawing';
import { FLOOR_Y, ELEVATION_HEIGHT, type Elevation } from './elevation';

interface CameraProps {
  elevation: Elevation;
  camera: Camera;
  takeHold: TakeHold;
}

/** The camera, to be taken hold of, with the height of its lens and its distance. */
export function CameraFromSide({ elevation, camera, takeHold }: CameraProps) {
  const { lensX, markX } = elevation;
  const lensY = elevation.Y(camera.heightM);
  const words = { fontSize: elevation.textSize, fill: 'currentColor' };
  return (
    <>
      <g className="cursor-grab" data-side-source={CAMERA_ID} onPointerDown={takeHold(CAMERA_ID)}>
        <rect x={lensX - 14} y={lensY - 14} width={30} height={28} fill="transparent" />
        <rect x={lensX - 3} y={lensY - 5} width={14} height={10} fill="currentColor" />
        <rect x={lensX - 7} y={lensY - 3} width={5} height={6} fill="currentColor" />
      </g>
      <text
        {...words}
        x={Math.min(lensX + 2, DRAWING_WIDTH - 40)}
        y={Math.min(FLOOR_Y - 4, lensY + 22)}
        textAnchor="end"
      >
        lens {camera.heightM.toFixed(2)} m
      </text>
      <text {...words} x={(markX + lensX) / 2} y={ELEVATION_HEIGHT - 6} textAnchor="middle">
        {camera.distanceM.toFixed(1)} m
      </text>
    </>
  );
}
