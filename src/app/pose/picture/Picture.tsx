'use client';

import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import type { BodyProfile, BodySurface } from '@/core/body';
import { frameAspect } from '@/core/camera';
import { shownStops } from '@/core/picture';
import { standingOn, type SoloShot } from '@/core/shot';
import { faceShares, type Pose } from '@/core/pose';
import type { Ground, Support } from '@/core/scene';
import type { PictureBytes, ShotReport } from '@/workers/shotReport';
import { FrameBox } from '@/ui/pictures/FrameBox';
import { PaintedPicture } from '@/ui/pictures/PaintedPicture';
import { useIsDesk } from '@/ui/place/useIsDesk';
import { usePoseStore, type Overlay, type Panel } from '@/take/poseStore';
import type { OtherNamed } from '@/take/people/othersNamed';
import { ChooseOther } from './ChooseOther';
import { Handles } from './Handles';
import { MeasuredPicture, SharpMarks, SizeLabels } from './overlays';
import { LookTools, OverlayTools } from './PictureTools';
import { ShownFinding } from './ShownFinding';
import { StopsOverlay } from './StopsOverlay';
import { useGhost } from './useGhost';
import { useOthers } from './useOthers';
import type { Card } from './useCard';
import { viewFor, type Look } from './lookingAt';

// three.js is only loaded where a figure is drawn
const Viewfinder = dynamic(() => import('@/drawing/Viewfinder').then((m) => m.Viewfinder), { ssr: false });

const NO_SUPPORTS: Support[] = [];

interface PictureProps {
  /** The others of the picture, to be taken into the hand. */
  company: readonly OtherNamed[];
  card: Card;
  profile: BodyProfile;
  /** The shot as it was said. */
  chosen: SoloShot;
  /** The shot that the report belongs to. */
  shot: SoloShot | null;
  report: ShotReport | null;
  /** The picture that is measured, where the drawn one is not there or lags behind. */
  preview: PictureBytes | null;
  surface: BodySurface | null;
  /** Share of the fine surface that is built. */
  progress: number;
  ground: Ground;
  overlay: Overlay | null;
  panel: Panel;
  ghostPose: Pose | null;
  /** Hears how long a drawn frame takes at the least, milliseconds. */
  onFrameTime(leastMs: number): void;
  /** Hears that the graphics card was taken away, and that it is back. */
  onLost(isLost: boolean): void;
  /** Hears that the figure is drawn. */
  onDrawn(isDrawn: true): void;
}

/** What lies over the picture, seen through the lens. */
function OverlayOf({ overlay, profile, shot, report, ground, exposureStops }: OverlayOfProps) {
  switch (overlay) {
    case 'stops':
      return <StopsOverlay profile={profile} shot={shot} ground={ground} exposureStops={exposureStops} />;
    case 'size':
      return report && <SizeLabels report={report} />;
    case 'handles':
      return report && <Handles profile={profile} shot={shot} report={report} />;
    case 'sharp':
      return report && <SharpMarks shot={shot} report={report} />;
    default:
      return null;
  }
}

interface OverlayOfProps {
  overlay: Overlay | null;
  profile: BodyProfile;
  shot: SoloShot;
  report: ShotReport | null;
  ground: Ground;
  exposureStops: number;
}

/** The finding that is pointed at, as long as it is one. */
function FindingShown({ camera, findings }: Pick<SoloShot, 'camera'> & Pick<ShotReport, 'findings'>) {
  const id = usePoseStore((s) => s.shownFindingId);
  const finding = findings.find((f) => f.id === id);
  return finding && <ShownFinding finding={finding} camera={camera} />;
}

/** The numbers of the lens, in a corner of the picture. */
function LensMark({ camera }: { camera: SoloShot['camera'] }) {
  const { focalLengthMm, apertureF, distanceM, heightM } = camera;
  return (
    <p className="absolute top-2 right-2 bg-[#1b1712]/85 px-2 py-0.5 text-xs text-[#f2e7cd]">
      {focalLengthMm} mm · f/{apertureF} · {distanceM.toFixed(1)} m · lens {heightM.toFixed(2)} m
    </p>
  );
}

/** What stands there until the figure that is measured is built. */
function Building() {
  return (
    <p
      className="absolute inset-x-0 bottom-16 mx-auto w-fit bg-[#1b1712]/85 px-3 py-1 text-[#f2e7cd]"
      role="status"
    >
      Building the sitter
    </p>
  );
}

