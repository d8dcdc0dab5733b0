'use client';

import dynamic from 'next/dynamic';
import { useCallback, useEffect, useMemo, useState } from 'react';
import type { BodyProfile, BodySurface } from '@/core/body';
import { project, viewOf } from '@/core/camera';
import { shownStops, type Shot } from '@/core/picture';
import { faceShares, type Pose } from '@/core/pose';
import type { Ground, Support } from '@/core/scene';
import { PART_COLOURS } from '@/drawing/partColours';
import { studio } from '@/workers/studioClient';
import type { ShotReport } from '@/workers/shotReport';
import { PaintedPicture } from '@/ui/PaintedPicture';
import { ExposureControl } from './ExposureControl';
import { Handles } from './Handles';
import { useNewest } from '@/ui/useNewest';
import { PICTURE_BUTTON, PICTURE_SLIDER } from './onPicture';
import { StopsOverlay } from './StopsOverlay';
import { viewFor, type Look } from './lookingAt';
import { OVERLAYS, usePoseStore, type Overlay, type Panel } from '@/take/poseStore';

// three.js is only loaded where a figure is drawn
const Viewfinder = dynamic(() => import('@/drawing/Viewfinder').then((m) => m.Viewfinder), { ssr: false });

const OVERLAY_WORDS: Record<Overlay, string> = {
  size: 'size',
  sharp: 'sharp',
  parts: 'parts',
  measured: 'measured',
  stops: 'stops',
  ghost: 'ghost',
  handles: 'handles',
};
const OVERLAY_TITLES: Record<Overlay, string> = {
  size: 'How much near parts are enlarged against the face',
  sharp: 'What lies within the depth of field, focused on the near eye',
  parts: 'The drawn figure in its part colours',
  measured: 'What the measuring picture sees, pixel by pixel',
  stops: 'How bright every place comes out, in stops from middle grey',
  ghost: 'The pose as it was opened, or the one before it in the run',
  handles: 'Hands, feet, hips, chin and eyes to take hold of',
};

/** The measuring picture's labels in part colours. */
function MeasuredPicture({ profile, shot }: { profile: BodyProfile; shot: Shot }) {
  const ask = useCallback(() => studio('live').labels(profile, shot, 2), [profile, shot]);
  const { value } = useNewest(ask);
  const picture = useMemo(() => {
    if (!value) return null;
    const { width, height, labels } = value;
    const bytes = new Uint8ClampedArray(width * height * 4);
    labels.forEach((label, i) => bytes.set([...PART_COLOURS[label]!, 255], i * 4));
    return { width, height, bytes };
  }, [value]);
  return (
    <PaintedPicture
      picture={picture}
      label="Measured parts"
      testId="measured"
      className="absolute inset-0 h-full w-full [image-rendering:pixelated]"
    />
  );
}

function SizeLabels({ report }: { report: ShotReport }) {
  const notable = report.enlargements.filter((e) => Math.abs(e.enlargement - 1) > 0.04);
  return notable.map((e) => (
    <span
      key={e.part}
      className="absolute -translate-x-1/2 -translate-y-1/2 bg-[#1b1712]/85 px-1.5 py-0.5 text-xs whitespace-nowrap text-[#f2e7cd]"
      style={{ left: `${Math.min(86, Math.max(14, e.x * 100))}%`, top: `${e.y * 100}%` }}
    >
      {e.part.replace(':', ' ')} × {e.enlargement.toFixed(2)}
    </span>
  ));
}

function SharpMarks({ shot, report }: { shot: Shot; report: ShotReport }) {
  const view = viewOf(shot.camera);
  const { points, feet, numbers } = report;
  const marks = [
    ['left eye', points.eyes.left],
    ['right eye', points.eyes.right],
    ['left shoulder', points.shoulders.left],
    ['right shoulder', points.shoulders.right],
    ['left hip', points.hips.left],
    ['right hip', points.hips.right],
    ['left toe', feet.left.toe],
    ['right toe', feet.right.toe],
  ] as const;
  return marks.map(([name, p]) => {
    const { x, y, depthM } = project(view, p);
    if (Math.abs(x) > 1 || Math.abs(y) > 1) return null;
    const sharp = depthM >= numbers.sharpNearM && depthM <= numbers.sharpFarM;
    return (
      <span
        key={name}
        title={`${name}: ${sharp ? 'sharp' : 'soft'}`}
        className={`absolute h-4 w-4 -translate-x-1/2 -translate-y-1/2 border-2 ${sharp ? 'border-[#e3c264]' : 'rounded-full border-dashed border-[#f2e7cd]'}`}
        style={{ left: `${(x + 1) * 50}%`, top: `${(1 - y) * 50}%` }}
      />
    );
  });
}

const NO_SUPPORTS: Support[] = [];

interface PictureProps {
  profile: BodyProfile;
  /** The shot that the report belongs to. */
  shot: Shot | null;
  report: ShotReport | null;
  surface: BodySurface | null;
  /** Share of the fine surface that is built. */
  progress: number;
  ground: Ground;
  overlay: Overlay | null;
  panel: Panel;
  ghostPose: Pose | null;
  /** Hears how long a drawn frame takes at the least, milliseconds. */
  onFrameTime(leastMs: number): void;
}

/** The joints of the ghost, while it is wanted. */
function useGhost(profile: BodyProfile, pose: Pose | null, shot: Shot | null): Float64Array | null {
  const [ghost, setGhost] = useState<{ pose: Pose; joints: Float64Array } | null>(null);
  useEffect(() => {
    if (!pose || !shot) return;
    let stale = false;
    void studio('backstage')
      .ghost(profile, pose, viewOf(shot.camera).eye)
      .then((joints) => !stale && setGhost({ pose, joints }));
    return () => {
      stale = true;
    };
  }, [profile, pose, shot]);
  return pose && ghost?.pose === pose ? ghost.joints : null;
}

