/**
 * What blocks light from every place of a face chart towards every stepped direction, four of them in a byte: a row of
 * places a direction. It hangs on the head's surface alone, so that it can be kept with it.
 */
export type HeadTable = Uint8Array;

/** Bytes of a row. */
const rowBytes = (places: number) => Math.ceil(places / 4);

export function packedTable(rows: readonly Uint8Array[], places: number): HeadTable {
  const bytes = rowBytes(places);
  const table = new Uint8Array(rows.length * bytes);
  rows.forEach((row, r) => {
    for (let i = 0; i < places; i++) table[r * bytes + (i >> 2)]! |= row[i]! << ((i & 3) * 2);
  });
  return table;
}

export function unpackedRow(table: HeadTable, row: number, places: number): Uint8Array {
  const from = row * rowBytes(places);
  const out = new Uint8Array(places);
  for (let i = 0; i < places; i++) out[i] = (table[from + (i >> 2)]! >> ((i & 3) * 2)) & 3;
  return out;
}

/** Whether a table has the size that belongs to so many places and directions. */
export function fits(table: HeadTable, places: number, directions: number): boolean {
  return table.length === rowBytes(places) * directions;
}
