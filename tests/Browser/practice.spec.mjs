import { execFileSync } from 'node:child_process';
import { expect, test } from './shop.mjs';
import { inView, signIn, unfit } from './manners.mjs';

test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true });

const run = (page) => page.locator('[data-practice]');
const says = (page) => page.locator('[data-practice-says]');

/** What a learner reads off the drawn tape: the nearest graduation to the edge, by the number below it. */
async function readTape(page) {
    return page.locator('.tape-picture').evaluate((picture) => {
        const numbered = [...picture.querySelectorAll('[data-number]')].map((mark) => ({ inch: Number(mark.dataset.number), y: Number(mark.getAttribute('y1')) }));
        const below = numbered.filter((mark) => mark.y >= 0).sort((one, other) => one.y - other.y)[0];
        const sixteenths = below.inch * 16 + Math.round((below.y / 25.4) * 16);
        return `${Math.floor(sixteenths / 16)} ${sixteenths % 16}/16`;
    });
}

/** Waits until the run went on by what is done. */
async function stepped(page, doing) {
    const position = await page.locator('[name="position"]').first().inputValue();
    await doing();
    await expect(page.locator(`[name="position"][value="${Number(position) + 1}"]`).first().or(page.locator('[data-truth]'))).toBeAttached();
}

/** Presses a button of the run, and waits until the page says what came of it. */
async function act(page, name) {
    await stepped(page, () => run(page).getByRole('button', { name, exact: true }).tap());
}

/** Tapes both ends as the rig stands, bent down to the edge. */
async function tapeBoth(page) {
    for (const end of ['front', 'rear']) {
        if (await page.getByRole('link', { name: `Tape the ${end}` }).getAttribute('aria-current') === null) {
            await page.getByRole('link', { name: `Tape the ${end}` }).tap();
        }
        await expect(page.getByLabel(`What does the tape say at the ${end} edge?`)).toBeVisible();
        if (await page.getByRole('link', { name: 'Bend down to the edge' }).isVisible()) {
            await page.getByRole('link', { name: 'Bend down to the edge' }).tap();
            await expect(page.getByRole('link', { name: 'Stand up' })).toBeVisible();
        }
        await page.locator('#read').fill(await readTape(page));
        await stepped(page, () => page.getByRole('button', { name: 'Write it down' }).tap());
        await expect(says(page)).toContainText(end === 'front' ? 'Front read at' : 'Rear read at');
    }
}

async function begin(page, code) {
    await signIn(page);
    await page.getByRole('link', { name: 'Practice', exact: true }).tap();
    await page.getByLabel('Code').fill(code);
    await page.getByRole('button', { name: 'Start by code' }).tap();
    await expect(run(page)).toBeVisible();
}

/** Alone, coupled, bars on at a link: the order of the work. */
async function hookUp(page, link) {
    for (const step of ['Chock the wheels', 'Jack the pair up']) {
        await act(page, step);
    }
    await stepped(page, () => page.locator('#set-link').selectOption({ label: link }));
    await expect(says(page)).toContainText(`link ${link}`);
    for (const step of ['Put the bars on', 'Let the pair down', 'Take the chocks away', 'Roll forward and back']) {
        await act(page, step);
    }
}

/** The share that a setting truly restores, from the hidden rig itself. */
function truth(code, link) {
    return execFileSync('php', ['-r', `require 'vendor/autoload.php';
        $exercise = (new Yoke\\Proving\\Practice\\Exercise\\ExerciseSampler(new Yoke\\Measuring\\Estimation\\Prior\\PriorDoubts))->draw(Yoke\\Proving\\Practice\\Exercise\\ExerciseCode::parse('${code}'));
        $place = $exercise->start->at($exercise->start->setting->with('link', ${link}));
        echo round(100 * $exercise->hidden->share($place, [])).' %';`]).toString();
}

