'use client';

import { dressedFor, wantedIn } from '@/core/brief';
import isSame from 'fast-deep-equal';
import { useMemo, useState } from 'react';
import type { Pose } from '@/core/pose';
import type { Take } from '@/core/sitting';
import type { WholeSitting } from '@/data';
import { Picture } from './picture/Picture';
import { History, SideCopies } from './panels/EditTools';
import { KeepPose } from './panels/KeepPose';
import { Marks } from '@/take/Marks';
import { PlanView } from '@/take/PlanView';
import { PlumbLine } from './PlumbLine';
import { usePoseKeys } from './usePoseKeys';
import { usePoseStore, type Panel } from '@/take/poseStore';
import { Readings } from './readings/Readings';
import { SideView } from '@/take/SideView';
import { groundOf } from '@/core/scene';
import { StationPanel } from './panels/StationPanel';
import { TakePlace } from '@/take/TakePlace';
import { savedWords, useAutosave } from '@/take/useAutosave';
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

function PoseAtWork({ whole, take }: { whole: WholeSitting; take: Take }) {
  const { sitter, sitting } = whole;
  const ground = useMemo(() => groundOf(sitting.room), [sitting.room]);
  const { panel, overlay, dragging, shownExposure } = usePoseStore();
  const look = sitting.looks.find((l) => l.id === take.lookId);
  const profile = useMemo(() => dressedFor(sitter, look), [sitter, look]);
  const { message } = take.shot.pose;
  const wanted = useMemo(() => wantedIn(look, message), [look, message]);
  const [frameMs, setFrameMs] = useState(0);
  const isPreviewed = dragging && frameMs > SLOW_FRAME_MS;
  const preview = useMemo(
    () => (isPreviewed ? { exposure: shownExposure } : null),
    [isPreviewed, shownExposure],
  );
  const { report, shot, refused, busy, recomputes } = useReport(profile, take.shot, wanted, ground, preview);
  const { measured, drawn, progress } = useSurfaces(profile);
  const saved = useAutosave();
  usePoseKeys();
  const others = useMemo(
    () => whole.takes.filter((t) => t.id !== take.id).map((t) => t.shot.pose),
    [whole.takes, take.id],
  );
  const ghostPose = useGhostPose(take, whole.takes);
  const accepted = new Set(take.meant.map((m) => m.findingId));
  const open = report?.findings.filter((f) => !accepted.has(f.id)) ?? [];
  const surface = dragging ? measured : (drawn ?? measured);
  return (
    <main
      className="pose-grid touch min-h-0 flex-1"
      data-testid="pose-place"
      data-busy={busy}
      data-recomputes={recomputes}
      data-elapsed-ms={report?.elapsedMs.toFixed(2)}
      data-surface={surface === null ? 'none' : surface === drawn ? 'drawn' : 'measured'}
    >
      <h1 className="sr-only">Pose: {take.shot.pose.name}</h1>
      <div className="overflow-hidden [grid-area:stations] max-sm:grid max-sm:grid-cols-3 sm:flex sm:flex-col sm:rule-r sm:pt-1">
        <PlumbLine
          pose={take.shot.pose}
          camera={take.shot.camera}
          report={report}
          open={open}
          panel={panel}
          onPanel={usePoseStore.getState().setPanel}
        />
        <SidePanels />
      </div>
      <StationPanel
        shot={take.shot}
        panel={panel}
        others={others}
        wheelchairSeatM={sitter.profile.wheelchairSeatM}
      />
      <div className="flex min-h-0 min-w-0 p-3 [grid-area:picture]">
        <Picture
          profile={profile}
          shot={shot}
          progress={drawn ? 1 : progress}
          report={report}
          surface={surface}
          ground={ground}
          overlay={overlay}
          panel={panel}
          ghostPose={ghostPose}
          onFrameTime={setFrameMs}
        />
      </div>
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
        <PlanView
          shot={take.shot}
          room={sitting.room}
          report={report}
          className="max-h-[250px] desk:max-h-[222px]"
        />
        <SideView shot={take.shot} report={report} />
        <Marks shot={take.shot} />
        <SideCopies pose={take.shot.pose} />
        <KeepPose pose={take.shot.pose} />
      </div>
      <Readings
        take={take}
        profile={profile}
        wanted={wanted}
        ground={ground}
        report={report}
        refused={refused}
      />
    </main>
  );
}

/** The studio: plumb line, viewfinder, readings, and the run below. */
export function PosePlace() {
  return (
    <TakePlace path="/pose" className="flex min-h-dvh flex-col desk:h-dvh desk:min-h-[640px]">
      {(whole, take) => <PoseAtWork whole={whole} take={take} />}
    </TakePlace>
  );
}
