'use client';

import { useUnkept, type Unkept } from '@/keeping';
import { Notice } from './Notice';
import { refusalWords, THING_WORDS } from './storeWords';

function UnkeptLine({ unkept }: { unkept: Unkept }) {
  const { thing, refusal, waiting, tryNow, letGo } = unkept;
  const isTriedAgain = refusal.kind === 'store';
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <span>
        {THING_WORDS[thing]} is not on disk: {refusalWords(refusal)}.
        {isTriedAgain && ' It is kept here while the page is open, and tried again by itself.'}
        {waiting > 1 && ` ${waiting - 1} more wait behind it.`}
      </span>
      {isTriedAgain && (
        <button type="button" className="act" onClick={tryNow}>
          Try now
        </button>
      )}
      <button type="button" className="link-act" onClick={letGo}>
        {waiting > 0 ? 'Give it up' : 'Understood'}
      </button>
    </li>
  );
}

/** Says in every place what is not on disk. */
export function UnkeptNotice() {
  const all = useUnkept((s) => s.all);
  const lines = Object.entries(all);
  if (lines.length === 0) return null;
  return (
    <Notice testId="unkept">
      <ul className="space-y-1">
        {lines.map(([by, unkept]) => (
          <UnkeptLine key={by} unkept={unkept} />
        ))}
      </ul>
    </Notice>
  );
}
