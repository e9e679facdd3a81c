import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, shop, test } from './shop.mjs';
import { account } from './browser.mjs';
import { openJob, signIn } from './manners.mjs';

const artisan = (...words) => execFileSync('php', ['artisan', ...words], { env: { ...process.env, DB_DATABASE: shop.database, LARAVEL_STORAGE_PATH: shop.storage } }).toString();

const download = async (page, name) => {
    const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name }).click()]);
    return readFileSync(await file.path(), 'utf8');
};

test('a job is exported, the database emptied, the job imported, and it is identical; then the whole shop comes back', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Planetarium/, 'files');
    const before = await download(page, /The whole job/);
    expect(JSON.parse(before).job.photos).toHaveLength(3);
    expect(await download(page, /Readings/)).toContain('superseded');
    await page.goto('/shop');
    await page.getByRole('button', { name: 'Back up now' }).click();
    const backup = (await page.getByRole('status').innerText()).match(/shop-[\w-]+\.yoke/)[0];

    artisan('migrate:fresh', '--force');
    artisan('yoke:person', 'Wren Tallow', account.email, `--password=${account.password}`);
    await page.context().clearCookies();
    await signIn(page);
    await expect(page.getByText('No job is open.')).toBeVisible();
    await page.goto('/take-in');
    await page.getByLabel('Job file').setInputFiles({ name: 'job.json', mimeType: 'application/json', buffer: Buffer.from(before.slice(0, 9000)) });
    await page.getByRole('button', { name: 'Import' }).click();
    await expect(page.getByRole('alert')).toContainText('breaks off or is not JSON');
    await page.getByLabel('Job file').setInputFiles({ name: 'job.json', mimeType: 'application/json', buffer: Buffer.from(before) });
    await page.getByRole('button', { name: 'Import' }).click();
    await expect(page.getByRole('status')).toContainText('Imported completely.');
    expect(await download(page, /The whole job/)).toBe(before);
    await openJob(page, /Planetarium/, 'hand-over');
    await expect(page.getByText('In range').first()).toBeVisible();

    await page.goto('/shop');
    await page.getByRole('button', { name: `Restore ${backup}` }).click();
    await expect(page.getByRole('row', { name: /^Jobs/ })).toContainText('7');
    await page.getByRole('button', { name: 'Restore now' }).click();
    await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
    await page.context().clearCookies();
    await signIn(page);
    await expect(page.getByRole('link', { name: /Bell tower/ })).toBeVisible();
});

test('a rig that comes back starts where it was left, and its history says why the setting moved', async ({ page }) => {
    await signIn(page);
    await page.getByRole('link', { name: 'Log', exact: true }).click();
    await page.getByLabel('Find').fill('seed spring');
    await page.getByLabel('Find').press('Enter');
    await expect(page.locator('table.log tbody tr')).toHaveCount(1);
    await page.getByRole('link', { name: /Halverin/ }).click();
    await expect(page.getByText('Seed drawers moved forward').first()).toBeVisible();
    await page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Seed library, spring set-up' }) }).getByRole('link', { name: 'Return visit' }).click();
    await page.getByLabel('Long trip').check();
    await page.getByRole('button', { name: 'Show what changes' }).click();
    await expect(page.getByText(/lb more in the fresh tank, ahead of the axles: \+\d+ lb on the tongue/)).toBeVisible();
    await page.getByLabel('Customer and rig').fill('Seed library, long trip');
    await page.getByRole('button', { name: 'Start return visit' }).click();
    await openJob(page, /long trip/, 'brackets');
    await expect(page.getByText(/Return visit: start at link [\d.]+, 3 washers, left at link 4, 3 washers last time/)).toBeVisible();
});

test('what falls due is done with a distance, and a lower one is refused with a sentence', async ({ page }) => {
    await signIn(page);
    await page.getByRole('region', { name: 'Due' }).getByRole('link', { name: /Halverin/ }).click();
    await page.getByLabel('Distance on the vehicle').fill('20000');
    await page.getByRole('button', { name: 'Done: Check for wear' }).click();
    await expect(page.getByRole('alert')).toContainText('Expected at least 27968 mi, as it was read last: 20000 mi is lower.');
    await expect(page.getByLabel('Distance on the vehicle')).toHaveValue('20000');
    await page.getByLabel('Distance on the vehicle').fill('28100');
    await page.getByRole('button', { name: 'Done: Check for wear' }).click();
    await expect(page.getByRole('row', { name: /^Check for wear/ }).first()).toContainText('Not yet due');
    const [calendar] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Calendar file' }).click()]);
    expect(readFileSync(await calendar.path(), 'utf8')).toContain('SUMMARY:Service');
});

test('a photo is kept with the job, stands in its history, and is taken back', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Glassblowing/, 'brief');
    await page.getByRole('link', { name: 'Photos' }).click();
    await expect(page.getByText('No photo yet.')).toBeVisible();
    await page.getByLabel('Photo', { exact: true }).setInputFiles({ name: 'letter.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('dear owner') });
    await page.getByRole('button', { name: 'Save photo' }).click();
    await expect(page.getByRole('alert')).toContainText('Expected a photo as JPEG, PNG or WebP.');
    const picture = await page.screenshot();
    await page.getByLabel('It shows').selectOption('washers');
    await page.getByLabel('Photo', { exact: true }).setInputFiles({ name: 'washers.png', mimeType: 'image/png', buffer: picture });
    await page.getByRole('button', { name: 'Save photo' }).click();
    const kept = page.getByRole('img', { name: 'Washers' });
    await expect(kept).toBeVisible();
    await expect.poll(() => kept.evaluate((image) => [image.complete, image.naturalWidth])).toEqual([true, 1280]);
    await openJob(page, /Glassblowing/, 'brief');
    await page.getByRole('link', { name: 'Its history' }).click();
    await expect(page.getByRole('img', { name: 'Washers' })).toBeVisible();
    await page.getByRole('link', { name: 'Photos', exact: true }).first().click();
    await page.getByRole('button', { name: 'Delete photo' }).click();
    await expect(page.getByText('No photo yet.')).toBeVisible();
});
