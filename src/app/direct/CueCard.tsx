import { CHECKS, type Cue } from '@/core/direct';
import { leftWords } from './leftWords';
import type { SaidCue } from '@/take/saidCues';
import type { Directing } from './useDirecting';

function whose(cue: Cue): string {
  return cue.side ? `${cue.station} · ${cue.side}` : cue.station;
}

/** So many cues are shown that come after the one that is said. */
const SHOWN_AFTER = 2;

/** The cue that is said now, large, and those after it. */
function Saying({ cue, directing }: { cue: SaidCue; directing: Directing }) {
  const { cues, at, isMirrored, say } = directing;
  return (
    <>
      <p className="flex justify-between text-accent">
        <span>{whose(cue)}</span>
        <span className="quiet">
          {at + 1} of {cues?.length}
          {isMirrored && ', as shown'}
        </span>
      </p>
      <p data-testid="cue" className="mt-1 text-[32px] leading-[1.18] font-semibold">
        {say(cue)}
      </p>
      <ul className="quiet mt-4 space-y-1 text-base" aria-label="Then">
        {cues?.slice(at + 1, at + 1 + SHOWN_AFTER).map((c) => (
          <li key={say(c)}>{say(c)}</li>
        ))}
      </ul>
    </>
  );
}

/** What is other still once the pose stands, and what to do where the sitter did not do what usually follows. */
function Rest({ directing: { left, canMark, markNotByItself, cue } }: { directing: Directing }) {
  return (
    <div className="mt-3 space-y-2">
      {canMark && (
        <button type="button" className="link-act min-h-11" onClick={markNotByItself}>
          Did not come by itself
        </button>
      )}
      {!cue && left.length > 0 && (
        <details className="quiet text-sm">
          <summary>Will not be said: {left.length}</summary>
          <p className="mt-1">{left.map(leftWords).join(', ')}</p>
        </details>
      )}
    </div>
  );
}

/** The cue that is said now; or that the pose stands; or that the words are being looked for. */
export function CueCard({ directing }: { directing: Directing }) {
  const { cue, cues, refused } = directing;
  const standing = cues ? 'The pose stands. Look, then shoot.' : (refused ?? 'Finding the words');
  return (
    <section aria-label="Cue" className="pt-4" aria-live="polite">
      {cue ? (
        <Saying cue={cue} directing={directing} />
      ) : (
        <p
          data-testid={cues || refused ? 'cue' : undefined}
          className="mt-1 text-[30px] leading-[1.18] font-semibold"
        >
          {standing}
        </p>
      )}
      <Rest directing={directing} />
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
