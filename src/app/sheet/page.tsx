import type { Metadata } from 'next';
import { Suspense } from 'react';
import { SheetPlace } from './SheetPlace';

export const metadata: Metadata = { title: 'Sheet · Gilvo' };

export default function Page() {
  return (
    <Suspense>
      <SheetPlace />
    </Suspense>
  );
}
