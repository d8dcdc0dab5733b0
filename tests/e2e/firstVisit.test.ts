import { expect, it } from 'vitest';
import { DESK_SIZE } from './browser';
import { openGilvo } from './gilvo';

// a profile of its own: nobody was here before, and no body was built
const gilvo = openGilvo({ seed: undefined });

it('from a first visit to the first direction are four presses and a name', async () => {
  const pressed: string[] = [];
  const press = async (words: string) => {
    pressed.push(words);
    await gilvo.press(words);
  };
  await gilvo.open('/', DESK_SIZE);
  const begunMs = Date.now();
  await press('New sitting');
  await (await gilvo.one('input[aria-label="Name of the sitter"]')).sendKeys('Tove Ekman');
  await press('Add Tove Ekman');
  await press('Compose a run for me');
  await gilvo.until('location.pathname === "/run"', 'no run was composed');
  await press('Direct');
  const cue = await gilvo.text('[data-testid="cue"]');
  expect(cue.split(' ').length).toBeGreaterThan(1);
  expect(pressed).toHaveLength(4);
  console.info(
    `${pressed.length} presses, ${Math.round((Date.now() - begunMs) / 1000)} s to the first direction`,
  );
});
