import type { ReactNode } from 'react';
import type { StoreFault } from '@/data';

interface NoticeProps {
  testId: string;
  fault?: StoreFault;
  children: ReactNode;
}

/** One thing that has to be known in every place. */
export function Notice({ testId, fault, children }: NoticeProps) {
  return (
    <div
      role="alert"
      data-testid={testId}
      data-fault={fault}
      className="border-b border-error bg-base-200 px-4 py-1.5 text-sm"
    >
      {children}
    </div>
  );
}
