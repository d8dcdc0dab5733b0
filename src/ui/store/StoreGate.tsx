'use client';

import { useEffect, useState, type ReactNode } from 'react';
import type { StoreFault } from '@/data';
import { openPageStore, startAnew, useStoreState } from '@/keeping';
import { UpdateNotice } from '../offline/UpdateNotice';
import { Notice } from './Notice';
import { Notices } from './Notices';
import { FAULT_WORDS } from './storeWords';
import { StudioNotice } from './StudioNotice';
import { UnkeptNotice } from './UnkeptNotice';

/** Ways on where the store is not what it should be. */
const WAYS = {
  reload: { words: 'Load anew', go: () => location.reload() },
  anew: {
    words: 'Begin anew',
    // whatever the address named is not here any more
    go: () => startAnew().then(() => location.replace('/')),
  },
} as const;

const WAYS_OF: Record<StoreFault, readonly (keyof typeof WAYS)[]> = {
  absent: ['reload'],
  held: ['reload'],
  outdated: ['reload'],
  cleared: ['reload'],
  lost: ['anew', 'reload'],
  damaged: ['reload'],
  full: ['reload'],
  refused: ['reload'],
};

function Ways({ fault }: { fault: StoreFault }) {
  const [said, setSaid] = useState<string | null>(null);
  const take = async (way: keyof typeof WAYS) => {
    try {
      await WAYS[way].go();
    } catch (error) {
      setSaid(`It did not work: ${(error as Error).message}`);
    }
  };
  return (
    <>
      <div className="mt-3 flex flex-wrap gap-2">
        {WAYS_OF[fault].map((way, i) => (
          <button
            key={way}
            type="button"
            className={i === 0 ? 'act' : 'link-act'}
            onClick={() => void take(way)}
          >
            {WAYS[way].words}
          </button>
        ))}
      </div>
      {said && (
        <p role="alert" className="text-error mt-2">
          {said}
        </p>
      )}
    </>
  );
}

/** Instead of a place, when the store never opened. */
function NotOpen({ fault }: { fault: StoreFault }) {
  const { title, advice } = FAULT_WORDS[fault];
  return (
    <main className="mx-auto max-w-xl px-6 py-16" data-testid="store-fault" data-fault={fault}>
      <p className="title text-xl">gilvo</p>
      <h1 className="mt-6 text-2xl">{title}</h1>
      <p className="mt-3">{advice}</p>
      <Ways fault={fault} />
    </main>
  );
}

/** Above a place whose store was taken away: what stands there may be the only copy left. */
function TakenAway({ fault }: { fault: StoreFault }) {
  const { title, advice } = FAULT_WORDS[fault];
  return (
    <Notice testId="store-fault" fault={fault}>
      <p className="font-bold">{title}</p>
      <p>{advice}</p>
      <Ways fault={fault} />
    </Notice>
  );
}

/** Opens the store, and says so where it does not open or was taken away. */
export function StoreGate({ children }: { children: ReactNode }) {
  const state = useStoreState();
  useEffect(openPageStore, []);
  if (state.kind === 'fault' && !state.wasOpen) return <NotOpen fault={state.fault} />;
  return (
    <>
      <Notices>
        {state.kind === 'fault' ? <TakenAway fault={state.fault} /> : <UnkeptNotice />}
        <StudioNotice />
        <UpdateNotice />
      </Notices>
      {children}
    </>
  );
}
