import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { inView, openJob, signIn, tape } from './manners.mjs';

const screens = { laptop: { width: 1280, height: 800 }, tablet: { width: 820, height: 1180 }, phone: { width: 390, height: 844 } };

async function everyPage(page, look) {
    await page.goto('/');
    await look('yard');
    await page.goto('/jobs/new');
    await look('new job');
    await page.goto('/garage');
    await look('garage');
    await page.goto('/garage/hitch/2');
    await look('hitch');
    await page.goto('/garage/trailer');
    await look('trailers');
    await page.goto('/garage/away');
    await look('archive');
    for (const address of ['/log', '/log/1', '/log/1/care', '/take-in', '/shop', '/settings', '/people', '/deeds', '/account', '/practice', '/practice/record', '/practice/team', '/practice/explain/tongue', '/practice/explain/sway', '/choose-a-hitch?vehicle=2&trailer=2&heavy[fresh_tank]=100&want[]=quiet', '/experience', '/day', '/calls', '/customers', '/customers/1', '/calendar', '/account/tokens', '/jobs/6/procedures/unhitch/list']) {
        await page.goto(address);
        await look(address);
    }
    await page.goto('/practice');
    await page.getByLabel('Code').fill('2-00018-3');
    await page.getByRole('button', { name: 'Start by code' }).click();
    await page.getByRole('link', { name: 'Tape the front' }).click();
    await expect(page.locator('.tape-picture')).toBeVisible();
    await look('practice run');
    await page.getByRole('button', { name: 'Couple', exact: true }).click();
    await expect(page.locator('[data-practice-says]')).toContainText('Coupled');
    await page.getByRole('button', { name: 'Put the bars on' }).click();
    await expect(page.getByRole('heading', { name: /Debrief/ })).toBeVisible();
    await look('debrief');
    for (const [title, station] of [[/Planetarium/, 'bars-up'], [/Puppet theatre/, 'alone'], [/Bell tower/, 'prove'], [/Seed library, heavier/, 'sway-control'], [/Glassblowing/, 'procedures/unhitch'], [/Planetarium/, 'road-test'], [/Planetarium/, 'card'], [/Planetarium/, 'photos'], [/Planetarium/, 'files'], [/Seed library, spring/, 'visit?state=3'], [/Glassblowing/, 'brief'], [/Planetarium/, 'ground'], [/Glassblowing/, 'brackets'], [/Planetarium/, 'plan'], [/Planetarium/, 'weigh'], [/Bell tower/, 'tongue'], [/Seed library, heavier/, 'loads/3'], [/Puppet theatre/, 'loads'], [/Bell tower/, 'diagnosis'], [/Planetarium/, 'bars-up?show=settings'], [/Planetarium/, 'bars-up?show=plot'], [/Seed library, heavier/, 'head'], [/Glassblowing/, 'alone'], [/Puppet theatre/, 'bars'], [/Glassblowing/, 'bars'], [/Planetarium/, 'tape-log']]) {
        await openJob(page, title, station);
        await look(`${title} ${station}`);
    }
}

/** What of a page is no finger wide, or runs over its edge, on each screen. */
async function cutOff(page, name) {
    const pad = page.getByRole('button', { name: 'Keys', exact: true });
    const found = [];
    for (const [screen, size] of Object.entries(screens)) {
        await page.setViewportSize(size);
        if (await pad.isVisible() && (await pad.getAttribute('aria-expanded')) === 'false') {
            await pad.click();
        }
        const small = await page.locator('a, button, select, summary, textarea, input:not([type=hidden])').evaluateAll((targets) => targets
            .filter((target) => target.checkVisibility())
            .map((target) => [target, (target.closest('label.tick, label.owner-step') ?? target).getBoundingClientRect()])
            .filter(([, box]) => box.height < 43.5 || box.width < 43.5)
            .map(([target, box]) => `${target.outerHTML.slice(0, 120)} ${Math.round(box.width)}x${Math.round(box.height)}`));
        const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
        found.push(...small.map((target) => `${name} on a ${screen}: small, ${target}`), ...(over > 0 ? [`${name} on a ${screen}: ${over} px over the edge`] : []));
    }
    await page.setViewportSize(screens.tablet);
    return found;
}

/** What of a page breaks AA in each theme. */
async function unreadable(page, name) {
    const found = [];
    for (const theme of ['sun', 'dark']) {
        await page.evaluate((to) => { document.documentElement.dataset.theme = to; }, theme);
        const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa']).analyze();
        found.push(...violations.map((one) => `${name} in ${theme}: ${one.id}: ${one.nodes.map((node) => node.html).join(' ').slice(0, 300)}`));
    }
    return found;
}

test('every target is 44 px, nothing is cut off on laptop, tablet and phone, and no page breaks AA in either theme', async ({ page }) => {
    test.setTimeout(600_000);
    const stopped = [];
    const found = [];
    page.on('console', (line) => {
        if (/content security policy/i.test(line.text())) {
            stopped.push(`${page.url()}: ${line.text()}`);
        }
    });
    await page.setViewportSize(screens.tablet);
    await signIn(page);
    await everyPage(page, async (name) => found.push(...await cutOff(page, name), ...await unreadable(page, name)));

    expect(found).toEqual([]);
    expect(stopped, 'what the content security policy stopped').toEqual([]);
});

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
    await expect(page).toHaveURL(/dropped$/);
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
