import type { Cue } from '@/core/direct';
import type { WholeSitting } from '@/data';
import { CannotDo } from './CannotDo';
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
  const { cues, at, atOnce, isMirrored, say, opening } = directing;
  const last = at + atOnce.length;
  const feeling = directing.feelingOf(cue);
  return (
    <>
      {opening && (
        <p data-testid="opening" lang={cue.voice.language} className="mb-3 text-lg">
          {opening}
        </p>
      )}
      <p className="flex justify-between text-accent">
        <span>{whose(cue)}</span>
        <span className="quiet">
          {atOnce.length > 1 ? `${at + 1} to ${last}` : at + 1} of {cues?.length}
          {isMirrored && ', as shown'}
        </span>
      </p>
      <p
        data-testid="cue"
        lang={cue.voice.language}
        className="mt-1 text-[32px] leading-[1.18] font-semibold"
      >
        {atOnce.map(say).join(' ')}
      </p>
      {feeling && (
        <p data-testid="feeling" lang={cue.voice.language} className="mt-2 text-lg">
          {feeling}
        </p>
      )}
      <ul className="quiet mt-4 space-y-1 text-base" aria-label="Then">
        {cues?.slice(last, last + SHOWN_AFTER).map((c) => (
          <li key={say(c)} lang={c.voice.language}>
            {say(c)}
          </li>
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
