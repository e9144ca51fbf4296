import { expect, openDemo, test } from './shop.js';

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