/** Ways of looking at the sitter that change nothing. */
function LookControls({ look, onLook }: { look: Look; onLook(look: Look): void }) {
  const toggle = (next: Look, words: string, title: string) => (
    <button
      type="button"
      className={PICTURE_BUTTON}
      title={title}
      aria-pressed={look.kind === next.kind}
      onClick={() => onLook(look.kind === next.kind ? { kind: 'lens' } : next)}
    >
      {words}
    </button>
  );
  return (
    <div role="group" aria-label="Look" className="flex items-center gap-1">
      {look.kind === 'turn' && (
        <input
          type="range"
          aria-label="Round the sitter"
          className={PICTURE_SLIDER}
          min={-180}
          max={180}
          step={5}
          value={look.deg}
          onChange={(e) => onLook({ kind: 'turn', deg: Number(e.target.value) })}
        />
      )}
      {toggle({ kind: 'turn', deg: 60 }, 'round', 'Look from another side; the camera stays')}
      {toggle({ kind: 'close' }, 'close', 'Look closely at what is being set')}
    </div>
  );
}

/** The viewfinder with its frame and switchable overlays. */
export function Picture(props: PictureProps) {
  const { profile, shot, report, surface, progress, ground, overlay, panel, ghostPose, onFrameTime } = props;
  const shown = usePoseStore((s) => s.shownExposure);
  const exposureStops = shot ? shownStops(shown, shot, report?.points.nose) : 0;
  const [look, setLook] = useState<Look>({ kind: 'lens' });
  const expression = useMemo(() => (shot ? faceShares(shot.pose) : []), [shot]);
  const ghost = useGhost(profile, overlay === 'ghost' ? ghostPose : null, shot);
  const view = useMemo(
    () => (shot && report ? viewFor(look, shot.camera, panel, report) : null),
    [look, shot, panel, report],
  );
  const { setOverlay } = usePoseStore.getState();
  // what the drawn picture would show otherwise than through the lens is drawn however long it takes
  const preview = look.kind === 'lens' && overlay !== 'parts' ? (report?.preview ?? null) : null;
  const landscape = shot?.camera.orientation === 'landscape';
  return (
    <div className="flex min-h-0 min-w-0 flex-1 flex-col">
      <div className="flex min-h-0 flex-1 items-center justify-center">
        <div
          className={`relative max-h-full max-w-full bg-[#4f473c] ${landscape ? 'w-full' : 'h-full'}`}
          style={{ aspectRatio: landscape ? '3 / 2' : '2 / 3' }}
        >
          {surface && report && shot && view ? (
            <Viewfinder
              surface={surface}
              transforms={report.transforms}
              rods={report.rods}
              expression={expression}
              view={view}
              light={shot.light}
              face={report.points.nose}
              ground={ground}
              supports={shot.pose.objects ?? NO_SUPPORTS}
              ghost={ghost}
              mode={overlay === 'parts' ? 'parts' : 'picture'}
              exposureStops={exposureStops}
              onFrameTime={onFrameTime}
              isHeld={preview !== null}
            />
          ) : (
            <p className="flex h-full items-center justify-center text-[#f2e7cd]" role="status">
              Building the sitter
            </p>
          )}
          {preview && (
            <PaintedPicture
              picture={preview}
              label="The sitter through the lens, while it moves"
              testId="drag-preview"
              className="absolute inset-0 h-full w-full"
            />
          )}
          {overlay === 'stops' && look.kind === 'lens' && shot && (
            <StopsOverlay profile={profile} shot={shot} ground={ground} exposureStops={exposureStops} />
          )}
          {overlay === 'measured' && shot && <MeasuredPicture profile={profile} shot={shot} />}
          {overlay === 'size' && look.kind === 'lens' && report && <SizeLabels report={report} />}
          {overlay === 'handles' && look.kind === 'lens' && report && shot && (
            <Handles profile={profile} shot={shot} report={report} />
          )}
          {overlay === 'sharp' && look.kind === 'lens' && report && shot && (
            <SharpMarks shot={shot} report={report} />
          )}
          {surface && progress < 1 && (
            <progress
              className="absolute top-0 left-0 h-0.5 w-full"
              value={progress}
              aria-label="Fine surface"
            />
          )}
          {shot && look.kind === 'lens' && (
            <p className="absolute top-2 right-2 bg-[#1b1712]/85 px-2 py-0.5 text-xs text-[#f2e7cd]">
              {shot.camera.focalLengthMm} mm · f/{shot.camera.apertureF} · {shot.camera.distanceM.toFixed(1)}{' '}
              m · lens {shot.camera.heightM.toFixed(2)} m
            </p>
          )}
          {report && shot && (
            <div className="absolute top-2 left-2 space-y-1">
              <LookControls look={look} onLook={setLook} />
              <ExposureControl shot={shot} face={report.points.nose} />
            </div>
          )}
          <div role="group" aria-label="Overlays" className="absolute bottom-2 left-2 flex gap-1">
            {OVERLAYS.map((o) => (
              <button
                key={o}
                type="button"
                aria-pressed={overlay === o}
                title={OVERLAY_TITLES[o]}
                className={PICTURE_BUTTON}
                onClick={() => setOverlay(overlay === o ? null : o)}
              >
                {OVERLAY_WORDS[o]}
              </button>
            ))}
          </div>
        </div>
      </div>
    </div>
  );
}
