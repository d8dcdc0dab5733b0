'use client';

import type { BodyProfile } from '@/core/body';
import { dressedFor, lookOf, wantedIn } from '@/core/brief';
import isSame from 'fast-deep-equal';
import { useMemo, useState } from 'react';
import type { Pose } from '@/core/pose';
import type { Take } from '@/core/sitting';
import type { WholeSitting } from '@/data';
import { Picture } from './picture/Picture';
import { History, SideCopies } from './panels/EditTools';
import { KeepPose } from './panels/KeepPose';
import { Marks } from '@/take/Marks';
import { PlanView } from '@/take/plan/PlanView';
import { PlumbLine } from './PlumbLine';
import { usePoseKeys } from './usePoseKeys';
import { usePoseStore, type Panel } from '@/take/poseStore';
import { Readings } from './readings/Readings';
import { SideView } from '@/take/side/SideView';
import { groundOf, type Room } from '@/core/scene';
import type { ShotReport } from '@/workers/shotReport';
import { StationPanel } from './panels/StationPanel';
import { TakePlace } from '@/take/TakePlace';
import { ChangedElsewhere } from '@/take/ChangedElsewhere';
import { savedWords, useAutosave } from '@/take/useAutosave';
import { useCard } from './picture/useCard';
import { useReport, useSurfaces } from '@/take/useReport';

function SidePanels() {
  const panel = usePoseStore((s) => s.panel);
  const { setPanel } = usePoseStore.getState();
  const choices: [Panel, string][] = [
    ['camera', 'camera'],
    ['light', 'light'],
  ];
  return choices.map(([id, words]) => (
    <button
      key={id}
      type="button"
      aria-pressed={panel === id}
      title={`${words}: key ${words[0]}`}
      className="min-h-8 border-l-3 border-transparent px-2.5 text-left text-[12.5px] aria-pressed:border-accent aria-pressed:font-bold sm:w-full"
      onClick={() => setPanel(id)}
    >
      {words}
    </button>
  ));
}

/** What the ghost shows: the pose as it was opened, or while nothing has changed the one before it in the run. */
function useGhostPose(take: Take, takes: readonly Take[]): Pose | null {
  const before = usePoseStore((s) => s.before);
  if (before && !isSame(before, take.shot.pose)) return before;
  const position = takes.findIndex((t) => t.id === take.id);
  return takes[position - 1]?.shot.pose ?? null;
}

/** A renderer that needs longer for a frame lags behind the hand: fifteen pictures a second are wanted. */
const SLOW_FRAME_MS = 66;

/** The picture's report; where drawing lags behind the hand, each report brings a picture with it. */
function usePoseReport({ sitting, sitter }: WholeSitting, take: Take) {
  const { dragging, shownExposure } = usePoseStore();
  const look = lookOf(sitting, take);
  const profile = useMemo(() => dressedFor(sitter, look), [sitter, look]);
  const ground = useMemo(() => groundOf(sitting.room), [sitting.room]);
  const { message } = take.shot.pose;
  const wanted = useMemo(() => wantedIn(look, message), [look, message]);
  const [frameMs, setFrameMs] = useState(0);
  const [card, setCardLost] = useCard();
  // where nothing can be drawn, the measured picture stands in
  const isPreviewed = card !== 'there' || (dragging && frameMs > SLOW_FRAME_MS);
  const preview = useMemo(
    () => (isPreviewed ? { exposure: shownExposure } : null),
    [isPreviewed, shownExposure],
  );
  return {
    profile,
    ground,
    wanted,
    setFrameMs,
    card,
    setCardLost,
    ...useReport(profile, take.shot, wanted, ground, preview),
  };
}

/** The surface that is drawn: the fine one when it is built and nothing is in the hand. */
function useDrawnSurface(profile: BodyProfile) {
  const { measured, drawn, progress } = useSurfaces(profile);
  const dragging = usePoseStore((s) => s.dragging);
  const surface = dragging ? measured : (drawn ?? measured);
  const kind = surface === null ? 'none' : surface === drawn ? 'drawn' : 'measured';
  return { surface, kind, progress: drawn ? 1 : progress };
}

