import { bodyTarget, isSided, type BodyPlaceName, type Contact } from '../pose';
import { otherSide, SIDES, type Side } from '../units';

/**
 * Where a hand goes that does not reach a place, the next nearest first: from the far side of a body to its near one,
 * from the trunk to the arm that hangs before it (common practice). Places that are not here are near already.
 */
const NEARER_PLACES: Readonly<Partial<Record<BodyPlaceName, readonly BodyPlaceName[]>>> = {
  waistFront: ['waistSide', 'waistBack', 'smallOfBack', 'elbow'],
  waistSide: ['waistBack', 'smallOfBack', 'shoulderBack', 'upperArmBack'],
  waistBack: ['smallOfBack', 'shoulderBack', 'upperArmBack', 'upperArm'],
  hipCrest: ['waistSide', 'waistBack', 'smallOfBack', 'upperArmBack'],
  smallOfBack: ['waistBack', 'shoulderBack', 'upperArmBack', 'upperArm'],
  belly: ['waistFront', 'waistSide', 'elbow', 'upperArm'],
  chest: ['shoulder', 'upperArm', 'elbow'],
  breastbone: ['chest', 'shoulder', 'upperArm', 'elbow'],
  lapel: ['shoulder', 'upperArm', 'elbow'],
  collarbone: ['shoulder', 'upperArm', 'elbow'],
  ribs: ['waistSide', 'upperArmBack', 'elbow'],
  shoulder: ['shoulderBack', 'upperArm', 'elbow'],
  shoulderBack: ['shoulder', 'upperArmBack', 'upperArm', 'elbow'],
  nape: ['neckSide', 'shoulderBack', 'shoulder', 'upperArm'],
  neckSide: ['shoulder', 'upperArm'],
  cheek: ['jaw', 'shoulder', 'upperArm'],
  jaw: ['neckSide', 'shoulder', 'upperArm'],
  hairSide: ['shoulder', 'upperArm'],
  hairBack: ['nape', 'shoulderBack', 'upperArm'],
  handBack: ['wrist', 'forearm', 'elbow'],
  ankle: ['shin', 'kneeTop', 'thighTop'],
  shin: ['kneeFront', 'kneeTop', 'thighTop'],
  calf: ['kneeOuter', 'kneeTop', 'thighTop'],
  kneeFront: ['kneeTop', 'thighTop'],
};

/** Halves of somebody's body that a place is looked for on: the one that was said first; none of a place on the mid-line. */
function halvesFor(place: BodyPlaceName, said: Side | undefined): readonly (Side | undefined)[] {
  if (!isSided(place)) return [undefined];
  return said ? [said, otherSide(said)] : SIDES;
}

/** The same hand on other places of the same body, the next nearest first. */
export function nearerContacts(contact: Contact): Contact[] {
  const target = bodyTarget(contact.to);
  const { spot: _, ...bare } = contact;
  return ((target && NEARER_PLACES[target.place]) ?? []).flatMap((place): Contact[] => {
    const { of } = contact;
    if (!of) return [{ ...bare, to: target!.across && isSided(place) ? `other:${place}` : place }];
    return halvesFor(place, of.side).map((side) => ({
      ...bare,
      to: place,
      of: { role: of.role, ...(side && { side }) },
    }));
  });
}
