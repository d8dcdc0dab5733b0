import { sourceKind, type Light } from '@/core/light';
import {
  DARK_SOCKET_STOPS,
  FACE_PATTERNS,
  MARGIN_DEG,
  type Catchlight,
  type LightReading,
} from '@/core/picture';
import { SIDES } from '@/core/units';

function signed(stops: number): string {
  const value = Math.abs(stops) < 0.05 ? 0 : stops;
  return `${value > 0 ? '+' : ''}${value.toFixed(1)}`;
}

function sourceWords(light: Light, id: string): string {
  const source = (light.others ?? []).find((s) => s.id === id);
  return source ? sourceKind(source.kind).words : 'key';
}

function catchlightWords(light: Light, seen: readonly Catchlight[]): string {
  if (seen.length === 0) return 'none';
  return seen.map((c) => `${sourceWords(light, c.source)} at ${c.clock} o’clock`).join(', ');
}

/** What the light does, in the words of the trade and in stops. */
export function LightReadings({ light, reading }: { light: Light; reading: LightReading }) {
  const { pattern, near, facing, reflections } = reading;
  const dark = SIDES.filter((s) => reading.socketsStops[s] > DARK_SOCKET_STOPS);
  const unlit = SIDES.filter((s) => reflections.catchlights[s].length === 0);
  const glare = SIDES.filter((s) => reflections.glare[s].length > 0);
  const rows: { words: string; value: string; note?: string }[] = [
    {
      words: 'pattern',
      value: FACE_PATTERNS[pattern.name],
      note:
        near.length > 0
          ? `${MARGIN_DEG}° further it is ${near.map((n) => FACE_PATTERNS[n]).join(' or ')}`
          : `holds ${MARGIN_DEG}° to every side`,
    },
    {
      words: 'side lit',
      value: facing === 'square' ? 'neither' : facing,
      note: `key ${Math.round(Math.abs(reading.azimuthDeg))}° to the sitter’s ${reading.azimuthDeg >= 0 ? 'left' : 'right'}, ${Math.round(reading.elevationDeg)}° ${reading.elevationDeg >= 0 ? 'above' : 'below'} the eyes`,
    },
    {
      words: 'bright to dark',
      value: `${reading.ratioStops.toFixed(1)} stops`,
      note: `${(2 ** reading.ratioStops).toFixed(1)}:1 on the face`,
    },
    {
      words: 'eye sockets',
      value: SIDES.map((s) => `${s} ${signed(-reading.socketsStops[s])}`).join(', '),
      note: dark.length > 0 ? `dark: ${dark.join(' and ')}` : 'open',
    },
    ...SIDES.map((s) => ({
      words: `catchlight, ${s} eye`,
      value: catchlightWords(light, reflections.catchlights[s]),
    })),
    {
      words: 'along the body',
      value: `chest ${signed(reading.falloffStops.chest)}, hips ${signed(reading.falloffStops.hips)}, feet ${signed(reading.falloffStops.feet)}`,
      note: 'stops against the face',
    },
    { words: 'background', value: `${signed(reading.backgroundStops)} stops`, note: 'against the face' },
  ];
  if (glare.length > 0)
    rows.push({ words: 'glasses', value: `a light shows in the ${glare.join(' and ')} glass` });
  return (
    <section aria-label="What the light does" data-testid="light-reading" data-pattern={pattern.name}>
      <dl className="text-[13px] tabular-nums">
        {rows.map(({ words, value, note }) => (
          <div key={words} className="grid grid-cols-[112px_1fr] gap-x-2 border-t border-base-300 py-1">
            <dt className="quiet">{words}</dt>
            <dd>
              <b>{value}</b>
              {note && <span className="quiet block text-xs">{note}</span>}
            </dd>
          </div>
        ))}
      </dl>
      {unlit.length > 0 && (
        <p className="mt-1 text-xs text-error">
          {unlit.length === 2 ? 'Neither eye has' : `The ${unlit[0]} eye has no`} catchlight: bring the key
          lower or further round to the front.
        </p>
      )}
    </section>
  );
}
