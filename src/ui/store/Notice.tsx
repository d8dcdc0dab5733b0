'use client';

import { useEffect, useRef, type ReactNode } from 'react';
import type { StoreFault } from '@/data';

interface NoticeProps {
  testId: string;
  fault?: StoreFault;
  children: ReactNode;
}

/** What every place says above itself. The place gives way by its height, so that nothing is covered. */
export function Notice({ testId, fault, children }: NoticeProps) {
  const ref = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const { style } = document.documentElement;
    const measure = new ResizeObserver(([entry]) => {
      style.setProperty('--notice-height', `${entry!.borderBoxSize[0]!.blockSize}px`);
    });
    measure.observe(ref.current!);
    return () => {
      measure.disconnect();
      style.removeProperty('--notice-height');
    };
  }, []);
  return (
    <div
      ref={ref}
      role="alert"
      data-testid={testId}
      data-fault={fault}
      className="border-b border-error bg-base-200 px-4 py-1.5 text-sm print:hidden"
    >
      {children}
    </div>
  );
}