/** The sitter as drawn, through the lens or as looked at from elsewhere. */
function DrawnPicture(props: PictureProps & { look: Look; exposureStops: number; isHeld: boolean }) {
  const { profile, shot, report, surface, ground, overlay, panel, ghostPose, look, onFrameTime, onLost } =
    props;
  const expression = useMemo(() => (shot ? faceShares(shot.pose) : []), [shot]);
  const ghost = useGhost(profile, overlay === 'ghost' ? ghostPose : null, shot);
  const others = useOthers(shot, report);
  const supports = useMemo(() => (shot ? standingOn(shot) : NO_SUPPORTS), [shot]);
  const view = useMemo(
    () => (shot && report ? viewFor(look, shot.camera, panel, report) : null),
    [look, shot, panel, report],
  );
  if (!surface || !report || !shot || !view) return <Building />;
  return (
    <Viewfinder
      surface={surface}
      transforms={report.transforms}
      rods={report.rods}
      expression={expression}
      view={view}
      light={shot.light}
      others={others}
      face={report.meteredAt}
      ground={ground}
      supports={supports}
      ghost={ghost}
      mode={overlay === 'parts' ? 'parts' : 'picture'}
      exposureStops={props.exposureStops}
      onFrameTime={onFrameTime}
      onLost={onLost}
      isHeld={props.isHeld}
      onDrawn={() => props.onDrawn(true)}
    />
  );
}

/** Says why the picture is coarse, and what is not to be had without a graphics card. */
function NotDrawn() {
  return (
    <p className="absolute bottom-12 left-2 z-1 max-w-60 bg-[#1b1712]/85 px-2 py-1 text-xs text-[#f2e7cd]">
      This browser draws no figures. What is shown is the picture that is measured.
    </p>
  );
}

/** The viewfinder with its frame and switchable overlays; on small screens its tools stand below it. */
export function Picture(props: PictureProps) {
  const { card, profile, shot, report, surface, progress, ground, overlay } = props;
  const shown = usePoseStore((s) => s.shownExposure);
  const exposureStops = shot ? shownStops(shown, shot, report?.meteredAt) : 0;
  const [look, setLook] = useState<Look>({ kind: 'lens' });
  const isDesk = useIsDesk();
  // what the drawn picture would show otherwise than through the lens is drawn however long it takes
  const isInstead = card !== 'there' || (look.kind === 'lens' && overlay !== 'parts');
  const preview = isInstead ? props.preview : null;
  const tools = shot && report && (
    <LookTools shot={shot} face={report.points.nose} look={look} onLook={setLook} />
  );
  return (
    <div className="flex min-h-0 min-w-0 flex-1 flex-col gap-2">
      <div className="min-h-0 flex-1">
        <FrameBox aspect={frameAspect((shot ?? props.chosen).camera)} className="bg-[#4f473c]">
          {card !== 'none' && (
            <DrawnPicture {...props} look={look} exposureStops={exposureStops} isHeld={preview !== null} />
          )}
          {card === 'none' && <NotDrawn />}
          {preview && (
            <PaintedPicture
              picture={preview}
              label="The sitter through the lens, while it moves"
              testId="drag-preview"
              className="absolute inset-0 h-full w-full"
            />
          )}
          {overlay === 'measured' && shot && <MeasuredPicture profile={profile} shot={shot} />}
          {look.kind === 'lens' && shot && (
            <OverlayOf {...{ overlay, profile, shot, report, ground, exposureStops }} />
          )}
          {look.kind === 'lens' && shot && report && (
            <FindingShown camera={shot.camera} findings={report.findings} />
          )}
          {surface && progress < 1 && (
            <progress
              className="absolute top-0 left-0 h-0.5 w-full"
              value={progress}
              aria-label="Fine surface"
            />
          )}
          {shot && look.kind === 'lens' && <LensMark camera={shot.camera} />}
          {shot && report && look.kind === 'lens' && (
            <ChooseOther camera={shot.camera} report={report} company={props.company} />
          )}
          {isDesk && <div className="absolute top-2 left-2 space-y-1">{tools}</div>}
          {isDesk && (
            <div className="absolute bottom-2 left-2">
              <OverlayTools />
            </div>
          )}
        </FrameBox>
      </div>
      {!isDesk && (
        <div className="flex shrink-0 flex-wrap justify-center gap-1">
          {tools}
          <OverlayTools />
        </div>
      )}
    </div>
  );
}
