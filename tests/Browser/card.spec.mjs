import { execFileSync } from 'node:child_process';
import { expect, test } from './shop.mjs';
import { openJob, signIn } from './manners.mjs';

test('the finished job is handed over: its card opens through the private link in a signed-out browser', async ({ page, browser }) => {
    await signIn(page);
    await openJob(page, /Planetarium/, 'hand-over');
    await page.getByRole('link', { name: 'The card' }).click();
    await expect(page.getByRole('row', { name: /^Setting/ })).toContainText('link 3.5, 3 washers');
    for (const format of ['A4', 'Letter']) {
        expect((await page.pdf({ format })).toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(1);
    }
    await page.getByRole('button', { name: 'Create a link' }).click();
    const address = await page.getByLabel(/^Link made/).inputValue();

    const owner = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
    await owner.goto(address);
    await expect(owner.getByRole('heading', { name: 'Planetarium, new hitch' })).toBeVisible();
    await expect(owner.getByRole('row', { name: /^Front fender/ })).toContainText('37 7/8 in');
    expect(await owner.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0);
    const paper = await owner.request.get(await owner.getByRole('link', { name: 'PDF, A4' }).getAttribute('href'));
    expect(paper.headers()['content-type']).toContain('application/pdf');
    const text = execFileSync('php', ['-r', 'require "vendor/autoload.php"; echo (new Smalot\\PdfParser\\Parser)->parseContent(stream_get_contents(STDIN))->getText();'], { input: await paper.body() }).toString().replace(/\s+/g, ' ');
    for (const says of ['Planetarium, new hitch', 'link 3.5, 3 washers on both sides', '37 7/16 in 37 7/8 in', 'Ball nut 450 lb·ft (done', 'shank in drop, hole', 'Chock before uncoupling', 'Ease off the throttle', 'not a certificate']) {
        expect(text).toContain(says);
    }
    await owner.getByRole('link', { name: 'Unhitch' }).click();
    await expect(owner.getByText('Chock before uncoupling')).toBeVisible();

    await page.getByRole('button', { name: 'Revoke link' }).click();
    await expect(page.getByText(/, revoked \d/)).toBeVisible();
    await owner.goto(address);
    await expect(owner.getByRole('heading', { name: 'This link is closed' })).toBeVisible();
});

test('a wrench\'s reading is kept at its station, questioned where it is off, and stands on the card', async ({ page }) => {
    await signIn(page);
    await openJob(page, /Glassblowing/, 'head');
    const torques = page.getByRole('region', { name: 'Torques' });
    await torques.getByLabel('Head bolts, the wrench showed').fill('tight');
    await torques.getByLabel('Head bolts, the wrench showed').press('Enter');
    await expect(torques.getByRole('alert')).toContainText('xpected');
    await expect(torques.getByLabel('Head bolts, the wrench showed')).toHaveValue('tight');
    await torques.getByLabel('Head bolts, the wrench showed').fill('230');
    await torques.getByLabel('Head bolts, the wrench showed').press('Enter');
    await expect(torques).toContainText('Over-tight, as bad as loose: 230 lb·ft, the data sheet asks for 175 lb·ft.');
    await openJob(page, /Glassblowing/, 'card');
    await expect(page.getByRole('row', { name: /^Torques, from the data sheet/ })).toContainText('Head bolts 175 lb·ft (needs attention), Bracket bolts 65 lb·ft (not recorded)');

    await openJob(page, /Glassblowing/, 'head');
    await torques.getByLabel('Head bolts, the wrench showed').fill('240 N·m');
    await torques.getByLabel('Head bolts, the wrench showed').press('Enter');
    await expect(torques).not.toContainText('Over-tight');
    await expect(torques).toContainText('177 lb·ft, Wren Tallow');
    await openJob(page, /Glassblowing/, 'card');
    await expect(page.getByRole('row', { name: /^Torques, from the data sheet/ })).toContainText('Head bolts 175 lb·ft (done');
});
