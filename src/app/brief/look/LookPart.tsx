'use client';

import type { Sitter } from '@/core/people';
import { KeptField, numberProblem, textProblem } from '@/ui/fields/KeptField';
import type { LookEdit } from './edit';
import { MessageField } from './MessageField';
import { MustHavesField } from './MustHavesField';
import { UsesField } from './UsesField';
import { WornField } from './WornField';
import { decimalFrom } from '@/core/checks';

interface LookPartProps extends LookEdit {
  people: readonly Sitter[];
  /** Poses that belong to the look. */
  poses: number;
  onlyLook: boolean;
  onRemove(): void;
}

function NameAndPlace({ look, poses, onlyLook, onChange, onRemove }: LookPartProps) {
  const stays = onlyLook ? 'The only look stays' : poses > 0 ? `${poses} poses belong to it` : undefined;
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-3 sm:grid-cols-[1.3fr_1.3fr_90px_auto]">
      <KeptField
        label="Name of the look"
        value={look.name}
        problem={textProblem('Name of the look', 1, 120)}
        onKeep={(name) => onChange({ name })}
      />
      <KeptField
        label="Where"
        value={look.place}
        problem={textProblem('Where', 0, 120)}
        onKeep={(place) => onChange({ place })}
      />
      <KeptField
        label="Minutes"
        value={String(look.minutes)}
        problem={numberProblem('Minutes', 1, 1440, 'minutes')}
        onKeep={(text) => onChange({ minutes: decimalFrom(text) })}
      />
      <button
        type="button"
        className="link-act self-end pb-2"
        disabled={stays !== undefined}
        title={stays}
        onClick={onRemove}
      >
        Remove the look
      </button>
    </div>
  );
}

/** One look: message, uses, must-haves, clothes, props, what to avoid. */
export function LookPart(props: LookPartProps) {
  const { look, people, onChange } = props;
  const edit = { look, onChange };
  return (
    <div className="space-y-6">
      <NameAndPlace {...props} />
      <MessageField {...edit} />
      <UsesField {...edit} />
      <MustHavesField {...edit} />
      {people.map((sitter) => (
        <WornField key={sitter.id} {...edit} sitter={sitter} isOnly={people.length === 1} />
      ))}
      <div className="grid grid-cols-1 gap-x-4 gap-y-3 sm:grid-cols-2">
        <KeptField
          label="Props"
          value={look.props}
          rows={2}
          problem={textProblem('Props', 0, 1000)}
          onKeep={(props) => onChange({ props })}
        />
        <KeptField
          label="Avoid"
          value={look.avoid}
          rows={2}
          problem={textProblem('Avoid', 0, 1000)}
          onKeep={(avoid) => onChange({ avoid })}
        />
      </div>
    </div>
  );
}
