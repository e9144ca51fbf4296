import { draw, expect, register, test, wholeRoute } from './shop.js';

test('a box with a lid of another wood and a crack in it, drawn in one tab and found again in another', async ({
    page,
    context,
}) => {
    await register(page);
    await draw(page, 'Skerry box', 'Lidded box');
    const parts = page.getByRole('navigation', { name: 'Parts' });
    await expect(parts.getByRole('link')).toHaveText(['Body', 'Lid']);
    await expect(page.locator('[data-part=lid]')).toHaveCount(2); // assembled, and apart

    // The lid is of another wood; the body keeps its own.
    await parts.getByRole('link', { name: 'Lid' }).click();
    await page.locator('select[name=wood]').selectOption('Holly (American)');
    await page.getByRole('button', { name: 'Save the part' }).click();
    await expect(page.locator('#said')).toContainText('Saved.');
    await expect(page.getByRole('heading', { level: 1 }).locator('..')).toContainText('holly');
    await expect(page.getByRole('cell', { name: /^fits, 0\.\d mm of play/ })).toBeVisible();

    // A crack, by two presses on the drawing.
    await page.getByText('Mark a flaw').click();
    const drawing = await page.locator('[data-drawing] svg').first().boundingBox();
    for (const share of [0.35, 0.75]) {
        await page
            .locator('[data-drawing] svg')
            .first()
            .click({ position: { x: drawing.width * share, y: drawing.height * 0.3 } });
    }
    const [from, to] = [page.getByLabel('From, mm'), page.getByLabel('To, mm')];
    expect(Number(await to.inputValue())).toBeGreaterThan(Number(await from.inputValue()));
    await page.locator('select[name=flaw_kind]').selectOption('crack');
    await page.getByRole('button', { name: 'Mark it' }).click();
    await expect(page.locator('#said')).toContainText('Placed.');
    await expect(page.locator('[data-drawing] [data-flaw]').first()).toBeAttached();
    const row = page.locator('[data-flaw-row]');
    await expect(row).toHaveCount(1);
    const written = await row.locator('summary').textContent();

    // Another tab finds all of it, on the lid and not on the body, and changes the wish.
    const other = await context.newPage();
    await other.goto(page.url());
    await expect(other.locator('select[name=wood]')).toHaveValue('Holly (American)');
    await expect(other.locator('[data-flaw-row] summary')).toHaveText(written);
    await other.locator('[data-flaw-row] summary').click();
    await other.locator('[data-flaw-row]').getByLabel('Wish').selectOption('stabilise');
    await other.getByRole('button', { name: 'Change it' }).first().click();
    await expect(other.locator('#said')).toContainText('Changed.');
    await other.getByRole('navigation', { name: 'Parts' }).getByRole('link', { name: 'Body' }).click();
    await expect(other.locator('[data-flaw-row]')).toHaveCount(0);
    await expect(other.locator('select[name=wood]')).not.toHaveValue('Holly (American)');

    // The first tab, which has not seen that, cannot overwrite it.
    await row.locator('summary').click();
    await row.getByLabel('Wish').selectOption('keep');
    await row.getByRole('button', { name: 'Change it' }).click();
    await expect(page.getByRole('alert').filter({ hasText: 'changed since you opened' })).toBeVisible();

    // The route: the lid's crack before the lid is sanded, and the fit before either is coated.
    await wholeRoute(other);
    const route = (await other.locator('main, body').first().textContent()).replace(/\s+/g, ' ');
    const places = ['Lid: run thin CA into the crack', 'Lid: sand the outside', 'Fit the lid', 'Body: dust off'].map(
        (words) => route.toLowerCase().indexOf(words.toLowerCase()),
    );
    expect(places.every((at, i) => at > (places[i - 1] ?? 0))).toBe(true);
});

test('a part is added, taken away and brought back, with its joint', async ({ page }) => {
    await register(page);
    await draw(page, 'Tern vase', 'Vase');
    await page.locator('select[name=kind]').selectOption({ index: 0 });
    await page.getByRole('button', { name: 'Draw it' }).click();
    const parts = page.getByRole('navigation', { name: 'Parts' });
    await expect(parts.getByRole('link')).toHaveCount(2);
    await expect(parts.locator('[aria-current]')).toHaveText('Lid');
    await page.getByRole('button', { name: /^Take .* away$/ }).click();
    await expect(parts).toHaveCount(0);
    await page.locator('#undo button').click();
    await expect(parts.getByRole('link')).toHaveCount(2);
});
