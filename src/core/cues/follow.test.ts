import { describe, expect, it } from 'vitest';
import { carriedIn, HOUSE_POSES } from '../library';
import { neutralPose, on, poseSchema, settingOf, withContact, withSetting, type Pose } from '../pose';
import { follow, followed, standingIn } from './follow';
import { candidates } from './rows';
import type { Sentence } from './sentence';

const plain = neutralPose('plain');
const seated = carriedIn(plain, 'sit');
const house = Object.values(HOUSE_POSES).flat();

function telling(tells: Sentence['tells'], rest: Partial<Sentence> = {}): Sentence {
  return { id: 'feetLevel', station: 'feet', side: null, keys: [], tells, isDue: false, ...rest };
}

/** What can be said between two poses, by its id. */
function said(from: Pose, to: Pose, id: Sentence['id'], lensDeg = 0): Sentence {
  const found = candidates({ from, to, lensDeg }).find((s) => s.id === id);
  if (!found) throw new Error(`${id} is not said between ${from.name} and ${to.name}`);
  return found;
}

describe('what follows by itself', () => {
  it('the head comes back to the lens when the body turns away, wherever the lens stands', () => {
    for (const lensDeg of [0, 50, -120]) {
      const body = telling({ settings: { hipsTurnLeftDeg: lensDeg + 40 } });
      const pose = followed(plain, [body], lensDeg);
      expect(settingOf(pose, 'headTurnLeftDeg')).toBeCloseTo(-26, 6);
    }
    const past = { ...plain, gaze: { kind: 'ahead' as const } };
    expect(followed(past, [telling({ settings: { hipsTurnLeftDeg: 40 } })], 0).settings.headTurnLeftDeg).toBe(
      undefined,
    );
  });

  it('an elbow on the knee takes the trunk forward, and the seat with it', () => {
    const pose = followed(seated, [telling({ contacts: [on('left:elbow', 'kneeTop', 'lean')] })], 0);
    expect(pose.settings.hingeDeg).toBe(30);
    expect(settingOf(pose, 'seatDepthShare')).toBeLessThanOrEqual(0.15);
    expect(pose.settings.leftElbowBendDeg).toBe(61);
  });

  it('weight on one leg softens the other knee, of whichever side', () => {
    for (const [share, free] of [
      [0.8, 'right'],
      [0.2, 'left'],
    ] as const) {
      const pose = followed(plain, [telling({ settings: { leftWeightShare: share } })], 0);
      expect(pose.settings[`${free}KneeBendDeg`]).toBeCloseTo(18, 6);
    }
  });

  it('who sits down has the hands on the thighs, and faces as the seat does', () => {
    const chair = carriedIn(plain, 'sit');
    const turned = { ...chair, objects: [{ ...chair.objects![0]!, turnLeftDeg: 30 }] };
    const to = withSetting(turned, 'hipsTurnLeftDeg', 30);
    const sits = said(plain, to, 'sit:forward');
    expect(sits.facing).toBeUndefined();
    const pose = followed(withContact(plain, 'left', 'hipCrest'), [sits], 0);
    expect(pose.contacts.map((c) => `${c.part} ${c.to}`)).toEqual([
      'left:palm thighTop',
      'right:palm thighTop',
    ]);
    expect(pose.settings.hipsTurnLeftDeg).toBe(30);
  });

  it('never changes what was told, and comes to nothing where a sitter does no more than is said', () => {
    const knee = telling({ settings: { rightKneeBendDeg: 40 } });
    const weight = telling({ settings: { leftWeightShare: 0.8 } });
    expect(followed(plain, [knee, weight], 0).settings.rightKneeBendDeg).toBe(40);
    expect(followed(plain, [weight], 0, 'onlyWhatIsSaid').settings).toEqual({ leftWeightShare: 0.8 });
  });
});

describe('an arm that is told somewhere', () => {
  const held = withSetting(withContact(plain, 'left', 'hipCrest'), 'leftElbowSwivelDeg', 24);

  it('leaves what it lay on, and forgets how it was held', () => {
    const pose = followed(held, [telling({ contacts: [on('left:palm', 'frontPocket')] })], 0);
    expect(pose.contacts.map((c) => c.to)).toEqual(['frontPocket']);
    expect(pose.settings.leftElbowSwivelDeg).toBeUndefined();
    const hanging = followed(held, [telling({ hangs: ['left'] })], 0);
    expect([hanging.contacts, hanging.settings.leftElbowSwivelDeg]).toEqual([[], undefined]);
  });

  it('keeps its elbow where it leans while the hand goes up to the chin, and not while it goes to the waist', () => {
    const leaning = { ...seated, contacts: [on('right:elbow', 'kneeTop', 'lean')] };
    const up = followed(leaning, [telling({ contacts: [on('right:fist', 'underChin', 'hover')] })], 0);
    expect(up.contacts).toHaveLength(2);
    const down = followed(leaning, [telling({ contacts: [on('right:palm', 'waistSide')] })], 0);
    expect(down.contacts.map((c) => c.part)).toEqual(['right:palm']);
  });

  it('leaves the other arm alone', () => {
    const both = withContact(held, 'right', 'hipCrest');
    const pose = followed(both, [telling({ hangs: ['right'] })], 0);
    expect(pose.contacts.map((c) => c.part)).toEqual(['left:palm']);
  });
});

describe('everything that can be said', () => {
  it('leads from any pose of the house to a pose that can be stored', () => {
    for (const [i, from] of house.entries()) {
      const to = house[(i * 17 + 5) % house.length]!;
      let standing = standingIn(from);
      for (const sentence of candidates({ from, to, lensDeg: 20 })) {
        standing = follow(standing, sentence, 20);
        expect(poseSchema.safeParse(standing.pose).success, `${from.name} > ${to.name}: ${sentence.id}`).toBe(
          true,
        );
      }
    }
  });

  it('brings the body on to what carries it, whatever it was carried by', () => {
    for (const [i, from] of house.entries()) {
      const to = house[(i * 23 + 3) % house.length]!;
      const due = candidates({ from, to, lensDeg: 0 }).filter((s) => s.isDue);
      const pose = followed(from, due, 0);
      expect([pose.support, pose.objects, pose.legs, pose.crossed]).toEqual([
        to.support,
        to.objects,
        to.legs,
        to.crossed,
      ]);
    }
  });
});
