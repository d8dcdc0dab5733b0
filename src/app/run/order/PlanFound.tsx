import { MINUTE_S, type FoundPlan, type RunPlan } from '@/core/sequence';
import type { WholeSitting } from '@/data';
import { askedWords, brokenWords, DISLIKE_WORDS, spentWords, timeWords, type NameOf } from '@/take/planWords';
import { Timeline } from './Timeline';
import type { SoughtPlan } from './usePlan';

/** A gain below this is none: the figures are estimates, seconds. */
const LEAST_GAIN_S = 5;

/** What was asked and is not kept in a plan, and with what it collides. */
function NotKept({
  planned: { plan, colliding },
  nameOf,
}: {
  planned: SoughtPlan['planned'];
  nameOf: NameOf;
}) {
  if (plan.broken.length === 0) return null;
  return (
    <div className="mt-2" data-testid="not-kept">
      <p className="font-bold">Not everything that you asked can be kept. The least that has to give:</p>
      <ul className="list-disc pl-5">
        {plan.broken.map((b) => (
          <li key={JSON.stringify(b)}>{brokenWords(b, nameOf)}</li>
        ))}
      </ul>
      {colliding.length > 1 && (
        <p className="quiet">These collide: {colliding.map((c) => askedWords(c, nameOf)).join('; ')}.</p>
      )}
    </div>
  );
}

interface DislikedProps {
  title: string;
  plan: RunPlan;
  /** What is not liked of this one either is not told. */
  butOf: RunPlan;
  nameOf: NameOf;
}

/** What is not liked of one plan and is not in another. */
function Disliked({ title, plan, butOf, nameOf }: DislikedProps) {
  const key = ({ dislike, ids }: RunPlan['disliked'][number]) => `${dislike} ${ids.join()}`;
  const told = plan.disliked.filter((d) => !butOf.disliked.some((other) => key(other) === key(d)));
  if (told.length === 0) return null;
  return (
    <p className="mt-1">
      {title}:{' '}
      {told.map((d) => `${d.ids.map(nameOf).join(', then ')}: ${DISLIKE_WORDS[d.dislike]}`).join('; ')}.
    </p>
  );
}

/** That a run which was to fit into less time is too long still. */
function TooLong({ endS, mostMin }: { endS: number; mostMin: number | null }) {
  const overS = mostMin === null ? 0 : endS - mostMin * MINUTE_S;
  if (overS <= 0) return null;
  return (
    <p className="mt-2 font-bold">
      {timeWords(overS)} too long still: what is left must be had, or is taken already.
    </p>
  );
}

interface PlanFoundProps {
  whole: WholeSitting;
  now: RunPlan;
  sought: SoughtPlan;
  nameOf: NameOf;
  onApply(order: string[], leftOutIds: string[]): void;
  onDismiss(): void;
}

/** How much earlier one plan ends than another, in words. */
function comparedWords(now: RunPlan, plan: RunPlan): string {
  const savedS = now.endS - plan.endS;
  if (Math.abs(savedS) < LEAST_GAIN_S) return 'ends when yours does';
  return `ends ${timeWords(Math.abs(savedS))} ${savedS > 0 ? 'earlier' : 'later'} than yours`;
}

/** How much better an order could be at most, where that is not known to be nothing. */
function gapWords({ valueS, leastS }: FoundPlan): string {
  const percent = Math.ceil((100 * (valueS - leastS)) / valueS);
  return percent > 0 ? `; no order is better by more than ${percent} %` : '';
}

/** The order that was found, beside the one that stands. */
export function PlanFound({ whole, now, sought, nameOf, onApply, onDismiss }: PlanFoundProps) {
  const { plan, leftOutIds } = sought.planned;
  const order = plan.steps.map((s) => s.id);
  const notKept = <NotKept planned={sought.planned} nameOf={nameOf} />;
  const tooLong = <TooLong endS={plan.endS} mostMin={sought.mostMin} />;
  if (leftOutIds.length === 0 && now.valueS - plan.valueS < LEAST_GAIN_S)
    return (
      <div className="mt-3" role="status" data-testid="plan-found">
        <p>No order is better than yours.</p>
        {tooLong}
        {notKept}
      </div>
    );
  return (
    <section className="rule-t mt-4 pt-3" aria-label="Order found" data-testid="plan-found">
      <h2 className="text-lg">
        {leftOutIds.length > 0 ? 'It fits like this' : 'A better order'} {comparedWords(now, plan)}
      </h2>
      <p className="quiet mb-2">
        {spentWords(plan)}
        {gapWords(plan)}
      </p>
      <Timeline
        label="The order found, in time"
        whole={whole}
        plan={plan}
        minutes={whole.sitting.minutes}
        leastSpanS={now.endS}
      />
      {leftOutIds.length > 0 && <p className="mt-2">Left out: {leftOutIds.map(nameOf).join(', ')}.</p>}
      {tooLong}
      {notKept}
      <Disliked title="No longer" plan={now} butOf={plan} nameOf={nameOf} />
      <Disliked title="For that" plan={plan} butOf={now} nameOf={nameOf} />
      <p className="mt-3 flex gap-3">
        <button type="button" className="act px-5 py-2" onClick={() => onApply(order, leftOutIds)}>
          Take this order
        </button>
        <button type="button" className="link-act px-3 py-2" onClick={onDismiss}>
          Keep mine
        </button>
      </p>
    </section>
  );
}
