import type { Metadata } from 'next';
import { Suspense } from 'react';
import { MirrorPlace } from './MirrorPlace';

export const metadata: Metadata = { title: 'For the sitter · Gilvo' };

export default function Page() {
  return (
    <Suspense>
      <MirrorPlace />
    </Suspense>
  );
}
