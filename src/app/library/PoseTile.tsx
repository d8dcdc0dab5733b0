'use client';

import type { BodyProfile } from '@/core/body';
import { cautionsOf, type PoseEntry } from '@/core/library';
import { HEIGHTS } from '@/core/pose';
import { SUPPORTS } from '@/core/scene';
import { FRAMING_WORDS } from '@/core/set';
import type { PoseView } from '@/data';
import { PaintedPicture } from '@/ui/pictures/PaintedPicture';
import { cautionWords } from '@/ui/place/cautionWords';
import { usePoseView } from '@/ui/pictures/usePoseView';

/** What can be held for longer is taken before it tires, seconds (common practice: a pose takes a minute or two). */
const LONG_S = 120;

/** What is found of a pose on the sitter, shortly. */
function toldWords({ faults, changes, holdS }: PoseView['told']): string {
  const seen = faults === 0 ? 'nothing to mend' : `${faults} to mend`;
  const fitted = changes === null ? 'as it is: ' : changes === 0 ? 'suits: ' : 'fitted: ';
  const held = holdS === null || holdS > LONG_S ? '' : `, holds ${Math.round(holdS)} s`;
  return `${fitted}${seen}${held}`;
}

interface PoseTileProps {
  entry: PoseEntry;
  profile: BodyProfile;
  /** Missing where there is no run to add it to. */
  onAdd?: (() => void) | undefined;
}

/** One pose of the library on the chosen sitter. */
export function PoseTile({ entry, profile, onAdd }: PoseTileProps) {
  const { value, onSeen } = usePoseView(profile, entry.pose);
  const { pose, supports, height, isOwn, closest } = entry;
  const on = supports.map((kind) => SUPPORTS[kind].words).join(', ') || HEIGHTS[height].words;
  const about = [isOwn && 'own', `level ${pose.level}`, `from ${FRAMING_WORDS[closest]}`, on]
    .filter(Boolean)
    .join(' · ');
  const cautions = cautionWords(cautionsOf(pose, profile));
  return (
    <article aria-label={pose.name} className="flex h-full flex-col pr-4 pb-4" data-pose={entry.id}>
      <PaintedPicture
        picture={value?.picture ?? null}
        onSeen={onSeen}
        label={`${pose.name} on the sitter`}
        className="h-44 w-full bg-base-200 object-contain"
      />
      <h2 className="mt-2 text-base leading-tight">{pose.name}</h2>
      <p className="quiet min-w-0 truncate text-xs" title={pose.words}>
        {pose.words}
      </p>
      <p className="min-w-0 truncate text-xs" title={about}>
        {about}
      </p>
      <p className="quiet text-xs" data-testid="told">
        {value ? toldWords(value.told) : '…'}
      </p>
      {cautions && (
        <p className="min-w-0 truncate text-xs font-semibold" title={cautions}>
          {cautions}
        </p>
      )}
      {onAdd && (
        <button type="button" className="link-act mt-1 min-h-10 self-start text-left" onClick={onAdd}>
          Add to the run
        </button>
      )}
    </article>
  );
}
