'use client';

interface ReasonFormProps {
  onKeep(reason: string): void;
}

/** Asks why a finding is meant; the reason is kept with the pose. */
export function ReasonForm({ onKeep }: ReasonFormProps) {
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
