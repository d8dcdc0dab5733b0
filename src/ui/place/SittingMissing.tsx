import Link from 'next/link';

/** What stands where a sitting should be that this browser does not have. */
export function SittingMissing() {
  return (
    <main className="p-6">
      <h1 className="text-2xl">This sitting is not here</h1>
      <p className="mt-2">
        It may be in another browser.{' '}
        <Link className="link-act" href="/">
          Go to the desk
        </Link>
      </p>
    </main>
  );
}
