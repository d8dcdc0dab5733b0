import { By, Key, Origin } from 'selenium-webdriver';
import { soloShot } from '@/core/shot';
import { beforeAll, describe, expect, it } from 'vitest';
import type { Sitting, Take } from '@/core/sitting';
import type { Room } from '@/core/scene';
import { bodyFrom } from '@/core/body';
import { viewOf } from '@/core/camera';
import { figureOf } from '@/core/figure';
import { degrees, type Vec3 } from '@/core/units';
import { DEMO_SITTER } from '@/data/demo/demoPeople';
import { DESK_SIZE, PHONE_SIZE } from './browser';
import { openGilvo } from './gilvo';

const gilvo = openGilvo();
const ID = 'demo-take-1';
const READING = '[data-testid="light-reading"]';

async function settled(): Promise<void> {
  await gilvo.until(
    `document.querySelector("[data-testid=set]").dataset.busy === "false" &&
     [...document.querySelectorAll("main [role=status]")].some((e) => e.textContent === "Saved")`,
    'the set did not come to rest',
  );
}

async function openSet(
  part: 'camera' | 'light' | 'room',
  size?: Parameters<typeof gilvo.open>[1],
): Promise<void> {
  await gilvo.open(`/set?sitting=demo-yearbook&take=${ID}`, size);
  await gilvo.press(part, '//main');
  await settled();
}

const shotNow = async () => {
  await settled();
  return (await gilvo.stored<Take>('takes', ID)).shot;
};

/** The room once it has come to be what is wanted. */
async function roomOnce(is: (room: Room) => boolean, what: string): Promise<Room> {
  let room!: Room;
  await gilvo.driver.wait(
    async () => {
      ({ room } = await gilvo.stored<Sitting>('sittings', 'demo-yearbook'));
      return is(room);
    },
    20_000,
    what,
  );
  return room;
}

/** Waits until the light on face and body is read. */
async function lightRead(): Promise<string> {
  await gilvo.until(
    'document.querySelector("[data-testid=light-part]").dataset.busy === "false"',
    'not read',
  );
  await settled();
  return gilvo.text(READING);
}

