import type { NumberedPlace } from '@/core/group';
import type { Role } from '@/core/shot';

/** Units of the drawing a metre. */
const SCALE = 62;
/** Pixels a metre, as far as the paper is wide enough. */
const SHOWN_PX = 120;
const ROUND_M = 0.45;
/** With more than so many, numbers stand alone; the list has the names. */
const MOST_NAMED = 14;

interface GroupPlacesProps {
  places: readonly NumberedPlace[];
  /** How somebody is called. */
  calledOf(role: Role): string;
}

/** Places of a group from above, numbered, as the one behind the camera has them before them; the lens is below. */
export function GroupPlaces({ places, calledOf }: GroupPlacesProps) {
  const xs = places.map((p) => p.xM);
  const zs = places.map((p) => p.zM);
  const [left, back] = [Math.min(...xs) - ROUND_M, Math.min(...zs) - ROUND_M / 2];
  const wide = Math.max(...xs) + ROUND_M - left;
  const deep = Math.max(...zs) + ROUND_M - back;
  return (
    <svg
      viewBox={`0 0 ${wide * SCALE} ${deep * SCALE}`}
      className="mb-2 block"
      style={{ width: `min(100%, ${wide * SHOWN_PX}px)` }}
      role="img"
      aria-label="Places of the group, the front row below"
      data-testid="group-places"
    >
      {places.map(({ number, role, xM, zM, level }) => (
        <g key={role} transform={`translate(${(xM - left) * SCALE} ${(zM - back) * SCALE})`} fontSize={9}>
          {level === 'seat' || level === 'floor' ? (
            <rect x={-8} y={-8} width={16} height={16} fill="none" stroke="currentColor" />
          ) : (
            <circle r={8.5} fill="none" stroke="currentColor" />
          )}
          <text y={3.2} textAnchor="middle" fill="currentColor" fontWeight={700}>
            {number}
          </text>
          {places.length <= MOST_NAMED && (
            <text y={18} textAnchor="middle" fill="currentColor" fontSize={6.5}>
              {calledOf(role)}
            </text>
          )}
        </g>
      ))}
    </svg>
  );
}
