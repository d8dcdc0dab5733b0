'use client';

import { followPointer } from '@/ui/place/followPointer';
import type { PlanScale } from '@/take/plan/planScale';
import type { Vec3 } from '@/core/units';

interface MeterMarkProps extends PlanScale {
  /** Where it is held, metres. */
  at: Vec3;
  onMove(at: Vec3): void;
}

/** The meter on the plan; it can be dragged to a place of its own. */
export function MeterMark({ at, onMove, X, Y, scale }: MeterMarkProps) {
  const drag = (event: React.PointerEvent<SVGGElement>) => {
    const target = event.currentTarget;
    const svg = target.ownerSVGElement!;
    target.setPointerCapture(event.pointerId);
    const move = (e: PointerEvent) => {
      const pointer = new DOMPoint(e.clientX, e.clientY).matrixTransform(svg.getScreenCTM()!.inverse());
      const metres = (value: number) => Math.round((value / scale) * 100) / 100;
      onMove([metres(pointer.x - X(0)), at[1], metres(pointer.y - Y(0))]);
    };
    followPointer(move);
  };
  return (
    <g
      className="cursor-grab"
      data-source="meter"
      transform={`translate(${X(at[0])} ${Y(at[2])})`}
      onPointerDown={drag}
    >
      <title>meter</title>
      <rect x={-8} y={-8} width={16} height={16} fill="transparent" />
      <circle r={3.4} fill="var(--color-base-100)" stroke="currentColor" strokeWidth={1} />
      <path d="M-3.4 0h6.8M0 -3.4v6.8" stroke="currentColor" strokeWidth={0.6} />
    </g>
  );
}
