import Dexie from 'dexie';
import { neutralPose, type Pose } from '@/core/pose';
import { shotOfOne, soloShot, type Posed } from '@/core/shot';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { bodyOf, profileOf } from '../../../tests/support/people';
import { bodyFrom, surfaceOf } from '@/core/body';
import type { Sitting, Take } from '@/core/sitting';
import { sitterSchema } from '@/core/people';
import { GilvoDatabase } from '../store/database';
import { DEMO_SITTING, demoTakes, placeDemo } from '../demo/demo';
import { CLUB_SITTING, clubTakes } from '../demo/demoClub';
import { DEMO_GROUPS, DEMO_PEOPLE } from '../demo/demoPeople';
import { addPeople, addPerson, binPeople, changeSitting, removeGroup, saveGroup, savePerson } from './people';
import { erasePerson, mentionsOf, tracesOf } from './erasing';
import { exportSitting, openSittingFile, takeFile } from '../files/sittingFiles';
import { loadSitting, sitterIn, startSitting } from './sittings';
import { addFrame } from './takes';
import { keepPicture, keepPoseView, keptPicture, keptPoseView } from '../store/pictures';
import { keepSurface, keptSurface } from '../store/surfaces';
import { keepWords, keptWords } from '../store/words';

let db: GilvoDatabase;
let count = 0;
beforeEach(async () => {
  db = new GilvoDatabase(`people-${count++}`);
  await placeDemo(db);
});
afterEach(() => db.delete());

const everything = async () =>
  Object.fromEntries(await Promise.all(db.tables.map(async (t) => [t.name, await t.toArray()] as const)));
const RUNA = 'demo-runa';

describe('people', () => {
  it('of the demo are whole and right', () => {
    for (const person of DEMO_PEOPLE) expect(sitterSchema.parse(person)).toEqual(person);
    const ids = new Set(DEMO_PEOPLE.map((p) => p.id));
    for (const group of DEMO_GROUPS) for (const m of group.members) expect(ids.has(m.sitterId)).toBe(true);
  });

  it('are added by name, addressed by the first of it', async () => {
    const added = await addPerson(db, '  Ida Moe Lind ');
    expect(await db.sitters.get(added.id)).toEqual(added);
    expect(added).toMatchObject({ name: 'Ida Moe Lind', addressAs: 'Ida' });
    await expect(addPerson(db, '   ')).rejects.toThrow();
  });

  it('are added all or none', async () => {
    const before = await everything();
    const [a, b] = DEMO_PEOPLE.slice(0, 2).map((p, i) => ({ ...p, id: `copy-${i}` }));
    await expect(addPeople(db, [a!, { ...b!, name: '' }])).rejects.toThrow(/name/);
    expect(await everything()).toEqual(before);
    await addPeople(db, [a!, b!]);
    expect(await db.sitters.count()).toBe(DEMO_PEOPLE.length + 2);
  });

  it('that are malformed are refused, and the stored record stays', async () => {
    const person = (await db.sitters.get(RUNA))!;
    const wrong = { ...person, profile: { ...person.profile, statureM: 3 } };
    await expect(savePerson(db, wrong, wrong)).rejects.toThrow(/statureM/);
    expect(await db.sitters.get(RUNA)).toEqual(person);
  });

  it('go into the bin and come back unchanged', async () => {
    const before = await everything();
    await binPeople(db, [RUNA, 'demo-bram', 'nobody'], '2026-11-25T10:00:00.000Z');
    expect((await db.sitters.get(RUNA))!.binnedAt).toBe('2026-11-25T10:00:00.000Z');
    expect(await loadSitting(db, DEMO_SITTING.id)).toBeDefined();
    await binPeople(db, [RUNA, 'demo-bram'], undefined);
    expect(await everything()).toEqual(before);
  });
});

