import { execFileSync } from 'node:child_process';
import { createRequire } from 'node:module';
import { expect, shop, test } from './shop.mjs';
import { openJob, signIn } from './manners.mjs';

test.use({ serviceWorkers: 'allow' });

const jsQR = createRequire(import.meta.url)('jsqr');

/** What a phone's camera would read off a code on the page. */
async function readCode(page) {
    const { data, width, height } = await page.locator('svg.qr').evaluate(async (svg) => {
        const image = new Image();
        image.src = `data:image/svg+xml;base64,${btoa(new XMLSerializer().serializeToString(svg))}`;
        await image.decode();
        const canvas = Object.assign(document.createElement('canvas'), { width: 480, height: 480 });
        const context = canvas.getContext('2d');
        context.drawImage(image, 0, 0, 480, 480);

        return { data: [...context.getImageData(0, 0, 480, 480).data], width: 480, height: 480 };
    });

    return jsQR(Uint8ClampedArray.from(data), width, height)?.data;
}

/** The owner's link of a job, made on its card. */
async function linkOf(page, title) {
    await signIn(page);
    await openJob(page, title, 'card');
    await page.getByRole('button', { name: 'Create a link' }).click();

    return page.getByLabel(/^Link made/).last().inputValue();
}

/** What PHP answers for a load of that link's job: the headline of its own table, and of the load worked out by itself. */
function answerOf(address, load) {
    return JSON.parse(execFileSync('php', ['tests/Browser/answer-of.php', new URL(address).pathname.split('/')[2], JSON.stringify(load)], { env: { ...process.env, DB_DATABASE: shop.database, LARAVEL_STORAGE_PATH: shop.storage } }).toString());
}

async function choose(owner, axis, value) {
    await owner.locator(`[data-axis="${axis}"] select`).selectOption(String(value));
}

const keptPages = (page, name) => page.evaluate(async (cache) => (await (await caches.open(cache)).keys()).map((request) => new URL(request.url).pathname), name);

test('the owner\'s page answers without a connection what PHP answers, and between as the safer neighbour', async ({ page, browser }) => {
    const address = await linkOf(page, /Planetarium/);
    expect(await readCode(page)).toBe(address);
    const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true, serviceWorkers: 'allow' });
    const owner = await context.newPage();
    await owner.goto(address);
    await expect.poll(() => keptPages(owner, 'owner')).toContain(new URL(address).pathname);
    await expect.poll(async () => (await keptPages(owner, 'owner')).filter((path) => path.endsWith('/loads.json') || path.endsWith('/hook-up')).length).toBe(2);

    await context.setOffline(true);
    await owner.reload();
    await expect(owner.locator('[data-contact]')).toContainText('No connection');
    const headline = owner.locator('[data-headline]');
    for (const load of [{}, { fresh: 100 }, { person_behind: 2, bikes_on_trailer: 1 }, { stores: 2, gas_bottles: -1 }]) {
        await owner.reload();
        await expect(headline).toBeVisible();
        for (const [axis, value] of Object.entries(load)) {
            await choose(owner, axis, value);
        }
        const { table, exact } = answerOf(address, load);
        await expect(headline).toHaveText(exact.headline);
        expect(table).toEqual(exact);
        await expect(owner.locator('[data-sentences] li')).toHaveText(exact.sentences);
    }
    await owner.reload();
    for (const [axis, value] of Object.entries({ fresh: 75, person_behind: 1 })) {
        await choose(owner, axis, value);
    }
    await expect(headline).toHaveText(answerOf(address, { fresh: 75, person_behind: 1 }).table.headline);

    await owner.getByRole('button', { name: 'Lower' }).first().click();
    await expect(owner.locator('[data-finding]')).not.toBeEmpty();
    await owner.getByRole('link', { name: 'Hook up' }).tap();
    await owner.getByText("Chock the trailer's wheels").tap();
    await expect(owner.locator('[data-steps-done]')).toHaveText(/^1 of \d+ done$/);
    await owner.reload();
    await expect(owner.locator('[data-steps-done]')).toHaveText(/^1 of \d+ done$/);
    await owner.getByRole('link', { name: 'Back to the card' }).tap();

    await owner.getByRole('textbox', { name: 'Note to the shop' }).fill('The awning came along.');
    await owner.getByRole('button', { name: 'Send note' }).tap();
    await expect(owner.locator('[data-note-says]')).toContainText('waits on this phone');
    await context.setOffline(false);
    await expect(owner.locator('[data-note-says]')).toContainText('Sent to the shop');
    await page.goto('/');
    await expect(page.getByRole('region', { name: 'Notes from owners' })).toContainText('The awning came along.');
    await page.getByRole('button', { name: 'Mark as seen' }).click();
    await expect(page.getByRole('region', { name: 'Notes from owners' })).toBeHidden();

    await context.setOffline(true);
    await openJob(page, /Planetarium/, 'card');
    await page.getByRole('button', { name: 'Revoke link' }).first().click();
    await owner.reload();
    await expect(headline).toBeVisible();
    await context.setOffline(false);
    await owner.reload();
    await expect(owner.getByRole('heading', { name: 'This link is closed' })).toBeVisible();
    await expect.poll(() => keptPages(owner, 'owner')).toEqual([]);
    await context.close();
});

