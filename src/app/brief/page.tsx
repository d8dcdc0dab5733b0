import type { Metadata } from 'next';
import { Suspense } from 'react';
import { BriefPlace } from './BriefPlace';

export const metadata: Metadata = { title: 'Brief · Gilvo' };

export default function Page() {
  return (
    <Suspense>
      <BriefPlace />
    </Suspense>
  );
}
