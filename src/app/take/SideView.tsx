'use client';

import { useRef } from 'react';
import { CAMERA_RANGES, viewOf } from '@/core/camera';
import type { Shot } from '@/core/picture';
import type { ShotReport } from '@/workers/studio.worker';
import { usePoseStore } from './poseStore';

const WIDTH = 200;
const HEIGHT = 118;
const FLOOR = 98;

interface SideViewProps {
  shot: Shot;
  report: ShotReport | null;
  /** Height of the words in the drawing; it is 200 wide. */
  textSize?: number;
}

/** The set from the side of the lens axis: lens height and what the frame takes in. The camera drags up and down. */
export function SideView({ shot, report, textSize = 10 }: SideViewProps) {
  const svg = useRef<SVGSVGElement>(null);
  const { setCameraNumber, setDragging, setPanel } = usePoseStore.getState();
  const { camera } = shot;
  const crown = report?.points.crown[1] ?? 1.8;
  const scale = Math.min(
    150 / Math.max(2.2, camera.distanceM),
    84 / Math.max(crown + 0.1, camera.heightM + 0.15),
  );
  const sitterX = 30;
  const lensX = sitterX + camera.distanceM * scale;
  const Y = (m: number) => FLOOR - m * scale;
  const view = viewOf(camera);
  const tilt = Math.asin(view.forward[1]);
  const half = Math.atan(view.tanHalfHeight);
  const heightAt = (angle: number) => camera.heightM + Math.tan(tilt + angle) * camera.distanceM;
  const eyes = report ? report.points.eyes.left[1] : crown - 0.12;

  const drag = (event: React.PointerEvent) => {
    setPanel('camera');
    setDragging(true);
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    const move = (e: PointerEvent) => {
      const box = svg.current!.getBoundingClientRect();
      const m = (FLOOR - ((e.clientY - box.top) * WIDTH) / box.width) / scale;
      const { min, max } = CAMERA_RANGES.heightM;
      setCameraNumber('heightM', Math.round(Math.min(max, Math.max(min, m)) * 100) / 100);
    };
    const end = () => {
      setDragging(false);
      removeEventListener('pointermove', move);
      removeEventListener('pointerup', end);
    };
    addEventListener('pointermove', move);
    addEventListener('pointerup', end);
  };

  return (
    <figure>
      <figcaption className="quiet text-xs">side</figcaption>
      <svg
        ref={svg}
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="w-full touch-none"
        role="group"
        aria-label="Side view"
      >
        <line x1={6} x2={WIDTH - 4} y1={FLOOR} y2={FLOOR} stroke="currentColor" />
        <path
          d={`M${sitterX} ${FLOOR}V${Y(eyes)}`}
          stroke="currentColor"
          strokeWidth={5}
          strokeLinecap="round"
        />
        <ellipse
          cx={sitterX}
          cy={Y(crown - 0.12)}
          rx={0.09 * scale + 1}
          ry={0.12 * scale + 1}
          fill="currentColor"
        />
        <path
          d={`M${lensX} ${Y(camera.heightM)}L${sitterX} ${Y(Math.max(0, heightAt(-half)))}M${lensX} ${Y(camera.heightM)}L${sitterX} ${Math.max(2, Y(heightAt(half)))}`}
          stroke="var(--color-accent)"
          strokeDasharray="3 3"
          fill="none"
        />
        <line x1={lensX} x2={lensX} y1={Y(camera.heightM)} y2={FLOOR} stroke="currentColor" strokeWidth={1} />
        <g className="cursor-grab" onPointerDown={drag}>
          <rect x={lensX - 14} y={Y(camera.heightM) - 14} width={30} height={28} fill="transparent" />
          <rect x={lensX - 3} y={Y(camera.heightM) - 5} width={14} height={10} fill="currentColor" />
          <rect x={lensX - 7} y={Y(camera.heightM) - 3} width={5} height={6} fill="currentColor" />
        </g>
        <text
          x={Math.min(lensX + 2, WIDTH - 40)}
          y={Math.min(FLOOR - 4, Y(camera.heightM) + 22)}
          fontSize={textSize}
          fill="currentColor"
          textAnchor="end"
        >
          lens {camera.heightM.toFixed(2)} m
        </text>
        <text
          x={(sitterX + lensX) / 2}
          y={HEIGHT - 6}
          fontSize={textSize}
          fill="currentColor"
          textAnchor="middle"
        >
          {camera.distanceM.toFixed(1)} m
        </text>
      </svg>
    </figure>
  );
}
