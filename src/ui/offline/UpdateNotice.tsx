'use client';

import { usePathname } from 'next/navigation';
import { useState } from 'react';
import { useUpdate, type UpdateState } from './useUpdate';

const WORDS: Record<Exclude<UpdateState, 'none'>, string> = {
  ready: 'A newer Gilvo is ready.',
  taking: 'The newer Gilvo is being loaded.',
  noNetwork: 'The newer Gilvo could not be loaded without network.',
};

/** Offers a newer Gilvo when one is ready; on set nothing is offered. */
export function UpdateNotice() {
  const { state, take } = useUpdate();
  const pathname = usePathname();
  const [isLater, setLater] = useState(false);
  if (state === 'none' || isLater || pathname === '/direct') return null;
  return (
    <p role="status" data-testid="update" className="bg-base-200 px-4 py-1.5 text-sm">
      {WORDS[state]}{' '}
      {state !== 'taking' && (
        <>
          <button type="button" className="link-act" onClick={take}>
            Take it now
          </button>
          <button type="button" className="link-act" onClick={() => setLater(true)}>
            Later
          </button>
        </>
      )}
    </p>
  );
}
