import { expect, now, putOnRack, register, test, wholeRoute } from './shop.js';

const daysAgo = (days) => new Date(now() - days * 86_400_000).toISOString().slice(0, 16);

test('a rack is weighed by keyboard alone, and the third weight gives a date', async ({ page }) => {
    await register(page);
    const blank = await putOnRack(page);
    for (const [days, grams] of [
        [60, 2350],
        [30, 1980],
    ]) {
        await page.getByLabel('Weight, g', { exact: true }).fill(`${grams}`);
        await page.getByLabel('When, if not now').fill(daysAgo(days));
        await page.getByRole('button', { name: 'Weighed', exact: true }).click();
        await expect(page.getByRole('cell', { name: new RegExp(grams.toLocaleString('en')) })).toBeVisible();
    }
    await expect(page.getByText('No date yet: a curve takes 3 weighings')).toBeVisible();
    await page.goto('/rack/weigh');
    await expect(page.getByLabel('Number on the wood')).toBeFocused();
    await page.keyboard.type('1');
    await page.keyboard.press('Tab');
    await page.keyboard.type('1780');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('cell', { name: /Ready about/ }).first()).toBeVisible();
    await expect(page.getByLabel('Number on the wood')).toBeFocused();
    await page.keyboard.type('99');
    await page.keyboard.press('Tab');
    await page.keyboard.type('500');
    await page.keyboard.press('Enter');
    await expect(page.locator('#refused-number')).toHaveText('Number is “99”; no blank on the rack has it.');
    await expect(page.getByLabel('Weight, g', { exact: true })).toHaveValue('500');
    await page.goto(blank);
    await expect(page.getByRole('img', { name: /Weight of number 1 over time/ })).toBeVisible();
    await expect(page.getByText('Thickest wall, turned true')).toBeVisible();
});

test('from a rough-out that still dries to a piece that waits for it', async ({ page }) => {
    await register(page);
    await putOnRack(page);
    for (const [days, grams] of [
        [60, 2350],
        [30, 1980],
        [2, 1760],
    ]) {
        await page.getByLabel('Weight, g', { exact: true }).fill(`${grams}`);
        await page.getByLabel('When, if not now').fill(daysAgo(days));
        await page.getByRole('button', { name: 'Weighed', exact: true }).click();
        await expect(page.getByRole('cell', { name: new RegExp(grams.toLocaleString('en')) })).toBeVisible();
    }
    await page.getByRole('link', { name: 'Make a piece of it' }).click();
    await expect(page.getByText('From number 1, Ash (white), still drying.')).toBeVisible();
    // Another form comes out of the same wood: its sizes and its grain stay.
    const across = await page.getByLabel('Widest diameter, mm').inputValue();
    await page.getByRole('radio', { name: 'Vase' }).check({ force: true });
    await expect(page.getByLabel('Widest diameter, mm')).toHaveValue(across);
    await expect(page.locator('[name=grain][value=side]')).toBeChecked();
    await page.getByRole('radio', { name: 'Deep bowl' }).check({ force: true });
    await page.getByLabel('Name').fill('Tern bowl');
    await page.getByLabel('Wall, mm').fill('25');
    await page.getByRole('button', { name: 'Draw it' }).click();
    await expect(page.locator('#refused-wall')).toContainText('out of this blank comes at most');
    await page.getByLabel('Wall, mm').fill('8');
    await page.getByRole('button', { name: 'Draw it' }).click();
    await expect(page.getByRole('heading', { name: 'Tern bowl', level: 1 })).toBeVisible();
    await wholeRoute(page);
    await expect(page.getByText(/Dry on the rack, then off the scale/).first()).toBeVisible();
    await expect(page.getByText(/May start/)).toBeVisible();
});

test('a station is set to nonsense and nothing of it is believed', async ({ page }) => {
    await register(page);
    await page.goto('/shop/climate');
    await page.getByLabel('Set to').selectOption('nonsense');
    await page.getByRole('button', { name: 'Set', exact: true }).click();
    await page.getByRole('button', { name: 'Read it now' }).click();
    await expect(page.getByText('Not possible in a shop. Not used.')).toBeVisible();
    await expect(page.getByText('by its setting: nothing was read lately')).toBeVisible();
    await page.getByLabel('Set to').selectOption('works');
    await page.getByRole('button', { name: 'Set', exact: true }).click();
    await page.getByRole('button', { name: 'Read it now' }).click();
    await expect(page.getByText('as it was read')).toBeVisible();
});
