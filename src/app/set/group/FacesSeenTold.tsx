import type { Role } from '@/core/shot';
import { inOneLine } from '@/ui/place/namesOf';
import { SEEN_SHARE } from './groupWords';
import type { FacesSeen } from './facesSeen';

interface FacesSeenToldProps {
  seen: FacesSeen;
  nameOf(role: Role): string;
}

/** What of each face is seen in the picture itself, as far as it was looked at. */
export function FacesSeenTold({ seen: { shares, of }, nameOf }: FacesSeenToldProps) {
  if (shares.size < of)
    return (
      <p role="status" className="quiet">
        Looking at the faces in the picture: {shares.size} of {of}
      </p>
    );
  const less = [...shares].filter(([, share]) => share === null || share < SEEN_SHARE);
  const percent = (share: number | null) =>
    share === null ? 'out of the frame' : `${Math.floor(share * 100)} %`;
  return (
    <p role="status" data-testid="faces-seen">
      {less.length === 0
        ? `In the picture every face is seen, each at least ${percent(Math.min(...[...shares.values()].map((s) => s!)))}.`
        : `In the picture less than ${SEEN_SHARE * 100} % is seen of ${inOneLine(
            less.map(([role, share]) => `${nameOf(role)} (${percent(share)})`),
          )}.`}
    </p>
  );
}
