import { describe, expect, it } from 'vitest';
import { profileOf, shotOf } from '../../../tests/support/people';
import { PRESETS } from '../brief';
import { HOUSE_POSES } from '../library';
import { neutralPose } from '../pose';
import { usualRoom } from '../scene';
import { shotOfOne, withAnother } from '../shot';
import { composed, composedForTwo, supportsAtHand } from '.';
import type { ComposeFor } from './compose';
import { posesIn } from './runLength';

const poses = Object.values(HOUSE_POSES).flat();
const wanted = (said: Partial<ComposeFor> = {}): ComposeFor => ({
  profile: profileOf(),
  message: null,
  supports: ['chair', 'stool', 'wall'],
  minutes: 30,
  poses,
  ...said,
});
const namesOf = (run: ReturnType<typeof composed>) => run.map((p) => p.pose.name);

describe('a composed run', () => {
  it('has as many poses as fit into the minutes', () => {
    for (const minutes of [5, 20, 30, 45, 200])
      expect(composed(wanted({ minutes }))).toHaveLength(posesIn(minutes));
    expect([posesIn(1), posesIn(30), posesIn(1000)]).toEqual([3, 8, 12]);
  });

  it('needs nothing that is not at hand', () => {
    for (const supports of [[], ['wall'], ['chair', 'sofa']] as ComposeFor['supports'][])
      for (const { pose } of composed(wanted({ supports, minutes: 45 })))
        for (const { kind } of pose.objects ?? []) expect(supports).toContain(kind);
  });

  it('shows each pose once while there are others, in several framings, supports and uses of the hands', () => {
    const run = composed(wanted({ minutes: 40 }));
    expect(new Set(namesOf(run)).size).toBe(run.length);
    expect(new Set(run.map((p) => p.framing)).size).toBeGreaterThanOrEqual(4);
    expect(new Set(run.map((p) => p.pose.objects?.[0]?.kind ?? p.pose.support)).size).toBeGreaterThanOrEqual(
      4,
    );
    const hands = new Set(run.map((p) => new Set(p.pose.contacts.map((c) => c.part.split(':')[0])).size));
    expect(hands.size).toBe(3);
  });

  it('comes nearer to the message than any poses would', () => {
    const off = (preset: keyof typeof PRESETS, message: ComposeFor['message']) => {
      const run = composed(wanted({ message }));
      const target = PRESETS[preset].message;
      return run.reduce((s, p) => s + Math.abs(p.pose.message.formality - target.formality), 0) / run.length;
    };
    for (const preset of ['business', 'relaxed'] as const) {
      const other = preset === 'business' ? 'relaxed' : 'business';
      expect(off(preset, PRESETS[preset].message)).toBeLessThan(off(preset, PRESETS[other].message) - 0.1);
    }
  });

  it('asks of nobody what the record rules out', () => {
    const knees = composed(wanted({ profile: profileOf({ motionLimits: ['cannotKneel'] }), minutes: 200 }));
    for (const { pose } of knees) expect(['kneel', 'kneelLow', 'allFours']).not.toContain(pose.support);
    const wheels = composed(
      wanted({ profile: profileOf({ motionLimits: ['usesWheelchair'] }), minutes: 30 }),
    );
    expect(wheels).toHaveLength(8);
    for (const { pose } of wheels) expect(pose.objects![0]!.kind).toBe('wheelchair');
    // of few poses each comes in several framings
    const framings = new Set(wheels.map((p) => `${p.pose.name} ${p.framing}`));
    expect(framings.size).toBe(wheels.length);
  });

  it('is the same once more, and nothing where there is nothing to choose from', () => {
    expect(composed(wanted())).toEqual(composed(wanted()));
    expect(composed(wanted({ poses: [] }))).toEqual([]);
  });
});

describe('a composed run of two', () => {
  const start = withAnother(shotOfOne('ines', shotOf()), 'joss', neutralPose('x'));
  const two = (said: Partial<Parameters<typeof composedForTwo>[0]> = {}) =>
    composedForTwo({
      profiles: [profileOf(), profileOf()],
      message: null,
      supports: ['chair', 'stool', 'wall'],
      minutes: 30,
      start,
      statureM: (id) => (id === 'ines' ? 1.62 : 1.84),
      ...said,
    });

  it('shows both in every picture, each arrangement once', () => {
    const run = two();
    expect(run).toHaveLength(posesIn(30));
    for (const shot of run) expect(shot.people.map((p) => p.personId).sort()).toEqual(['ines', 'joss']);
    expect(new Set(run.map((s) => s.people[0]!.pose.name)).size).toBe(run.length);
  });

  it('needs nothing that is not at hand, and puts nobody close who is a child', () => {
    expect(two({ supports: [], minutes: 200 }).flatMap((s) => s.supports ?? [])).toEqual([]);
    const withChild = two({
      profiles: [profileOf(), profileOf({ ageYears: 9, statureM: 1.3, massKg: 28 })],
      minutes: 200,
    });
    const adults = two({ minutes: 200 });
    const names = (run: typeof adults) => new Set(run.map((s) => s.people[0]!.pose.name));
    expect(names(withChild)).not.toEqual(names(adults));
  });
});

it('a room gives what stands in it, and what is found anywhere', () => {
  const room = usualRoom('Studio', 3, 5);
  expect(supportsAtHand(room)).toEqual(['chair', 'stool', 'wall']);
  const sofa = { kind: 'sofa' as const, fromLeftM: 1, fromBackM: 1, turnLeftDeg: 0 };
  expect(supportsAtHand({ ...room, furniture: [sofa, sofa] })).toEqual(['chair', 'stool', 'wall', 'sofa']);
});
