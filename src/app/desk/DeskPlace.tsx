'use client';

import { Upload } from 'lucide-react';
import Link from 'next/link';
import { FileButton } from '@/ui/fields/FileButton';
import { Header } from '@/ui/place/Header';
import { useStoreReady } from '@/ui/place/useSitting';
import { KeepingPart } from './keeping/KeepingPart';
import { SetAsidePart } from './keeping/SetAsidePart';
import { OpeningPanel } from './open/OpeningPanel';
import { useOpenFile } from './open/useOpenFile';
import { SittingCard } from './sittings/SittingCard';
import { SittingList } from './sittings/SittingList';
import { useDesk, type Desk } from './sittings/useDesk';

function sittingsWords({ whole, listed }: Desk): string {
  const count = whole.length + listed.length;
  return count === 1 ? 'one sitting' : `${count} sittings`;
}

interface DeskTopProps {
  onFile(file: File): void;
}

/** What is begun from the desk. */
function DeskTop({ onFile }: DeskTopProps) {
  return (
    <div className="mb-6 flex flex-wrap items-center justify-between gap-3">
      <h1 className="text-2xl">Desk</h1>
      <div className="flex items-center gap-1">
        <Link className="act px-4 py-2" href="/new">
          New sitting
        </Link>
        <FileButton
          className="link-act flex items-center gap-1.5 px-3 py-2"
          accept=".json,.gilvo,application/json"
          label="Sitting file or backup"
          onFile={onFile}
        >
          <Upload size={15} aria-hidden /> Open from a file
        </FileButton>
      </div>
    </div>
  );
}

/** Next sitting, continue, new sitting, sittings and backups from files, and how all of it is kept. */
export function DeskPlace() {
  const ready = useStoreReady();
  const files = useOpenFile();
  const desk = useDesk(ready);
  return (
    <div className="min-h-place">
      <Header about={desk ? sittingsWords(desk) : undefined} />
      <main className="mx-auto max-w-5xl px-4 py-6 sm:px-8">
        <DeskTop onFile={(file) => void files.open(file)} />
        <OpeningPanel files={files} />
        <SetAsidePart />
        {!desk && <p role="status">Opening</p>}
        <div className="space-y-12">
          {desk?.whole.map((whole, i) => (
            <SittingCard key={whole.sitting.id} whole={whole} lastTakeId={desk.lastTakeId} isNext={i === 0} />
          ))}
        </div>
        {desk && <SittingList listed={desk.listed} />}
        {desk && <KeepingPart />}
      </main>
    </div>
  );
}
