import { useSyncExternalStore } from 'react';
import { hasGraphics } from '@/drawing/hasGraphics';

const never = () => () => undefined;

/** Whether figures can be drawn here; on the server it is taken for granted. */
export function useHasGraphics(): boolean {
  return useSyncExternalStore(never, hasGraphics, () => true);
}
