'use client';

import { useRef, type ReactNode } from 'react';
import { CAMERA_RANGES, viewOf } from '@/core/camera';
import { drawnCentre, isSky, KEY_RANGES, sourceAcrossM, sourceKind } from '@/core/light';
import type { Shot } from '@/core/picture';
import { BACKDROPS, footprintsOf, groundOf, type Room, type RoomWindow } from '@/core/scene';
import { degrees, SIDES } from '@/core/units';
import type { ShotReport } from '@/workers/shotReport';
import { followPointer } from '@/ui/followPointer';
import { usePoseStore } from './poseStore';

interface PlanProps {
  shot: Shot;
  room: Room;
  report: ShotReport | null;
  /** Height of the words in the drawing; it is 200 wide. */
  textSize?: number;
  className?: string;
  /** More to draw over the floor, given what turns metres of the set into the drawing. */
  overlay?(scale: PlanScale): ReactNode;
}

/** What turns places of the set, metres, into places of the drawing. */
export interface PlanScale {
  X(x: number): number;
  Y(z: number): number;
  scale: number;
}

const WIDTH = 200;
const MARGIN = 10;

function held(value: number, { min, max, step }: { min: number; max: number; step: number }): number {
  const stepped = Math.round(value / step) * step;
  return Math.round(Math.min(max, Math.max(min, stepped)) * 1000) / 1000;
}

/** Where an opening stands in the drawing, and where its name. */
function openingLine(
  room: Room,
  { wall, fromM, toM }: Pick<RoomWindow, 'wall' | 'fromM' | 'toM'>,
  scale: number,
  left: number,
) {
  const right = left + room.widthM * scale;
  const bottom = MARGIN + room.depthM * scale;
  if (wall === 'left' || wall === 'right') {
    const x = wall === 'left' ? left : right;
    const [y1, y2] = [MARGIN + fromM * scale, MARGIN + toM * scale];
    const inwards = wall === 'left' ? 5 : -5;
    return {
      line: { x1: x, x2: x, y1, y2 },
      label: {
        x: x + inwards,
        y: y2 + 10,
        textAnchor: wall === 'left' ? ('start' as const) : ('end' as const),
      },
    };
  }
  const y = wall === 'back' ? MARGIN : bottom;
  const [x1, x2] = [left + fromM * scale, left + toM * scale];
  return {
    line: { x1, x2, y1: y, y2: y },
    label: { x: (x1 + x2) / 2, y: wall === 'back' ? y + 14 : y - 7, textAnchor: 'middle' as const },
  };
}

