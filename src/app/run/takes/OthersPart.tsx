import { dressedFor, lookOf } from '@/core/brief';
import { HOUSE_POSES, posesNear } from '@/core/library';
import type { BodyProfile } from '@/core/body';
import type { Pose } from '@/core/pose';
import { soloShot } from '@/core/shot';
import type { Take } from '@/core/sitting';
import { sitterIn, type WholeSitting } from '@/data';
import { useMemo, useState } from 'react';
import { PaintedPicture } from '@/ui/pictures/PaintedPicture';
import { usePoseView } from '@/ui/pictures/usePoseView';

/** So many others are shown: more is a choice for the library. */
const MOST_SHOWN = 6;
const ALL = Object.values(HOUSE_POSES).flat();

/** Poses nearest to that of a picture that are not in the run yet. */
function othersFor({ takes }: WholeSitting, take: Take, profile: BodyProfile): Pose[] {
  const inRun = new Set(takes.map((t) => soloShot(t.shot).pose.name));
  return posesNear(profile, soloShot(take.shot).pose, ALL)
    .filter(({ name }) => !inRun.has(name))
    .slice(0, MOST_SHOWN);
}

interface OtherProps {
  pose: Pose;
  profile: BodyProfile;
  onChoose(): void;
}

/** One other pose, seen on the sitter. */
function Other({ pose, profile, onChoose }: OtherProps) {
  const { value, onSeen } = usePoseView(profile, pose);
  return (
    <li className="w-24">
      <button
        type="button"
        className="w-full text-left text-sm leading-tight font-semibold hover:text-secondary"
        onClick={onChoose}
      >
        <PaintedPicture
          picture={value?.picture ?? null}
          onSeen={onSeen}
          label={`${pose.name} on the sitter`}
          className="mb-1 h-32 w-24 bg-base-200 object-contain"
        />
        {pose.name}
      </button>
    </li>
  );
}

interface OthersProps {
  whole: WholeSitting;
  take: Take;
  onReplace(pose: Pose): void;
}

/** The poses that could take the place of one. */
function Others({ whole, take, onReplace }: OthersProps) {
  const sitter = sitterIn(whole, take)!;
  const profile = useMemo(
    () => dressedFor(sitter, lookOf(whole.sitting, take)),
    [sitter, whole.sitting, take],
  );
  const others = useMemo(() => othersFor(whole, take, profile), [whole, take, profile]);
  if (others.length === 0) return <p className="quiet">Nothing else suits that is not in the run.</p>;
  return (
    <ul className="flex flex-wrap gap-3" aria-label={`In place of ${soloShot(take.shot).pose.name}`}>
      {others.map((pose) => (
        <Other key={pose.name} pose={pose} profile={profile} onChoose={() => onReplace(pose)} />
      ))}
    </ul>
  );
}

/** What could take the place of a pose, folded away until it is wanted; of one person's picture. */
export function OthersPart(props: OthersProps) {
  const { whole, take } = props;
  const [isOpen, setOpen] = useState(false);
  if (take.shot.people.length !== 1 || !sitterIn(whole, take)) return null;
  return (
    <details open={isOpen} onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="cursor-pointer leading-tight">Others in its place</summary>
      <div className="mt-2">{isOpen && <Others {...props} />}</div>
    </details>
  );
}
