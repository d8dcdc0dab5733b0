'use client';

import type { BodyProfile } from '@/core/body';
import { dressedFor, lookOf, standardIn } from '@/core/brief';
import isSame from 'fast-deep-equal';
import { useMemo, useState } from 'react';
import type { Pose } from '@/core/pose';
import { soloShot, type SoloShot } from '@/core/shot';
import { meantId, type Take } from '@/core/sitting';
import type { Sitter } from '@/core/people';
import { soloIn, type WholeSitting } from '@/data';
import { Picture } from './picture/Picture';
import { History, SideCopies } from './panels/EditTools';
import { KeepPose } from './panels/KeepPose';
import { Marks } from '@/take/Marks';
import { PlanView } from '@/take/plan/PlanView';
import { PlumbLine } from './PlumbLine';
import { usePoseKeys } from './usePoseKeys';
import { usePoseStore, type Panel } from '@/take/poseStore';
import { useFit } from './further/useFit';
import { Readings } from './readings/Readings';
import { SideView } from '@/take/side/SideView';
import { groundOf } from '@/core/scene';
import type { ShotReport } from '@/workers/shotReport';
import { StationPanel } from './panels/StationPanel';
import { TakePlace, type TakeAtWork } from '@/take/TakePlace';
import { othersNamed } from '@/take/people/othersNamed';
import { PeopleOfTake } from '@/take/people/PeopleOfTake';
import { ChangedElsewhere } from '@/take/ChangedElsewhere';
import { savedWords, useAutosave } from '@/take/useAutosave';
import { useCard } from './picture/useCard';
import { useReport } from '@/take/useReport';
import { useSurfaces } from '@/take/useSurfaces';

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
function useGhostPose(take: Take, { pose }: SoloShot, takes: readonly Take[]): Pose | null {
  const before = usePoseStore((s) => s.before);
  if (before && !isSame(before, pose)) return before;
  const position = takes.findIndex((t) => t.id === take.id);
  const earlier = takes[position - 1];
  return earlier ? soloShot(earlier.shot).pose : null;
}

/** A renderer that needs longer for a frame lags behind the hand: fifteen pictures a second are wanted. */
const SLOW_FRAME_MS = 66;

/** The picture's report; where drawing lags behind the hand, each report brings a picture with it. */
function usePoseReport(whole: WholeSitting, take: Take, sitter: Sitter) {
  const { sitting } = whole;
  const { dragging, shownExposure, role } = usePoseStore();
  const { people } = whole;
  const chosen = useMemo(() => soloIn({ sitting, people }, take, role), [sitting, people, take, role]);
  const look = lookOf(sitting, take);
  const profile = useMemo(() => dressedFor(sitter, look), [sitter, look]);
  const ground = useMemo(() => groundOf(sitting.room), [sitting.room]);
  const { message } = take.shot;
  const standard = useMemo(() => standardIn(look, message), [look, message]);
  const [frameMs, setFrameMs] = useState(0);
  const [card, setCardLost] = useCard();
  const [isDrawn, setDrawn] = useState(false);
  // where nothing can be drawn, or not yet, the measured picture stands in
  const isPreviewed = card !== 'there' || !isDrawn || (dragging && frameMs > SLOW_FRAME_MS);
  const preview = useMemo(
    () => (isPreviewed ? { exposure: shownExposure } : null),
    [isPreviewed, shownExposure],
  );
  return {
    chosen,
    look,
    profile,
    ground,
    standard,
    setFrameMs,
    card,
    setCardLost,
    setDrawn,
    ...useReport(profile, chosen, standard, ground, {
      preview,
      isQuick: dragging && chosen?.among !== undefined,
      of: `${take.id} ${role}`,
    }),
  };
}

/**
 * The surface that is drawn: the fine one when nothing is in the hand. The measuring one stands in where the fine one
 * has to be built; one that only has to be read from the store is there as soon.
 */
function useDrawnSurface(profile: BodyProfile) {
  const { measured, drawn, progress } = useSurfaces(profile);
  const dragging = usePoseStore((s) => s.dragging);
  const isBuilt = progress !== null;
  const surface = dragging ? (measured ?? drawn) : (drawn ?? (isBuilt ? measured : null));
  const kind = surface === null ? 'none' : surface === drawn ? 'drawn' : 'measured';
  return { surface, kind, progress: progress ?? 1 };
}

