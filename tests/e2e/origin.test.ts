import { logging } from 'selenium-webdriver';
import { expect, it } from 'vitest';
import { openGilvo } from './gilvo';

const gilvo = openGilvo({ listens: true });

it('no request leaves the origin, in any place', async () => {
  await gilvo.open('/');
  await gilvo.one('article canvas[data-state="drawn"]');
  await gilvo.pose(1);
  for (const place of ['run', 'direct']) {
    await gilvo.open(`/${place}?sitting=demo-yearbook`);
    await gilvo.one('main canvas[data-state="drawn"]');
  }
  const requests = await gilvo.browser.requests();
  const pages = requests.filter((r) => !/^(data|blob|chrome|chrome-untrusted|devtools|about):/.test(r));
  expect(pages.length).toBeGreaterThan(20);
  expect(pages.filter((r) => new URL(r).origin !== gilvo.server.origin)).toEqual([]);
});

it('every page comes with a strict policy, and no page breaks it', async () => {
  const nonces = new Set<string>();
  const paths = ['/', '/people', '/brief', '/sheet', '/set', '/pose', '/run', '/direct', '/rules'];
  for (const path of paths) {
    const { headers } = await fetch(gilvo.server.origin + path);
    const policy = Object.fromEntries(
      headers
        .get('content-security-policy')!
        .split('; ')
        .map((d) => [d.split(' ')[0]!, d.split(' ').slice(1)]),
    );
    expect(policy['default-src']).toEqual(["'self'"]);
    expect(policy['connect-src']).toEqual(["'self'"]);
    expect(policy['object-src']).toEqual(["'none'"]);
    expect(policy['frame-ancestors']).toEqual(["'none'"]);
    const scripts = policy['script-src']!;
    expect(scripts.join(' ')).not.toMatch(/unsafe|\*|https?:/);
    nonces.add(scripts.find((s) => s.startsWith("'nonce-"))!);
    expect(headers.get('x-content-type-options')).toBe('nosniff');
    expect(headers.get('x-powered-by')).toBeNull();
  }
  expect(nonces.size).toBe(paths.length);
  const messages = await gilvo.driver.manage().logs().get(logging.Type.BROWSER);
  const errors = messages.filter((m) => m.level.value >= logging.Level.SEVERE.value).map((m) => m.message);
  expect(errors).toEqual([]);
});

it('compiled code runs in the workers alone', async () => {
  await gilvo.open('/');
  await gilvo.one('article canvas[data-state="drawn"]');
  const told = await gilvo.driver.executeScript<string>(`
    try {
      new WebAssembly.Module(Uint8Array.of(0, 97, 115, 109, 1, 0, 0, 0));
      return 'compiled';
    } catch (error) {
      return error.name;
    }`);
  expect(told).toBe('CompileError');
});

it('a script that is put into the page is not run', async () => {
  await gilvo.open('/');
  const ran = await gilvo.driver.executeAsyncScript<boolean>(`
    const done = arguments[0];
    document.addEventListener('securitypolicyviolation', () => done(Boolean(window.intruded)), { once: true });
    const div = document.createElement('div');
    div.innerHTML = '<img src="nothing.png" onerror="window.intruded = true">';
    document.body.append(div);`);
  expect(ran).toBe(false);
});
