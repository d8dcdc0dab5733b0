interface ConflictsToldProps {
  /** What was changed in both, with both values. */
  lines: readonly string[];
  onTakeOther(): void;
  onKeepThis(): void;
}

/** What was changed here and in another tab at once; what was said here stands until one chooses. */
export function ConflictsTold({ lines, onTakeOther, onKeepThis }: ConflictsToldProps) {
  return (
    <div role="status" data-testid="changed-elsewhere" className="border-l-3 border-accent py-1 pl-2 text-xs">
      <p>Changed in another tab at the same time:</p>
      <ul className="my-1">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <div className="flex items-center gap-3">
        <button type="button" className="act" onClick={onTakeOther}>
          Take the other
        </button>
        <button type="button" className="link-act" onClick={onKeepThis}>
          Keep this
        </button>
      </div>
    </div>
  );
}
