import Link from 'next/link';
import { cautionsOf, type CautionId } from '@/core/library';
import { introductionOf } from '@/core/pose';
import { soloShot } from '@/core/shot';
import type { Take } from '@/core/sitting';
import { peopleIn, sitterIn, soloIn, type WholeSitting } from '@/data';
import { cautionWords } from '@/ui/place/cautionWords';
import { calledOf } from '@/ui/place/namesOf';
import { TakeThumbnail } from '@/ui/pictures/TakeThumbnail';
import { FrameCount } from './FrameCount';
import { TimeLine } from './TimeLine';
import type { Directing } from './useDirecting';

interface OnSetProps {
  whole: WholeSitting;
  directing: Directing;
}

/** Whose sitting it is, how far it has come, and what time is left. */
export function Progress({ whole, directing }: OnSetProps) {
  const { take, index, isPictureOnly, showPictureOnly } = directing;
  const { sitting, takes } = whole;
  return (
    <header className="px-5 pt-4">
      <div className="flex items-baseline justify-between gap-3">
        <p>
          <Link href={`/pose?sitting=${sitting.id}&take=${take.id}`} className="font-bold">
            {calledOf(peopleIn(whole, take)) || sitting.title}
          </Link>
          <span className="quiet">
            {' '}
            · pose {index + 1} of {takes.length}
          </span>
        </p>
        <span className="flex shrink-0 gap-3">
          <button
            type="button"
            className="link-act -my-3 min-h-11!"
            onClick={() => showPictureOnly(!isPictureOnly)}
          >
            {isPictureOnly ? 'words' : 'picture'}
          </button>
          <a className="link-act" href={`/mirror?sitting=${sitting.id}`} target="_blank" rel="noopener">
            for the sitter
          </a>
        </span>
      </div>
      <TimeLine whole={whole} directing={directing} />
      <div
        className="mt-2 h-1 bg-base-300"
        role="progressbar"
        aria-label="Poses done"
        aria-valuemin={0}
        aria-valuemax={takes.length}
        aria-valuenow={index}
      >
        <div className="h-full bg-primary" style={{ width: `${(index / takes.length) * 100}%` }} />
      </div>
    </header>
  );
}

/** What is minded of anybody in a picture. */
function cautionsIn(whole: WholeSitting, take: Take): CautionId[] {
  return take.shot.people.flatMap(({ role }) => {
    const sitter = sitterIn(whole, take, role);
    return sitter ? cautionsOf(soloIn(whole, take, role).pose, sitter.profile) : [];
  });
}

/** The pose that is directed: its picture, the camera's numbers, the frames so far. */
export function TakeOnSet({ whole, directing }: OnSetProps) {
  const { take, voice, keeperCount } = directing;
  const { pose, camera } = soloShot(take.shot);
  const intro = introductionOf(pose, voice);
  const cautions = cautionWords([...new Set(cautionsIn(whole, take))]);
  return (
    <div className="rule-b flex gap-4 pb-4">
      <TakeThumbnail
        whole={whole}
        take={take}
        scale={1}
        className="h-[183px] w-[122px] shrink-0"
        label={pose.name}
      />
      <div className="min-w-0">
        <h1 className="text-2xl leading-tight">{pose.name}</h1>
        <p className="quiet mt-1">
          {camera.focalLengthMm} mm · f/{camera.apertureF}
          <br />
          {camera.distanceM.toFixed(1)} m · lens {camera.heightM.toFixed(2)} m
        </p>
        <FrameCount directing={directing} className="mt-2" />
        {take.orderWishes?.mustHave && keeperCount === 0 && (
          <p className="mt-1 font-bold text-accent">Must be had: no keeper yet.</p>
        )}
        {intro.words && (
          <p lang={intro.language} className="quiet mt-2 leading-snug">
            {intro.words}
          </p>
        )}
        {cautions && <p className="mt-2 leading-snug font-semibold">{cautions}</p>}
      </div>
    </div>
  );
}
