import { contactOf, isLying, limbContact } from '../../pose';
import { anglesBetween, atEase } from '../../figure';
import type { Sight } from '../../picture';
import { clamp, degrees, type Side } from '../../units';
import { directionIn } from '../measures/inFrame';
import { pose, type Rule } from '../rule';

/** Side bend of the spine and tilt of the chest to the level, where both go the same way, degrees to the left. */
function bentDeg({ body, figure }: Sight): number {
  const bend = (f: Sight['figure']) => anglesBetween(f.frames, 'pelvis', 'spineHigh').bendDeg;
  const bendDeg = bend(figure) - bend(atEase(body));
  // bent to the left the set's upright lies to the right of the chest
  const tiltDeg = -degrees(Math.asin(clamp(directionIn(figure, 'spineHigh', [0, 1, 0])[0], -1, 1)));
  if (bendDeg * tiltDeg <= 0) return 0;
  return Math.sign(bendDeg) * Math.min(Math.abs(bendDeg), Math.abs(tiltDeg));
}

/** Whether an arm of the lower side bears or rests, which is what one bends to. */
function isPropped({ shot }: Sight, side: Side): boolean {
  const contacts = [
    contactOf(shot.pose, side),
    ...(['elbow', 'forearm', 'shoulder'] as const).map((l) => limbContact(shot.pose, side, l)),
  ];
  return contacts.some((c) => c !== undefined && ['lean', 'rest', 'grip'].includes(c.kind));
}

export const sideBend = {
  id: 'side-bend',
  name: 'Bent instead of leaning',
  reads: ['sideBendDeg'],
  station: 'spine',
  grade: 'fault',
  reason: 'A lean in one piece keeps the line; a bend breaks it at the waist.',
  weight: 0.5,
  measure(sight, { sideBendDeg }) {
    if (isLying(sight.shot.pose.support)) return [];
    const deg = bentDeg(sight);
    if (isPropped(sight, deg > 0 ? 'left' : 'right')) return [];
    return [
      {
        key: '',
        value: Math.abs(deg),
        ...sideBendDeg,
        full: 10,
        unit: '° bent aside',
        title: 'The trunk bends aside instead of leaning',
        titleBelow: 'The trunk bends aside less than wanted',
        variables: pose('bendLeftDeg', 'leanLeftDeg'),
      },
    ];
  },
} as const satisfies Rule;
