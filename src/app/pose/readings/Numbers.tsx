import type { BearingPart } from '@/core/figure';
import { HAND_REGIONS } from '@/core/pose';
import type { ShotReport } from '@/workers/shotReport';

function framing(faceInFrame: number): string {
  if (faceInFrame > 0.5) return 'head';
  if (faceInFrame > 0.24) return 'head and shoulders';
  if (faceInFrame > 0.17) return 'half';
  return faceInFrame > 0.125 ? 'three-quarter' : 'full length';
}

/** A line's tilt as the sitter would call it. */
function tilt(deg: number): string {
  const whole = Math.round(Math.abs(deg));
  if (whole === 0) return 'level';
  return `${whole}° ${deg > 0 ? 'left' : 'right'} up`;
}

/** What a part that bears is called. */
const BEARING_WORDS: Readonly<Record<BearingPart, string>> = {
  ...HAND_REGIONS,
  knee: 'knee',
  leg: 'leg',
  seat: 'seat',
  upperBody: 'upper body',
  elbow: 'elbow',
  forearm: 'forearm',
  shoulder: 'shoulder',
  foot: 'foot',
  temple: 'temple',
  cheek: 'cheek',
  forehead: 'forehead',
  lips: 'lips',
  back: 'back',
};

/** What carries most, and how much of the weight. */
function mostOf(loads: ShotReport['loads']): string {
  const most = loads.reduce((a, b) => (b.share > a.share ? b : a));
  const part = BEARING_WORDS[most.part];
  return `${Math.round(most.share * 100)} % ${most.side ? `${most.side} ${part}` : part}`;
}

/** What was measured, whether or not anything is wrong. */
export function Numbers({ report, apertureF }: { report: ShotReport; apertureF: number }) {
  const n = report.numbers;
  const left = Math.round(n.leftSharePercent);
  const onFeet = report.loads.every((l) => l.bears === 'foot');
  const rows: [string, string][] = [
    ['weight', onFeet ? (left >= 50 ? `${left} % left` : `${100 - left} % right`) : mostOf(report.loads)],
    [report.isStable ? 'stands by' : 'tips over', `${Math.abs(n.marginCm).toFixed(0)} cm`],
    ['sharp', `${n.sharpNearM.toFixed(2)}–${Number.isFinite(n.sharpFarM) ? n.sharpFarM.toFixed(2) : '∞'} m`],
    ['key : fill', Number.isFinite(n.ratio) ? `${n.ratio.toFixed(1)} : 1` : 'no fill'],
    ['face at', `${n.faceDistanceM.toFixed(2)} m · f/${apertureF}`],
    ['frame', framing(n.faceInFrame)],
    ['shoulders', tilt(n.shouldersLineDeg)],
    ['whole from', `${n.wholeFigureFromM.toFixed(1)} m`],
    ['hips', tilt(n.hipsLineDeg)],
    ['hand : face', n.handOfFace > 0 ? n.handOfFace.toFixed(2) : 'not seen'],
  ];
  return (
    <dl className="mt-1 grid grid-cols-2 gap-x-4 border-t-2 border-base-content pt-2 text-[12.5px]">
      {rows.map(([name, value]) => (
        <div key={name} className="flex items-baseline justify-between gap-2">
          <dt className="quiet whitespace-nowrap">{name}</dt>
          <dd className="text-right font-bold">{value}</dd>
        </div>
      ))}
    </dl>
  );
}
