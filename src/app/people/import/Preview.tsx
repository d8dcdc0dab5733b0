import { IMPORT_FIELD_NAMES, IMPORT_FIELDS, type ColumnMapping, type ImportField } from '@/core/people';
import type { PeopleFile } from '@/workers/peopleFiles.worker';

interface HeadingProps {
  heading: string;
  field: ImportField | null | undefined;
  onField(field: ImportField | null): void;
}

function Heading({ heading, field, onField }: HeadingProps) {
  return (
    <th className="rule-b min-w-36 p-1.5 align-bottom font-normal">
      <span className="quiet block text-xs">{heading}</span>
      <select
        className="field"
        aria-label={`Column ${heading} is`}
        value={field ?? ''}
        onChange={(e) => onField((e.target.value || null) as ImportField | null)}
      >
        <option value="">left out</option>
        {IMPORT_FIELD_NAMES.map((f) => (
          <option key={f} value={f}>
            {IMPORT_FIELDS[f].words}
          </option>
        ))}
      </select>
    </th>
  );
}

interface PreviewProps {
  table: PeopleFile;
  onMapping(mapping: ColumnMapping): void;
}

/** The first lines of a table as they were understood; each column is told what it is. */
export function Preview({ table, onMapping }: PreviewProps) {
  const { headings, lines, lineCount, mapping } = table;
  // one field is one column's: another that had it gives it up
  const choose = (column: number, field: ImportField | null) =>
    onMapping(mapping.map((f, i) => (i === column ? field : f === field ? null : f)));
  return (
    <>
      <div className="mt-2 max-w-full overflow-x-auto" tabIndex={0} role="region" aria-label="Preview">
        <table className="text-left text-sm">
          <thead>
            <tr>
              {headings.map((heading, column) => (
                <Heading
                  key={column}
                  heading={heading}
                  field={mapping[column]}
                  onField={(field) => choose(column, field)}
                />
              ))}
            </tr>
          </thead>
          <tbody>
            {lines.map((cells, i) => (
              <tr key={i} className="rule-b">
                {headings.map((_, column) => (
                  <td key={column} className={`max-w-64 truncate p-1.5 ${mapping[column] ? '' : 'quiet'}`}>
                    {cells[column]}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {lineCount > lines.length && (
        <p className="quiet mt-1 text-xs">and {lineCount - lines.length} more lines</p>
      )}
    </>
  );
}
