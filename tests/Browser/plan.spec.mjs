import { expect, test } from '@playwright/test';
import { openJob, signIn } from './manners.mjs';

const plan = (page) => page.getByRole('complementary', { name: 'Plan' });

test('the plan follows a trailer as its weight is typed, and the ledger names what is over', async ({ page }) => {
    await signIn(page);
    await page.getByRole('link', { name: 'Garage' }).click();
    await page.getByRole('link', { name: /Duskwell 24 dome carrier/ }).click();
    await expect(plan(page)).toContainText('First setting');
    const ball = () => plan(page).locator('dd').first().textContent();
    const before = await ball();

    const weight = page.getByLabel('Gross trailer weight');
    await weight.fill('8200');
    await expect(plan(page)).toContainText('Over its rating: trailer, gross, 8200 lb of 7496 lb.');
    await page.getByLabel('Tongue weight, level').fill('1100');
    await expect.poll(ball).not.toBe(before);
    await weight.fill('heavy');
    await expect(page.locator('#gross_weight_kg-says')).toContainText('does not read as a weight');
    await weight.fill('8200');
    await expect(page.locator('#gross_weight_kg-says')).toHaveText('As it travels');
    await page.getByRole('button', { name: 'Save the sheet' }).click();
    await expect(page.getByRole('status')).toContainText('Open jobs with it are planned again');
    await expect(weight).toHaveValue('8200 lb');

    await openJob(page, /Planetarium/, 'brief');
    await expect(page.getByRole('region', { name: 'Plan' })).not.toContainText('8200 lb');
});

test('the trailer is levelled on its jack without losing the fenders being typed', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Puppet theatre/, 'alone');
    await page.locator('[data-field="front"]').fill('28 7/8');
    await page.getByText('Level the trailer').click();
    for (const [label, text] of [['Frame, front mark', '19'], ['Frame, rear mark', '20'], ['Between the marks', '96'], ['Coupler now, if taped', '17']]) {
        await page.getByLabel(label).fill(text);
    }
    await page.getByRole('button', { name: 'Which way to jack' }).click();
    await expect(page.getByText(/^Jack the coupler up by 1 1\/2 in\. Level, the coupler reads 18 1\/2 in\.$/)).toBeVisible();
    await expect(page.locator('[data-field="front"]')).toHaveValue('28 7/8');
});

test('a job begun from nothing is planned as its sheets are filled', async ({ page }) => {
    await signIn(page);
    await page.goto('/jobs/new');
    for (const [name, text] of [['title', 'Tide clock, first set-up'], ['vehicle_name', 'Corvane Drover long bed'], ['wheelbase', '150'], ['overhang', '52'], ['trailer_name', 'Clock house'], ['ball_to_axle', '210'], ['gross_weight', '6400'], ['hitch_name', 'Bramblejaw 450'], ['bar_arm', '28']]) {
        await page.locator(`[name="${name}"]`).fill(text);
    }
    await page.getByRole('button', { name: 'Start the job' }).click();
    const bench = page.url();
    await page.goto(bench.replace(/[^/]+$/, 'brackets'));
    await page.getByRole('link', { name: 'To the hitch\'s sheet' }).click();
    await page.getByLabel('Family', { exact: true }).selectOption({ label: 'Chain and snap-up bracket' });
    await page.getByLabel('Bars rated to').fill('1000');
    await page.getByRole('button', { name: 'Save the sheet' }).click();
    await page.goto(bench.replace(/[^/]+$/, 'brackets'));
    await expect(page.getByRole('region', { name: 'Plan' })).toContainText(/Start at link \d/);
    await page.goto(bench.replace(/[^/]+$/, 'head'));
    await expect(page.getByRole('region', { name: 'Plan' })).toContainText('so that the trailer ends level');
    await page.goto(bench.replace(/[^/]+$/, 'brief'));
    await expect(page.getByRole('region', { name: 'Plan' })).toContainText('Tongue weight taken as 12.5 % of gross');
});
