import { standardOf } from '@/core/brief';
import { createSkinned, figureOf, skinSurface, skinSurfaceFast } from '@/core/figure';
import { sentencesBetween } from '@/core/cues';
import { entriesOf, findEntries, HOUSE_POSES, NO_FILTER } from '@/core/library';
import { lightingOf } from '@/core/light';
import { mend } from '@/core/adapt';
import {
  createRaster,
  createStandIn,
  exposeLinear,
  patternsOf,
  rasterise,
  seeFace,
  seeShot,
} from '@/core/picture';
import type { SoloShot } from '@/core/shot';
import { faceChartOf } from '@/core/picture/face/chart';
import { rayMeets } from '@/core/picture/face/rays';
import { illuminate } from '@/core/picture/raster/illuminate';
import { shadowMapFrom } from '@/core/picture/raster/shadow';
import { neutralPose } from '@/core/pose';
import { review } from '@/core/review';
import { USUAL_PACE } from '@/core/sequence';
import { bestOrder, type BestOrder } from '@/core/sequence/order/best';
import { courseOf } from '@/core/sequence/order/course';
import type { OrderProblem } from '@/core/sequence/order/problem';
import { problemOf } from '@/core/sequence/plan';
import { libraryRays, raysOff } from '../../tests/support/headRays';
import { finished } from '../../tests/support/finished';
import { seededRun } from '../../tests/support/orderProblems';
import { rayPicture } from '../../tests/support/plain';
import { plainExpose, plainIlluminate, plainRasterise } from '../../tests/support/plainPicture';
import { against, elapsedMs, line, median, processorMs, summary, timed } from './measure';
import {
  BODY,
  CAMERA,
  CAMERA_ROUND,
  DRAGS,
  GROUND,
  keyRound,
  LENS_ZOOMED,
  LIGHT,
  LIT,
  recompute,
  STAND_IN,
  STANDING_POSES,
  TWO_LAMPS,
} from './sitter';

/** The first pictures of a fresh start, before anything is compiled: the first three lit ones, and the first face. */
function firstPictures(): void {
  const lit = DRAGS.slice(0, 3).map((shot) => processorMs(() => seeShot(STAND_IN, shot, LIT).picture));
  line('first pictures, lit', lit.map((ms) => `${ms.toFixed(0)} ms`).join(', '));
  line('first face', `${processorMs(() => seeShot(STAND_IN, DRAGS[0]!).face()).toFixed(0)} ms`);
}

function recomputes(): void {
  const lit = (shot: SoloShot) => recompute(shot, LIT);
  line('pose changed, dark, with report', summary(timed(DRAGS, (shot) => recompute(shot))));
  line('pose changed, lit by one key, developed', summary(timed(DRAGS, lit)));
  const threeLamps = DRAGS.map((shot) => ({ ...shot, light: { ...LIGHT, others: TWO_LAMPS } }));
  line('pose changed, lit by three lamps, developed', summary(timed(threeLamps, lit)));
  line('camera moved, lit, developed', summary(timed(CAMERA_ROUND, lit)));
  line('lens zoomed, lit, developed', summary(timed(LENS_ZOOMED, lit)));
  line('one lamp moved, lit, developed', summary(timed(keyRound(), lit)));
}

function solves(): void {
  const { standing = [], ...carried } = HOUSE_POSES;
  const lens = { lens: [0, 1.2, 4] as [number, number, number] };
  for (const [name, poses] of [
    ['cold solve, standing', standing],
    ['cold solve, seated, leaning, kneeling, lying', Object.values(carried).flat()],
  ] as const) {
    const many = [...poses, ...poses, ...poses];
    line(name, summary(timed(many, (pose) => figureOf(BODY, pose, lens))));
  }
}

/** Every so many ways between poses of one group. */
const WAYS_APART = 23;
/** So many poses the library is searched among. */
const MANY_POSES = 5000;

/** Finding what is said on the way from one pose to another, and poses among many. */
function words(): void {
  const ways = Object.values(HOUSE_POSES)
    .flatMap((poses) =>
      poses.flatMap((from) => poses.filter((to) => to !== from).map((to) => ({ from, to }))),
    )
    .filter((_, i) => i % WAYS_APART === 0);
  const camera = { ...CAMERA, distanceM: 6.2 };
  const counts: number[] = [];
  const times = timed(ways, ({ from, to }) => {
    counts.push(sentencesBetween(STAND_IN, from, { pose: to, camera, light: LIGHT }).sentences.length);
  });
  line('sentences between two poses', summary(times));
  line('  their number', `median ${median(counts)}, most ${Math.max(...counts)}`);
  const house = Object.values(HOUSE_POSES).flat();
  const many = Array.from({ length: MANY_POSES }, (_, i) => ({
    id: `own-${i}`,
    pose: house[i % house.length]!,
    tags: [`series ${i % 40}`],
    note: `kept on day ${i}`,
  }));
  const entries = entriesOf(HOUSE_POSES, many);
  const wanted = {
    profile: BODY.profile,
    message: { presence: 0.3, openness: 0.4, formality: 0.6, movement: -0.7 },
  };
  const asked = ['series 12', 'chair both', 'day 4', '', 'no such words'].map((text) => ({
    ...NO_FILTER,
    text,
  }));
  line(
    `library searched, ${entries.length} poses`,
    summary(timed([...asked, ...asked], (filter) => findEntries(entries, filter, wanted))),
  );
}

