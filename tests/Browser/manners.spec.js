import AxeBuilder from '@axe-core/playwright';
import { draw, expect, openDemo, putOnRack, register, test } from './shop.js';

async function noSeriousFinding(page, where) {
    const { violations } = await new AxeBuilder({ page })
        .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
        .analyze();
    const serious = violations
        .filter((v) => ['serious', 'critical'].includes(v.impact))
        .map(
            (v) =>
                `${where}: ${v.id} ${v.nodes
                    .map((n) => n.target.join(' '))
                    .slice(0, 4)
                    .join(', ')}`,
        );
    expect(serious).toEqual([]);
}

for (const theme of ['paper', 'dark']) {
    test(`no serious accessibility finding on any main screen, ${theme}`, async ({ page }) => {
        test.setTimeout(300_000);
        for (const path of ['/sign-in', '/register']) {
            await page.goto(path);
            await noSeriousFinding(page, path);
        }
        await register(page);
        await draw(page, 'Ebb bowl');
        const piece = page.url().replace(/\/shape.*/, '');
        await page.goto(`${piece}/marks`);
        await page.getByLabel('From, mm').fill('60');
        await page.getByLabel('To, mm').fill('80');
        await page.locator('select[name=technique]').selectOption('dye');
        await page.getByRole('button', { name: 'Place it' }).click();
        await expect(page.getByRole('cell', { name: /^Dye/ })).toBeVisible();
        const blank = await putOnRack(page);
        await page.goto('/shop');
        await page.getByLabel('Shop light').selectOption(theme);
        await page.getByRole('button', { name: 'Save for me' }).click();
        await expect(page.locator('html')).toHaveAttribute('data-theme', theme);
        for (const path of [
            '/bench',
            '/pieces',
            '/pieces/create',
            ...['shape', 'surface', 'marks', 'coats', 'route', 'record', 'card'].map((tab) => `${piece}/${tab}`),
            '/weeks',
            '/rack',
            '/rack/new',
            '/rack/weigh',
            '/rack/weights',
            '/rack/labels',
            blank,
            `${piece}/mark-out`,
            `${piece}/turned`,
            '/swatches',
            '/swatches/new',
            '/shop/climate',
            '/shop/lathe',
            '/shop/instruments',
            '/log',
            '/shelf',
            '/shelf/sizes?of=CAMI%20320',
            '/lab',
            '/shop/learnt',
            '/shelf/woods',
            '/shop',
            '/shelf/tin?product=Paste%20wax',
        ]) {
            await page.goto(path);
            await noSeriousFinding(page, path);
        }
        await page.goto('/bench');
        await page.getByRole('link', { name: 'Something is wrong' }).click();
        await noSeriousFinding(page, 'what is wrong');
        await page.getByText('Torn grain').click();
        await page.getByRole('button', { name: 'What can I do?' }).click();
        await expect(page.getByRole('heading', { name: 'Torn grain: what will you do?' })).toBeVisible();
        await noSeriousFinding(page, 'what to do');
    });
}

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
    const radius = page.getByLabel('outer node 6, radius');
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

test('the demo workshop is open at one press and stays within the screen', async ({ page }) => {
    await openDemo(page);
    await page.goto('/pieces');
    const piece = (await page.getByRole('link', { name: 'Ebb bowl' }).getAttribute('href')).replace(/\/shape$/, '');
    const paths = [
        '/bench',
        '/pieces',
        '/weeks',
        '/shelf',
        '/shelf/woods',
        '/swatches',
        '/shop',
        '/log',
        ...['shape', 'surface', 'marks', 'coats', 'route', 'record'].map((tab) => `${piece}/${tab}`),
    ];
    for (const width of [1280, 1024, 820, 390]) {
        await page.setViewportSize({ width, height: 1100 });
        for (const path of paths) {
            await page.goto(path);
            expect(
                await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth),
                `${path} at ${width}`,
            ).toBeLessThanOrEqual(0);
        }
    }
    await page.setViewportSize({ width: 820, height: 1180 });
    await page.goto('/bench');
    for (const button of await page.locator('.press-big').all())
        expect((await button.boundingBox()).height).toBeGreaterThanOrEqual(44);
});

test('two fields changed one right after the other are both kept', async ({ page }) => {
    await register(page);
    await draw(page, 'Quick bowl');
    await page.getByRole('link', { name: 'Coats', exact: true }).click();
    await page.getByRole('button', { name: 'Take Oil-varnish blend' }).click();
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
    await page.clock.install();
    await openDemo(page);
    const until = page.locator('[data-until]').first();
    await until.evaluate((el) => (el.dataset.until = String(Date.now() / 1000 + 9 * 3600 - 5)));
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
