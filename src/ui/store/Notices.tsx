'use client';

import { useEffect, useRef, type ReactNode } from 'react';

/** What every place says above itself. The place gives way by the height of it all, so that nothing is covered. */
export function Notices({ children }: { children: ReactNode }) {
  const ref = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const { style } = document.documentElement;
    const measure = new ResizeObserver(([entry]) => {
      style.setProperty('--notice-height', `${entry!.borderBoxSize[0]!.blockSize}px`);
    });
    measure.observe(ref.current!);
    return () => measure.disconnect();
  }, []);
  return (
    <div ref={ref} className="print:hidden">
      {children}
    </div>
  );
}
