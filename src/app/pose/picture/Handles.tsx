'use client';

import { useRef } from 'react';
import { HANDLES } from '@/core/adapt';
import type { BodyProfile } from '@/core/body';
import { project } from '@/core/camera';
import type { SoloShot } from '@/core/shot';
import type { ShotReport } from '@/workers/shotReport';
import { handleWords, useTakeHold } from './useTakeHold';

interface HandlesProps {
  profile: BodyProfile;
  shot: SoloShot;
  report: ShotReport;
}

/**
 * Hands, feet, hips, chin and eyes to take hold of in the picture, by pointer or by the arrow keys. A hand that comes
 * near a place of the body or of a support lies on it.
 */
export function Handles(props: HandlesProps) {
  const host = useRef<HTMLDivElement>(null);
  const { view, hint, grab, press } = useTakeHold(host, props);
  return (
    <div ref={host} className="pointer-events-none absolute inset-0" role="group" aria-label="Take hold">
      {HANDLES.map((handle) => {
        const { x, y } = project(view, props.report.handles[handle]);
        if (Math.abs(x) > 1 || Math.abs(y) > 1) return null;
        return (
          <button
            key={handle}
            type="button"
            aria-label={`Move the ${handleWords(handle)}: arrow keys`}
            title={handleWords(handle)}
            data-handle={handle}
            className="pointer-events-auto absolute h-6 w-6 -translate-x-1/2 -translate-y-1/2 cursor-grab touch-none rounded-full border-2 border-[#1b1712] bg-[#e3c264]/70 focus-visible:outline-3 focus-visible:outline-[#f2e7cd]"
            style={{ left: `${(x + 1) * 50}%`, top: `${(1 - y) * 50}%` }}
            onPointerDown={(e) => grab(handle, e)}
            onKeyDown={(e) => press(handle, e)}
          />
        );
      })}
      {hint && (
        <p
          role="status"
          className="absolute top-10 left-2 bg-[#1b1712]/85 px-2 py-0.5 text-xs text-[#f2e7cd]"
        >
          {hint}
        </p>
      )}
    </div>
  );
}
