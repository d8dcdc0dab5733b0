'use client';

import { format } from 'date-fns';
import {
  fallsThrough,
  openingsOf,
  sunAt,
  sunFor,
  sunPath,
  sunTimes,
  type Room,
  type Site,
} from '@/core/scene';
import type { Vec3 } from '@/core/units';
import { KeptField, numberProblem } from '@/ui/fields/KeptField';
import type { PlanScale } from '@/take/plan/planScale';
import { decimalFrom } from '@/core/checks';

const FIELDS = [
  ['latitudeDeg', 'latitude, north positive', -90, 90],
  ['longitudeDeg', 'longitude, east positive', -180, 180],
  ['frontBearingDeg', 'bearing from mark to camera', 0, 360],
] as const;
/** Where a standing sitter's face is, over the mark. */
const FACE_OVER_MARK: Vec3 = [0, 1.5, 0];
const NOWHERE: Site = { latitudeDeg: 0, longitudeDeg: 0, frontBearingDeg: 0 };

interface SunPartProps {
  room: Room;
  /** When the sitting begins. */
  time: Date;
  cameraArcDeg: number;
  onChange(room: Room): void;
}

/** Where the set is on the earth, and where the sun stands when the sitting begins. */
export function SunPart({ room, time, cameraArcDeg, onChange }: SunPartProps) {
  const { site } = room;
  const sun = site && sunAt(site, time);
  const times = site && sunTimes(site, time);
  const through =
    sun && sun.altitudeDeg > 0
      ? openingsOf(room).find((opening) => fallsThrough(opening, sun.towards, FACE_OVER_MARK))
      : undefined;
  return (
    <section aria-label="Sun">
      <h2 className="title text-lg">Sun</h2>
      <div className="mt-1 space-y-2">
        {FIELDS.map(([name, words, min, max]) => (
          <KeptField
            key={name}
            label={`${words}, °`}
            value={site ? String(site[name]) : ''}
            problem={numberProblem(words, min, max, '°')}
            onKeep={(text) =>
              onChange({ ...room, site: { ...(site ?? NOWHERE), [name]: decimalFrom(text) } })
            }
          />
        ))}
      </div>
      {sun && times && (
        <p className="mt-2" data-testid="sun">
          {format(time, 'd MMMM, HH:mm')}: {sunFor(sun, cameraArcDeg)}
          {sun.altitudeDeg > 0 && `, ${Math.round(sun.altitudeDeg)}° high`}, {sun.light}.{' '}
          <span className="quiet">
            {times.rise && times.set
              ? `Up from ${format(times.rise, 'HH:mm')} to ${format(times.set, 'HH:mm')}.`
              : sun.altitudeDeg > 0
                ? 'It does not set.'
                : 'It does not rise.'}
          </span>
          {through && ` It falls through the ${through.words || 'opening'} on a face over the mark.`}
        </p>
      )}
    </section>
  );
}

interface SunMarksProps extends PlanScale {
  site: Site;
  time: Date;
  /** Distance from the mark at which the sun is drawn on the horizon, metres; higher it comes nearer. */
  radiusM: number;
}

/** The sun's way over the day on the plan: on the rim it is at the horizon, at the mark it would be overhead. */
export function SunMarks({ site, time, radiusM, X, Y }: SunMarksProps) {
  const place = ({ towards }: ReturnType<typeof sunAt>) =>
    [X(towards[0] * radiusM), Y(towards[2] * radiusM)] as const;
  const path = sunPath(site, time).map(({ sun }) => place(sun));
  const now = sunAt(site, time);
  const [x, y] = place(now);
  return (
    <g aria-label="Way of the sun" role="img">
      {path.map(([px, py], i) => (
        <circle key={i} cx={px} cy={py} r={0.7} fill="var(--color-accent)" />
      ))}
      {now.altitudeDeg > 0 && (
        <>
          <line x1={x} y1={y} x2={X(0)} y2={Y(0)} stroke="var(--color-accent)" strokeWidth={0.6} />
          <circle cx={x} cy={y} r={4} fill="var(--color-primary)" stroke="var(--color-accent)" />
        </>
      )}
    </g>
  );
}
