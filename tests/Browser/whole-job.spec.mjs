import { expect, test } from './shop.mjs';
import { account } from './browser.mjs';
import { breaks, unfit } from './manners.mjs';

const verdict = (page) => page.getByRole('region', { name: 'Verdict' });

/** Counts what a person fills in and taps. */
function counting(page) {
    const count = { fields: 0, taps: 0 };
    return {
        count,
        async fill(locator, text) {
            count.fields++;
            await locator.fill(text);
        },
        async tap(locator) {
            count.taps++;
            await locator.tap();
        },
    };
}

async function signInByHand(page, hand) {
    await page.goto('/sign-in');
    await hand.fill(page.locator('#email'), account.email);
    await hand.fill(page.locator('#password'), account.password);
    await hand.tap(page.getByRole('button', { name: 'Sign in' }));
    await expect(page.getByRole('heading', { name: 'Yard' })).toBeVisible();
}

async function startJob(page, hand, title) {
    await hand.tap(page.getByRole('link', { name: 'New job' }));
    await hand.fill(page.getByLabel('Customer and rig'), title);
    await hand.tap(page.locator('.family-tile').filter({ hasText: 'Chain and snap-up bracket' }));
    await hand.tap(page.getByRole('button', { name: 'Start job' }));
    await expect(page.locator('[data-move]')).toContainText('Next: measure the vehicle alone.');
}

/** Types the heights of the stance that is on, saves them, and waits for the next station or the saved note. */
async function heights(page, hand, front, rear = null) {
    const field = page.locator('[data-field="front"]');
    await expect(field).toHaveValue('');
    await hand.fill(field, front);
    if (rear) {
        await hand.fill(page.locator('[data-field="rear"]'), rear);
    }
    await hand.tap(page.getByRole('button', { name: 'Save heights' }));
}

/** Until what was typed has been taken and answered. */
async function taken(page) {
    await expect(page.locator('form[data-preview]')).toHaveAttribute('aria-busy', 'false');
}

/** Opens a station as this screen lets one: by the strip, or on a phone by the list below. */
async function goTo(page, hand, station) {
    await hand.tap(page.locator('#stations').getByRole('link', { name: new RegExp(`^${station}`) }));
    await expect(page.getByRole('heading', { name: station, level: 1 })).toBeAttached();
    await page.waitForLoadState('load');
}

async function fits(page, name) {
    expect(await unfit(page), name).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth), name).toBeLessThanOrEqual(0);
    expect(await breaks(page), name).toEqual([]);
}

