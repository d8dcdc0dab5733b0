'use client';

import { useState } from 'react';
import { saveAll } from './saveAll';

interface MishapProps {
  error: Error;
  onTryAgain(): void;
}

/** Something went wrong in Gilvo itself: said plainly, with a way to have one's data in a file. */
export function Mishap({ error, onTryAgain }: MishapProps) {
  const [said, setSaid] = useState<string | null>(null);
  const save = () =>
    saveAll().then(
      (name) => setSaid(`Saved as ${name}.`),
      (why: Error) => setSaid(`It could not be saved: ${why.message}.`),
    );
  return (
    <main className="mx-auto max-w-xl px-6 py-16" data-testid="mishap">
      <p className="title text-xl">gilvo</p>
      <h1 className="mt-6 text-2xl">This place could not be shown</h1>
      <p className="mt-3">
        The fault is Gilvo’s. What you have kept is still in this browser, and can be saved to a file.
      </p>
      <p className="quiet mt-2 break-words text-xs">{error.message.slice(0, 300)}</p>
      <div className="mt-4 flex flex-wrap gap-2">
        <button type="button" className="act" onClick={onTryAgain}>
          Try again
        </button>
        <button type="button" className="link-act" onClick={() => void save()}>
          Save everything to a file
        </button>
        {/* a whole load, not a step within the page that failed */}
        <button type="button" className="link-act" onClick={() => location.replace('/')}>
          Go to the desk
        </button>
      </div>
      {said && (
        <p role="status" className="mt-3">
          {said}
        </p>
      )}
    </main>
  );
}
