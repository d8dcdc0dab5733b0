import type { CSSProperties, ReactNode } from 'react';

interface FrameBoxProps {
  /** Width over height of the frame. */
  aspect: number;
  className?: string;
  children: ReactNode;
}

/** The largest box of a frame's own aspect that the place given to it holds: a picture in it is never squeezed. */
export function FrameBox({ aspect, className = '', children }: FrameBoxProps) {
  return (
    <div className="frame-place">
      <div className={`frame-box ${className}`} style={{ '--aspect': aspect } as CSSProperties}>
        {children}
      </div>
    </div>
  );
}
