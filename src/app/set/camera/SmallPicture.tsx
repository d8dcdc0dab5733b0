import { frameAspect, type Camera } from '@/core/camera';
import { PoseThumbnail } from '@/ui/pictures/PoseThumbnail';
import type { SetAtWork } from '../useSetAtWork';
import { CropMarks } from './FormatsPart';
import { FramePart } from './FramePart';

/** Long side of the small picture, pixels. */
const PICTURE_PX = { upright: 270, landscape: 240 } as const;

/** Size of the small picture: the frame's own aspect. */
function pictureSize(camera: Camera): { width: number; height: number } {
  const aspect = frameAspect(camera);
  const long = PICTURE_PX[camera.orientation];
  return aspect < 1 ? { width: long * aspect, height: long } : { width: long, height: long / aspect };
}

/** The picture through this lens, with the cuts of its uses, and how sharp and how large the face is in it. */
export function SmallPicture({ set: { profile, shot, camera, ground, report, uses } }: { set: SetAtWork }) {
  return (
    <div className="shrink-0">
      <div className="relative overflow-hidden" style={pictureSize(camera)}>
        <PoseThumbnail
          profile={profile}
          shot={shot}
          scale={2}
          isFleeting
          className="h-full w-full"
          label={`${shot.pose.name} through this lens`}
        />
        <CropMarks uses={uses} />
      </div>
      {report && (
        <FramePart
          profile={profile}
          shot={shot}
          ground={ground}
          faceDistanceM={report.numbers.faceDistanceM}
        />
      )}
    </div>
  );
}
