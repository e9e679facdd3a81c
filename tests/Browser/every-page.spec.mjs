import { walk } from './manners.mjs';
import { expect, test } from './shop.mjs';

async function everyPage(page, look) {
    await page.goto('/');
    await look('yard');
    await page.goto('/jobs/new');
    await look('new job');
    await page.goto('/garage');
    await look('garage');
    await page.goto('/garage/hitch/2');
    await look('hitch');
    await page.goto('/garage/trailer');
    await look('trailers');
    await page.goto('/garage/away');
    await look('archive');
    for (const address of ['/log', '/log/1', '/log/1/care', '/take-in', '/shop', '/settings', '/people', '/deeds', '/account', '/practice', '/practice/record', '/practice/team', '/practice/explain/tongue', '/practice/explain/sway', '/choose-a-hitch?vehicle=2&trailer=2&heavy[fresh_tank]=100&want[]=quiet', '/experience', '/day', '/calls', '/customers', '/customers/1', '/calendar', '/account/tokens', '/jobs/6/procedures/unhitch/list']) {
        await page.goto(address);
        await look(address);
    }
}

test('every target is 44 px, nothing is cut off on laptop, tablet and phone, and no page of the shop breaks AA in either theme', async ({ page }) => {
    expect(await walk(page, everyPage)).toEqual([]);
});
