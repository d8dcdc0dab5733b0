'use client';

import { project, viewOf, type Camera } from '@/core/camera';
import { usePoseStore } from '@/take/poseStore';
import type { ShotReport } from '@/workers/shotReport';
import type { OtherNamed } from '../panels/ContactControls';

interface ChooseOtherProps {
  camera: Camera;
  report: ShotReport;
  company: readonly OtherNamed[];
}

/** The names of the others over their heads: a click takes the pose of one of them into the hand. */
export function ChooseOther({ camera, report, company }: ChooseOtherProps) {
  const view = viewOf(camera);
  return company.map(({ role, name }) => {
    const crown = report.others.find((o) => o.role === role)?.crown;
    if (!crown) return null;
    const { x, y, depthM } = project(view, crown);
    if (depthM <= 0 || Math.abs(x) > 1 || Math.abs(y) > 1) return null;
    return (
      <button
        key={role}
        type="button"
        title={`${name}: key p`}
        className="absolute -translate-x-1/2 -translate-y-[130%] bg-[#1b1712]/70 px-1.5 py-0.5 text-xs text-[#f2e7cd]"
        style={{ left: `${(x + 1) * 50}%`, top: `${(1 - y) * 50}%` }}
        onClick={() => usePoseStore.getState().setRole(role)}
      >
        {name}
      </button>
    );
  });
}
