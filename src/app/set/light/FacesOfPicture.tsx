import { EVEN_FACES_STOPS, keyForFaces, rangeOf, stopsOnFaces } from '@/core/light';
import type { Room } from '@/core/scene';
import type { Role, SoloShot } from '@/core/shot';
import type { Vec3 } from '@/core/units';
import { usePoseStore } from '@/take/poseStore';
import { signedStops } from '@/ui/pictures/signedStops';

/** A face of the picture, set frame, metres. */
export interface NamedFace {
  role: Role;
  name: string;
  at: Vec3;
}

interface FacesOfPictureProps {
  shot: SoloShot;
  room: Room;
  faces: readonly NamedFace[];
}

/** The light on every face of a picture of several, and the key that lights them more evenly. */
export function FacesOfPicture({ shot: { light, camera }, room, faces }: FacesOfPictureProps) {
  const dragging = usePoseStore((s) => s.dragging);
  const points = faces.map((f) => f.at);
  const stops = stopsOnFaces(light, points);
  const spread = rangeOf(stops);
  const isEven = spread <= EVEN_FACES_STOPS;
  // a place is looked for when the hand rests
  const better = isEven || dragging ? light : keyForFaces(light, points, camera.arcDeg, room);
  return (
    <section aria-label="Light on the faces" className="space-y-1.5 text-[13px]">
      <h2 className="title text-lg">Light on the faces</h2>
      <ul className="columns-2 sm:columns-3">
        {faces.map(({ role, name }, i) => (
          <li key={role} className="flex justify-between gap-2 border-t border-base-300">
            {name} <b className="tabular-nums">{signedStops(stops[i]!)}</b>
          </li>
        ))}
      </ul>
      <p role="status" data-testid="faces-of-picture">
        Each turned to the key, {spread.toFixed(2)} stops between the brightest and the darkest:{' '}
        {isEven ? 'even' : 'more than the third of a stop that a group bears'}.
      </p>
      {better !== light && (
        <button type="button" className="link-act" onClick={() => usePoseStore.getState().setLight(better)}>
          Key {better.distanceM.toFixed(1)} m away and {better.heightM.toFixed(2)} m high:{' '}
          {rangeOf(stopsOnFaces(better, points)).toFixed(2)} stops
        </button>
      )}
    </section>
  );
}
