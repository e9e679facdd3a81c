import { expect, test } from './shop.mjs';
import { openJob, signIn } from './manners.mjs';

test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true });

test('the bars are taped before anything is coupled: the first setting follows while one types', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Puppet theatre/, 'brackets');
    const step = page.getByRole('region', { name: 'Tape the bars' });
    await step.getByRole('link', { name: 'Tape the bars' }).tap();
    await expect(page.getByRole('img', { name: /Where the tape goes/ })).toBeInViewport();
    for (const [label, text] of [['Ball', '16'], ['Bar, hanging', '9 3/4'], ['Coupler', '15 3/4'], ['Chain hook', '14 1/2']]) {
        await page.getByLabel(label, { exact: true }).or(page.getByLabel(new RegExp(`^\\d? ?${label}$`))).fill(text);
    }
    await page.getByLabel(/Free chain/).fill('a hand');
    await expect(page.locator('#chain-says')).toContainText('does not read as a length');
    await page.getByLabel(/Free chain/).fill('5 3/4');
    const effect = page.locator('[data-part="effect"]');
    await expect(effect).toContainText('The ball stands 1/4 in over the coupler.');
    await expect(effect).toContainText(/First hook-up at link [\d.]+, \d washers?: \d+ % likely to be in range/);
    await page.getByRole('button', { name: 'Save heights' }).tap();
    await expect(step).toContainText('Taped by Wren Tallow');
    await step.getByRole('button', { name: 'Undo' }).tap();
    await step.getByRole('button', { name: 'Skip' }).tap();
    await expect(step).toContainText('Skipped by Wren Tallow');
    await step.getByRole('link', { name: 'Tape the bars' }).tap();
    await expect(page.getByLabel(/Free chain/)).toHaveValue('5 3/4 in');
});

test('what cannot be is refused in a sentence, and what was typed stays', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Glassblowing/, 'bars');
    await page.getByLabel(/Bracket/).fill('75');
    await page.getByRole('button', { name: 'Save heights' }).tap();
    await expect(page.getByText('Expected a height above the ground, up to 1500 mm (59 in).')).toBeVisible();
    await expect(page.getByLabel(/Bracket/)).toHaveValue('75');
});
