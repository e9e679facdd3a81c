import { inParts, openJob, walk } from './manners.mjs';
import { expect, test } from './shop.mjs';

const stations = [
    [/Planetarium/, 'bars-up'], [/Puppet theatre/, 'alone'], [/Bell tower/, 'prove'],
    [/Seed library, heavier/, 'sway-control'], [/Glassblowing/, 'procedures/unhitch'], [/Planetarium/, 'road-test'],
    [/Planetarium/, 'card'], [/Planetarium/, 'photos'], [/Planetarium/, 'files'],
    [/Seed library, spring/, 'visit?state=3'], [/Glassblowing/, 'brief'], [/Planetarium/, 'ground'],
    [/Glassblowing/, 'brackets'], [/Planetarium/, 'plan'], [/Planetarium/, 'weigh'],
    [/Bell tower/, 'tongue'], [/Seed library, heavier/, 'loads/3'], [/Puppet theatre/, 'loads'],
    [/Bell tower/, 'diagnosis'], [/Planetarium/, 'bars-up?show=settings'], [/Planetarium/, 'bars-up?show=plot'],
    [/Seed library, heavier/, 'head'], [/Glassblowing/, 'alone'], [/Puppet theatre/, 'bars'],
    [/Glassblowing/, 'bars'], [/Planetarium/, 'tape-log'],
];

// On whichever server is free: a station is only looked at.
test.describe.configure({ mode: 'parallel' });

async function aRun(page, look) {
    await page.goto('/practice');
    await page.getByLabel('Code').fill('2-00018-3');
    await page.getByRole('button', { name: 'Start by code' }).click();
    await page.getByRole('link', { name: 'Tape the front' }).click();
    await expect(page.locator('.tape-picture')).toBeVisible();
    await look('practice run');
    await page.getByRole('button', { name: 'Couple', exact: true }).click();
    await expect(page.locator('[data-practice-says]')).toContainText('Coupled');
    await page.getByRole('button', { name: 'Put the bars on' }).click();
    await expect(page.getByRole('heading', { name: /Debrief/ })).toBeVisible();
    await look('debrief');
}

for (const [part, some] of inParts(stations)) {
    test(`every target is 44 px, nothing is cut off on laptop, tablet and phone, and no page of a job breaks AA in either theme, ${part}`, async ({ page }) => {
        expect(await walk(page, async (walked, look) => {
            for (const [title, station] of some) {
                await openJob(walked, title, station);
                await look(`${title} ${station}`);
            }
        })).toEqual([]);
    });
}

test('the same of a practice run and its debrief', async ({ page }) => {
    expect(await walk(page, aRun)).toEqual([]);
});
