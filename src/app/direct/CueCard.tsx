import { CHECKS, type Cue } from '@/core/direct';
import type { WholeSitting } from '@/data';
import { CannotDo } from './CannotDo';
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

interface CueCardProps {
  whole: WholeSitting;
  directing: Directing;
}

/** What is other still once the pose stands, and what to do where the sitter did not do what usually follows. */
function Rest({ whole, directing }: CueCardProps) {
  const { left, canMark, markNotByItself, cue } = directing;
  return (
    <div className="mt-3 space-y-2">
      {canMark && (
        <button type="button" className="link-act min-h-11!" onClick={markNotByItself}>
          Did not come by itself
        </button>
      )}
      <CannotDo whole={whole} directing={directing} />
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
export function CueCard({ whole, directing }: CueCardProps) {
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
      <Rest whole={whole} directing={directing} />
    </section>
  );
}

interface CheckRowProps {
  check: (typeof CHECKS)[number];
  isDone: boolean;
  /** The camera's numbers, where they are looked over. */
  numbers: string | null;
  onCheck(): void;
}

/** One thing that is looked over, and what for. */
function CheckRow({ check: { id, words, look }, isDone, numbers, onCheck }: CheckRowProps) {
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
      <span className="quiet">{numbers ? `${numbers}; ${look}` : look}</span>
    </button>
  );
}

/** What is looked over once the pose stands, in the order of the work; then what draws the expression. */
export function Checks({ directing: { checked, check, cue, cues, take, prompt } }: { directing: Directing }) {
  if (!cues || cue) return null;
  const { camera } = take.shot;
  return (
    <>
      <div role="group" aria-label="Check list" className="mt-4 border-t border-base-300">
        {CHECKS.map((row) => (
          <CheckRow
            key={row.id}
            check={row}
            isDone={checked.includes(row.id)}
            numbers={row.id === 'edge' ? `lens ${camera.heightM.toFixed(2)} m high` : null}
            onCheck={() => check(row.id)}
          />
        ))}
      </div>
      <p className="mt-4" data-testid="prompt">
        <span className="quiet">Say, and shoot: </span>
        <strong className="text-xl">{prompt}</strong>
      </p>
    </>
  );
}
