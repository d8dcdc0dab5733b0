import type { Directing } from './useDirecting';

interface FrameCountProps {
  directing: Pick<Directing, 'take' | 'frameCount' | 'keeperCount'>;
  className: string;
}

/** How many frames of a pose there are, of how many that were planned, and the keepers among them. */
export function FrameCount({ directing, className }: FrameCountProps) {
  const { take, frameCount, keeperCount } = directing;
  return (
    <p className={className} data-testid="frame-count">
      {frameCount} of {take.plannedFrames} frames, {keeperCount} {keeperCount === 1 ? 'keeper' : 'keepers'}
    </p>
  );
}
