import { By, Key, Origin, until } from 'selenium-webdriver';
import { soloShot } from '@/core/shot';
import { describe, expect, it } from 'vitest';
import type { OwnPose, Take } from '@/core/sitting';
import { DESK_SIZE } from './browser';
import { openGilvo } from './gilvo';
import { drawn, still } from './waits';

const gilvo = openGilvo();
const ID = 'demo-take-1';
const poseNow = async () => {
  await gilvo.saved();
  return soloShot((await gilvo.stored<Take>('takes', ID)).shot).pose;
};
const panel = (name: string) => gilvo.click(`button[title^="${name}"]`);

/** Chooses in a select by its label, as the keyboard does: by typing the option's words. */
async function chooseByKeys(label: string, words: string): Promise<void> {
  const select = await gilvo.driver.wait(
    until.elementLocated(
      By.xpath(`//label[span[translate(normalize-space(), "CLR", "clr")="${label}"]]/select`),
    ),
    20_000,
  );
  await gilvo.driver.executeScript('arguments[0].focus()', select);
  await gilvo.andSeen(() => select.sendKeys(words));
}

describe('a sitter who sits down', () => {
  it('is seated by the keyboard, on a chair that is seen on the plan and carries most of the weight', async () => {
    await gilvo.pose();
    await panel('feet');
    await chooseByKeys('carried', 'seated');
    const pose = await poseNow();
    expect(pose.support).toBe('sit');
    expect(pose.objects).toMatchObject([{ kind: 'chair' }]);
    expect(
      (await gilvo.driver.findElements(By.css('svg[aria-label="Floor plan"] polygon'))).length,
    ).toBeGreaterThan(4);
    expect(await gilvo.text('section[aria-label="What the picture says"] dl')).toMatch(/weight\s+\d+ % seat/);
    expect(await gilvo.violations()).toEqual([]);
  });

  it('turns with a chair of another height', async () => {
    await gilvo.type('chair, seat height, m', '0.5');
    await drawn(gilvo.driver);
    expect((await poseNow()).objects![0]!.sizesM).toEqual({ seatHeightM: 0.5 });
    await gilvo.type('chair, seat height, m', '0.9');
    expect(await gilvo.text('[role="alert"]')).toContain(
      'chair, seat height 0.9: give a number from 0.25 to 0.6 m',
    );
    expect((await poseNow()).objects![0]!.sizesM).toEqual({ seatHeightM: 0.5 });
  });

  it('goes to the arm of an armchair, and back to the seat', async () => {
    await gilvo.andSeen(() => gilvo.click('section[aria-label="Feet"] option[value="armchair"]'));
    await gilvo.andSeen(() => gilvo.click('section[aria-label="Feet"] option[value="armrest"]'));
    expect((await poseNow()).on).toBe('armrest');
    expect(await gilvo.violations()).toEqual([]);
    await gilvo.andSeen(() => gilvo.click('section[aria-label="Feet"] option[value="seat"]'));
    await gilvo.andSeen(() => gilvo.click('button[aria-label="Take away the armchair"]'));
    const pose = await poseNow();
    expect(pose.on).toBeUndefined();
    expect(pose.objects).toMatchObject([{ kind: 'chair' }]);
  });

  it('lays an elbow on a knee, and the settings that it decides go', async () => {
    await panel('arms');
    await gilvo.andSeen(() =>
      gilvo.click(
        'section[aria-label="Arms"] label:has(span):has(option[value="kneeTop"]) option[value="thighTop"]',
      ),
    );
    const pose = await poseNow();
    expect(pose.contacts.map((c) => `${c.part} ${c.to}`)).toContain('left:palm thighTop');
    expect(await gilvo.text('section[aria-label="Arms"]')).toContain('by the hand');
    expect(await gilvo.violations()).toEqual([]);
  });

  it('starts anew from a pose of the house', async () => {
    await panel('feet');
    await gilvo.andSeen(() =>
      gilvo.click('select[aria-label^="Start anew"] option[value$="Over the backrest"]'),
    );
    expect((await poseNow()).support).toBe('astride');
    await gilvo.andSeen(() => gilvo.click('button[aria-label="Undo"]'));
    expect((await poseNow()).support).toBe('sit');
  });
});

