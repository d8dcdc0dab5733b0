import type { Metadata } from 'next';
import { Suspense } from 'react';
import { SetPlace } from './SetPlace';

export const metadata: Metadata = { title: 'Set · Gilvo' };

export default function Page() {
  return (
    <Suspense>
      <SetPlace />
    </Suspense>
  );
}
