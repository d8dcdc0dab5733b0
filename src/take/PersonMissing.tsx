import Link from 'next/link';
import type { Take } from '@/core/sitting';
import type { WholeSitting } from '@/data';
import { PeopleOfTake } from './people/PeopleOfTake';

/** What stands where a person should be whose record is not here: nobody else is put in their place unasked. */
export function PersonMissing({ whole, take }: { whole: WholeSitting; take: Take }) {
  return (
    <main className="flex-1 p-6">
      <h1 className="text-2xl">The record of the person in this picture is missing</h1>
      <p className="mt-2 max-w-prose">
        It is not in this browser, or it cannot be read and was set aside. The pose is kept; without a body
        nothing of it can be drawn or measured.{' '}
        <Link className="link-act" href="/">
          See on the desk what was set aside
        </Link>
      </p>
      <p className="mt-4 mb-2">Or give the pose to somebody else of this sitting.</p>
      <PeopleOfTake whole={whole} take={take} />
    </main>
  );
}
