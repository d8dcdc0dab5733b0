'use client';

import Link from 'next/link';
import type { BodyProfile } from '@/core/body';
import type { Standard } from '@/core/brief';
import type { Ground } from '@/core/scene';
import type { SoloShot } from '@/core/shot';
import { meantId, type Take } from '@/core/sitting';
import type { ShotReport } from '@/workers/shotReport';
import { usePoseStore } from '@/take/poseStore';
import { Findings } from './Findings';
import { Lasting } from './Lasting';
import { MeantFindings, SilentRules } from './MeantFindings';
import { Numbers } from './Numbers';
import { Unreached } from './Unreached';
import { useMend } from './useMend';

interface ReadingsProps {
  take: Take;
  chosen: SoloShot;
  profile: BodyProfile;
  standard: Standard;
  ground: Ground;
  report: ShotReport | null;
  refused: string | null;
}

/** What the review sees, in the order of the work, what would mend it, and the numbers under it. */
export function Readings({ take, chosen, profile, standard, ground, report, refused }: ReadingsProps) {
  const mending = useMend(chosen, profile, standard, ground);
  const role = usePoseStore((s) => s.role);
  const findings = report?.findings ?? [];
  const accepted = new Map(take.meant.map((m) => [m.findingId, m.reason]));
  const open = findings.filter((f) => !accepted.has(meantId(role, f.id)));
  const meant = findings.flatMap((finding) => {
    const reason = accepted.get(meantId(role, finding.id));
    return reason === undefined ? [] : [{ finding, reason }];
  });
  return (
    <section
      aria-label="What the picture says"
      className="flex min-h-0 flex-col px-4 pt-3 pb-2 [grid-area:readings] sm:rule-l"
    >
      <h2 className="text-lg leading-tight">What the picture says</h2>
      <div
        className="min-h-0 flex-1 sm:overflow-y-auto"
        tabIndex={0}
        role="region"
        aria-label="Findings, in the order of the work"
      >
        {refused && (
          <p role="alert" className="rule-b py-2 text-error">
            {refused}. The picture shown is the last good one.
          </p>
        )}
        {mending.outcome?.kind === 'mended' && (
          <p role="status" className="rule-b py-2 text-secondary">
            Mended. {mending.outcome.text}
          </p>
        )}
        {report && open.length === 0 && (
          <p className="quiet py-3">Nothing to mend. Look at the eyes, then shoot.</p>
        )}
        <Findings findings={open} mending={mending} />
        <MeantFindings meant={meant} />
        <SilentRules take={take} silenced={standard.silenced} />
        {report && report.unreached.length > 0 && (
          <Unreached shot={chosen} profile={profile} report={report} />
        )}
        {report && <Lasting report={report} />}
        <Link href="/rules" className="link-act">
          What the eye looks for
        </Link>
      </div>
      {report && <Numbers report={report} apertureF={chosen.camera.apertureF} />}
    </section>
  );
}
