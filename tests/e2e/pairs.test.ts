import { expect, it } from 'vitest';
import type { Take } from '@/core/sitting';
import { DESK_SIZE } from './browser';
import { openGilvo } from './gilvo';

const gilvo = openGilvo();
const COUPLE = 'demo-club-1';

it('what is wrong between two is told, and one press mends it and nothing of the other', async () => {
  const couple = () => gilvo.stored<Take>('takes', COUPLE);
  await gilvo.open(`/pose?sitting=demo-club&take=${COUPLE}`, DESK_SIZE);
  await gilvo.one('[data-testid="findings"]');
  const before = (await couple()).shot.people;
  await gilvo.click('button[title^="head:"]');
  // the first of the two stands on the left: a head that tilts left leans away
  await gilvo.andSeen(() => gilvo.type('head tilted left, °', '16'));
  expect(await gilvo.findings()).toContain('heads-apart');
  await gilvo.unfold('heads-apart');
  await gilvo.andSeen(() => gilvo.press('Mend', '//*[@data-finding="heads-apart"]'));
  expect(await gilvo.findings()).not.toContain('heads-apart');
  await gilvo.saved();
  const after = (await couple()).shot.people;
  expect(after[0]!.pose.settings.headTiltLeftDeg ?? 0).toBeLessThan(16);
  expect(after[1]).toEqual(before[1]);
  expect(await gilvo.violations()).toEqual([]);
});

it('a child is carried on the hip, on the other side, and put down', async () => {
  const family = () => gilvo.stored<Take>('takes', 'demo-club-6');
  await gilvo.open('/pose?sitting=demo-club&take=demo-club-6', DESK_SIZE);
  const child = (await family()).shot.people.length - 1;
  await gilvo.until(
    `document.querySelectorAll('[aria-label="Whose pose is in the hand"] button').length > ${child}`,
    'nobody can be taken into the hand',
  );
  const names = await gilvo.texts('[aria-label="Whose pose is in the hand"] button');
  await gilvo.press(names[child]!, '//*[@aria-label="Whose pose is in the hand"]');
  await gilvo.press('Where they stand');
  const by = names[0]!;
  await gilvo.andSeen(() => gilvo.pick('stands', `carried by ${by}`));
  await gilvo.saved();
  expect((await family()).shot.people[child]!.mark?.carriedBy).toMatchObject({ on: 'hip', side: 'left' });
  await gilvo.andSeen(() => gilvo.pick('on the carrier’s', 'right'));
  await gilvo.saved();
  expect((await family()).shot.people[child]!.mark?.carriedBy?.side).toBe('right');
  expect(await gilvo.violations()).toEqual([]);
  await gilvo.andSeen(() => gilvo.pick('stands', 'on the mark'));
  await gilvo.saved();
  expect((await family()).shot.people[child]!.mark?.carriedBy).toBeUndefined();
});
