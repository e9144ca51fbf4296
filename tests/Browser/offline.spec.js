import { expect, openDemo, test } from './shop.js';

test.use({ serviceWorkers: 'allow' });

const kept = (page) =>
    page.evaluate(
        async () => (await caches.keys()).includes('pages') && (await (await caches.open('pages')).keys()).length,
    );

test('without a network the bench, the routes of what is in work and the weighing page open as they stood', async ({
    page,
    context,
}) => {
    await openDemo(page);
    await page.evaluate(() => navigator.serviceWorker.ready);
    await expect.poll(() => kept(page)).toBeGreaterThan(3);
    await expect(page.locator('html')).toHaveAttribute('data-kept', /\d/, { timeout: 60_000 });
    const title = await page.locator('#now-title').innerText();
    const route = await page.locator('#now-title a').getAttribute('href');
    await context.setOffline(true);
    await page.goto('/bench');
    await expect(page.locator('#now-title')).toHaveText(title);
    // Drawn, with its cautions, in its own styles.
    await expect(page.locator('.bench-art svg')).toBeVisible();
    expect(await page.locator('#now-title').evaluate((el) => getComputedStyle(el).fontFamily)).toContain('Bitter');
    await page.goto(new URL(route).pathname);
    await expect(page.locator('.route-step').first()).toBeVisible();
    await page.goto('/rack/weigh');
    await expect(page.getByLabel('Number on the wood')).toBeVisible();
    // What is not kept says so, and leads back.
    await page.goto('/shelf');
    await expect(page.getByRole('heading', { name: 'There is no network' })).toBeVisible();
    await page.getByRole('link', { name: 'To the Bench' }).click();
    await expect(page.locator('#now-title')).toHaveText(title);
    await context.setOffline(false);
    await page.goto('/shelf');
    await expect(page.getByRole('heading', { name: 'Abrasives' })).toBeVisible();
});

test('whoever signs out leaves nothing of the workshop on the device', async ({ page }) => {
    await openDemo(page);
    await page.evaluate(() => navigator.serviceWorker.ready);
    await expect.poll(() => kept(page)).toBeGreaterThan(3);
    await page.getByRole('button', { name: 'Sign out' }).click();
    await expect(page).toHaveURL(/sign-in/);
    await expect.poll(() => kept(page)).toBeFalsy();
});

test('the app can be put on a tablet', async ({ page, request }) => {
    await page.goto('/sign-in');
    const address = await page.locator('link[rel=manifest]').getAttribute('href');
    const answer = await request.get(address);
    expect(answer.headers()['content-type']).toContain('application/manifest+json');
    const manifest = await answer.json();
    expect(manifest.start_url).toBe('/bench');
    for (const { src, type } of manifest.icons) {
        const icon = await request.get(src);
        expect(icon.ok(), src).toBe(true);
        expect(icon.headers()['content-type']).toContain(type);
    }
    expect((await request.get('/sw.js')).headers()['cache-control']).toBe('no-cache');
});
