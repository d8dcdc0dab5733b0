'use client';

import { dressedFor, wantedIn } from '@/core/brief';
import { Redo2, Undo2 } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { useStore } from 'zustand';
import { STATIONS, mirrorPose, withSideMirrored, type Pose } from '@/core/pose';
import { otherSide, SIDES } from '@/core/units';
import type { Take } from '@/core/sitting';
import type { WholeSitting } from '@/data';
import { Picture } from './picture/Picture';
import { KeepPose } from './panels/KeepPose';
import { Marks } from '@/take/Marks';
import { PlanView } from '@/take/PlanView';
import { PlumbLine } from './PlumbLine';
import { poseHistory, usePoseStore, type Panel } from '@/take/poseStore';
import { Readings } from './readings/Readings';
import { SideView } from '@/take/SideView';
import { groundOf } from '@/core/scene';
import { StationPanel } from './panels/StationPanel';
import { TakePlace } from '@/take/TakePlace';
import { savedWords, useAutosave } from '@/take/useAutosave';
import { useReport, useSurfaces } from '@/take/useReport';

function useKeys() {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement;
      const typing = target.tagName === 'INPUT' && (target as HTMLInputElement).type !== 'range';
      if ((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'z' && !typing) {
        e.preventDefault();
        if (e.shiftKey) poseHistory().redo();
        else poseHistory().undo();
        return;
      }
      if (typing || target.tagName === 'SELECT' || e.ctrlKey || e.metaKey || e.altKey) return;
      const { setPanel } = usePoseStore.getState();
      const station = STATIONS[Number(e.key) - 1];
      if (station) setPanel(station);
      else if (e.key === 'c') setPanel('camera');
      else if (e.key === 'l') setPanel('light');
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  }, []);
}

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
      className="min-h-8 w-full border-l-3 border-transparent px-2.5 text-left text-[12.5px] aria-pressed:border-accent aria-pressed:font-bold"
      onClick={() => setPanel(id)}
    >
      {words}
    </button>
  ));
}

function History({ take }: { take: Take }) {
  const past = useStore(usePoseStore.temporal, (s) => s.pastStates.length);
  const future = useStore(usePoseStore.temporal, (s) => s.futureStates.length);
  return (
    <div className="flex items-center gap-1 px-1.5">
      <button
        type="button"
        aria-label="Undo"
        title="Undo: Ctrl Z"
        className="p-1.5 disabled:opacity-40"
        disabled={past === 0}
        onClick={() => poseHistory().undo()}
      >
        <Undo2 size={16} aria-hidden />
      </button>
      <button
        type="button"
        aria-label="Redo"
        title="Redo: Ctrl Shift Z"
        className="p-1.5 disabled:opacity-40"
        disabled={future === 0}
        onClick={() => poseHistory().redo()}
      >
        <Redo2 size={16} aria-hidden />
      </button>
      <button
        type="button"
        className="link-act text-xs"
        title="Exchange left and right throughout"
        onClick={() => usePoseStore.getState().setPose(mirrorPose(take.shot.pose))}
      >
        mirror
      </button>
    </div>
  );
}

/** Makes one side the mirror of the other. */
function SideCopies({ pose }: { pose: Pose }) {
  return (
    <p className="flex items-center gap-2 text-[13px]">
      <span className="quiet text-xs">like the other side</span>
      {SIDES.map((side) => (
        <button
          key={side}
          type="button"
          className="link-act text-xs"
          title={`Make the ${otherSide(side)} side the mirror of the ${side}`}
          onClick={() => usePoseStore.getState().setPose(withSideMirrored(pose, side))}
        >
          {side}
        </button>
      ))}
    </p>
  );
}

/** What the ghost shows: the pose as it was opened, or while nothing has changed the one before it in the run. */
function useGhostPose(take: Take, takes: readonly Take[]): Pose | null {
  const before = usePoseStore((s) => s.before);
  if (before && JSON.stringify(before) !== JSON.stringify(take.shot.pose)) return before;
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
  useKeys();
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
      className="flex min-h-0 flex-1"
      data-testid="pose-place"
      data-busy={busy}
      data-recomputes={recomputes}
      data-elapsed-ms={report?.elapsedMs.toFixed(2)}
      data-surface={surface === null ? 'none' : surface === drawn ? 'drawn' : 'measured'}
    >
      <h1 className="sr-only">Pose: {take.shot.pose.name}</h1>
      <div className="rule-r flex w-[104px] shrink-0 flex-col overflow-hidden pt-1">
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
      <div className="flex min-w-0 flex-1 gap-3 p-3">
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
        <div className="flex min-h-0 w-[196px] shrink-0 flex-col justify-between gap-2 overflow-y-auto">
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
          <PlanView shot={take.shot} room={sitting.room} report={report} />
          <SideView shot={take.shot} report={report} />
          <Marks shot={take.shot} />
          <SideCopies pose={take.shot.pose} />
          <KeepPose pose={take.shot.pose} />
        </div>
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
    <TakePlace path="/pose" className="flex h-dvh min-h-[640px] min-w-[1180px] flex-col">
      {(whole, take) => <PoseAtWork whole={whole} take={take} />}
    </TakePlace>
  );
}
