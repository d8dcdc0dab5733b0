'use client';

import { usePathname } from 'next/navigation';
import { useState } from 'react';
import { useUpdate } from './useUpdate';

/** Offers a newer Gilvo when one is ready; on set nothing is offered. */
export function UpdateNotice() {
  const take = useUpdate();
  const pathname = usePathname();
  const [isLater, setLater] = useState(false);
  if (!take || isLater || pathname === '/direct') return null;
  return (
    <p role="status" data-testid="update" className="bg-base-200 px-4 py-1.5 text-sm">
      A newer Gilvo is ready.{' '}
      <button type="button" className="link-act" onClick={take}>
        Take it now
      </button>
      <button type="button" className="link-act" onClick={() => setLater(true)}>
        Later
      </button>
    </p>
  );
}
