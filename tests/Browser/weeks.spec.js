import { draw, expect, openDemo, register, test } from './shop.js';

const chosen = (page) => page.getByRole('complementary', { name: 'Chosen' });

test('two of fourteen are late: what would help is priced, compared and taken, and today has its musts', async ({
    page,
}) => {
    await openDemo(page);
    await draw(page, 'Pintail bowl');
    await draw(page, 'Dunlin platter', 'Platter');
    await page.goto('/weeks');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('2 of 14 pieces will be late');
    await page
        .getByRole('link', { name: /Kelp hollow form/ })
        .first()
        .click();
    await expect(chosen(page).getByRole('heading', { name: 'Kelp hollow form' })).toBeVisible();
    const row = chosen(page).locator('div', { hasText: 'Rubbed up by hand with paste' }).first();
    await expect(row).toContainText('in time');
    await row.getByRole('link', { name: 'Compare all' }).first().click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('2 late now, 1 then');
    await expect(page.getByText('Nothing of this is saved')).toBeVisible();
    await expect(page.getByRole('row', { name: /Kelp hollow form/ })).toContainText('in time');
    await page.getByRole('button', { name: 'Take it' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('1 of 14 pieces will be late');
    await expect(page.getByRole('status').first()).toContainText('Taken');
    await page.goto('/bench');
    await expect(page.getByRole('heading', { name: 'Today, or something is late' })).toBeVisible();
});

test('a due date is dragged, moved by arrow keys, and taken back', async ({ page }) => {
    await openDemo(page);
    await page.goto('/weeks');
    const flag = () => page.getByRole('slider', { name: /Skerry box due/ });
    const due = () => flag().getAttribute('aria-valuetext');
    const before = await due();
    const box = await flag().boundingBox();
    const day = await page
        .locator('.week-sheet')
        .evaluate(
            (sheet) => (Number(sheet.dataset.day) * sheet.getBoundingClientRect().width) / sheet.viewBox.baseVal.width,
        );
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + 3 * day, y, { steps: 6 });
    await page.mouse.up();
    await expect(page.getByRole('status').first()).toContainText('Skerry box is due');
    const later = await due();
    expect(later).not.toBe(before);
    await page.getByRole('button', { name: 'Take it back' }).click();
    await expect.poll(due).toBe(before);
    await flag().focus();
    for (let n = 0; n < 3; n++) await page.keyboard.press('ArrowRight');
    await page.keyboard.press('Enter');
    await expect.poll(due).toBe(later);
});

test('a piece goes behind another, and is let go by its own date again', async ({ page }) => {
    await openDemo(page);
    await page.goto('/weeks');
    await page
        .getByRole('link', { name: /Skerry box/ })
        .first()
        .click();
    const behind = () => chosen(page).getByLabel('Goes behind');
    await behind().selectOption({ label: 'Saltings dish' });
    await chosen(page).getByRole('button', { name: 'Save it' }).click();
    await expect(behind().locator('option:checked')).toHaveText('Saltings dish');
    await page.getByRole('button', { name: 'Take it back' }).click();
    await expect(behind().locator('option:checked')).toHaveText('nothing');
});

test('a step and a day are fixed and let go', async ({ page }) => {
    await register(page);
    await draw(page, 'Ebb bowl');
    await page.goto('/weeks');
    await page
        .getByRole('link', { name: /Ebb bowl/ })
        .first()
        .click();
    await chosen(page).getByRole('button', { name: /^Fix:/ }).first().click();
    await expect(chosen(page).getByRole('heading', { name: 'Pinned by you' })).toBeVisible();
    await chosen(page)
        .getByRole('button', { name: /^Let go: Ebb bowl/ })
        .click();
    await expect(chosen(page).getByRole('heading', { name: 'Pinned by you' })).toBeHidden();
    await page
        .getByRole('link', { name: /planned of/ })
        .nth(1)
        .click();
    await expect(chosen(page).getByText(/of hands\.|Nothing is planned/)).toBeVisible();
});

test('a second pair of hands has a bench of its own', async ({ page }) => {
    await register(page);
    await draw(page, 'Ebb bowl');
    await page.goto('/shop/hands');
    await page.getByText('Add a person').click();
    await page.getByLabel('Name', { exact: true }).first().fill('Idris Pell');
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(page.getByRole('region', { name: 'Idris Pell' })).toBeVisible();
    await expect(page.getByRole('region', { name: 'Nell' })).toBeVisible();
    await page.goto('/bench');
    await page.getByRole('navigation', { name: 'Whose bench' }).getByRole('link', { name: 'Idris Pell' }).click();
    await expect(page).toHaveURL(/hands=\d+/);
    await page.goto('/weeks?by=person');
    await expect(page.getByRole('link', { name: /Idris Pell/ })).toBeVisible();
});
