import { expect, test } from './shop.mjs';
import { inView, openJob, screens, signIn, tape } from './manners.mjs';

test('a theme that is chosen stays chosen', async ({ page }) => {
    await signIn(page);
    for (const theme of ['dark', 'sun']) {
        await page.getByLabel('Theme').selectOption(theme);
        await expect(page.locator('html')).toHaveAttribute('data-theme', theme);
        await page.goto('/garage');
        await expect(page.locator('html')).toHaveAttribute('data-theme', theme);
    }
});

test('on a laptop everything of a hook-up stands on the screen, pad and all', async ({ page }) => {
    await signIn(page);
    for (const title of [/Planetarium/, /Bell tower/, /Seed library, spring/]) {
        await openJob(page, title, 'bars-up');
        await page.getByRole('button', { name: 'Keys', exact: true }).click();
        await inView(page, ['.stepper', '[data-field]', '#pad button', '.bench-tape .is-first', '.verdict-head', '.share-scale', '.do-next', '.close-up svg', '.load-labels span']);
        await page.getByRole('button', { name: 'Keys', exact: true }).click();
    }
    for (const station of ['brief', 'alone', 'head', 'brackets', 'sway-control', 'hook-up-checks', 'road-test']) {
        await openJob(page, /Planetarium/, station);
        await inView(page, ['.caution', '.bench-tape .is-first']);
    }
});

test('the first load of the bench is small, calls nobody and does not shift', async ({ browser }) => {
    const page = await (await browser.newContext()).newPage();
    const foreign = [];
    page.on('request', (request) => new URL(request.url()).hostname === '127.0.0.1' || foreign.push(request.url()));
    await signIn(page);
    await openJob(page, /Planetarium/, 'bars-up');
    const bytes = await page.evaluate(() => [...performance.getEntriesByType('navigation'), ...performance.getEntriesByType('resource')]
        .reduce((sum, entry) => sum + entry.decodedBodySize, 0));
    const shift = await page.evaluate(() => new Promise((resolve) => {
        let sum = 0;
        new PerformanceObserver((list) => { sum += list.getEntries().reduce((all, entry) => all + entry.value, 0); }).observe({ type: 'layout-shift', buffered: true });
        setTimeout(() => resolve(sum), 600);
    }));

    expect(foreign).toEqual([]);
    expect(bytes).toBeGreaterThan(20_000);
    expect(bytes).toBeLessThan(250_000);
    expect(shift).toBeLessThan(0.02);
});

test('heights are saved without JavaScript, and what is refused is kept', async ({ browser }) => {
    const page = await (await browser.newContext({ javaScriptEnabled: false })).newPage();
    await signIn(page);
    await page.getByRole('link', { name: /Puppet theatre/ }).click();
    const address = page.url().replace(/[^/]+$/, 'alone');
    await page.goto(address);
    await page.locator('[data-field="front"]').fill('abc');
    await page.locator('[data-field="rear"]').fill('29 1/8');
    await page.getByRole('button', { name: 'Save heights' }).click();
    await expect(page.locator('#front-says')).toContainText('does not read as a length');
    await expect(page.locator('[data-field="front"]')).toHaveValue('abc');
    await expect(page.locator('[data-field="rear"]')).toHaveValue('29 1/8');
    await page.locator('[data-field="front"]').fill('28 11/16');
    await page.getByRole('button', { name: 'Save heights' }).click();
    await expect(page).toHaveURL(/head$/);
    await page.goto(address);
    await expect(page.locator('[data-field="front"]')).toHaveValue('28 11/16');
});

test('a touch screen opens the pad by itself and keeps its own keyboard down', async ({ browser }) => {
    const page = await (await browser.newContext({ viewport: screens.tablet, hasTouch: true, isMobile: true })).newPage();
    await signIn(page);
    await openJob(page, /Puppet theatre/, 'dropped');
    await expect(page.locator('[data-pad]')).toBeVisible();
    await expect(page.locator('[data-field="front"]')).toHaveAttribute('inputmode', 'none');
    await page.locator('[data-field="rear"]').tap();
    await page.locator('[data-pad]').getByRole('button', { name: '7/8', exact: true }).tap();
    await expect(page.locator('[data-field="rear"]')).toHaveValue('7/8');
    await page.getByRole('button', { name: 'Keys', exact: true }).tap();
    await expect(page.locator('[data-field="front"]')).toHaveAttribute('inputmode', 'text');
});

test('the keyboard sheet opens with a question mark', async ({ page }) => {
    await signIn(page);
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog', { name: 'Keyboard' })).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
    await page.keyboard.press('n');
    await expect(page).toHaveURL(/jobs\/new$/);
});

test('no answer from the server is said, and the text waits', async ({ page }) => {
    await signIn(page);
    const address = await openJob(page, /Puppet theatre/, 'alone');
    await page.route('**/tape', (route) => route.abort());
    await page.locator('[data-field="front"]').fill('28 5/8');
    await page.locator('[data-field="front"]').blur();
    await expect(page.locator('[data-waiting]')).toContainText('No connection. One entry waits here');
    await page.unroute('**/tape');
    await page.goto(address);
    await expect(page.locator('[data-field="front"]')).toHaveValue('28 5/8');
    await expect(page.locator('[data-waiting]')).toBeHidden();
    await tape(page, 'front', '28 3/4');
    await expect(page.getByRole('status')).toHaveText(/Saved/);
});