/** Floor plan with tape marks: the camera and the key can be dragged round the sitter's mark. */
export function PlanView({
  shot,
  room,
  report,
  textSize = 10,
  className = 'max-h-[250px]',
  overlay,
}: PlanProps) {
  const svg = useRef<SVGSVGElement>(null);
  const { setCamera, setLight, setDragging, setPanel } = usePoseStore.getState();
  const scale = (WIDTH - 2 * MARGIN) / Math.max(room.widthM, room.depthM * 0.62);
  const height = room.depthM * scale + 2 * MARGIN;
  const left = (WIDTH - room.widthM * scale) / 2;
  const X = (x: number) => left + (x + room.markToLeftM) * scale;
  const Y = (z: number) => MARGIN + (z + room.markToBackM) * scale;
  const view = viewOf(shot.camera);
  const key = drawnCentre(shot.light);

  /** Drags the camera, the key, or another source by its id. */
  const drag = (what: string) => (event: React.PointerEvent) => {
    setPanel(what === 'camera' ? 'camera' : 'light');
    setDragging(true);
    const target = event.currentTarget as Element;
    target.setPointerCapture(event.pointerId);
    const move = (e: PointerEvent) => {
      const box = svg.current!.getBoundingClientRect();
      const k = WIDTH / box.width;
      const x = ((e.clientX - box.left) * k - left) / scale - room.markToLeftM;
      const z = ((e.clientY - box.top) * k - MARGIN) / scale - room.markToBackM;
      const arc = degrees(Math.atan2(x, z));
      const distance = Math.hypot(x, z);
      if (what === 'camera') {
        const { camera } = usePoseStore.getState().take!.shot;
        setCamera({
          ...camera,
          arcDeg: held(arc, { ...CAMERA_RANGES.arcDeg, step: 1 }),
          distanceM: held(distance, { ...CAMERA_RANGES.distanceM, step: 0.05 }),
        });
      } else {
        const { light } = usePoseStore.getState().take!.shot;
        const place = {
          arcDeg: held(arc, { ...KEY_RANGES.arcDeg, step: 1 }),
          distanceM: held(distance, KEY_RANGES.distanceM),
        };
        setLight(
          what === 'key'
            ? { ...light, ...place }
            : { ...light, others: light.others!.map((s) => (s.id === what ? { ...s, ...place } : s)) },
        );
      }
    };
    followPointer(move, () => setDragging(false));
  };

  const reach = Math.hypot(room.widthM, room.depthM);
  /** End of one side of what the lens takes in. */
  const edge = (sign: 1 | -1) => {
    const dx = view.forward[0] + sign * view.tanHalfWidth * view.right[0];
    const dz = view.forward[2] + sign * view.tanHalfWidth * view.right[2];
    return { x2: X(view.eye[0] + dx * reach), y2: Y(view.eye[2] + dz * reach) };
  };
  // labels keep out of each other's way where the camera stands near the key
  const apart = [X(key[0]) - X(view.eye[0]), Y(key[2]) - Y(view.eye[2])] as const;
  const crowded = Math.abs(apart[0]) < 56 && Math.abs(apart[1]) < 30;
  const keyLabelY = crowded && apart[1] < 8 ? -9 : 17;
  // beside a window in a wall there is room only inwards
  const keyLabel =
    X(key[0]) < left + 18
      ? { x: 7, anchor: 'start' as const }
      : X(key[0]) > left + room.widthM * scale - 18
        ? { x: -7, anchor: 'end' as const }
        : { x: 0, anchor: 'middle' as const };
  const cameraLabel =
    crowded && apart[0] > 0 ? { x: -13, anchor: 'end' as const } : { x: 13, anchor: 'start' as const };
  const isSkyKey = shot.light.kind !== undefined && isSky(shot.light.kind);
  const keyWide = scale * (isSkyKey ? shot.light.sizeM : sourceAcrossM(shot.light));
  const { facesDeg } = shot.light;
  // a window lies in its wall, what stands free is turned to the mark
  const keyTurnDeg = facesDeg === undefined ? -shot.light.arcDeg : -facesDeg;
  const openings = [room.door, ...(room.windows ?? [])].map((span) => ({
    ...openingLine(room, span, scale, left),
    words: span.words,
  }));
  const { backdrop } = room;
  const hangs = backdrop && backdrop.kind !== 'outdoors' ? backdrop : undefined;
  return (
    <figure className="shrink-0">
      <figcaption className="quiet text-xs">plan</figcaption>
      <svg
        ref={svg}
        viewBox={`0 0 ${WIDTH} ${height}`}
        className={`${className} w-full touch-none`}
        role="group"
        aria-label="Floor plan"
      >
        <clipPath id="plan-room">
          <rect x={left} y={MARGIN} width={room.widthM * scale} height={room.depthM * scale} />
        </clipPath>
        <rect
          x={left}
          y={MARGIN}
          width={room.widthM * scale}
          height={room.depthM * scale}
          fill="none"
          stroke="currentColor"
          strokeWidth={1}
        />
        {openings.map(({ line, label, words }, i) => (
          <g key={i} data-opening={i}>
            <line {...line} stroke="var(--color-secondary)" strokeWidth={4} />
            {i > 0 && <line {...line} stroke="var(--color-base-100)" strokeWidth={1.4} />}
            <text {...label} fontSize={textSize} fill="var(--color-secondary)">
              {words}
            </text>
          </g>
        ))}
        {hangs && (
          <g data-backdrop={hangs.kind}>
            <title>{`${BACKDROPS[hangs.kind].words}, ${hangs.widthM} m wide`}</title>
            <line
              x1={X(-hangs.widthM / 2)}
              x2={X(hangs.widthM / 2)}
              y1={Y(-hangs.behindM)}
              y2={Y(-hangs.behindM)}
              stroke="currentColor"
              strokeWidth={2.2}
            />
          </g>
        )}
        <g clipPath="url(#plan-room)">
          {([1, -1] as const).map((sign) => (
            <line
              key={sign}
              x1={X(view.eye[0])}
              y1={Y(view.eye[2])}
              {...edge(sign)}
              stroke="var(--color-accent)"
              strokeWidth={0.7}
            />
          ))}
          <line
            x1={X(key[0])}
            y1={Y(key[2])}
            x2={X(0)}
            y2={Y(0)}
            stroke="var(--color-primary)"
            strokeWidth={1.5}
          />
        </g>
        {overlay?.({ X, Y, scale })}
        {footprintsOf([...(shot.pose.objects ?? []), ...groundOf(room).furniture]).map(
          ({ outline, topM }, i) => (
            <polygon
              key={i}
              points={outline.map(([x, z]) => `${X(x)},${Y(z)}`).join(' ')}
              fill="var(--color-base-300)"
              fillOpacity={topM > 0.1 ? 0.7 : 0.3}
              stroke="currentColor"
              strokeWidth={0.7}
            />
          ),
        )}
        {report &&
          SIDES.map((side) => (
            <line
              key={side}
              x1={X(report.feet[side].heel[0])}
              y1={Y(report.feet[side].heel[2])}
              x2={X(report.feet[side].toe[0])}
              y2={Y(report.feet[side].toe[2])}
              stroke="currentColor"
              strokeWidth={4}
              strokeLinecap="round"
            />
          ))}
        <g stroke="var(--color-accent)" strokeWidth={1.2}>
          <line x1={X(0) - 5} x2={X(0) + 5} y1={Y(0)} y2={Y(0)} />
          <line x1={X(0)} x2={X(0)} y1={Y(0) - 5} y2={Y(0) + 5} />
        </g>
        {(shot.light.others ?? []).map((source) => {
          const at = drawnCentre(source);
          const { works, words } = sourceKind(source.kind);
          const wide = sourceAcrossM(source) * scale;
          return (
            <g
              key={source.id}
              transform={`translate(${X(at[0])} ${Y(at[2])}) rotate(${-source.arcDeg})`}
              className="cursor-grab"
              data-source={source.id}
              onPointerDown={drag(source.id)}
            >
              <title>{words}</title>
              <rect x={-12} y={-10} width={24} height={20} fill="transparent" />
              <rect
                x={-wide / 2}
                y={-2}
                width={wide}
                height={works === 'lamp' ? 5 : 2.5}
                fill={works === 'absorber' ? 'currentColor' : 'var(--color-base-100)'}
                stroke="var(--color-accent)"
              />
            </g>
          );
        })}
        <g
          transform={`translate(${X(key[0])} ${Y(key[2])}) rotate(${keyTurnDeg})`}
          className="cursor-grab"
          data-source="key"
          onPointerDown={shot.light.facesDeg === undefined ? drag('key') : undefined}
        >
          <rect x={-14} y={-12} width={28} height={24} fill="transparent" />
          <rect
            x={-keyWide / 2}
            y={-3}
            width={keyWide}
            height={6}
            fill="var(--color-primary)"
            stroke="var(--color-accent)"
          />
        </g>
        <text
          x={X(key[0]) + keyLabel.x}
          y={Y(key[2]) + keyLabelY}
          textAnchor={keyLabel.anchor}
          fontSize={textSize}
          fill="currentColor"
        >
          {isSkyKey ? sourceKind(shot.light.kind!).words : `key ${shot.light.distanceM.toFixed(1)} m`}
        </text>
        <g
          transform={`translate(${X(view.eye[0])} ${Y(view.eye[2])}) rotate(${-shot.camera.arcDeg})`}
          className="cursor-grab"
          data-source="camera"
          onPointerDown={drag('camera')}
        >
          <rect x={-14} y={-12} width={28} height={26} fill="transparent" />
          <rect x={-8} y={-2} width={16} height={10} fill="currentColor" />
          <rect x={-3} y={-6} width={6} height={5} fill="currentColor" />
        </g>
        <text
          x={X(view.eye[0]) + cameraLabel.x}
          y={Y(view.eye[2]) + 7}
          textAnchor={cameraLabel.anchor}
          fontSize={textSize}
          fill="currentColor"
        >
          {shot.camera.distanceM.toFixed(1)} m
        </text>
      </svg>
    </figure>
  );
}
