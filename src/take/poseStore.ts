import isSame from 'fast-deep-equal';
import { temporal } from 'zundo';
import { create } from 'zustand';
import type { CameraNumber } from '@/core/camera';
import { rebased, withValue, type Conflict } from '@/core/changes';
import { meantId, takeWithoutRole, type Take } from '@/core/sitting';
import type { Grouping } from '@/core/group';
import type { KeyNumber, Light } from '@/core/light';
import type { ShownExposure } from '@/core/picture';
import { arranged, type Arrangement } from '@/core/library';
import type { Mark } from '@/core/scene';
import {
  FIRST_ROLE,
  firstRole,
  nameOfShot,
  soloShot,
  withAnother,
  withMark,
  withPerson,
  withSolo,
  type Role,
  type Shot,
  type SoloShot,
} from '@/core/shot';
import type { Exposure } from '@/core/set';
import { neutralPose, withHeld, withSetting, type Pose, type SettingId, type Station } from '@/core/pose';

/** What the panel beside the plumb line is open on. */
export type Panel = Station | 'camera' | 'light';

/** Overlays of the viewfinder. */
export const OVERLAYS = ['size', 'sharp', 'parts', 'measured', 'stops', 'ghost', 'handles'] as const;
export type Overlay = (typeof OVERLAYS)[number];

interface PoseState {
  take: Take | null;
  /** The take as it stands in the store, as far as is known here. */
  base: Take | null;
  panel: Panel;
  overlay: Overlay | null;
  /** The finding that is pointed at in the picture. */
  shownFindingId: string | null;
  dragging: boolean;
  /** How much brighter or darker than metered pictures are shown, stops, or as the camera is set; no part of the take. */
  shownExposure: ShownExposure;
  /** Stations that stay as they are while others change. */
  held: readonly Station[];
  /** Whose pose is in the hand. */
  role: Role;
  /** The pose as it was when it was opened, to compare with. */
  before: Pose | null;
  /** Opens a take of the store, with an edit of it that is not on disk yet. */
  open(stored: Take, edited?: Take): void;
  /** Takes over what others have changed of the open take between two states of it; own edits stay. */
  follow(before: Take, now: Take): void;
  /** Takes what was changed elsewhere instead of what was said here. */
  takeOver(conflicts: readonly Conflict[]): void;
  setPanel(panel: Panel): void;
  setOverlay(overlay: Overlay | null): void;
  setShownFinding(findingId: string | null): void;
  setDragging(dragging: boolean): void;
  setShownExposure(shown: ShownExposure): void;
  toggleHeld(station: Station): void;
  setShot(shot: SoloShot): void;
  /** The same as a part of the last step: undo takes back both. */
  refineShot(shot: SoloShot): void;
  setPose(pose: Pose): void;
  setSetting(id: SettingId, value: number): void;
  setCamera(camera: SoloShot['camera']): void;
  setCameraNumber(name: CameraNumber, value: number): void;
  setExposure(exposure: Exposure): void;
  setLight(light: Light): void;
  setLightNumber(name: KeyNumber, value: number): void;
  /** Puts the key, or another source by its id, elsewhere. */
  moveSource(id: string, place: SourcePlace): void;
  setMeant(findingId: string, reason: string | null): void;
  /** Gives the pose in the hand to another person, who gives theirs in exchange where there is one. */
  setPerson(personId: string): void;
  /** Takes the pose of somebody else of the picture into the hand. */
  setRole(role: Role): void;
  /** Puts somebody into the picture, at ease, who is in the hand then. */
  addPerson(personId: string): void;
  removePerson(role: Role): void;
  /** Takes a picture whose people are posed and placed otherwise. */
  setPicture(shot: Shot): void;
  /** What the group is to be arranged by. */
  setGrouping(grouping: Grouping): void;
  /** Where whoever is in the hand stands. */
  setMark(mark: Mark): void;
  /** Poses all of the picture together; whoever comes first in it is in the hand then. */
  arrange(arrangement: Arrangement, statureM: (personId: string) => number | undefined): void;
}

/** What dragging a source on the plan or from the side changes. */
type SourcePlace = Partial<Pick<Light, 'arcDeg' | 'distanceM' | 'heightM'>>;

/** The key's own name among the sources of a picture. */
export const KEY_ID = 'key';

function withSourceAt(light: Light, id: string, place: SourcePlace): Light {
  if (id === KEY_ID) return { ...light, ...place };
  return { ...light, others: (light.others ?? []).map((s) => (s.id === id ? { ...s, ...place } : s)) };
}

/** What a step of undo brings back. */
type Remembered = Pick<PoseState, 'take' | 'role'>;

/** Somebody of a picture in the hand, with nothing held. */
function inHand({ shot }: Take, role: Role): Pick<PoseState, 'role' | 'held' | 'before'> {
  return { role, held: [], before: soloShot(shot, role).pose };
}

/** The role as long as the picture has it, or else the first. */
function presentRole({ shot }: Pick<Take, 'shot'>, role: Role): Role {
  return shot.people.some((p) => p.role === role) ? role : firstRole(shot);
}

/** The role of whoever came last. */
function lastRole({ people }: Shot): Role {
  return people.at(-1)!.role;
}

/** Edits closer together than this are one step of undo: a key held down, not its hundred repeats. */
const ONE_STEP_MS = 500;
let lastEditMs = 0;
/** Whether the drag that is going on already has its step of undo. */
let dragRecorded = false;

