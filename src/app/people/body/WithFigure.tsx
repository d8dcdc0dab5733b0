import type { ReactNode } from 'react';
import type { BodyProfile } from '@/core/body';
import { Turntable } from './Turntable';

/** Fields of the record with the figure that follows from them beside them. */
export function WithFigure({ profile, children }: { profile: BodyProfile; children: ReactNode }) {
  return (
    <div className="grid grid-cols-1 gap-6 lg:grid-cols-[minmax(0,1fr)_260px]">
      <div className="order-2 space-y-5 lg:order-1">{children}</div>
      <div className="order-1 lg:order-2">
        <div className="lg:sticky lg:top-0">
          <Turntable profile={profile} />
        </div>
      </div>
    </div>
  );
}
