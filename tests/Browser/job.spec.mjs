import { expect, test } from './shop.mjs';
import { openJob, signIn, tape } from './manners.mjs';

const verdict = (page) => page.getByRole('region', { name: 'Verdict' });
const front = (page) => page.locator('[data-field="front"]');
const rear = (page) => page.locator('[data-field="rear"]');

/** A station is there, and hears keys. */
async function stands(page, station) {
    await expect(page.getByRole('heading', { name: station, level: 1 })).toBeVisible();
    await page.waitForLoadState('load');
}

test('the half-done job is worked with the keyboard alone, from sign-in to verdict', async ({ page }) => {
    await signIn(page);
    await page.getByRole('link', { name: /Glassblowing stage/ }).focus();
    await page.keyboard.press('Enter');
    await stands(page, 'Bars up');
    for (const station of ['Dropped', 'Brackets', 'Head', 'Alone']) {
        await page.keyboard.press('PageUp');
        await stands(page, station);
    }

    // Dropped is measured already: what is to be done next is at the bars.
    const stances = [['39 7/8', '41 3/8', ['Dropped']], ['40-1/2"', '39 1/8', []]];
    for (const [frontHeight, rearHeight, back] of stances) {
        await expect(front(page)).toBeFocused();
        await page.keyboard.press('Control+A');
        await page.keyboard.type(frontHeight);
        await page.keyboard.press('Enter');
        await expect(rear(page)).toBeFocused();
        await page.keyboard.type(rearHeight);
        await page.keyboard.press('Enter');
        await stands(page, 'Bars up');
        for (const station of back) {
            await page.keyboard.press('PageUp');
            await stands(page, station);
        }
    }

    await page.evaluate(() => { window.sameDocument = true; });
    await expect(verdict(page)).toContainText('No verdict yet');
    await page.getByLabel('Rolled forward and back').focus();
    await page.keyboard.press('Space');
    await front(page).focus();
    await page.keyboard.type('40 7/16');
    await expect(verdict(page)).toContainText('Too little');
    await page.keyboard.press('Control+A');
    await page.keyboard.type('40 1/32');
    await expect(verdict(page)).toContainText(/7\d %/);
    await expect(verdict(page)).toContainText('In range');
    await expect(verdict(page)).toContainText('Leave the tension as it is.');
    await page.keyboard.press('Enter');
    await page.keyboard.type('39 15/16');
    const saved = page.waitForResponse((response) => response.url().endsWith('/tape') && response.request().postData()?.includes('39 15/16') === true);
    await page.keyboard.press('Enter');
    await saved;
    await expect(page.getByRole('status')).toHaveText(/Saved \d\d:\d\d/);
    expect(await page.evaluate(() => window.sameDocument)).toBe(true);

    await page.reload();
    await expect(front(page)).toHaveValue('40 1/32');
    await expect(rear(page)).toHaveValue('39 15/16');
    await expect(verdict(page)).toContainText(/[78]\d %/);
    await page.getByLabel('Units and fineness').selectOption('1 mm');
    await expect(front(page)).toHaveValue('1017 mm');
    await expect(verdict(page)).toContainText('1013 mm');
    await page.goto(page.url().replace('bars-up', 'dropped'));
    await expect(front(page)).toHaveValue('1029 mm');
    await page.getByLabel('Units and fineness').selectOption('1/16 in');
    await expect(front(page)).toHaveValue('40-1/2"');
});

test('a slip is said beside its field, kept through a reload, and holds up nothing else', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Puppet theatre/, 'alone');
    await tape(page, 'front', '28 17/16');
    const says = page.locator('#front-says');
    await expect(says).toContainText('17/16 is not');
    await expect(front(page)).toHaveAttribute('aria-invalid', 'true');
    const answer = await tape(page, 'rear', '29 1/16');
    expect(answer.fields.rear.saved).toBe('saved');
    await expect(front(page)).toHaveValue('28 17/16');

    await page.reload();
    await expect(front(page)).toHaveValue('28 17/16');
    await expect(rear(page)).toHaveValue('29 1/16');
    await page.getByRole('button', { name: 'Save heights' }).click();
    await expect(front(page)).toBeFocused();
    await expect(says).toContainText('17/16 is not');

    await tape(page, 'front', '28 3/4');
    await expect(says).toContainText('730 mm, good to');
    await page.reload();
    await expect(front(page)).toHaveValue('28 3/4');
});

