import { viewOf, viewTowards, type Camera, type View } from '@/core/camera';
import { aboutZeroDeg, apart, midpoint, type Vec3 } from '@/core/units';
import type { ShotReport } from '@/workers/shotReport';
import type { Panel } from '@/take/poseStore';

/** How the sitter is looked at while posing: through the lens, from round about, or close. Never stored. */
export type Look = { kind: 'lens' } | { kind: 'turn'; deg: number } | { kind: 'close' };

/** What is looked at closely while a station is set, and the radius that has to be seen, metres. */
function closeUp(panel: Panel, { handles, points, feet }: ShotReport): { at: Vec3; radiusM: number } {
  switch (panel) {
    case 'hands':
    case 'arms': {
      const [left, right] = [handles['left:hand'], handles['right:hand']];
      return { at: midpoint(left, right), radiusM: apart(left, right) / 2 + 0.16 };
    }
    case 'feet':
    case 'weight': {
      const [left, right] = [feet.left.toe, feet.right.toe];
      return { at: midpoint(left, right), radiusM: apart(left, right) / 2 + 0.22 };
    }
    case 'hips':
    case 'spine':
      return { at: handles.hips, radiusM: 0.45 };
    default:
      return { at: midpoint(points.chin, points.crown), radiusM: 0.22 };
  }
}

/** The view for a look. Close up the lens stays where it is, so that the perspective does. */
export function viewFor(look: Look, camera: Camera, panel: Panel, report: ShotReport): View {
  if (look.kind === 'turn') {
    const arcDeg = aboutZeroDeg(camera.arcDeg + look.deg);
    return viewOf({ ...camera, arcDeg });
  }
  const view = viewOf(camera);
  if (look.kind === 'lens') return view;
  const { at, radiusM } = closeUp(panel, report);
  const tan = radiusM / apart(view.eye, at);
  const close = viewTowards(view.eye, at, tan);
  const tall = view.tanHalfHeight / view.tanHalfWidth;
  return tall >= 1 ? { ...close, tanHalfHeight: tan * tall } : { ...close, tanHalfWidth: tan / tall };
}
