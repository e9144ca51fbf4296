import { draw, expect, register, test } from './shop.js';

// What has just changed takes no press for a moment.
const settled = (page) => expect(page.locator('[data-fresh], .rest')).toHaveCount(0);

const tap = async (page, button) => {
    await settled(page);
    await button.tap();
};

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
            await tap(page, page.getByRole('button', { name: 'Start the clock' }));
            await expect(page.locator('#now-title ~ .hands-row, .hands-row').first()).toContainText('Stop the clock');
            await tap(page, page.locator('#done'));
            await expect(page.locator('#now-title')).toContainText('Sand the inside');
            // It asks what a low lamp shows; a few are put right by hand, and it is looked at again.
            await tap(page, page.getByRole('button', { name: 'A few survivors' }));
            await expect(page.locator('[id^=look-raking]')).toContainText('Ring each in pencil');
            await tap(page, page.getByRole('button', { name: 'Clean: done' }));
            await expect(page.locator('#now-title')).not.toContainText('Sand the inside');
            const next = await page.locator('#now-title').innerText();
            // All over: on to the remedies, and back without one.
            await tap(page, page.getByRole('button', { name: 'All over' }).first());
            await expect(page).toHaveURL(/wrong/);
            await expect(page.locator('[name=fault_kind][value=scratches]')).toBeChecked();
            await tap(page, page.getByRole('link', { name: 'Nothing is wrong' }));
            await expect(page.locator('#now-title')).toHaveText(next);
            await tap(page, page.locator('#set-a-clock summary'));
            await tap(page, page.getByRole('button', { name: 'Start it' }));
            await expect(page.locator('#clocks')).toContainText('Pot life');
            await tap(page, page.getByRole('button', { name: /^Stop: Pot life/ }));
            await expect(page.locator('#clocks')).toContainText('stopped');
            // Twice on the same spot is once.
            const done = page.locator('#done');
            await page.evaluate(() => window.scrollTo(0, 0));
            await settled(page);
            const box = await done.boundingBox();
            // The finger itself, which waits for no page: one tap right behind the other.
            const finger = await page.context().newCDPSession(page);
            const touchPoints = [{ x: box.x + 20, y: box.y + 20 }];
            await Promise.all(
                ['touchStart', 'touchEnd', 'touchStart', 'touchEnd'].map((type) =>
                    finger.send('Input.dispatchTouchEvent', {
                        type,
                        touchPoints: type === 'touchStart' ? touchPoints : [],
                    }),
                ),
            );
            await expect(page.locator('#now-title')).not.toHaveText(next);
            await tap(page, page.getByRole('button', { name: 'Take it back' }));
            await expect(page.locator('#now-title')).toHaveText(next);
            expect(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth)).toBe(true);
        });

        test(`a node is moved by a fingertip beside it, under a loupe, on ${device}`, async ({ page }) => {
            await register(page);
            await draw(page, 'Ebb bowl');
            const node = page.locator('[data-node=outer-3]');
            await node.scrollIntoViewIfNeeded();
            const before = await node.getAttribute('aria-label');
            const box = await node.boundingBox();
            const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
            const cdp = await page.context().newCDPSession(page);
            const touch = (type, at) =>
                cdp.send('Input.dispatchTouchEvent', { type, touchPoints: at ? [{ x: at[0], y: at[1] }] : [] });
            // Where nothing is drawn, a little less than half of 44 px beside it.
            await touch('touchStart', [x + 14, y + 12]);
            const loupe = page.locator('.loupe');
            await expect(loupe).toBeVisible();
            await touch('touchMove', [x + 18, y + 6]);
            await touch('touchMove', [x + 24, y]);
            const shown = await loupe.boundingBox();
            expect(shown.y + shown.height < y || shown.x > x + 24 || shown.x + shown.width < x + 24).toBe(true);
            await touch('touchEnd');
            await expect(loupe).toHaveCount(0);
            await expect(node).not.toHaveAttribute('aria-label', before);
            const moved = await node.getAttribute('aria-label');
            await expect(page.locator('#said')).toContainText('Shape saved.');
            await page.reload();
            await expect(node).toHaveAttribute('aria-label', moved);
        });
    });
}
