import { SITTER_ORDERS, type SitterOrder, type SitterQuery } from '@/core/people';

const SHOWN_WORDS: Record<SitterQuery['shown'], string> = {
  current: 'current',
  archived: 'archived',
  binned: 'in the bin',
};

type Options = readonly (readonly [value: string, words: string])[];

const SHOWN_OPTIONS: Options = Object.entries(SHOWN_WORDS);
/** Each order both ways round. */
const ORDER_OPTIONS: Options = Object.entries(SITTER_ORDERS).flatMap(([order, words]) => [
  [order, `by ${words}`],
  [`${order} down`, `by ${words}, last first`],
]);

interface PlainSelectProps {
  label: string;
  value: string;
  options: Options;
  onChoose(value: string): void;
}

function PlainSelect({ label, value, options, onChoose }: PlainSelectProps) {
  return (
    <select className="field" aria-label={label} value={value} onChange={(e) => onChoose(e.target.value)}>
      {options.map(([option, words]) => (
        <option key={option} value={option}>
          {words}
        </option>
      ))}
    </select>
  );
}

interface QueryFieldsProps {
  query: SitterQuery;
  /** Tags in use, with how many people have each. */
  tags: readonly (readonly [tag: string, count: number])[];
  onChange(change: Partial<SitterQuery>): void;
}

/** What of the people is listed, and in which order. */
export function QueryFields({ query, tags, onChange }: QueryFieldsProps) {
  return (
    <>
      <input
        type="search"
        className="field"
        aria-label="Search people"
        placeholder="Search name, contact, note, tag"
        value={query.text}
        onChange={(e) => onChange({ text: e.target.value })}
      />
      <div className="grid grid-cols-3 gap-2">
        <PlainSelect
          label="Tag"
          value={query.tag ?? ''}
          options={[['', 'any tag'], ...tags.map(([tag, count]) => [tag, `${tag} (${count})`] as const)]}
          onChoose={(tag) => onChange({ tag: tag || null })}
        />
        <PlainSelect
          label="Shown"
          value={query.shown}
          options={SHOWN_OPTIONS}
          onChoose={(shown) => onChange({ shown: shown as SitterQuery['shown'] })}
        />
        <PlainSelect
          label="Order"
          value={`${query.order}${query.descending ? ' down' : ''}`}
          options={ORDER_OPTIONS}
          onChoose={(value) => {
            const [order, down] = value.split(' ');
            onChange({ order: order as SitterOrder, descending: down === 'down' });
          }}
        />
      </div>
    </>
  );
}
