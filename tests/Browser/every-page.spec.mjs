import { inParts, walk } from './manners.mjs';
import { expect, test } from './shop.mjs';

const addresses = [
    '/', '/jobs/new', '/garage', '/garage/hitch/2', '/garage/trailer',
    '/garage/away', '/log', '/log/1', '/log/1/care', '/take-in',
    '/shop', '/settings', '/people', '/deeds', '/account',
    '/practice', '/practice/record', '/practice/team', '/practice/explain/tongue', '/practice/explain/sway',
    '/choose-a-hitch?vehicle=2&trailer=2&heavy[fresh_tank]=100&want[]=quiet', '/experience', '/day', '/calls', '/customers',
    '/customers/1', '/calendar', '/account/tokens', '/jobs/6/procedures/unhitch/list',
];

// On whichever server is free: a page is only looked at.
test.describe.configure({ mode: 'parallel' });

for (const [part, some] of inParts(addresses)) {
    test(`every target is 44 px, nothing is cut off on laptop, tablet and phone, and no page of the shop breaks AA in either theme, ${part}`, async ({ page }) => {
        expect(await walk(page, async (walked, look) => {
            for (const address of some) {
                await walked.goto(address);
                await look(address);
            }
        })).toEqual([]);
    });
}
