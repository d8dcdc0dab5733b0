import { HELD_JOINTS, MOTIONS } from '@/core/body';
import type { ShotReport } from '@/workers/shotReport';
import { holdWords } from './findingWords';

/** What tires most is told, and no more of it. */
const MOST_TOLD = 3;

/** How long the pose can be held, and what is past what is easy. */
export function Lasting({ report }: { report: ShotReport }) {
  return (
    <>
      {report.tiring.length > 0 && (
        <div className="py-2" data-testid="tiring">
          <h3 className="quiet text-xs">How long it can be held</h3>
          {report.tiring.slice(0, MOST_TOLD).map((e) => (
            <p key={e.joint} className="text-[13px] first-letter:uppercase">
              {HELD_JOINTS[e.joint].words} {holdWords(e.holdS)}, {Math.round(e.share * 100)} % of its strength
            </p>
          ))}
        </div>
      )}
      {report.strained.length > 0 && (
        <div className="py-2" data-testid="strained">
          <h3 className="quiet text-xs">Past what is easy to hold</h3>
          {report.strained.map((m) => (
            <p key={`${m.side} ${m.motion}`} className="text-[13px] first-letter:uppercase">
              {[m.side, MOTIONS[m.motion].words].filter(Boolean).join(' ')} {Math.round(m.deg)}°, easy to{' '}
              {Math.round(m.range.comfortDeg)}°
            </p>
          ))}
        </div>
      )}
    </>
  );
}
