import { expect, test } from '@playwright/test';
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
    await page.evaluate(() => {
        const name = `yoke.waiting.${document.body.dataset.person}`;
        const kept = JSON.parse(localStorage.getItem(name));
        kept.push({ once: '00000000-1111-2222-3333-444444444444', url: kept[0].url.replace('sway-control/checks', 'bars-up/measures'), what: 'Other readings', fields: [['coupler', 'rather high']] });
        kept.splice(1, 0, { once: '00000000-1111-2222-3333-555555555555', url: kept[0].url.replace(/jobs\/\d+/, 'jobs/4321'), what: 'Of a job that is gone', fields: [['answer', 'yes']] });
        localStorage.setItem(name, JSON.stringify(kept));
    });
    await context.setOffline(false);
    await page.reload();
    await expect(waiting(page)).toContainText('Sent, but not saved: Other readings (rather high).');
    await expect(waiting(page)).toContainText('xpected');
    await expect(waiting(page)).toContainText('Sent, but not saved: Of a job that is gone (yes). The server could not do this');
    await page.getByRole('button', { name: 'Dismiss' }).click();
    await expect(waiting(page)).toBeHidden();
    await page.reload();
    await expect(waiting(page)).toBeHidden();
    await expect(say).toHaveAttribute('aria-pressed', 'true');
});

test('an entry that the server breaks down over is tried again a while, then told, and what was typed is not lost', async ({ page, context }) => {
    await signIn(page);
    await openJob(page, /Bell tower/, 'sway-control');
    let asked = 0;
    await page.route('**/checks', (route) => {
        asked += 1;
        return route.fulfill({ status: 500, contentType: 'application/json', body: '{}' });
    });
    await context.setOffline(true);
    await page.getByRole('button', { name: /^Not OK: / }).last().click();
    await expect(waiting(page)).toContainText('One entry waits');
    await context.setOffline(false);
    await expect(waiting(page)).toContainText('The server could not do this.');
    await expect(waiting(page)).toContainText('Sent, but not saved:', { timeout: 60_000 });
    expect(asked).toBe(5);
    await page.reload();
    await expect(waiting(page)).toContainText(/\(\w+, no\)\. The server could not do this/);
    await page.getByRole('button', { name: 'Dismiss' }).click();
    await expect(waiting(page)).toBeHidden();
});
