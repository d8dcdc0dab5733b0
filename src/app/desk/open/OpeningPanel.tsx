'use client';

import { UndoLine } from '@/ui/place/UndoLine';
import { BackupPanel } from './BackupPanel';
import { LockedPanel } from './LockedPanel';
import { SittingFilePanel } from './SittingFilePanel';
import type { FileOpening } from './useOpenFile';

/** What stands open of a file that was chosen, and what came of it. */
export function OpeningPanel({ files }: { files: FileOpening }) {
  const { opening, take, unlock, restore, undo, leave } = files;
  switch (opening.kind) {
    case 'none':
      return null;
    case 'reading':
      return (
        <p role="status" className="rule-b mb-6 pb-3">
          Reading {opening.name}
        </p>
      );
    case 'refused':
      return (
        <p role="alert" className="rule-b mb-6 pb-3 text-error">
          {opening.text}
        </p>
      );
    case 'done': {
      const { undo: back, text } = opening;
      if (back) return <UndoLine className="rule-b mb-6 pb-3" words={text} onUndo={() => undo(back)} />;
      return (
        <p role="status" className="rule-b mb-6 pb-3 text-secondary">
          {text}
        </p>
      );
    }
    case 'sitting': {
      const { name, opened } = opening;
      return (
        <SittingFilePanel
          key={name}
          name={name}
          opened={opened}
          onTake={(chosen) => take(name, opened, chosen)}
          onLeave={() => leave(name)}
        />
      );
    }
    case 'locked': {
      const { file, why } = opening;
      return (
        <LockedPanel
          name={file.name}
          why={why}
          onUnlock={(passphrase) => void unlock(file, passphrase)}
          onLeave={() => leave(file.name)}
        />
      );
    }
    case 'backup': {
      const { name, summary } = opening;
      return (
        <BackupPanel
          name={name}
          summary={summary}
          onRestore={(way) => restore(name, way)}
          onLeave={() => leave(name)}
        />
      );
    }
  }
}
