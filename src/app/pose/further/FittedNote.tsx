'use client';

import type { MendWishes } from '@/core/adapt';
import type { BodyProfile } from '@/core/body';
import type { Fitted } from '@/core/library';
import type { SoloShot } from '@/core/shot';
import { usePoseStore } from '@/take/poseStore';
import { studio } from '@/workers/studioClient';
import { STUCK_WORDS } from '../readings/findingWords';
import { adaptationWords } from './furtherWords';
import { SearchShare } from './SearchShare';
import type { FittedPose } from './useFit';
import { useSearch } from './useSearch';

interface FittedNoteProps {
  fit: FittedPose;
  profile: BodyProfile;
  shot: SoloShot;
  wishes: MendWishes;
}

/** The pose that would suit where a fault is left, on request. */
function Instead({ fit: { chosen }, profile, shot, wishes }: FittedNoteProps) {
  const { share, found, refused, run, callOff } = useSearch<Fitted | 'none'>();
  const look = () =>
    run(
      async (onShare) =>
        (await studio('backstage').fitInstead(profile, shot, chosen, wishes, onShare)) ?? 'none',
    );
  if (share !== null) return <SearchShare words="Looking for another pose" share={share} onStop={callOff} />;
  if (refused) return <p role="alert">{refused}</p>;
  if (found === 'none') return <p>None of the poses near it suits either.</p>;
  if (!found)
    return (
      <button type="button" className="link-act" onClick={look}>
        What instead?
      </button>
    );
  return (
    <p>
      {found.shot.pose.name} would suit.{' '}
      <button type="button" className="link-act" onClick={() => usePoseStore.getState().setShot(found.shot)}>
        Take it
      </button>
    </p>
  );
}

/** What was done to a chosen pose so that it suits the sitter, and what is left. */
export function FittedNote(props: FittedNoteProps) {
  const { chosen, fitted } = props.fit;
  const { adaptations, left } = fitted;
  return (
    <div className="rule-b py-2 text-[13px]" role="status" data-testid="fitted">
      <p className="font-bold">
        {chosen.name}: {adaptations.length === 0 ? 'suits as it is' : 'fitted'}
      </p>
      <ul>
        {adaptations.map((a) => (
          <li key={a.kind} className="first-letter:uppercase">
            {adaptationWords(a)}.
          </li>
        ))}
      </ul>
      {left.map(({ finding, why }) => (
        <p key={finding.id}>
          {finding.title}. <span className="quiet">{STUCK_WORDS[why]}</span>
        </p>
      ))}
      {left.length > 0 && <Instead {...props} />}
    </div>
  );
}
