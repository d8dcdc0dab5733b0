import type { BodyProfile } from '@/core/body';
import { frameAspect } from '@/core/camera';
import type { SoloShot } from '@/core/shot';
import { PoseThumbnail } from '@/ui/pictures/PoseThumbnail';

/** The picture of the group as it is posed now, through its lens. */
export function GroupPicture({ profile, shot }: { profile: BodyProfile; shot: SoloShot }) {
  const aspect = frameAspect(shot.camera);
  return (
    <div className="w-full" style={{ aspectRatio: aspect, maxWidth: aspect < 1 ? 240 : 480 }}>
      <PoseThumbnail
        profile={profile}
        shot={shot}
        scale={3}
        isFleeting
        className="h-full w-full"
        label="The group as it is posed now"
      />
    </div>
  );
}