interface StationsProps {
  take: Take;
  chosen: SoloShot;
  report: ShotReport | null;
}

function Stations({ take, chosen, report }: StationsProps) {
  const { panel, setPanel, role } = usePoseStore();
  const accepted = new Set(take.meant.map((m) => m.findingId));
  return (
    <div className="overflow-hidden [grid-area:stations] max-sm:grid max-sm:grid-cols-3 sm:flex sm:flex-col sm:rule-r sm:pt-1">
      <PlumbLine
        pose={chosen.pose}
        camera={chosen.camera}
        report={report}
        open={report?.findings.filter((f) => !accepted.has(meantId(role, f.id))) ?? []}
        panel={panel}
        onPanel={setPanel}
      />
      <SidePanels />
    </div>
  );
}

interface SideColumnProps {
  whole: WholeSitting;
  take: Take;
  shot: SoloShot;
  report: ShotReport | null;
}

/** What was done and whether it is kept, the set in drawings and numbers, and copies of the pose. */
function SideColumn({ whole, take, shot, report }: SideColumnProps) {
  const { room } = whole.sitting;
  const saved = useAutosave();
  return (
    <div className="flex min-h-0 flex-col gap-2 p-3 [grid-area:side] desk:justify-between desk:overflow-y-auto desk:pl-0">
      <div className="flex items-center justify-between">
        <History pose={shot.pose} />
        <span
          role="status"
          data-testid="saved"
          className={saved.kind === 'failed' ? 'text-error text-xs' : 'quiet text-xs'}
        >
          {savedWords(saved)}
        </span>
      </div>
      <PeopleOfTake whole={whole} take={take} />
      <ChangedElsewhere take={take} />
      <PlanView shot={shot} room={room} report={report} className="max-h-[250px] desk:max-h-[222px]" />
      <SideView shot={shot} report={report} />
      <Marks shot={shot} />
      <SideCopies pose={shot.pose} />
      <KeepPose pose={shot.pose} />
    </div>
  );
}

function PoseAtWork({ whole, take, sitter }: TakeAtWork) {
  const at = usePoseReport(whole, take, sitter);
  const { chosen, look, profile, ground, standard, card, report, shot, refused } = at;
  const fit = useFit({ profile, look, ground });
  const { panel, overlay, role } = usePoseStore();
  const { surface, kind, progress } = useDrawnSurface(profile);
  usePoseKeys();
  const others = useMemo(
    () => whole.takes.filter((t) => t.id !== take.id).map((t) => soloShot(t.shot).pose),
    [whole.takes, take.id],
  );
  const company = othersNamed(whole, take, role);
  const ghostPose = useGhostPose(take, chosen, whole.takes);
  const { wheelchairSeatM } = sitter.profile;
  return (
    <main
      className="pose-grid touch min-h-0 flex-1"
      data-testid="pose-place"
      data-busy={at.busy || fit.share !== null}
      data-recomputes={at.recomputes}
      data-elapsed-ms={report?.elapsedMs.toFixed(2)}
      data-surface={kind}
    >
      <h1 className="sr-only">Pose: {chosen.pose.name}</h1>
      <Stations take={take} chosen={chosen} report={report} />
      <StationPanel shot={chosen} {...{ panel, others, wheelchairSeatM, company }} onHousePose={fit.choose} />
      <div className="flex min-h-0 min-w-0 p-3 [grid-area:picture]">
        <Picture
          {...{
            card,
            profile,
            chosen,
            shot,
            progress,
            report,
            surface,
            ground,
            overlay,
            panel,
            ghostPose,
            company,
          }}
          preview={at.preview}
          onFrameTime={at.setFrameMs}
          onLost={at.setCardLost}
          onDrawn={at.setDrawn}
        />
      </div>
      <SideColumn whole={whole} take={take} shot={chosen} report={report} />
      <Readings take={take} chosen={chosen} {...{ profile, standard, ground, report, refused, fit }} />
    </main>
  );
}

/** The studio: plumb line, viewfinder, readings, and the run below. */
export function PosePlace() {
  return (
    <TakePlace path="/pose" className="flex min-h-place flex-col desk:h-place desk:min-h-[640px]">
      {(atWork) => <PoseAtWork {...atWork} />}
    </TakePlace>
  );
}
