import { connect } from 'node:net';
import { expect, shop, test } from './shop.mjs';
import { openJob, signIn } from './manners.mjs';

const heavier = /Seed library, heavier/;

/** Makes a simulated device fail, or work again. */
function trouble(kind, what) {
    return new Promise((resolve, reject) => {
        const line = connect(shop.devices, '127.0.0.1', () => line.write(`trouble ${kind} ${what}\n`));
        line.once('data', (answer) => { line.end(); resolve(String(answer).trim()); });
        line.once('error', reject);
    });
}

const figure = async (locator) => Number((await locator.textContent()).match(/[\d.]+/)[0]);
const tongueShare = (page) => page.getByRole('row', { name: /Share of gross on the tongue/ }).getByRole('cell').last();

test('three looks at the weighbridge give the verdict; water moved to the rear tank takes share off the tongue and changes the move', async ({ page }) => {
    await signIn(page);
    await openJob(page, heavier, 'weigh');
    for (const stance of ['Alone', 'Dropped, bars off', 'Carried, at the current setting']) {
        await page.getByLabel('Weighed').selectOption(stance);
        await page.getByRole('button', { name: 'Read the weighbridge' }).click();
        await expect(page.locator('[data-device-says]')).toContainText('settling');
        await expect(page.getByLabel('Ticket, typed or pasted')).toHaveValue(/^front \d+ lb\nrear \d+ lb/);
        await page.getByRole('button', { name: 'Save ticket' }).click();
        await expect(page.getByText('Ticket saved. It counts together with the tape.')).toBeVisible();
    }
    const verdict = page.getByRole('region', { name: 'What the tickets say' });
    await expect(verdict).toContainText('Too little');
    await expect(verdict).toContainText(/Front axle load restored: 4\d % ± \d+/);
    await expect(verdict).toContainText(/Go .* tighter, to link/);

    await page.getByRole('link', { name: 'Loads' }).click();
    await page.getByRole('button', { name: 'Copy load state' }).click();
    await page.getByLabel('This load').fill('Homeward');
    const move = page.locator('[data-small-move]');
    const before = await figure(tongueShare(page));
    const moveBefore = await move.textContent();
    await page.getByRole('textbox', { name: /Fresh tank/ }).fill('0');
    await page.getByRole('textbox', { name: /Waste tank/ }).fill('100');
    await expect(page.locator('[data-saved-at]')).toHaveText('Not saved yet');
    await expect.poll(() => figure(tongueShare(page))).toBeLessThan(before - 0.4);
    await expect(move).not.toHaveText(moveBefore);
    await page.getByRole('button', { name: 'Save load' }).click();
    await expect(page.getByRole('link', { name: 'Homeward' })).toHaveAttribute('aria-current', 'page');
    await expect(page.getByRole('textbox', { name: /Waste tank/ })).toHaveValue('100');
    await page.getByRole('button', { name: /^Keep link .* for it$/ }).click();
    await expect(page.getByText('Saved for Homeward:')).toBeVisible();
});

test('a device that is off, slow, garbled or absurd is said in words, and the ticket can be typed', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Puppet theatre/, 'weigh');
    const says = page.locator('[data-device-says]');
    for (const [what, words] of [['off', 'Is it switched on?'], ['slow', 'takes too long'], ['garbled', 'not in words that can be read'], ['absurd', 'which cannot be']]) {
        expect(await trouble('weighbridge', what)).toBe('ok');
        await page.getByRole('button', { name: 'Read the weighbridge' }).click();
        await expect(says).toContainText(words);
        await expect(says).toHaveAttribute('data-tone', 'stop');
    }
    await page.getByLabel('Weighed').selectOption('Carried, at the current setting');
    await trouble('weighbridge', 'none');
    await page.getByRole('button', { name: 'Read the weighbridge' }).click();
    await expect(says).toContainText('nobody said which setting is on');
    await page.getByLabel('Weighed').selectOption('Alone');
    await page.getByLabel('Ticket, typed or pasted').fill('front 4170, rear 3220');
    await page.getByRole('button', { name: 'Save ticket' }).click();
    await expect(page.getByRole('row', { name: /^Alone/ })).toContainText('4170 lb');
    await page.getByRole('button', { name: /Delete the alone ticket/ }).click();
    await expect(page.getByRole('row', { name: /^Alone/ })).toHaveCount(0);
});

