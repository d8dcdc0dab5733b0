'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import type { OwnPose } from '@/core/sitting';
import type { Pose } from '@/core/pose';
import { database, dropPose, keepPose, ownPoses, restorePose } from '@/data';

/** Keeps the pose under a name of its own, and lists what was kept. */
export function KeepPose({ pose }: { pose: Pose }) {
  const [name, setName] = useState('');
  const [tags, setTags] = useState('');
  const [note, setNote] = useState('');
  const [said, setSaid] = useState<string | null>(null);
  const [dropped, setDropped] = useState<OwnPose | null>(null);
  const own = useLiveQuery(() => ownPoses(database), []) ?? [];

  async function keep(event: React.FormEvent) {
    event.preventDefault();
    if (name.trim() === '') {
      setSaid('Name is empty: give the pose a name of up to 80 letters.');
      return;
    }
    const kept = await keepPose(database, {
      name: name.trim(),
      tags: tags
        .split(',')
        .map((t) => t.trim())
        .filter(Boolean),
      note,
      pose,
    });
    setSaid(`Kept as ${kept.name}.`);
    setName('');
    setTags('');
    setNote('');
  }

  return (
    <details className="text-[13px]" data-testid="own-poses">
      <summary className="cursor-pointer py-1">Keep as own pose</summary>
      <form className="space-y-1.5" onSubmit={(e) => void keep(e)}>
        <label className="block">
          <span className="quiet block text-xs">Name</span>
          <input className="field" maxLength={80} value={name} onChange={(e) => setName(e.target.value)} />
        </label>
        <label className="block">
          <span className="quiet block text-xs">Tags, with commas</span>
          <input className="field" maxLength={200} value={tags} onChange={(e) => setTags(e.target.value)} />
        </label>
        <label className="block">
          <span className="quiet block text-xs">Notes</span>
          <textarea
            className="field"
            rows={2}
            maxLength={2000}
            value={note}
            onChange={(e) => setNote(e.target.value)}
          />
        </label>
        <button type="submit" className="act">
          Keep
        </button>
      </form>
      {said && (
        <p role="status" className="py-1 text-xs">
          {said}
        </p>
      )}
      {dropped && (
        <p className="py-1 text-xs">
          {dropped.name} taken away.{' '}
          <button
            type="button"
            className="link-act"
            onClick={() => {
              void restorePose(database, dropped);
              setDropped(null);
            }}
          >
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
            onClick={() => void dropPose(database, o.id).then((p) => setDropped(p ?? null))}
          >
            take away
          </button>
        </p>
      ))}
    </details>
  );
}
