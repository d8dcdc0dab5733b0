import { useState, useSyncExternalStore } from 'react';
import { graphics } from '@/drawing/graphics';

/** Whether figures are drawn: by a graphics card, by none, or by one that was taken away and may come back. */
export type Card = 'there' | 'lost' | 'none';

const never = () => () => undefined;
const isDrawn = () => graphics() !== 'none';

/** How it stands with the graphics card, and who tells that it is lost or back; on the server it is taken for granted. */
export function useCard(): [Card, (isLost: boolean) => void] {
  const [isLost, setLost] = useState(false);
  const isHad = useSyncExternalStore(never, isDrawn, () => true);
  return [!isHad ? 'none' : isLost ? 'lost' : 'there', setLost];
}
