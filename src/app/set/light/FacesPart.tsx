'use client';

import { useState } from 'react';
import { viewOf } from '@/core/camera';
import type { FigurePoints } from '@/core/figure';
import { acrossFaces, EVEN_FACES_STOPS, keyForEvenRow, lightingOf, spreadStops } from '@/core/light';
import type { SoloShot } from '@/core/shot';
import type { Room } from '@/core/scene';
import { midpoint } from '@/core/units';
import { NumberField } from '@/ui/fields/NumberField';
import { signedStops } from '@/ui/pictures/signedStops';
import { usePoseStore } from '@/take/poseStore';

interface FacesPartProps {
  shot: SoloShot;
  room: Room;
  points: FigurePoints;
}

/** How evenly a row of faces would be lit, and the key that lights it evenly. */
export function FacesPart({ shot, room, points }: FacesPartProps) {
  const dragging = usePoseStore((s) => s.dragging);
  const [widthM, setWidth] = useState<number | undefined>();
  const face = midpoint(points.eyes.left, points.eyes.right);
  const lens = viewOf(shot.camera).eye;
  const row = widthM === undefined ? null : acrossFaces(lightingOf(shot.light, face), face, lens, widthM);
  const spread = row && spreadStops(row);
  const isEven = spread !== null && spread <= EVEN_FACES_STOPS;
  // a place is looked for when the hand rests
  const isSought = row !== null && !isEven && !dragging;
  const even = isSought ? keyForEvenRow(shot.light, points.eyes, lens, widthM!, room) : null;
  return (
    <section aria-label="Row of faces" className="space-y-1.5 text-[13px]">
      <h2 className="title text-lg">Row of faces</h2>
      <div className="max-w-[180px]">
        <NumberField
          label="from the first to the last, m"
          value={widthM}
          min={0.3}
          max={8}
          unit="m"
          onChange={setWidth}
        />
      </div>
      {row && (
        <p role="status" data-testid="faces-light">
          Camera left <b>{signedStops(row[0]!.stops)}</b>, camera right{' '}
          <b>{signedStops(row.at(-1)!.stops)} stops</b> against the middle, {spread!.toFixed(1)} between the
          brightest and the darkest: {isEven ? 'even' : 'more than the third of a stop that a group bears'}.
        </p>
      )}
      {even && (
        <button type="button" className="link-act" onClick={() => usePoseStore.getState().setLight(even)}>
          Light it evenly: key {even.distanceM.toFixed(1)} m away, {even.heightM.toFixed(2)} m high
        </button>
      )}
      {isSought && !even && (
        <p className="quiet">
          No place along this line lights it evenly: go round with the key towards the lens, turn the row to
          it, or fill the far end.
        </p>
      )}
    </section>
  );
}
