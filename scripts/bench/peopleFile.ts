import { guessMapping, importLines } from '@/core/people';
import { AVERAGE_PROFILE } from '@/data';
import { readCsv } from '@/workers/peopleText';
import { line, processorMs } from './measure';

const LINES = 200_000;

/** Reads and understands the largest list of people that anybody brings along, as the worker for such files does. */
export function benchPeopleFile(): void {
  const rows = Array.from(
    { length: LINES },
    (_, i) => `Rower ${i},rower${i}@saltmarsh.example,${1.5 + (i % 50) / 100}`,
  );
  const text = ['name,email,height', ...rows].join('\n');
  let understood = 0;
  const ms = processorMs(() => {
    const { headings, lines } = readCsv(text);
    understood = importLines(lines, guessMapping(headings), AVERAGE_PROFILE, () => 'id', 2).filter(
      (l) => 'sitter' in l,
    ).length;
  });
  line(`CSV of ${LINES} lines`, `${(ms / 1000).toFixed(1)} s, ${understood} understood`);
}
