'use client';

import { useRef } from 'react';
import { CAMERA_RANGES, viewOf } from '@/core/camera';
import { canBeMoved, drawnCentre, isSky, KEY_RANGES, sourceKind } from '@/core/light';
import type { Shot } from '@/core/picture';
import { radians } from '@/core/units';
import type { ShotReport } from '@/workers/shotReport';
import { followPointer } from '@/ui/followPointer';
import { usePoseStore } from './poseStore';

const WIDTH = 200;
const HEIGHT = 118;
const FLOOR = 98;

/** Heights that the drawing has to hold for the lights, metres. */
function sourceTops({ light }: Shot): number[] {
  return [light, ...(light.others ?? [])].map((s) =>
    s.kind && isSky(s.kind) ? 2.6 : s.heightM + s.sizeM / 2,
  );
}

interface SideViewProps {
  shot: Shot;
  report: ShotReport | null;
  /** Height of the words in the drawing; it is 200 wide. */
  textSize?: number;
}

/**
 * The set from the side of the lens axis: lens height and what the frame takes in, and how high the lights stand.
 * Camera and lights drag up and down.
 */
export function SideView({ shot, report, textSize = 10 }: SideViewProps) {
  const svg = useRef<SVGSVGElement>(null);
  const { setCameraNumber, setLight, setDragging, setPanel } = usePoseStore.getState();
  const { camera } = shot;
  const crown = report?.points.crown[1] ?? 1.8;
  const scale = Math.min(
    150 / Math.max(2.2, camera.distanceM),
    84 / Math.max(crown + 0.1, camera.heightM + 0.15, ...sourceTops(shot)),
  );
  const sitterX = 30;
  const lensX = sitterX + camera.distanceM * scale;
  const Y = (m: number) => FLOOR - m * scale;
  const view = viewOf(camera);
  const tilt = Math.asin(view.forward[1]);
  const half = Math.atan(view.tanHalfHeight);
  const heightAt = (angle: number) => camera.heightM + Math.tan(tilt + angle) * camera.distanceM;
  const eyes = report ? report.points.eyes.left[1] : crown - 0.12;

  /** How far before the sitter a place stands along the lens axis, in the drawing. */
  const along = ([x, , z]: readonly number[]) => {
    const arc = radians(camera.arcDeg);
    return Math.min(WIDTH - 6, Math.max(6, sitterX + (x! * Math.sin(arc) + z! * Math.cos(arc)) * scale));
  };
  const sources = [
    { id: 'key', words: 'key', ...shot.light },
    ...(shot.light.others ?? []).map((s) => ({ ...s, words: sourceKind(s.kind).words })),
  ];

  /** Drags the camera, the key, or another source by its id. */
  const drag = (what: string) => (event: React.PointerEvent) => {
    setPanel(what === 'camera' ? 'camera' : 'light');
    setDragging(true);
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    const move = (e: PointerEvent) => {
      const box = svg.current!.getBoundingClientRect();
      const m = (FLOOR - ((e.clientY - box.top) * WIDTH) / box.width) / scale;
      const { min, max } = (what === 'camera' ? CAMERA_RANGES : KEY_RANGES).heightM;
      const heightM = Math.round(Math.min(max, Math.max(min, m)) * 100) / 100;
      if (what === 'camera') return setCameraNumber('heightM', heightM);
      const { light } = usePoseStore.getState().take!.shot;
      setLight(
        what === 'key'
          ? { ...light, heightM }
          : { ...light, others: light.others!.map((s) => (s.id === what ? { ...s, heightM } : s)) },
      );
    };
    followPointer(move, () => setDragging(false));
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
        <line
          x1={sitterX}
          x2={sitterX}
          y1={FLOOR}
          y2={Y(eyes)}
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
        {[Y(Math.max(0, heightAt(-half))), Math.max(2, Y(heightAt(half)))].map((y, i) => (
          <line
            key={i}
            x1={lensX}
            y1={Y(camera.heightM)}
            x2={sitterX}
            y2={y}
            stroke="var(--color-accent)"
            strokeWidth={0.7}
          />
        ))}
        <line x1={lensX} x2={lensX} y1={Y(camera.heightM)} y2={FLOOR} stroke="currentColor" strokeWidth={1} />
        {sources.map((source) => {
          const at = drawnCentre(source);
          const x = along(at);
          const y = Math.max(4, Y(at[1]));
          const comesFromSky = source.kind !== undefined && isSky(source.kind);
          const half = comesFromSky ? 3 : Math.max(2, (source.sizeM / 2) * scale);
          return (
            <g
              key={source.id}
              className="cursor-grab"
              data-side-source={source.id}
              onPointerDown={canBeMoved(source) ? drag(source.id) : undefined}
            >
              <title>
                {comesFromSky ? source.words : `${source.words}, ${source.heightM.toFixed(2)} m high`}
              </title>
              {comesFromSky ? (
                <line
                  x1={x}
                  x2={sitterX}
                  y1={y}
                  y2={Y(eyes)}
                  stroke="var(--color-accent)"
                  strokeWidth={0.6}
                />
              ) : (
                <line x1={x} x2={x} y1={y} y2={FLOOR} stroke="currentColor" strokeWidth={0.4} />
              )}
              <rect x={x - 8} y={y - 9} width={16} height={18} fill="transparent" />
              <rect
                x={x - 1.5}
                y={y - half}
                width={3}
                height={2 * half}
                fill={source.id === 'key' ? 'var(--color-primary)' : 'var(--color-base-100)'}
                stroke="var(--color-accent)"
              />
            </g>
          );
        })}
        <g className="cursor-grab" data-side-source="camera" onPointerDown={drag('camera')}>
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