describe('an erase', () => {
  it('takes everything that refers to the person, and nothing else', async () => {
    await addFrame(db, {
      id: 'f',
      sittingId: DEMO_SITTING.id,
      takeId: 'demo-take-1',
      takenAt: '2026-12-05T10:04:00.000Z',
      keeper: true,
    });
    await db.preferences.bulkPut([
      { key: 'lastTake', value: 'demo-take-3' },
      { key: `direct:${DEMO_SITTING.id}`, value: '{"take":"demo-take-1"}' },
      { key: 'theme', value: 'linen' },
    ]);
    await keepSurface(db, bodyOf('average'), 'sketched', surfaceOf(bodyOf('average'), 'sketched'));
    const other = await startSitting(db, new Date('2026-12-01T09:00:00Z'), ['demo-bram']);
    const traces = await erasePerson(db, RUNA);
    expect(traces.sittings.map((s) => s.id)).toEqual([DEMO_SITTING.id]);
    expect(traces.takes).toHaveLength(5);
    expect(traces.frames).toHaveLength(1);
    const left = JSON.stringify(await everything());
    for (const trace of [RUNA, 'Halvik', DEMO_SITTING.id, 'demo-take-']) expect(left).not.toContain(trace);
    expect(await loadSitting(db, other)).toBeDefined();
    expect(await db.sitters.count()).toBe(DEMO_PEOPLE.length - 1);
    expect(await db.surfaces.count()).toBe(0);
    expect((await db.preferences.get('theme'))!.value).toBe('linen');
    const eight = (await db.groups.get('demo-eight'))!.members.map((m) => m.sitterId);
    expect(eight).not.toContain(RUNA);
    expect(eight).toHaveLength(8);
    // she leaves the picture of the eight, which stays with the others
    const takes = (await loadSitting(db, CLUB_SITTING.id))!.takes.map((t) => t.shot.people);
    expect(takes).toHaveLength(clubTakes().length);
    expect(Math.max(...takes.map((people) => people.length))).toBe(8);
  });

  it('says beforehand what it will take', async () => {
    const traces = await tracesOf(db, RUNA);
    expect([traces.sittings.length, traces.takes.length, traces.groups.length]).toEqual([1, 5, 1]);
    expect(await tracesOf(db, 'nobody')).toMatchObject({ sittings: [], takes: [], groups: [] });
  });
});

describe('groups', () => {
  it('are kept, refused when nameless, dissolved and brought back', async () => {
    const group = {
      id: 'g',
      name: 'Twins',
      kind: 'family' as const,
      members: [{ sitterId: RUNA, role: '' }],
    };
    await saveGroup(db, group);
    await expect(saveGroup(db, { ...group, name: ' ' })).rejects.toThrow();
    expect(await removeGroup(db, 'g')).toEqual(group);
    expect(await db.groups.get('g')).toBeUndefined();
    expect(await removeGroup(db, 'g')).toBeUndefined();
  });
});

describe('sittings and looks', () => {
  const sitting = async () => (await db.sittings.get(DEMO_SITTING.id))!;

  it('keep a look to which poses belong', async () => {
    const whole = await sitting();
    const second = { ...whole.looks[0]!, id: 'second', name: 'second' };
    await changeSitting(db, whole.id, (s) => ({ ...s, looks: [...s.looks, second] }));
    await expect(changeSitting(db, whole.id, (s) => ({ ...s, looks: [second] }))).rejects.toThrow(
      /looks must keep look-1: Slipway sway/,
    );
    expect((await sitting()).looks).toHaveLength(2);
    await changeSitting(db, whole.id, (s) => ({ ...s, looks: s.looks.slice(0, 1) }));
    expect(await sitting()).toEqual(whole);
  });

  it('are changed as they stand, and not where they are gone or would be malformed', async () => {
    await changeSitting(db, DEMO_SITTING.id, (s) => ({ ...s, title: 'Renamed elsewhere' }));
    await changeSitting(db, DEMO_SITTING.id, (s) => ({ ...s, room: { ...s.room, widthM: 7 } }));
    expect(await sitting()).toMatchObject({ title: 'Renamed elsewhere', room: { widthM: 7 } });
    const before = await sitting();
    await expect(changeSitting(db, before.id, (s) => ({ ...s, looks: [] }))).rejects.toThrow(/looks/);
    await expect(changeSitting(db, 'nowhere', (s) => s)).rejects.toThrow(/removed elsewhere/);
    expect(await sitting()).toEqual(before);
  });

  it('begin for a person who is there, and for nobody else', async () => {
    const id = await startSitting(db, new Date('2026-12-01T09:00:00Z'), ['demo-pim']);
    expect((await loadSitting(db, id))!.people.map((p) => p.id)).toEqual(['demo-pim']);
    await expect(startSitting(db, new Date(), [RUNA, 'nobody'])).rejects.toThrow('person nobody');
  });
});

