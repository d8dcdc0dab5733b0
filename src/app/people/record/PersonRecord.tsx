'use client';

import { useState, type ReactNode } from 'react';
import { FormProvider } from 'react-hook-form';
import type { Conflict } from '@/core/changes';
import type { Group, Sitter } from '@/core/people';
import { ConflictsTold } from '@/ui/store/ConflictsTold';
import { BodyPart } from '../body/BodyPart';
import { BelongingPart } from './BelongingPart';
import { BoundariesPart } from './BoundariesPart';
import { ErasePanel } from './ErasePanel';
import { HistoryPart } from './HistoryPart';
import { MotionPart } from './MotionPart';
import { RecordHeader } from './RecordHeader';
import { recordKeeper } from './recordKeeper';
import { recordConflictWords } from './recordWords';
import { useRecord } from './useRecord';
import { WardrobePart } from './WardrobePart';
import { WhoPart } from './WhoPart';

interface PersonRecordProps {
  stored: Sitter;
  people: readonly Sitter[];
  groups: readonly Group[];
  onBin(): void;
  onErased(): void;
}

type PartProps = Pick<PersonRecordProps, 'stored' | 'people' | 'groups'>;

const PARTS = {
  who: { words: 'Who', shown: () => <WhoPart /> },
  body: { words: 'Body', shown: () => <BodyPart /> },
  motion: { words: 'Motion', shown: () => <MotionPart /> },
  boundaries: { words: 'Wishes and boundaries', shown: () => <BoundariesPart /> },
  wardrobe: { words: 'Wardrobe', shown: () => <WardrobePart /> },
  belonging: {
    words: 'Belongs to',
    shown: ({ stored, people, groups }: PartProps) => (
      <BelongingPart sitter={stored} people={people} groups={groups} />
    ),
  },
  history: {
    words: 'History and notes',
    shown: ({ stored }: PartProps) => <HistoryPart sitterId={stored.id} />,
  },
} as const satisfies Record<string, { words: string; shown(props: PartProps): ReactNode }>;
type Part = keyof typeof PARTS;
const PART_IDS = Object.keys(PARTS) as Part[];

function PartsBar({ open, onOpen }: { open: Part; onOpen(part: Part): void }) {
  return (
    <nav aria-label="Parts of the record" className="rule-b flex shrink-0 overflow-x-auto px-2 sm:px-4">
      {PART_IDS.map((id) => (
        <button
          key={id}
          type="button"
          aria-current={open === id ? 'true' : undefined}
          className="shrink-0 border-b-3 border-transparent px-2.5 py-2 whitespace-nowrap aria-[current=true]:border-accent aria-[current=true]:font-bold"
          onClick={() => onOpen(id)}
        >
          {PARTS[id].words}
        </button>
      ))}
    </nav>
  );
}

interface RecordConflictsProps {
  sitterId: string;
  onTakeOther(conflicts: readonly Conflict[]): void;
}

function RecordConflicts({ sitterId, onTakeOther }: RecordConflictsProps) {
  const told = recordKeeper.useKeeping((k) => k.conflicts);
  if (told?.id !== sitterId) return null;
  const takeTheirs = () => {
    onTakeOther(told.of);
    recordKeeper.settle();
  };
  return (
    <div className="rule-b px-4 py-2 sm:px-6">
      <ConflictsTold
        lines={told.of.map(recordConflictWords)}
        onTakeOther={takeTheirs}
        onKeepThis={recordKeeper.settle}
      />
    </div>
  );
}

/** One person's record. What is right is kept as it is typed; what is wrong stays in its field and says so. */
export function PersonRecord({ stored, people, groups, onBin, onErased }: PersonRecordProps) {
  const { form, isWrong, takeOver } = useRecord(stored);
  const [part, setPart] = useState<Part>('who');
  const [erasing, setErasing] = useState(false);
  return (
    <FormProvider {...form}>
      <RecordHeader stored={stored} isWrong={isWrong} onBin={onBin} onErase={() => setErasing(true)} />
      <RecordConflicts sitterId={stored.id} onTakeOther={takeOver} />
      {erasing && <ErasePanel sitter={stored} onLeave={() => setErasing(false)} onErased={onErased} />}
      <PartsBar open={part} onOpen={setPart} />
      <form
        aria-label={`Record of ${stored.name}: ${PARTS[part].words}`}
        className="min-h-0 flex-1 overflow-y-auto px-4 py-4 sm:px-6"
        onSubmit={(e) => e.preventDefault()}
        noValidate
      >
        {PARTS[part].shown({ stored, people, groups })}
      </form>
    </FormProvider>
  );
}
