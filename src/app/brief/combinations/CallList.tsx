import type { Call } from '@/core/combinations';
import { callTime, callWords } from '@/ui/place/callWords';

interface CallListProps {
  calls: readonly Call[];
  nameOf(personId: string): string;
}

/** The order in which combinations are taken: who comes, who waits where, who may go. */
export function CallList({ calls, nameOf }: CallListProps) {
  return (
    <ol aria-label="Order of calling" className="mt-1 space-y-2 text-[13px]" data-testid="calls">
      {calls.map((call, i) => (
        <li key={call.combination.id} className="rule-b pb-2">
          <div className="flex justify-between gap-3">
            <b>
              {i + 1}. {call.combination.name}
            </b>
            <span className="quiet whitespace-nowrap">{callTime(call)}</span>
          </div>
          {callWords(call, nameOf).map(({ part, words, names }) => (
            <p key={part}>
              <span className="quiet">{words}:</span> {names}
            </p>
          ))}
        </li>
      ))}
    </ol>
  );
}
