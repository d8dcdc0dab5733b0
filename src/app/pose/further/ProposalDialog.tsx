'use client';

import { useEffect, useRef, type ReactNode } from 'react';

interface ProposalDialogProps {
  title: string;
  children: ReactNode;
  onClose(): void;
}

/** A sheet over the place for pictures that are proposed; the place behind it stays as it is until one is taken. */
export function ProposalDialog({ title, children, onClose }: ProposalDialogProps) {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => dialog.current?.showModal(), []);
  return (
    <dialog
      ref={dialog}
      aria-label={title}
      className="m-auto max-h-[92dvh] w-fit max-w-[min(96vw,64rem)] min-w-[min(96vw,26rem)] overflow-y-auto border border-base-300 bg-base-100 p-4 text-base-content backdrop:bg-black/50"
      onClose={onClose}
    >
      <div className="flex items-baseline justify-between gap-3">
        <h2 className="text-lg leading-tight">{title}</h2>
        <button type="button" className="link-act" onClick={() => dialog.current?.close()}>
          Close
        </button>
      </div>
      {children}
    </dialog>
  );
}
