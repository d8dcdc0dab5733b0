'use client';

import { UndoLine } from '@/ui/place/UndoLine';
import { BackupPanel, LockedPanel } from './BackupPanel';
import { SittingFilePanel } from './SittingFilePanel';
import type { FileOpening } from './useOpenFile';

/** What stands open of a file that was chosen, and what came of it. */
export function OpeningPanel({ files }: { files: FileOpening }) {
  const { opening, take, unlock, restore, undo, leave } = files;
  switch (opening.kind) {
    case 'none':
      return null;
    case 'refused':
      return (
        <p role="alert" className="rule-b mb-6 pb-3 text-error">
          {opening.text}
        </p>
      );
    case 'done': {
      const { before, text } = opening;
      if (before) return <UndoLine className="rule-b mb-6 pb-3" words={text} onUndo={() => undo(before)} />;
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
      const { name, text, why } = opening;
      return (
        <LockedPanel
          name={name}
          why={why}
          onUnlock={(passphrase) => void unlock(name, text, passphrase)}
          onLeave={() => leave(name)}
        />
      );
    }
    case 'backup': {
      const { name, opened } = opening;
      return (
        <BackupPanel
          name={name}
          opened={opened}
          onRestore={(way) => restore(name, opened, way)}
          onLeave={() => leave(name)}
        />
      );
    }
  }
}
