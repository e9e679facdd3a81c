import { expect, test } from './shop.mjs';
import { openJob, signIn } from './manners.mjs';

const waiting = (page) => page.locator('[data-waiting]');

test('what is typed while the connection is gone waits, says so, and is sent in order and once', async ({ page, context }) => {
    await signIn(page);
    await openJob(page, /Puppet/, 'alone');
    await context.setOffline(true);
    await page.getByRole('textbox', { name: 'Front fender' }).fill('28 9/16');
    await page.getByRole('textbox', { name: 'Front fender' }).press('Enter');
    await expect(waiting(page)).toContainText('One entry waits here, in this browser');
    await page.getByRole('textbox', { name: 'Rear fender' }).fill('29 5/16');
    await page.getByRole('textbox', { name: 'Front fender' }).click();
    await expect(waiting(page)).toContainText('2 entries wait here');
    await page.getByRole('textbox', { name: 'Front fender' }).fill('28 11/16');
    await page.getByRole('textbox', { name: 'Rear fender' }).click();
    await expect(waiting(page)).toContainText('3 entries wait here');
    await page.getByRole('link', { name: 'Brief' }).click();
    await expect(page).toHaveURL(/\/alone$/);
    await expect(page.getByRole('textbox', { name: 'Front fender' })).toHaveValue('28 11/16');

    await context.setOffline(false);
    await expect(waiting(page)).toBeHidden();
    await openJob(page, /Puppet/, 'tape-log');
    const lines = (await page.locator('table.log tbody tr').allInnerTexts()).map((line) => line.split('\t')).map((cells) => [cells[4], cells[7]]);
    expect(lines.slice(-3)).toEqual([['28 9/16', expect.stringContaining('superseded')], ['29 5/16', 'stands'], ['28 11/16', 'stands']]);
});

test('who leaves a page while it is being saved loses nothing of what was typed, and stays where they went', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Puppet/, 'alone');
    const job = new URL(page.url()).pathname.split('/').slice(0, 3).join('/');
    await page.goto(`${job}/tape-log`);
    const kept = await page.locator('table.log').getByText(/^2[79] 1[1-5]\/16$/).count();
    await openJob(page, /Puppet/, 'alone');
    // The server takes its time over what is saved.
    await page.route('**/alone/tape', async (route) => {
        await new Promise((done) => setTimeout(done, 3000));
        await route.continue().catch(() => null);
    });
    await page.getByRole('textbox', { name: 'Front fender' }).fill('27 11/16');
    await page.getByRole('textbox', { name: 'Rear fender' }).fill('29 15/16');
    await page.getByRole('textbox', { name: 'Rear fender' }).press('Tab');
    await page.goto(`${job}/tape-log`);
    await page.unroute('**/alone/tape');
    await expect(async () => {
        await page.goto(`${job}/tape-log`);
        await expect(page.locator('table.log').getByText(/^2[79] 1[1-5]\/16$/)).toHaveCount(kept + 2, { timeout: 2000 });
    }).toPass({ timeout: 30_000 });
    await expect(page.locator('table.log').getByText('29 15/16', { exact: true })).toHaveCount(1);
    expect(new URL(page.url()).pathname).toBe(`${job}/tape-log`);
});

test('an answer that got lost on the way is asked for again, and the entry stands once', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Puppet/, 'dropped');
    let lost = 0;
    await page.route('**/dropped/tape', async (route) => {
        lost += 1;
        if (lost === 1) {
            await route.fetch();
            await route.abort();
        } else {
            await route.continue();
        }
    });
    await page.getByRole('textbox', { name: 'Front fender' }).fill('30 3/16');
    await page.getByRole('textbox', { name: 'Rear fender' }).fill('26 13/16');
    await page.getByRole('textbox', { name: 'Rear fender' }).press('Tab');
    await expect.poll(() => lost).toBeGreaterThan(1);
    await expect(waiting(page)).toBeHidden();
    await openJob(page, /Puppet/, 'tape-log');
    await expect(page.locator('table.log').getByText('30 3/16', { exact: true })).toHaveCount(1);
    await expect(page.locator('table.log').getByText('26 13/16', { exact: true })).toHaveCount(1);
});

