'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo, useState } from 'react';
import { dressedFor, lookOf, standardIn } from '@/core/brief';
import type { Sitter } from '@/core/people';
import { groundOf, type Room } from '@/core/scene';
import { framed, FRAMINGS, framingOf, type Framing, type Lens } from '@/core/set';
import type { Take } from '@/core/sitting';
import { changeSitting, database, kitLenses, sitterIn, soloIn, type WholeSitting } from '@/data';
import type { ShotReport } from '@/workers/shotReport';
import { doNow } from '@/keeping';
import { usePoseStore } from '@/take/poseStore';
import { useReport } from '@/take/useReport';
import { placesOfUses } from './camera/FormatsPart';
import { useGroup } from './group/useGroup';
import type { NamedFace } from './light/FacesOfPicture';
import type { HeldMeter } from './light/MeterPart';

export const PARTS = ['camera', 'light', 'room', 'group'] as const;
export type Part = (typeof PARTS)[number];

const NO_LENSES: Lens[] = [];

/** The report of the picture; while a light is in the hand the one before it stays, and is renewed when it rests. */
function useSetReport(whole: WholeSitting, take: Take, sitter: Sitter, part: Part) {
  const { sitting } = whole;
  const role = usePoseStore((s) => s.role);
  const { people } = whole;
  const chosen = useMemo(() => soloIn({ sitting, people }, take, role), [sitting, people, take, role]);
  const look = lookOf(sitting, take);
  const profile = useMemo(() => dressedFor(sitter, look), [sitter, look]);
  const ground = useMemo(() => groundOf(sitting.room), [sitting.room]);
  const { message } = take.shot;
  const standard = useMemo(() => standardIn(look, message), [look, message]);
  const isLightHeld = usePoseStore((s) => s.dragging) && part === 'light';
  const [asked, setAsked] = useState(chosen);
  if (!isLightHeld && asked !== chosen) setAsked(chosen);
  return { chosen, look, profile, ground, ...useReport(profile, asked, standard, ground) };
}

/** The faces of all who are in the picture, by name. */
function facesOf(whole: WholeSitting, take: Take, report: ShotReport | null): NamedFace[] {
  if (!report) return [];
  return take.shot.people.flatMap(({ role }) => {
    const name = sitterIn(whole, take, role)?.addressAs;
    const at = report.others.find((o) => o.role === role)?.nose ?? report.points.nose;
    return name ? [{ role, name, at }] : [];
  });
}

/** Keeps the room of a sitting, and says what kept it from being kept. */
function useRoomKeeper({ sitting }: WholeSitting) {
  const [failed, setFailed] = useState<string | null>(null);
  const changeRoom = (room: Room) =>
    doNow('room', () => changeSitting(database, sitting.id, (now) => ({ ...now, room })), {
      done: () => setFailed(null),
      refused: (why) => setFailed(`Not kept: ${why}`),
    });
  return { failed, changeRoom };
}

/** Everything that the parts of the set are drawn from. */
export function useSetAtWork(whole: WholeSitting, take: Take, sitter: Sitter) {
  const [part, setPart] = useState<Part>('camera');
  const reported = useSetReport(whole, take, sitter, part);
  const lenses = useLiveQuery(() => kitLenses(database), []) ?? NO_LENSES;
  const [chosen, setFraming] = useState<Framing | null>(null);
  const [meter, setMeter] = useState<HeldMeter | null>(null);
  const group = useGroup(whole, take, whole.sitting.room, lenses);
  const { camera } = take.shot;
  const points = reported.report?.points ?? null;
  // until one is chosen, the framing that the camera has
  const framing = chosen ?? (points ? framingOf(camera, points, FRAMINGS) : 'full');
  return {
    ...reported,
    ...useRoomKeeper(whole),
    whole,
    take,
    shot: reported.chosen,
    camera,
    sitting: whole.sitting,
    room: whole.sitting.room,
    time: new Date(whole.sitting.startsAt),
    points,
    faces: facesOf(whole, take, reported.report),
    lenses,
    // three and more are a group
    part: part === 'group' && !group.isGroup ? 'camera' : part,
    setPart,
    group,
    framing,
    setFraming,
    meter,
    setMeter,
    uses: points ? placesOfUses(reported.look, camera, points) : [],
    badCut: reported.report?.findings.find((f) => f.ruleId === 'frame-edge')?.title ?? null,
    framedFromM: points ? (framed(camera, points, framing)?.distanceM ?? null) : null,
  };
}

export type SetAtWork = ReturnType<typeof useSetAtWork>;
