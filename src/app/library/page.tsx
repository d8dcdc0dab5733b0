import type { Metadata } from 'next';
import { Suspense } from 'react';
import { LibraryPlace } from './LibraryPlace';

export const metadata: Metadata = { title: 'Library · Gilvo' };

export default function Page() {
  return (
    <Suspense>
      <LibraryPlace />
    </Suspense>
  );
}
