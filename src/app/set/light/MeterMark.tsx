'use client';

import type { PlanScale } from '../../take/PlanView';
import type { HeldMeter } from './MeterPart';

interface MeterMarkProps extends PlanScale {
  meter: HeldMeter;
  onMeter(meter: HeldMeter): void;
}

/** The meter on the plan; it can be dragged to a place of its own. */
export function MeterMark({ meter, onMeter, X, Y, scale }: MeterMarkProps) {
  const drag = (event: React.PointerEvent<SVGGElement>) => {
    const target = event.currentTarget;
    const svg = target.ownerSVGElement!;
    target.setPointerCapture(event.pointerId);
    const move = (e: PointerEvent) => {
      const at = new DOMPoint(e.clientX, e.clientY).matrixTransform(svg.getScreenCTM()!.inverse());
      const metres = (value: number) => Math.round((value / scale) * 100) / 100;
      onMeter({ ...meter, place: 'own', at: [metres(at.x - X(0)), meter.at[1], metres(at.y - Y(0))] });
    };
    const end = () => {
      target.removeEventListener('pointermove', move);
      target.removeEventListener('pointerup', end);
    };
    target.addEventListener('pointermove', move);
    target.addEventListener('pointerup', end);
  };
  return (
    <g
      className="cursor-grab"
      data-source="meter"
      transform={`translate(${X(meter.at[0])} ${Y(meter.at[2])})`}
      onPointerDown={drag}
    >
      <title>meter</title>
      <rect x={-8} y={-8} width={16} height={16} fill="transparent" />
      <circle r={3.4} fill="var(--color-base-100)" stroke="currentColor" strokeWidth={1} />
      <path d="M-3.4 0h6.8M0 -3.4v6.8" stroke="currentColor" strokeWidth={0.6} />
    </g>
  );
}
