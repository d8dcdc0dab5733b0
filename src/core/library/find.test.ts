import { describe, expect, it } from 'vitest';
import { profileOf } from '../../../tests/support/people';
import { PRESETS } from '../brief';
import { neutralPose, secondsApart } from '../pose';
import { collectionsOf, entriesOf, findEntries, HOUSE_POSES, NO_FILTER, type PoseFilter } from '.';

const own = [{ id: 'own-1', pose: HOUSE_POSES.floor![0]!, tags: ['Åre series'], note: 'with the red oar' }];
const ENTRIES = entriesOf(HOUSE_POSES, own);
const find = (
  filter: Partial<PoseFilter>,
  profile = profileOf(),
  message: (typeof PRESETS)['business']['message'] | null = null,
) => findEntries(ENTRIES, { ...NO_FILTER, ...filter }, { profile, message });
const total = Object.values(HOUSE_POSES).flat().length + own.length;

describe('the library', () => {
  it('holds every pose once, each found by an id of its own', () => {
    expect(ENTRIES).toHaveLength(total);
    expect(new Set(ENTRIES.map((e) => e.id)).size).toBe(total);
    // a wheelchair is its owner’s
    const wheelchairs = ENTRIES.filter((e) => e.supports.includes('wheelchair')).length;
    expect(find({})).toHaveLength(total - wheelchairs);
    expect(wheelchairs).toBeGreaterThan(0);
  });

  it('is found by words of name, introduction, tags and notes, whatever their accents', () => {
    expect(find({ text: 'slipway SWAY' }).map((e) => e.pose.name)).toEqual(['Slipway sway']);
    expect(find({ text: 'are series' }).map((e) => e.id)).toEqual(['own-1']);
    expect(find({ text: 'red oar' }).map((e) => e.id)).toEqual(['own-1']);
    expect(find({ text: 'no such pose' })).toEqual([]);
  });

  it('is found by height, hands, support and level, all at once', () => {
    for (const { pose, height } of find({ height: 'seated' })) {
      expect(height).toBe('seated');
      expect(['sit', 'astride', 'perch']).toContain(pose.support);
    }
    const found = find({ support: 'chair', hands: 'both', mostLevel: 2 });
    expect(found.length).toBeGreaterThan(1);
    for (const { pose } of found) {
      expect(pose.objects!.some((o) => o.kind === 'chair')).toBe(true);
      expect(new Set(pose.contacts.map((c) => c.part.split(':')[0])).size).toBe(2);
      expect(pose.level).toBeLessThanOrEqual(2);
    }
    for (const { pose } of find({ support: 'nothing' })) expect(pose.objects ?? []).toEqual([]);
    for (const { hands } of find({ hands: 'none' })) expect(hands).toBe('none');
  });

  it('is found by what a room has, by how close it bears to be taken, and by how soon one is in it', () => {
    const atHand = ['chair', 'wall'] as const;
    const here = find({ atHand });
    expect(here.length).toBeGreaterThan(10);
    expect(here.length).toBeLessThan(find({}).length);
    for (const { supports } of here) for (const kind of supports) expect(atHand).toContain(kind);
    expect(find({ atHand: [] })).toEqual(find({ support: 'nothing' }));

    const close = find({ framing: 'headAndShoulders' });
    expect(find({ framing: 'full' })).toEqual(find({}));
    expect(close.length).toBeLessThan(find({ framing: 'half' }).length);
    for (const { height } of close) expect(['standing', 'seated']).toContain(height);

    const soon = find({ mostSeconds: 30 });
    expect(soon.length).toBeGreaterThan(3);
    expect(soon.length).toBeLessThan(find({ mostSeconds: 60 }).length);
    for (const { pose } of soon) expect(secondsApart(neutralPose('x'), pose)).toBeLessThanOrEqual(30);
  });

  it('is found among one’s own poses, and in one collection of them', () => {
    const more = [
      ...own,
      { id: 'own-2', pose: HOUSE_POSES.chair![0]!, tags: ['calm', 'Åre series'], note: '' },
      { id: 'own-3', pose: HOUSE_POSES.chair![1]!, tags: [], note: '' },
    ];
    const entries = entriesOf(HOUSE_POSES, more);
    const among = (filter: PoseFilter['own']) =>
      findEntries(entries, { ...NO_FILTER, own: filter }, { profile: profileOf(), message: null }).map(
        (e) => e.id,
      );
    expect(collectionsOf(entries)).toEqual(['Åre series', 'calm']);
    expect(among('all')).toEqual(['own-1', 'own-2', 'own-3']);
    expect(among({ collection: 'Åre series' })).toEqual(['own-1', 'own-2']);
    expect(among({ collection: 'calm' })).toEqual(['own-2']);
    expect(among({ collection: 'gone' })).toEqual([]);
  });

  it('leaves out what the record rules out', () => {
    const kneeling = find({}, profileOf({ motionLimits: ['cannotKneel'] }));
    expect(kneeling.map((e) => e.pose.support)).not.toContain('kneelLow');
    const own = find({}, profileOf({ motionLimits: ['usesWheelchair'] }));
    expect(own.length).toBeGreaterThan(0);
    for (const { supports } of own) expect(supports).toContain('wheelchair');
  });

  it('begins with what is nearest to the message, and stays in its order without one', () => {
    const business = find({}, profileOf(), PRESETS.business.message);
    const off = (at: number) =>
      Math.abs(business[at]!.pose.message.formality - PRESETS.business.message.formality);
    expect(off(0)).toBeLessThan(off(business.length - 1));
    expect(find({}).map((e) => e.id)).toEqual(
      ENTRIES.filter((e) => !e.supports.includes('wheelchair')).map((e) => e.id),
    );
  });
});
