'use client';

import { SETTING_IDS, SETTINGS, STATIONS, type Pose, type Station } from '@/core/pose';
import { viewOf, type Camera } from '@/core/camera';
import type { Finding } from '@/core/review';
import type { Vec3 } from '@/core/units';
import type { ShotReport } from '@/workers/shotReport';
import type { Panel } from '@/take/poseStore';

interface PlumbLineProps {
  pose: Pose;
  camera: Camera;
  report: ShotReport | null;
  open: Finding[];
  panel: Panel;
  onPanel(panel: Panel): void;
}

/** Screen pixels per metre of real sideways offset. */
const PX_PER_M = 150;
const MOST_PX = 16;
const LINE_X = 26;
/** From the feet to the eyes, pixels. */
const HEIGHT = 520;

/** Sideways offset of each station from the point that carries the sitter, metres to camera right. */
function offsetsOf(report: ShotReport, camera: Camera): Record<Station, number> {
  const { right } = viewOf(camera);
  const across = (p: Vec3) => p[0] * right[0] + p[2] * right[2];
  const middle = (a: Vec3, b: Vec3): Vec3 => [(a[0] + b[0]) / 2, 0, (a[2] + b[2]) / 2];
  const plumb = across(report.centreOfMassM);
  const off = (p: Vec3) => across(p) - plumb;
  const { points, feet } = report;
  const hips = off(middle(points.hips.left, points.hips.right));
  const shoulders = off(middle(points.shoulders.left, points.shoulders.right));
  const eyes = off(middle(points.eyes.left, points.eyes.right));
  return {
    feet: off(middle(middle(feet.left.heel, feet.left.toe), middle(feet.right.heel, feet.right.toe))),
    weight: 0,
    hips,
    spine: (hips + shoulders) / 2,
    shoulders,
    arms: shoulders,
    hands: (hips + shoulders) / 2,
    head: off(points.chin),
    gaze: eyes,
  };
}

type BeadState = 'neutral' | 'set' | 'noted' | 'fault';
const STATE_WORDS: Record<BeadState, string> = {
  neutral: 'neutral',
  set: 'set',
  noted: 'has a finding',
  fault: 'has a strong finding',
};

function stateOf(station: Station, pose: Pose, open: Finding[]): BeadState {
  const worst = Math.max(0, ...open.filter((f) => f.station === station).map((f) => f.severity));
  if (worst >= 0.5) return 'fault';
  if (worst > 0) return 'noted';
  const said =
    SETTING_IDS.some((id) => SETTINGS[id].station === station && pose.settings[id] !== undefined) ||
    (station === 'arms' && pose.contacts.length > 0) ||
    (station === 'gaze' && pose.gaze.kind !== 'lens');
  return said ? 'set' : 'neutral';
}

function Bead({ x, y, state, active }: { x: number; y: number; state: BeadState; active: boolean }) {
  const shared = { stroke: 'currentColor', strokeWidth: 1.8 };
  return (
    <g>
      {active && <circle cx={x} cy={y} r={12.5} fill="none" stroke="var(--color-accent)" strokeWidth={2.5} />}
      {state === 'fault' && <path d={`M${x} ${y - 9}l9 9-9 9-9-9z`} fill="var(--color-error)" />}
      {state === 'noted' && (
        <circle
          cx={x}
          cy={y}
          r={6.5}
          fill="var(--color-base-100)"
          stroke="var(--color-error)"
          strokeWidth={2.4}
        />
      )}
      {state === 'set' && <circle cx={x} cy={y} r={6} fill="currentColor" />}
      {state === 'neutral' && <circle cx={x} cy={y} r={5.5} fill="var(--color-base-100)" {...shared} />}
    </g>
  );
}

/** The nine stations on a line that hangs from the sitter's real balance and bends with the body seen from the lens. */
export function PlumbLine({ pose, camera, report, open, panel, onPanel }: PlumbLineProps) {
  const offsets = report ? offsetsOf(report, camera) : null;
  const gap = HEIGHT / STATIONS.length;
  const beads = STATIONS.map((station, i) => {
    const raw = (offsets?.[station] ?? 0) * PX_PER_M;
    return {
      station,
      x: LINE_X + Math.max(-MOST_PX, Math.min(MOST_PX, raw)),
      y: HEIGHT - gap * (i + 0.5),
      state: stateOf(station, pose, open),
    };
  });
  const path = beads.map((b, i) => {
    if (i === 0) return `M${b.x} ${b.y}`;
    const before = beads[i - 1]!;
    const half = (before.y + b.y) / 2;
    return `C${before.x} ${half} ${b.x} ${half} ${b.x} ${b.y}`;
  });
  return (
    <nav
      aria-label="Stations, from the floor up"
      className="col-span-3 grid grid-cols-3 select-none sm:relative sm:block sm:h-[542px] sm:w-[104px] sm:shrink-0"
    >
      {/* a gradient: dashes of a drawing are painted slowly without a graphics card */}
      <span
        aria-hidden
        className="absolute top-1 hidden w-px bg-[repeating-linear-gradient(var(--color-base-300)_0_2px,transparent_2px_6px)] sm:block"
        style={{ left: LINE_X, height: HEIGHT - 4 }}
      />
      <svg width={104} height={HEIGHT + 22} aria-hidden className="absolute inset-0 hidden sm:block">
        <path d={path.join('')} fill="none" stroke="currentColor" strokeWidth={1.5} />
        <line
          x1={beads[0]!.x}
          y1={beads[0]!.y}
          x2={LINE_X}
          y2={HEIGHT}
          stroke="currentColor"
          strokeWidth={1.5}
        />
        <path d={`M${LINE_X - 8} ${HEIGHT}h16l-8 15z`} fill="var(--color-accent)" />
        {beads.map((b) => (
          <Bead key={b.station} x={b.x} y={b.y} state={b.state} active={b.station === panel} />
        ))}
      </svg>
      {beads.map((b, i) => (
        <button
          key={b.station}
          type="button"
          aria-pressed={panel === b.station}
          aria-label={`${i + 1} ${b.station}, ${STATE_WORDS[b.state]}`}
          title={`${b.station}: key ${i + 1}`}
          className="flex h-11 cursor-pointer items-center gap-1.5 px-2 text-left text-[13px] leading-none aria-pressed:font-bold sm:absolute sm:left-0 sm:block sm:w-[104px] sm:pr-0.5 sm:pl-[50px] sm:text-[11.5px]"
          style={{ top: b.y - 22 }}
          onClick={() => onPanel(b.station)}
        >
          <svg width={28} height={28} aria-hidden className="shrink-0 sm:hidden">
            <Bead x={14} y={14} state={b.state} active={b.station === panel} />
          </svg>
          {b.station}
        </button>
      ))}
    </nav>
  );
}
