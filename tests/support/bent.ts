import { JOINTS, type Body, type JointName } from '@/core/body';
import {
  about,
  between,
  chain,
  createFrames,
  hang,
  rotationOf,
  transformsOf,
} from '@/core/figure/joints/frames';

/** Bind-to-pose matrices of a body in the bind pose with one joint bent about its own x axis, degrees. */
export function bentAt(body: Body, joint: JointName, deg: number): Float64Array {
  const frames = createFrames();
  frames.position[0] = body.skeleton.bind[0]!;
  JOINTS.forEach((name, j) => {
    if (j === 0) return;
    const carried = rotationOf(frames, JOINTS[body.skeleton.parents[j]!]!);
    const bent = chain(carried, about('x', deg));
    const half = joint.replace('forearm', 'elbow').replace('shank', 'knee');
    if (name === joint) hang(frames, body, name, bent);
    else hang(frames, body, name, name === half ? between(carried, bent, 0.5) : carried);
  });
  return transformsOf(frames, body);
}
