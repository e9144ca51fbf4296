import { draw, expect, register, test } from './shop.js';

const area = (page, zone) =>
    page
        .getByRole('row', { name: new RegExp(`^${zone}`) })
        .getByRole('cell')
        .nth(1);

test('a new maker goes from a drawn bowl to a moved date, by mouse', async ({ page }) => {
    await register(page);
    await draw(page, 'Ebb bowl');

    // Shape: a dragged node changes the numbers while it moves, and is saved when it is let go.
    const before = await area(page, 'Outside').textContent();
    const handle = page.locator('[data-node="outer-5"]');
    const box = await handle.boundingBox();
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + 40, box.y + 6, { steps: 6 });
    await expect(area(page, 'Outside')).not.toHaveText(before);
    await page.mouse.up();
    await expect(page.locator('#undo button')).toBeEnabled();
    const dragged = await area(page, 'Outside').textContent();
    await page.reload();
    await expect(area(page, 'Outside')).toHaveText(dragged);
    await page.locator('#undo button').click();
    await expect(area(page, 'Outside')).toHaveText(before);

    // Surface: the shortest ladder, and an own one with its faults in words.
    await page.getByRole('link', { name: 'Surface' }).click();
    await expect(page.getByText('In one mount, grit by grit').first()).toBeVisible();
    await page.locator('[name="own[outside]"]').fill('P80, P180, P400');
    await page.getByRole('button', { name: 'Price it' }).first().click();
    await expect(page.getByText('the size falls by 2.45 times').first()).toBeVisible();

    // Marks: a band dragged on the drawing, dyed.
    await page.getByRole('link', { name: 'Marks' }).click();
    const drawing = await page.locator('svg[x-ref=overlay]').boundingBox();
    await page.mouse.move(drawing.x + drawing.width * 0.62, drawing.y + drawing.height * 0.45);
    await page.mouse.down();
    await page.mouse.move(drawing.x + drawing.width * 0.62, drawing.y + drawing.height * 0.34, { steps: 5 });
    await page.mouse.up();
    expect(Number(await page.getByLabel('To, mm').inputValue())).toBeGreaterThan(
        Number(await page.getByLabel('From, mm').inputValue()) + 3,
    );
    await page.locator('select[name=technique]').selectOption('dye');
    await page.getByRole('button', { name: 'Place it' }).click();
    await expect(page.getByRole('cell', { name: /^Dye water dye/ })).toBeVisible();
    await expect(page.locator('.piece-art [data-band^="m"]').first()).toBeAttached();

    // Coats: a proven stack, and the date with it.
    await page.getByRole('link', { name: 'Coats' }).click();
    const ready = await page.locator('#strip h2').textContent();
    await page.getByRole('button', { name: 'Take it: Shellac, then three coats of wiping varnish' }).click();
    await expect(page.locator('#strip h2')).not.toHaveText(ready);
    await expect(page.getByText('49 µm of film')).toBeVisible();
    const rub = page.getByLabel('Rub coat 2 with');
    await rub.selectOption('steel-wool');
    await expect(rub).toHaveValue('steel-wool');

    // Route and Weeks.
    await page.getByRole('link', { name: 'Route' }).click();
    await expect(page.locator('.route-step').first()).toContainText('1. Mount by the tenon');
    await expect(page.getByRole('img', { name: 'By the tenon' })).toBeVisible();
    await expect(page.getByText('Cut the groove', { exact: false })).toHaveCount(0);
    await page.getByRole('link', { name: 'Weeks' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/1 piece/);

    // Bench: a double press is one entry; the next step comes up; a mistake is taken back.
    await page.getByRole('link', { name: 'Bench' }).click();
    await expect(page.locator('#now-title')).toHaveText(/Mount by the tenon/);
    await page.getByRole('button', { name: 'Done', exact: true }).first().dblclick();
    await expect(page.locator('#now-title')).toHaveText(/Sand the inside, P80/);
    await page.getByRole('button', { name: 'Take it back' }).click();
    await expect(page.locator('#now-title')).toHaveText(/Mount by the tenon/);
    await page.getByRole('button', { name: 'Done', exact: true }).first().click();
    await expect(page.locator('#now-title')).toHaveText(/Sand the inside/);

    // Something is wrong: what, where, and the remedies side by side; until one is chosen the piece is held.
    await page.getByRole('link', { name: 'Something is wrong' }).click();
    await page.getByText('A crack', { exact: true }).click();
    await page.getByLabel('In your words').fill('a hairline by the rim');
    await page.getByRole('button', { name: 'What can I do?' }).click();
    await expect(page.getByRole('heading', { name: 'A crack: what will you do?' })).toBeVisible();
    await page.getByRole('link', { name: 'Bench' }).click();
    await expect(page.getByText('something is wrong.', { exact: false })).toBeVisible();
    await page.getByRole('link', { name: 'Choose what to do' }).click();
    const remedy = page.locator('section', { hasText: 'Run thin CA into it' });
    await expect(remedy.getByText('Then ready')).toBeVisible();
    await remedy.getByRole('button', { name: 'This one' }).click();
    await expect(page.locator('.route-step', { hasText: 'Run thin CA into the crack' }).first()).toBeVisible();
    await page.getByRole('link', { name: 'Record' }).click();
    await expect(page.getByText('a hairline by the rim')).toBeVisible();
    await expect(page.getByText('Taken back', { exact: false }).first()).toBeVisible();

    // Steps have their place: one that may not stand there says why, one that may moves, by keys and by dragging.
    await page.getByRole('link', { name: 'Route' }).click();
    const step = (words) =>
        page.locator('.route-step').filter({ has: page.locator('.route-title', { hasText: words }) });
    await step('Sand the outside').locator('.route-grip').focus();
    await page.keyboard.press('Alt+ArrowUp');
    await expect(page.getByText('Moved.', { exact: false })).toBeVisible();
    const titles = await page.locator('.route-step .route-title').allTextContents();
    const at = (words) => titles.findIndex((text) => text.includes(words));
    expect(at('Sand the outside')).toBeLessThan(at('Sand the rim'));
    const grip = step('Dust off').locator('.route-grip');
    // A page that is still being laid out moves what is to be gripped: then it is tried again.
    await expect(async () => {
        // Both in sight, and clear of the head of the page.
        await step('Dye').evaluate((row) => row.scrollIntoView({ block: 'center' }));
        const [from, to] = [await grip.boundingBox(), await step('Dye').boundingBox()];
        await page.mouse.move(from.x + 6, from.y + 10);
        await page.mouse.down();
        await page.mouse.move(from.x + 12, from.y - 12, { steps: 4 });
        await page.mouse.move(to.x + 200, to.y + 12, { steps: 6 });
        await page.mouse.up();
        const why = page.getByText('Not there. Cutting and burning would lay new dust on it.');
        await expect(why).toBeVisible({ timeout: 2000 });
    }).toPass();
});

