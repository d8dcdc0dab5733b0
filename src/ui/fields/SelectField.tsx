import type { ComponentProps } from 'react';

interface SelectFieldProps extends Omit<ComponentProps<'select'>, 'children'> {
  label: string;
  /** What can be chosen, and how it is said, in this order. */
  options: readonly (readonly [value: string | number, words: string])[];
  /** Of the label round it. */
  className?: string;
}

/** A named select whose options come from a table of words. */
export function SelectField({ label, options, className = '', ...select }: SelectFieldProps) {
  return (
    <label className={`block ${className}`}>
      <span className="quiet block text-xs first-letter:uppercase">{label}</span>
      <select className="field" {...select}>
        {options.map(([value, words]) => (
          <option key={value} value={value}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}

/** The options of a table of words, in the order of `ids`. */
export function optionsOf<Id extends string>(
  ids: readonly Id[],
  words: (id: Id) => string,
): (readonly [Id, string])[] {
  return ids.map((id) => [id, words(id)] as const);
}
