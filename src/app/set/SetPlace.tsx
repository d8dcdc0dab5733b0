'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { dressedFor, lookOf, wantedIn } from '@/core/brief';
import { ZodError } from 'zod';
import { viewOf, frameAspect, type Camera } from '@/core/camera';
import { type Take } from '@/core/sitting';
import { explain } from '@/core/formats';
import { groundOf, type Room } from '@/core/scene';
import { framed, FRAMINGS, framingOf, roomForCameraM, type Framing } from '@/core/set';
import { database, kitLenses, saveSitting, type WholeSitting } from '@/data';
import { PoseThumbnail } from '@/ui/PoseThumbnail';
import { Marks } from '@/take/Marks';
import { PlanView } from '@/take/PlanView';
import { usePoseStore } from '@/take/poseStore';
import { CameraControls } from '@/take/SetControls';
import { SideView } from '@/take/SideView';
import { TakePlace } from '@/take/TakePlace';
import { savedWords, useAutosave } from '@/take/useAutosave';
import { useReport } from '@/take/useReport';
import { FitsTable } from './camera/FitsTable';
import { CameraGoalPart } from './camera/CameraGoalPart';
import { CropMarks, FormatsPart, placesOfUses } from './camera/FormatsPart';
import { FramePart } from './camera/FramePart';
import { FramingPart } from './camera/FramingPart';
import { KitPart } from './camera/KitPart';
import { RoomPart } from './room/RoomPart';
import { SharpTable } from './camera/SharpTable';
import { LightPart } from './light/LightPart';
import { MeterMark } from './light/MeterMark';
import { heldMeter, type HeldMeter } from './light/MeterPart';
import { SourcesPart } from './light/SourcesPart';
import { HoldPart } from './camera/HoldPart';
import { SunMarks, SunPart } from './room/SunPart';
import { TapeMarks } from './TapeMarks';

const PARTS = ['camera', 'light', 'room'] as const;
type Part = (typeof PARTS)[number];

/** Long side of the small picture, pixels. */
const PICTURE_PX = { upright: 270, landscape: 240 } as const;

/** Size of the small picture: the frame's own aspect. */
function pictureSize(camera: Camera): { width: number; height: number } {
  const aspect = frameAspect(camera);
  const long = PICTURE_PX[camera.orientation];
  return aspect < 1 ? { width: long * aspect, height: long } : { width: long, height: long / aspect };
}

