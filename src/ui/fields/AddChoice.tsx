interface AddChoiceProps {
  /** The name for a screen reader. */
  label: string;
  /** What stands there while nothing is chosen. */
  empty: string;
  options: readonly (readonly [value: string, words: string])[];
  className?: string;
  onChoose(value: string): void;
}

/** A select that does something with what is chosen and is empty again. */
export function AddChoice({
  label,
  empty,
  options,
  className = 'w-auto max-w-full',
  onChoose,
}: AddChoiceProps) {
  return (
    <select
      className={`field ${className}`}
      aria-label={label}
      value=""
      onChange={(e) => onChoose(e.target.value)}
    >
      <option value="" disabled>
        {empty}
      </option>
      {options.map(([value, words]) => (
        <option key={value} value={value}>
          {words}
        </option>
      ))}
    </select>
  );
}
