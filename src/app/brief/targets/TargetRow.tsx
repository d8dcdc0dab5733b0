'use client';

import { useState } from 'react';
import { TARGETS, type Look, type Target, type TargetChanges, type TargetId } from '@/core/brief';
import { decimalFrom } from '@/core/checks';
import { twoDecimals } from '@/ui/fields/decimal';

interface EndProps {
  id: TargetId;
  end: 'low' | 'high';
  value: number;
  changed: boolean;
  /** The other end, which must not be passed. */
  other: number;
  onKeep(value: number): void;
  onProblem(words: string | null): void;
}

function End({ id, end, value, changed, other, onKeep, onProblem }: EndProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const { words, unit, min, max }: Target = TARGETS[id];
  const least = end === 'low' ? min : other;
  const most = end === 'low' ? other : max;
  function keep() {
    if (draft === null) return;
    const typed = decimalFrom(draft);
    if (!(typed >= least && typed <= most)) {
      onProblem(
        `${words} ${draft.trim() || 'empty'}: give ${twoDecimals(least)} to ${twoDecimals(most)} ${unit}`,
      );
      return;
    }
    onProblem(null);
    setDraft(null);
    if (typed !== value) onKeep(typed);
  }
  return (
    <input
      className={`w-14 border-b border-base-300 bg-transparent text-right ${changed ? 'font-bold text-accent' : ''}`}
      inputMode="decimal"
      aria-label={`${words}, ${end === 'low' ? 'at least' : 'at most'}, ${unit}`}
      value={draft ?? twoDecimals(value)}
      onChange={(e) => setDraft(e.target.value)}
      onBlur={keep}
      onKeyDown={(e) => {
        if (e.key === 'Enter') keep();
        if (e.key === 'Escape') {
          setDraft(null);
          onProblem(null);
        }
      }}
    />
  );
}

interface RowProps {
  id: TargetId;
  look: Look;
  range: { low: number; high: number };
  onChange(targets: TargetChanges): void;
}

/** One figure of the picture: both ends, and back to what the message wants. */
export function TargetRow({ id, look: { targets }, range, onChange }: RowProps) {
  const [problem, setProblem] = useState<string | null>(null);
  const { words, unit, reason }: Target = TARGETS[id];
  const change = targets[id];
  const follow = () => {
    const { [id]: _, ...rest } = targets;
    onChange(rest);
  };
  return (
    <tr className="rule-b" data-target={id}>
      <td className="py-1 pr-2 leading-tight" title={reason}>
        {words} <span className="quiet text-xs sm:hidden">{unit}</span>
        {problem && (
          <span role="alert" className="text-error block text-xs">
            {problem}
          </span>
        )}
      </td>
      {(['low', 'high'] as const).map((end) => (
        <td key={end} className="py-1 text-right">
          <End
            id={id}
            end={end}
            value={range[end]}
            other={range[end === 'low' ? 'high' : 'low']}
            changed={change?.[end] !== undefined}
            onKeep={(value) => onChange({ ...targets, [id]: { ...change, [end]: value } })}
            onProblem={setProblem}
          />
        </td>
      ))}
      <td className="quiet hidden py-1 pl-2 text-xs whitespace-nowrap sm:table-cell">{unit}</td>
      <td className="py-1 text-right">
        {change && (
          <button
            type="button"
            className="link-act text-xs"
            aria-label={`${words}: follow the message`}
            onClick={follow}
          >
            follow
          </button>
        )}
      </td>
    </tr>
  );
}
