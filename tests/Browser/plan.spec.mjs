import { expect, test } from './shop.mjs';
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
    await expect(plan(page)).toContainText('Over its rating: trailer, gross, 8200 lb of 7500 lb.');
    await page.getByLabel('Tongue weight, level').fill('1100');
    await expect.poll(ball).not.toBe(before);
    await weight.fill('heavy');
    await expect(page.locator('#gross_weight_kg-says')).toContainText('does not read as a weight');
    await weight.fill('8200');
    await expect(page.locator('#gross_weight_kg-says')).toHaveText('As it travels');
    await page.getByRole('button', { name: 'Save specification' }).click();
    await expect(page.getByRole('status')).toContainText('Open jobs with it are planned again');
    await expect(weight).toHaveValue('8200 lb');

    await openJob(page, /Planetarium/, 'brief');
    await expect(page.getByRole('region', { name: 'Plan' })).not.toContainText('8200 lb');
});

test('what was typed before the scripts of a sheet had come is answered, too', async ({ browser }) => {
    // What a page needs is kept by its worker: here it comes from the shop, and late.
    const page = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
    await signIn(page);
    let release;
    const held = new Promise((resolve) => { release = resolve; });
    await page.route(/\/sheet-[^/]*\.js$/, async (route) => {
        await held;
        await route.continue();
    });
    await page.getByRole('link', { name: 'Garage' }).click();
    await page.getByRole('link', { name: /Duskwell 24 dome carrier/ }).click({ noWaitAfter: true });
    await page.getByLabel('Gross trailer weight').fill('8450');
    await expect(plan(page)).not.toContainText('8450 lb of 7500 lb');
    release();
    await expect(plan(page)).toContainText('Over its rating: trailer, gross, 8450 lb of 7500 lb.');
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
    await page.getByText('Dimensions, if you have them').click();
    for (const [name, text] of [['title', 'Tide clock, first set-up'], ['vehicle_name', 'Corvane Drover long bed'], ['wheelbase', '150'], ['overhang', '52'], ['trailer_name', 'Clock house'], ['ball_to_axle', '210'], ['gross_weight', '6400'], ['hitch_name', 'Bramblejaw 450'], ['bar_arm', '28']]) {
        await page.locator(`[name="${name}"]`).fill(text);
    }
    await page.getByRole('button', { name: 'Start job' }).click();
    const bench = page.url();
    await page.goto(bench.replace(/[^/]+$/, 'brackets'));
    await page.getByRole('link', { name: 'Choose the family' }).click();
    await page.getByLabel('Family', { exact: true }).selectOption({ label: 'Chain and snap-up bracket' });
    await page.getByLabel('Bars rated to').fill('1000');
    await page.getByRole('button', { name: 'Save specification' }).click();
    await page.goto(bench.replace(/[^/]+$/, 'brackets'));
    await expect(page.getByRole('region', { name: 'Plan' })).toContainText(/Hook up at link \d/);
    await page.goto(bench.replace(/[^/]+$/, 'head'));
    await expect(page.getByRole('region', { name: 'Plan' })).toContainText('so that the trailer ends level');
    await page.goto(bench.replace(/[^/]+$/, 'brief'));
    await expect(page.getByRole('region', { name: 'Plan' })).toContainText('Tongue weight assumed: 12.5 % of gross');
});

test('the plan prints on one page of A4 and of Letter', async ({ page }) => {
    await signIn(page);
    for (const job of [/Planetarium/, /Puppet theatre/]) {
        await openJob(page, job, 'brief');
        await page.getByRole('link', { name: 'Plan on paper' }).click();
        await expect(page.getByRole('heading', { name: /^Plan: / })).toBeVisible();
        for (const format of ['A4', 'Letter']) {
            const paper = (await page.pdf({ format })).toString('latin1');
            expect(paper.match(/\/Type \/Page\b/g)).toHaveLength(1);
        }
    }
});

test('a head bolted against a warning asks why, and the drawing follows', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Planetarium/, 'head');
    const drawing = page.locator('[data-part="drawing"] svg.rig');
    const before = await drawing.innerHTML();
    await page.getByLabel('In rise, hole 1').check();
    await page.getByRole('button', { name: 'Record this hole' }).first().click();
    await expect(page.getByRole('alert')).toContainText('Expected the reason for this place');
    await expect(page.getByLabel('In rise, hole 1')).toBeChecked();
    await page.getByLabel('Reason, if something').first().fill('The drop side meets the spare wheel.');
    await page.getByRole('button', { name: 'Record this hole' }).first().click();
    await expect(page.getByText('Bolted in rise, hole 1')).toBeVisible();
    await expect.poll(() => drawing.innerHTML()).not.toBe(before);
});

test('a part is described, copied, paired and put away in the garage', async ({ page }) => {
    await signIn(page);
    await page.goto('/garage/hitch/new');
    await page.getByLabel('Name').fill('Fernclasp 360');
    await page.getByLabel('Bar arm').fill('27 17/2');
    await page.getByRole('button', { name: 'Save specification' }).click();
    await expect(page.locator('#bar_arm_mm-says')).toContainText('17/2');
    await page.getByLabel('Bar arm').fill('27 1/2');
    await page.getByRole('button', { name: 'Save specification' }).click();
    await page.getByRole('link', { name: 'Garage' }).click();
    await page.getByLabel('Hitch', { exact: true }).selectOption({ label: 'Fernclasp 360' });
    await page.getByRole('button', { name: 'Pair rig' }).click();
    await expect(page.getByRole('status')).toContainText('are paired');
    await page.getByRole('link', { name: 'Hitches' }).click();
    await page.getByRole('button', { name: 'Copy Fernclasp 360' }).click();
    await expect(page.getByLabel('Name')).toHaveValue('Fernclasp 360, copy');
    await page.goto('/garage/hitch');
    await page.getByRole('button', { name: 'Archive Fernclasp 360, copy' }).click();
    await expect(page.getByRole('region', { name: 'Fernclasp 360, copy' })).toHaveCount(0);
    await page.getByRole('link', { name: 'Archive', exact: true }).click();
    await expect(page.getByRole('region', { name: 'Fernclasp 360, copy' })).toBeVisible();
});