describe('private notes', () => {
  it('stay behind when a sitting goes into a file, and stay here when one comes back', async () => {
    const person = (await db.sitters.get(RUNA))!;
    await savePerson(db, person, { ...person, privateNote: 'only for me' });
    const text = await exportSitting(db, DEMO_SITTING.id, new Date());
    expect(text).not.toContain('only for me');
    const opened = await openSittingFile(db, text);
    await takeFile(db, opened, new Set(opened.arrivals.map((a) => a.key)));
    expect((await db.sitters.get(RUNA))!.privateNote).toBe('only for me');
  });
});

describe('one of two in a picture', () => {
  const JOSS = 'demo-joss';
  /** The first pose of the demo's sitting with both, the second with the other alone. */
  async function placeTwo(): Promise<void> {
    const [both, alone] = demoTakes() as [Take, Take];
    const [posed] = both.shot.people as [Posed];
    await db.sittings.put({ ...DEMO_SITTING, personIds: [RUNA, JOSS] });
    await db.takes.put({
      ...both,
      shot: { ...both.shot, people: [posed, { ...posed, role: 'b', personId: JOSS }] },
      meant: [
        { findingId: 'a/fist:left', reason: 'strong' },
        { findingId: 'b/fist:left', reason: 'both' },
      ],
    });
    await db.takes.put({ ...alone, shot: shotOfOne(JOSS, soloShot(alone.shot)) });
    for (const takeId of [both.id, alone.id])
      await addFrame(db, {
        id: `frame-${takeId}`,
        sittingId: DEMO_SITTING.id,
        takeId,
        takenAt: '2026-12-05T10:04:00.000Z',
        keeper: true,
      });
  }

  it('is erased out of it, and the other’s pictures stay', async () => {
    await placeTwo();
    const traces = await erasePerson(db, RUNA);
    // three of the five poses were of nobody else
    expect([traces.sittings.length, traces.takes.length, traces.frames.length]).toEqual([0, 3, 0]);
    const whole = (await loadSitting(db, DEMO_SITTING.id))!;
    expect(whole.people.map((p) => p.id)).toEqual([JOSS]);
    expect(whole.takes.map((t) => t.shot.people.map((p) => [p.role, p.personId]))).toEqual([
      [['b', JOSS]],
      [['a', JOSS]],
    ]);
    expect(whole.takes[0]!.meant).toEqual([{ findingId: 'b/fist:left', reason: 'both' }]);
    expect(whole.frames).toHaveLength(2);
    expect(JSON.stringify(whole)).not.toContain(RUNA);
    expect(sitterIn(whole, whole.takes[0]!)?.id).toBe(JOSS);
  });

  it('leaves the sitting open where their record is broken, but not without them in a file', async () => {
    await placeTwo();
    await db.table('sitters').update(JOSS, { profile: null });
    const whole = (await loadSitting(db, DEMO_SITTING.id))!;
    expect(whole.people.map((p) => p.id)).toEqual([RUNA]);
    const [ofRuna, ofJoss] = ['a', 'b'].map((role) => sitterIn(whole, whole.takes[0]!, role)?.id);
    expect([ofRuna, ofJoss]).toEqual([RUNA, undefined]);
    expect(sitterIn(whole, whole.takes[1]!)).toBeUndefined();
    await expect(exportSitting(db, DEMO_SITTING.id, new Date())).rejects.toThrow(
      'records of 1 of its people',
    );
  });

  it('stays in the sitting as long as a picture shows them', async () => {
    await placeTwo();
    const without = (id: string) =>
      changeSitting(db, DEMO_SITTING.id, (s) => ({ ...s, personIds: s.personIds.filter((p) => p !== id) }));
    await expect(without(JOSS)).rejects.toThrow('must keep who is in Slipway sway');
    await changeSitting(db, DEMO_SITTING.id, (s) => ({ ...s, personIds: [...s.personIds, 'demo-pim'] }));
    expect((await without('demo-pim')).personIds).toEqual([RUNA, JOSS]);
  });

  it('takes along what was theirs alone, frames too', async () => {
    await placeTwo();
    await erasePerson(db, JOSS);
    const whole = (await loadSitting(db, DEMO_SITTING.id))!;
    expect(whole.people.map((p) => p.id)).toEqual([RUNA]);
    expect(whole.takes.map((t) => t.position)).toEqual([0, 1, 2, 3]);
    expect(whole.frames.map((f) => f.takeId)).toEqual(['demo-take-1']);
  });

  it('travels in a file with the other', async () => {
    await placeTwo();
    const text = await exportSitting(db, DEMO_SITTING.id, new Date());
    await erasePerson(db, JOSS);
    await erasePerson(db, RUNA);
    expect(await loadSitting(db, DEMO_SITTING.id)).toBeUndefined();
    const opened = await openSittingFile(db, text);
    await takeFile(db, opened, new Set(opened.arrivals.map((a) => a.key)));
    const whole = (await loadSitting(db, DEMO_SITTING.id))!;
    expect(whole.people.map((p) => p.id)).toEqual([RUNA, JOSS]);
    expect(whole.takes[0]!.shot.people).toHaveLength(2);
  });
});

