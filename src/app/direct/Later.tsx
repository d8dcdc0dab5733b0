import type { WholeSitting } from '@/data';
import type { Directing } from './useDirecting';
import { useLater } from './useLater';

const LINK = 'link-act min-h-11!';

/** The pose after the next one, or its directions once more. */
export function Later({ whole, directing }: { whole: WholeSitting; directing: Directing }) {
  const { later, undo } = useLater(whole, directing);
  const { at, restart } = directing;
  return (
    <>
      {later && (
        <button type="button" className={LINK} onClick={later}>
          Do this after the next
        </button>
      )}
      {undo && (
        <button type="button" className={LINK} onClick={undo}>
          Back to the planned order
        </button>
      )}
      {at > 0 && (
        <button type="button" className={LINK} onClick={restart}>
          From the first cue again
        </button>
      )}
    </>
  );
}
