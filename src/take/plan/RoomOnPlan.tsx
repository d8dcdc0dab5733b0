import { BACKDROPS, type RoomWindow } from '@/core/scene';
import type { Plan } from './planScale';

type Anchor = 'start' | 'middle' | 'end';
type Span = Pick<RoomWindow, 'wall' | 'fromM' | 'toM'>;

/** Where an opening stands in the drawing, and where its name. */
function openingLine(plan: Plan, { wall, fromM, toM }: Span) {
  return wall === 'left' || wall === 'right'
    ? inSideWall(plan, wall, fromM, toM)
    : inCrossWall(plan, wall, fromM, toM);
}

function inSideWall(plan: Plan, wall: 'left' | 'right', fromM: number, toM: number) {
  const isLeft = wall === 'left';
  const x = isLeft ? plan.left : plan.left + plan.width;
  const [y1, y2] = [plan.top + fromM * plan.scale, plan.top + toM * plan.scale];
  const textAnchor: Anchor = isLeft ? 'start' : 'end';
  return {
    line: { x1: x, x2: x, y1, y2 },
    label: { x: x + (isLeft ? 5 : -5), y: y2 + 10, textAnchor },
  };
}

function inCrossWall(plan: Plan, wall: 'back' | 'front', fromM: number, toM: number) {
  const isBack = wall === 'back';
  const y = isBack ? plan.top : plan.top + plan.depth;
  const [x1, x2] = [plan.left + fromM * plan.scale, plan.left + toM * plan.scale];
  const textAnchor: Anchor = 'middle';
  return {
    line: { x1, x2, y1: y, y2: y },
    label: { x: (x1 + x2) / 2, y: y + (isBack ? 14 : -7), textAnchor },
  };
}

function Openings({ plan }: { plan: Plan }) {
  const { door, windows = [] } = plan.room;
  return [door, ...windows].map((span, i) => {
    const { line, label } = openingLine(plan, span);
    return (
      <g key={i} data-opening={i}>
        <line {...line} stroke="var(--color-secondary)" strokeWidth={4} />
        {i > 0 && <line {...line} stroke="var(--color-base-100)" strokeWidth={1.4} />}
        <text {...label} fontSize={plan.textSize} fill="var(--color-secondary)">
          {span.words}
        </text>
      </g>
    );
  });
}

function Backdrop({ plan }: { plan: Plan }) {
  const { backdrop } = plan.room;
  if (!backdrop || backdrop.kind === 'outdoors') return null;
  const y = plan.Y(-backdrop.behindM);
  return (
    <g data-backdrop={backdrop.kind}>
      <title>{`${BACKDROPS[backdrop.kind].words}, ${backdrop.widthM} m wide`}</title>
      <line
        x1={plan.X(-backdrop.widthM / 2)}
        x2={plan.X(backdrop.widthM / 2)}
        y1={y}
        y2={y}
        stroke="currentColor"
        strokeWidth={2.2}
      />
    </g>
  );
}

/** Walls, door and windows, and what hangs behind the sitter. */
export function RoomOnPlan({ plan, clipId }: { plan: Plan; clipId: string }) {
  const walls = { x: plan.left, y: plan.top, width: plan.width, height: plan.depth };
  return (
    <>
      <clipPath id={clipId}>
        <rect {...walls} />
      </clipPath>
      <rect {...walls} fill="none" stroke="currentColor" strokeWidth={1} />
      <Openings plan={plan} />
      <Backdrop plan={plan} />
    </>
  );
}
