import type { Sitting } from '@/core/sitting';

interface LooksBarProps {
  sitting: Sitting;
  openId: string;
  onOpen(id: string): void;
  onAdd(): void;
}

const MOST_LOOKS = 20;

/** The looks of a sitting beside each other, and how much of its time they take. */
export function LooksBar({ sitting, openId, onOpen, onAdd }: LooksBarProps) {
  const plannedMin = sitting.looks.reduce((sum, l) => sum + l.minutes, 0);
  const isTooLong = plannedMin > sitting.minutes;
  return (
    <div className="rule-b mt-6 flex flex-wrap items-end gap-1" role="group" aria-label="Looks">
      {sitting.looks.map((l) => (
        <button
          key={l.id}
          type="button"
          aria-pressed={l.id === openId}
          className="border-b-3 border-transparent px-3 py-2 aria-pressed:border-accent aria-pressed:font-bold"
          onClick={() => onOpen(l.id)}
        >
          {l.name} <span className="quiet text-xs font-normal">{l.minutes} min</span>
        </button>
      ))}
      <button
        type="button"
        className="link-act py-2"
        onClick={onAdd}
        disabled={sitting.looks.length >= MOST_LOOKS}
      >
        Add a look
      </button>
      <p className={`ml-auto py-2 text-sm ${isTooLong ? 'text-error font-bold' : 'quiet'}`}>
        {plannedMin} of {sitting.minutes} min planned
      </p>
    </div>
  );
}
