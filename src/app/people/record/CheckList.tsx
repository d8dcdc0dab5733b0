const BOX = 'h-4 w-4 accent-[var(--color-secondary)]';

interface CheckListProps<Name extends string> {
  legend: string;
  words: Readonly<Record<Name, string>>;
  chosen: readonly Name[] | undefined;
  /** Called with all that are chosen now, in the order of the list. */
  onChange(chosen: Name[]): void;
}

/** Things of which any can be chosen. */
export function CheckList<Name extends string>({
  legend,
  words,
  chosen = [],
  onChange,
}: CheckListProps<Name>) {
  const names = Object.keys(words) as Name[];
  const toggle = (name: Name, on: boolean) =>
    onChange(names.filter((n) => (n === name ? on : chosen.includes(n))));
  return (
    <fieldset>
      <legend className="font-bold">{legend}</legend>
      <div className="mt-2 grid grid-cols-1 gap-x-4 sm:grid-cols-2">
        {names.map((name) => (
          <label key={name} className="flex min-h-8 items-center gap-2 first-letter:uppercase">
            <input
              type="checkbox"
              className={BOX}
              checked={chosen.includes(name)}
              onChange={(e) => toggle(name, e.target.checked)}
            />
            {words[name]}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
