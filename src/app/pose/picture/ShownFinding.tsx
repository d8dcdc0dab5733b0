'use client';

import { project, viewOf, type Camera } from '@/core/camera';
import type { Finding } from '@/core/review';
import type { Vec3 } from '@/core/units';

/** What lies past the frame is pointed at from its edge, per cent of the picture. */
const EDGE_PERCENT = 4;
const inside = (percent: number) => Math.min(100 - EDGE_PERCENT, Math.max(EDGE_PERCENT, percent));

/** Where a point is seen, per cent of the picture from the left and from above; null behind the lens. */
function placeOf(camera: Camera, point: Vec3): { left: number; top: number } | null {
  const { x, y, depthM } = project(viewOf(camera), point);
  if (depthM <= 0) return null;
  return { left: inside((x + 1) * 50), top: inside((1 - y) * 50) };
}

const percent = ({ left, top }: { left: number; top: number }) => ({ left: `${left}%`, top: `${top}%` });

/** Points at a finding in the picture: a ring where it lies, with what it is called beside the first. */
export function ShownFinding({ finding, camera }: { finding: Finding; camera: Camera }) {
  const places = finding.at.flatMap((point) => placeOf(camera, point) ?? []);
  const [first] = places;
  if (!first) return null;
  const isOnRight = first.left > 50;
  return (
    // what is said here is said in the readings too
    <div aria-hidden data-testid="shown-finding" data-finding={finding.id}>
      {places.map((place, i) => (
        <span
          key={i}
          className="pointer-events-none absolute h-10 w-10 -translate-x-1/2 -translate-y-1/2 rounded-full border-2 border-[#e3c264] outline-2 outline-[#1b1712]/60"
          style={percent(place)}
        />
      ))}
      <span
        className={`pointer-events-none absolute -translate-y-1/2 bg-[#1b1712]/85 px-2 py-1 text-xs leading-tight text-[#f2e7cd] ${
          isOnRight ? '-translate-x-[calc(100%+28px)]' : 'translate-x-7'
        }`}
        style={{ ...percent(first), maxWidth: `calc(${isOnRight ? first.left : 100 - first.left}% - 32px)` }}
      >
        {finding.title}
      </span>
    </div>
  );
}
