'use client';

import { useState } from 'react';
import { useStudioRestarts } from '@/workers/studioClient';
import { Notice } from './Notice';

/** Says that the worker of pictures stopped and was started anew, until it is understood. */
export function StudioNotice() {
  const count = useStudioRestarts((s) => s.count);
  const [understood, setUnderstood] = useState(0);
  if (count === understood) return null;
  return (
    <Notice testId="studio-restarted">
      The part of Gilvo that works out pictures stopped, and was started anew. Pictures and numbers are worked
      out again; nothing of yours is lost.{' '}
      <button type="button" className="link-act" onClick={() => setUnderstood(count)}>
        Understood
      </button>
    </Notice>
  );
}
