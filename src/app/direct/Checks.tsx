import { dressedFor, lookOf } from '@/core/brief';
import { CHECKS, clothQuestions, type CheckId } from '@/core/direct';
import type { Take } from '@/core/sitting';
import { sitterIn, soloIn, type WholeSitting } from '@/data';
import { CLOTH_WORDS } from './clothWords';
import type { Directing } from './useDirecting';
import { usePraise } from './usePraise';

interface CheckRowProps {
  check: (typeof CHECKS)[number];
  isDone: boolean;
  /** What is looked over besides in this picture: the camera's numbers, or what somebody wears. */
  besides: string;
  onCheck(): void;
}

/** One thing that is looked over, and what for. */
function CheckRow({ check: { id, words, look }, isDone, besides, onCheck }: CheckRowProps) {
  return (
    <button
      type="button"
      data-check={id}
      aria-pressed={isDone}
      className="flex min-h-11 w-full items-baseline gap-3 border-b border-base-300 py-2 text-left aria-pressed:text-secondary"
      onClick={onCheck}
    >
      <span className="w-24 shrink-0 font-semibold">
        {words}
        {isDone && ' ✓'}
      </span>
      <span className="quiet">{besides ? `${besides}; ${look}` : look}</span>
    </button>
  );
}

/** What is looked over in this picture besides what is in every one. */
function besides(whole: WholeSitting, take: Take): Partial<Record<CheckId, string>> {
  const look = lookOf(whole.sitting, take);
  const dressed = take.shot.people.flatMap(({ role }) => {
    const sitter = sitterIn(whole, take, role);
    return sitter ? [{ profile: dressedFor(sitter, look), pose: soloIn(whole, take, role).pose }] : [];
  });
  return {
    cloth: clothQuestions(dressed)
      .map((id) => CLOTH_WORDS[id])
      .join(', '),
    edge: `lens ${take.shot.camera.heightM.toFixed(2)} m high`,
  };
}

interface ChecksProps {
  whole: WholeSitting;
  directing: Directing;
}

/** What is looked over once the pose stands, in the order of the work; then what draws the expression. */
export function Checks({ whole, directing }: ChecksProps) {
  const { checked, check, cue, cues, take, prompt, voice } = directing;
  const praise = usePraise(whole, directing);
  if (!cues || cue) return null;
  const more = besides(whole, take);
  return (
    <>
      <div role="group" aria-label="Check list" className="mt-4 border-t border-base-300">
        {CHECKS.map((row) => (
          <CheckRow
            key={row.id}
            check={row}
            isDone={checked.includes(row.id)}
            besides={more[row.id] ?? ''}
            onCheck={() => check(row.id)}
          />
        ))}
      </div>
      <p className="mt-4" data-testid="prompt">
        <span className="quiet">Say, and shoot: </span>
        <strong className="text-xl" lang={voice.language}>
          {prompt}
        </strong>
      </p>
      {praise && (
        <p className="mt-3" data-testid="praise">
          <span className="quiet">Between frames: </span>
          <span className="text-lg" lang={voice.language}>
            {praise}
          </span>
        </p>
      )}
    </>
  );
}
