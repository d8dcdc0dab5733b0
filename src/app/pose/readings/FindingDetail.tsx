'use client';

import { useState } from 'react';
import type { Finding, RuleId } from '@/core/review';
import { usePoseStore, type Overlay } from '@/take/poseStore';
import { FindingScale } from './FindingScale';
import { measured, wantedWords } from './findingWords';
import { ReasonForm } from './ReasonForm';
import { silenceInLook } from './silenceInLook';
import type { Outcome } from './useMend';

const OVERLAY_OF: Partial<Record<RuleId, Overlay>> = {
  'enlarged-part': 'size',
  'no-daylight': 'measured',
  'frame-edge': 'measured',
};

/** What can be done with the findings, and what came of the last thing that was. */
export interface Mending {
  /** The finding that is being mended, if one is. */
  working: string | null;
  outcome: Outcome | null;
  mend(finding: Finding, apply: boolean): Promise<void>;
}

/** Points at a finding in the picture, or no longer, and opens the station where it is set. */
function ShowButton({ finding }: { finding: Finding }) {
  const isShown = usePoseStore((s) => s.shownFindingId === finding.id);
  const { setPanel, setOverlay, setShownFinding } = usePoseStore.getState();
  const show = () => {
    setShownFinding(isShown ? null : finding.id);
    setOverlay(isShown ? null : (OVERLAY_OF[finding.ruleId] ?? null));
    if (!isShown) setPanel(finding.station);
  };
  return (
    <button type="button" className="link-act aria-pressed:underline" aria-pressed={isShown} onClick={show}>
      Show
    </button>
  );
}

/** Figure, reason and what can be done about a finding. */
export function FindingDetail({ finding, mending }: { finding: Finding; mending: Mending }) {
  const { setMeant } = usePoseStore.getState();
  const [isAsking, setAsking] = useState(false);
  const { measurement } = finding;
  const { working, mend } = mending;
  const isBusy = working !== null;
  const outcome = mending.outcome?.findingId === finding.id ? mending.outcome : null;
  return (
    <>
      <p className="text-[13px] leading-snug">
        <strong>
          {measured(measurement)} {measurement.unit}
        </strong>
        , {wantedWords(measurement)}.
      </p>
      <FindingScale measurement={measurement} />
      <p className="quiet text-[13px] leading-snug">{finding.reason}</p>
      <div className="mt-1 flex flex-wrap items-center gap-1">
        <button type="button" className="act" disabled={isBusy} onClick={() => void mend(finding, true)}>
          {working === finding.id ? 'Looking' : 'Mend'}
        </button>
        <button
          type="button"
          className="link-act"
          disabled={isBusy}
          onClick={() => void mend(finding, false)}
        >
          Say it
        </button>
        <ShowButton finding={finding} />
        <button
          type="button"
          className="link-act"
          aria-expanded={isAsking}
          onClick={() => setAsking(!isAsking)}
        >
          Meant
        </button>
      </div>
      {isAsking && (
        <ReasonForm
          canBeOfLook={!finding.isForCare}
          onKeep={(reason, isOfLook) => {
            const { take } = usePoseStore.getState();
            if (isOfLook && take) silenceInLook(take, finding.ruleId, reason);
            else setMeant(finding.id, reason);
            setAsking(false);
          }}
        />
      )}
      {outcome && outcome.kind !== 'mended' && (
        <p
          role="status"
          className={outcome.kind === 'cue' ? 'mt-1 font-serif text-[15px]' : 'quiet mt-1 text-xs'}
        >
          {outcome.text}
        </p>
      )}
    </>
  );
}
