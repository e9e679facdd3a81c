import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { expect } from '@playwright/test';
import { account } from './browser.mjs';
import { signedIn } from './shop.mjs';

/** In as somebody, on the yard. */
export async function signIn(page, email = account.email) {
    const kept = signedIn.get(email);
    if (kept) {
        await page.context().addCookies(kept);
        await page.goto('/');
        await page.waitForLoadState('load');
        if (await page.getByRole('heading', { name: /^(Yard|Patio)/ }).isVisible()) {
            return;
        }
        await page.context().clearCookies();
    }
    await typeSignIn(page, email);
    signedIn.set(email, (await page.context().cookies()).filter((cookie) => cookie.name !== 'language'));
}

/** In as somebody, by the keyboard, as on a browser that nobody has used. */
export async function typeSignIn(page, email = account.email) {
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

/** Where something stands once it has stopped moving. */
export async function still(locator) {
    let before = null;
    await expect.poll(async () => {
        const now = JSON.stringify(await locator.boundingBox());
        const isStill = now === before;
        before = now;
        return isStill;
    }, { intervals: [150] }).toBe(true);
    return locator.boundingBox();
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
    await page.waitForLoadState('load');
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

/** What the shop reads it on. */
export const screens = { laptop: { width: 1280, height: 800 }, tablet: { width: 820, height: 1180 }, phone: { width: 390, height: 844 } };

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');
const RULES = { runOnly: { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21aa'] }, resultTypes: ['violations'] };

/** What of a page is no finger wide, or runs over its edge, on each screen; with the pad open where it has one. */
export async function cutOff(page, name) {
    const pad = page.getByRole('button', { name: 'Keys', exact: true });
    const found = [];
    for (const [screen, size] of Object.entries(screens)) {
        await page.setViewportSize(size);
        if ((await pad.count()) > 0 && (await pad.isVisible()) && (await pad.getAttribute('aria-expanded')) === 'false') {
            await pad.click();
        }
        const { small, over } = await page.evaluate(() => ({
            small: [...document.querySelectorAll('a, button, select, summary, textarea, input:not([type=hidden])')]
                .filter((target) => target.checkVisibility())
                .map((target) => [target, (target.closest('label.tick, label.owner-step') ?? target).getBoundingClientRect()])
                .filter(([, box]) => box.height < 43.5 || box.width < 43.5)
                .map(([target, box]) => `${target.outerHTML.slice(0, 120)} ${Math.round(box.width)}x${Math.round(box.height)}`),
            over: document.documentElement.scrollWidth - window.innerWidth,
        }));
        found.push(...small.map((target) => `${name} on a ${screen}: small, ${target}`), ...(over > 0 ? [`${name} on a ${screen}: ${over} px over the edge`] : []));
    }
    await page.setViewportSize(screens.tablet);
    return found;
}

/** What of a page breaks AA as it stands. */
export async function breaks(page) {
    if (!(await page.evaluate(() => 'axe' in window))) {
        await page.evaluate(AXE);
    }
    return page.evaluate(async (rules) => (await window.axe.run(document, rules)).violations.map((one) => `${one.id}: ${one.nodes.map((node) => node.html).join(' ').slice(0, 300)}`), RULES);
}

/** What of a page breaks AA in each theme. */
export async function unreadable(page, name) {
    const found = [];
    for (const theme of ['sun', 'dark']) {
        await page.evaluate((to) => { document.documentElement.dataset.theme = to; }, theme);
        found.push(...(await breaks(page)).map((one) => `${name} in ${theme}: ${one}`));
    }
    return found;
}

/** Walks pages with every target measured, every theme read, and whatever the content security policy stops told. */
export async function walk(page, pages) {
    const found = [];
    page.on('console', (line) => {
        if (/content security policy/i.test(line.text())) {
            found.push(`the policy stopped, at ${page.url()}: ${line.text()}`);
        }
    });
    await page.setViewportSize(screens.tablet);
    await signIn(page);
    await pages(page, async (name) => found.push(...await cutOff(page, name), ...await unreadable(page, name)));
    return found;
}

const PARTS = 4;

/** A long list in a few parts, each with its name. */
export function inParts(list) {
    return Array.from({ length: PARTS }, (_, part) => [`part ${part + 1} of ${PARTS}`, list.filter((__, place) => place % PARTS === part)]);
}
