'use client';

import type { GroupOrder } from '@/core/group';
import type { Role } from '@/core/shot';
import type { NamedMember } from './useGroup';

interface OrderDrawingProps {
  found: GroupOrder;
  members: readonly NamedMember[];
  /** Who is in the hand, to be exchanged with whoever is pressed next. */
  inHand: Role | null;
  locked: readonly Role[];
  onPress(role: Role): void;
  onDrop(role: Role, on: Role): void;
}

/** Room round the outermost places, metres. */
const ROUND_M = 0.4;
/** With more than so many, numbers stand alone. */
const MOST_NAMED = 14;

/** The places of an order as the lens sees them from above, each with its number and who is there. */
export function OrderDrawing({ found, members, inHand, locked, onPress, onDrop }: OrderDrawingProps) {
  const { places } = found.laid;
  const xs = places.map((p) => p.xM);
  const zs = places.map((p) => p.zM);
  const [left, back] = [Math.min(...xs) - ROUND_M, Math.min(...zs) - ROUND_M];
  const [wide, deep] = [Math.max(...xs) + ROUND_M - left, Math.max(...zs) + ROUND_M - back];
  return (
    <div
      role="group"
      aria-label="Places of the group, the front row below"
      className={`relative w-full border-b-2 border-accent ${places.length <= MOST_NAMED ? 'max-w-[480px]' : ''}`}
      style={{ aspectRatio: `${wide} / ${Math.max(deep, wide / 4)}` }}
    >
      {places.map(({ xM, zM, level }, at) => {
        const { role, name } = members[found.order[at]!]!;
        return (
          <button
            key={role}
            type="button"
            draggable
            aria-pressed={inHand === role}
            className="absolute flex -translate-x-1/2 -translate-y-1/2 flex-col items-center text-[11px] leading-tight"
            style={{ left: `${((xM - left) / wide) * 100}%`, top: `${((zM - back) / deep) * 100}%` }}
            onClick={() => onPress(role)}
            onDragStart={(e) => e.dataTransfer.setData('text/plain', role)}
            onDragOver={(e) => e.preventDefault()}
            onDrop={(e) => {
              e.preventDefault();
              onDrop(e.dataTransfer.getData('text/plain'), role);
            }}
          >
            <span
              className={`flex h-6 w-6 items-center justify-center border-2 tabular-nums ${
                level === 'seat' || level === 'floor' ? '' : 'rounded-full'
              } ${inHand === role ? 'border-accent bg-accent text-accent-content' : 'border-current bg-base-100'} ${
                locked.includes(role) ? 'border-dashed' : ''
              }`}
            >
              {at + 1}
            </span>
            <span className={places.length <= MOST_NAMED ? '' : 'sr-only'}>{name}</span>
            {locked.includes(role) && <span className="sr-only">stays</span>}
          </button>
        );
      })}
    </div>
  );
}
