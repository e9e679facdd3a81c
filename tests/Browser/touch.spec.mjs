import { expect, test } from './shop.mjs';
import { inView, openJob, signIn } from './manners.mjs';

test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true });

const front = (page) => page.locator('[data-field="front"]');
const said = (page) => page.locator('.tried');

test('a setting is tried by touch: drawing, heights and loads follow, and no height is typed to it by mistake', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Bell tower/, 'bars-up');
    const before = await front(page).inputValue();
    const loads = await page.locator('.load-labels').textContent();
    await expect(page.locator('.close-up')).toContainText('On now: link 5');

    await page.getByRole('button', { name: 'Link: one less, looser' }).tap();
    await expect(said(page)).toContainText('Trying: link 4');
    await expect(page.locator('.close-up')).toContainText('Trying: link 4');
    await expect(page.locator('[data-part="drawing"] .is-ghost')).toHaveCount(1);
    await expect.poll(() => page.locator('.load-labels').textContent()).not.toBe(loads);
    await front(page).tap();
    await page.locator('#pad').getByRole('button', { name: '3/16', exact: true }).tap();
    await expect(front(page)).toHaveValue(before);

    await said(page).getByRole('link', { name: 'Undo' }).tap();
    await expect(said(page)).toHaveCount(0);
    await expect(page.locator('.close-up')).toContainText('On now: link 5');
    await page.locator('#pad').getByRole('button', { name: '3/16', exact: true }).tap();
    await expect(front(page)).toHaveValue(`${before.split(' ')[0]} 3/16`);
});

test('the recommended setting is tried from the move, recorded, and undone steps stop at the ends', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Bell tower/, 'bars-up');
    await page.locator('[data-try]').tap();
    await expect(said(page)).toContainText('Trying: link 4');
    const less = page.getByRole('button', { name: 'Link: one less, looser' });
    for (let taps = 0; taps < 12 && await less.isEnabled(); taps++) {
        await less.tap();
    }
    await expect(less).toBeDisabled();
    await expect(said(page)).toContainText('Trying: link 0');
    await said(page).getByRole('button', { name: 'Record this hook-up' }).tap();
    await expect(page.locator('.close-up')).toContainText('On now: link 0');
    await expect(page.locator('.ladder tr').nth(1)).toContainText('link 0');
    await expect(front(page)).toHaveValue('');
});

for (const [name, size] of [['upright', { width: 820, height: 1180 }], ['on its side', { width: 1180, height: 820 }]]) {
    test(`on a tablet ${name} everything of a hook-up is on the screen with the pad open`, async ({ page }) => {
        await page.setViewportSize(size);
        await signIn(page);
        for (const title of [/Bell tower/, /Glassblowing/]) {
            await openJob(page, title, 'bars-up');
            await expect(page.locator('#pad')).toBeVisible();
            await inView(page, ['.stepper', '[data-field]', '#pad button', '.bench-tape .is-first', '.verdict-head', '.share-scale', '[data-move]', '.bench-verdict .tape-foot .button', '.close-up svg', '.load-labels span']);
        }
    });
}

test('called readings are typed as sixteenths, shown back large, and the next field is taken after the chosen pause', async ({ page }) => {
    await signIn(page);
    const address = await openJob(page, /Puppet theatre/, 'alone');
    await page.getByRole('link', { name: 'Call readings' }).tap();
    await page.getByLabel('38 6 means 38 6/16').check();
    await page.getByLabel('Go to the next field').selectOption('After 1 second');
    await page.getByRole('button', { name: 'Save preferences' }).tap();
    await expect(page.getByLabel('38 6 means 38 6/16')).toBeChecked();
    const back = (field) => page.locator(`[data-back="${field}"]`);
    await front(page).fill('');
    await front(page).tap();
    await page.keyboard.type('28 12');
    await expect(back('front')).toHaveText('28 3/4 in');
    await expect(page.locator('[data-field="rear"]')).toBeFocused({ timeout: 6_000 });
    await page.keyboard.press('Control+A');
    await page.clock.install();
    await page.keyboard.type('29 17');
    await page.clock.runFor(2_000);
    await expect(page.locator('#rear-says')).toContainText('17/16');
    await page.clock.runFor(10_000);
    await expect(page.locator('[data-field="rear"]')).toBeFocused();
    await page.clock.resume();
    await page.keyboard.press('Control+A');
    await page.keyboard.type('29 2');
    await expect(back('rear')).toHaveText('29 1/8 in');
    await expect(page.locator('[data-field="rear"]')).not.toBeFocused({ timeout: 6_000 });
    await expect(page.locator('[data-saved-at]')).toContainText('Saved');
    await expect(page.locator('form[data-preview]')).toHaveAttribute('aria-busy', 'false');
    await page.goto(address);
    await expect(front(page)).toHaveValue('28 12/16');
    await expect(page.locator('[data-field="rear"]')).toHaveValue('29 2/16');
});

test('a setting stepped to before it is recorded stays on the drawing when a height is saved', async ({ page }) => {
    await signIn(page);
    await page.goto('/jobs/new');
    await page.getByLabel('Customer and rig').fill('Kite museum');
    await page.getByRole('radio', { name: 'Bar on friction bracket' }).check();
    await page.getByRole('button', { name: 'Start job' }).tap();
    await page.locator('#stations').getByRole('link', { name: 'Bars up' }).tap();
    await page.getByRole('button', { name: 'Bracket hole: one more, tighter' }).tap();
    await expect(page.locator('.close-up')).toContainText('Trying: bracket hole');
    await front(page).fill('37 1/2');
    await front(page).blur();
    await expect(page.locator('[data-saved-at]')).toContainText('Saved');
    await expect(page.locator('.close-up')).toContainText('Trying: bracket hole');
});