function faces(): void {
  for (const [name, others] of [
    ['one key', undefined],
    ['three lamps', TWO_LAMPS],
  ] as const) {
    const shots = keyRound(others as SoloShot['light']['others']);
    const named = timed(shots, (shot) => patternsOf(STAND_IN, shot, [shot.light, shot.light]));
    line(`face read and named, ${name}`, summary(named.map((ms) => ms / 2)));
    line(
      `face 150x150 while dragging, ${name}`,
      summary(timed(shots, (shot) => seeFace(STAND_IN, shot, GROUND, 150))),
    );
  }
}

/** The first light that is read on a head: what blocks it is worked out as it is asked for. */
function firstFaces(): void {
  const met = Array.from({ length: 5 }, () => createStandIn(BODY, STAND_IN.surface));
  const times = met.map((standIn) => {
    const sight = seeShot(standIn, DRAGS[0]!);
    void sight.figure;
    return processorMs(() => sight.face());
  });
  line('first face of a sitter', summary(times));
}

function mends(): void {
  const times: number[] = [];
  for (const pose of [neutralPose('quiet'), ...STANDING_POSES]) {
    const shot: SoloShot = {
      pose: { ...pose, message: { ...pose.message, presence: 0 } },
      camera: CAMERA,
      light: LIGHT,
    };
    for (const finding of review(seeShot(STAND_IN, shot), standardOf(shot.pose.message)))
      times.push(processorMs(() => mend(STAND_IN, shot, finding)));
  }
  line('mend', summary(times));
}

/** The compiled loops against the same loops written plainly. */
function compiled(): void {
  const { surface, skinned } = STAND_IN;
  const { figure, view, picture } = seeShot(STAND_IN, DRAGS[0]!, { ...LIT, isGroundCoarse: false });
  const mesh = { positions: skinned.positions, triangles: surface.triangles };
  const raster = createRaster(160, 240);
  const out = createSkinned(surface);
  const lighting = lightingOf(LIGHT, figure.points.nose, GROUND.backgroundM);
  const [middle, radiusM] = [figure.points.hips.left, 1.2];
  const maps = [shadowMapFrom(lighting.sources[0]!, middle, radiusM, [mesh])];
  const given = { lighting, middle, radiusM, ground: GROUND };
  against(
    'skin, compiled against plain',
    () => skinSurfaceFast(surface, figure.transforms, out),
    () => skinSurface(surface, figure.transforms, out),
  );
  against(
    'raster 160x240, compiled against plain',
    () => rasterise(raster, view, [mesh]),
    () => plainRasterise(raster, view, mesh),
  );
  against(
    'light 160x240, compiled against plain',
    () => illuminate(picture, surface, skinned, given, maps),
    () => plainIlluminate(picture, surface, skinned, given, maps),
  );
  against(
    'exposing 160x240, compiled against plain',
    () => exposeLinear(picture, surface, skinned),
    () => plainExpose(picture, surface, skinned),
  );
  const small = createRaster(80, 120);
  against(
    'raster 80x120 against one ray a pixel',
    () => rasterise(small, view, [mesh]),
    () => rayPicture(view, mesh.positions, mesh.triangles, 80, 120),
    2,
  );
}

/** Rays off the face: the own boxes against those of a general library. */
function rays(): void {
  const chart = faceChartOf(BODY, STAND_IN.surface);
  const many = raysOff(chart, 9);
  const meets = libraryRays(chart);
  against(
    `${many.length} rays off the face, against three-mesh-bvh`,
    () => many.forEach(({ from, d }) => rayMeets(chart.rays(), from, d)),
    () => many.forEach(({ from, d }) => meets(from, d)),
  );
}

/** The order that always goes on to the nearest, from the first one on. */
function nearestOrder({ changeS }: OrderProblem): number[] {
  const order = [0];
  while (order.length < changeS.length) {
    const left = changeS.map((_, i) => i).filter((i) => !order.includes(i));
    const away = (i: number) => changeS[order.at(-1)!]![i]!;
    order.push(left.reduce((a, b) => (away(b) < away(a) ? b : a)));
  }
  return order;
}

/** How long the best order takes to find, and what it saves against the nearest neighbour and against the order there is. */
function orders(): void {
  for (const count of [8, 14, 40]) {
    const found = Array.from({ length: count < 40 ? 5 : 20 }, (_, i) => {
      const source = seededRun(count, i + 1);
      const problem = problemOf(source, USUAL_PACE);
      const said = source.stops.map((_, k) => k);
      const takesS = problem.stops.reduce((sum, s) => sum + s.takesS, 0);
      let best!: BestOrder;
      const ms = elapsedMs(() => (best = finished(bestOrder(problemOf(source, USUAL_PACE), said))));
      const over = (order: readonly number[]) =>
        (courseOf(problem, order).valueS - takesS) / (best.course.valueS - takesS);
      const gap = best.course.valueS / best.leastS - 1;
      return { ms, gap, nearest: over(nearestOrder(problem)), authored: over(said) };
    });
    const of = (id: keyof (typeof found)[number]) => found.map((f) => f[id]);
    line(
      `order of ${count} poses, ${found.length} runs`,
      `${median(of('ms')).toFixed(0)} ms, at most ${Math.max(...of('ms')).toFixed(0)}; time between pictures and dislikes: nearest neighbour ${median(of('nearest')).toFixed(2)} times as much, as it was written ${median(of('authored')).toFixed(2)}; over the bound ${(100 * median(of('gap'))).toFixed(1)} %, at most ${(100 * Math.max(...of('gap'))).toFixed(1)} %`,
    );
  }
}

/** What the core takes in Node, processor time. */
export function benchCore(): void {
  firstPictures();
  recomputes();
  solves();
  faces();
  firstFaces();
  mends();
  compiled();
  rays();
  orders();
  words();
}
