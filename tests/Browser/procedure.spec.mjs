import { expect, test } from './shop.mjs';
import { openJob, signIn } from './manners.mjs';

test('the hook-up is run to the end on a phone, interrupted on the way', async ({ browser }) => {
    test.setTimeout(300_000);
    const page = await (await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })).newPage();
    await signIn(page);
    await openJob(page, /Planetarium/, 'hook-up-checks');
    await page.getByRole('link', { name: 'Hook up', exact: true }).tap();
    const says = page.locator('.step .says');
    const take = async (name) => {
        const before = await says.textContent();
        await page.locator('.take').getByRole('button', { name }).tap();
        await expect(says).not.toHaveText(before);
    };
    await take('Done');
    await expect(says).toHaveText('What does the jack stand on?');
    await take('Soft ground');
    await expect(says).toContainText('broad pad');
    await take('Done');
    await take('Electric');
    await expect(page.locator('.take .button').first()).toBeInViewport();

    await page.goto('/');
    await openJob(page, /Planetarium/, 'procedures/hook-up');
    await expect(page.locator('.steps-taken')).toContainText('Step 5 of');
    const seen = [];
    for (let step = 0; step < 40 && await says.count() > 0; step++) {
        const told = await says.textContent();
        seen.push(told);
        if (told.startsWith('Back the ball')) {
            await expect(page.locator('.signal svg')).toHaveCount(5);
            await expect(page.locator('.step .caution')).toContainText('Nobody between vehicle and trailer');
            const height = await page.locator('.take .button').first().evaluate((button) => button.getBoundingClientRect().height);
            expect(height).toBeGreaterThan(60);
        }
        if (told.startsWith('Check that both sides are at the mark')) {
            await expect(page.locator('.step .setting')).toContainText('Link 3.5, 3 washers');
        }
        const answer = /friction bar\?/.test(told) ? 'No' : /its own brakes/.test(told) ? 'Yes' : 'Done';
        await page.locator('.take').getByRole('button', { name: answer, exact: true }).tap();
        await page.waitForLoadState();
        await page.waitForFunction((before) => document.querySelector('.step .says')?.textContent !== before, told);
    }
    await expect(page.getByText(/All steps done, in \d+ min/)).toBeVisible();
    expect(seen.join(' ')).toContain('Clip the breakaway cable to the vehicle itself');
    expect(seen.join(' ')).not.toContain('Fit the separate friction bar');
    await page.getByRole('link', { name: 'Run again' }).tap();
    await expect(page.locator('.steps-taken')).toContainText('Step 1 of');
    await expect(page.getByText(/^Finished,/)).toBeVisible();
});

test('an answer changes the steps, and can be taken back; all steps stand on one page of paper', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Glassblowing/, 'procedures/reversing');
    await expect(page.locator('.step .says')).toContainText('ask for the bars off before reversing');
    await page.getByRole('button', { name: 'Yes', exact: true }).click();
    await expect(page.locator('.step .says')).toContainText('chock the trailer\'s wheels on both sides');
    await page.getByRole('button', { name: 'Undo step' }).click();
    await page.getByRole('button', { name: 'No', exact: true }).click();
    await expect(page.locator('.step .says')).toContainText('Walk the way first');
    await page.getByRole('link', { name: 'On paper' }).click();
    await expect(page.getByRole('listitem').filter({ hasText: 'Agree with the helper' })).toBeVisible();
    const pages = (await page.pdf({ format: 'A4', margin: { top: '12mm', bottom: '12mm', left: '12mm', right: '12mm' } })).toString('latin1').match(/\/Type\s*\/Page[^s]/g).length;
    expect(pages).toBe(1);
});

test('a check that found something stands among what invites sway', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Glassblowing/, 'sway-control');
    await page.getByRole('button', { name: /^Not OK: Friction faces clean and dry/ }).click();
    const inviting = page.getByLabel('What invites sway', { exact: true });
    await expect(inviting).toContainText('Friction faces clean and dry, no grease: found otherwise at the look.');
    await expect(inviting).toContainText('No hard braking');
    await page.getByRole('button', { name: /^OK: Friction faces clean and dry/ }).click();
    await expect(inviting).not.toContainText('found otherwise');
});

test('a road test leads back to a station, and is compared with the next one', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Bell tower/, 'road-test');
    await page.getByLabel('Highest speed, mph').fill('fast');
    await page.getByLabel('Distance, mi').fill('9');
    await page.getByLabel('Steering').selectOption('Lighter');
    await page.getByLabel('Sway', { exact: true }).selectOption('Did not settle, or grew');
    await page.getByRole('button', { name: 'Save road test' }).click();
    await expect(page.locator('#speed-says')).toContainText('Expected the highest speed driven');
    await expect(page.getByLabel('Highest speed, mph')).toHaveValue('fast');
    await expect(page.getByLabel('Sway', { exact: true })).toHaveValue('grew');
    await page.getByLabel('Highest speed, mph').fill('45');
    await page.getByRole('button', { name: 'Save road test' }).click();
    const said = page.getByLabel('Road test result');
    await expect(said).toContainText('9 mi, up to 45 mph');
    await expect(said.locator('.do-next').first()).toContainText('Sway that does not settle');
    await expect(said).toContainText('Front axle light');
    await said.getByRole('link', { name: 'Bars up' }).click();
    await expect(page).toHaveURL(/bars-up$/);

    await openJob(page, /Bell tower/, 'sway-control');
    await expect(page.getByRole('listitem').filter({ hasText: 'Sway was felt on the road' })).toBeVisible();
    await openJob(page, /Bell tower/, 'road-test');
    await page.getByLabel('Highest speed, mph').fill('50');
    await page.getByLabel('Distance, mi').fill('12 km');
    await page.getByRole('button', { name: 'Save road test' }).click();
    await expect(said.getByRole('heading').first()).toContainText('7 mi, up to 50 mph');
    await expect(said).toContainText('Nothing points at the set-up.');
    await openJob(page, /Bell tower/, 'sway-control');
    await expect(page.getByRole('listitem').filter({ hasText: 'Sway was felt on the road' })).toHaveCount(0);
});
