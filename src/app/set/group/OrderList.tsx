import type { GroupOrder } from '@/core/group';
import type { Role } from '@/core/shot';
import { LEVEL_WORDS } from './groupWords';
import type { NamedMember } from './groupMembers';

interface OrderListProps {
  found: GroupOrder;
  members: readonly NamedMember[];
  locked: readonly Role[];
  onLock(role: Role): void;
}

/** Who is at which place, on what, and who stays there when the rest is ordered anew. */
export function OrderList({ found, members, locked, onLock }: OrderListProps) {
  return (
    <ol className="columns-1 text-[13px] sm:columns-2">
      {found.laid.places.map(({ level }, at) => {
        const { role, name } = members[found.order[at]!]!;
        return (
          <li
            key={role}
            className="flex break-inside-avoid items-baseline gap-2 border-t border-base-300 py-px"
          >
            <span className="w-5 text-right tabular-nums">{at + 1}</span>
            <span className="min-w-0 flex-1">
              {name} <span className="quiet">{LEVEL_WORDS[level]}</span>
            </span>
            <label className="flex items-center gap-1 text-xs">
              <input
                type="checkbox"
                aria-label={`${name} stays`}
                checked={locked.includes(role)}
                onChange={() => onLock(role)}
              />
              stays
            </label>
          </li>
        );
      })}
    </ol>
  );
}
