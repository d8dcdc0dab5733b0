import type { Metadata } from 'next';
import { Suspense } from 'react';
import { PeoplePlace } from './PeoplePlace';

export const metadata: Metadata = { title: 'People · Gilvo' };

export default function Page() {
  return (
    <Suspense>
      <PeoplePlace />
    </Suspense>
  );
}