describe('the room', () => {
  beforeAll(() => openSet('room'));

  it('gets a white paper behind the sitter, which the plan shows; one behind the wall is refused', async () => {
    await gilvo.press('Background and floor');
    await gilvo.pick('its tone', 'white');
    await gilvo.write('backdrop width, m', '2.72');
    const { backdrop } = await roomOnce((r) => r.backdrop?.widthM === 2.72, 'the width was not kept');
    expect(backdrop).toEqual({ kind: 'paper', behindM: 2.1, widthM: 2.72, tone: 'white' });
    await gilvo.one('[data-backdrop="paper"]');
    await gilvo.write('mark to the backdrop, m', '4');
    await gilvo.until(
      '[...document.querySelectorAll("main [role=alert]")].some((e) => e.textContent.includes("backdrop.behindM 4 must be from 0.2 to the wall behind the mark, 2.4 m"))',
      'it was not refused',
    );
    expect((await gilvo.stored<Sitting>('sittings', 'demo-yearbook')).room.backdrop!.behindM).toBe(2.1);
    await gilvo.pick('behind the sitter', 'the wall itself');
    await roomOnce((r) => r.backdrop === undefined, 'the paper still hangs');
    expect(await gilvo.driver.findElements(By.css('[data-backdrop]'))).toEqual([]);
    await gilvo.pick('behind the sitter', 'paper roll');
    await roomOnce((r) => r.backdrop !== undefined, 'no paper hangs');
  });

  it('gets a window by its wall and its heights, and loses it again', async () => {
    await gilvo.press('Windows: 1');
    await gilvo.press('Add a window');
    await gilvo.write('window 2, sill, m', '0.4');
    const room = await roomOnce((r) => r.windows?.[1]?.sillM === 0.4, 'the window was not kept');
    expect(room.windows![1]).toMatchObject({ wall: 'left', words: 'window 2', headM: 2.1 });
    expect(await gilvo.driver.findElements(By.css('figure [data-opening]'))).toHaveLength(3);
    await (await gilvo.one('button[aria-label="Take window 2 away"]')).sendKeys(Key.ENTER);
    await roomOnce((r) => r.windows?.length === 1, 'the window is still there');
    expect(await gilvo.violations()).toEqual([]);
  });

  it('gets a piece of furniture, which stands on the plan by the tape', async () => {
    const drawn = () => gilvo.driver.findElements(By.css('figure polygon')).then((all) => all.length);
    const before = await drawn();
    await gilvo.press('Furniture: 0');
    await gilvo.choose('[aria-label="Add a piece of furniture"]', 'bench');
    await gilvo.write('bench 1, from the back wall, m', '0.6');
    const room = await roomOnce((r) => r.furniture?.[0]?.fromBackM === 0.6, 'the bench was not kept');
    expect(room.furniture).toEqual([{ kind: 'bench', fromLeftM: 1.2, fromBackM: 0.6, turnLeftDeg: 0 }]);
    expect(await drawn()).toBeGreaterThan(before);
    await gilvo.write('bench 1, from the left wall, m', '9');
    await gilvo.until(
      '[...document.querySelectorAll("main [role=alert]")].some((e) => e.textContent.includes("furniture.0.fromLeftM 9 must be from 0 to 6 m"))',
      'it was not refused',
    );
    expect(await gilvo.violations()).toEqual([]);
    await gilvo.click('button[aria-label="Take bench 1 away"]');
    await roomOnce((r) => r.furniture === undefined, 'the bench is still there');
  });

  it('is kept for other sittings and used again', async () => {
    await gilvo.press('Kept rooms');
    await gilvo.press('Keep this room');
    await gilvo.one('button[aria-label="Use Boathouse"]');
    await gilvo.write('width, m', '7');
    await roomOnce((r) => r.widthM === 7, 'the width was not kept');
    await (await gilvo.one('button[aria-label="Use Boathouse"]')).sendKeys(Key.ENTER);
    await roomOnce((r) => r.widthM === 6, 'the kept room was not used');
    await gilvo.press('Undo');
    await roomOnce((r) => r.widthM === 7, 'it was not undone');
    await gilvo.click('button[aria-label="Use Boathouse"]');
    await gilvo.click('button[aria-label="Take Boathouse out of the kept rooms"]');
    await gilvo.until(
      '!document.querySelector("button[aria-label=\\"Use Boathouse\\"]")',
      'it is still kept',
    );
    await gilvo.press('Undo');
    await gilvo.one('button[aria-label="Use Boathouse"]');
  });
});

describe('the camera on its tripod', () => {
  beforeAll(() => openSet('camera'));

  it('is turned to a detail, rolled, and turned back by framing the body', async () => {
    await gilvo.press('hands');
    const hands = (await shotNow()).camera;
    expect(Math.abs(hands.panDeg!)).toBeGreaterThan(0.2);
    expect(hands.heightM).toBeLessThan(1.3);
    await gilvo.press('Pan and roll');
    await gilvo.type('roll, clockwise, °', '12');
    expect((await shotNow()).camera.rollDeg).toBe(12);
    await gilvo.type('roll, clockwise, °', '50');
    expect(await gilvo.texts('main [role="alert"]')).toContain(
      'roll, clockwise 50: give a number from -45 to 45 °',
    );
    await gilvo.type('roll, clockwise, °', '0');
    await gilvo.press('full length');
    const whole = (await shotNow()).camera;
    expect(whole.panDeg).toBeUndefined();
    expect(whole.rollDeg).toBeUndefined();
  });

  it('offers the nearest good cuts where the frame cuts badly', async () => {
    await gilvo.press('full length');
    await gilvo.type('distance to the sitter, m', '4.2');
    await gilvo.until(
      'document.querySelector("[data-testid=bad-cut]")?.textContent.includes("The frame cuts the")',
      'it cuts well',
    );
    const before = (await shotNow()).camera;
    await (
      await gilvo.driver.findElement(By.xpath('//*[@data-testid="bad-cut"]//button[contains(., "nearer")]'))
    ).click();
    const after = (await shotNow()).camera;
    expect(after.distanceM).toBeLessThan(before.distanceM);
    await gilvo.until('!document.querySelector("[data-testid=bad-cut]")', 'it still cuts badly');
  });

  it('says the aperture that holds a row of faces', async () => {
    await gilvo.write('row of faces, deep, m', '0.6');
    expect(await gilvo.text('[data-testid="row-of-faces"]')).toMatch(
      /^f\/\d+\.\d, focused 0\.\d\d m behind the first$/,
    );
  });
});

