'use client';

import { Download, Upload } from 'lucide-react';
import type { OpenedPoses } from '@/data';
import { FileButton } from '@/ui/fields/FileButton';
import { UndoLine } from '@/ui/place/UndoLine';
import { usePoseFiles } from './usePoseFiles';

/** Poses that are here already and are told by name; the others are counted. */
const MOST_NAMED = 3;

function knownWords(known: OpenedPoses['known']): string {
  const named = known.slice(0, MOST_NAMED).map(({ name, as }) => (name === as ? name : `${name} as ${as}`));
  const more = known.length - named.length;
  return `here already: ${named.join(', ')}${more > 0 ? ` and ${more} more` : ''}`;
}

function takenWords({ fresh, known }: OpenedPoses): string {
  const came = fresh.length === 1 ? 'One pose came' : `${fresh.length} poses came`;
  return `${fresh.length === 0 ? 'No pose came' : came}${known.length > 0 ? `; ${knownWords(known)}` : ''}.`;
}

/** Own poses to a file and from one, and what came of it. */
export function PoseFiles() {
  const { told, read, write } = usePoseFiles();
  return (
    <div className="flex w-full flex-wrap items-center gap-x-4 gap-y-1">
      <FileButton
        className="link-act flex min-h-11 items-center gap-1.5"
        accept=".json,.gilvo,application/json"
        label="File of poses"
        onFile={(file) => void read(file)}
      >
        <Upload size={15} aria-hidden /> Own poses from a file
      </FileButton>
      <button
        type="button"
        className="link-act flex min-h-11 items-center gap-1.5"
        onClick={() => void write()}
      >
        <Download size={15} aria-hidden /> to a file
      </button>
      {told.kind === 'refused' && (
        <p role="alert" className="text-error text-sm">
          {told.why}
        </p>
      )}
      {told.kind === 'taken' && told.opened.fresh.length === 0 && (
        <p role="status" className="text-sm">
          {takenWords(told.opened)}
        </p>
      )}
      {told.kind === 'taken' && told.opened.fresh.length > 0 && (
        <UndoLine words={takenWords(told.opened)} className="text-sm" onUndo={told.undo} />
      )}
    </div>
  );
}
