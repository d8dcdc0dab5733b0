import type { ReactNode } from 'react';
import type { BodyProfile } from '@/core/body';
import type { SoloShot } from '@/core/shot';
import { PoseThumbnail } from '@/ui/pictures/PoseThumbnail';

interface ProposedShotProps {
  profile: BodyProfile;
  shot: SoloShot;
  /** What it is called beside the others. */
  title: string;
  children?: ReactNode;
  onTake?: (() => void) | undefined;
}

/** A picture that could be taken in place of this one, with what is other in it. */
export function ProposedShot({ profile, shot, title, children, onTake }: ProposedShotProps) {
  // one side is said and the other follows, so that no format is squeezed
  const size = shot.camera.orientation === 'upright' ? 'h-48 w-auto max-w-full' : 'h-auto w-40';
  return (
    <li className="w-40 text-[13px] leading-snug">
      <PoseThumbnail profile={profile} shot={shot} scale={1} isFleeting className={size} label={title} />
      <p className="mt-1 font-bold first-letter:uppercase">{title}</p>
      {children}
      {onTake && (
        <button type="button" className="act mt-1" aria-label={`Take it: ${title}`} onClick={onTake}>
          Take it
        </button>
      )}
    </li>
  );
}
