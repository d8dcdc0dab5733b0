import { decimalFrom } from '@/core/checks';
import { COMBINATION_MINUTES, type Combination } from '@/core/combinations';
import type { Sitter } from '@/core/people';
import { KeptField, numberProblem, textProblem } from '@/ui/fields/KeptField';
import { RemoveButton } from '@/ui/fields/RemoveButton';

interface CombinationRowProps {
  combination: Combination;
  people: readonly Sitter[];
  onPut(patch: Partial<Combination>): void;
  onRemove(): void;
}

/** Who of the sitting is in a combination, one press each; the last one stays. */
function WhoIsIn({ combination: { name, personIds }, people, onPut }: CombinationRowProps) {
  const toggle = (id: string) =>
    personIds.includes(id) ? personIds.filter((p) => p !== id) : [...personIds, id];
  return (
    <div role="group" aria-label={`Who is in ${name}`} className="mt-1 flex flex-wrap gap-1">
      {people.map(({ id, addressAs }) => {
        const isIn = personIds.includes(id);
        return (
          <button
            key={id}
            type="button"
            aria-pressed={isIn}
            disabled={isIn && personIds.length === 1}
            className="border-b-3 border-transparent px-2 py-1 text-[13px] aria-pressed:border-accent aria-pressed:font-bold"
            onClick={() => onPut({ personIds: toggle(id) })}
          >
            {addressAs}
          </button>
        );
      })}
    </div>
  );
}

/** One combination: what it is called, how long it takes, and who is in it. */
export function CombinationRow(props: CombinationRowProps) {
  const { combination, onPut, onRemove } = props;
  const { min, max } = COMBINATION_MINUTES;
  return (
    <li className="rule-b py-2">
      <div className="grid grid-cols-[minmax(0,1fr)_84px_auto] items-end gap-3">
        <KeptField
          label="Together"
          value={combination.name}
          problem={textProblem('Together', 1, 80)}
          onKeep={(name) => onPut({ name: name.trim() })}
        />
        <KeptField
          label="Minutes"
          value={String(combination.minutes)}
          problem={numberProblem('Minutes', min, max, 'minutes')}
          onKeep={(text) => onPut({ minutes: decimalFrom(text) })}
        />
        <RemoveButton label={`Remove ${combination.name}`} onRemove={onRemove} />
      </div>
      <WhoIsIn {...props} />
    </li>
  );
}
