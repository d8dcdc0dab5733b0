'use client';

import type { WantedRanges } from '@/core/brief';
import { useState } from 'react';
import { cueFor } from '@/core/direct';
import type { MendChange, StuckWhy } from '@/core/adapt';
import { CAMERA_RANGES } from '@/core/camera';
import { KEY_RANGES } from '@/core/light';
import { HELD_JOINTS, MOTIONS, type BodyProfile } from '@/core/body';
import type { Take } from '@/core/sitting';
import { differenceOf, SETTINGS } from '@/core/pose';
import type { Finding } from '@/core/review';
import type { Ground } from '@/core/scene';
import { studio } from '@/workers/studioClient';
import type { ShotReport } from '@/workers/shotReport';
import { Numbers } from './Numbers';
import { Unreached } from './Unreached';
import { usePoseStore, type Overlay } from '@/take/poseStore';

const OVERLAY_OF: Partial<Record<string, Overlay>> = {
  'enlarged-part': 'size',
  'no-daylight': 'measured',
  'frame-edge': 'measured',
};

function figure(value: number): string {
  return Math.abs(value) >= 10 ? value.toFixed(0) : value.toFixed(Number.isInteger(value) ? 0 : 1);
}

/** The measured figure; with a decimal more where rounding would make it look as if nothing were wrong. */
function measured({ value, low, high }: Finding['measurement']): string {
  const limit = value < low ? low : high;
  return figure(value) === figure(limit) ? value.toFixed(1) : figure(value);
}

function wantedWords({ value, low, high, unit }: Finding['measurement']): string {
  if (low === 0 && high === 0) return 'none wanted';
  return value < low ? `${figure(low)} or more wanted` : `${figure(high)} or less wanted, ${unit}`;
}

function Mark({ severity }: { severity: number }) {
  return (
    <svg width={14} height={14} viewBox="0 0 14 14" aria-hidden className="mt-1 shrink-0">
      {severity >= 0.5 ? (
        <path d="M7 0l7 7-7 7-7-7z" fill="var(--color-error)" />
      ) : (
        <circle cx={7} cy={7} r={5} fill="none" stroke="var(--color-error)" strokeWidth={2.2} />
      )}
    </svg>
  );
}

interface ReadingsProps {
  take: Take;
  profile: BodyProfile;
  wanted: WantedRanges;
  ground: Ground;
  report: ShotReport | null;
  refused: string | null;
}

const STUCK_WORDS: Record<StuckWhy, string> = {
  raisesAnother: 'Not found: no small change clears it without raising another finding.',
  held: 'What would mend it is held. Let go of its station first.',
  unknownRule: 'This finding is of another version: nothing is known that would mend it.',
};

interface Outcome {
  findingId: string;
  text: string;
  kind: 'mended' | 'stuck' | 'cue';
}

/** A change of a mend with both its numbers, in the unit that is shown. */
function changeWords({ variable, from, to }: MendChange): string {
  const row =
    variable.on === 'pose'
      ? SETTINGS[variable.id]
      : {
          ...(variable.on === 'camera' ? CAMERA_RANGES[variable.name] : KEY_RANGES[variable.name]),
          shown: 1,
        };
  return `${row.words} ${shown(from, row.shown)} to ${shown(to, row.shown)} ${row.unit}`;
}

/** Asks why a finding is meant; the reason is kept with the pose. */
function ReasonForm({ onKeep }: { onKeep(reason: string): void }) {
  return (
    <form
      className="mt-1 flex gap-1"
      onSubmit={(e) => {
        e.preventDefault();
        const reason = String(new FormData(e.currentTarget).get('reason')).trim();
        if (reason) onKeep(reason);
      }}
    >
      <input
        name="reason"
        autoFocus
        required
        maxLength={200}
        aria-label="Why it is meant"
        placeholder="why it is meant"
        className="h-7 min-w-0 flex-1 border border-base-300 bg-base-100 px-2 text-[13px]"
      />
      <button type="submit" className="link-act">
        Keep
      </button>
    </form>
  );
}

