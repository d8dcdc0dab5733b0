import { soloShot } from '@/core/shot';
import type { WholeSitting } from '@/data';
import { TakeThumbnail } from '@/ui/pictures/TakeThumbnail';
import { FrameCount } from './FrameCount';
import type { Directing } from './useDirecting';

/** Pixels of the measuring picture per shown pixel: as large as a phone is. */
const SCALE = 3;

interface PictureOnlyProps {
  whole: WholeSitting;
  directing: Directing;
}

/** The pose without a word, to be shown: as the lens sees it, or mirrored for whoever copies it. */
export function PictureOnly({ whole, directing }: PictureOnlyProps) {
  const { take, isMirrored } = directing;
  const { pose } = soloShot(take.shot);
  return (
    <section aria-label="Picture" className="flex min-h-0 flex-1 flex-col pb-2">
      <div className="flex items-baseline justify-between gap-3">
        <h1 className="truncate text-xl">{pose.name}</h1>
        <FrameCount directing={directing} className="quiet shrink-0" />
      </div>
      <TakeThumbnail
        key={take.id}
        whole={whole}
        take={take}
        scale={SCALE}
        isFleeting
        className={`mt-2 min-h-0 w-full flex-1 ${isMirrored ? '-scale-x-100' : ''}`}
        label={isMirrored ? `${pose.name}, mirrored` : pose.name}
      />
    </section>
  );
}
