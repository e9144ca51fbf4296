import { draw, expect, now, openDemo, register, test } from './shop.js';

test('a second tab cannot overwrite, and says so', async ({ page, context }) => {
    await register(page);
    await draw(page, 'Ebb bowl');
    const surface = page.url().replace(/\/shape.*/, '/surface');
    await page.goto(surface);
    const other = await context.newPage();
    await other.goto(surface);
    await other.locator('[name="tool_mark_um[outside]"]').fill('120');
    await other.getByRole('button', { name: 'Price it' }).first().click();
    await expect(other.locator('#said')).toContainText('Sanding saved.');
    await page.locator('[name="tool_mark_um[outside]"]').fill('30');
    await page.getByRole('button', { name: 'Price it' }).first().click();
    await expect(page.getByRole('alert')).toContainText('changed since you opened the page');
    await expect(page.locator('[name="tool_mark_um[outside]"]')).toHaveValue('30');
    await other.reload();
    await expect(other.locator('[name="tool_mark_um[outside]"]')).toHaveValue('120');
});

test('two benches press done at once and one entry is written', async ({ page, context }) => {
    await register(page);
    await draw(page, 'Ebb bowl');
    const other = await context.newPage();
    await Promise.all([page.goto('/bench'), other.goto('/bench')]);
    await Promise.all([page.locator('#done').click(), other.locator('#done').click()]);
    await expect(page.locator('#now-title')).toHaveText(/Sand the inside/);
    await expect(other.locator('#now-title')).toHaveText(/Sand the inside/);
    await page.locator('#now-title a').click();
    await page.getByRole('link', { name: 'Record' }).click();
    await expect(page.getByText('Done: Mount by the tenon')).toHaveCount(1);
});

test('an impossible shape is refused on the spot and the piece stays as it was', async ({ page }) => {
    await register(page);
    await draw(page, 'Ebb bowl');
    await page.getByText('Type the nodes').click();
    const radius = page.getByLabel('outside node 6, radius');
    const before = await radius.inputValue();
    await radius.fill('12');
    await radius.press('Tab');
    await expect(
        page.getByText('crosses or touches itself or the other curve', { exact: false }).first(),
    ).toBeVisible();
    await page.reload();
    await page.getByText('Type the nodes').click();
    await expect(radius).toHaveValue(before);
    await radius.fill('wide');
    await radius.press('Tab');
    await expect(page.getByText('it takes a number', { exact: false })).toBeVisible();
});

const overflow = (page) => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);

test('the demo workshop is open at one press and stays within the screen, with the longest words too', async ({
    page,
}) => {
    test.setTimeout(180_000);
    await openDemo(page);
    await page.goto('/pieces');
    const piece = (await page.getByRole('link', { name: 'Ebb bowl' }).getAttribute('href')).replace(/\/shape$/, '');
    const paths = [
        '/bench',
        '/pieces',
        '/weeks',
        '/rack',
        '/shelf',
        '/shelf/woods',
        '/shelf/mixes',
        '/swatches',
        '/shop',
        '/log',
        ...['shape', 'surface', 'marks', 'coats', 'route', 'record'].map((tab) => `${piece}/${tab}`),
    ];
    for (const width of [1280, 1024, 820, 390]) {
        await page.setViewportSize({ width, height: 1100 });
        for (const path of paths) {
            await page.goto(path);
            expect(await overflow(page), `${path} at ${width}`).toBeLessThanOrEqual(0);
            // What the hour and the maker write there may be longer than it happens to be now.
            await page.evaluate(() => {
                document
                    .querySelectorAll('[data-until]')
                    .forEach((el) => (el.textContent = 'in 47 h 59 and 12.9 days'));
                document
                    .querySelectorAll('main h1, main h2, main b')
                    .forEach((el) => el.children.length === 0 && (el.textContent += ' Abendschimmerschalenrohling 2'));
            });
            expect(await overflow(page), `${path} at ${width} with long words`).toBeLessThanOrEqual(0);
        }
    }
    await page.setViewportSize({ width: 820, height: 1180 });
    await page.goto('/bench');
    for (const button of await page.locator('.press-big').all())
        expect((await button.boundingBox()).height).toBeGreaterThanOrEqual(44);
});

test('the longest name of one word stays within every screen it stands on', async ({ page }) => {
    await register(page);
    await draw(page, 'W'.repeat(80));
    const piece = new URL(page.url()).pathname.replace(/\/shape$/, '');
    await page.setViewportSize({ width: 390, height: 844 });
    for (const path of ['/bench', '/pieces', '/weeks', '/log', `${piece}/shape`, `${piece}/route`, `${piece}/card`]) {
        await page.goto(path);
        expect(await overflow(page), path).toBeLessThanOrEqual(0);
    }
});

test('two fields changed one right after the other are both kept', async ({ page }) => {
    await register(page);
    await draw(page, 'Quick bowl');
    await page.getByRole('link', { name: 'Coats', exact: true }).click();
    await page.getByRole('button', { name: 'Take it: Oil-varnish blend' }).click();
    await expect(page.locator('#said')).toContainText('Coats saved.');
    const rub = (coat) => page.getByLabel(`Rub coat ${coat} with`);
    await expect(rub(2)).toHaveValue('pad');
    let saved = 0;
    page.on('response', (response) => (saved += response.request().postData()?.includes('name="denib"') ? 1 : 0));
    await page.evaluate(() => {
        for (const [label, value] of [
            ['Rub coat 1 with', 'paper'],
            ['Rub coat 2 with', 'steel-wool'],
        ]) {
            const field = document.querySelector(`[aria-label="${label}"]`);
            field.value = value;
            field.dispatchEvent(new Event('change', { bubbles: true }));
        }
    });
    await expect.poll(() => saved).toBe(2);
    await page.reload();
    await expect(rub(1)).toHaveValue('paper');
    await expect(rub(2)).toHaveValue('steel-wool');
});

test('the time to go runs on by whole minutes', async ({ page }) => {
    await page.clock.install({ time: now() });
    await openDemo(page);
    const until = page.locator('table.waiting [data-until]').first();
    // The page goes by the shop's clock, whatever its own device says.
    await until.evaluate((el) => {
        const { at } = document.querySelector('meta[name=alive]').dataset;
        el.dataset.until = String(Number(at) + 9 * 3600 - 5);
    });
    await page.clock.runFor(16_000);
    await expect(until).toHaveText('in 8 h 59');
});

test('scripts weigh under 90 kB gzipped', async ({ page, request }) => {
    await page.goto('/sign-in');
    const { gzipSync } = await import('node:zlib');
    let bytes = 0;
    for (const src of await page.locator('script[src]').evaluateAll((all) => all.map((el) => el.src)))
        bytes += gzipSync(await (await request.get(src)).body()).length;
    expect(bytes).toBeGreaterThan(1000);
    expect(bytes).toBeLessThan(90_000);
});
