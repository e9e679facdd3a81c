import { expect } from '@playwright/test';
import { account } from './browser.mjs';

export async function signIn(page, email = account.email) {
    await page.goto('/sign-in');
    await expect(page.locator('#email')).toBeFocused();
    await page.keyboard.type(email);
    await page.keyboard.press('Tab');
    await page.keyboard.type(account.password);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: /^(Yard|Patio)/ })).toBeVisible();
    // Keys work once the page's scripts run.
    await page.waitForLoadState('load');
}

/** The address of a demo job's station. */
export async function openJob(page, title, station) {
    await page.goto('/');
    await page.getByRole('link', { name: title }).click();
    await page.waitForURL(/\/jobs\/\d+\/[a-z-]+$/);
    const address = page.url().replace(/[^/]+$/, station);
    await page.goto(address);
    return address;
}

/** Types over a field and waits until the server has saved it. */
export async function tape(page, field, text) {
    const saved = page.waitForResponse((response) => response.url().endsWith('/tape') && response.request().method() === 'POST');
    await page.locator(`[data-field="${field}"]`).fill(text);
    await page.locator(`[data-field="${field}"]`).blur();
    return (await saved).json();
}

/** Every one of these stands on the screen as it is, and nothing lies over it. */
export async function inView(page, selectors) {
    for (const selector of selectors) {
        for (const part of await page.locator(selector).all()) {
            if (await part.isVisible()) {
                expect(await part.evaluate((element) => {
                    const { left, top, width, height, bottom, right } = element.getBoundingClientRect();
                    const seen = document.elementFromPoint(left + width / 2, top + height / 2);
                    const isCovered = !(element.contains(seen) || seen?.contains(element));
                    return [top < -1 || left < -1 || bottom > innerHeight + 1 || right > innerWidth + 1 ? 'off the screen' : '', isCovered ? `under ${seen?.outerHTML.slice(0, 60)}` : ''].filter(Boolean);
                }), `${selector} at ${page.url()}`).toEqual([]);
            }
        }
    }
}

/** What of a page's controls stands outside its card, is covered, is clipped or smaller than a gloved finger. */
export async function unfit(page) {
    return page.locator('main').evaluate((main) => {
        const found = [];
        for (const control of main.querySelectorAll('a, button, select, input:not([type=hidden]), summary, textarea')) {
            if (!control.checkVisibility() || control.closest('svg, .ladder-box, .setting-map, .plan-panel')) {
                continue;
            }
            const name = control.outerHTML.slice(0, 90);
            control.scrollIntoView({ block: 'center' });
            const box = (control.closest('label') ?? control).getBoundingClientRect();
            const card = control.closest('.card')?.getBoundingClientRect();
            if (card && (box.left < card.left - 1 || box.right > card.right + 1 || box.top < card.top - 1 || box.bottom > card.bottom + 1)) {
                found.push(`outside its card: ${name}`);
            }
            const seen = document.elementFromPoint(box.left + box.width / 2, box.top + box.height / 2);
            const target = control.closest('label') ?? control;
            if (!target.contains(seen) && !seen?.contains(target) && !control.disabled) {
                found.push(`covered by ${seen?.outerHTML.slice(0, 60)}: ${name}`);
            }
            if (control.scrollWidth > control.clientWidth + 2 && getComputedStyle(control).display !== 'inline') {
                found.push(`clipped, ${control.scrollWidth} in ${control.clientWidth}: ${name}`);
            }
            if (box.width < 43.5 || box.height < 43.5) {
                found.push(`small, ${Math.round(box.width)}x${Math.round(box.height)}: ${name}`);
            }
        }
        window.scrollTo(0, 0);
        return found;
    });
}
