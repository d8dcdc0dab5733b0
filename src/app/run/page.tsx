import type { Metadata } from 'next';
import { Suspense } from 'react';
import { RunPlace } from './RunPlace';

export const metadata: Metadata = { title: 'Run · Gilvo' };

export default function Page() {
  return (
    <Suspense>
      <RunPlace />
    </Suspense>
  );
}