test('an empty field asks for its height only when the person wants to go on', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Puppet theatre/, 'dropped');
    await tape(page, 'front', '28 15/16');
    await expect(page.locator('#rear-says')).toHaveText('');
    await page.getByRole('button', { name: 'Save heights' }).click();
    await expect(page.locator('#rear-says')).toContainText('Expected a length such as 38 1/2');
    await expect(rear(page)).toBeFocused();
});

test('the second of two tabs is told, and loses nothing', async ({ browser }) => {
    const context = await browser.newContext();
    const one = await context.newPage();
    await signIn(one);
    const two = await context.newPage();
    const address = await openJob(one, /Bell tower/, 'bars-up');
    await two.goto(address);
    await tape(one, 'front', '37 1/8');
    const late = await tape(two, 'front', '37 1/4');
    expect(late.fields.front.saved).toBe('overtaken');
    await expect(two.locator('#front-says')).toContainText('saved 37 1/8 here at');
    await expect(front(two)).toHaveValue('37 1/4');

    await two.getByRole('button', { name: 'Save heights' }).click();
    await expect(two.getByRole('status')).toHaveText(/Saved/);
    await one.reload();
    await expect(front(one)).toHaveValue('37 1/4');
    await one.goto(address.replace('bars-up', 'tape-log'));
    await expect(one.getByRole('row').filter({ hasText: 'superseded' })).toHaveCount(2);
});

test('dropped typed in place of carried is questioned, not refused', async ({ page }) => {
    await signIn(page);
    const bars = (await openJob(page, /Seed library, heavier/, 'dropped')).replace('dropped', 'bars-up');
    await page.getByLabel('Units and fineness').selectOption('1 mm');
    await expect(front(page)).toHaveValue(/mm|^\d{3}$/);
    const dropped = [await front(page).inputValue(), await rear(page).inputValue()];
    await page.goto(bars);
    await tape(page, 'front', dropped[0]);
    const answer = await tape(page, 'rear', dropped[1]);
    expect(answer.fields.rear.saved).toBe('saved');
    await expect(page.locator('#rear-says')).toContainText('dropped typed in place of carried');
    await expect(page.locator('#rear-says')).toHaveAttribute('data-tone', 'caution');
    await page.getByLabel('Units and fineness').selectOption('1/16 in');
    await expect(page.getByText('to the nearest 1/16 in').or(page.locator('.readout strong', { hasText: '/' })).first()).toBeVisible();
});

test('the pad types sixteenths for gloved fingers', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Puppet theatre/, 'bars-up');
    await page.getByRole('button', { name: 'Keys', exact: true }).click();
    const key = (name) => page.locator('[data-pad]').getByRole('button', { name, exact: true });
    for (const name of ['2', '8', '3/8', '13/16']) {
        await key(name).click();
    }
    await expect(front(page)).toHaveValue('28 13/16');
    await key('⌫').click();
    await expect(front(page)).toHaveValue('28');
    await key('7/8').click();
    await expect(page.locator('#front-says')).toContainText('733 mm');
    await page.keyboard.press('Escape');
    await page.keyboard.press('k');
    await expect(page.locator('[data-pad]')).toBeHidden();
});

test('heights are drawn five times larger at a press, and a dimension leads to its field', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Planetarium/, 'prove');
    const top = () => page.locator('.rig .tip.is-dropped').nth(1).evaluate((line) => Number(line.getAttribute('y1')));
    const alone = await page.locator('.rig .tip.is-alone').nth(1).evaluate((line) => Number(line.getAttribute('y1')));
    const trueDrop = alone - (await top());
    await page.getByRole('link', { name: 'Heights ×5' }).click();
    await expect(page.getByRole('link', { name: 'Heights to scale' })).toBeVisible();
    expect(Math.abs(alone - (await top()) - 5 * trueDrop)).toBeLessThanOrEqual(5);

    await openJob(page, /Planetarium/, 'bars-up');
    await expect(page.getByRole('link', { name: 'Heights ×5' })).toBeVisible();
    await page.locator('[data-field]:focus').waitFor();
    await page.keyboard.press('Escape');
    await expect(page.locator('[data-field]:focus')).toHaveCount(0);
    await page.keyboard.press('m');
    await expect(page.getByRole('link', { name: 'Heights to scale' })).toBeVisible();
    await page.getByRole('link', { name: /Rear fender dropped: 36 1\/2 in/ }).click();
    await expect(page).toHaveURL(/dropped#rear$/);
});

