import { CHECKS, type Cue } from '@/core/direct';
import type { Directing } from './useDirecting';

function whose(cue: Cue): string {
  return cue.side ? `${cue.station} · ${cue.side}` : cue.station;
}

/** So many cues are shown that come after the one that is said. */
const SHOWN_AFTER = 2;

/** The cue that is said now, large, and those after it; or that the pose stands. */
export function CueCard({ directing }: { directing: Directing }) {
  const { cue, cues, at, isMirrored, say } = directing;
  return (
    <section aria-label="Cue" className="pt-4" aria-live="polite">
      {cue ? (
        <>
          <p className="flex justify-between text-accent">
            <span>{whose(cue)}</span>
            <span className="quiet">
              {at + 1} of {cues.length}
              {isMirrored && ', as shown'}
            </span>
          </p>
          <p data-testid="cue" className="mt-1 text-[32px] leading-[1.18] font-semibold">
            {say(cue)}
          </p>
          <ul className="quiet mt-4 space-y-1 text-base" aria-label="Then">
            {cues.slice(at + 1, at + 1 + SHOWN_AFTER).map((c) => (
              <li key={say(c)}>{say(c)}</li>
            ))}
          </ul>
        </>
      ) : (
        <p data-testid="cue" className="mt-1 text-[30px] leading-[1.18] font-semibold">
          The pose stands. Look, then shoot.
        </p>
      )}
    </section>
  );
}

/** What is looked over before the shutter. */
export function Checks({ directing: { checked, check } }: { directing: Directing }) {
  return (
    <div role="group" aria-label="Check list" className="mt-4 flex border border-base-300">
      {CHECKS.map(({ id, words }) => {
        const done = checked.includes(id);
        return (
          <button
            key={id}
            type="button"
            aria-pressed={done}
            className="min-h-11 flex-1 border-l border-base-300 px-1 text-[13px] first:border-l-0 aria-pressed:text-secondary"
            onClick={() => check(id)}
          >
            {words}
            {done && ' ✓'}
          </button>
        );
      })}
    </div>
  );
}