test('other entries wait too, outlive a reload, and one that cannot be taken comes back with its sentence', async ({ page, context }) => {
    await signIn(page);
    await openJob(page, /Bell tower/, 'sway-control');
    const say = page.getByRole('button', { name: /^OK: / }).first();
    await context.setOffline(true);
    await say.click();
    await expect(waiting(page)).toContainText('One entry waits');
    // Two more of this person's, as an earlier version kept them: as they were typed.
    const address = page.url().replace('sway-control', '');
    await page.evaluate((job) => {
        const name = `yoke.waiting.${document.body.dataset.person}`;
        localStorage.setItem(name, JSON.stringify([
            { once: '00000000-1111-2222-3333-666666666666', url: `${job}sway-control/checks`, what: 'A check', fields: [['check', document.querySelector('[name="check"]').value], ['answer', 'yes']] },
            { once: '00000000-1111-2222-3333-555555555555', url: `${job}sway-control/checks`.replace(/jobs\/\d+/, 'jobs/4321'), what: 'Of a job that is gone', fields: [['answer', 'yes']] },
            { once: '00000000-1111-2222-3333-444444444444', url: `${job}bars-up/measures`, what: 'Other readings', fields: [['coupler', 'rather high']] },
            { once: '00000000-1111-2222-3333-777777777777', url: `${job.split('/jobs')[0]}/password-again`, what: 'Go on', fields: [['password', 'tape-in-hand']] },
        ]));
    }, address);
    await context.setOffline(false);
    await page.reload();
    await expect(waiting(page)).toContainText('Sent, but not saved: Other readings (rather high).');
    expect(await page.evaluate(() => JSON.stringify({ ...localStorage }))).not.toContain('tape-in-hand');
    expect(await page.evaluate(() => JSON.stringify({ ...localStorage }))).not.toContain('rather high');
    await expect(waiting(page)).toContainText('xpected');
    await expect(waiting(page)).toContainText('Sent, but not saved: Of a job that is gone (yes). The server could not do this');
    await page.getByRole('button', { name: 'Dismiss' }).click();
    await expect(waiting(page)).toBeHidden();
    await page.reload();
    await expect(waiting(page)).toBeHidden();
    await expect(say).toHaveAttribute('aria-pressed', 'true');
});

test('an entry that the server breaks down over waits until it can be taken, however long that is, and is then saved', async ({ page, context }) => {
    await signIn(page);
    await openJob(page, /Bell tower/, 'sway-control');
    let asked = 0;
    await page.clock.install();
    await page.route('**/checks', (route) => {
        asked += 1;
        return asked % 2 ? route.fulfill({ status: 500, contentType: 'application/json', body: '{}' }) : route.fulfill({ status: 503, contentType: 'application/json', body: '{"message":"The disk that holds the database is full."}' });
    });
    await context.setOffline(true);
    const say = page.getByRole('button', { name: /^Not OK: / }).last();
    await say.click();
    await expect(waiting(page)).toContainText('One entry waits');
    await context.setOffline(false);
    for (let tries = 1; tries <= 8; tries++) {
        await page.clock.runFor(5_000);
        await expect.poll(() => asked).toBeGreaterThanOrEqual(tries);
    }
    await expect(waiting(page)).toContainText('One entry waits');
    await expect(waiting(page)).not.toContainText('Sent, but not saved');
    await page.reload();
    await expect(waiting(page)).toContainText('One entry waits');
    await page.unroute('**/checks');
    await page.clock.runFor(5_000);
    await expect(waiting(page)).toBeHidden();
    await page.reload();
    await expect(say).toHaveAttribute('aria-pressed', 'true');
});
