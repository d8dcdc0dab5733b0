import type { FaceChart } from './chart';
import { fits, packedTable, type HeadTable } from './headTable';
import { castRow, DIRECTIONS } from './reaching';

/** Casts the whole table of a chart, a direction a step, so that whoever asks can rest between them: seconds in all. */
export function* castTable(chart: FaceChart): Generator<void, HeadTable> {
  const rows: Uint8Array[] = [];
  for (let row = 0; row < DIRECTIONS; row++) {
    rows.push(castRow(chart, row));
    yield;
  }
  return packedTable(rows, chart.texel.length);
}

/** Has a chart read from a table that was cast before. One that does not belong to it is left. */
export function takeTable(chart: FaceChart, table: HeadTable): void {
  if (fits(table, chart.texel.length, DIRECTIONS)) chart.table = table;
}
