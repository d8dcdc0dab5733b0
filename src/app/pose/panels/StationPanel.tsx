'use client';

import { forSitter } from '@/core/library';
import type { Shot } from '@/core/picture';
import {
  contactPart,
  HAND_SHAPES,
  STATIONS,
  withStation,
  type HandShape,
  type Pose,
  type Station,
} from '@/core/pose';
import { SIDES } from '@/core/units';
import { HousePoseChoice } from '@/ui/HousePoseChoice';
import { CarriedControls, LegControls } from './CarriedControls';
import { Choice } from '@/ui/Choice';
import { BackContact, HandContacts, LimbContacts } from './ContactControls';
import { Folded } from '@/ui/Folded';
import { GazeControls, ExpressionControls } from './GazeControls';
import { CameraControls, LightControls } from '@/take/SetControls';
import { Settings } from './SettingControls';
import { TITLES, HINTS } from './panelWords';
import { usePoseStore, type Panel } from '@/take/poseStore';

const HAND_WORDS: Record<HandShape, string> = {
  relaxed: 'relaxed',
  edgeSoft: 'soft edge',
  looseFist: 'loose fist',
  flatRest: 'flat rest',
  pointSoft: 'one finger leads',
  thumbAndMiddle: 'thumb and middle finger',
  hook: 'hook',
  holdRound: 'round a handle',
  holdFlat: 'round a book',
  gatherCloth: 'gathers cloth',
  longSoft: 'long and soft',
  closedFist: 'closed fist',
  openFan: 'open fan',
  chinRest: 'folded under',
};

function hasContact(pose: Pose, part: 'foot' | 'elbow' | 'forearm'): boolean {
  return pose.contacts.some((c) => contactPart(c) === part);
}

interface StationPanelProps {
  shot: Shot;
  panel: Panel;
  /** The other poses of the run, to take a station from. */
  others: readonly Pose[];
  /** Seat of the sitter's own wheelchair, metres. */
  wheelchairSeatM?: number;
}

/** The few controls of the open station, or of camera and light. */
export function StationPanel({ shot, panel, others, wheelchairSeatM }: StationPanelProps) {
  const { setPose, toggleHeld } = usePoseStore.getState();
  const held = usePoseStore((s) => s.held);
  const station = (STATIONS as readonly Panel[]).includes(panel) ? (panel as Station) : null;
  return (
    <section
      aria-label={TITLES[panel]}
      className="flex min-h-0 flex-col gap-2.5 bg-base-200 px-3.5 py-3 [grid-area:station] desk:overflow-y-auto"
    >
      <div>
        <h2 className="text-lg leading-tight">{TITLES[panel]}</h2>
        <p className="quiet text-xs">{HINTS[panel]}</p>
        {station && (
          <div className="mt-1.5 flex items-center gap-2">
            <button
              type="button"
              aria-pressed={held.includes(station)}
              title="Stays as it is while others change"
              className="h-8 border border-base-300 bg-base-100 px-2 text-xs aria-pressed:border-accent aria-pressed:font-bold"
              onClick={() => toggleHeld(station)}
            >
              {held.includes(station) ? 'held' : 'hold'}
            </button>
            <div className="min-w-0 flex-1">
              <HousePoseChoice
                label={`Take ${TITLES[panel].toLowerCase()} from another pose`}
                empty="as in"
                others={{ group: 'this run', poses: others }}
                onChoose={(from) => setPose(withStation(shot.pose, station, from))}
              />
            </div>
          </div>
        )}
      </div>
      {panel === 'feet' && (
        <>
          <HousePoseChoice
            label="Start anew from a pose of the house"
            onChoose={(pose) => setPose(forSitter(pose, wheelchairSeatM))}
          />
          <CarriedControls pose={shot.pose} wheelchairSeatM={wheelchairSeatM} />
          <Folded title="Feet on something" isSet={hasContact(shot.pose, 'foot')}>
            <LimbContacts pose={shot.pose} limb="foot" />
          </Folded>
        </>
      )}
      {panel === 'hips' && (
        <Folded
          title="What each leg does"
          isSet={shot.pose.support !== 'stand' || shot.pose.crossed !== undefined}
        >
          <LegControls pose={shot.pose} />
        </Folded>
      )}
      {panel === 'spine' && <BackContact pose={shot.pose} />}
      {panel === 'shoulders' && <LimbContacts pose={shot.pose} limb="shoulder" />}
      {panel === 'arms' && (
        <>
          <HandContacts pose={shot.pose} />
          <Folded
            title="Elbows on something"
            isSet={hasContact(shot.pose, 'elbow') || hasContact(shot.pose, 'forearm')}
          >
            <LimbContacts pose={shot.pose} limb="elbow" />
            <LimbContacts pose={shot.pose} limb="forearm" />
          </Folded>
        </>
      )}
      {panel === 'hands' &&
        SIDES.map((side) => (
          <Choice
            key={side}
            label={`${side} hand`}
            value={shot.pose.hands[side]}
            options={HAND_SHAPES}
            words={HAND_WORDS}
            onChange={(shape) => setPose({ ...shot.pose, hands: { ...shot.pose.hands, [side]: shape } })}
          />
        ))}
      {panel === 'gaze' && (
        <>
          <GazeControls shot={shot} />
          <ExpressionControls pose={shot.pose} />
        </>
      )}
      {panel === 'camera' && <CameraControls shot={shot} />}
      {panel === 'light' && <LightControls shot={shot} />}
      <Settings shot={shot} panel={panel} />
    </section>
  );
}
