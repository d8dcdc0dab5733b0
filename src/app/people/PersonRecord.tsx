'use client';

import { zodResolver } from '@hookform/resolvers/zod';
import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import { FormProvider, useForm } from 'react-hook-form';
import { sitterSchema, stillOpen, type Group, type Sitter } from '@/core/people';
import { database, savePerson, startSitting } from '@/data';
import { BelongingPart } from './BelongingPart';
import { BodyPart } from './BodyPart';
import { BoundariesPart } from './BoundariesPart';
import { ErasePanel } from './ErasePanel';
import { HistoryPart } from './HistoryPart';
import { MotionPart } from './MotionPart';
import { WardrobePart } from './WardrobePart';
import { WhoPart } from './WhoPart';

const PARTS = {
  who: 'Who',
  body: 'Body',
  motion: 'Motion',
  boundaries: 'Wishes and boundaries',
  wardrobe: 'Wardrobe',
  belonging: 'Belongs to',
  history: 'History and notes',
} as const;
type Part = keyof typeof PARTS;

type Kept = 'kept' | 'keeping' | 'wrong' | 'failed';
const KEPT_WORDS: Record<Kept, string> = {
  kept: 'Kept',
  keeping: 'Keeping',
  wrong: 'Not kept: something is out of range',
  failed: 'The browser could not keep it',
};

interface PersonRecordProps {
  stored: Sitter;
  people: readonly Sitter[];
  groups: readonly Group[];
  onBin(): void;
  onErased(): void;
}

/** One person's record. What is right is kept as it is typed; what is wrong stays in its field and says so. */
export function PersonRecord({ stored, people, groups, onBin, onErased }: PersonRecordProps) {
  const router = useRouter();
  const form = useForm<Sitter>({
    defaultValues: stored,
    resolver: zodResolver(sitterSchema),
    mode: 'onChange',
  });
  const [part, setPart] = useState<Part>('who');
  const [kept, setKept] = useState<Kept>('kept');
  const [erasing, setErasing] = useState(false);
  const open = stillOpen(stored);
  const changed = useRef(false);

  useEffect(() => {
    let saving = false;
    // at once, so that nothing is lost when the page is closed; while one write runs, the newest state waits
    const save = async () => {
      if (saving) return;
      saving = true;
      while (changed.current) {
        changed.current = false;
        const said = sitterSchema.safeParse(form.getValues());
        if (!said.success) {
          setKept('wrong');
          continue;
        }
        try {
          await savePerson(database, said.data);
          if (!changed.current) setKept('kept');
        } catch {
          setKept('failed');
        }
      }
      saving = false;
    };
    return form.subscribe({
      formState: { values: true },
      callback: ({ type, name }) => {
        if (type === undefined && name === undefined) return;
        changed.current = true;
        setKept('keeping');
        void save();
      },
    });
  }, [form]);

  async function begin() {
    const id = await startSitting(database, new Date(), stored.id);
    router.push(`/brief?sitting=${id}`);
  }

  return (
    <FormProvider {...form}>
      <header className="rule-b flex flex-wrap items-center gap-x-4 gap-y-1 px-4 py-2 sm:px-6">
        <h2 className="w-full min-w-0 truncate text-2xl lg:w-auto lg:flex-1">{stored.name}</h2>
        <span
          role="status"
          data-testid="kept"
          className={kept === 'wrong' || kept === 'failed' ? 'text-error text-xs' : 'quiet text-xs'}
        >
          {KEPT_WORDS[kept]}
        </span>
        <div className="flex flex-wrap items-center gap-1">
          <button type="button" className="act" onClick={() => void begin()}>
            New sitting
          </button>
          {stored.binnedAt ? (
            <button type="button" className="link-act" onClick={() => form.setValue('binnedAt', undefined)}>
              Take out of the bin
            </button>
          ) : (
            <>
              <button
                type="button"
                className="link-act"
                onClick={() => form.setValue('archived', !form.getValues('archived'))}
              >
                {stored.archived ? 'Bring back' : 'Archive'}
              </button>
              <button type="button" className="link-act" onClick={onBin}>
                Bin
              </button>
            </>
          )}
          <button type="button" className="link-act text-error" onClick={() => setErasing(true)}>
            Erase
          </button>
        </div>
        {open.length > 0 && (
          <p className="quiet w-full text-xs" data-testid="still-open">
            Still open: {open.join('; ')}.
          </p>
        )}
      </header>
      {erasing && <ErasePanel sitter={stored} onLeave={() => setErasing(false)} onErased={onErased} />}
      <nav aria-label="Parts of the record" className="rule-b flex shrink-0 overflow-x-auto px-2 sm:px-4">
        {(Object.keys(PARTS) as Part[]).map((p) => (
          <button
            key={p}
            type="button"
            aria-current={part === p ? 'true' : undefined}
            className="shrink-0 border-b-3 border-transparent px-2.5 py-2 whitespace-nowrap aria-[current=true]:border-accent aria-[current=true]:font-bold"
            onClick={() => setPart(p)}
          >
            {PARTS[p]}
          </button>
        ))}
      </nav>
      <form
        aria-label={`Record of ${stored.name}: ${PARTS[part]}`}
        className="min-h-0 flex-1 overflow-y-auto px-4 py-4 sm:px-6"
        onSubmit={(e) => e.preventDefault()}
        noValidate
      >
        {part === 'who' && <WhoPart />}
        {part === 'body' && <BodyPart />}
        {part === 'motion' && <MotionPart />}
        {part === 'boundaries' && <BoundariesPart />}
        {part === 'wardrobe' && <WardrobePart />}
        {part === 'belonging' && <BelongingPart sitter={stored} people={people} groups={groups} />}
        {part === 'history' && <HistoryPart sitterId={stored.id} />}
      </form>
    </FormProvider>
  );
}
