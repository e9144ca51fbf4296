import { draw, expect, openWays, register, test, wholeRoute } from './shop.js';

// What makers do at the lathe, start to finish: held by what is owned, out of the wood that is there.

test('a platter is turned by its edge where only a faceplate and wide jaws are owned', async ({ page }) => {
    await register(page);
    await page.goto('/shop/lathe');
    await page.getByRole('checkbox', { name: 'On a faceplate' }).check();
    await page.getByRole('checkbox', { name: 'In wide padded jaws' }).check();
    await page.getByLabel('Size of the hold in wide padded jaws').fill('400');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('every route was worked out again')).toBeVisible();
    await expect(page.getByLabel('Size of the hold in wide padded jaws')).toHaveValue('400');

    await draw(page, 'Gannet platter', 'Platter', 'blank');
    await wholeRoute(page);
    await expect(page.getByRole('region').getByText('Mount on a faceplate').first()).toBeVisible();
    await expect(
        page
            .getByRole('region')
            .getByText(/Turn it round and mount in wide jaws/i)
            .first(),
    ).toBeVisible();
    await expect(page.getByText(/Not by the tenon that was asked for/).first()).toBeVisible();
    await expect(page.getByText(/Cut the tenon/)).toHaveCount(0);
});

test('parts come out of the blank that is there, or the page says what is missing', async ({ page }) => {
    await register(page);
    await draw(page, 'Whimbrel mill', 'Mill', 'blank');
    const enter = async (length) => {
        await page.getByText('Enter the blank you have').click();
        await page.locator('[name=stock_form]').selectOption('square');
        await page.locator('[name=stock_length]').fill(length);
        await page.locator('[name=stock_width]').fill('75');
        await page.getByRole('button', { name: 'Use this blank' }).click();
    };
    await enter('120');
    await expect(page.getByText(/too short/).first()).toBeVisible();
    await page.getByRole('button', { name: 'Another blank' }).click();
    await enter('420');
    await expect(page.getByText(/of its length is needed/)).toBeVisible();
    await expect(page.getByText(/too short/)).toHaveCount(0);
    await wholeRoute(page);
    await expect(page.getByText('saw the blank apart').first()).toBeVisible();
});

test('a hole across is placed, drawn, and drilled once the inside is sanded', async ({ page }) => {
    await register(page);
    await draw(page, 'Dunlin yarn bowl', 'Deep bowl', 'blank');
    await page.getByText('Place a hole').click();
    await page.locator('[name=hole_across]').fill('8');
    await page.locator('[name=hole_height]').fill('999');
    await page.getByRole('button', { name: 'Place it' }).click();
    await expect(page.locator('#refused-hole-height').first()).toBeVisible();
    await expect(page.locator('[name=hole_height]')).toHaveValue('999');
    await page.locator('[name=hole_height]').fill('40');
    await page.locator('[name=hole_azimuth]').fill('90');
    await page.getByRole('button', { name: 'Place it' }).click();
    await expect(page.getByText(/8 mm across the side at 40 mm, 90°, through/).first()).toBeVisible();
    await expect(page.locator('[data-hole]').first()).toBeAttached();
    await wholeRoute(page);
    const steps = await page.locator('[data-step]').allTextContents();
    const at = (words) => steps.findIndex((step) => words.test(step));
    expect(at(/Drill the hole of 8 mm across at 40 mm, into the inside/)).toBeGreaterThan(at(/Sand the inside/));
});

test('a wet goblet is turned in one sitting and is off its hold before its coats', async ({ page }) => {
    await register(page);
    await draw(page, 'Turnstone goblet', 'Goblet', 'blank');
    await page.getByLabel('Moisture now, %').fill('45');
    await page.getByRole('button', { name: 'Save the part' }).click();
    await wholeRoute(page);
    await openWays(page);
    await page.locator('form').filter({ hasText: 'Turned once' }).getByRole('button', { name: 'This way' }).click();
    await expect(page.getByText(/goes on in one sitting/)).toBeVisible();
    // What the other way brings is folded like any other.
    await page.getByRole('button', { name: 'Open every step' }).click();
    await expect(page.getByText(/Part it off, its foot undercut/).first()).toBeVisible();
    await expect(page.getByText(/days in paper for/).first()).toBeVisible();
});
