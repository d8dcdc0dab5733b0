import type { Metadata } from 'next';
import { Suspense } from 'react';
import { NewSittingPlace } from './NewSittingPlace';

export const metadata: Metadata = { title: 'New sitting · Gilvo' };

export default function Page() {
  return (
    <Suspense>
      <NewSittingPlace />
    </Suspense>
  );
}
