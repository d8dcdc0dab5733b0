import { dressedFor, lookOf } from '@/core/brief';
import { CHECKS, clothQuestions, type CheckId, type Cue } from '@/core/direct';
import type { Take } from '@/core/sitting';
import { sitterIn, soloIn, type WholeSitting } from '@/data';
import { CannotDo } from './CannotDo';
import { CLOTH_WORDS } from './clothWords';
import { Later } from './Later';
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
      <Later whole={whole} directing={directing} />
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

/** What is looked over once the pose stands, in the order of the work; then what draws the expression. */
export function Checks({ whole, directing }: CueCardProps) {
  const { checked, check, cue, cues, take, prompt } = directing;
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
        <strong className="text-xl">{prompt}</strong>
      </p>
    </>
  );
}
