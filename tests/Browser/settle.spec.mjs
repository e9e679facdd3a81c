import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from './shop.mjs';
import { openJob, signIn, tape } from './manners.mjs';

const verdict = (page) => page.getByRole('region', { name: 'Verdict' });

/** The glassblowing stage as it truly is: what the tape would read at a setting. */
const truth = {
    vehicle: { wheelbase_mm: 4060, overhang_mm: 1420, front_rate_kg_per_mm: 15.2, rear_rate_kg_per_mm: 13.4, levelling: 'none' },
    trailer: { ball_to_axle_mm: 5900, weight_kg: 4420, tongue_weight_kg: 585, cg_above_axle_mm: 560, axles: [{ offset_mm: 0, rate_kg_per_mm: 74 }] },
    hitch: { bars: 2, bar_rate_kg_per_mm: 6.8, bar_arm_mm: 760, ball_over_coupler_mm: 18 },
};
const alone = { front: 1014, rear: 1052 };
const middleTension = 22;

/** The heights at a setting; bars off where there is none. */
function stands(setting) {
    const file = join(mkdtempSync(join(tmpdir(), 'truth-')), 'case.json');
    const tension = setting === null ? null : middleTension + 25 * (setting.hole - 3) + 760 * Math.PI / 180 * 1.1 * (setting.washer - 3);
    writeFileSync(file, JSON.stringify({ name: 'truth', ...truth, stances: [tension === null ? { bars: 'off' } : { tension_mm: tension }] }));
    const { result } = JSON.parse(execFileSync('php', ['artisan', 'yoke:solve', file], { encoding: 'utf8' })).stances[0];
    return { front: Math.round(alone.front + result.front_rise_mm), rear: Math.round(alone.rear + result.rear_rise_mm), share: result.front_restored };
}

/** Tabs until something with these words has the focus. */
async function tabTo(page, words) {
    for (let i = 0; i < 80; i++) {
        await page.keyboard.press('Tab');
        if (await page.evaluate((text) => new RegExp(text).test(document.activeElement.textContent ?? '') && document.activeElement.matches('a, button'), words)) {
            return;
        }
    }
    throw new Error(`Nothing with "${words}" takes the focus.`);
}

/** Types both fenders of the station that is open, and waits until both are saved. */
async function type(page, { front, rear }) {
    const fields = [[page.locator('[data-field="front"]'), front, 'Enter'], [page.locator('[data-field="rear"]'), rear, 'Tab']];
    for (const [field, height, leave] of fields) {
        await expect(field).toBeFocused();
        const saved = page.waitForResponse((response) => response.url().endsWith('/tape'));
        await page.keyboard.press('Control+A');
        await page.keyboard.type(`${height} mm`);
        await page.keyboard.press(leave);
        const { parts } = await (await saved).json();
        const words = parts.verdict.replace(/<[^>]*>/g, ' ').match(/(Go \d|Two changes|Hook up at|Stop here|Measure again at)[^.]*/)?.[0] ?? '';
        await expect.poll(async () => (await verdict(page).textContent()).includes(words)).toBe(true);
    }
}