test('what is typed is saved before a page key leaves the station, and the focus survives a redraw', async ({ page }) => {
    await signIn(page);
    const address = await openJob(page, /Puppet theatre/, 'alone');
    await front(page).fill('28 9/16');
    await page.keyboard.press('PageDown');
    await expect(page.getByRole('heading', { name: 'Head', level: 1 })).toBeVisible();
    await page.goto(address.replace('/alone', '/tape-log'));
    await expect(page.getByRole('row').filter({ hasText: '28 9/16' })).toContainText('stands');

    await page.goto(address);
    const link = page.getByRole('link', { name: /^Heights/ });
    await link.focus();
    await page.keyboard.press('Enter');
    await expect(link).toHaveText('Heights to scale');
    await expect(link).toBeFocused();
    await expect(page.locator('[data-said]')).toContainText('Next: head');
});

test('a job is started from nothing, and everything typed survives a slip', async ({ page }) => {
    await signIn(page);
    await page.keyboard.press('n');
    await expect(page.getByLabel('Customer and rig')).toBeFocused();
    await page.keyboard.type('Ferry organ <b>loud</b>');
    await page.getByText('Dimensions, if you have them').click();
    for (const [label, text] of [['Wheelbase', '146 1/2'], ['Overhang', '51 17/16'], ['Ball to axle', '206'], ['Gross weight, lb', '6800'], ['Bar arm', '28 1/4']]) {
        await page.getByLabel(label, { exact: true }).fill(text);
    }
    for (const [name, text] of [['vehicle_name', 'Corvane Drover'], ['trailer_name', 'Organ wagon'], ['hitch_name', 'Bramblejaw 551']]) {
        await page.locator(`[name="${name}"]`).fill(text);
    }
    await page.keyboard.press('Enter');
    await expect(page.getByRole('alert')).toContainText('2 fields need another look');
    await expect(page.locator('#overhang-says')).toContainText('17/16');
    await expect(page.locator('#title-says')).toContainText('without < or >');
    await expect(page.getByLabel('Customer and rig')).toHaveValue('Ferry organ <b>loud</b>');
    await expect(page.getByLabel('Wheelbase')).toHaveValue('146 1/2');

    await page.getByLabel('Overhang').fill('51 1/16');
    await page.getByLabel('Customer and rig').fill('Ferry organ');
    await page.getByRole('button', { name: 'Start job' }).click();
    await expect(page.getByRole('heading', { name: 'Alone', level: 1 })).toBeAttached();
    await expect(page.locator('.rig .tyre')).toHaveCount(4);
});

test('a part of the garage is found by a few letters, with the keyboard, and what is not there becomes a new one', async ({ page }) => {
    await signIn(page);
    await page.goto('/jobs/new');
    await page.getByLabel('Customer and rig').fill('Lantern float');
    const vehicle = page.getByRole('combobox', { name: 'Vehicle' });
    await vehicle.focus();
    await page.keyboard.type('ver SHORT');
    await expect(page.locator('.found:not([hidden])').getByRole('option')).toHaveCount(1);
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await expect(vehicle).toHaveValue('Corvane Drover short cab');
    await expect(page.getByLabel('Class', { exact: true })).toBeHidden();
    await vehicle.press('Backspace');
    await expect(page.getByLabel('Class', { exact: true })).toBeVisible();
    await expect(page.locator('.found:not([hidden])').getByRole('option')).toHaveCount(1);
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await expect(vehicle).toHaveValue('Corvane Drover short cab');
    const trailer = page.getByRole('combobox', { name: 'Trailer' });
    await trailer.fill('Lantern wagon');
    await expect(page.getByText('Not in the garage: it will be a new one.')).toBeVisible();
    await page.getByRole('radio', { name: 'Bar on cam' }).check();
    await page.getByRole('button', { name: 'Start job' }).click();
    await expect(page.locator('[data-move]')).toContainText('Next: measure the vehicle alone.');
    await page.goto(page.url().replace(/[^/]+$/, 'brief'));
    await expect(page.locator('[data-first]')).toContainText(/First setting: link/);
    await expect(page.getByRole('img', { name: /Side elevation of Corvane Drover short cab with Lantern wagon/ })).toBeVisible();
    await page.getByRole('form', { name: 'Worth knowing next' }).getByRole('textbox').fill('no idea');
    await page.getByRole('form', { name: 'Worth knowing next' }).getByRole('button', { name: 'Save' }).click();
    await expect(page.locator('#fact-says')).toContainText('Expected');
    await expect(page.locator('#fact')).toHaveValue('no idea');
});