function SetRoom({ whole, take }: { whole: WholeSitting; take: Take }) {
  const { sitting, sitter } = whole;
  const { room } = sitting;
  const look = lookOf(sitting, take);
  const profile = useMemo(() => dressedFor(sitter, look), [sitter, look]);
  const ground = useMemo(() => groundOf(room), [room]);
  const { message } = take.shot.pose;
  const wanted = useMemo(() => wantedIn(look, message), [look, message]);
  const [part, setPart] = useState<Part>('camera');
  const dragging = usePoseStore((s) => s.dragging);
  const [asked, setAsked] = useState(take.shot);
  // a light in the hand moves nothing that is asked for here; it is reviewed when it rests
  const isLightHeld = dragging && part === 'light';
  if (!isLightHeld && asked !== take.shot) setAsked(take.shot);
  const { report, refused, busy, recomputes } = useReport(profile, asked, wanted, ground);
  const saved = useAutosave();
  const lenses = useLiveQuery(() => kitLenses(database), []) ?? [];
  const [chosen, setFraming] = useState<Framing | null>(null);
  const [meter, setMeter] = useState<HeldMeter | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const { camera } = take.shot;
  const time = new Date(sitting.startsAt);
  const points = report?.points;
  // until one is chosen, the framing that the camera has
  const framing = chosen ?? (points ? framingOf(camera, points, FRAMINGS) : 'full');
  const badCut = report?.findings.find((f) => f.ruleId === 'frame-edge')?.title ?? null;
  const uses = points ? placesOfUses(look, camera, points) : [];
  const framedFromM = points ? (framed(camera, points, framing)?.distanceM ?? null) : null;

  function changeRoom(next: Room) {
    saveSitting(database, { ...sitting, room: next }).then(
      () => setFailed(null),
      (error: unknown) =>
        setFailed(
          `Not kept: ${error instanceof ZodError ? explain(error, sitting) : (error as Error).message}`,
        ),
    );
  }

  return (
    <main
      className="mx-auto grid w-full max-w-[1480px] flex-1 gap-5 px-4 py-3 md:grid-cols-2 lg:grid-cols-[236px_360px_1fr]"
      data-testid="set"
      data-busy={busy}
      data-recomputes={recomputes}
    >
      <h1 className="sr-only">Set: {take.shot.pose.name}</h1>
      <div className="min-w-0">
        <div role="group" aria-label="Settings of the set" className="rule-b mb-2 flex gap-1">
          {PARTS.map((name) => (
            <button
              key={name}
              type="button"
              aria-pressed={part === name}
              className="border-b-3 border-transparent px-2.5 py-1.5 aria-pressed:border-accent aria-pressed:font-bold"
              onClick={() => setPart(name)}
            >
              {name}
            </button>
          ))}
        </div>
        <div className="space-y-2.5">
          {part === 'camera' && <CameraControls shot={take.shot} />}
          {part === 'light' && (
            <SourcesPart shot={take.shot} room={room} points={points ?? null} time={time} />
          )}
          {part === 'room' && (
            <>
              <RoomPart room={room} failed={failed} onChange={changeRoom} />
              <SunPart room={room} time={time} cameraArcDeg={camera.arcDeg} onChange={changeRoom} />
            </>
          )}
        </div>
        <p
          role="status"
          className={saved.kind === 'failed' ? 'mt-2 text-xs text-error' : 'quiet mt-2 text-xs'}
        >
          {savedWords(saved)}
        </p>
        <p className="mt-2">
          <Link className="link-act" href={`/sheet?sitting=${sitting.id}&for=set`}>
            Set sheet
          </Link>
        </p>
        <div className="mt-3">
          <Marks shot={take.shot} />
        </div>
      </div>
      <div className="min-w-0">
        <PlanView
          shot={take.shot}
          room={room}
          report={report}
          textSize={6.5}
          className="max-h-[430px]"
          overlay={(scale) => (
            <>
              {room.site && (
                <SunMarks
                  {...scale}
                  site={room.site}
                  time={time}
                  radiusM={Math.min(room.widthM, room.depthM) / 2}
                />
              )}
              {meter && points && part === 'light' && (
                <MeterMark
                  {...scale}
                  at={heldMeter(meter, points, viewOf(camera).eye, ground).at}
                  onMove={(at) => setMeter({ ...meter, at })}
                />
              )}
              <TapeMarks {...scale} room={room} camera={camera} framedFromM={framedFromM} />
            </>
          )}
        />
        <SideView shot={take.shot} report={report} textSize={6.5} />
      </div>
      <div className="min-w-0 md:col-span-2 lg:col-span-1">
        {refused && (
          <p role="alert" className="mb-2 text-error">
            {refused}
          </p>
        )}
        {part === 'light' ? (
          <LightPart
            profile={profile}
            shot={take.shot}
            room={room}
            ground={ground}
            points={points ?? null}
            meter={meter}
            onMeter={setMeter}
          />
        ) : (
          <>
            <div className="flex gap-4">
              <div className="shrink-0">
                <div className="relative overflow-hidden" style={pictureSize(camera)}>
                  <PoseThumbnail
                    profile={profile}
                    shot={take.shot}
                    scale={2}
                    className="h-full w-full"
                    label={`${take.shot.pose.name} through this lens`}
                  />
                  <CropMarks uses={uses} />
                </div>
                {report && (
                  <FramePart
                    profile={profile}
                    shot={take.shot}
                    ground={ground}
                    faceDistanceM={report.numbers.faceDistanceM}
                  />
                )}
              </div>
              <div className="min-w-0 flex-1 space-y-2">
                {points && (
                  <>
                    <FramingPart
                      camera={camera}
                      points={points}
                      framing={framing}
                      onFraming={setFraming}
                      badCut={badCut}
                    />
                    <FormatsPart
                      uses={uses}
                      camera={camera}
                      points={points}
                      roomM={roomForCameraM(room, camera.arcDeg)}
                    />
                    <HoldPart camera={camera} points={points} />
                  </>
                )}
              </div>
            </div>
            {points ? (
              <div className="mt-3 space-y-4">
                <FitsTable room={room} camera={camera} points={points} framing={framing} lenses={lenses} />
                <CameraGoalPart
                  profile={profile}
                  shot={take.shot}
                  room={room}
                  framing={framing}
                  lenses={lenses}
                />
                <SharpTable camera={camera} points={points} backgroundM={ground.backgroundM} />
                <KitPart lenses={lenses} />
              </div>
            ) : (
              <p role="status" className="quiet mt-4">
                Building the sitter
              </p>
            )}
          </>
        )}
      </div>
    </main>
  );
}

/** The set: the room, where camera and light stand in it, which lens fits, and what is sharp. */
export function SetPlace() {
  return (
    <TakePlace path="/set" className="flex min-h-dvh flex-col">
      {(whole, take) => <SetRoom whole={whole} take={take} />}
    </TakePlace>
  );
}
