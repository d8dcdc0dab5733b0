'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { nameOfShot } from '@/core/shot';
import type { WholeSitting } from '@/data';
import { useSitting } from '@/ui/place/useSitting';
import { useTheme } from '@/ui/place/useTheme';
import { TakeThumbnail } from '@/ui/pictures/TakeThumbnail';
import { readPlace } from '../direct/directPlace';

/** Pixels of the measuring picture per shown pixel: large enough for a monitor across the room. */
const SCALE = 3;

/** The take that is directed; the first until somebody is on set. */
function useDirectedTake(whole: WholeSitting) {
  const place = useLiveQuery(() => readPlace(whole.sitting.id), [whole.sitting.id], null);
  return whole.takes.find((t) => t.id === place?.takeId) ?? whole.takes[0];
}

function Mirrored({ whole }: { whole: WholeSitting }) {
  const take = useDirectedTake(whole);
  if (!take) return <p className="p-6">This run has no poses yet</p>;
  const name = nameOfShot(take.shot);
  return (
    <TakeThumbnail
      key={take.id}
      whole={whole}
      take={take}
      scale={SCALE}
      isFleeting
      className="h-full w-full -scale-x-100"
      label={`${name}, mirrored`}
    />
  );
}

/** For a monitor that faces the sitter: the pose that is directed, mirrored, as large as it goes, and nothing else. */
export function MirrorPlace() {
  const whole = useSitting();
  useTheme('blackout');
  return (
    <main className="h-screen w-screen overflow-hidden bg-base-100">
      <h1 className="sr-only">The pose, mirrored</h1>
      {whole === undefined && <p className="p-6">This sitting is not here</p>}
      {whole === null && (
        <p className="p-6" role="status">
          Opening the sitting
        </p>
      )}
      {whole && <Mirrored whole={whole} />}
    </main>
  );
}