test('the half-done job is finished by following the next move, with the keyboard alone', async ({ page }) => {
    test.setTimeout(240_000);
    await signIn(page);
    const bars = (await openJob(page, /Glassblowing stage/, 'alone')).replace('alone', 'bars-up');
    await type(page, alone);
    await page.goto(bars.replace('bars-up', 'dropped'));
    await type(page, stands(null));
    await page.goto(bars);
    if (await page.locator('[data-field="front"]').inputValue() !== '') {
        const on = async (key) => Number(await page.locator(`.setting-form [name="steps[${key}]"]`).inputValue());
        const steps = { hole: await on('hole'), washer: await on('washer') };
        await tabTo(page, '^\\s*Record setting');
        await page.keyboard.press('Enter');
        await type(page, stands(steps));
    }
    let share = 0;
    for (let moves = 0; moves < 20; moves++) {
        const says = await verdict(page).textContent();
        if (says.includes('Stop here')) {
            break;
        }
        const look = /Measure (alone|dropped) (a second time|once more)|measure dropped once more/i.exec(says);
        if (says.includes('Count the setting again')) {
            await tabTo(page, 'That is what I count');
            await page.keyboard.press('Enter');
            await expect(verdict(page)).not.toContainText('Count the setting again');
            continue;
        }
        if (look !== null) {
            const stance = (look[1] ?? 'dropped').toLowerCase();
            await tabTo(page, `Measure ${stance} again`);
            await page.keyboard.press('Enter');
            await expect(page).toHaveURL(new RegExp(`/${stance}$`));
            await type(page, stance === 'alone' ? alone : stands(null));
            await page.goto(bars);
            continue;
        }
        const form = page.locator(says.includes('Measure again at') ? '.setting-form' : '.bench-verdict form');
        const steps = { hole: Number(await form.locator('[name="steps[hole]"]').inputValue()), washer: Number(await form.locator('[name="steps[washer]"]').inputValue()) };
        await tabTo(page, says.includes('Measure again at') ? 'Measure again' : 'Record this hook-up');
        await page.keyboard.press('Enter');
        await expect(page.locator('[data-field="front"]')).toHaveValue('');
        const read = stands(steps);
        share = read.share;
        await type(page, read);
    }

    await expect(verdict(page)).toContainText('Stop here: leave it at bracket hole');
    expect(share).toBeGreaterThanOrEqual(0.5);
    expect(share).toBeLessThanOrEqual(1);
    await tabTo(page, 'Next: Prove');
    await page.keyboard.press('Enter');
    await expect(page.getByText('From all readings, at the current setting')).toBeVisible();
});

test('a mistyped half inch is caught and named while it is typed', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Planetarium/, 'bars-up');
    await expect(verdict(page)).toContainText('likely to be in range');
    const rear = page.locator('[data-field="rear"]');
    const right = await rear.inputValue();
    await rear.fill('36 3/4');
    await expect(verdict(page)).toContainText('Check the rear fender, carried');
    await expect(verdict(page)).toContainText(/half an inch|ten millimetres/);
    await rear.fill(right);
    await expect(verdict(page)).not.toContainText('Check the rear fender');
});

test('a save that is answered late speaks over nothing typed since, and takes no draft of it', async ({ page }) => {
    await signIn(page);
    const address = await openJob(page, /Planetarium/, 'alone');
    const [front, rear] = ['front', 'rear'].map((field) => page.locator(`[data-field="${field}"]`));
    let letThrough;
    const late = new Promise((resolve) => { letThrough = resolve; });
    await page.route(/\/alone\/tape$/, async (route) => {
        await late;
        await route.continue();
    });
    const kept = await rear.inputValue();
    await front.fill(`${await front.inputValue()} `);
    await front.press('Tab');
    await rear.fill('tall');
    await expect(page.locator('#rear-says')).toContainText('does not read as a length');
    letThrough();
    await expect(page.locator('[data-saved-at]')).toContainText('Saved');
    await expect(page.locator('#rear-says')).toContainText('does not read as a length');
    await page.goto(address);
    await expect(rear).toHaveValue('tall');
    await rear.fill(kept);
});

test('the rig that came in wrong is diagnosed', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Bell tower/, 'bars-up');
    await tape(page, 'front', '36 15/16');
    await page.getByRole('link', { name: 'Diagnosis' }).click();
    await expect(page.getByRole('heading', { name: 'Front axle over-restored' })).toBeVisible();
    await expect(page.getByText('Less tension now.')).toBeVisible();
    await expect(page.locator('[data-remedy]')).toContainText(/\d+ links? looser\./);
});

test('a setting pressed on the map stands on the drawing', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Planetarium/, 'bars-up');
    await page.getByRole('link', { name: 'Settings', exact: true }).click();
    const ghosts = page.locator('[data-part="drawing"] .is-ghost');
    await expect(ghosts).toHaveCount(0);
    await page.getByRole('link', { name: /^link 3, 3 washers: / }).click();
    await expect(page.locator('.tried')).toContainText('Trying: link 3, 3 washers');
    await expect(ghosts).toHaveCount(1);
    await expect(page.locator('[data-field="front"]')).not.toBeEditable();
    await page.locator('.tried').getByRole('link', { name: 'Undo' }).click();
    await expect(ghosts).toHaveCount(0);
    await page.locator('[data-field="front"]').fill('37 1/2');
    await expect(page.getByRole('link', { name: 'Settings', exact: true })).toHaveAttribute('aria-current', 'page');
});
