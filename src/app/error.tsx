'use client';

import { Mishap } from '@/ui/store/Mishap';

/** Stands where a place could not be shown. */
export default function PlaceError({ error, reset }: { error: Error; reset(): void }) {
  return <Mishap error={error} onTryAgain={reset} />;
}
