import { useState } from 'react';
import { assertSize, POSE_FILE_BYTES } from '@/core/formats';
import { database, exportPoses, openPoseFile, takePoses, takePosesBack, type OpenedPoses } from '@/data';
import { doNow } from '@/keeping';
import { download } from '@/ui/place/download';

/** What came of the last file. */
export type PosesTold =
  { kind: 'none' } | { kind: 'refused'; why: string } | { kind: 'taken'; opened: OpenedPoses; undo(): void };

/** Own poses as files: written, and read with what is here already left out. */
export function usePoseFiles() {
  const [told, setTold] = useState<PosesTold>({ kind: 'none' });
  const refuse = (why: string) => setTold({ kind: 'refused', why });

  function take(opened: OpenedPoses) {
    const undo = () =>
      doNow('ownPose', () => takePosesBack(database, opened), { done: () => setTold({ kind: 'none' }) });
    doNow('ownPose', () => takePoses(database, opened), {
      done: () => setTold({ kind: 'taken', opened, undo }),
      refused: (why) => refuse(`Nothing was kept: ${why}.`),
    });
  }
  async function read(file: File) {
    try {
      assertSize(file.name, file.size, POSE_FILE_BYTES);
      take(await openPoseFile(database, await file.text()));
    } catch (error) {
      refuse(`${file.name} was not read. ${(error as Error).message}. Nothing was changed.`);
    }
  }
  async function write() {
    try {
      download('poses.gilvo.json', await exportPoses(database, new Date()), 'application/json');
    } catch (error) {
      refuse(`No file was written: ${(error as Error).message}.`);
    }
  }
  return { told, read, write };
}