test('the bench of today\'s job opens without a connection, marked as old; what is typed is sent once on return', async ({ page, context }) => {
    await page.setViewportSize({ width: 820, height: 1180 });
    await signIn(page);
    await openJob(page, /Puppet/, 'alone');
    const bench = new URL(page.url()).pathname;
    await expect.poll(() => keptPages(page, 'bench'), { timeout: 90_000 }).toContain(bench);
    const job = bench.split('/').slice(0, 3).join('/');
    await expect.poll(() => keptPages(page, 'bench'), { timeout: 90_000 }).toContain(`${job}/procedures/unhitch/list`);

    await context.setOffline(true);
    await page.goto('/');
    await expect(page.locator('[data-kept-says]')).toContainText('No connection. This page was kept at');
    await page.goto(bench);
    await expect(page.locator('[data-kept-says]')).toContainText('may be old');
    await page.getByRole('textbox', { name: 'Front fender' }).fill('27 15/16');
    await page.getByRole('textbox', { name: 'Rear fender' }).fill('29 13/16');
    await page.getByRole('textbox', { name: 'Rear fender' }).press('Tab');
    await expect(page.locator('[data-waiting]')).toContainText('wait');
    await page.goto('/log');
    await expect(page.getByRole('heading', { name: 'No connection' })).toBeVisible();
    await page.goto(`${job}/procedures/unhitch`);
    const first = page.locator('[data-owner-steps] input[type="checkbox"]').first();
    await first.check();
    await page.getByRole('button', { name: 'Save ticked steps' }).click();
    await expect(page.locator('[data-waiting]')).toContainText('wait');

    await context.setOffline(false);
    await expect(page.locator('[data-waiting]')).not.toContainText(/waits? here/, { timeout: 30_000 });
    await page.goto(`${job}/tape-log`);
    await expect(page.locator('[data-kept-says]')).toBeHidden();
    await expect(page.locator('table.log').getByText('27 15/16', { exact: true })).toHaveCount(1);
    await expect(page.locator('table.log').getByText('29 13/16', { exact: true })).toHaveCount(1);
});

test('what was kept goes with whoever signs out', async ({ page, context }) => {
    await signIn(page);
    await expect.poll(async () => (await keptPages(page, 'bench')).length, { timeout: 60_000 }).toBeGreaterThan(3);
    await page.goto('/account');
    await page.getByRole('button', { name: 'Sign out', exact: true }).click();
    await expect(page).toHaveURL(/sign-in/);
    await context.setOffline(true);
    await expect(page.goto('/')).rejects.toThrow();
    await context.setOffline(false);
});
