'use client';

import { useState, type FormEvent } from 'react';
import { FIRST_SCHOOLING, withSilence, type Look } from '@/core/brief';
import { RULES, ruleName } from '@/core/review';
import { SelectField } from '@/ui/fields/SelectField';

/** Rules that may be silenced: not those that are asked for the sitter's sake. */
const SILENCEABLE = RULES.filter((r) => !r.isForCare).toSorted((a, b) => a.name.localeCompare(b.name));

interface SilencedRulesProps {
  look: Look;
  onChange(patch: Partial<Look>): void;
}

function SilenceForm({ look, onChange }: SilencedRulesProps) {
  const [ruleId, setRuleId] = useState<string>(SILENCEABLE[0]!.id);
  const [reason, setReason] = useState('');
  function silence(event: FormEvent) {
    event.preventDefault();
    if (reason.trim() === '') return;
    const { schooling } = withSilence(look, ruleId, reason.trim());
    onChange({ ...(schooling && { schooling }) });
    setReason('');
  }
  return (
    <form className="flex flex-wrap items-end gap-2" onSubmit={silence}>
      <SelectField
        label="rule"
        className="min-w-0 flex-1 basis-40"
        value={ruleId}
        onChange={(e) => setRuleId(e.target.value)}
        options={SILENCEABLE.map((r) => [r.id, r.name] as const)}
      />
      <label className="block min-w-0 flex-1 basis-40">
        <span className="quiet block text-xs">Reason</span>
        <input
          className="field"
          required
          maxLength={200}
          value={reason}
          onChange={(e) => setReason(e.target.value)}
        />
      </label>
      <button type="submit" className="act">
        Do not ask
      </button>
    </form>
  );
}

/** What is not asked in a look, each with its reason, and asking it again. */
export function SilencedRules({ look, onChange }: SilencedRulesProps) {
  const { silenced } = look.schooling ?? FIRST_SCHOOLING;
  const askAgain = (ruleId: string) => {
    const { schooling } = withSilence(look, ruleId, null);
    onChange({ ...(schooling && { schooling }) });
  };
  return (
    <details className="mt-2 text-[13px]" open={silenced.length > 0}>
      <summary className="cursor-pointer py-1">Not asked: {silenced.length || 'nothing'}</summary>
      <ul>
        {silenced.map(({ ruleId, reason }) => (
          <li key={ruleId} className="flex items-baseline justify-between gap-2" data-silenced={ruleId}>
            <span className="min-w-0">
              {ruleName(ruleId)}: <span className="quiet">{reason}</span>
            </span>
            <button
              type="button"
              className="link-act shrink-0 text-xs"
              aria-label={`${ruleName(ruleId)}: ask again`}
              onClick={() => askAgain(ruleId)}
            >
              ask again
            </button>
          </li>
        ))}
      </ul>
      <SilenceForm look={look} onChange={onChange} />
    </details>
  );
}
