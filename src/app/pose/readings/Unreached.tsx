'use client';

import { useState } from 'react';
import type { BodyProfile } from '@/core/body';
import { staysShort, unreachedWords } from '@/core/figure';
import type { SoloShot } from '@/core/shot';
import { contactSide, SETTINGS, targetWords, withTouch, type Pose } from '@/core/pose';
import type { ReachingChange } from '@/core/adapt';
import { studio } from '@/workers/studioClient';
import type { ShotReport } from '@/workers/shotReport';
import { usePoseStore } from '@/take/poseStore';

/** A change in words: which setting, or where a hand would be laid. */
function changeWords(change: ReachingChange): string {
  if (change.kind === 'place') {
    const { to, of } = change.to;
    const place = targetWords(to, of?.side ?? contactSide(change.to));
    return `${contactSide(change.to)} hand on the ${of ? 'other’s ' : ''}${place} would reach`;
  }
  const { words, shown, unit } = SETTINGS[change.id];
  const value = Math.round(change.to * shown * 10) / 10;
  const rest = change.leftM > 0.01 ? `, but for ${(change.leftM * 100).toFixed(0)} cm` : '';
  return `${words} to ${value} ${unit} would reach${rest}`;
}

function doIt(pose: Pose, change: ReachingChange): void {
  const store = usePoseStore.getState();
  if (change.kind === 'place') store.setPose(withTouch(pose, change.to));
  else store.setSetting(change.id, change.to);
}

interface UnreachedProps {
  shot: SoloShot;
  profile: BodyProfile;
  report: ShotReport;
}

/** What could not be done as asked, and on request the change that would do it. */
export function Unreached({ shot, profile, report }: UnreachedProps) {
  const [answer, setAnswer] = useState<{ pose: Pose; change: ReachingChange | null } | null>(null);
  const [isLooking, setLooking] = useState(false);
  const { pose } = shot;
  const isShort = report.unreached.some((u) => staysShort(u) && u.amount > 0.01);
  const current = answer?.pose === pose ? answer : null;

  async function look() {
    setLooking(true);
    try {
      const change = await studio('backstage').reaching(profile, shot);
      setAnswer({ pose, change: change ?? null });
    } finally {
      setLooking(false);
    }
  }

  return (
    <div className="py-2" data-testid="unreached">
      <h3 className="quiet text-xs">Not quite as asked</h3>
      {report.unreached.map((u) => (
        <p key={`${u.id} ${u.side} ${u.to}`} className="text-[13px]">
          {unreachedWords(u)}
          {staysShort(u) && u.amount > 0 ? `, ${(u.amount * 100).toFixed(1)} cm` : ''}
        </p>
      ))}
      {isShort && !current && (
        <button type="button" className="link-act" disabled={isLooking} onClick={() => void look()}>
          {isLooking ? 'Looking' : 'What would reach?'}
        </button>
      )}
      {current && (
        <p role="status" className="text-[13px] first-letter:uppercase">
          {current.change ? changeWords(current.change) : 'no single change would reach'}
          {current.change && (
            <button type="button" className="link-act ml-1" onClick={() => doIt(pose, current.change!)}>
              Do it
            </button>
          )}
        </p>
      )}
    </div>
  );
}
