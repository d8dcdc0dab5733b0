import { ARRANGEMENTS, suiting } from '@/core/library';
import type { Take } from '@/core/sitting';
import type { WholeSitting } from '@/data';
import { AddChoice } from '@/ui/fields/AddChoice';
import { usePoseStore } from '../poseStore';

const ALL = Object.values(ARRANGEMENTS).flat();

interface ArrangeProps {
  whole: WholeSitting;
  take: Take;
}

/** Poses both together as the house has it. */
export function Arrange({ whole, take }: ArrangeProps) {
  const { arrange } = usePoseStore.getState();
  const both = whole.people.filter(({ id }) => take.shot.people.some((p) => p.personId === id));
  const profiles = both.map((p) => p.profile);
  const groups = Object.entries(ARRANGEMENTS)
    .map(([head, all]) => [head, suiting(all, profiles).map(({ id, name }) => [id, name] as const)] as const)
    .filter(([, options]) => options.length > 0);
  return (
    <AddChoice
      label="Arrange the two"
      empty="arrange the two"
      className="w-full"
      groups={groups}
      onChoose={(chosen) =>
        arrange(
          ALL.find(({ id }) => id === chosen)!,
          (id) => both.find((p) => p.id === id)?.profile.statureM,
        )
      }
    />
  );
}