describe('surfaces', () => {
  it('are found again by what is seen of the body, and the oldest go', async () => {
    const body = bodyOf('average');
    const surface = surfaceOf(body, 'sketched');
    await keepSurface(db, body, 'sketched', surface);
    expect((await keptSurface(db, profileOf(), 'sketched'))!.surface.triangles).toEqual(surface.triangles);
    expect(await keptSurface(db, profileOf({ motionLimits: ['stiffNeck'] }), 'sketched')).toBeDefined();
    expect(await keptSurface(db, profileOf({ massKg: 71 }), 'sketched')).toBeUndefined();
    expect(await keptSurface(db, profileOf(), 'measured')).toBeUndefined();
    const small = { ...surface, positions: new Float32Array(3) };
    for (let massKg = 50; massKg < 70; massKg++)
      await keepSurface(db, { ...body, profile: profileOf({ massKg }) }, 'sketched', small);
    expect(await db.surfaces.count()).toBe(16);
    expect(await keptSurface(db, profileOf({ massKg: 69 }), 'sketched')).toBeDefined();
    expect(await keptSurface(db, profileOf(), 'sketched')).toBeUndefined();
  });

  it('come with what was found of the body, so that it need not be looked for again', async () => {
    const body = bodyFrom(profileOf({ girthsM: { waist: 0.93 } }));
    await keepSurface(db, body, 'sketched', surfaceOf(body, 'sketched'));
    const { found } = (await keptSurface(db, body.profile, 'sketched'))!;
    const again = bodyFrom(body.profile, found);
    expect(again.masses).toEqual(body.masses);
    expect(again.misfits).toEqual(body.misfits);
    expect(surfaceOf(again, 'sketched').positions).toEqual(surfaceOf(body, 'sketched').positions);
  });

  it('and small pictures are found by person, shot and size, the oldest go, and all with an erased person', async () => {
    const picture = { width: 1, height: 1, bytes: new Uint8ClampedArray([1, 2, 3, 255]) };
    const of = { profile: profileOf(), shot: soloShot(demoTakes()[0]!.shot), scale: 1 };
    await keepPicture(db, of, picture);
    expect(await keptPicture(db, of)).toEqual(picture);
    expect(await keptPicture(db, { ...of, scale: 2 })).toBeUndefined();
    expect(await keptPicture(db, { ...of, profile: profileOf({ massKg: 71 }) })).toBeUndefined();
    expect(await keptPicture(db, { ...of, shot: soloShot(demoTakes()[1]!.shot) })).toBeUndefined();
    for (let i = 0; i < 250; i++) await keepPicture(db, { ...of, scale: 3 + i }, picture);
    expect(await db.pictures.count()).toBe(240);
    expect(await keptPicture(db, of)).toBeUndefined();
    expect(await keptPicture(db, { ...of, scale: 252 })).toEqual(picture);
    await erasePerson(db, RUNA);
    expect(await db.pictures.count()).toBe(0);
  });

  it('and how a sitter looks in a pose, and what is said on the way to it, go with an erased person too', async () => {
    const shot = soloShot(demoTakes()[0]!.shot);
    const { pose } = shot;
    const picture = { width: 1, height: 1, bytes: new Uint8ClampedArray([1, 2, 3, 255]) };
    const view = { picture, told: { faults: 2, changes: 0, holdS: null } };
    await keepPoseView(db, { profile: profileOf(), pose }, view);
    expect(await keptPoseView(db, { profile: profileOf(), pose })).toEqual(view);
    expect(await keptPoseView(db, { profile: profileOf({ massKg: 71 }), pose })).toBeUndefined();
    const way = { profile: profileOf(), from: neutralPose('x'), shot, notByItself: [] };
    const said = { sentences: [], close: { error: 0, worst: 0 }, isClose: true, newFindings: [], left: [] };
    await keepWords(db, way, said);
    expect(await keptWords(db, way)).toEqual(said);
    expect(await keptWords(db, { ...way, notByItself: [1] })).toBeUndefined();
    expect(await keptWords(db, { ...way, from: pose })).toBeUndefined();
    await erasePerson(db, RUNA);
    expect([await db.pictures.count(), await db.words.count()]).toEqual([0, 0]);
  });
});