describe('light in the room', () => {
  beforeAll(() => openSet('light'));

  it('is the window’s, as wide and high as it is, and stands free again', async () => {
    await gilvo.pick('key', 'window');
    await gilvo.pick('Which', 'river window');
    const { light } = await shotNow();
    expect(light).toMatchObject({ kind: 'window', sizeM: 1.3, acrossM: 1.4, facesDeg: 90 });
    expect(await lightRead()).toContain('the sitter’s right');
    await gilvo.pick('key', 'softbox');
    const free = (await shotNow()).light;
    expect(free.facesDeg).toBeUndefined();
    expect(free.acrossM).toBeUndefined();
  });

  it('is placed by words, and what is not understood is said', async () => {
    await gilvo.write('key in words', '45 degrees camera left, 30 degrees above the eyes, 1.2 m');
    const { light } = await shotNow();
    expect(light.arcDeg).toBeLessThan(-30);
    expect(light.heightM).toBeGreaterThan(2);
    expect(await (await gilvo.labelled('key in words')).getAttribute('value')).toMatch(
      /^45° camera left, (29|30|31)° above the eyes, 1\.(19|20|21) m$/,
    );
    await gilvo.write('key in words', 'somewhere');
    expect(await gilvo.text('label [role="alert"]')).toContain(
      '“somewhere”: say degrees camera left or right',
    );
    expect((await shotNow()).light).toEqual(light);
    await gilvo.write('key in words', '40° camera right, 21° above the eyes, 1.9 m');
  });

  it('is told on neck, hands, outline and background', async () => {
    const read = await lightRead();
    for (const words of ['under the jaw', 'hands', 'outline', 'shadow behind']) expect(read).toContain(words);
    expect(read).not.toContain('on the lens');
    await gilvo.choose('[aria-label="Add a light or a panel"]', 'strip');
    const withRim = await lightRead();
    expect(withRim).toContain('drawn by a rim');
    await gilvo.click('button[aria-label="Take the strip away"]');
  });

  it('takes a lamp’s power in lux where the light was measured', async () => {
    await lightRead();
    await gilvo.write('steady light, lx', '500');
    await gilvo.choose('[aria-label="Add a light or a panel"]', 'softbox');
    // the key alone gives 400 of the 500 lx, the ambient a quarter of that
    await gilvo.write('softbox, measured where it is aimed, lx', '100');
    expect((await shotNow()).light.others![0]!.powerStops).toBeCloseTo(-2, 6);
    await gilvo.write('softbox, measured where it is aimed, lx', '9000');
    expect(await gilvo.texts('main [role="alert"]')).toContain(
      'softbox, measured where it is aimed, lx 9000: give a number from 6.25 to 3200 lx',
    );
    expect((await shotNow()).light.others![0]!.powerStops).toBeCloseTo(-2, 6);
    await gilvo.click('button[aria-label="Take the softbox away"]');
  });

  it('burns the background out by a lamp on it', async () => {
    const section = 'section[aria-label="Background"]';
    await lightRead();
    await gilvo.press('Burn it out: 2 stops over the face');
    await gilvo.until(
      `document.querySelector('${section} [role=status]').textContent.startsWith('The lamp on the background')`,
      'nothing was said',
    );
    const { light } = await shotNow();
    expect(light.others).toMatchObject([{ aim: 'background' }]);
    await gilvo.until(
      `document.querySelector('${section} p').textContent.includes('+2.0 stops against the face')`,
      'the background was not read anew',
    );
    expect(await gilvo.text(section)).toContain('burnt out');
    await gilvo.click('button[aria-label="Take the softbox away"]');
  });

  it('is metered at a place that is chosen or dragged to', async () => {
    await gilvo.press('Put a meter into the set');
    const says = '[data-testid="meter-reading"]';
    await gilvo.one(says);
    await gilvo.pick('turned to', 'the key');
    await gilvo.pick('with its', 'flat disc');
    const stops = async () => {
      await gilvo.until(
        'document.querySelector("section[aria-label=Meter]").dataset.busy === "false"',
        'no reading',
      );
      return Number(/^[+-]?\d+\.\d/.exec(await gilvo.text(says))![0]);
    };
    expect(Math.abs(await stops())).toBeLessThan(0.3);
    await gilvo.pick('held at', 'the background');
    expect(await stops()).toBeLessThan(-1);
    const mark = await gilvo.one('[data-source="meter"]');
    await gilvo.driver
      .actions()
      .move({ origin: mark })
      .press()
      .move({ origin: Origin.POINTER, x: 40, y: 60, duration: 100 })
      .release()
      .perform();
    await gilvo.until(
      'document.querySelector("section[aria-label=Meter] select").value === "own"',
      'the meter was not dragged',
    );
    expect(Number(await (await gilvo.labelled('to camera right, m')).getAttribute('value'))).toBeGreaterThan(
      0.4,
    );
    expect(await gilvo.violations()).toEqual([]);
    await gilvo.press('Take it away');
    expect(await gilvo.driver.findElements(By.css('[data-source="meter"]'))).toEqual([]);
  });

  it('is drawn on the plan of the set sheet', async () => {
    await gilvo.press('Set sheet');
    await gilvo.one('[data-testid="set-plan"] svg');
    expect(await gilvo.text('[data-testid="set-plan"]')).toContain('river window');
    expect(await gilvo.violations()).toEqual([]);
    await gilvo.browser.size(PHONE_SIZE);
    const wide = await gilvo.driver.executeScript<number>(
      'return document.documentElement.scrollWidth - innerWidth',
    );
    expect(wide).toBeLessThanOrEqual(0);
  });
});

