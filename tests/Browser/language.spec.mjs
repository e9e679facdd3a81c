import { expect, test } from './shop.mjs';
import { openJob, signIn, unfit } from './manners.mjs';

const tablet = { width: 820, height: 1180 };
const phone = { width: 390, height: 844 };
/** Not the person that other tests sign in as: they go on in English. */
const ibby = 'ibby@quillfeather.example';

async function choose(page, label, language, button) {
    await page.goto('/account');
    await page.getByLabel(label, { exact: true }).selectOption(language);
    await page.getByRole('button', { name: button, exact: true }).tap();
    await expect(page.locator('html')).toHaveAttribute('lang', language);
    await page.waitForLoadState('load');
}

test('a fitter reads, types and is answered in Spanish, and goes back to English', async ({ browser }) => {
    const page = await (await browser.newContext({ viewport: tablet, hasTouch: true })).newPage();
    await signIn(page, ibby);
    const address = await openJob(page, /Puppet theatre/, 'alone');
    await choose(page, 'Language', 'es', 'Save');
    await expect(page.locator('html')).toHaveAttribute('lang', 'es');
    await page.goto(address);
    const front = page.getByLabel('Guardabarros delantero', { exact: true });
    const before = await front.inputValue();

    await front.fill('');
    for (const key of ['9', '7', ',', '8']) {
        await page.locator('#pad').getByRole('button', { name: key, exact: true }).tap();
    }
    await expect(front).toHaveValue('97,8');
    await expect(page.locator('#front-says')).toContainText('Se esperaba una altura de guardabarros entre 300 y 1800 mm');
    await expect(page.locator('#front-says')).toContainText('escriba 97,8 cm');
    await front.fill(before);
    await front.blur();

    await choose(page, 'Idioma', 'en', 'Guardar');
    await expect(page.locator('html')).toHaveAttribute('lang', 'en');
});

test('an owner reads the page of a Spanish link in Spanish and millimetres, in the shop\'s own browser or not', async ({ browser }) => {
    const page = await (await browser.newContext({ viewport: tablet, hasTouch: true })).newPage();
    await signIn(page);
    await openJob(page, /Planetarium/, 'card');
    await page.getByLabel('Language for the owner').selectOption('es');
    await page.getByLabel('Units for the owner').selectOption('1 mm');
    await page.getByRole('button', { name: 'Create a link' }).tap();
    const row = page.locator('.link-row', { hasText: 'Español, millimetres and kilograms' }).last();
    const link = await row.locator('input[readonly]').inputValue();

    const owner = await (await browser.newContext({ viewport: phone, hasTouch: true, locale: 'en-US' })).newPage();
    await owner.goto(link);
    await expect(owner.locator('html')).toHaveAttribute('lang', 'es');
    await expect(owner.getByRole('heading', { name: 'La carga de hoy' })).toBeVisible();
    await expect(owner.locator('main')).not.toContainText(/\b(in range|link \d|washers?)\b/);
    await expect(owner.locator('main')).toContainText(/\d{3} mm/);
    await owner.locator('[data-more]').nth(2).tap();
    await expect(owner.getByRole('heading', { name: 'Para esta carga' })).toBeVisible();
    await expect(owner.locator('main')).not.toContainText(/Expected|For this load|likely/);
    expect(await unfit(owner)).toEqual([]);

    await row.getByRole('button', { name: 'Revoke' }).tap();
    await owner.goto(link);
    await expect(owner.locator('html')).toHaveAttribute('lang', 'es');
});

test('nothing is cut off in Spanish, on tablet and phone', async ({ browser }) => {
    test.setTimeout(300_000);
    const page = await (await browser.newContext({ viewport: tablet, hasTouch: true })).newPage();
    await signIn(page, ibby);
    const jobs = [];
    for (const title of [/Planetarium/, /Seed library, spring/, /Glassblowing/, /Bell tower/]) {
        jobs.push((await openJob(page, title, '')).replace(/\/$/, ''));
    }
    await choose(page, 'Language', 'es', 'Save');
    const [planetarium, seeds, glass, tower] = jobs;
    const pages = [
        '/', '/jobs/new', '/garage', '/log', '/log/1', '/log/1/care', '/day', '/calls', '/customers', '/account', '/people', '/settings', '/experience', '/practice', '/practice/explain/shares', '/choose-a-hitch?vehicle=2&trailer=2&heavy[fresh_tank]=100', '/garage/hitch/1', '/new-load/1',
        ...['plan', 'card', 'weigh', 'bars-up', 'head', 'sway-control', 'procedures/hook-up', 'photos', 'files'].map((station) => `${planetarium}/${station}`),
        ...['brief', 'brackets', 'hand-over', 'visit', 'loads'].map((station) => `${seeds}/${station}`),
        ...['alone', 'dropped', 'bars'].map((station) => `${glass}/${station}`),
        ...['diagnosis', 'take-over', 'tongue', 'prove'].map((station) => `${tower}/${station}`),
    ];
    const found = [];
    for (const address of pages) {
        await page.goto(address);
        await expect(page.locator('html')).toHaveAttribute('lang', 'es');
        for (const size of [tablet, phone]) {
            await page.setViewportSize(size);
            const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
            const clipped = await page.locator('main a.button, main button, nav a').evaluateAll((targets) => targets
                .filter((target) => target.checkVisibility() && target.scrollWidth > target.clientWidth + 2)
                .map((target) => target.textContent.trim().slice(0, 40)));
            found.push(...(over > 0 ? [`${address} at ${size.width}: ${over} px over the edge`] : []), ...clipped.map((text) => `${address} at ${size.width}: cut off, ${text}`));
        }
        await page.setViewportSize(tablet);
    }
    await choose(page, 'Idioma', 'en', 'Guardar');

    expect(found).toEqual([]);
});
