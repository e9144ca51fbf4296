import { expect, onBench, openDemo, test } from './shop.js';

test('the shelf is counted by keyboard, a receipt is typed in one line, and both are taken back', async ({ page }) => {
    await openDemo(page);
    await page.goto('/shelf/count');
    const row = (name) => page.getByRole('row', { name: new RegExp(`^${name} `) });
    const active = () => page.evaluate(() => document.activeElement.labels?.[0]?.textContent);
    await expect.poll(active).toBe('P80');
    await page.keyboard.type('7');
    await page.keyboard.press('Enter');
    await expect.poll(active).toBe('P120');
    await page.keyboard.type('28');
    await page.getByLabel('Cups', { exact: true }).fill('11');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Enter');
    await expect(page.locator('#said')).toContainText('Counted: 3 rows');
    await expect(row('P80')).toContainText(' 7');
    await page.locator('[name=receipt]').fill('25 P240 12.50; 500 mL oil-varnish 18; 3 ketchup');
    await page.locator('[name=receipt]').press('Enter');
    await expect(page.locator('#problems')).toContainText('3 ketchup');
    await expect(page.locator('[name=receipt]')).toHaveValue('25 P240 12.50; 500 mL oil-varnish 18; 3 ketchup');
    await page.locator('[name=receipt]').fill('25 P240 12.50; 500 mL oil-varnish 18');
    await page.locator('[name=receipt]').press('Enter');
    await expect(page.locator('#said')).toContainText('On the shelf: 25 P240 and 500 mL Oil-varnish blend.');
    await page.getByRole('button', { name: 'Take back: P240' }).click();
    await expect(page.locator('#said')).toContainText('Taken back');
    await page.getByRole('button', { name: 'Take back: P80: 7 instead of 12' }).click();
    await expect(row('P80')).toContainText(' 12');
});

test('varnish is mixed for what is due, comes off the tin, and what is left is offered', async ({ page }) => {
    await openDemo(page);
    await (await onBench(page, page.getByRole('link', { name: 'Mix it' }))).click();
    await page.getByLabel('It is mixed').selectOption('two-part');
    await page.getByLabel('Resin, parts').fill('2');
    await page.getByLabel('Pot life, min').fill('40');
    await page.getByRole('button', { name: 'Work it out' }).click();
    await page.getByRole('button', { name: 'Mixed: start the pot’s clock' }).click();
    await expect(page).toHaveURL(/bench/);
    await onBench(page, page.getByRole('link', { name: 'Mix it' }));
    await expect(page.locator('#cups')).toContainText('left');
    await expect(page.locator('#cups')).toContainText('There is enough for');
    await expect(page.locator('#clocks')).toContainText('Pot life');
    await page.locator('#done').click();
    await expect(page.locator('#cups')).toContainText('used up');
    await page
        .locator('#cups')
        .getByRole('button', { name: /^The cup is empty/ })
        .click();
    await expect(page.locator('#cups')).toHaveCount(0);
});
