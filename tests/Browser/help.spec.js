import { draw, expect, openDemo, register, test } from './shop.js';

test('a word of the craft is explained over the page, and leads to the next', async ({ page }) => {
    await openDemo(page);
    await page.goto('/help/words/recoat-window');
    await page.getByRole('link', { name: 'Scuff', exact: true }).click();
    const sheet = page.getByRole('dialog', { name: 'Scuff' });
    await expect(sheet).toContainText('something to grip');
    await expect(sheet.locator('svg')).toBeVisible();
    await sheet.getByRole('link', { name: 'Recoat window' }).click();
    await expect(page.getByRole('dialog', { name: 'Recoat window' })).toContainText('until when it no longer grips');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    // The page under it is the same, and with a key held the link opens as any other.
    await expect(page.getByRole('heading', { level: 1, name: 'Recoat window' })).toBeVisible();
});

test('words lead to their meaning from the reasons of a figure', async ({ page }) => {
    await openDemo(page);
    await page.goto('/shelf');
    await page.goto('/shop/lathe');
    await expect(page.locator('a.term').first()).toBeVisible();
});

test('everything is found by a stroke, by keys alone', async ({ page }) => {
    await openDemo(page);
    await page.goto('/weeks');
    await page.keyboard.press('/');
    const sheet = page.getByRole('dialog', { name: 'Find' });
    await expect(sheet.getByRole('searchbox')).toBeFocused();
    await page.keyboard.type('ebb');
    await expect(sheet.getByRole('link', { name: 'Ebb bowl' })).toBeVisible();
    await page.keyboard.press('ArrowDown');
    await expect(sheet.getByRole('link', { name: 'Ebb bowl' })).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { level: 1, name: 'Ebb bowl' })).toBeVisible();
    // In a field the stroke is a stroke.
    await page.goto('/pieces');
    await page.getByRole('searchbox').first().fill('a');
    await page.getByRole('searchbox').first().press('/');
    await expect(page.getByRole('searchbox').first()).toHaveValue('a/');
    await expect(page.getByRole('dialog', { name: 'Find' })).toHaveCount(0);
});

test('the first steps lead through a piece of one’s own, and can be left', async ({ page }) => {
    await register(page, true);
    const steps = page.getByRole('complementary', { name: 'First steps' });
    await expect(steps).toContainText('1 of 5');
    await draw(page, 'Avocet bowl');
    await expect(steps).toContainText('2 of 5');
    await steps.getByRole('link', { name: 'Open its route' }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Avocet bowl' })).toBeVisible();
    await steps.getByRole('button', { name: 'Next' }).click();
    await expect(steps).toContainText('3 of 5');
    await steps.getByRole('button', { name: 'Next' }).click();
    await steps.getByRole('link', { name: 'Go to the Bench' }).click();
    await page.getByRole('button', { name: 'Done', exact: true }).first().click();
    await expect(page.locator('#said')).toContainText('Done:');
    await page.goto('/weeks');
    await expect(steps).toContainText('5 of 5');
    await steps.getByRole('button', { name: 'Finish' }).click();
    await expect(steps).toHaveCount(0);
    await expect(page.locator('#said')).toContainText('Help stands at the foot of every page');
});

test('a column is pasted into the nodes, and a size is typed as a sum', async ({ page }) => {
    await register(page);
    await draw(page, 'Godwit bowl', 'Deep bowl');
    await page.getByText('Type the nodes').click();
    const radius = (n) => page.getByLabel(`outside node ${n}, radius`);
    await radius(2).fill('120/2 + 1');
    await radius(2).press('Enter');
    await expect(radius(2)).toHaveValue('61');
    await radius(3).fill('3"');
    await radius(3).press('Tab');
    await expect(radius(3)).toHaveValue('76.2');
    await radius(2).focus();
    await page.evaluate(() => {
        const data = new DataTransfer();
        data.setData('text/plain', '60\n75');
        document.activeElement.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true }));
    });
    await expect(radius(3)).toHaveValue('75');
    await expect(page.locator('#piece-tools')).toContainText('shape');
    // By a rule: the inside follows the outside at one distance.
    await page.getByText('Redraw a line by rule').click();
    await page.locator('[name=way]').selectOption('even-wall');
    await page.locator('[name=redraw_wall]').fill('9');
    await page.getByRole('button', { name: 'Redraw it' }).click();
    await expect(page.locator('#said')).toContainText('The inside is redrawn');
    await page.getByRole('button', { name: 'Undo the inside redrawn' }).click();
    await expect(page.locator('#said')).toContainText('Undone: the inside redrawn');
});

test('a coat is dragged to its place, and put there by keys', async ({ page }) => {
    await register(page);
    await draw(page, 'Whimbrel bowl');
    await page.getByRole('link', { name: 'Coats', exact: true }).click();
    await page.getByRole('button', { name: 'Take it: Shellac, then three coats of wiping varnish' }).click();
    const rows = page.locator('[data-coat]');
    await expect(rows.first()).toContainText('ewaxed shellac');
    await page.getByRole('button', { name: 'Move coat 1: Alt with arrow up or down' }).focus();
    await page.keyboard.press('Alt+ArrowDown');
    await expect(rows.nth(1)).toContainText('ewaxed shellac');
    await expect(async () => {
        const from = await rows.nth(1).locator('.route-grip').boundingBox();
        const to = await rows.nth(0).boundingBox();
        await page.mouse.move(from.x + 8, from.y + 8);
        await page.mouse.down();
        await page.mouse.move(from.x + 12, from.y - 8, { steps: 4 });
        await page.mouse.move(to.x + 60, to.y + 8, { steps: 6 });
        await page.mouse.up();
        await expect(rows.first()).toContainText('ewaxed shellac', { timeout: 2000 });
    }).toPass();
});
