'use client';

import Link from 'next/link';
import type { WholeSitting } from '@/data';
import { useSitting } from '@/ui/place/useSitting';
import { useTheme } from '@/ui/place/useTheme';
import { Acts } from './Acts';
import { Checks } from './Checks';
import { CueCard } from './CueCard';
import { useSetPlace, type SetPlace } from './directPlace';
import { PictureOnly } from './PictureOnly';
import { Progress, TakeOnSet } from './TakeOnSet';
import { useAwake } from './useAwake';
import { useDirecting } from './useDirecting';

interface OnSetProps {
  whole: WholeSitting;
  place: SetPlace;
  onGoOn(place: SetPlace): void;
}

function OnSet({ whole, place, onGoOn }: OnSetProps) {
  const directing = useDirecting(whole, place, onGoOn);
  return (
    <>
      <Progress whole={whole} directing={directing} />
      <main className="flex min-h-0 flex-1 flex-col overflow-y-auto px-5 pt-3">
        {directing.isPictureOnly ? (
          <PictureOnly whole={whole} directing={directing} />
        ) : (
          <>
            <TakeOnSet whole={whole} directing={directing} />
            <CueCard whole={whole} directing={directing} />
            <Checks whole={whole} directing={directing} />
          </>
        )}
      </main>
      <Acts directing={directing} />
    </>
  );
}

function NothingToDirect({ words }: { words: string }) {
  return (
    <main className="p-6">
      <h1 className="text-2xl">{words}</h1>
      <Link className="link-act" href="/">
        Go to the desk
      </Link>
    </main>
  );
}

/** On set: one cue at a time, frames and keepers, dark and large. */
export function DirectPlace() {
  const whole = useSitting();
  useTheme('blackout');
  useAwake();
  const first = whole?.takes[0];
  const { place, goOn } = useSetPlace(whole?.sitting.id, first?.id);
  if (whole === undefined) return <NothingToDirect words="This sitting is not here" />;
  if (whole && !first) return <NothingToDirect words="This run has no poses yet" />;
  if (!whole || !first || !place)
    return (
      <p className="p-6" role="status">
        Opening the sitting
      </p>
    );
  return (
    <div className="mx-auto flex h-place max-w-xl flex-col">
      <OnSet whole={whole} place={place} onGoOn={goOn} />
    </div>
  );
}
