import { ARRANGEMENTS } from '@/core/library';
import type { WholeSitting } from '@/data';
import { AddChoice } from '@/ui/fields/AddChoice';
import { usePoseStore } from '../poseStore';

const ALL = Object.values(ARRANGEMENTS).flat();
const BY_GROUP = Object.entries(ARRANGEMENTS).map(
  ([group, all]) => [group, all.map(({ id, name }) => [id, name] as const)] as const,
);

/** Poses both together as the house has it. */
export function Arrange({ people }: Pick<WholeSitting, 'people'>) {
  const { arrange } = usePoseStore.getState();
  const statureM = (id: string) => people.find((p) => p.id === id)?.profile.statureM;
  return (
    <AddChoice
      label="Arrange the two"
      empty="arrange the two"
      className="w-full"
      groups={BY_GROUP}
      onChoose={(id) =>
        arrange(
          ALL.find((a) => a.id === id)!,
          statureM,
        )
      }
    />
  );
}
