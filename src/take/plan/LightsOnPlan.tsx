import { drawnCentre, isSky, sourceAcrossM, sourceKind, type Light, type LightSource } from '@/core/light';
import type { TakeHold } from '../dragOnDrawing';
import { radians } from '@/core/units';
import { KEY_ID } from '../poseStore';
import type { Plan } from './planScale';

interface LightsProps {
  plan: Plan;
  light: Light;
  takeHold: TakeHold;
}

function OtherOnPlan({ plan, source, takeHold }: { plan: Plan; source: LightSource; takeHold: TakeHold }) {
  const at = drawnCentre(source);
  const { works, words } = sourceKind(source.kind);
  const wide = sourceAcrossM(source) * plan.scale;
  return (
    <g
      transform={`translate(${plan.X(at[0])} ${plan.Y(at[2])}) rotate(${-source.arcDeg})`}
      className="cursor-grab"
      data-source={source.id}
      onPointerDown={takeHold(source.id)}
    >
      <title>{words}</title>
      <rect x={-12} y={-10} width={24} height={20} fill="transparent" />
      <rect
        x={-wide / 2}
        y={-2}
        width={wide}
        height={works === 'lamp' ? 5 : 2.5}
        fill={works === 'absorber' ? 'currentColor' : 'var(--color-base-100)'}
        stroke="var(--color-accent)"
      />
    </g>
  );
}

/** How wide the key is drawn, and its turn: a window lies in its wall, what stands free is turned to the mark. */
function drawnKey({ scale }: Plan, light: Light): { wide: number; turnDeg: number } {
  return {
    wide: scale * (isSky(light.kind) ? light.sizeM : sourceAcrossM(light)),
    turnDeg: -(light.facesDeg ?? light.arcDeg),
  };
}

/** How far the drawn key reaches up and down from its middle. */
export function keyHalfHeight(plan: Plan, light: Light): number {
  const { wide, turnDeg } = drawnKey(plan, light);
  return (Math.abs(Math.sin(radians(turnDeg))) * wide + KEY_DEEP) / 2;
}

/** Depth of a drawn key. */
const KEY_DEEP = 6;

function KeyOnPlan({ plan, light, takeHold }: LightsProps) {
  const at = drawnCentre(light);
  const { wide, turnDeg } = drawnKey(plan, light);
  return (
    <g
      transform={`translate(${plan.X(at[0])} ${plan.Y(at[2])}) rotate(${turnDeg})`}
      className="cursor-grab"
      data-source={KEY_ID}
      onPointerDown={light.facesDeg === undefined ? takeHold(KEY_ID) : undefined}
    >
      <rect x={-14} y={-12} width={28} height={24} fill="transparent" />
      <rect
        x={-wide / 2}
        y={-KEY_DEEP / 2}
        width={wide}
        height={KEY_DEEP}
        fill="var(--color-primary)"
        stroke="var(--color-accent)"
      />
    </g>
  );
}

/** The key and every other source, to be taken hold of. */
export function LightsOnPlan(props: LightsProps) {
  return (
    <>
      {(props.light.others ?? []).map((source) => (
        <OtherOnPlan key={source.id} {...props} source={source} />
      ))}
      <KeyOnPlan {...props} />
    </>
  );
}
