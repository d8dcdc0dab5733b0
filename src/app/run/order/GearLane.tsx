import { Aperture, Armchair, Lightbulb, Shirt, type LucideIcon } from 'lucide-react';
import type { Gear, PlanStep } from '@/core/sequence';

/** What is taken in hand between two pictures, clothes included. */
export type InHand = Gear['kind'] | 'outfit';

/** How each is drawn and called. */
const IN_HAND: Record<InHand, { Icon: LucideIcon; words: string }> = {
  lens: { Icon: Aperture, words: 'another lens' },
  light: { Icon: Lightbulb, words: 'light moved' },
  furniture: { Icon: Armchair, words: 'support moved' },
  outfit: { Icon: Shirt, words: 'other clothes' },
};
const IN_HAND_IDS = Object.keys(IN_HAND) as InHand[];

interface GearLaneProps {
  steps: readonly PlanStep[];
  /** What is taken in hand on the way to a picture, by its id. */
  inHand: ReadonlyMap<string, readonly InHand[]>;
  spanS: number;
}

/** What is taken in hand on the way to each picture, on the time axis. */
export function GearLane({ steps, inHand, spanS }: GearLaneProps) {
  return (
    <ul className="relative h-5" aria-label="Taken in hand">
      {steps.map(({ id, beginS }) => (
        <li
          key={id}
          className="absolute inset-y-0 flex -translate-x-full items-center"
          style={{ left: `${(100 * beginS) / spanS}%` }}
        >
          {inHand.get(id)?.map((kind) => {
            const { Icon, words } = IN_HAND[kind];
            return <Icon key={kind} size={14} role="img" aria-label={words} />;
          })}
        </li>
      ))}
    </ul>
  );
}

/** What the marks of a time axis mean, of those that are on it. */
export function Legend({ inHand, hasRest }: Pick<GearLaneProps, 'inHand'> & { hasRest: boolean }) {
  const kinds = IN_HAND_IDS.filter((kind) => [...inHand.values()].some((all) => all.includes(kind)));
  return (
    <p className="quiet mt-1 flex flex-wrap items-center gap-x-4 text-xs" aria-hidden>
      <span>minutes</span>
      <LegendMark className="w-3 bg-primary" words="change" />
      {hasRest && <LegendMark className="rest-lane w-3" words="rest" />}
      <LegendMark className="w-1 bg-secondary" words="asked since the last rest" />
      {kinds.map((kind) => {
        const { Icon, words } = IN_HAND[kind];
        return (
          <span key={kind} className="flex items-center gap-1">
            <Icon size={12} /> {words}
          </span>
        );
      })}
    </p>
  );
}

function LegendMark({ className, words }: { className: string; words: string }) {
  return (
    <span className="flex items-center gap-1">
      <span className={`inline-block h-3 ${className}`} /> {words}
    </span>
  );
}
