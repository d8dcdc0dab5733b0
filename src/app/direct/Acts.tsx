'use client';

import { useEffect, type ReactNode } from 'react';
import type { Directing } from './useDirecting';

type Act = 'back' | 'mirror' | 'skip' | 'frame' | 'keeper' | 'next';

/** A whole pose is not skipped by one key. A presenter's remote turns pages. */
const KEYS: Record<string, Act> = {
  b: 'back',
  PageUp: 'back',
  ArrowLeft: 'back',
  m: 'mirror',
  f: 'frame',
  k: 'keeper',
  n: 'next',
  PageDown: 'next',
  ArrowRight: 'next',
};

/** The keys press the buttons, so that what is disabled stays so. */
function useActKeys(): void {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.ctrlKey || e.metaKey || e.altKey || (e.target as HTMLElement).tagName === 'INPUT') return;
      const act = KEYS[e.key];
      if (!act) return;
      e.preventDefault();
      document.querySelector<HTMLButtonElement>(`[data-act="${act}"]`)?.click();
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  }, []);
}

interface ActButtonProps {
  act: Act;
  className: string;
  disabled?: boolean;
  pressed?: boolean;
  onDo(): void;
  children: ReactNode;
}

function ActButton({ act, className, disabled, pressed, onDo, children }: ActButtonProps) {
  return (
    <button
      type="button"
      data-act={act}
      className={className}
      disabled={disabled}
      aria-pressed={pressed}
      onClick={onDo}
    >
      {children}
    </button>
  );
}

const SMALL = 'min-h-14 bg-base-200 disabled:opacity-50 aria-pressed:text-primary';
const LARGE = 'min-h-20 text-lg font-bold';

/** What turns words, or a picture, to the side of whoever copies, and back. */
const WORD_TURNS = { mirror: 'as shown', back: 'as said' } as const;
const PICTURE_TURNS = { mirror: 'mirrored', back: 'as taken' } as const;

/** The buttons under the thumb: back and on, frames and keepers. */
export function Acts({ directing }: { directing: Directing }) {
  const { at, index, isLastTake, frameCount, keeperCount, isMirrored, isPictureOnly } = directing;
  const isAtCue = !isPictureOnly && (directing.cue !== undefined || !directing.cues);
  const { back, mirror, skip, expose, next } = directing;
  useActKeys();
  return (
    <footer className="rule-t mt-3 grid grid-cols-3 gap-px bg-base-300">
      <ActButton
        act="back"
        className={SMALL}
        disabled={index === 0 && (isPictureOnly || at === 0)}
        onDo={back}
      >
        back
      </ActButton>
      <ActButton act="mirror" className={SMALL} pressed={isMirrored} onDo={mirror}>
        {(isPictureOnly ? PICTURE_TURNS : WORD_TURNS)[isMirrored ? 'back' : 'mirror']}
      </ActButton>
      <ActButton act="skip" className={SMALL} disabled={isLastTake} onDo={skip}>
        next pose
      </ActButton>
      <ActButton act="frame" className={`${LARGE} bg-base-200`} onDo={() => expose(false)}>
        frame {frameCount + 1}
      </ActButton>
      <ActButton act="keeper" className={`${LARGE} bg-base-200`} onDo={() => expose(true)}>
        keeper {keeperCount + 1}
      </ActButton>
      <ActButton
        act="next"
        className={`${LARGE} bg-primary text-primary-content disabled:opacity-60`}
        disabled={isPictureOnly ? isLastTake : !directing.cues || (!isAtCue && isLastTake)}
        onDo={next}
      >
        {isAtCue ? 'next cue' : 'next pose'}
      </ActButton>
    </footer>
  );
}