describe('in the picture', () => {
  const handle = (name: string) => gilvo.one(`button[data-handle="${name}"]`);

  it('the chin is moved by the arrow keys, and the eyes by the pointer', async () => {
    await gilvo.open(`/pose?sitting=demo-yearbook&take=${ID}`);
    await drawn(gilvo.driver);
    await panel('feet');
    await gilvo.andSeen(() =>
      gilvo.click('select[aria-label^="Start anew"] option[value$="Plain and tall"]'),
    );
    await gilvo.press('handles');
    const before = await poseNow();
    await gilvo.andSeen(async () => (await handle('chin')).sendKeys(Key.ARROW_RIGHT));
    const after = await poseNow();
    expect(after.settings.headTurnLeftDeg! - before.settings.headTurnLeftDeg!).toBeCloseTo(6, 5);
    await gilvo.andSeen(async () => {
      const eyes = await handle('gaze');
      await gilvo.driver
        .actions()
        .move({ origin: eyes })
        .press()
        .move({ origin: eyes, x: 50, y: 0, duration: 200 })
        .release()
        .perform();
    });
    await gilvo.driver.wait(async () => (await poseNow()).gaze.kind === 'offLens', 20_000);
  });

  it('a hand that is dragged to the hip lies on it, and is free again when it is dragged away', async () => {
    // let go at once: where a hand can lie may be known only after it was
    const drag = async (x: number, y: number) => {
      const hand = await handle('left:hand');
      await gilvo.driver
        .actions()
        .move({ origin: hand })
        .press()
        .move({ origin: Origin.POINTER, x, y, duration: 200 })
        .release()
        .perform();
    };
    // the handle is at the wrist; the side of the waist is above it and further in
    await gilvo.andSeen(() => drag(-58, -70));
    await gilvo.driver.wait(async () => (await poseNow()).contacts.length === 1, 20_000);
    const [contact] = (await poseNow()).contacts;
    expect(contact!.part).toBe('left:palm');
    await drawn(gilvo.driver);
    await gilvo.andSeen(() => drag(120, -30));
    await gilvo.driver.wait(async () => (await poseNow()).contacts.length === 0, 20_000);
    expect((await poseNow()).settings.leftArmOutDeg).toBeGreaterThan(20);
    expect(await gilvo.violations()).toEqual([]);
  });

  it('the chin follows a finger on a tablet', async () => {
    await gilvo.browser.size({ width: 820, height: 1180 });
    await drawn(gilvo.driver);
    const before = (await poseNow()).settings.headTurnLeftDeg ?? 0;
    const chin = await handle('chin');
    await gilvo.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', chin);
    await gilvo.andSeen(() => gilvo.browser.fingerDrag(chin, 40, 0));
    expect((await poseNow()).settings.headTurnLeftDeg).toBeGreaterThan(before + 5);
    await gilvo.browser.size(DESK_SIZE);
    await drawn(gilvo.driver);
  });

  it('can be looked at from round about and close, with the ghost of what was', async () => {
    // a picture is compared as it is drawn when it rests
    const seen = async () => {
      await gilvo.one('[data-testid="viewfinder"] canvas[data-smooth="true"]');
      return gilvo.driver.executeScript<string>(
        'return document.querySelector("[data-testid=viewfinder] canvas").toDataURL()',
      );
    };
    await gilvo.press('handles');
    const lens = await seen();
    const differs = async (than: string) => {
      await still(gilvo.driver);
      await gilvo.driver.wait(async () => (await seen()) !== than, 20_000);
    };
    await gilvo.press('round');
    await differs(lens);
    await gilvo.press('round');
    await gilvo.driver.wait(async () => (await seen()) === lens, 20_000);
    await gilvo.press('close');
    await differs(lens);
    await gilvo.press('close');
    await gilvo.press('ghost');
    await differs(lens);
    await gilvo.press('ghost');
  });
});

