interface PersonChoiceProps {
  label: string;
  people: readonly { id: string; name: string }[];
  personId: string;
  onChoose(personId: string): void;
}

/** One of several people; somebody who is not among them stands there until another is chosen. */
export function PersonChoice({ label, people, personId, onChoose }: PersonChoiceProps) {
  return (
    <label className="flex min-w-0 items-center gap-2">
      <span className="quiet shrink-0 text-xs">{label}</span>
      <select
        className="field w-auto max-w-full min-w-0"
        value={personId}
        onChange={(e) => onChoose(e.target.value)}
      >
        {!people.some((p) => p.id === personId) && <option value={personId}>no record</option>}
        {people.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}
