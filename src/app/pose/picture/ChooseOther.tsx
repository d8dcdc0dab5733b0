'use client';

import { project, viewOf, type Camera } from '@/core/camera';
import { usePoseStore } from '@/take/poseStore';
import type { ShotReport } from '@/workers/shotReport';
import type { OtherNamed } from '@/take/people/othersNamed';

interface ChooseOtherProps {
  camera: Camera;
  report: ShotReport;
  company: readonly OtherNamed[];
}

/** Names of more people would cover the faces behind them: a mark over each head tells it when it is pointed at. */
const MOST_NAMED = 3;

const NAMED = '-translate-y-[130%] bg-[#1b1712]/70 px-1.5 py-0.5 text-xs text-[#f2e7cd]';
const MARKED = '-translate-y-full flex items-end p-1';

/** The names of the others over their heads: a click takes the pose of one of them into the hand. */
export function ChooseOther({ camera, report, company }: ChooseOtherProps) {
  const view = viewOf(camera);
  const isNamed = company.length <= MOST_NAMED;
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
        aria-label={name}
        className={`absolute -translate-x-1/2 ${isNamed ? NAMED : MARKED}`}
        style={{ left: `${(x + 1) * 50}%`, top: `${(1 - y) * 50}%` }}
        onClick={() => usePoseStore.getState().setRole(role)}
      >
        {isNamed ? name : <span className="block h-2.5 w-2.5 bg-[#f2e7cd] outline-1 outline-[#1b1712]" />}
      </button>
    );
  });
}