test('the same by keyboard alone', async ({ page }) => {
    await register(page);
    await page.goto('/pieces/create');
    const press = async (...keys) => {
        for (const key of keys) await page.keyboard.press(key);
    };
    const reach = async (locator) => {
        for (let i = 0; i < 90; i++) {
            if (await locator.evaluate((el) => el === document.activeElement)) return;
            await page.keyboard.press('Tab');
        }
        throw new Error('The keyboard does not reach it.');
    };
    await reach(page.getByRole('radio', { name: 'Shallow bowl' }));
    await press('ArrowRight');
    await expect(page.getByLabel('Widest diameter, mm')).toHaveValue('220');
    await reach(page.getByLabel('Name'));
    await page.keyboard.type('Gorse bowl');
    await reach(page.locator('#taken-as-usual > summary'));
    await press('Enter');
    await reach(page.getByLabel('It begins as'));
    await page.keyboard.type('Turned');
    await reach(page.getByRole('button', { name: 'Draw it' }));
    await press('Enter');
    await expect(page.getByRole('heading', { name: 'Gorse bowl' })).toBeVisible();

    const rim = page.locator('[data-node="outer-5"]');
    await reach(rim);
    const before = await area(page, 'Outside').textContent();
    await press('Shift+ArrowRight');
    await expect(rim).toBeFocused();
    await expect(area(page, 'Outside')).not.toHaveText(before);
    await press('n');
    await expect(page.locator('[data-node^="outer-"]')).toHaveCount(7);
    await press('c');
    await press('Delete');
    await expect(page.locator('[data-node^="outer-"]')).toHaveCount(6);
    await expect(page.locator('#undo button')).toBeEnabled();
    const typed = page.getByText('Type the nodes');
    await reach(typed);
    await press('Enter');
    await page.getByLabel('outside node 6, radius').focus();
    await page.keyboard.press('Control+a');
    await page.keyboard.type('118');
    await press('Tab');
    await expect(page.getByText('236 mm').first()).toBeAttached();

    await page.getByRole('link', { name: 'Marks' }).focus();
    await press('Enter');
    await expect(page).toHaveURL(/marks/);
    await page.getByLabel('From, mm').focus();
    await page.keyboard.type('40');
    await press('Tab');
    await page.keyboard.type('42');
    await press('Enter');
    await expect(page.getByRole('cell', { name: 'V-groove, burnt line', exact: true })).toBeVisible();
    await page.getByRole('heading', { level: 1 }).click();
    await press('Control+z');
    await expect(page.getByRole('cell', { name: 'V-groove, burnt line', exact: true })).toHaveCount(0);
    await press('Control+Shift+Z');
    await expect(page.getByRole('cell', { name: 'V-groove, burnt line', exact: true })).toBeVisible();

    await page.getByRole('link', { name: 'Bench' }).focus();
    await press('Enter');
    await page.locator('#done').focus();
    await press('Enter');
    await expect(page.locator('#now-title')).toHaveText(/Sand the inside/);
});