test('a level 2 rig is set up by reading the drawn tape, and the debrief tells its hidden truth', async ({ page }) => {
    await begin(page, '2-00018-3');
    await act(page, 'Take the chocks away');
    await act(page, 'Roll forward and back');
    await page.getByRole('link', { name: 'Tape the front' }).tap();
    await expect(page.locator('#read')).toBeVisible();
    await page.evaluate(() => window.scrollTo(0, 0));
    await inView(page, ['.tape-picture', '#read', '.practice-moves button', '.practice-looks button', '.practice-says', '.practice-drawing svg', '#pad button']);
    for (const key of ['3', '6', '7/16']) {
        await page.locator('#pad').getByRole('button', { name: key, exact: true }).tap();
    }
    await expect(page.locator('#read')).toHaveValue('36 7/16');
    expect(await unfit(page)).toEqual([]);
    await tapeBoth(page);
    await act(page, 'Couple');
    await act(page, 'Roll forward and back');
    await tapeBoth(page);
    await hookUp(page, '5');
    await tapeBoth(page);
    await expect(page.locator('.practice-heights')).toContainText('Carried link 5');
    await act(page, 'Drive off');
    await expect(page.getByRole('heading', { name: /Debrief/ })).toBeVisible();
    await expect(page.locator('[data-truth]')).toHaveText(truth('2-00018-3', 5));
    await expect(page.locator('.debrief-parts')).toContainText('In range 35/35');
    await expect(page.locator('.debrief-parts')).toContainText('Tape read 20/20');
    await page.getByRole('link', { name: 'Next exercise' }).tap();
    await expect(page.getByRole('region', { name: 'Next exercise' })).toContainText('Something is wrong');
});

test('what is wrong is found by looking, and what was taped with it is set aside', async ({ page }) => {
    await begin(page, '3-00024-3');
    await act(page, 'Take the chocks away');
    await act(page, 'Roll forward and back');
    await tapeBoth(page);
    await act(page, 'Couple');
    await act(page, 'Roll forward and back');
    await tapeBoth(page);
    await act(page, 'Tyres');
    await expect(says(page)).toContainText('All tyres are at their pressure.');
    await act(page, 'Jack foot');
    await expect(says(page)).toContainText('The jack foot still stands on the ground and carries weight.');
    await act(page, 'Put right');
    await expect(says(page)).toContainText('Put right: weight still on the jack.');
    await expect(page.locator('.practice-heights .is-void')).toContainText('Dropped');
    await act(page, 'Roll forward and back');
    await tapeBoth(page);
    await hookUp(page, '4');
    await tapeBoth(page);
    await act(page, 'Drive off');
    await expect(page.getByRole('region', { name: 'What was wrong' })).toContainText('Weight still on the jack found and put right.');
    await expect(page.locator('[data-truth]')).toHaveText(truth('3-00024-3', 4));
});

test('who drives off over-restored is stopped, and told why', async ({ page }) => {
    await begin(page, '4-00001-3');
    await act(page, 'Drive off');
    await expect(page.locator('.debrief-stop')).toContainText('Stopped: front over-restored');
    await expect(page.locator('.debrief-figures')).toContainText('0 points');
});

test('a run is played by the keyboard alone', async ({ page }) => {
    await signIn(page);
    const tabTo = async (locator) => {
        for (let presses = 0; presses < 90; presses++) {
            if (await locator.evaluate((element) => element === document.activeElement).catch(() => false)) {
                return;
            }
            await page.keyboard.press('Tab');
        }
        throw new Error('The keyboard does not reach it.');
    };
    const press = async (name) => {
        const button = run(page).getByRole('button', { name, exact: true });
        await tabTo(button);
        await stepped(page, () => page.keyboard.press('Enter'));
    };
    await tabTo(page.getByRole('link', { name: 'Practice', exact: true }));
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Practice yard' })).toBeVisible();
    await tabTo(page.getByLabel('Code'));
    await page.keyboard.type('2-00018-3');
    await page.keyboard.press('Enter');
    await expect(run(page)).toBeVisible();
    for (const step of ['Take the chocks away', 'Roll forward and back']) {
        await press(step);
    }
    await tabTo(page.getByRole('link', { name: 'Tape the front' }));
    await page.keyboard.press('Enter');
    await expect(page.locator('#read')).toBeFocused();
    await page.keyboard.type(await readTape(page));
    await page.keyboard.press('Enter');
    await expect(says(page)).toContainText('Front read at');
    await expect(page.locator('#read')).toBeFocused();
    for (const step of ['Couple', 'Chock the wheels', 'Jack the pair up']) {
        await press(step);
    }
    const link = page.locator('#set-link');
    await tabTo(link);
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowDown');
    await expect(says(page)).toContainText('link 5');
    for (const step of ['Put the bars on', 'Let the pair down', 'Take the chocks away', 'Drive off']) {
        await press(step);
    }
    await expect(page.locator('[data-truth]')).toHaveText(truth('2-00018-3', 5));
});