test('a load is dragged along the drawing, nudged by keys, put aboard and left out', async ({ page }) => {
    await signIn(page);
    await openJob(page, heavier, 'loads/3');
    const place = page.getByLabel('Load 6, place');
    const shareBefore = await figure(tongueShare(page));
    const mark = await page.locator('[data-item="5"] circle').last().boundingBox();
    await page.mouse.move(mark.x + mark.width / 2, mark.y + mark.height / 2);
    await page.mouse.down();
    await page.mouse.move(mark.x - 60, mark.y + 5, { steps: 4 });
    await page.mouse.move(mark.x - 160, mark.y + 5, { steps: 4 });
    await page.mouse.up();
    await expect(place).toHaveValue(/^\d+ ?[\d/]* in$/);
    await expect.poll(() => figure(tongueShare(page))).toBeGreaterThan(shareBefore);
    const dragged = await place.inputValue();
    await page.locator('[data-item="5"]').press('ArrowRight');
    await expect(place).not.toHaveValue(dragged);
    await expect(page.locator('[data-item="5"]')).toBeFocused();

    await page.getByRole('button', { name: 'Bikes on the trailer\'s tail' }).click();
    await expect(page.getByLabel('Load 7, what')).toHaveValue('bikes on the trailer\'s tail');
    await page.getByRole('button', { name: 'Leave out bikes on the trailer\'s tail' }).click();
    await expect(page.getByLabel('Load 7, what')).toHaveCount(0);
    await page.getByLabel('Load 1, place').fill('40 ft');
    await expect(page.locator('[data-row-says="0"]')).toContainText('outside the vehicle');
    await page.reload();
    await expect(page.locator('[data-item]')).toHaveCount(6);
});

test('sensors fill the fenders on the bench, and they are saved', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Puppet theatre/, 'alone');
    await page.getByText('Other readings and sensors').click();
    const saved = page.waitForResponse((response) => response.url().endsWith('/tape') && response.request().method() === 'POST');
    await page.getByRole('button', { name: 'Read height sensors' }).click();
    await saved;
    await expect(page.locator('[data-field="rear"]')).toHaveValue(/^29 ?[\d/]* in$/);
    await expect(page.locator('[data-saved-at]')).toContainText('Saved');
});

test('the tongue is weighed with a lever, without JavaScript too', async ({ browser }) => {
    const page = await (await browser.newContext({ javaScriptEnabled: false })).newPage();
    await signIn(page);
    await openJob(page, /Puppet theatre/, 'tongue');
    await expect(page.getByRole('button', { name: 'Read the tongue scale' })).toBeHidden();
    await page.getByLabel('Read by').selectOption('Scale with a lever');
    await page.getByLabel('It shows').fill('130');
    await page.getByLabel('Support to scale').fill('48');
    await page.getByLabel('Support to tongue').fill('0');
    await page.getByRole('button', { name: 'Save reading' }).click();
    await expect(page.locator('#arm_tongue-says')).toContainText('above 0');
    await page.getByLabel('Support to tongue').fill('24');
    await page.getByRole('button', { name: 'Save reading' }).click();
    await expect(page.getByText('lever 2.00 to 1')).toBeVisible();
    await expect(page.getByText('260 lb ± 13 lb').first()).toBeVisible();
});

test('a load is planned without JavaScript', async ({ browser }) => {
    const page = await (await browser.newContext({ javaScriptEnabled: false })).newPage();
    await signIn(page);
    await openJob(page, /Bell tower/, 'loads');
    await page.getByRole('button', { name: 'Copy load state' }).click();
    await page.getByLabel('This load').fill('Ringing day');
    await page.getByRole('button', { name: 'Gas bottles' }).click();
    await expect(page.getByLabel('Load 1, weight')).toHaveValue('66 lb');
    await page.getByLabel('Load 1, weight').fill('seven sacks');
    await page.getByRole('button', { name: 'Save load' }).click();
    await expect(page.locator('[data-row-says="0"]')).toContainText('xpected');
    await expect(page.getByLabel('Load 1, weight')).toHaveValue('seven sacks');
    await page.getByLabel('Load 1, weight').fill('120 lb');
    await page.getByRole('button', { name: 'Save load' }).click();
    await expect(page.getByRole('row', { name: /Gross trailer weight/ })).toContainText('6220 lb');
    await page.getByRole('button', { name: 'Leave out gas bottles' }).click();
    await expect(page.getByLabel('Load 1, weight')).toHaveCount(0);
});
