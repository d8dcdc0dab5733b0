import type { Metadata } from 'next';
import { Suspense } from 'react';
import { PosePlace } from './PosePlace';

export const metadata: Metadata = { title: 'Pose · Gilvo' };

export default function Page() {
  return (
    <Suspense>
      <PosePlace />
    </Suspense>
  );
}
