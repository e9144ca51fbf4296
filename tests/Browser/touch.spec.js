import { draw, expect, register, test } from './shop.js';

// Two hands in gloves, no mouse and no keys: a day at the bench by touch alone.
for (const [device, viewport] of [
    ['a tablet', { width: 1280, height: 800 }],
    ['a phone', { width: 390, height: 844 }],
]) {
    test.describe(device, () => {
        test.use({ hasTouch: true, viewport });

        test(`a day at the bench by touch alone, on ${device}`, async ({ page }) => {
            await register(page);
            await draw(page, 'Ebb bowl');
            await page.goto('/bench');
            await page.getByRole('button', { name: 'Start the clock' }).tap();
            await expect(page.locator('#now-title ~ .hands-row, .hands-row').first()).toContainText('Stop the clock');
            await page.locator('#done').tap();
            await expect(page.locator('#now-title')).toContainText('Sand the inside');
            // It asks what a low lamp shows; a few are put right by hand, and it is looked at again.
            await page.getByRole('button', { name: 'A few survivors' }).tap();
            await expect(page.locator('#look-raking')).toContainText('Ring each in pencil');
            await page.getByRole('button', { name: 'Clean: done' }).tap();
            await expect(page.locator('#now-title')).not.toContainText('Sand the inside');
            const next = await page.locator('#now-title').innerText();
            // All over: on to the remedies, and back without one.
            await page.getByRole('button', { name: 'All over' }).first().tap();
            await expect(page).toHaveURL(/wrong/);
            await expect(page.locator('[name=fault_kind][value=scratches]')).toBeChecked();
            await page.getByRole('link', { name: 'Nothing is wrong' }).tap();
            await expect(page.locator('#now-title')).toHaveText(next);
            await page.locator('#set-a-clock summary').tap();
            await page.getByRole('button', { name: 'Start it' }).tap();
            await expect(page.locator('#clocks')).toContainText('Pot life');
            await page.getByRole('button', { name: /^Stop: Pot life/ }).tap();
            await expect(page.locator('#clocks')).toContainText('stopped');
            // Twice on the same spot is once.
            const done = page.locator('#done');
            const box = await done.boundingBox();
            await page.touchscreen.tap(box.x + 20, box.y + 20);
            await page.touchscreen.tap(box.x + 20, box.y + 20);
            await expect(page.locator('#now-title')).not.toHaveText(next);
            await page.getByRole('button', { name: 'Take it back' }).tap();
            await expect(page.locator('#now-title')).toHaveText(next);
            expect(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth)).toBe(true);
        });
    });
}
