import type { Finding } from '@/core/review';

/** Width and height that the scale is drawn in; it is stretched across. */
const WIDE = 240;
const HIGH = 14;

/** The end of the range that a value is past, or nearest to. */
function endOf({ value, low, high }: Finding['measurement']): { limit: number; isLow: boolean } {
  const isLow = value - low < high - value;
  return { limit: isLow ? low : high, isLow };
}

/**
 * Where the measured figure stands against the end of what is wanted; the dead band is drawn lighter. The words beside
 * it say the same.
 */
export function FindingScale({ measurement }: { measurement: Finding['measurement'] }) {
  const { value, full, deadBand = [0, 0] } = measurement;
  const { limit, isLow } = endOf(measurement);
  const past = Math.max(Math.abs(value - limit) * 1.25, full);
  const within = past * 0.6;
  // what is wanted always lies to the right
  const way = isLow ? 1 : -1;
  const x = (v: number) => ((past + way * (v - limit)) / (past + within)) * WIDE;
  const band = deadBand[isLow ? 0 : 1];
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${HIGH}`}
      preserveAspectRatio="none"
      className="my-1 h-3.5 w-full max-w-72"
      aria-hidden
    >
      <rect x={0} y={6} width={WIDE} height={2} fill="var(--color-base-300)" />
      <rect x={x(limit)} y={4} width={WIDE - x(limit)} height={6} fill="var(--color-secondary)" />
      <rect
        x={x(limit)}
        y={4}
        width={Math.max(0, x(limit + way * band) - x(limit))}
        height={6}
        fill="var(--color-base-100)"
        opacity={0.55}
      />
      <rect x={x(value) - 1.5} y={0} width={3} height={HIGH} fill="var(--color-error)" />
    </svg>
  );
}
