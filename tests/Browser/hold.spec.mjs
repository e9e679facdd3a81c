import { expect, test } from './shop.mjs';
import { openJob, signIn, still } from './manners.mjs';

const said = (page) => page.locator('.tried');

/** Drags a mark of the close-up to the number of another step of its adjuster. */
async function dragTo(page, adjuster, target) {
    await page.evaluate(() => document.fonts.ready);
    const mark = page.locator(`.close-up .mark-held[data-mark="${adjuster}"] .in-use`);
    const from = await still(mark);
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await page.mouse.down();
    const to = await target();
    await page.mouse.move((from.x + to.x) / 2, (from.y + to.y) / 2, { steps: 4 });
    await page.mouse.move(to.x, to.y, { steps: 4 });
    await page.mouse.up();
}

test('the chain is dragged to another link, the rig follows, and letting go asks: try only, or record', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Bell tower/, 'bars-up');
    await expect(page.locator('.close-up')).toContainText('On now: link 5');
    const loads = await page.locator('.load-labels').textContent();
    await dragTo(page, 'link', async () => {
        const box = await page.locator('.close-up text[data-mark="link"]', { hasText: /^4$/ }).boundingBox();
        return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    });
    await expect(said(page)).toContainText('Trying: link 4');
    await expect(page.locator('[data-part="drawing"] .is-ghost')).toHaveCount(1);
    await expect.poll(() => page.locator('.load-labels').textContent()).not.toBe(loads);
    await expect(said(page)).toContainText('Try this only, or record it as on the rig?');
    await expect(page.getByRole('button', { name: 'Try only' })).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: 'Try only' })).toBeHidden();
    await expect(said(page)).toContainText('Trying: link 4');
    await said(page).getByRole('link', { name: 'Undo' }).click();
    await expect(page.locator('.close-up')).toContainText('On now: link 5');
});

test('washers and head are dragged too, step by step', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Planetarium/, 'bars-up');
    const washers = Number(await page.locator('select[data-adjuster="washer"]').inputValue());
    await dragTo(page, 'washer', async () => {
        const box = await page.locator('.close-up .mark-held[data-mark="washer"] .in-use').boundingBox();
        return { x: box.x + box.width / 2, y: box.y + box.height / 2 - 20 };
    });
    await expect(page.locator('select[data-adjuster="washer"]')).toHaveValue(String(washers + 1));
    await expect(page.getByRole('button', { name: 'Try only' })).toBeFocused();
    const head = Number(await page.locator('select[data-adjuster="head"]').inputValue());
    await dragTo(page, 'head', async () => {
        const box = await page.locator(`.close-up text[data-mark="head"][data-step="${head + 1}"]`).boundingBox();
        return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    });
    await expect(page.locator('select[data-adjuster="head"]')).toHaveValue(String(head + 1));
    await expect(said(page)).toContainText('Trying:');
});

test('the settings next to the one that is tried are fetched ahead: a step is shown at once', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Bell tower/, 'bars-up');
    await page.getByRole('button', { name: 'Link: one less, looser' }).click();
    await expect(said(page)).toContainText('Trying: link 4');
    await page.locator('body[data-foreseen]').waitFor();
    const took = await page.getByRole('button', { name: 'Link: one less, looser' }).evaluate((button) => new Promise((resolve) => {
        const began = performance.now();
        new MutationObserver(() => resolve(performance.now() - began)).observe(document.querySelector('[data-part="tried"]'), { childList: true, subtree: true, characterData: true, attributes: true });
        button.click();
    }));
    await expect(said(page)).toContainText('Trying: link 3');
    expect(took).toBeLessThan(100);
});

test('a tank is filled by dragging its water, and by keys; the rig and its figures follow', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Seed library, heavier/, 'loads/3');
    const tank = page.locator('[data-tank]').first();
    await expect(tank).toBeVisible();
    const key = await tank.getAttribute('data-tank');
    const fill = page.locator(`#fill-${key}`);
    const columns = page.locator('[data-part="columns"]');
    const before = await columns.innerText();
    const box = await tank.locator('rect').first().boundingBox();
    await page.mouse.move(box.x + 4, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width * 0.75, box.y + box.height / 2, { steps: 6 });
    await page.mouse.up();
    await expect(fill).toHaveValue(/^7[3-7]$/);
    await expect(columns).not.toHaveText(before);
    const held = Number(await fill.inputValue());
    await page.locator(`[data-tank="${key}"]`).focus();
    await page.keyboard.press('ArrowRight');
    await expect(fill).toHaveValue(String(held + 5));
});
