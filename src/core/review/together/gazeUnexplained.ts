import { axesOf, rotationOf, type Figure } from '../../figure';
import { angleBetweenDeg, midpoint, SIDES, subtract, unit, type Vec3 } from '../../units';
import type { Sight } from '../../picture';
import { eyesAreClosed } from '../eyesAreClosed';
import { pose, type Rule } from '../rule';
import { facesAwayDeg, middleOf } from './beside';

/** Eyes that pass what they could be on by more look at nothing that the picture shows, degrees (from memory). */
const MOST_PAST_DEG = 14;

/** The eyes of a face that is turned further from the lens are not seen, degrees. */
const MOST_AWAY_DEG = 100;

/** Where the eyes of somebody look, set frame, of length one. */
function gazeOf({ frames }: Figure): Vec3 {
  const [left, right] = SIDES.map((side) => axesOf(rotationOf(frames, `${side}:eye`)).front);
  return unit(midpoint(left!, right!));
}

/** What somebody in a picture can be seen to look at: the lens, faces and hands of others, the own hands. */
function placesToLook({ view, figure, others }: Sight): Vec3[] {
  return [
    view.eye,
    ...others.flatMap(({ figure: { points } }) => [
      middleOf(points.eyes),
      ...SIDES.map((s) => points.fingertips[s]),
    ]),
    ...SIDES.map((s) => figure.points.fingertips[s]),
  ];
}

export const gazeUnexplained = {
  id: 'gaze-unexplained',
  name: 'Gaze that explains nothing',
  reads: [],
  station: 'gaze',
  grade: 'fault',
  reason:
    'A viewer sees at once where each of them looks: at the lens, at each other, at hands, or both one way.',
  weight: 0.45,
  measure(sight) {
    const { others, figure, shot } = sight;
    if (others.length === 0 || eyesAreClosed(shot.pose)) return [];
    if (facesAwayDeg(sight, figure) > MOST_AWAY_DEG) return [];
    // eyes that do not reach are told by themselves
    if (figure.gaze.beyondDeg > 0) return [];
    const own = gazeOf(figure);
    const eyes = middleOf(figure.points.eyes);
    const past = [
      ...placesToLook(sight).map((p) => angleBetweenDeg(own, unit(subtract(p, eyes)))),
      ...others.map((o) => angleBetweenDeg(own, gazeOf(o.figure))),
    ];
    return [
      {
        key: '',
        value: Math.min(...past),
        low: 0,
        high: MOST_PAST_DEG,
        full: 20,
        unit: '° past everything there is to look at',
        title: 'The eyes look at nothing that the picture shows',
        variables: pose('headTurnLeftDeg', 'chinDownDeg'),
      },
    ];
  },
} as const satisfies Rule;
