'use client';

import type { Sitter } from '@/core/people';
import { shows } from '@/core/shot';
import type { Take } from '@/core/sitting';
import { Folded } from '@/ui/fields/Folded';
import { KeptField, numberProblem, textProblem } from '@/ui/fields/KeptField';
import { allInOneLine } from '@/ui/place/namesOf';
import type { LookEdit } from './edit';
import { MessageField } from './MessageField';
import { MustHavesField } from './MustHavesField';
import { UsesField } from './UsesField';
import { WornField } from './WornField';
import { decimalFrom } from '@/core/checks';

interface LookPartProps extends LookEdit {
  people: readonly Sitter[];
  /** Poses that belong to the look. */
  takes: readonly Take[];
  onlyLook: boolean;
  onRemove(): void;
}

function NameAndPlace({ look, takes, onlyLook, onChange, onRemove }: LookPartProps) {
  const belong =
    takes.length > 0
      ? `${takes.length} ${takes.length === 1 ? 'pose belongs' : 'poses belong'} to it`
      : undefined;
  const stays = onlyLook ? 'The only look stays' : belong;
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

/** What those who are in the look's poses wear; the others of several are folded away. */
function WornInLook({ look, people, takes, onChange }: LookPartProps) {
  const isOnly = people.length === 1;
  const shown = (sitter: Sitter) => isOnly || takes.some((t) => shows(t.shot, sitter.id));
  const [there, others] = [people.filter(shown), people.filter((p) => !shown(p))];
  const fields = (of: readonly Sitter[]) =>
    of.map((sitter) => (
      <WornField key={sitter.id} look={look} onChange={onChange} sitter={sitter} isOnly={isOnly} />
    ));
  return (
    <>
      {!isOnly && (
        <p data-testid="in-look">
          <b>In this look</b>{' '}
          {there.length > 0
            ? allInOneLine(there.map((p) => p.addressAs))
            : 'nobody yet: no pose of it shows anybody'}
        </p>
      )}
      {fields(there)}
      {others.length > 0 && (
        <Folded title={`Not in a pose of this look: ${others.length}`} isSet={false}>
          {fields(others)}
        </Folded>
      )}
    </>
  );
}

/** One look: message, uses, must-haves, clothes, props, what to avoid. */
export function LookPart(props: LookPartProps) {
  const { look, onChange } = props;
  const edit = { look, onChange };
  return (
    <div className="space-y-6">
      <NameAndPlace {...props} />
      <MessageField {...edit} />
      <UsesField {...edit} />
      <MustHavesField {...edit} />
      <WornInLook {...props} />
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
