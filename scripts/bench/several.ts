import { bodyFrom } from '@/core/body';
import { posedTogether, type ToPose } from '@/core/figure';
import { arrangeGroup, type GroupAsked } from '@/core/group';
import { ARRANGEMENTS } from '@/core/library';
import { USUAL_LENSES } from '@/core/set';
import { groupOf } from '../../tests/support/crew';
import { profileOf } from '../../tests/support/people';
import { elapsedMs, line, processorMs, summary } from './measure';
import { CAMERA, LIGHT } from './sitter';

const [TALL, SMALL] = [
  profileOf({ statureM: 1.86, massKg: 95 }),
  profileOf({ statureM: 1.6, massKg: 50, contourShare: 1 }),
].map((profile) => bodyFrom(profile)) as [
  GroupAsked['group'][number]['body'],
  GroupAsked['group'][number]['body'],
];

/** A shed that is wide enough for a large group. */
const SHED: GroupAsked['setting']['room'] = {
  name: 'shed',
  widthM: 14,
  depthM: 14,
  markToLeftM: 7,
  markToBackM: 4,
  door: { wall: 'left', words: 'door', fromM: 4, toM: 6 },
};

function arrange(count: number): void {
  const group = groupOf(count);
  const steps = arrangeGroup({
    group,
    means: { chairs: 9, benches: 1, boxes: 10, floor: true },
    wishes: { relations: [] },
    setting: { room: SHED, camera: { ...CAMERA, focalLengthMm: 50 }, light: LIGHT, lenses: USUAL_LENSES },
    seed: 1,
  });
  while (!steps.next().done);
}

/** A step of a drag, after two that went before it, processor milliseconds. */
function dragStepMs(pair: ToPose[]): number {
  const [first, ...others] = pair as [ToPose, ...ToPose[]];
  const turned = (deg: number): ToPose[] => {
    const settings = {
      ...first.pose.settings,
      leanForwardDeg: (first.pose.settings.leanForwardDeg ?? 0) + deg,
    };
    return [{ ...first, pose: { ...first.pose, settings } }, ...others];
  };
  let posed = posedTogether(pair);
  for (const deg of [1, 2]) posed = posedTogether(turned(deg), { posed, isQuick: true });
  return processorMs(() => posedTogether(turned(3), { posed, isQuick: true }));
}

/** Two posed together from cold, every arrangement of the house; groups arranged from cold. */
export function benchSeveral(): void {
  const pairs = Object.values(ARRANGEMENTS)
    .flat()
    .map(({ people, message, supports }): ToPose[] =>
      people.map(({ role, pose, mark }, i) => ({
        role,
        mark,
        body: [SMALL, TALL][i]!,
        pose: { ...pose, message, objects: [...supports] },
      })),
    );
  for (const pair of pairs) posedTogether(pair);
  line('two posed together', summary(pairs.map((pair) => processorMs(() => posedTogether(pair)))));
  line('a step of a drag of two', summary(pairs.map(dragStepMs)));
  for (const count of [8, 20, 40]) {
    groupOf(count);
    line(`group of ${count} arranged`, `${(elapsedMs(() => arrange(count)) / 1000).toFixed(1)} s`);
  }
}
