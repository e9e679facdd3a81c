import { expect, test } from '@playwright/test';
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
    expect(await page.locator('.load-labels').textContent()).not.toBe(loads);
    await front(page).tap();
    await page.locator('#pad').getByRole('button', { name: '3/16', exact: true }).tap();
    await expect(front(page)).toHaveValue(before);

    await said(page).getByRole('link', { name: 'Undo' }).tap();
    await expect(said(page)).toHaveCount(0);
    await expect(page.locator('.close-up')).toContainText('On now: link 5');
    await page.locator('#pad').getByRole('button', { name: '3/16', exact: true }).tap();
    await expect(front(page)).toHaveValue('37 3/16');
});

test('the recommended setting is tried from the move, recorded, and undone steps stop at the ends', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Bell tower/, 'bars-up');
    await page.locator('[data-try]').tap();
    await expect(said(page)).toContainText('Trying: link 3');
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
