import { adaptationWords } from '../pose/further/furtherWords';
import type { useFitAdded } from './useFitAdded';

/** What is done, or was done, to a pose that was added so that it suits the sitter. */
export function FittedLine({ fitting, last }: Omit<ReturnType<typeof useFitAdded>, 'fit'>) {
  if (fitting)
    return (
      <p className="quiet mt-2 text-sm" role="status">
        Fitting {fitting.name} to the sitter
      </p>
    );
  if (!last) return null;
  const { pose, fitted } = last;
  const done = fitted?.adaptations ?? [];
  return (
    <div className="mt-2 text-sm" role="status" data-testid="fitted-line">
      <p>
        <strong>{pose.name}</strong>:{' '}
        {!fitted ? 'not fitted, as it was made' : done.length === 0 ? 'suits as it is' : 'fitted'}
        {fitted && fitted.left.length > 0 && `, ${fitted.left.length} left to look at in Pose`}.
      </p>
      <ul className="quiet">
        {done.map((a) => (
          <li key={a.kind} className="first-letter:uppercase">
            {adaptationWords(a)}.
          </li>
        ))}
      </ul>
    </div>
  );
}
