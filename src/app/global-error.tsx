'use client';

import { Mishap } from '@/ui/store/Mishap';
import './globals.css';

/** Stands where not even the frame of the pages could be shown. */
export default function PageError({ error, reset }: { error: Error; reset(): void }) {
  return (
    <html lang="en" data-theme="linen">
      <body className="bg-base-100 text-base-content">
        <Mishap error={error} onTryAgain={reset} />
      </body>
    </html>
  );
}
