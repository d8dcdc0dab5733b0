import { standingOn, type SoloShot } from '@/core/shot';
import { footprintsOf, groundOf } from '@/core/scene';
import { SIDES } from '@/core/units';
import type { ShotReport } from '@/workers/shotReport';
import type { Plan } from './planScale';

/** What is lower than this is a rug or a mat, and drawn fainter, metres. */
const RAISED_M = 0.1;

function Footprints({ plan, shot }: { plan: Plan; shot: SoloShot }) {
  const things = standingOn(shot, groundOf(plan.room));
  return footprintsOf(things).map(({ outline, topM }, i) => (
    <polygon
      key={i}
      points={outline.map(([x, z]) => `${plan.X(x)},${plan.Y(z)}`).join(' ')}
      fill="var(--color-base-300)"
      fillOpacity={topM > RAISED_M ? 0.7 : 0.3}
      stroke="currentColor"
      strokeWidth={0.7}
    />
  ));
}

function Feet({ plan: { X, Y }, feet }: { plan: Plan; feet: ShotReport['feet'] }) {
  return SIDES.map((side) => (
    <line
      key={side}
      x1={X(feet[side].heel[0])}
      y1={Y(feet[side].heel[2])}
      x2={X(feet[side].toe[0])}
      y2={Y(feet[side].toe[2])}
      stroke="currentColor"
      strokeWidth={4}
      strokeLinecap="round"
    />
  ));
}

/** Furniture and supports, the feet of the sitter and fainter of others, and the cross of tape that is the mark. */
export function OnFloor({ plan, shot, report }: { plan: Plan; shot: SoloShot; report: ShotReport | null }) {
  const [x, y] = [plan.X(0), plan.Y(0)];
  return (
    <>
      <Footprints plan={plan} shot={shot} />
      {report && <Feet plan={plan} feet={report.feet} />}
      <g opacity={0.5}>
        {report?.others.map(({ role, feet }) => (
          <Feet key={role} plan={plan} feet={feet} />
        ))}
      </g>
      <g stroke="var(--color-accent)" strokeWidth={1.2}>
        <line x1={x - 5} x2={x + 5} y1={y} y2={y} />
        <line x1={x} x2={x} y1={y - 5} y2={y + 5} />
      </g>
    </>
  );
}
