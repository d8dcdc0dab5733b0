import { canBeMoved, drawnCentre, isSky, sourceKind, type Light, type Placed } from '@/core/light';
import type { TakeHold } from '../dragOnDrawing';
import { KEY_ID } from '../poseStore';
import { FLOOR_Y, type Elevation } from './elevation';

interface Source extends Placed {
  id: string;
  words: string;
}

interface SourceProps {
  elevation: Elevation;
  source: Source;
  takeHold: TakeHold;
}

/** A stand is taken hold of within so much of the drawing. */
const STAND_HELD = 6;

/** A stand down to the floor, or the way that the sky's light takes. */
function Stand({ x, y, elevation, source }: { x: number; y: number; elevation: Elevation; source: Source }) {
  return isSky(source.kind) ? (
    <line
      x1={x}
      x2={elevation.sitterX}
      y1={y}
      y2={elevation.Y(elevation.eyesM)}
      stroke="var(--color-accent)"
      strokeWidth={0.6}
    />
  ) : (
    <>
      <line x1={x} x2={x} y1={y} y2={FLOOR_Y} stroke="currentColor" strokeWidth={0.4} />
      <line x1={x} x2={x} y1={y} y2={FLOOR_Y} stroke="transparent" strokeWidth={STAND_HELD} />
    </>
  );
}

function SourceFromSide({ elevation, source, takeHold }: SourceProps) {
  const at = drawnCentre(source);
  const [x, y] = [elevation.along(at), Math.max(4, elevation.Y(at[1]))];
  const isFromSky = isSky(source.kind);
  const half = isFromSky ? 3 : Math.max(2, (source.sizeM / 2) * elevation.scale);
  return (
    <g
      className="cursor-grab"
      data-side-source={source.id}
      onPointerDown={canBeMoved(source) ? takeHold(source.id) : undefined}
    >
      <title>{isFromSky ? source.words : `${source.words}, ${source.heightM.toFixed(2)} m high`}</title>
      <Stand x={x} y={y} elevation={elevation} source={source} />
      <rect x={x - 8} y={y - 9} width={16} height={18} fill="transparent" />
      <rect
        x={x - 1.5}
        y={y - half}
        width={3}
        height={2 * half}
        fill={source.id === KEY_ID ? 'var(--color-primary)' : 'var(--color-base-100)'}
        stroke="var(--color-accent)"
      />
    </g>
  );
}

/** How high the lights stand. */
export function LightsFromSide({ light, ...props }: Omit<SourceProps, 'source'> & { light: Light }) {
  const sources: Source[] = [
    { ...light, id: KEY_ID, words: 'key' },
    ...(light.others ?? []).map((s) => ({ ...s, words: sourceKind(s.kind).words })),
  ];
  return sources.map((source) => <SourceFromSide key={source.id} {...props} source={source} />);
}
