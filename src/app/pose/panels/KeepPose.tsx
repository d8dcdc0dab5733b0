'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { useState, type FormEvent } from 'react';
import type { OwnPose } from '@/core/sitting';
import type { Pose } from '@/core/pose';
import { database, dropPose, keepPose, ownPoses, restorePose } from '@/data';
import { doNow } from '@/keeping';

const EMPTY = { name: '', tags: '', note: '' };

interface KeepFormProps {
  pose: Pose;
  onSaid(words: string): void;
}

function KeepForm({ pose, onSaid }: KeepFormProps) {
  const [draft, setDraft] = useState(EMPTY);
  const put = (part: Partial<typeof EMPTY>) => setDraft({ ...draft, ...part });

  function keep(event: FormEvent) {
    event.preventDefault();
    const name = draft.name.trim();
    if (name === '') {
      onSaid('Name is empty: give the pose a name of up to 80 letters.');
      return;
    }
    const tags = draft.tags.split(',').map((t) => t.trim());
    const said = { name, tags: tags.filter(Boolean), note: draft.note, pose };
    doNow('ownPose', () => keepPose(database, said), {
      done: (kept) => {
        onSaid(`Kept as ${kept.name}.`);
        setDraft(EMPTY);
      },
      refused: (why) => onSaid(`Not kept: ${why}`),
    });
  }

  return (
    <form className="space-y-1.5" onSubmit={keep}>
      <label className="block">
        <span className="quiet block text-xs">Name</span>
        <input
          className="field"
          maxLength={80}
          value={draft.name}
          onChange={(e) => put({ name: e.target.value })}
        />
      </label>
      <label className="block">
        <span className="quiet block text-xs">Tags, with commas</span>
        <input
          className="field"
          maxLength={200}
          value={draft.tags}
          onChange={(e) => put({ tags: e.target.value })}
        />
      </label>
      <label className="block">
        <span className="quiet block text-xs">Notes</span>
        <textarea
          className="field"
          rows={2}
          maxLength={2000}
          value={draft.note}
          onChange={(e) => put({ note: e.target.value })}
        />
      </label>
      <button type="submit" className="act">
        Keep
      </button>
    </form>
  );
}

/** The poses that were kept, to be taken away and put back. */
function OwnPoses() {
  const own = useLiveQuery(() => ownPoses(database), []) ?? [];
  const [dropped, setDropped] = useState<OwnPose | null>(null);
  const putBack = (pose: OwnPose) => {
    doNow('ownPose', () => restorePose(database, pose));
    setDropped(null);
  };
  return (
    <>
      {dropped && (
        <p className="py-1 text-xs">
          {dropped.name} taken away.{' '}
          <button type="button" className="link-act" onClick={() => putBack(dropped)}>
            Put it back
          </button>
        </p>
      )}
      {own.map((o) => (
        <p key={o.id} className="rule-t flex items-baseline justify-between gap-2 py-1">
          <span title={o.note}>
            {o.name} <span className="quiet text-xs">{o.tags.join(', ')}</span>
          </span>
          <button
            type="button"
            className="link-act text-xs"
            aria-label={`Take ${o.name} away`}
            onClick={() =>
              doNow('ownPose', () => dropPose(database, o.id), { done: (p) => setDropped(p ?? null) })
            }
          >
            take away
          </button>
        </p>
      ))}
    </>
  );
}

/** Keeps the pose under a name of its own, and lists what was kept. */
export function KeepPose({ pose }: { pose: Pose }) {
  const [said, setSaid] = useState<string | null>(null);
  return (
    <details className="text-[13px]" data-testid="own-poses">
      <summary className="cursor-pointer py-1">Keep as own pose</summary>
      <KeepForm pose={pose} onSaid={setSaid} />
      {said && (
        <p role="status" className="py-1 text-xs">
          {said}
        </p>
      )}
      <OwnPoses />
    </details>
  );
}
