interface SearchShareProps {
  words: string;
  share: number;
  onStop(): void;
}

/** How far a search is, and stopping it. */
export function SearchShare({ words, share, onStop }: SearchShareProps) {
  return (
    <div className="flex items-center gap-3 py-2" data-testid="searching">
      <progress className="min-w-0 flex-1" value={share} max={1} aria-label={words} />
      <button type="button" className="link-act" onClick={onStop}>
        Stop
      </button>
    </div>
  );
}
