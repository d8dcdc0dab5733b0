'use client';

import { FACE_MOVE_NAMES, FACE_MOVES } from '@/core/body';
import type { SoloShot } from '@/core/shot';
import { EXPRESSIONS, OFF_LENS_RANGES, type ExpressionName, type Gaze, type Pose } from '@/core/pose';
import { SIDES } from '@/core/units';
import { NumberSlider } from '@/ui/fields/NumberSlider';
import { Choice } from '@/ui/fields/Choice';
import type { OtherNamed } from '@/take/people/othersNamed';
import { usePoseStore } from '@/take/poseStore';
import { GAZE_WORDS } from '../gazeWords';
import { Folded } from '@/ui/fields/Folded';

const ALONE: readonly Gaze['kind'][] = ['lens', 'offLens', 'ahead', 'down', 'hand', 'point'];

const OFF_LENS = [
  { angle: 'leftDeg', label: 'past the lens, to the left', ends: ['right', 'left'] },
  { angle: 'upDeg', label: 'past the lens, upwards', ends: ['down', 'up'] },
] as const;

/** What a kind of gaze starts from. */
function startOf(kind: Gaze['kind'], role: string): Gaze {
  if (kind === 'offLens') return { kind, leftDeg: 12, upDeg: 0 };
  if (kind === 'hand') return { kind, side: 'left' };
  if (kind === 'person') return { kind, role, at: 'eyes' };
  return kind === 'point' ? { kind, point: [1.5, 1.4, 2] } : { kind };
}

interface GazeProps {
  shot: SoloShot;
  /** The others of the picture, whom one can look at. */
  others: readonly OtherNamed[];
}

export function GazeControls({ shot, others }: GazeProps) {
  const { setPose, setDragging } = usePoseStore.getState();
  const { gaze } = shot.pose;
  const set = (next: Gaze) => setPose({ ...shot.pose, gaze: next });
  return (
    <>
      <Choice
        label="eyes look"
        value={gaze.kind}
        options={others.length > 0 || gaze.kind === 'person' ? [...ALONE, 'person'] : ALONE}
        words={GAZE_WORDS}
        onChange={(kind) => set(startOf(kind, others[0]?.role ?? ''))}
      />
      {gaze.kind === 'hand' && (
        <Choice
          label="which"
          value={gaze.side}
          options={SIDES}
          words={{ left: 'left hand', right: 'right hand' }}
          onChange={(side) => set({ kind: 'hand', side })}
        />
      )}
      {gaze.kind === 'person' && others.length > 1 && (
        <Choice
          label="at whom"
          value={gaze.role}
          options={others.map((o) => o.role)}
          words={Object.fromEntries(others.map(({ role, name }) => [role, name]))}
          onChange={(role) => set({ ...gaze, role })}
        />
      )}
      {gaze.kind === 'person' && (
        <Choice
          label="at what"
          value={gaze.at}
          options={['eyes', 'hands'] as const}
          words={{ eyes: 'their eyes', hands: 'their hands' }}
          onChange={(at) => set({ ...gaze, at })}
        />
      )}
      {gaze.kind === 'point' &&
        (['to the left', 'up', 'to the front'] as const).map((label, axis) => (
          <NumberSlider
            key={label}
            label={label}
            value={gaze.point[axis]!}
            min={axis === 1 ? 0 : -5}
            max={axis === 1 ? 3 : 5}
            step={0.1}
            unit="m"
            onChange={(v) =>
              set({ ...gaze, point: gaze.point.map((p, i) => (i === axis ? v : p)) as typeof gaze.point })
            }
            onDrag={setDragging}
          />
        ))}
      {gaze.kind === 'offLens' &&
        OFF_LENS.map(({ angle, label, ends }) => (
          <NumberSlider
            key={angle}
            label={label}
            value={gaze[angle]}
            {...OFF_LENS_RANGES[angle]}
            unit="°"
            ends={ends}
            neutral={0}
            onChange={(deg) => set({ ...gaze, [angle]: deg })}
            onDrag={setDragging}
          />
        ))}
    </>
  );
}

const EXPRESSION_WORDS: Record<ExpressionName | 'own', string> = {
  calm: 'calm',
  smallSmile: 'small smile',
  laugh: 'laugh',
  serious: 'serious',
  eyesClosed: 'eyes closed',
  own: 'as set below',
};

const EXPRESSION_NAMES = Object.keys(EXPRESSIONS) as ExpressionName[];

/** What the face does, by name and move by move. */
export function ExpressionControls({ pose }: { pose: Pose }) {
  const { setPose, setDragging } = usePoseStore.getState();
  const said = pose.expression ?? {};
  const set = (expression: NonNullable<Pose['expression']>) => {
    const { expression: _, ...rest } = pose;
    const moves = Object.entries(expression).filter(([, share]) => share !== 0);
    setPose(moves.length > 0 ? { ...rest, expression: Object.fromEntries(moves) } : rest);
  };
  const same = (name: ExpressionName) =>
    FACE_MOVE_NAMES.every((m) => (said[m] ?? 0) === ((EXPRESSIONS[name] as typeof said)[m] ?? 0));
  return (
    <>
      <Choice<ExpressionName | 'own'>
        label="expression"
        value={EXPRESSION_NAMES.find(same) ?? 'own'}
        options={[...EXPRESSION_NAMES, 'own']}
        words={EXPRESSION_WORDS}
        onChange={(name) => name !== 'own' && set(EXPRESSIONS[name])}
      />
      <Folded title="Lids, brows and mouth" isSet={!EXPRESSION_NAMES.some(same)}>
        {FACE_MOVE_NAMES.map((move) => {
          const { min, max, step, words, ends } = FACE_MOVES[move];
          return (
            <NumberSlider
              key={move}
              label={words}
              value={said[move] ?? 0}
              min={min}
              max={max}
              step={step}
              unit="%"
              shown={100}
              ends={ends}
              neutral={0}
              onChange={(share) => set({ ...said, [move]: share })}
              onDrag={setDragging}
            />
          );
        })}
      </Folded>
    </>
  );
}
