'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { useState, type FormEvent } from 'react';
import type { OwnPose } from '@/core/sitting';
import type { Pose } from '@/core/pose';
import { database, dropPose, findPoses, keepPose, knownAs, restorePose } from '@/data';
import { doNow } from '@/keeping';
import { usePoseStore } from '@/take/poseStore';

const EMPTY = { name: '', tags: '', note: '' };

/** Keeps a pose, and says under what other name it is there already. */
async function kept(said: Omit<OwnPose, 'id' | 'keptAt'>): Promise<string> {
  const as = await knownAs(database, said.pose);
  const { name } = await keepPose(database, said);
  return as === undefined ? `Kept as ${name}.` : `Kept as ${name}. The body does the same in ${as}.`;
}

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
    doNow('ownPose', () => kept(said), {
      done: (words) => {
        onSaid(words);
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

/** Own poses that are listed at once; words find the others. */
const MOST_LISTED = 30;

function OwnPoseRow({ own, onDropped }: { own: OwnPose; onDropped(own: OwnPose): void }) {
  const drop = () =>
    doNow('ownPose', () => dropPose(database, own.id), { done: (gone) => gone && onDropped(gone) });
  return (
    <p className="rule-t flex items-baseline justify-between gap-2 py-1">
      <span title={own.note} className="min-w-0">
        {own.name} <span className="quiet text-xs">{own.tags.join(', ')}</span>
      </span>
      <span className="shrink-0">
        <button
          type="button"
          className="link-act text-xs"
          aria-label={`Use ${own.name}`}
          onClick={() => usePoseStore.getState().setPose(own.pose)}
        >
          use
        </button>
        <button
          type="button"
          className="link-act text-xs"
          aria-label={`Take ${own.name} away`}
          onClick={drop}
        >
          take away
        </button>
      </span>
    </p>
  );
}

/** The poses that were kept, to be found, used, taken away and put back. */
function OwnPoses() {
  const [words, setWords] = useState('');
  const found = useLiveQuery(() => findPoses(database, words, MOST_LISTED), [words]) ?? [];
  const count = useLiveQuery(() => database.poses.count(), []) ?? 0;
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
      {count > MOST_LISTED && (
        <input
          type="search"
          className="field my-1"
          aria-label="Find an own pose"
          placeholder={`find one of ${count}`}
          value={words}
          onChange={(e) => setWords(e.target.value)}
        />
      )}
      {found.map((own) => (
        <OwnPoseRow key={own.id} own={own} onDropped={setDropped} />
      ))}
    </>
  );
}

/** Keeps the pose under a name of its own, and lists what was kept. */
export function KeepPose({ pose }: { pose: Pose }) {
  const [said, setSaid] = useState<string | null>(null);
  const [isOpen, setOpen] = useState(false);
  return (
    <details className="text-[13px]" data-testid="own-poses" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="cursor-pointer py-1">Keep as own pose</summary>
      <KeepForm pose={pose} onSaid={setSaid} />
      {said && (
        <p role="status" className="py-1 text-xs">
          {said}
        </p>
      )}
      {isOpen && <OwnPoses />}
    </details>
  );
}
