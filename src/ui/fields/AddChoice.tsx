/** Values with their words. */
type Options = readonly (readonly [value: string, words: string])[];

function OptionsOf({ options }: { options: Options }) {
  return options.map(([value, words]) => (
    <option key={value} value={value}>
      {words}
    </option>
  ));
}

interface AddChoiceProps {
  /** The name for a screen reader. */
  label: string;
  /** What stands there while nothing is chosen. */
  empty: string;
  options?: Options;
  /** More of them under a head each. */
  groups?: readonly (readonly [head: string, options: Options])[];
  className?: string;
  onChoose(value: string): void;
}

/** A select that does something with what is chosen and is empty again. */
export function AddChoice({
  label,
  empty,
  options = [],
  groups = [],
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
      <OptionsOf options={options} />
      {groups.map(([head, all]) => (
        <optgroup key={head} label={head}>
          <OptionsOf options={all} />
        </optgroup>
      ))}
    </select>
  );
}
