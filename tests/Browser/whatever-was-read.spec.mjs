import { expect, test } from './shop.mjs';
import { signIn, tape } from './manners.mjs';

const verdict = (page) => page.getByRole('region', { name: 'Verdict' });

/** The person's units; choosing other ones draws the page anew. */
async function units(page, chosen) {
    const choice = page.getByLabel('Units and fineness');
    if (await choice.inputValue() !== chosen) {
        await Promise.all([page.waitForEvent('load'), choice.selectOption(chosen)]);
    }
}

/** Starts a job from the front door with nothing but what is given, in millimetres; the address of its stations. */
async function newJob(page, title, choices = {}) {
    await signIn(page);
    await units(page, '1 mm');
    await page.goto('/jobs/new');
    await page.getByLabel('Customer and rig').fill(title);
    for (const [label, option] of Object.entries(choices)) {
        await (label === 'Family' ? page.getByRole('radio', { name: option }).check() : page.getByLabel(label, { exact: true }).selectOption({ label: option }));
    }
    await page.getByRole('button', { name: 'Start job' }).click();
    await expect(page.getByRole('heading', { name: 'Alone', level: 1 })).toBeAttached();
    return page.url().replace(/[^/]+$/, '');
}

async function heights(page, stations, which) {
    for (const [station, [front, rear]] of Object.entries(which)) {
        await page.goto(stations + station);
        await page.getByLabel('Rolled forward and back').check();
        await tape(page, 'front', front);
        if (rear) {
            await tape(page, 'rear', rear);
        }
    }
}

/** Says which setting is on, as the selects offer it. */
async function isOn(page, stations, link) {
    await page.goto(`${stations}bars-up`);
    await page.locator('.setting-form').getByRole('combobox').first().selectOption({ label: link.replace(/\D+/, '') });
    await page.getByRole('button', { name: 'Record setting' }).click();
    await expect(page.locator('.ladder')).toContainText(link);
}

async function weighed(page, stations, tickets) {
    await page.goto(`${stations}weigh`);
    for (const [stance, ticket] of tickets) {
        await page.getByLabel('Weighed').selectOption(stance);
        await page.getByLabel('Ticket, typed or pasted').fill(ticket);
        await page.getByRole('button', { name: 'Save ticket' }).click();
        await expect(page.getByText('Ticket saved. It counts together with the tape.')).toBeVisible();
    }
}

test('a job from the front door with heights only is told direction and millimetres; with the family, the setting', async ({ page }) => {
    const stations = await newJob(page, 'Kite museum');
    await heights(page, stations, { alone: ['950 mm', '985 mm'], dropped: ['964 mm', '930 mm'], 'bars-up': ['962 mm', '934 mm'] });
    await expect(verdict(page)).toContainText('Too little');
    await expect(verdict(page)).toContainText(/More tension: bring the front down about \d+ mm, to 95\d mm/);

    // The verdict is drawn again when an answer comes in: a click that fell between is made again.
    await expect(async () => {
        await page.getByRole('link', { name: /Choose the hitch's family/ }).click({ timeout: 3000 });
        await expect(page.getByLabel('Family', { exact: true })).toBeVisible({ timeout: 4000 });
    }).toPass();
    await page.getByLabel('Family', { exact: true }).selectOption({ label: 'Chain and snap-up bracket' });
    await page.getByRole('button', { name: 'Save specification' }).click();
    await isOn(page, stations, 'link 5');
    await expect(verdict(page)).toContainText(/[Gg]o .*(tighter|washers?).*, to link \d/);
    await expect(verdict(page)).toContainText(/This moves about: front axle \+\d+ kg/);
});

test('the front fender alone gives a verdict', async ({ page }) => {
    const stations = await newJob(page, 'Drum workshop');
    await heights(page, stations, { alone: ['950 mm'], dropped: ['964 mm'], 'bars-up': ['945 mm'] });
    await expect(verdict(page)).toContainText('Too much');
    await expect(verdict(page)).toContainText(/Less tension: let the front rise about \d+ mm/);
    await page.getByRole('link', { name: 'Diagnosis' }).click();
    await expect(page.getByRole('heading', { name: 'Front axle over-restored' })).toBeVisible();
});

test('tickets alone give a verdict and a move', async ({ page }) => {
    const stations = await newJob(page, 'Bee hall');
    await weighed(page, stations, [['alone', 'front 1460, rear 1190'], ['dropped', 'front 1320, rear 1720, trailer 2710'], ['carried', 'front 1335, rear 1695, trailer 2720']]);
    const said = page.getByRole('region', { name: 'What the tickets say' });
    await expect(said).toContainText('Too little');
    await expect(said).toContainText(/More tension: bring the front down about \d+ mm/);
    await expect(said.locator('[data-restored]')).toHaveText(/^\d+ % ± \d+$/);
    await page.goto(`${stations}bars-up`);
    await expect(verdict(page).locator('[data-restored]')).toHaveText(/^\d+ % ± \d+$/);
    await expect(verdict(page)).toContainText(/Scale \d+ %/);
});

test('the gauge alone gives a verdict', async ({ page }) => {
    const stations = await newJob(page, 'Rope walk');
    for (const [station, load] of [['dropped', '390 kg'], ['bars-up', '1150 kg']]) {
        await page.goto(stations + station);
        await page.getByText('Other readings and sensors').click();
        await page.getByLabel('Gauge in the head').fill(load);
        await page.getByRole('button', { name: 'Save these readings' }).click();
        await expect(page.getByLabel('Gauge in the head')).toHaveValue(load);
    }
    await expect(verdict(page)).toContainText(/Gauge \d+ %/);
    await expect(verdict(page).locator('[data-restored]')).toHaveText(/^\d+ % ± \d+$/);
    await expect(verdict(page).locator('[data-move]')).toContainText(/tension/);
});

test('where levelling takes load off the front again, the range is raised and both figures are said', async ({ page }) => {
    const stations = await newJob(page, 'Clay library', { 'Self-levelling': 'Rear' });
    await heights(page, stations, { alone: ['950 mm', '985 mm'], dropped: ['964 mm', '930 mm'], 'bars-up': ['956 mm', '948 mm'] });
    await expect(verdict(page).locator('[data-road]')).toHaveText(/^\d+ % now, about \d+ % once the levelling is on$/);
    const [, now, road] = (await verdict(page).locator('[data-road]').innerText()).match(/^(\d+) % now, about (\d+) %/);
    expect(Number(road)).toBeLessThan(Number(now) - 5);
    const [, from] = (await verdict(page).innerText()).match(/Target range (\d+) to \d+ % now/);
    expect(Number(from)).toBeGreaterThan(50);
});

test('an axle load typed wrong is named, in pounds, and no fender is', async ({ page }) => {
    const stations = await newJob(page, 'Lantern store', { Family: 'Chain and snap-up bracket' });
    await isOn(page, stations, 'link 4');
    await heights(page, stations, { alone: ['950 mm', '985 mm'], dropped: ['961 mm', '930 mm'], 'bars-up': ['953 mm', '948 mm'] });
    await units(page, '1/16 in');
    await weighed(page, stations, [['alone', 'front 1460 kg, rear 1190 kg'], ['dropped', 'front 1320 kg, rear 1720 kg, trailer 2710 kg'], ['carried', 'front 1620 kg, rear 1560 kg, trailer 2770 kg']]);
    const suspects = page.locator('[data-suspect]');
    await expect(suspects).toHaveCount(1);
    await expect(suspects).toContainText('Check the front axle on the weighbridge, carried');
    await expect(suspects).toContainText(/it says 35\d\d lb/);
});
