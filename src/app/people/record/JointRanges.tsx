import {
  MOTION_LIMITS,
  MOTION_NAMES,
  motionRange,
  MOTIONS,
  type BodyProfile,
  type Motion,
} from '@/core/body';
import { SIDES, type Side } from '@/core/units';

interface RowProps {
  profile: BodyProfile;
  motion: Motion;
  /** Null where both sides go alike. */
  side: Side | null;
}

function RangeRow({ profile, motion, side }: RowProps) {
  const { limitDeg, comfortDeg, because } = motionRange(profile, motion, side ?? 'left');
  return (
    <tr className={`rule-b ${because.length ? 'font-bold' : ''}`}>
      <td className="py-0.5">
        {side && `${side} `}
        {MOTIONS[motion].words}
        {because.length > 0 && (
          <span className="quiet block text-xs font-normal">
            {because.map((b) => MOTION_LIMITS[b].words).join(', ')}
          </span>
        )}
      </td>
      <td className="py-0.5 text-right">{Math.round(comfortDeg)}°</td>
      <td className="py-0.5 text-right">{limitDeg}°</td>
    </tr>
  );
}

/** Both sides apart where one of them goes less far. */
function sidesOf(profile: BodyProfile, motion: Motion): readonly (Side | null)[] {
  const [left, right] = SIDES.map((side) => motionRange(profile, motion, side).limitDeg);
  return left === right ? [null] : SIDES;
}

/** How far each joint of this sitter goes, and why not further. */
export function JointRanges({ profile }: { profile: BodyProfile }) {
  return (
    <table className="w-full self-start text-sm">
      <caption className="pb-1 text-left font-bold">How far each joint goes</caption>
      <thead>
        <tr className="quiet rule-b text-left text-xs">
          <th className="py-1 font-normal">movement</th>
          <th className="py-1 text-right font-normal">easy to</th>
          <th className="py-1 text-right font-normal">at most</th>
        </tr>
      </thead>
      <tbody>
        {MOTION_NAMES.flatMap((motion) =>
          sidesOf(profile, motion).map((side) => (
            <RangeRow key={`${motion} ${side}`} profile={profile} motion={motion} side={side} />
          )),
        )}
      </tbody>
    </table>
  );
}
