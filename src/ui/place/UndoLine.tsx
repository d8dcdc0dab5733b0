interface UndoLineProps {
  /** What was done. */
  words: string;
  className?: string;
  onUndo(): void;
}

/** Says what was just done, and takes it back. */
export function UndoLine({ words, className = '', onUndo }: UndoLineProps) {
  return (
    <p role="status" className={`flex items-center gap-3 ${className}`}>
      <span>{words}</span>
      <button type="button" className="act" onClick={onUndo}>
        Undo
      </button>
    </p>
  );
}
