import type { WholeSitting } from '@/data';
import type { Directing } from './useDirecting';
import { useInstead } from './useInstead';

const LINK = 'link-act min-h-11!';

/** Where the sitter cannot do a pose: the nearest that they can, to be agreed to and taken back. */
export function CannotDo({ whole, directing }: { whole: WholeSitting; directing: Directing }) {
  const instead = useInstead(whole, directing.take, directing.restart);
  if (!instead.canAsk) return null;
  if (instead.isAsked)
    return (
      <p role="status" className="flex flex-wrap items-center gap-x-3" data-testid="instead">
        <span>
          {instead.proposed ? `Instead: ${instead.proposed}.` : 'No other pose of the house suits.'}
        </span>
        {instead.proposed && (
          <button type="button" className="act min-h-11! px-4" onClick={instead.agree}>
            Take it
          </button>
        )}
        <button type="button" className={LINK} onClick={instead.dismiss}>
          {instead.proposed ? 'No' : 'Close'}
        </button>
      </p>
    );
  if (instead.undo)
    return (
      <button type="button" className={LINK} onClick={instead.undo}>
        Back to the planned pose
      </button>
    );
  return (
    <button type="button" className={LINK} disabled={instead.isBusy} onClick={instead.ask}>
      {instead.isBusy ? 'Looking for another' : 'Cannot do this'}
    </button>
  );
}
