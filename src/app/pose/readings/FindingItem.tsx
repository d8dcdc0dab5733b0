'use client';

import { useState } from 'react';
import type { Finding } from '@/core/review';
import { usePoseStore, type Overlay } from '@/take/poseStore';
import { measured, wantedWords } from './findingWords';
import type { Outcome } from './useMend';

const OVERLAY_OF: Partial<Record<string, Overlay>> = {
  'enlarged-part': 'size',
  'no-daylight': 'measured',
  'frame-edge': 'measured',
};

function Mark({ severity }: { severity: number }) {
  return (
    <svg width={14} height={14} viewBox="0 0 14 14" aria-hidden className="mt-1 shrink-0">
      {severity >= 0.5 ? (
        <path d="M7 0l7 7-7 7-7-7z" fill="var(--color-error)" />
      ) : (
        <circle cx={7} cy={7} r={5} fill="none" stroke="var(--color-error)" strokeWidth={2.2} />
      )}
    </svg>
  );
}

/** Asks why a finding is meant; the reason is kept with the pose. */
function ReasonForm({ onKeep }: { onKeep(reason: string): void }) {
  return (
    <form
      className="mt-1 flex gap-1"
      onSubmit={(e) => {
        e.preventDefault();
        const reason = String(new FormData(e.currentTarget).get('reason')).trim();
        if (reason) onKeep(reason);
      }}
    >
      <input
        name="reason"
        autoFocus
        required
        maxLength={200}
        aria-label="Why it is meant"
        placeholder="why it is meant"
        className="h-7 min-w-0 flex-1 border border-base-300 bg-base-100 px-2 text-[13px]"
      />
      <button type="submit" className="link-act">
        Keep
      </button>
    </form>
  );
}

interface FindingItemProps {
  finding: Finding;
  /** Whether a mend is being looked for, and whether it is this one's. */
  isBusy: boolean;
  isWorking: boolean;
  /** What came of the last mend of this finding, other than that it was mended. */
  outcome: Outcome | null;
  onMend(finding: Finding, apply: boolean): void;
}

/** One finding: its figure, the reason, and what can be done about it. */
export function FindingItem({ finding, isBusy, isWorking, outcome, onMend }: FindingItemProps) {
  const { setMeant, setPanel, setOverlay } = usePoseStore.getState();
  const [isAsking, setAsking] = useState(false);
  const { measurement } = finding;
  return (
    <li className="rule-b flex gap-2.5 py-2" data-finding={finding.id}>
      <Mark severity={finding.severity} />
      <div className="min-w-0">
        <h3 className="leading-tight font-bold">{finding.title}</h3>
        <p className="text-[13px] leading-snug">
          <strong>
            {measured(measurement)} {measurement.unit}
          </strong>
          , {wantedWords(measurement)}. <span className="quiet">{finding.reason}</span>
        </p>
        <div className="mt-1 flex flex-wrap items-center gap-1">
          <button type="button" className="act" disabled={isBusy} onClick={() => onMend(finding, true)}>
            {isWorking ? 'Looking' : 'Mend'}
          </button>
          <button
            type="button"
            className="link-act"
            aria-expanded={isAsking}
            onClick={() => setAsking(!isAsking)}
          >
            Meant
          </button>
          <button
            type="button"
            className="link-act"
            onClick={() => {
              setPanel(finding.station);
              setOverlay(OVERLAY_OF[finding.ruleId] ?? null);
            }}
          >
            Show
          </button>
          <button type="button" className="link-act" disabled={isBusy} onClick={() => onMend(finding, false)}>
            Say it
          </button>
        </div>
        {isAsking && (
          <ReasonForm
            onKeep={(reason) => {
              setMeant(finding.id, reason);
              setAsking(false);
            }}
          />
        )}
        {outcome && (
          <p
            role="status"
            className={outcome.kind === 'cue' ? 'mt-1 font-serif text-[15px]' : 'quiet mt-1 text-xs'}
          >
            {outcome.text}
          </p>
        )}
      </div>
    </li>
  );
}
