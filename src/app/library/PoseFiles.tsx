'use client';

import { Download, Upload } from 'lucide-react';
import type { OpenedPoses } from '@/data';
import { FileButton } from '@/ui/fields/FileButton';
import { UndoLine } from '@/ui/place/UndoLine';
import { usePoseFiles, type PosesTold } from './usePoseFiles';

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

const BUTTON = 'link-act flex min-h-11! items-center gap-1.5';

/** What came of the last file, on a line of its own. */
function Told({ told }: { told: PosesTold }) {
  if (told.kind === 'none') return null;
  if (told.kind === 'refused')
    return (
      <p role="alert" className="text-error order-last w-full text-sm">
        {told.why}
      </p>
    );
  const words = takenWords(told.opened);
  if (told.opened.fresh.length > 0)
    return <UndoLine words={words} className="order-last w-full text-sm" onUndo={told.undo} />;
  return (
    <p role="status" className="order-last w-full text-sm">
      {words}
    </p>
  );
}

/** Own poses to a file and from one, and what came of it. */
export function PoseFiles() {
  const { told, read, write } = usePoseFiles();
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-2">
        <FileButton
          className={BUTTON}
          accept=".json,.gilvo,application/json"
          label="File of poses"
          onFile={(file) => void read(file)}
        >
          <Upload size={15} aria-hidden /> Own poses from a file
        </FileButton>
        <button type="button" className={BUTTON} onClick={() => void write()}>
          <Download size={15} aria-hidden /> to a file
        </button>
      </div>
      <Told told={told} />
    </>
  );
}