describe('a lamp inside the sitter', () => {
  const TAKE = 'demo-take-3';

  it('is refused by name and distance on the screen, and the light stays as it was read', async () => {
    await gilvo.open(`/pose?sitting=demo-yearbook&take=${TAKE}`, DESK_SIZE);
    await gilvo.one('[data-testid="pose-place"]');
    await gilvo.driver
      .findElement(By.css('select[aria-label^="Start anew"] option[value$="Elbow on the knee"]'))
      .click();
    await gilvo.saved();
    await gilvo.open(`/set?sitting=demo-yearbook&take=${TAKE}`);
    await gilvo.press('light', '//main');
    await lightRead();
    const { shot } = await gilvo.stored<Take>('takes', TAKE);
    // where the knees are, by the core itself
    const { knees } = figureOf(bodyFrom(DEMO_SITTER.profile), soloShot(shot).pose, {
      lens: viewOf(shot.camera).eye,
    }).points;
    const far = (p: Vec3) => Math.hypot(p[0], p[2]);
    const knee = far(knees.left) > far(knees.right) ? knees.left : knees.right;
    await gilvo.type('key, arc to camera right, °', degrees(Math.atan2(knee[0], knee[2])).toFixed(0));
    await gilvo.type('key height, m', knee[1].toFixed(2));
    await gilvo.type('key distance, m', far(knee).toFixed(2));
    await gilvo.until(
      '[...document.querySelectorAll("main [role=alert]")].some((e) => /^the key: distance .* m at height .* m puts it 0\\.\\d\\d m from the sitter; keep 0.16 m clear/.test(e.textContent))',
      'it was not refused',
    );
    // what was read last is still there
    expect(await gilvo.text(READING)).toContain('bright to dark');
    await gilvo.type('key distance, m', '1.9');
    await gilvo.until('!document.querySelector("main [role=alert]")', 'it is still refused');
  });
});
