import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { account } from './browser.mjs';
import { signIn } from './manners.mjs';
import { expect, test } from './shop.mjs';

/** The client that docs/interface.md shows, as it stands there. */
const client = readFileSync('docs/interface.md', 'utf8').match(/```bash\n(#!\/usr\/bin\/env bash\n[\s\S]*?)```/)[1];

test('the client of the docs writes a set-up and reads its verdict, twice the same', async ({ page, baseURL }) => {
    await signIn(page);
    await page.goto('/jobs/new');
    await page.getByLabel('Customer and rig').fill('Written by a program');
    await page.locator('.family-tile').filter({ hasText: 'Chain and snap-up bracket' }).click();
    await page.getByRole('button', { name: 'Start job' }).click();
    await page.waitForURL(/\/jobs\/\d+\//);
    const job = page.url().match(/jobs\/(\d+)/)[1];
    await page.goto('/account/tokens');
    await page.locator('#name').fill('Docs');
    for (const right of await page.locator('input[name="rights[]"]').all()) {
        await right.check();
    }
    await page.locator('#password_now').fill(account.password);
    await page.locator('form').filter({ has: page.locator('#name') }).getByRole('button').click();
    const token = (await page.locator('main').innerText()).match(/yoke_[A-Za-z0-9]+/)?.[0] ?? await page.locator('input[readonly]').inputValue();

    const said = execFileSync('bash', ['-c', client, 'client.sh', job], { env: { ...process.env, YOKE_SHOP: baseURL, YOKE_TOKEN: token } }).toString();
    expect(said).toMatch(/(too_little|in_range|too_much): \d+ % restored\n$/);
    await page.goto(`/jobs/${job}/bars-up`);
    await expect(page.locator('[data-restored]').first()).toContainText(said.match(/(\d+) % restored/)[1]);
    await expect(page.locator('[data-field="front"]')).toHaveValue('37 11/16 in');
});
