'use client';

import type { ReactNode } from 'react';
import type { SoloShot } from '@/core/shot';
import { contactPart, HAND_SHAPES, STATIONS, withStation, type Pose, type Station } from '@/core/pose';
import { SIDES } from '@/core/units';
import { HousePoseChoice } from '@/ui/fields/HousePoseChoice';
import { CarriedControls, LegControls } from './CarriedControls';
import { Choice } from '@/ui/fields/Choice';
import { BackContact, HandContacts, LimbContacts } from './ContactControls';
import { Folded } from '@/ui/fields/Folded';
import { GazeControls, ExpressionControls } from './GazeControls';
import { CameraControls } from '@/take/controls/CameraControls';
import { LightControls } from '@/take/controls/LightControls';
import { Settings } from './SettingControls';
import { TITLES, HINTS } from './panelWords';
import type { OtherNamed } from '@/take/people/othersNamed';
import { HAND_WORDS } from '../handWords';
import { usePoseStore, type Panel } from '@/take/poseStore';

function hasContact(pose: Pose, part: 'foot' | 'elbow' | 'forearm'): boolean {
  return pose.contacts.some((c) => contactPart(c) === part);
}

interface StationPanelProps {
  shot: SoloShot;
  panel: Panel;
  /** The other poses of the run, to take a station from. */
  others: readonly Pose[];
  /** Seat of the sitter's own wheelchair, metres. */
  wheelchairSeatM?: number;
  /** The others of the picture. */
  company: readonly OtherNamed[];
  /** Takes a pose of the house, or one's own, for whoever is in the hand. */
  onHousePose(pose: Pose): void;
}

type PanelProps = Pick<StationPanelProps, 'shot' | 'wheelchairSeatM' | 'company' | 'onHousePose'>;

function FeetPanel({ shot: { pose }, wheelchairSeatM, onHousePose }: PanelProps) {
  return (
    <>
      <HousePoseChoice label="Start anew from a pose of the house" onChoose={onHousePose} />
      <CarriedControls pose={pose} wheelchairSeatM={wheelchairSeatM} />
      <Folded title="Feet on something" isSet={hasContact(pose, 'foot')}>
        <LimbContacts pose={pose} limb="foot" />
      </Folded>
    </>
  );
}

function HipsPanel({ shot: { pose } }: PanelProps) {
  return (
    <Folded title="What each leg does" isSet={pose.support !== 'stand' || pose.crossed !== undefined}>
      <LegControls pose={pose} />
    </Folded>
  );
}

function ArmsPanel({ shot: { pose }, company }: PanelProps) {
  const isLeaning = hasContact(pose, 'elbow') || hasContact(pose, 'forearm');
  return (
    <>
      <HandContacts pose={pose} others={company} />
      <Folded title="Elbows on something" isSet={isLeaning}>
        <LimbContacts pose={pose} limb="elbow" />
        <LimbContacts pose={pose} limb="forearm" />
      </Folded>
    </>
  );
}

function HandsPanel({ shot: { pose } }: PanelProps) {
  const { setPose } = usePoseStore.getState();
  return SIDES.map((side) => (
    <Choice
      key={side}
      label={`${side} hand`}
      value={pose.hands[side]}
      options={HAND_SHAPES}
      words={HAND_WORDS}
      onChange={(handShape) => setPose({ ...pose, hands: { ...pose.hands, [side]: handShape } })}
    />
  ));
}

function GazePanel({ shot, company }: PanelProps) {
  return (
    <>
      <GazeControls shot={shot} others={company} />
      <ExpressionControls pose={shot.pose} />
    </>
  );
}

/** What a panel has besides the settings of its table. */
const PANELS: Record<Panel, (props: PanelProps) => ReactNode> = {
  feet: FeetPanel,
  weight: () => null,
  hips: HipsPanel,
  spine: ({ shot }) => <BackContact pose={shot.pose} />,
  shoulders: ({ shot }) => <LimbContacts pose={shot.pose} limb="shoulder" />,
  arms: ArmsPanel,
  hands: HandsPanel,
  head: () => null,
  gaze: GazePanel,
  camera: CameraControls,
  light: LightControls,
};

/** Holds a station as it is, or takes it from another pose. */
function StationTools({ station, pose, others }: { station: Station; pose: Pose; others: readonly Pose[] }) {
  const { setPose, toggleHeld } = usePoseStore.getState();
  const isHeld = usePoseStore((s) => s.held).includes(station);
  return (
    <div className="mt-1.5 flex items-center gap-2">
      <button
        type="button"
        aria-pressed={isHeld}
        title="Stays as it is while others change"
        className="h-8 border border-base-300 bg-base-100 px-2 text-xs aria-pressed:border-accent aria-pressed:font-bold"
        onClick={() => toggleHeld(station)}
      >
        {isHeld ? 'held' : 'hold'}
      </button>
      <div className="min-w-0 flex-1">
        <HousePoseChoice
          label={`Take ${TITLES[station].toLowerCase()} from another pose`}
          empty="as in"
          others={{ group: 'this run', poses: others }}
          onChoose={(from) => setPose(withStation(pose, station, from))}
        />
      </div>
    </div>
  );
}

function isStation(panel: Panel): panel is Station {
  return (STATIONS as readonly Panel[]).includes(panel);
}

/** The few controls of the open station, or of camera and light. */
export function StationPanel({ shot, panel, others, ...rest }: StationPanelProps) {
  const Own = PANELS[panel];
  return (
    <section
      aria-label={TITLES[panel]}
      className="flex min-h-0 flex-col gap-2.5 bg-base-200 px-3.5 py-3 [grid-area:station] desk:overflow-y-auto"
    >
      <div>
        <h2 className="text-lg leading-tight">{TITLES[panel]}</h2>
        <p className="quiet text-xs">{HINTS[panel]}</p>
        {isStation(panel) && <StationTools station={panel} pose={shot.pose} others={others} />}
      </div>
      <Own shot={shot} {...rest} />
      <Settings shot={shot} panel={panel} />
    </section>
  );
}
