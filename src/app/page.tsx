import { Suspense } from 'react';
import { DeskPlace } from './desk/DeskPlace';

export default function Page() {
  return (
    <Suspense>
      <DeskPlace />
    </Suspense>
  );
}
