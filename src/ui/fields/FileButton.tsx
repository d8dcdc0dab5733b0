'use client';

import { useRef, type ReactNode } from 'react';

interface FileButtonProps {
  children: ReactNode;
  className: string;
  /** Endings and types that may be chosen. */
  accept: string;
  /** Name of the hidden field. */
  label: string;
  onFile(file: File): void;
}

/** A button that asks for a file. The same file can be chosen again. */
export function FileButton({ children, className, accept, label, onFile }: FileButtonProps) {
  const field = useRef<HTMLInputElement>(null);
  return (
    <>
      <button type="button" className={className} onClick={() => field.current!.click()}>
        {children}
      </button>
      <input
        ref={field}
        type="file"
        accept={accept}
        className="sr-only"
        aria-label={label}
        tabIndex={-1}
        onChange={(e) => {
          const chosen = e.target.files?.[0];
          e.target.value = '';
          if (chosen) onFile(chosen);
        }}
      />
    </>
  );
}
