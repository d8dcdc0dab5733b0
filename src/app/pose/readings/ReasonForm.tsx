'use client';

import type { FormEvent } from 'react';

interface ReasonFormProps {
  /** Whether it can be meant in all poses of the look as well. */
  canBeOfLook: boolean;
  onKeep(reason: string, isOfLook: boolean): void;
}

/** Asks why a finding is meant, and where: the reason is kept with the pose, or with the look. */
export function ReasonForm({ canBeOfLook, onKeep }: ReasonFormProps) {
  function keep(event: FormEvent<HTMLFormElement>) {
    event.preventDefault();
    const { submitter } = event.nativeEvent as SubmitEvent;
    const reason = String(new FormData(event.currentTarget).get('reason')).trim();
    if (reason) onKeep(reason, submitter?.getAttribute('value') === 'look');
  }
  return (
    <form className="mt-1 flex flex-wrap gap-1" onSubmit={keep}>
      <input
        name="reason"
        autoFocus
        required
        maxLength={200}
        aria-label="Why it is meant"
        placeholder="why it is meant"
        className="h-7 min-w-40 flex-1 border border-base-300 bg-base-100 px-2 text-[13px]"
      />
      <button type="submit" className="link-act">
        Keep
      </button>
      {canBeOfLook && (
        <button type="submit" value="look" className="link-act" title="Do not ask it in this look any more">
          In the whole look
        </button>
      )}
    </form>
  );
}
