import { sourceWords, type Light } from '@/core/light';
import {
  DARK_SOCKET_STOPS,
  FACE_PATTERNS,
  HOT_HAND_STOPS,
  MARGIN_DEG,
  type BodyLight,
  type Catchlight,
  type LightReading,
} from '@/core/picture';
import { SIDES } from '@/core/units';
import { signedStops } from '@/ui/pictures/signedStops';

function catchlightWords(light: Light, seen: readonly Catchlight[]): string {
  if (seen.length === 0) return 'none';
  return seen.map((c) => `${sourceWords(light, c.source)} at ${c.clock} o’clock`).join(', ');
}

interface Row {
  words: string;
  value: string;
  note?: string;
}

const percent = (share: number) => `${Math.round(share * 100)} %`;
/** A part in words: its side before its name. */
const partWords = (part: string) => part.replace(':', ' ').replace('Arm', ' arm');

/** What the light does to body, outline and background. */
function bodyRows(light: Light, body: BodyLight): Row[] {
  const { underJawShare, handsStops, outline, shadow, flares } = body;
  const hands = SIDES.filter((s) => handsStops[s] !== undefined);
  const hot = hands.filter((s) => handsStops[s]! > HOT_HAND_STOPS);
  const rows: Row[] = [];
  if (underJawShare !== null)
    rows.push({
      words: 'under the jaw',
      value: percent(underJawShare),
      note: 'of the neck in the jaw’s shadow',
    });
  if (hands.length > 0)
    rows.push({
      words: 'hands',
      value: hands.map((s) => `${s} ${signedStops(handsStops[s]!)}`).join(', '),
      note: hot.length > 0 ? `brighter than the face: ${hot.join(' and ')}` : 'stops against the face',
    });
  rows.push({
    words: 'outline',
    value: `${percent(1 - outline.mergesShare)} stands out`,
    note: [
      outline.mergesAt && `merges with the ground most at the ${partWords(outline.mergesAt)}`,
      outline.rimShare >= 0.01 && `${percent(outline.rimShare)} drawn by a rim`,
    ]
      .filter(Boolean)
      .join('; '),
  });
  rows.push({
    words: 'shadow behind',
    value: shadow ? `${percent(shadow.share)} of the picture` : 'none in the picture',
    ...(shadow && {
      note: `${shadow.where}, ${shadow.deeperStops.toFixed(1)} stops deeper`,
    }),
  });
  for (const flare of flares)
    rows.push({
      words: flare.kind === 'inFrame' ? 'in the frame' : 'on the lens',
      value: sourceWords(light, flare.source),
      note:
        flare.kind === 'inFrame'
          ? 'it is seen in the picture'
          : `shines on it ${Math.round(flare.offDeg)}° off its axis: hood or flag it`,
    });
  return rows;
}

interface LightReadingsProps {
  light: Light;
  reading: LightReading;
  /** Null until it was first read. */
  body: BodyLight | null;
}

/** What the light does, in the words of the trade and in stops. */
export function LightReadings({ light, reading, body }: LightReadingsProps) {
  const { pattern, near, facing, reflections } = reading;
  const dark = SIDES.filter((s) => reading.socketsStops[s] > DARK_SOCKET_STOPS);
  const unlit = SIDES.filter((s) => reflections.catchlights[s].length === 0);
  const glare = SIDES.filter((s) => reflections.glare[s].length > 0);
  const rows: Row[] = [
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
      note: `key ${Math.round(Math.abs(reading.azimuthDeg))}° to the sitter’s ${reading.azimuthDeg >= 0 ? 'left' : 'right'}, ${Math.round(Math.abs(reading.elevationDeg))}° ${reading.elevationDeg >= 0 ? 'above' : 'below'} the eyes`,
    },
    {
      words: 'bright to dark',
      value: `${reading.ratioStops.toFixed(1)} stops`,
      note: `${(2 ** reading.ratioStops).toFixed(1)}:1 on the face`,
    },
    {
      words: 'eye sockets',
      value: SIDES.map((s) => `${s} ${signedStops(-reading.socketsStops[s])}`).join(', '),
      note: dark.length > 0 ? `dark: ${dark.join(' and ')}` : 'open',
    },
    ...SIDES.map((s) => ({
      words: `catchlight, ${s} eye`,
      value: catchlightWords(light, reflections.catchlights[s]),
    })),
    {
      words: 'along the body',
      value: `chest ${signedStops(reading.falloffStops.chest)}, hips ${signedStops(reading.falloffStops.hips)}, feet ${signedStops(reading.falloffStops.feet)}`,
      note: 'stops against the face',
    },
    { words: 'background', value: `${signedStops(reading.backgroundStops)} stops`, note: 'against the face' },
  ];
  if (glare.length > 0)
    rows.push({ words: 'glasses', value: `a light shows in the ${glare.join(' and ')} glass` });
  if (body) rows.push(...bodyRows(light, body));
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
