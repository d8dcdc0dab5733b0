import type { ReactNode } from 'react';
import type { Grade } from '@/core/review';

/** What a grade of finding is called, and its mark: the graver the fuller. */
const GRADES: Record<Grade, { words: string; mark: ReactNode }> = {
  stop: { words: 'must not be', mark: <path d="M7 0l7 7-7 7-7-7z" fill="var(--color-error)" /> },
  fault: {
    words: 'fault',
    mark: <circle cx={7} cy={7} r={5} fill="none" stroke="var(--color-error)" strokeWidth={2.2} />,
  },
  polish: { words: 'could be better', mark: <circle cx={7} cy={7} r={2.6} fill="var(--color-error)" /> },
};

export function GradeMark({ grade }: { grade: Grade }) {
  const { words, mark } = GRADES[grade];
  return (
    <svg width={14} height={14} viewBox="0 0 14 14" role="img" aria-label={words} className="mt-1 shrink-0">
      {mark}
    </svg>
  );
}
