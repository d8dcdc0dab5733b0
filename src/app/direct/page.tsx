import type { Metadata } from 'next';
import { Suspense } from 'react';
import { DirectPlace } from './DirectPlace';

export const metadata: Metadata = { title: 'Direct · Gilvo' };

export default function Page() {
  return (
    <Suspense>
      <DirectPlace />
    </Suspense>
  );
}