function Stations({ take, report }: { take: Take; report: ShotReport | null }) {
  const { panel, setPanel } = usePoseStore();
  const accepted = new Set(take.meant.map((m) => m.findingId));
  return (
    <div className="overflow-hidden [grid-area:stations] max-sm:grid max-sm:grid-cols-3 sm:flex sm:flex-col sm:rule-r sm:pt-1">
      <PlumbLine
        pose={take.shot.pose}
        camera={take.shot.camera}
        report={report}
        open={report?.findings.filter((f) => !accepted.has(f.id)) ?? []}
        panel={panel}
        onPanel={setPanel}
      />
      <SidePanels />
    </div>
  );
}

interface SideColumnProps {
  take: Take;
  room: Room;
  report: ShotReport | null;
}

/** What was done and whether it is kept, the set in drawings and numbers, and copies of the pose. */
function SideColumn({ take, room, report }: SideColumnProps) {
  const { shot } = take;
  const saved = useAutosave();
  return (
    <div className="flex min-h-0 flex-col gap-2 p-3 [grid-area:side] desk:justify-between desk:overflow-y-auto desk:pl-0">
      <div className="flex items-center justify-between">
        <History take={take} />
        <span
          role="status"
          data-testid="saved"
          className={saved.kind === 'failed' ? 'text-error text-xs' : 'quiet text-xs'}
        >
          {savedWords(saved)}
        </span>
      </div>
      <ChangedElsewhere take={take} />
      <PlanView shot={shot} room={room} report={report} className="max-h-[250px] desk:max-h-[222px]" />
      <SideView shot={shot} report={report} />
      <Marks shot={shot} />
      <SideCopies pose={shot.pose} />
      <KeepPose pose={shot.pose} />
    </div>
  );
}

function PoseAtWork({ whole, take }: { whole: WholeSitting; take: Take }) {
  const { sitter, sitting } = whole;
  const { profile, ground, wanted, setFrameMs, card, setCardLost, report, shot, refused, busy, recomputes } =
    usePoseReport(whole, take);
  const { panel, overlay } = usePoseStore();
  const { surface, kind, progress } = useDrawnSurface(profile);
  usePoseKeys();
  const others = useMemo(
    () => whole.takes.filter((t) => t.id !== take.id).map((t) => t.shot.pose),
    [whole.takes, take.id],
  );
  const ghostPose = useGhostPose(take, whole.takes);
  const { wheelchairSeatM } = sitter.profile;
  return (
    <main
      className="pose-grid touch min-h-0 flex-1"
      data-testid="pose-place"
      data-busy={busy}
      data-recomputes={recomputes}
      data-elapsed-ms={report?.elapsedMs.toFixed(2)}
      data-surface={kind}
    >
      <h1 className="sr-only">Pose: {take.shot.pose.name}</h1>
      <Stations take={take} report={report} />
      <StationPanel shot={take.shot} panel={panel} others={others} wheelchairSeatM={wheelchairSeatM} />
      <div className="flex min-h-0 min-w-0 p-3 [grid-area:picture]">
        <Picture
          {...{ card, profile, shot, progress, report, surface, ground, overlay, panel, ghostPose }}
          onFrameTime={setFrameMs}
          onLost={setCardLost}
        />
      </div>
      <SideColumn take={take} room={sitting.room} report={report} />
      <Readings take={take} {...{ profile, wanted, ground, report, refused }} />
    </main>
  );
}

/** The studio: plumb line, viewfinder, readings, and the run below. */
export function PosePlace() {
  return (
    <TakePlace path="/pose" className="flex min-h-place flex-col desk:h-place desk:min-h-[640px]">
      {(whole, take) => <PoseAtWork whole={whole} take={take} />}
    </TakePlace>
  );
}
