import { draw, expect, register, test } from './shop.js';

// One workshop and one piece for all of these: nothing here changes what another relies on.
let piece;
let signedIn;

test.describe.configure({ mode: 'serial' });

test.beforeAll(async ({ browser }) => {
    const page = await browser.newPage();
    await register(page);
    await draw(page, 'Ebb bowl');
    piece = page.url().replace(/\/shape.*/, '');
    signedIn = await page.context().storageState();
    await page.close();
});

test.beforeEach(async ({ context }) => {
    await context.addCookies(signedIn.cookies);
});

test('the drawing lights up with the table, both ways, and its zones open their sanding and coats', async ({
    page,
}) => {
    await page.goto(`${piece}/shape`);
    const outside = page.locator('[data-drawing] [data-zone=outside]');
    await page.getByRole('row', { name: /^Outside/ }).hover();
    await expect(outside).toHaveClass(/is-lit/);
    await page.getByRole('row', { name: /^Foot/ }).hover();
    await expect(outside).not.toHaveClass(/is-lit/);
    const box = await outside.boundingBox();
    await page.mouse.move(box.x + box.width * 0.4, box.y + box.height * 0.4);
    await expect(page.getByRole('row', { name: /^Outside/ })).toHaveClass(/bg-tint/);
    await page.getByRole('link', { name: /Inside, sanding$/ }).click();
    await expect(page).toHaveURL(/surface\?part=body#zone-inside/);
    await page.goBack();
    await page.getByRole('link', { name: 'Rim, coats' }).click();
    await expect(page).toHaveURL(/coats\?part=body#zone-rim/);
});

test('on the other tabs the small drawing leads to what is said of a zone', async ({ page }) => {
    await page.goto(`${piece}/surface`);
    await page.locator('#zone-inside').hover();
    await expect(page.locator('[data-index] [data-zone=inside]')).toHaveClass(/is-lit/);
    const rim = page.locator('[data-index] [data-zone=rim]').first();
    await rim.dispatchEvent('click');
    await expect(page.locator('#zone-rim')).toBeFocused();
    await expect(page.locator('#zone-rim')).toBeInViewport();
    await page.goto(`${piece}/record`);
    await page.locator('[data-index] [data-zone=outside]').click();
    await expect(page).toHaveURL(/surface\?part=body#zone-outside/);
});

test('a node is moved to the pointer, and a reload in the middle leaves the piece as it was', async ({ page }) => {
    await page.goto(`${piece}/shape`);
    const rim = page.locator('[data-node="outer-5"]');
    const before = await rim.getAttribute('aria-label');
    const box = await rim.boundingBox();
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + 50, box.y + 20, { steps: 4 });
    await expect(rim).not.toHaveAttribute('aria-label', before);
    await page.reload();
    await expect(rim).toHaveAttribute('aria-label', before);
    await expect(page.locator('#undo button')).toBeDisabled();
});

test('a double click adds a node on the line and makes a corner of one, and undo takes both back', async ({ page }) => {
    await page.goto(`${piece}/shape`);
    const nodes = page.locator('[data-node^="outer-"]');
    await expect(nodes).toHaveCount(6);
    const [a, b] = [
        await page.locator('[data-node="outer-3"]').boundingBox(),
        await page.locator('[data-node="outer-4"]').boundingBox(),
    ];
    await page.mouse.dblclick((a.x + b.x) / 2 + 8, (a.y + b.y) / 2 + 8);
    await expect(nodes).toHaveCount(7);
    const added = page.locator('[data-node="outer-4"]');
    await expect(added).toHaveAttribute('aria-label', /smooth/);
    await added.dblclick();
    await expect(added).toHaveAttribute('aria-label', /corner: /);
    // Two changes, saved one after the other however fast they came, before the link is followed.
    await page.getByRole('link', { name: 'Record' }).click();
    await expect(page.getByRole('cell', { name: /^3\. shape/ })).toBeVisible();
    await page.goBack();
    await expect(added).toHaveAttribute('aria-label', /corner: /);
    await page.locator('#undo button').click();
    await expect(added).toHaveAttribute('aria-label', /smooth/);
    await page.locator('#undo button').click();
    await expect(nodes).toHaveCount(6);
});

test('a node moved by key just before the page is left is kept', async ({ page }) => {
    await page.goto(`${piece}/shape`);
    const rim = async () => (await (await page.request.get(`${piece}/piece.json`)).json()).parts[0].shape.outer[5][1];
    const before = await rim();
    await page.locator('[data-node="outer-5"]').focus();
    await page.keyboard.press('ArrowRight');
    await page.goto('/bench');
    await expect.poll(rim).toBeCloseTo(before + 0.5, 1);
    await page.goto(`${piece}/shape`);
    await page.locator('#undo button').click();
    await expect.poll(rim).toBeCloseTo(before, 1);
});

test('a shape that could not be saved is not left by a link, and is saved once the shop answers', async ({
    page,
    context,
}) => {
    // On a slow machine the save has failed before the link is pressed: then the browser asks, and the maker stays.
    page.on('dialog', (asked) => asked.dismiss());
    await page.goto(`${piece}/shape`);
    await page.locator('[data-node="outer-5"]').focus();
    await context.setOffline(true);
    await page.keyboard.press('ArrowRight');
    await page.getByRole('link', { name: 'Record' }).click();
    await expect(page.getByRole('alert').filter({ hasText: 'Not saved.' })).toContainText('nothing was saved');
    await expect(page).toHaveURL(/shape$/);
    await context.setOffline(false);
    await page.locator('[data-node="outer-5"]').focus();
    await page.keyboard.press('ArrowLeft');
    await page.keyboard.press('ArrowRight');
    await expect(page.locator('#undo button')).toBeEnabled();
    await expect(page.getByRole('alert').filter({ hasText: 'Not saved.' })).toBeHidden();
    await page.locator('#undo button').click();
    await expect(page.locator('#undo button')).toBeDisabled();
});

test('a mark asks only for what it needs, and a band shows while its distances are typed', async ({ page }) => {
    await page.goto(`${piece}/marks`);
    const dye = page.locator('select[name=product]');
    await expect(dye).toBeHidden();
    await page.locator('select[name=technique]').selectOption('paint');
    await expect(page.locator('input[name=colour]')).toBeVisible();
    await expect(dye).toBeHidden();
    await page.locator('select[name=technique]').selectOption('scorch');
    await expect(page.locator('input[name=colour]')).toBeHidden();
    await page.locator('select[name=technique]').selectOption('dye');
    await expect(dye).toBeVisible();
    await page.getByLabel('From, mm').fill('30');
    await page.getByLabel('To, mm').fill('55');
    await expect(page.locator('svg[x-ref=overlay] .band')).toHaveCount(1);
    await page.getByLabel('To, mm').fill('20');
    await expect(page.locator('svg[x-ref=overlay] .band')).toHaveCount(0);
});

test('without a server nothing is lost and the maker is told', async ({ page, context }) => {
    await page.goto(`${piece}/surface`);
    await page.locator('[name="own[outside]"]').fill('P120, P180, P320');
    await context.setOffline(true);
    await page.getByRole('button', { name: 'Price it' }).first().click();
    await expect(page.locator('#said')).toContainText('nothing was saved');
    await expect(page.locator('[name="own[outside]"]')).toHaveValue('P120, P180, P320');
    await context.setOffline(false);
    await page.getByRole('button', { name: 'Price it' }).first().click();
    await expect(page.locator('#said')).toContainText('Sanding saved.');
    await page.locator('#undo button').click();
    await expect(page.locator('[name="own[outside]"]')).toHaveValue('');
});

test('a page that was open too long keeps what was typed', async ({ page, context }) => {
    await page.goto(`${piece}/surface`);
    await page.locator('[name="own[outside]"]').fill('P120, P180, P320');
    // What is still on its way would bring the session back.
    await page.route('**', (route) => (route.request().method() === 'GET' ? route.abort() : route.continue()));
    await expect(async () => {
        await context.clearCookies();
        await page.waitForTimeout(500);
        expect(await context.cookies()).toEqual([]);
    }).toPass();
    await page.getByRole('button', { name: 'Price it' }).first().click();
    await expect(page.locator('#said')).toContainText('open too long');
    await expect(page.locator('[name="own[outside]"]')).toHaveValue('P120, P180, P320');
});

test('the route card prints on A4 and on Letter, in ink alone', async ({ page }) => {
    await page.goto(`${piece}/card`);
    await page.emulateMedia({ media: 'print' });
    // The widths of the paper less the margins of the print style, in CSS pixels.
    for (const width of [688, 710]) {
        await page.setViewportSize({ width, height: 1000 });
        expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(
            0,
        );
    }
    await expect(page.getByRole('navigation', { name: 'Main' })).toBeHidden();
    await expect(page.getByText('Back to the route')).toBeHidden();
    expect(await page.evaluate(() => getComputedStyle(document.documentElement).backgroundColor)).toBe(
        'rgb(255, 255, 255)',
    );
    const boxes = page.locator('table svg[role=img]');
    await expect(boxes).toHaveCount(await page.locator('tbody tr').count());
    for (const format of ['A4', 'Letter']) expect((await page.pdf({ format })).length).toBeGreaterThan(5000);
});

test('the dark shop in inches, US grits and twelve hours, and back', async ({ page }) => {
    await page.goto('/shop/you');
    await page.getByLabel('Units').selectOption('imperial');
    await page.getByLabel('Grit scale you think in').selectOption('CAMI');
    await page.getByLabel('Clock').selectOption('12');
    await page.getByLabel('Shop light').selectOption('dark');
    await page.getByRole('button', { name: 'Save for me' }).click();
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
    await page.goto('/shop/climate');
    await expect(page.getByLabel('By day, °F')).toHaveValue('64.4');
    await page.goto(`${piece}/shape`);
    await expect(page.getByText('10.24 in').first()).toBeVisible();
    await page.getByText('Type the nodes').click();
    await expect(page.getByLabel('outside node 6, radius')).toHaveValue('5.118');
    await page.goto(`${piece}/surface`);
    await expect(page.getByText('≈ CAMI').first()).toBeVisible();
    await page.goto(`${piece}/route`);
    await expect(page.getByText(/\d (am|pm)/).first()).toBeVisible();
    await page.goto('/shop/you');
    await page.getByLabel('Units').selectOption('metric');
    await page.getByLabel('Grit scale you think in').selectOption('P');
    await page.getByLabel('Clock').selectOption('24');
    await page.getByLabel('Shop light').selectOption('paper');
    await page.getByRole('button', { name: 'Save for me' }).click();
    await expect(page.getByLabel('Units')).toHaveValue('metric');
    await page.goto('/shop/climate');
    await expect(page.getByLabel('By day, °C')).toHaveValue('18');
});
