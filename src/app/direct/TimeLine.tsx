import { MINUTE_S } from '@/core/sequence';
import { nameOfShot } from '@/core/shot';
import type { WholeSitting } from '@/data';
import { timeWords } from '@/take/planWords';
import type { Directing } from './useDirecting';
import { useLessTime, type Shorter } from './useLessTime';
import { useTimeOnSet, type TimeOnSet } from './useTimeOnSet';

/** A difference below this is none, seconds. */
const LEAST_S = 30;

/** How the time stands, in a few words. */
function standingWords({ elapsedS, behindS }: TimeOnSet, minutes: number): string {
  if (elapsedS === null) return `${minutes} min`;
  const leftMin = Math.round(minutes - elapsedS / MINUTE_S);
  const left = leftMin >= 0 ? `${leftMin} min left` : `${-leftMin} min over`;
  if (Math.abs(behindS) < LEAST_S) return `${left}, in time`;
  return `${left}, ${timeWords(Math.abs(behindS))} ${behindS > 0 ? 'behind' : 'ahead'}`;
}

interface LessProps {
  whole: WholeSitting;
  shorter: Shorter;
  onAgree(): void;
  onDismiss(): void;
}

/** What is left out for less time, to be agreed to. */
function Less({ whole, shorter: { leftOutIds }, onAgree, onDismiss }: LessProps) {
  const names = whole.takes.filter((t) => leftOutIds.includes(t.id)).map((t) => nameOfShot(t.shot));
  return (
    <p role="status" className="mt-2 flex flex-wrap items-center gap-x-3" data-testid="less-time">
      <span>
        {names.length > 0 ? `Left out: ${names.join(', ')}.` : 'Nothing is left that could be left out.'}
      </span>
      {names.length > 0 && (
        <button type="button" className="act min-h-11! px-4" onClick={onAgree}>
          Do it
        </button>
      )}
      <button type="button" className="link-act min-h-11! px-2" onClick={onDismiss}>
        {names.length > 0 ? 'No' : 'Close'}
      </button>
    </p>
  );
}

interface TimeLineProps {
  whole: WholeSitting;
  directing: Directing;
}

/** What time is left, how it stands against the plan, whether a rest is due, and how the rest of it is made shorter. */
export function TimeLine({ whole, directing }: TimeLineProps) {
  const { take, at, isLastTake, startedAt } = directing;
  const time = useTimeOnSet(whole, take.id, startedAt);
  const { shorter, isBusy, undo, ask, agree, dismiss } = useLessTime(whole, directing, time);
  const restS = time.plan.steps.find((s) => s.id === take.id)?.restS ?? 0;
  return (
    <>
      <p className="mt-1 flex flex-wrap items-baseline justify-between gap-x-3">
        <span className="quiet" data-testid="time">
          {standingWords(time, whole.sitting.minutes)}
        </span>
        {undo ? (
          <button type="button" className="link-act min-h-11!" onClick={undo}>
            Put back what was left out
          </button>
        ) : (
          <button type="button" className="link-act min-h-11!" disabled={isBusy || isLastTake} onClick={ask}>
            Five minutes less
          </button>
        )}
      </p>
      {shorter && <Less whole={whole} shorter={shorter} onAgree={agree} onDismiss={dismiss} />}
      {restS > 0 && at === 0 && (
        <p className="mt-1 font-bold text-accent">A rest first: {timeWords(restS)}.</p>
      )}
    </>
  );
}