/** What the review sees, worst first, what would mend it, and the numbers under it. */
export function Readings({ take, profile, wanted, ground, report, refused }: ReadingsProps) {
  const { setShot, setMeant, setPanel, setOverlay } = usePoseStore.getState();
  const [working, setWorking] = useState<string | null>(null);
  const [outcome, setOutcome] = useState<Outcome | null>(null);
  const [asking, setAsking] = useState<string | null>(null);
  const findings = report?.findings ?? [];
  const accepted = new Map(take.meant.map((m) => [m.findingId, m.reason]));
  const open = findings.filter((f) => !accepted.has(f.id));
  const meant = findings.filter((f) => accepted.has(f.id));

  async function mend(finding: Finding, apply: boolean) {
    setWorking(finding.id);
    setOutcome(null);
    try {
      const before = take.shot;
      const result = await studio('live').mend(profile, before, finding, {
        wanted,
        ground,
        held: [...usePoseStore.getState().held],
      });
      if (result.kind === 'stuck') {
        setOutcome({ findingId: finding.id, text: STUCK_WORDS[result.why], kind: 'stuck' });
        return;
      }
      const said = differenceOf(before.pose, result.shot.pose).map((c) => cueFor(c).text);
      const words = result.changes.map(changeWords).join('; ');
      if (apply) {
        if (usePoseStore.getState().take?.shot !== before) return;
        setShot(result.shot);
        setOutcome({ findingId: finding.id, text: `${finding.title}: ${words}.`, kind: 'mended' });
      } else setOutcome({ findingId: finding.id, text: said.join(' ') || `${words}.`, kind: 'cue' });
    } catch (error) {
      setOutcome({ findingId: finding.id, text: (error as Error).message, kind: 'stuck' });
    } finally {
      setWorking(null);
    }
  }

  return (
    <section
      aria-label="What the picture says"
      className="rule-l flex min-h-0 w-[316px] shrink-0 flex-col px-4 pt-3 pb-2"
    >
      <h2 className="text-lg leading-tight">What the picture says</h2>
      <div
        className="min-h-0 flex-1 overflow-y-auto"
        tabIndex={0}
        role="region"
        aria-label="Findings, worst first"
      >
        {refused && (
          <p role="alert" className="text-error rule-b py-2">
            {refused}. The picture shown is the last good one.
          </p>
        )}
        {outcome?.kind === 'mended' && (
          <p role="status" className="rule-b py-2 text-secondary">
            Mended. {outcome.text}
          </p>
        )}
        {report && open.length === 0 && (
          <p className="quiet py-3">Nothing to mend. Look at the eyes, then shoot.</p>
        )}
        <ul data-testid="findings">
          {open.map((f) => (
            <li key={f.id} className="rule-b flex gap-2.5 py-2" data-finding={f.id}>
              <Mark severity={f.severity} />
              <div className="min-w-0">
                <h3 className="leading-tight font-bold">{f.title}</h3>
                <p className="text-[13px] leading-snug">
                  <strong>
                    {measured(f.measurement)} {f.measurement.unit}
                  </strong>
                  , {wantedWords(f.measurement)}. <span className="quiet">{f.reason}</span>
                </p>
                <div className="mt-1 flex items-center gap-1">
                  <button
                    type="button"
                    className="act"
                    disabled={working !== null}
                    onClick={() => void mend(f, true)}
                  >
                    {working === f.id ? 'Looking' : 'Mend'}
                  </button>
                  <button
                    type="button"
                    className="link-act"
                    aria-expanded={asking === f.id}
                    onClick={() => setAsking(asking === f.id ? null : f.id)}
                  >
                    Meant
                  </button>
                  <button
                    type="button"
                    className="link-act"
                    onClick={() => {
                      setPanel(f.station);
                      setOverlay(OVERLAY_OF[f.ruleId] ?? null);
                    }}
                  >
                    Show
                  </button>
                  <button
                    type="button"
                    className="link-act"
                    disabled={working !== null}
                    onClick={() => void mend(f, false)}
                  >
                    Say it
                  </button>
                </div>
                {asking === f.id && (
                  <ReasonForm
                    onKeep={(reason) => {
                      setMeant(f.id, reason);
                      setAsking(null);
                    }}
                  />
                )}
                {outcome?.findingId === f.id && outcome.kind !== 'mended' && (
                  <p
                    role="status"
                    className={outcome.kind === 'cue' ? 'mt-1 font-serif text-[15px]' : 'quiet mt-1 text-xs'}
                  >
                    {outcome.text}
                  </p>
                )}
              </div>
            </li>
          ))}
        </ul>
        {meant.length > 0 && (
          <div className="py-2">
            <h3 className="quiet text-xs">Also meant</h3>
            {meant.map((f) => (
              <p key={f.id} className="flex items-baseline justify-between text-[13px]">
                <span>
                  {f.title}: <span className="quiet">{accepted.get(f.id)}</span>
                </span>
                <button type="button" className="link-act" onClick={() => setMeant(f.id, null)}>
                  Not meant
                </button>
              </p>
            ))}
          </div>
        )}
        {report && report.unreached.length > 0 && <Unreached take={take} profile={profile} report={report} />}
        {report && report.tiring.length > 0 && (
          <div className="py-2" data-testid="tiring">
            <h3 className="quiet text-xs">How long it can be held</h3>
            {report.tiring.slice(0, 3).map((e) => (
              <p key={e.joint} className="text-[13px] first-letter:uppercase">
                {HELD_JOINTS[e.joint].words} {holdWords(e.holdS)}, {Math.round(e.share * 100)} % of its
                strength
              </p>
            ))}
          </div>
        )}
        {report && report.strained.length > 0 && (
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
      </div>
      {report && <Numbers report={report} apertureF={take.shot.camera.apertureF} />}
    </section>
  );
}

function shown(value: number, factor: number): string {
  return String(Math.round(value * factor * 100) / 100);
}

/** A time as it is said on set. */
function holdWords(seconds: number): string {
  if (seconds < 1) return 'cannot hold it';
  return seconds < 90
    ? `${Math.round(seconds / 5) * 5} s`
    : `${(seconds / 60).toFixed(seconds < 600 ? 1 : 0)} min`;
}
