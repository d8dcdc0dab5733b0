'use client';

import { useSearchParams } from 'next/navigation';
import type { BodyProfile } from '@/core/body';
import { outfitsToMind, type OutfitAgainst, type PoseEntry } from '@/core/library';
import type { Pose } from '@/core/pose';
import type { WholeSitting } from '@/data';
import { PersonChoice } from '@/ui/fields/PersonChoice';
import { WindowedRows } from '@/ui/fields/WindowedRows';
import { Header } from '@/ui/place/Header';
import { namesOf } from '@/ui/place/namesOf';
import { useSitting, useStoreReady } from '@/ui/place/useSitting';
import { FittedLine } from '../run/FittedLine';
import { useAddPose } from '../run/useAddPose';
import { LibraryFilters } from './LibraryFilters';
import { PoseFiles } from './PoseFiles';
import { PoseTile } from './PoseTile';
import { useColumns } from './useColumns';
import { useLibrary } from './useLibrary';

/** Height of a row of poses, pixels: picture, name, what is told, and the button that adds it to a run. */
const ROW_PX = { shown: 284, added: 328 } as const;

interface PosesProps {
  found: readonly PoseEntry[];
  profile: BodyProfile;
  onAdd?: ((pose: Pose) => void) | undefined;
}

/** The poses side by side; only the rows in sight are in the page. */
function Poses({ found, profile, onAdd }: PosesProps) {
  const columns = useColumns();
  const rowOf = (index: number) => found.slice(index * columns, (index + 1) * columns);
  return (
    <WindowedRows
      count={Math.ceil(found.length / columns)}
      rowPx={onAdd ? ROW_PX.added : ROW_PX.shown}
      takesFocus={!onAdd}
      label="Poses"
      className="min-h-0 flex-1"
      keyOf={(index) => rowOf(index)[0]!.id}
      row={(index) => (
        <div className="grid h-full" style={{ gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` }}>
          {rowOf(index).map((entry) => (
            <PoseTile
              key={entry.id}
              entry={entry}
              profile={profile}
              onAdd={onAdd && (() => onAdd(entry.pose))}
            />
          ))}
        </div>
      )}
    />
  );
}

/** Nobody yet: the poses are drawn on a body of average measures. */
const NOBODY = { id: '', name: 'somebody of average measures' };

/** What of the outfit leaves poses out. */
const OUTFIT_WORDS: Readonly<Record<OutfitAgainst, string>> = {
  skirt: 'a skirt',
  highHeels: 'high heels',
};

function outfitWords(profile: BodyProfile): string {
  const worn = outfitsToMind(profile).map((id) => OUTFIT_WORDS[id]);
  return worn.length > 0 ? ` in ${worn.join(' and ')}` : '';
}

interface ShelfProps {
  whole: WholeSitting | null;
  isReady: boolean;
  onAdd?: (pose: Pose, personId: string) => void;
}

/** What is found of the library, and what it is found by. */
function Shelf({ whole, isReady, onAdd }: ShelfProps) {
  const library = useLibrary(whole, isReady);
  const { people, chosen, choose, profile, found, count } = library;
  return (
    <>
      <div className="mb-3 flex flex-wrap items-baseline justify-between gap-x-3 gap-y-1">
        <h1 className="text-2xl">Library</h1>
        <p className="quiet text-xs" role="status" data-testid="found">
          {found.length} of {count} suit{outfitWords(profile)}
        </p>
        <PoseFiles />
        <PersonChoice
          label="drawn on"
          people={whole ? people : [NOBODY, ...people]}
          personId={chosen?.id ?? NOBODY.id}
          onChoose={choose}
        />
      </div>
      <LibraryFilters library={library} />
      <div className="rule-t mt-4 flex min-h-0 flex-1 flex-col pt-4">
        {found.length === 0 ? (
          <p className="quiet">No pose has all of that.</p>
        ) : (
          <Poses
            found={found}
            profile={profile}
            onAdd={onAdd && chosen && ((pose) => onAdd(pose, chosen.id))}
          />
        )}
      </div>
    </>
  );
}

/** The library beside a run: what is chosen goes to its end. */
function ShelfOfRun({ whole }: { whole: WholeSitting }) {
  const { add, ...fitState } = useAddPose(whole);
  return (
    <>
      <Shelf whole={whole} isReady onAdd={add} />
      <FittedLine {...fitState} />
    </>
  );
}

/** The poses of the house and one's own, drawn on the sitter. */
export function LibraryPlace() {
  const isReady = useStoreReady();
  const whole = useSitting();
  const isOfSitting = useSearchParams().get('sitting') !== null;
  return (
    <div className="flex h-place flex-col">
      <Header
        about={whole ? `${whole.sitting.title} · ${namesOf(whole.people)}` : undefined}
        sittingId={whole?.sitting.id}
        takeId={whole?.takes[0]?.id}
      />
      <main className="flex min-h-0 flex-1 flex-col px-4 py-4 sm:px-8">
        {isOfSitting && whole ? <ShelfOfRun whole={whole} /> : <Shelf whole={null} isReady={isReady} />}
      </main>
    </div>
  );
}
