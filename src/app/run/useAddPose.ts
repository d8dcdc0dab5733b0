import { forSitter } from '@/core/library';
import type { Pose } from '@/core/pose';
import { shotOfOne, soloShot } from '@/core/shot';
import type { Take } from '@/core/sitting';
import { addTake, database, type WholeSitting } from '@/data';
import { doNow } from '@/keeping';
import { useFitAdded } from './useFitAdded';

/** Adds poses to the end of a run, each for one of its people, and fits them. */
export function useAddPose({ takes, sitting, people }: WholeSitting) {
  const { fit, ...fitState } = useFitAdded(sitting);
  function add(pose: Pose, personId: string) {
    const like = takes.at(-1);
    const sitter = people.find((p) => p.id === personId);
    if (!like || !sitter) return;
    const before = soloShot(like.shot);
    const own = forSitter(pose, sitter.profile.wheelchairSeatM);
    const shot = shotOfOne(sitter.id, { ...before, pose: own });
    const added = { ...like, id: crypto.randomUUID(), meant: [], shot };
    const done = (take: Take) => fit({ take, pose, sitter, before });
    doNow('newPose', () => addTake(database, added), { done });
  }
  return { add, ...fitState };
}
