import { By, type WebDriver } from 'selenium-webdriver';

/** Longest that a state is waited for; software rendering is slow on small machines. */
export const PATIENCE_MS = 60_000;

/** Waits until the page has loaded its fonts and painted them. */
export async function still(driver: WebDriver): Promise<void> {
  await driver.executeAsyncScript(
    'const done = arguments[0]; document.fonts.ready.then(() => requestAnimationFrame(() => requestAnimationFrame(() => done())));',
  );
}

/** Waits until the Pose place shows the newest shot on the fine surface. */
export async function drawn(driver: WebDriver): Promise<void> {
  const isAtRest = async () =>
    driver.executeScript<boolean>(
      `const studio = document.querySelector('[data-testid="pose-place"]');
         const view = document.querySelector('[data-testid="viewfinder"]');
         return !!studio && studio.dataset.busy === 'false' && studio.dataset.surface === 'drawn' && Number(view?.dataset.frames ?? 0) > 0 &&
           !document.querySelector('[data-testid="drag-preview"]');`,
    );
  try {
    await driver.wait(isAtRest, PATIENCE_MS);
  } catch (error) {
    throw new Error(`the studio did not come to rest: ${await pageState(driver)}`, { cause: error });
  }
  const before = await frames(driver);
  await still(driver);
  // one more frame may be on its way after the fine surface came in
  if ((await frames(driver)) !== before) await still(driver);
}

/** What the page says of itself, for whoever reads why a test failed. */
export async function pageState(driver: WebDriver): Promise<string> {
  return driver.executeScript<string>(
    `const told = (css) => [...document.querySelectorAll(css)].map((e) => e.textContent.trim()).filter(Boolean);
     return JSON.stringify({
       at: location.pathname + location.search,
       headings: told('h1, h2'),
       told: told('[role="alert"], [role="status"], dialog[open]'),
       studio: document.querySelector('[data-testid="pose-place"]')?.dataset,
       viewfinder: document.querySelector('[data-testid="viewfinder"]')?.dataset,
     })`,
  );
}

async function frames(driver: WebDriver): Promise<string | null> {
  return driver.findElement(By.css('[data-testid="viewfinder"]')).getAttribute('data-frames');
}
