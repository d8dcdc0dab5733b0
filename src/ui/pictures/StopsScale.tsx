import { STOP_COLOURS } from '@/core/picture';

/** The colours of the steps of exposure, with their stops from middle grey. */
export function StopsScale({ className }: { className?: string }) {
  return (
    <ol
      aria-label="Stops from middle grey"
      className={`flex text-center text-[11px] tabular-nums ${className ?? ''}`}
    >
      {STOP_COLOURS.map(({ stops, colour }) => (
        <li key={stops} className="flex-1">
          <span className="block h-3 border border-base-300" style={{ background: colour }} />
          {stops > 0 ? `+${stops}` : stops}
        </li>
      ))}
    </ol>
  );
}
