'use client';

interface ChoiceProps<Value extends string> {
  label: string;
  value: Value;
  options: readonly Value[];
  words: Readonly<Record<Value, string>>;
  onChange(value: Value): void;
}

/** A named choice of one among a few. */
export function Choice<Value extends string>({ label, value, options, words, onChange }: ChoiceProps<Value>) {
  return (
    <label className="block min-w-0">
      <span className="block leading-tight first-letter:uppercase">{label}</span>
      <select
        className="mt-1 h-8 w-full border border-base-300 bg-base-100 px-2"
        value={value}
        onChange={(e) => onChange(e.target.value as Value)}
      >
        {options.map((o) => (
          <option key={o} value={o}>
            {words[o]}
          </option>
        ))}
      </select>
    </label>
  );
}
