import { expect, test } from './shop.mjs';
import { signIn } from './manners.mjs';

const slot = (page, title) => page.locator('.day-svg .slot', { hasText: title });

test('a job is dragged to another bay and moved by keys on the line of the day', async ({ page }) => {
    await signIn(page);
    await page.getByRole('link', { name: 'Line of the day' }).click();
    const puppets = slot(page, 'Puppet theatre');
    const [time, bay] = [await puppets.getAttribute('data-at'), await puppets.getAttribute('data-bay')];
    const other = bay === '1' ? '2' : '1';
    await page.locator('.day-svg').scrollIntoViewIfNeeded();
    const cell = await page.locator(`.day-svg .cell[data-at="15:00"][data-bay="${other}"]`).boundingBox();
    const from = await puppets.locator('rect').boundingBox();
    await page.mouse.move(from.x + 5, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(cell.x + cell.width / 2, cell.y + cell.height / 2, { steps: 6 });
    await page.mouse.up();
    await expect(puppets).toHaveAttribute('data-at', '15:00');
    await expect(puppets).toHaveAttribute('data-bay', other);

    await expect(puppets).toBeFocused();
    await page.keyboard.press('ArrowRight');
    await expect(puppets).toHaveAttribute('data-at', '15:15');
    await expect(puppets).toBeFocused();
    await page.keyboard.press('ArrowLeft');
    await expect(puppets).toHaveAttribute('data-at', '15:00');
    await expect(puppets).toBeFocused();
    await page.keyboard.press(other === '2' ? 'ArrowUp' : 'ArrowDown');
    await expect(puppets).toHaveAttribute('data-bay', bay);

    const form = page.getByRole('form', { name: 'Puppet theatre, first set-up' });
    await form.getByLabel('Time').fill('noon');
    await form.getByRole('button', { name: 'Save' }).click();
    await expect(form.getByRole('alert')).toContainText('Expected a time such as 13:45');
    await expect(form.getByLabel('Time')).toHaveValue('noon');
    await form.getByLabel('Time').fill(time);
    await form.getByRole('button', { name: 'Save' }).click();
    await expect(puppets).toHaveAttribute('data-at', time);
});

test('a customer is kept with their consent, found from the rig, called about what is due, and erased', async ({ page }) => {
    await signIn(page);
    await page.goto('/log/1');
    await page.getByRole('region', { name: 'Customer' }).getByRole('link', { name: 'Add customer' }).click();
    await page.getByLabel('Name').fill('Odile Harrow');
    await page.getByLabel('Phone').fill('+1 555 0133');
    await page.getByRole('button', { name: 'Save customer' }).click();
    await expect(page.getByRole('alert')).toContainText('Expected their consent');
    await expect(page.getByLabel('Name')).toHaveValue('Odile Harrow');
    await page.getByLabel('They agree that the shop keeps this.').check();
    await page.getByRole('button', { name: 'Save customer' }).click();
    await expect(page.getByRole('heading', { name: 'Odile Harrow' })).toBeVisible();
    await page.getByRole('button', { name: 'Erase customer' }).click();
    await expect(page.getByRole('alert')).toContainText('nothing was erased');
    await page.goto('/calls');
    await expect(page.getByRole('heading', { name: 'Calls to make' })).toBeVisible();
    await page.goto('/customers?find=Odile');
    await expect(page.getByRole('link', { name: 'Odile Harrow' })).toBeVisible();
});
