'use client';

import {
  DndContext,
  PointerSensor,
  pointerWithin,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import type { GroupOrder } from '@/core/group';
import type { Role } from '@/core/shot';
import type { NamedMember } from './groupMembers';
import { PlaceButton } from './PlaceButton';

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
/** A hand that moves less presses, pixels. */
const DRAGS_FROM_PX = 4;

/** What a drawing of some places shows of the set, metres. */
function frameOf({ places }: GroupOrder['laid']) {
  const xs = places.map((p) => p.xM);
  const zs = places.map((p) => p.zM);
  const [left, back] = [Math.min(...xs) - ROUND_M, Math.min(...zs) - ROUND_M];
  return { left, back, wide: Math.max(...xs) + ROUND_M - left, deep: Math.max(...zs) + ROUND_M - back };
}

/** The places of an order as the lens sees them from above, each with its number and who is there. */
export function OrderDrawing({ found, members, inHand, locked, onPress, onDrop }: OrderDrawingProps) {
  const { laid, order } = found;
  const { left, back, wide, deep } = frameOf(laid);
  const isNamed = laid.places.length <= MOST_NAMED;
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: DRAGS_FROM_PX } }));
  const onDragEnd = ({ active, over }: DragEndEvent) => over && onDrop(String(active.id), String(over.id));
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={pointerWithin}
      onDragEnd={onDragEnd}
      id="places-of-group"
    >
      <div
        role="group"
        aria-label="Places of the group, the front row below"
        className={`relative w-full border-b-2 border-accent ${isNamed ? 'max-w-[480px]' : ''}`}
        style={{ aspectRatio: `${wide} / ${Math.max(deep, wide / 4)}` }}
      >
        {laid.places.map(({ xM, zM, level }, at) => {
          const member = members[order[at]!]!;
          return (
            <PlaceButton
              key={member.role}
              {...{ member, level, isNamed }}
              number={at + 1}
              at={{ left: (xM - left) / wide, top: (zM - back) / deep }}
              isInHand={inHand === member.role}
              isLocked={locked.includes(member.role)}
              onPress={() => onPress(member.role)}
            />
          );
        })}
      </div>
    </DndContext>
  );
}
