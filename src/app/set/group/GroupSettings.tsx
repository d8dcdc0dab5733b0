import { Choice } from '@/ui/fields/Choice';
import { BelongTogether } from './BelongTogether';
import { MeansFields } from './MeansFields';
import type { GroupInHand } from './useGroup';

const NOBODY = '';

/** Starts the search, shows how far it is, and calls it off. */
function ArrangeButton({ group: { share, isWhole, arrange, callOff } }: { group: GroupInHand }) {
  if (share === null)
    return (
      <button type="button" className="act w-full" disabled={!isWhole} onClick={arrange}>
        Arrange the group
      </button>
    );
  return (
    <div className="space-y-1">
      <progress className="block w-full" value={share} max={1} aria-label="Arranging the group" />
      <button type="button" className="link-act" onClick={callOff}>
        Call it off
      </button>
    </div>
  );
}

/** What a group is arranged by: what there is to sit on, who belongs together, who is honoured. */
export function GroupSettings({ group }: { group: GroupInHand }) {
  const { members, means, setMeans, honour, setHonour, isWhole, touches, refused } = group;
  const names = Object.fromEntries(members.map((m) => [m.role, m.name]));
  return (
    <section
      aria-label="Group"
      className="space-y-2.5"
      data-testid="group-settings"
      data-busy={group.share !== null}
    >
      <MeansFields means={means} onChange={setMeans} />
      <BelongTogether {...group} />
      <Choice
        label="guest of honour"
        value={honour ?? NOBODY}
        options={[NOBODY, ...members.map((m) => m.role)]}
        words={{ [NOBODY]: 'nobody', ...names }}
        onChange={(role) => setHonour(role === NOBODY ? null : role)}
      />
      <ArrangeButton group={group} />
      {!isWhole && (
        <p className="text-xs text-error">Somebody in the picture has no record: not to be arranged.</p>
      )}
      {touches && <p className="text-xs">Posing them in rows takes back who touches whom.</p>}
      {refused && (
        <p role="alert" className="text-xs text-error">
          {refused}
        </p>
      )}
    </section>
  );
}
