import { useDraggable, useDroppable } from '@dnd-kit/core';
import { useCallback, type PointerEventHandler } from 'react';
import type { LevelId } from '@/core/group';
import type { NamedMember } from './groupMembers';

interface PlaceButtonProps {
  member: NamedMember;
  number: number;
  level: LevelId;
  /** From the drawing's left and top, shares of its sizes. */
  at: { left: number; top: number };
  isInHand: boolean;
  isLocked: boolean;
  isNamed: boolean;
  onPress(): void;
}

/** What the sign of a place looks like: those who sit have square ones. */
const SIGN: Record<LevelId, string> = { floor: '', seat: '', standing: 'rounded-full', box: 'rounded-full' };

/** One place of an order: pressed, dragged onto another, or another dragged onto it. */
export function PlaceButton(props: PlaceButtonProps) {
  const { member, number, level, at, isInHand, isLocked, isNamed, onPress } = props;
  const { setNodeRef: setHeld, listeners, transform, isDragging } = useDraggable({ id: member.role });
  const { setNodeRef: setUnder, isOver } = useDroppable({ id: member.role });
  const isMeant = isInHand || isDragging || isOver;
  const setNode = useCallback(
    (node: HTMLElement | null) => {
      setHeld(node);
      setUnder(node);
    },
    [setHeld, setUnder],
  );
  return (
    // centred by what is round it: a button's own transform is taken for what it was dragged by
    <div
      className="absolute -translate-x-1/2 -translate-y-1/2"
      style={{ left: `${at.left * 100}%`, top: `${at.top * 100}%` }}
    >
      <button
        ref={setNode}
        type="button"
        aria-pressed={isInHand}
        data-over={isOver}
        className="flex touch-none flex-col items-center text-[11px] leading-tight"
        style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
        onPointerDown={listeners?.onPointerDown as PointerEventHandler | undefined}
        onClick={onPress}
      >
        <span
          className={`flex h-6 w-6 items-center justify-center border-2 tabular-nums ${SIGN[level]} ${
            isMeant ? 'border-accent bg-accent text-accent-content' : 'border-current bg-base-100'
          } ${isLocked ? 'border-dashed' : ''}`}
        >
          {number}
        </span>
        <span className={isNamed ? '' : 'sr-only'}>{member.name}</span>
        {isLocked && <span className="sr-only">stays</span>}
      </button>
    </div>
  );
}
