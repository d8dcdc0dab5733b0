'use client';

import { ruleName, type Finding } from '@/core/review';
import type { Take } from '@/core/sitting';
import { usePoseStore } from '@/take/poseStore';
import { silenceInLook } from './silenceInLook';

/** What was accepted although the review sees it, with the reason. */
export function MeantFindings({ meant }: { meant: { finding: Finding; reason: string }[] }) {
  const { setMeant } = usePoseStore.getState();
  if (meant.length === 0) return null;
  return (
    <div className="py-2">
      <h3 className="quiet text-xs">Also meant</h3>
      {meant.map(({ finding, reason }) => (
        <p key={finding.id} className="flex items-baseline justify-between text-[13px]">
          <span>
            {finding.title}: <span className="quiet">{reason}</span>
          </span>
          <button type="button" className="link-act" onClick={() => setMeant(finding.id, null)}>
            Not meant
          </button>
        </p>
      ))}
    </div>
  );
}

/** The rules that are not asked in the look of a take. */
export function SilentRules({ take, silenced }: { take: Take; silenced: readonly string[] }) {
  if (silenced.length === 0) return null;
  return (
    <div className="py-2" data-testid="silent-rules">
      <h3 className="quiet text-xs">Not asked in this look</h3>
      {silenced.map((ruleId) => (
        <p key={ruleId} className="flex items-baseline justify-between text-[13px]">
          {ruleName(ruleId)}
          <button
            type="button"
            className="link-act"
            aria-label={`${ruleName(ruleId)}: ask again`}
            onClick={() => silenceInLook(take, ruleId, null)}
          >
            Ask again
          </button>
        </p>
      ))}
    </div>
  );
}
