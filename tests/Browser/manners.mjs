import { expect } from '@playwright/test';
import { account } from './browser.mjs';

export async function signIn(page) {
    await page.goto('/sign-in');
    await expect(page.locator('#email')).toBeFocused();
    await page.keyboard.type(account.email);
    await page.keyboard.press('Tab');
    await page.keyboard.type(account.password);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Yard' })).toBeVisible();
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
