import { expect, test } from './shop.mjs';
import { openJob, typeSignIn as signIn } from './manners.mjs';

test.use({ serviceWorkers: 'allow' });

const caches = (page) => page.evaluate(async () => (await window.caches.keys()).filter((name) => name === 'bench' || name === 'owner'));
const stored = (page) => page.evaluate(() => JSON.stringify({ ...localStorage, ...sessionStorage }));
const keepsPages = (page) => expect.poll(() => page.evaluate(async () => ((await window.caches.has('bench')) ? (await (await window.caches.open('bench')).keys()).length : 0))).toBeGreaterThan(3);

async function signOut(page) {
    await page.goto('/account');
    await page.getByRole('button', { name: 'Sign out', exact: true }).click();
    await expect(page.locator('#email')).toBeVisible();
}

test('no password waits in the browser: without a connection the form stays, and says so', async ({ page, context }) => {
    await signIn(page);
    for (const [address, field, button] of [['/password-again', '#password', 'Go on'], ['/account/tokens', '#password_now', 'Make token']]) {
        await page.goto(address);
        await page.locator(field).fill('tape-in-hand-1');
        await context.setOffline(true);
        await page.getByRole('button', { name: button }).click();
        await expect(page.locator('[data-waiting]')).toContainText('No connection');
        await expect(page.locator(field)).toHaveValue('tape-in-hand-1');
        expect(await stored(page)).not.toContain('tape-in-hand');
        expect(Object.keys(JSON.parse(await stored(page))).filter((name) => name.startsWith('yoke.waiting'))).toEqual([]);
        await context.setOffline(false);
    }
});

test('what waits for the connection can be read by its person alone, and is still sent', async ({ page, context }) => {
    await signIn(page);
    await openJob(page, /Puppet theatre/, 'alone');
    await context.setOffline(true);
    await page.locator('[data-field="front"]').fill('28 7/16');
    await page.locator('[data-field="front"]').blur();
    await expect(page.locator('[data-waiting]')).toContainText('One entry waits here');
    const kept = await page.evaluate(() => Object.entries(localStorage).filter(([name]) => name.startsWith('yoke.waiting')).map(([, value]) => value));
    expect(kept).toHaveLength(1);
    expect(kept[0]).toMatch(/^[0-9a-f]{100,}$/);
    await context.setOffline(false);
    await page.reload();
    await expect(page.locator('[data-field="front"]')).toHaveValue('28 7/16');
    await expect(page.locator('[data-waiting]')).toBeHidden();
    await page.reload();
    await expect(page.locator('[data-field="front"]')).toHaveValue('28 7/16');
});

test('a page that was fetched while a height was being saved shows it all the same, and it can be corrected there', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Puppet theatre/, 'alone');
    const front = page.locator('[data-field="front"]');
    const before = await page.request.get(page.url());
    await front.fill('28 5/16');
    await front.blur();
    await expect(page.locator('[data-saved-at]')).toContainText('Saved');
    await page.route(page.url(), (route) => route.fulfill({ response: before }));
    await page.reload();
    await expect(front).toHaveValue('28 5/16');
    await front.fill('28 9/16');
    await front.blur();
    await expect(page.locator('[data-saved-at]')).toContainText('Saved');
    await expect(front).toHaveAttribute('aria-invalid', 'false');
    await page.unroute(page.url());
    await page.reload();
    await expect(front).toHaveValue('28 9/16');
});

test('whoever signs out leaves nothing behind: no page, no owner\'s page, nothing that back shows', async ({ page }) => {
    await signIn(page);
    await keepsPages(page);
    await openJob(page, /Seed library, spring/, 'card');
    await page.getByRole('button', { name: 'Create a link' }).click();
    await page.goto(await page.getByLabel(/^Link made/).first().inputValue());
    await expect.poll(() => caches(page)).toContain('owner');
    await page.goto('/customers');
    await signOut(page);
    await expect.poll(() => caches(page)).toEqual([]);
    expect(Object.keys(JSON.parse(await stored(page)))).toEqual([]);
    await page.goBack();
    await expect(page.locator('#email')).toBeVisible();
    await page.goBack();
    await expect(page.locator('#email')).toBeVisible();
});

test('a tablet whose sign-in was ended elsewhere empties itself when it is sent to sign in', async ({ page, browser }) => {
    await signIn(page);
    await keepsPages(page);
    const other = await (await browser.newContext()).newPage();
    await signIn(other);
    await other.goto('/account');
    await other.getByRole('button', { name: 'Sign out everywhere else' }).click();
    await page.goto('/garage');
    await expect(page.locator('#email')).toBeVisible();
    await expect.poll(() => caches(page)).toEqual([]);
});

test('a changeover leaves the next person signed in, whatever was being fetched for the one before', async ({ page }) => {
    for (let round = 0; round < 3; round++) {
        await signIn(page);
        await page.goto('/account');
        // Its pages are being fetched now.
        await expect.poll(() => page.evaluate(() => window.caches.has('bench'))).toBe(true);
        await page.getByRole('button', { name: 'Sign out', exact: true }).click();
        await expect(page.locator('#email')).toBeVisible();
        await page.locator('#email').fill('ibby@quillfeather.example');
        await page.locator('#password').fill('tape-in-hand');
        await page.getByRole('button', { name: 'Sign in' }).click();
        await expect(page).toHaveURL(/\/$/);
        await keepsPages(page);
        await page.goto('/account');
        await expect(page.getByRole('heading', { name: 'Ibby Marsh' })).toBeVisible();
        await signOut(page);
    }
});