/** The take being edited. Undo covers the take alone, not the panel or the overlays. */
export const usePoseStore = create<PoseState>()(
  temporal(
    (set, get) => {
      const change = (alter: (take: Take) => Take) => {
        const { take } = get();
        if (take) set({ take: alter(take) });
      };
      /** Changes who is in the picture, and with it who is in the hand. */
      const recast = (alter: (take: Take) => Take, roleIn: (shot: Shot) => Role) => {
        const { take } = get();
        if (!take) return;
        const next = alter(take);
        set({ take: next, ...inHand(next, roleIn(next.shot)) });
      };
      const shot = (alter: (shot: SoloShot) => SoloShot) =>
        change((t) => {
          const { role } = get();
          return { ...t, shot: withSolo(t.shot, alter(soloShot(t.shot, role)), role) };
        });
      return {
        take: null,
        base: null,
        panel: 'feet',
        overlay: null,
        shownFindingId: null,
        dragging: false,
        shownExposure: 0,
        held: [],
        role: FIRST_ROLE,
        before: null,
        open: (stored, edited = stored) => {
          set({
            take: edited,
            base: stored,
            shownExposure: 0,
            shownFindingId: null,
            ...inHand(edited, firstRole(edited.shot)),
          });
          usePoseStore.temporal.getState().clear();
          lastEditMs = 0;
        },
        follow: (before, now) => {
          const { take } = get();
          if (take?.id !== now.id) return;
          if (isSame(before, now)) return set({ base: now });
          const history = usePoseStore.temporal;
          history.getState().pause();
          const joined = rebased(take, before, now);
          set({ base: now, take: joined, role: presentRole(joined, get().role) });
          history.getState().resume();
          // a step back takes back what was done here, not what others have done since
          const along = ({ take: past, role = FIRST_ROLE }: Partial<Remembered>) => {
            const onNow = past ? rebased(past, before, now) : null;
            return { take: onNow, role: onNow ? presentRole(onNow, role) : role };
          };
          history.setState(({ pastStates, futureStates }) => ({
            pastStates: pastStates.map(along),
            futureStates: futureStates.map(along),
          }));
        },
        takeOver: (conflicts) =>
          change((t) => conflicts.reduce((take, { path, theirs }) => withValue(take, path, theirs), t)),
        setPanel: (panel) => set({ panel }),
        setOverlay: (overlay) => set({ overlay }),
        setShownFinding: (shownFindingId) => set({ shownFindingId }),
        setDragging: (dragging) => {
          dragRecorded = false;
          set({ dragging });
        },
        setShownExposure: (shownExposure) => set({ shownExposure }),
        toggleHeld: (station) => {
          const { held } = get();
          set({ held: held.includes(station) ? held.filter((s) => s !== station) : [...held, station] });
        },
        setShot: (next) => shot((s) => ({ ...next, pose: withHeld(s.pose, next.pose, get().held) })),
        refineShot: (next) => {
          const history = usePoseStore.temporal.getState();
          history.pause();
          get().setShot(next);
          history.resume();
        },
        setPose: (pose) => shot((s) => ({ ...s, pose: withHeld(s.pose, pose, get().held) })),
        setSetting: (id, value) =>
          shot((s) => ({ ...s, pose: withHeld(s.pose, withSetting(s.pose, id, value), get().held) })),
        setCamera: (camera) => shot((s) => ({ ...s, camera })),
        setCameraNumber: (name, value) => shot((s) => ({ ...s, camera: { ...s.camera, [name]: value } })),
        setExposure: (exposure) => shot((s) => ({ ...s, exposure })),
        setLight: (light) => shot((s) => ({ ...s, light })),
        setLightNumber: (name, value) => shot((s) => ({ ...s, light: { ...s.light, [name]: value } })),
        moveSource: (id, place) => shot((s) => ({ ...s, light: withSourceAt(s.light, id, place) })),
        setPerson: (personId) => change((t) => ({ ...t, shot: withPerson(t.shot, get().role, personId) })),
        setRole: (role) => {
          const { take } = get();
          if (take) set(inHand(take, role));
        },
        addPerson: (personId) =>
          recast(
            (t) => ({
              ...t,
              shot: withAnother(t.shot, personId, neutralPose(nameOfShot(t.shot))),
            }),
            lastRole,
          ),
        removePerson: (gone) => recast((t) => takeWithoutRole(t, gone), firstRole),
        arrange: (arrangement, statureM) =>
          recast((t) => ({ ...t, shot: arranged(t.shot, arrangement, statureM) }), firstRole),
        setPicture: (shot) =>
          recast(
            (t) => ({ ...t, shot }),
            (s) => presentRole({ shot: s }, get().role),
          ),
        setGrouping: (grouping) => change((t) => ({ ...t, grouping })),
        setMark: (mark) => change((t) => ({ ...t, shot: withMark(t.shot, get().role, mark) })),
        setMeant: (id, reason) =>
          change((t) => {
            const findingId = meantId(get().role, id);
            const others = t.meant.filter((m) => m.findingId !== findingId);
            return { ...t, meant: [...others, ...(reason ? [{ findingId, reason }] : [])] };
          }),
      };
    },
    {
      // whoever is in the hand goes with the picture: the one before need not have the same people
      partialize: ({ take, role }): Remembered => ({ take, role }),
      equality: (a, b) => a.take === b.take,
      handleSet: (record) => {
        return (...args) => {
          const now = Date.now();
          const { dragging } = usePoseStore.getState();
          if (dragging ? !dragRecorded : now - lastEditMs > ONE_STEP_MS)
            (record as (...given: unknown[]) => void)(...args);
          dragRecorded = dragging;
          // the edit after a drag is a step of its own
          lastEditMs = dragging ? 0 : now;
        };
      },
    },
  ),
);

/** The open picture as it is for whoever is in the hand. */
export function chosenShot({ take, role }: Pick<PoseState, 'take' | 'role'>): SoloShot | null {
  return take && soloShot(take.shot, role);
}

/** Undo and redo of the take. */
export const poseHistory = () => usePoseStore.temporal.getState();
