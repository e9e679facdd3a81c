import { expect, test } from './shop.mjs';
import { signIn, unfit } from './manners.mjs';

test.use({ viewport: { width: 820, height: 1180 } });

const figure = (page, name) => page.getByRole('row', { name }).locator('td');

test('the example rig is taken hold of on the drawing, and its figures follow the hand', async ({ page }) => {
    await signIn(page);
    await page.goto('/practice/explain/shares');
    const before = await figure(page, /^Front axle load restored/).innerText();
    const ring = await page.locator('[data-hold="link"]').boundingBox();
    await page.mouse.move(ring.x + ring.width / 2, ring.y + ring.height / 2);
    await page.mouse.down();
    await page.mouse.move(ring.x + ring.width / 2, ring.y - 60, { steps: 8 });
    await page.mouse.up();
    await expect(page.getByText('Past full return: the front is heavier than alone.')).toBeVisible();
    await expect.poll(() => figure(page, /^Front axle load restored/).innerText()).not.toBe(before);
    expect(await unfit(page)).toEqual([]);
});

test('what lies next to the setting is fetched ahead: a step is shown at once', async ({ page }) => {
    await signIn(page);
    const ahead = page.waitForResponse((response) => response.url().includes('/frames') && response.url().includes('along=link'));
    await page.goto('/practice/explain/bars');
    await (await ahead).finished();
    await page.evaluate(() => new Promise(requestAnimationFrame));
    const more = page.getByRole('button', { name: 'Links taken up: more' });
    const took = await more.evaluate((button) => new Promise((resolve) => {
        const frame = document.querySelector('[data-explainer-frame]');
        const began = performance.now();
        new MutationObserver(() => resolve(performance.now() - began)).observe(frame, { childList: true, subtree: true, characterData: true, attributes: true });
        button.click();
    }));
    expect(took).toBeLessThan(100);
    await expect(page.locator('[data-knob-says="link"]')).toContainText('4.5');
});

test('every explainer is worked by the keyboard', async ({ page }) => {
    await signIn(page);
    for (const topic of ['coupling', 'bars', 'shares', 'head-and-tension', 'tape', 'levelling', 'tongue', 'sway']) {
        await page.goto(`/practice/explain/${topic}`);
        const knob = page.locator('.explainer-knob input').first();
        const before = await page.locator('.explainer-says').innerText();
        await knob.focus();
        await page.keyboard.press('ArrowRight');
        await expect(page.locator('.explainer-says')).not.toHaveText(before);
    }
});
