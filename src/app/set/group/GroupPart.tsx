'use client';

import { useState, type ReactNode } from 'react';
import type { Role } from '@/core/shot';
import { FacesSeenTold } from './FacesSeenTold';
import { rowsInWords, setUpInWords, toldInWords } from './groupWords';
import { OrderDrawing } from './OrderDrawing';
import { OrderList } from './OrderList';
import type { GroupInHand } from './useGroup';

/** The orders that were found, one press each. */
function Offers({ group: { found, choose } }: { group: GroupInHand }) {
  return (
    <div role="group" aria-label="Orders found" className="flex flex-wrap gap-1">
      {found!.offers.map((offer, i) => (
        <button
          key={i}
          type="button"
          aria-pressed={found!.at === i}
          className="border-b-3 border-transparent px-2 py-1 text-left text-[13px] aria-pressed:border-accent aria-pressed:font-bold"
          onClick={() => choose(i)}
        >
          {rowsInWords(offer)}
        </button>
      ))}
    </div>
  );
}

/** What is done with the order that is looked at. */
function OrderActs({ group: { share, locked, pose, orderAnew } }: { group: GroupInHand }) {
  return (
    <div className="flex flex-wrap items-center gap-3">
      <button type="button" className="act" disabled={share !== null} onClick={pose}>
        Pose them so
      </button>
      {locked.length > 0 && (
        <button type="button" className="link-act" disabled={share !== null} onClick={orderAnew}>
          Order the rest anew
        </button>
      )}
    </div>
  );
}

/** The order that is looked at: its places, who is there, and what it comes to. */
function ChosenOrder({ group }: { group: GroupInHand }) {
  const { members, locked, toggleLocked, exchange, seen } = group;
  const found = group.chosen!;
  const [inHand, setInHand] = useState<Role | null>(null);
  const nameOf = (role: Role) => members.find((m) => m.role === role)?.name ?? role;
  const swap = (a: Role, b: Role) => {
    setInHand(null);
    if (a !== b) void exchange(a, b);
  };
  return (
    <div className="space-y-3">
      <OrderDrawing
        {...{ found, members, inHand, locked }}
        onPress={(role) => (inHand ? swap(inHand, role) : setInHand(role))}
        onDrop={swap}
      />
      <p className="quiet text-xs">
        {inHand
          ? `${nameOf(inHand)} changes places with whoever is pressed next.`
          : 'Press two, one after the other, or drag one onto the other, to exchange them.'}
      </p>
      <ul className="text-[13px]" data-testid="order-told">
        {toldInWords(found, nameOf).map((line) => (
          <li key={line}>{line}</li>
        ))}
        <li>{setUpInWords(found)}</li>
      </ul>
      <OrderActs group={group} />
      {seen && <FacesSeenTold seen={seen} nameOf={nameOf} />}
      <OrderList {...{ found, members, locked }} onLock={toggleLocked} />
    </div>
  );
}

/** The orders found for a group, and the one that is looked at. */
export function GroupPart({ group, picture }: { group: GroupInHand; picture: ReactNode }) {
  const { found, chosen } = group;
  return (
    <section aria-label="Order of the group" className="space-y-3">
      <h2 className="title text-lg">Order of the group</h2>
      {picture}
      {found && found.offers.length > 0 && <Offers group={group} />}
      {chosen ? (
        <ChosenOrder key={found!.at} group={group} />
      ) : (
        <p className="quiet">
          Say on the left what there is to sit on and who belongs together; then rows, places, lens and key
          are looked for, so that every face is seen and lit.
        </p>
      )}
    </section>
  );
}