it('a store of the first version is brought up to date with nothing lost', async () => {
  const name = 'old-store';
  const old = new Dexie(name);
  old.version(1).stores({
    sitters: 'id, name',
    sittings: 'id, sitterId, startsAt',
    takes: 'id, sittingId, [sittingId+position]',
    frames: 'id, sittingId, takeId',
    preferences: 'key',
  });
  const { outfit: _, ...profile } = profileOf();
  const tones = {
    ...profile.tones,
    top: [0.2, 0.2, 0.2],
    trousers: [0.1, 0.1, 0.1],
    shoes: [0.03, 0.03, 0.03],
  };
  const sitter = { id: 's', name: 'Old', addressAs: 'Old', note: 'kept', profile: { ...profile, tones } };
  const { looks: __, comes: ___, personIds: _____, ...plain } = DEMO_SITTING as Sitting;
  const take = (await db.takes.get('demo-take-1'))!;
  const { lookId: ____, ...oldTake } = take;
  await old.table('sitters').add(sitter);
  await old.table('sittings').add({ ...plain, sitterId: 's', lookName: 'by the door' });
  const held = { part: 'right:palm', to: 'otherUpperArm', kind: 'rest', pressure: 'light' };
  const shot = soloShot(oldTake.shot);
  await old.table('takes').add({ ...oldTake, shot: { ...shot, pose: { ...shot.pose, contacts: [held] } } });
  old.close();

  const now = new GilvoDatabase(name);
  const whole = (await loadSitting(now, DEMO_SITTING.id))!;
  expect(sitterSchema.parse(whole.people[0])).toMatchObject({ name: 'Old', note: 'kept' });
  expect(whole.people[0]!.profile.outfit.top).toEqual({ cut: 'tShirt', tone: [0.2, 0.2, 0.2] });
  expect(whole.sitting.looks[0]).toMatchObject({ name: 'by the door', minutes: 30 });
  const contacts = [{ ...held, to: 'other:upperArm' }];
  const pose = { ...shot.pose, contacts } as Pose;
  expect(whole.takes).toEqual([{ ...take, shot: shotOfOne('s', { ...shot, pose }) }]);
  await changeSitting(now, whole.sitting.id, (s) => s);
  await now.delete();
});

describe('a name', () => {
  it('that stands typed in the records of others is found, and taken out with the person where it is asked', async () => {
    const named = await mentionsOf(db, 'demo-edda');
    expect(named.map(({ id, field }) => `${id} ${field}`).sort()).toEqual([
      'demo-pim consents',
      'demo-pim guardian',
    ]);
    await erasePerson(db, 'demo-edda', true);
    expect(JSON.stringify(await everything())).not.toMatch(/Edda Nyström/);
    const pim = sitterSchema.parse(await db.sitters.get('demo-pim'));
    expect(pim.guardian).toBeUndefined();
    expect(pim.consents.map((c) => c.agreedBy)).toContain('a person who was erased');
    expect(pim.name).toBe('Pim Nyström');
  });

  it('stays in the records of others where nobody asked', async () => {
    await erasePerson(db, 'demo-edda');
    expect((await db.sitters.get('demo-pim'))!.guardian!.name).toBe('Edda Nyström');
  });
});
