'use client';

import { useEffect } from 'react';
import type { MendedAll } from '@/core/adapt';
import { studio } from '@/workers/studioClient';
import { changeWords, STUCK_WORDS } from '../readings/findingWords';
import type { InHand } from './inHand';
import { ProposedShot } from './ProposedShot';
import { SearchShare } from './SearchShare';
import { useSearch } from './useSearch';

/** What stays although it was tried, and why. */
function LeftFindings({ left }: Pick<MendedAll, 'left'>) {
  if (left.length === 0) return null;
  return (
    <div className="mt-3 text-[13px]">
      <h3 className="quiet text-xs">What stays</h3>
      {left.map(({ finding, why }) => (
        <p key={finding.id}>
          {finding.title}. <span className="quiet">{STUCK_WORDS[why]}</span>
        </p>
      ))}
    </div>
  );
}

/** Before and after side by side, with every change. */
function BeforeAndAfter({ found, inHand: { profile, shot, take } }: { found: MendedAll; inHand: InHand }) {
  const { changes, mended, left } = found;
  if (mended.length === 0)
    return left.length > 0 ? <LeftFindings left={left} /> : <p className="quiet py-2">Nothing to mend.</p>;
  return (
    <>
      <ul className="mt-2 flex flex-wrap gap-x-8 gap-y-4" data-testid="before-and-after">
        <ProposedShot profile={profile} shot={shot} title="before">
          <ul>
            {mended.map((f) => (
              <li key={f.id}>{f.title}</li>
            ))}
          </ul>
        </ProposedShot>
        <ProposedShot profile={profile} shot={found.shot} title="after" onTake={() => take(found.shot)}>
          <ul>
            {changes.map((c) => (
              <li key={changeWords(c)}>{changeWords(c)}</li>
            ))}
          </ul>
        </ProposedShot>
      </ul>
      <LeftFindings left={left} />
    </>
  );
}

/** Mends whatever the review sees that is not meant, and shows before and after. */
export function MendAll({ inHand }: { inHand: InHand }) {
  const { profile, shot, wishes, meant } = inHand;
  const { share, found, refused, run, callOff } = useSearch<MendedAll>();
  useEffect(
    () => run((onShare) => studio('backstage').mendAll(profile, shot, { ...wishes, meant }, onShare)),
    // once for the picture with which the sheet was opened
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [],
  );
  if (share !== null) return <SearchShare words="Mending all" share={share} onStop={callOff} />;
  if (refused) return <p role="alert">{refused}</p>;
  return found ? <BeforeAndAfter found={found} inHand={inHand} /> : <p className="quiet py-2">Stopped.</p>;
}
