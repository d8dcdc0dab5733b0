import { bindToHead, headCharacter, headShape, jointIndex, type Body } from '../../body';
import { subtract, type Quat, type Vec3 } from '../../units';
import { turned, type Frames } from '../joints/frames';
import type { Clearance } from './clearance';

const shapes = new WeakMap<Body, ReturnType<typeof headShape>>();

/** Distance to the posed head without hair, metres. */
export function headDistance(frames: Frames, body: Body): Clearance {
  let shape = shapes.get(body);
  if (!shape) shapes.set(body, (shape = headShape(headCharacter(body.profile))));
  const { skin } = shape;
  const { lengths } = body;
  const j = jointIndex('head');
  const [x, y, z, w] = frames.rotation[j]!;
  const back: Quat = [-x, -y, -z, w];
  const bind = body.skeleton.bind[j]!;
  return (p: Vec3) => {
    const [u, v, s] = turned(subtract(p, frames.position[j]!), back);
    return skin(...bindToHead(lengths, [u + bind[0], v + bind[1], s + bind[2]])) * lengths.headHeightM;
  };
}