describe('stations', () => {
  it('that are held stay while the body turns', async () => {
    await panel('head');
    await gilvo.press('hold');
    const before = await poseNow();
    await panel('hips');
    await gilvo.type('hips turned left, °', String((before.settings.hipsTurnLeftDeg ?? 0) + 10));
    await drawn(gilvo.driver);
    const after = await poseNow();
    expect(after.settings.headTurnLeftDeg ?? 0).toBeCloseTo((before.settings.headTurnLeftDeg ?? 0) - 10, 6);
    await panel('head');
    await gilvo.press('held');
  });

  it('are taken from another pose, and one side from the other', async () => {
    await panel('hips');
    await gilvo.andSeen(() => gilvo.click('select[aria-label^="Take hips"] option[value$="One foot up"]'));
    expect((await poseNow()).settings.hingeDeg).toBe(20);
    await gilvo.andSeen(() => gilvo.click('button[title="Make the right side the mirror of the left"]'));
    const pose = await poseNow();
    expect(pose.settings.rightKneeBendDeg).toBe(pose.settings.leftKneeBendDeg);
  });
});

describe('what stays short', () => {
  it('is told with the change that would reach, and done on a word', async () => {
    await panel('feet');
    await gilvo.andSeen(() =>
      gilvo.click('select[aria-label^="Start anew"] option[value$="Thinking it over"]'),
    );
    const told = '[data-testid="unreached"]';
    expect(await gilvo.text(told)).toContain('right hand stays short');
    await gilvo.press('What would reach?');
    await gilvo.driver.wait(async () => (await gilvo.text(told)).includes('would reach'), 30_000);
    const before = await poseNow();
    await gilvo.andSeen(() => gilvo.press('Do it'));
    expect((await poseNow()).settings).not.toEqual(before.settings);
    expect(await gilvo.violations()).toEqual([]);
  });
});

describe('the face', () => {
  it('takes a named expression, and is set move by move', async () => {
    await panel('gaze');
    await gilvo.andSeen(() => gilvo.click('section[aria-label="Gaze"] option[value="smallSmile"]'));
    expect((await poseNow()).expression).toEqual({ smile: 0.4, lowerLidsRaised: 0.3 });
    await gilvo.press('Lids, brows and mouth');
    await gilvo.type('smile, %', '80');
    await drawn(gilvo.driver);
    expect((await poseNow()).expression).toEqual({ smile: 0.8, lowerLidsRaised: 0.3 });
    await gilvo.andSeen(() => gilvo.click('section[aria-label="Gaze"] option[value="calm"]'));
    expect((await poseNow()).expression).toBeUndefined();
  });
});

describe('an own pose', () => {
  const kept = async () => (JSON.parse(await gilvo.wholeStore()) as { poses: OwnPose[] }).poses;

  it('is kept with name, tags and notes, and is there for the next sitter', async () => {
    await gilvo.click('[data-testid="own-poses"] summary');
    await gilvo.press('Keep');
    expect(await gilvo.text('[data-testid="own-poses"] [role="status"]')).toContain('Name is empty');
    await (await gilvo.one('[data-testid="own-poses"] input')).sendKeys('Jetty turn');
    await (
      await gilvo.one('[data-testid="own-poses"] label:nth-of-type(2) input')
    ).sendKeys('calm, outdoors', Key.ENTER);
    await gilvo.driver.wait(async () => (await kept()).length === 1, 20_000);
    expect(await kept()).toMatchObject([
      { name: 'Jetty turn', tags: ['calm', 'outdoors'], pose: { name: 'Jetty turn' } },
    ]);
    await gilvo.pose(2);
    await panel('feet');
    await gilvo.andSeen(() => gilvo.click('select[aria-label^="Start anew"] option[value$="Jetty turn"]'));
    await gilvo.saved();
    expect((await gilvo.stored<Take>('takes', 'demo-take-2')).shot.people[0]!.pose.name).toBe('Jetty turn');
  });

  it('is taken away, and put back', async () => {
    await gilvo.driver.executeScript("document.querySelector('[data-testid=own-poses]').open = true");
    await gilvo.click('button[aria-label="Take Jetty turn away"]');
    await gilvo.driver.wait(async () => (await kept()).length === 0, 20_000);
    await gilvo.press('Put it back');
    await gilvo.driver.wait(async () => (await kept()).length === 1, 20_000);
  });
});