for (const [screen, size, theme] of [['a tablet', { width: 820, height: 1180 }, 'sun'], ['a phone', { width: 390, height: 844 }, 'dark']]) {
    test.describe(`by touch on ${screen}`, () => {
        test.use({ viewport: size, hasTouch: true, isMobile: true });

        test('a whole job, from sign-in to hand-over', async ({ page }) => {
            test.setTimeout(150_000);
            const hand = counting(page);
            await signInByHand(page, hand);
            await page.evaluate(async (theme) => {
                const form = document.querySelector('[data-preferences]');
                form.querySelector('#theme').value = theme;
                await fetch(form.action, { method: 'POST', body: new FormData(form) });
            }, theme);
            await page.reload();
            await expect(page.locator('html')).toHaveAttribute('data-theme', theme);
            await page.goto('/jobs/new');
            await fits(page, 'new job');
            await startJob(page, hand, `Whole job on ${screen}`);
            await fits(page, 'a job begun');

            await goTo(page, hand, 'Brackets');
            await fits(page, 'brackets');
            await hand.tap(page.getByRole('link', { name: 'Tape the bars' }).first());
            for (const [id, text] of [['ball', '19 5/8'], ['bar', '12 1/4'], ['seat', '18 7/8'], ['rest', '18 1/2'], ['chain', '9']]) {
                await hand.fill(page.locator(`#${id}`), text);
            }
            await expect(page.locator('[data-part="effect"]')).toContainText('Without the tape it would be');
            await fits(page, 'tape the bars');
            await hand.tap(page.getByRole('button', { name: 'Save heights' }));
            await expect(page.getByText(/^Taped by/)).toBeVisible();

            await goTo(page, hand, 'Alone');
            await fits(page, 'alone');
            await heights(page, hand, '37 7/16', '38 7/8');
            await expect(page.getByRole('heading', { name: 'Head', level: 1 })).toBeVisible();
            await fits(page, 'head');
            await hand.tap(page.getByRole('link', { name: 'Skip to Dropped' }));
            await expect(page.getByRole('heading', { name: 'Dropped', level: 1 })).toBeAttached();
            await fits(page, 'dropped');
            await heights(page, hand, '38 5/16', '36 1/2');
            await expect(page.getByRole('heading', { name: 'Bars up', level: 1 })).toBeAttached();
            await fits(page, 'bars up, planned');
            await hand.tap(page.getByRole('button', { name: 'Record setting' }));
            await heights(page, hand, '37 3/4', '37 1/8');
            await taken(page);
            await expect(verdict(page)).toContainText('In range');
            for (let moves = 0; moves < 6; moves++) {
                const says = await page.locator('[data-move]').textContent();
                if (says.includes('Stop here')) {
                    break;
                }
                await hand.tap(page.locator('.bench-verdict').getByRole('button', { name: says.includes('Measure again') ? 'Measure again' : 'Record this hook-up' }));
                await heights(page, hand, '37 3/4', '37 1/8');
                await taken(page);
            }
            await expect(verdict(page)).toContainText('Stop here');
            await fits(page, 'bars up, measured');
            await hand.tap(page.getByRole('link', { name: 'Next: Prove' }));
            await expect(page.getByText('From all readings, at the current setting')).toBeVisible();
            await fits(page, 'prove');
            await goTo(page, hand, 'Hand over');
            await fits(page, 'hand over');
            await expect(page.locator('[data-left-open]')).toContainText('Road test: not done.');
            await hand.tap(page.getByRole('button', { name: 'Hand over all the same' }));
            await goTo(page, hand, 'Bars up');
            await expect(page.locator('[data-handed-over]')).toContainText('Handed over at link');
            await fits(page, 'handed over');
            await page.evaluate(async () => {
                const form = document.querySelector('[data-preferences]');
                form.querySelector('#theme').value = 'sun';
                await fetch(form.action, { method: 'POST', body: new FormData(form) });
            });
            console.log(`  a whole job on ${screen}: ${hand.count.fields} fields, ${hand.count.taps} taps`);
        });

        test('from sign-in to a verdict on a rig made from nothing, the front fender alone', async ({ page }) => {
            const hand = counting(page);
            await signInByHand(page, hand);
            await startJob(page, hand, `Front alone on ${screen}`);
            await heights(page, hand, '37 7/16');
            await expect(page.locator('#rear-says')).toContainText('Save again to go on without it.');
            await hand.tap(page.getByRole('button', { name: 'Save heights' }));
            await expect(page.getByRole('heading', { name: 'Head', level: 1 })).toBeVisible();
            await hand.tap(page.getByRole('link', { name: 'Skip to Dropped' }));
            await expect(page.getByRole('heading', { name: 'Dropped', level: 1 })).toBeAttached();
            await heights(page, hand, '38 5/16');
            await expect(page.getByRole('heading', { name: 'Bars up', level: 1 })).toBeAttached();
            await hand.tap(page.getByRole('button', { name: 'Record setting' }));
            await heights(page, hand, '37 3/4');
            await expect(verdict(page).locator('[data-restored]')).toHaveText(/^\d+ % ± \d+$/);
            console.log(`  from sign-in to a verdict, front alone, on ${screen}: ${hand.count.fields} fields, ${hand.count.taps} taps`);
            expect(hand.count.fields).toBeLessThanOrEqual(14);
            expect(hand.count.taps).toBeLessThanOrEqual(12);
        });

        test('a taped rig comes from sign-in to in range in few fields, taps and pages', async ({ page }) => {
            const hand = counting(page);
            let loads = 0;
            page.on('load', () => {
                loads++;
            });
            await signInByHand(page, hand);
            await startJob(page, hand, `Few taps on ${screen}`);
            await heights(page, hand, '37 7/16', '38 7/8');
            await expect(page.getByRole('heading', { name: 'Head', level: 1 })).toBeVisible();
            await hand.tap(page.getByRole('link', { name: 'Skip to Dropped' }));
            await expect(page.getByRole('heading', { name: 'Dropped', level: 1 })).toBeAttached();
            await heights(page, hand, '38 5/16', '36 1/2');
            await expect(page.getByRole('heading', { name: 'Bars up', level: 1 })).toBeAttached();
            await hand.tap(page.getByRole('button', { name: 'Record setting' }));
            await heights(page, hand, '37 3/4', '37 1/8');
            await expect(verdict(page)).toContainText('In range');
            console.log(`  from sign-in to in range on ${screen}: ${hand.count.fields} fields, ${hand.count.taps} taps, ${loads} page loads`);
            expect(hand.count.fields).toBeLessThanOrEqual(14);
            expect(hand.count.taps).toBeLessThanOrEqual(40);
            expect(loads).toBeLessThanOrEqual(8);
        });

        test('a screen that is turned half-way through typing keeps what was typed', async ({ page }) => {
            const hand = counting(page);
            await signInByHand(page, hand);
            await startJob(page, hand, `Turned on ${screen}`);
            await goTo(page, hand, 'Alone');
            await page.locator('[data-field="front"]').tap();
            await page.locator('#pad').getByRole('button', { name: '3', exact: true }).tap();
            await page.setViewportSize({ width: size.height, height: size.width });
            await page.locator('#pad').getByRole('button', { name: '7', exact: true }).tap();
            await page.keyboard.type(' 1/2');
            await expect(page.locator('[data-field="front"]')).toHaveValue('37 1/2');
            await page.locator('[data-field="front"]').blur();
            await expect(page.locator('[data-saved-at]')).toContainText('Saved');
            await page.setViewportSize(size);
            await page.reload();
            await expect(page.locator('[data-field="front"]')).toHaveValue('37 1/2');
        });
    });
}
