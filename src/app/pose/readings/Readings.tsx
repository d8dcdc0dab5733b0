'use client';

import Link from 'next/link';
import type { MendWishes } from '@/core/adapt';
import type { BodyProfile } from '@/core/body';
import type { Standard } from '@/core/brief';
import type { Ground } from '@/core/scene';
import type { SoloShot } from '@/core/shot';
import { meantId, type Take } from '@/core/sitting';
import type { ShotReport } from '@/workers/shotReport';
import { usePoseStore } from '@/take/poseStore';
import { FittedNote } from '../further/FittedNote';
import { Further } from '../further/Further';
import { SearchShare } from '../further/SearchShare';
import type { useFit } from '../further/useFit';
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
  fit: ReturnType<typeof useFit>;
}

/** A pose that is being fitted to the sitter, or what that came to. */
function FitPart({
  fit,
  ...to
}: Pick<ReadingsProps, 'fit' | 'profile'> & { shot: SoloShot; wishes: MendWishes }) {
  const { share, fitted, refused, callOff } = fit;
  if (share !== null) return <SearchShare words="Fitting the pose" share={share} onStop={callOff} />;
  if (refused) return <p role="alert">{refused}</p>;
  return fitted && <FittedNote fit={fitted} {...to} />;
}

/** What the review sees, in the order of the work, what would mend it, and the numbers under it. */
export function Readings(props: ReadingsProps) {
  const { take, chosen, profile, standard, ground, report, refused, fit } = props;
  const mending = useMend(chosen, profile, standard, ground);
  const role = usePoseStore((s) => s.role);
  const held = usePoseStore((s) => s.held);
  const wishes = { standard, ground, held };
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
        <FitPart fit={fit} profile={profile} shot={chosen} wishes={wishes} />
        <Findings findings={open} mending={mending} />
        <Further
          {...{ profile, wishes }}
          shot={chosen}
          meant={new Set(meant.map(({ finding }) => finding.id))}
        />
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
