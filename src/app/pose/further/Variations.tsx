'use client';

import { useEffect } from 'react';
import type { Variation } from '@/core/adapt';
import { studio } from '@/workers/studioClient';
import { variationTitle, variationWords } from './furtherWords';
import type { InHand } from './inHand';
import { ProposedShot } from './ProposedShot';
import { SearchShare } from './SearchShare';
import { useSearch } from './useSearch';

function VariationList({ found, inHand: { profile, take } }: { found: Variation[]; inHand: InHand }) {
  if (found.length === 0)
    return <p className="quiet py-2">Every small change raises a finding. Mend first, then vary.</p>;
  return (
    <ul className="mt-2 flex flex-wrap gap-x-4 gap-y-5" data-testid="variations">
      {found.map((v) => (
        <ProposedShot
          key={v.changes.map(variationWords).join()}
          profile={profile}
          shot={v.shot}
          title={variationTitle(v)}
          onTake={() => take(v.shot)}
        >
          <p>{v.changes.map(variationWords).join('; ')}</p>
        </ProposedShot>
      ))}
    </ul>
  );
}

/** Clean neighbours of the picture, by how different they look. */
export function Variations({ inHand }: { inHand: InHand }) {
  const { profile, shot, wishes } = inHand;
  const { share, found, refused, run, callOff } = useSearch<Variation[]>();
  useEffect(
    () => run((onShare) => studio('backstage').vary(profile, shot, wishes, onShare)),
    // once for the picture with which the sheet was opened
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [],
  );
  if (share !== null) return <SearchShare words="Looking for variations" share={share} onStop={callOff} />;
  if (refused) return <p role="alert">{refused}</p>;
  return found ? <VariationList found={found} inHand={inHand} /> : <p className="quiet py-2">Stopped.</p>;
}
