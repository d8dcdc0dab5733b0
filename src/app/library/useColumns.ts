import { useSyncExternalStore } from 'react';

/** So many poses stand side by side from these widths on, pixels. */
const COLUMNS = [
  { fromPx: 1200, columns: 6 },
  { fromPx: 760, columns: 4 },
  { fromPx: 0, columns: 2 },
] as const;

function subscribe(onChange: () => void): () => void {
  addEventListener('resize', onChange);
  return () => removeEventListener('resize', onChange);
}

/** How many poses stand side by side in the window. */
export function useColumns(): number {
  const at = () => COLUMNS.find(({ fromPx }) => innerWidth >= fromPx)!.columns;
  return useSyncExternalStore(subscribe, at, () => COLUMNS[0].columns);
}
