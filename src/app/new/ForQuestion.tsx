'use client';

import { PRESET_NAMES, PRESETS } from '@/core/brief';
import type { Purpose } from './answers';

const PURPOSES: readonly Purpose[] = [...PRESET_NAMES, 'later'];

function wordsOf(purpose: Purpose): string {
  return purpose === 'later' ? 'say it later' : PRESETS[purpose].words;
}

interface ForQuestionProps {
  purpose: Purpose;
  onChoose(purpose: Purpose): void;
}

/** What the pictures are to say: one of the presets of the brief, where all of it can be changed. */
export function ForQuestion({ purpose, onChoose }: ForQuestionProps) {
  return (
    <div role="radiogroup" aria-label="What the pictures are for" className="flex flex-wrap gap-2">
      {PURPOSES.map((p) => (
        <label
          key={p}
          className="flex min-h-10 cursor-pointer items-center gap-2 border border-base-300 px-3 has-checked:border-accent has-checked:font-bold"
        >
          <input type="radio" name="purpose" value={p} checked={p === purpose} onChange={() => onChoose(p)} />
          {wordsOf(p)}
        </label>
      ))}
    </div>
  );
}
