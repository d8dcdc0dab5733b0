import { useMemo } from 'react';
import { changeCost, MINUTE_S, USUAL_PACE, type PlanStep, type RunPlan } from '@/core/sequence';
import { nameOfShot } from '@/core/shot';
import type { Take } from '@/core/sitting';
import type { WholeSitting } from '@/data';
import { TakeThumbnail } from '@/ui/pictures/TakeThumbnail';
import { GearLane, Legend, type InHand } from './GearLane';
import { timeWords } from '@/take/planWords';
import { wornIn } from '@/take/runSource';

/** So many minutes are between two marks of the axis, the first that leaves no more than a dozen marks. */
const MARKS_MIN = [5, 10, 15, 30, 60, 120, 240] as const;
const MOST_MARKS = 12;

function marksOf(spanS: number): number[] {
  const every = MARKS_MIN.find((m) => spanS / MINUTE_S / m <= MOST_MARKS) ?? MARKS_MIN.at(-1)!;
  return Array.from({ length: Math.floor(spanS / MINUTE_S / every) + 1 }, (_, i) => i * every);
}

const percent = (part: number, whole: number) => `${(100 * part) / whole}%`;

interface SpanProps {
  fromS: number;
  toS: number;
  spanS: number;
  className: string;
  title?: string;
}

/** A stretch of time on the axis. */
function Span({ fromS, toS, spanS, className, title }: SpanProps) {
  if (toS <= fromS) return null;
  return (
    <span
      className={`absolute inset-y-0 ${className}`}
      style={{ left: percent(fromS, spanS), width: percent(toS - fromS, spanS) }}
      title={title}
    />
  );
}

interface FilmProps {
  whole: WholeSitting;
  plan: RunPlan;
  spanS: number;
}

interface CellProps {
  whole: WholeSitting;
  take: Take;
  step: PlanStep;
  spanS: number;
}

/** One picture on the axis, as wide as it takes; how much it asks of the people stands as a column at its edge. */
function Cell({ whole, take, step: { beginS, endS, strain }, spanS }: CellProps) {
  const name = nameOfShot(take.shot);
  return (
    <li
      className="absolute inset-y-0 flex justify-center overflow-hidden border-l border-base-content bg-base-200"
      style={{ left: percent(beginS, spanS), width: percent(endS - beginS, spanS) }}
      title={`${name}, from ${timeWords(beginS)} to ${timeWords(endS)}`}
    >
      <TakeThumbnail
        whole={whole}
        take={take}
        scale={1}
        className="h-[78px] w-[52px] shrink-0"
        label={name}
      />
      <span
        className="absolute right-0 bottom-0 w-1 bg-secondary"
        style={{ height: percent(strain, 1) }}
        aria-hidden
      />
    </li>
  );
}

/** The pictures of a run on a time axis, each as wide as it takes. */
function Film({ whole, plan, spanS }: FilmProps) {
  const takeOf = (id: string) => whole.takes.find((t) => t.id === id);
  return (
    <ol className="relative h-[78px]" aria-label="Pictures in time">
      {plan.steps.map((step) => {
        const take = takeOf(step.id);
        return take && <Cell key={step.id} whole={whole} take={take} step={step} spanS={spanS} />;
      })}
    </ol>
  );
}

/** What comes between the pictures: changes, rests, waits. */
function Between({ plan, spanS }: Omit<FilmProps, 'whole'>) {
  return (
    <div className="relative h-3 bg-base-200" aria-hidden>
      {plan.steps.map(({ id, beginS, changeS, restS, waitS }) => {
        const [waitFromS, restFromS] = [beginS - waitS, beginS - waitS - restS];
        return (
          <span key={id}>
            <Span
              fromS={restFromS - changeS}
              toS={restFromS}
              spanS={spanS}
              className="bg-primary"
              title="change"
            />
            <Span fromS={restFromS} toS={waitFromS} spanS={spanS} className="rest-lane" title="rest" />
            <Span
              fromS={waitFromS}
              toS={beginS}
              spanS={spanS}
              className="border border-base-content"
              title="wait"
            />
          </span>
        );
      })}
    </div>
  );
}

/** A minute of the axis; the first and the last stay within it. */
function Mark({ min, spanS }: { min: number; spanS: number }) {
  const share = (min * MINUTE_S) / spanS;
  const shift = share < 0.02 ? '' : share > 0.98 ? '-translate-x-full' : '-translate-x-1/2';
  return (
    <span className={`quiet absolute bottom-0 text-xs ${shift}`} style={{ left: percent(share, 1) }}>
      {min}
    </span>
  );
}

interface TimelineProps {
  label: string;
  whole: WholeSitting;
  plan: RunPlan;
  /** What the axis shows at least, and where the time is over, minutes. */
  minutes: number;
  /** What the axis shows at least besides, seconds: where two plans are compared. */
  leastSpanS: number;
}

/** What is taken in hand on the way to each picture of a plan. */
function inHandOf(whole: WholeSitting, { steps }: RunPlan): Map<string, InHand[]> {
  const { takes } = whole;
  const worn = wornIn(whole);
  const inOrder = steps.map(({ id }) => takes.find((t) => t.id === id));
  return new Map(
    inOrder.slice(1).flatMap((take, i): [string, InHand[]][] => {
      const before = inOrder[i];
      if (!take || !before) return [];
      const gear = changeCost(before.shot, take.shot, USUAL_PACE).gear.map((g) => g.kind);
      return [[take.id, worn[before.lookId] === worn[take.lookId] ? gear : [...gear, 'outfit']]];
    }),
  );
}

/** A run on the time axis. */
export function Timeline({ label, whole, plan, minutes, leastSpanS }: TimelineProps) {
  const spanS = Math.max(plan.endS, minutes * MINUTE_S, leastSpanS);
  const inHand = useMemo(() => inHandOf(whole, plan), [whole, plan]);
  return (
    <div className="overflow-x-auto" role="region" aria-label={label} tabIndex={0}>
      <div className="relative min-w-[640px] pb-5 tabular-nums">
        <Film whole={whole} plan={plan} spanS={spanS} />
        <Between plan={plan} spanS={spanS} />
        <GearLane steps={plan.steps} inHand={inHand} spanS={spanS} />
        {marksOf(spanS).map((min) => (
          <Mark key={min} min={min} spanS={spanS} />
        ))}
        <span
          className="absolute top-0 bottom-4 border-r-2 border-dashed border-secondary"
          style={{ left: 0, width: percent(minutes * MINUTE_S, spanS) }}
          title={`${minutes} min are over`}
        />
      </div>
      <Legend inHand={inHand} hasRest={plan.steps.some((s) => s.restS > 0)} />
    </div>
  );
}
