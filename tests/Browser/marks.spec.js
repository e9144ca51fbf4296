import { readFileSync } from 'node:fs';
import { draw, expect, openDemo, register, test } from './shop.js';

// One maker for all of these, each with a piece of their own.
let signedIn;

test.describe.configure({ mode: 'serial' });

test.beforeAll(async ({ browser }) => {
    const page = await browser.newPage();
    await register(page);
    signedIn = await page.context().storageState();
    await page.close();
});

test.beforeEach(async ({ context }) => {
    await context.addCookies(signedIn.cookies);
});

const place = async (page, technique, from, to, more = {}) => {
    const another = page.getByRole('link', { name: 'Place another' });
    if (await another.isVisible()) await another.click();
    await expect(page.getByRole('heading', { name: 'Place a mark' })).toBeVisible();
    await page.locator('select[name=technique]').selectOption(technique);
    await page.getByLabel('From, mm').fill(String(from));
    await page.getByLabel('To, mm').fill(String(to));
    for (const [name, value] of Object.entries(more)) await page.locator(`[name=${name}]`).fill(value);
    await page.getByRole('button', { name: 'Place it' }).click();
    await expect(page.getByRole('button', { name: 'Set it' })).toBeVisible();
};
const set = async (page, values) => {
    for (const [name, value] of Object.entries(values)) {
        const field = page.locator(`#mark-settings [name="set[${name}]"]`);
        if ((await field.evaluate((el) => el.tagName)) === 'SELECT') await field.selectOption(value);
        else await field.fill(value);
    }
    await page.getByRole('button', { name: 'Set it' }).click();
    await expect(page.locator('#said')).toContainText('Mark changed');
};
const figure = (page, label) => page.getByRole('row', { name: new RegExp(`^${label} `) }).getByRole('cell');

test('an ebb-and-flow bowl: fluted foot, three dyes between burnt lines, a pen-burnt rim, to the route card', async ({
    page,
}) => {
    test.setTimeout(120_000);
    await draw(page, 'Ebb bowl');
    await page.getByRole('link', { name: 'Marks' }).click();
    await expect(page.getByText('Nothing is marked yet.')).toBeVisible();

    await place(page, 'flutes', 14, 50, { name: 'Shore' });
    await set(page, { count: '24', depth_mm: '1.5', fade_mm: '10' });
    await expect(page.getByRole('columnheader', { name: 'Land left' })).toBeVisible();
    await expect(figure(page, 'Flute long')).toHaveText('36.00 mm');
    await expect(page.getByText('24 parts')).toBeVisible();

    await place(page, 'burnt-line', 52, 53.6);
    for (const [name, colour] of [
        ['Dark', '#12222d'],
        ['Deep', '#1d6b86'],
        ['Shallow', '#c9a24a'],
    ]) {
        await place(page, 'dye', 54, 78, { name, colour });
        await expect(page.getByRole('heading', { name })).toBeVisible();
    }
    await place(page, 'burnt-line', 78.6, 80.2);
    await place(page, 'pen-pattern', 84, 96, { name: 'Rim' });
    await set(page, { unit: 'scale', count: '36' });
    await expect(page.getByRole('columnheader', { name: 'A repeat is wide' })).toBeVisible();
    const pen = await figure(page, 'Strokes').textContent();
    await set(page, { count: '60' });
    await expect(figure(page, 'Strokes')).not.toHaveText(pen);

    // Laid flat, and a template of it.
    await expect(page.getByRole('img', { name: /laid flat/ })).toBeVisible();
    const [template] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: 'PDF, A4' }).click(),
    ]);
    expect(template.suggestedFilename()).toMatch(/^ebb-bowl-rim-[\w-]+-template-a4\.pdf$/);

    // What it will look like, in the round.
    await page.getByRole('link', { name: 'Turn it round' }).click();
    await expect(page.getByRole('button', { name: 'Save as PNG' })).toBeVisible({ timeout: 20_000 });
    const [gltf] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: 'Save as glTF' }).click(),
    ]);
    expect(gltf.suggestedFilename()).toBe('ebb-bowl-turned.gltf');
    // In metres, as the format wants: a bowl of 26 cm, and not of 260 m.
    const { accessors } = JSON.parse(readFileSync(await gltf.path(), 'utf8'));
    expect(
        Math.max(...accessors.filter(({ type, max }) => type === 'VEC3' && max).flatMap(({ max }) => max)),
    ).toBeLessThan(1.01);
    const wide = accessors.find(({ type, max }) => type === 'VEC3' && max && max[0] < 0.9);
    expect(wide.max[0] - wide.min[0]).toBeCloseTo(0.26, 1);
    await page.getByRole('link', { name: 'Back to the marks' }).click();

    // Every edge once, to read at the lathe.
    await page.getByRole('link', { name: 'Mark-out list' }).click();
    await expect(page.getByRole('cell', { name: /Rim, upper edge/ })).toBeVisible();
    await page.getByRole('link', { name: 'Back to the marks' }).click();

    // Colours go on dark to light with sanding back between, after what is cut and burnt.
    await page.getByRole('link', { name: 'Route' }).click();
    await expect(page.locator('[data-step]').first()).toBeVisible();
    const titles = await page.locator('[data-step]').evaluateAll((all) => all.map((el) => el.dataset.step));
    expect(titles.length).toBeGreaterThan(8);
    await page.goto(page.url().replace(/route.*/, 'card'));
    const card = (await page.locator('table').first().innerText()).toLowerCase();
    const at = (word, from = 0) => {
        expect(card.indexOf(word, from), word).toBeGreaterThan(-1);
        return card.indexOf(word, from);
    };
    const dark = at('dark: dye');
    for (const word of ['shore: carve the flutes', 'burn the line', 'rim: burn the pattern']) {
        expect(at(word)).toBeLessThan(dark);
    }
    at('shallow: dye', at('sand the colour back', at('deep: dye', at('sand the colour back', dark))));
});

test('a hook across the grain is refused and moved to where it holds', async ({ page }) => {
    await draw(page, 'Yarn bowl');
    await page.getByRole('link', { name: 'Marks' }).click();
    await place(page, 'piercing', 50, 75);
    await set(page, { opening: 'hook', start_deg: '0' });
    await expect(page.getByText('it snaps').first()).toBeVisible();
    await expect(page.locator('#strip h2')).not.toContainText('Ready');
    await set(page, { start_deg: '90' });
    await expect(page.getByText('it snaps')).toHaveCount(0);
    await expect(figure(page, 'Strength left')).toHaveText('100 %');
    await expect(page.locator('#strip h2')).toContainText('Ready');
});

test('a band is told of while it is dragged, and is laid out by proportion', async ({ page }) => {
    await draw(page, 'Ebb bowl');
    await page.getByRole('link', { name: 'Marks' }).click();
    const drawing = await page.locator('svg[x-ref=overlay]').boundingBox();
    await page.mouse.move(drawing.x + drawing.width * 0.62, drawing.y + drawing.height * 0.5);
    await page.mouse.down();
    await page.mouse.move(drawing.x + drawing.width * 0.62, drawing.y + drawing.height * 0.36, { steps: 5 });
    await expect(page.getByRole('status').filter({ hasText: 'along' })).toContainText('⌀');
    await page.mouse.up();
    await page.getByText('Lay it out by proportion').click();
    await page.locator('select[name=lay]').selectOption('golden');
    await page.getByRole('button', { name: 'Show where it comes' }).click();
    await expect(page.getByLabel('From, mm')).toHaveValue('0');
    await expect(page.locator('svg[x-ref=overlay] .band')).toHaveCount(1);
});

test('a unit of one’s own is drawn by keys, meets itself and is used', async ({ page }) => {
    await draw(page, 'Ebb bowl');
    await page.getByRole('link', { name: 'Marks' }).click();
    await place(page, 'pen-pattern', 50, 70);
    await page.getByRole('link', { name: 'Draw your own repeat' }).click();
    const square = page.getByRole('application');
    await square.focus();
    for (let i = 0; i < 4; i++) await page.keyboard.press('Shift+ArrowLeft');
    await page.keyboard.press('Enter');
    for (let i = 0; i < 8; i++) await page.keyboard.press('Shift+ArrowRight');
    await page.keyboard.press('ArrowUp');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Escape');
    await expect(page.getByText('2 loose')).toBeVisible();
    await page.keyboard.press('Backspace');
    for (let i = 0; i < 8; i++) await page.keyboard.press('Shift+ArrowLeft');
    await page.keyboard.press('Enter');
    for (let i = 0; i < 8; i++) await page.keyboard.press('Shift+ArrowRight');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Escape');
    await expect(page.getByText('1 stroke; it meets itself.')).toBeVisible();
    await page.getByRole('button', { name: 'Save the repeat' }).click();
    await expect(page.locator('#said')).toContainText('The repeat is saved.');
    await page.getByRole('link', { name: /^Ebb bowl:/ }).click();
    await expect(page.getByText('This one is drawn by you.')).toBeVisible();
});

test('a mixture is found on the wheel and a board is measured by pressing its photograph', async ({
    page,
    context,
}) => {
    await context.clearCookies();
    await openDemo(page);
    await page.getByRole('link', { name: 'Swatches' }).click();
    await page.getByRole('link', { name: '1 Lagoon, 1 Straw', exact: true }).click();
    await expect(page.getByRole('heading', { name: '1 Lagoon, 1 Straw' })).toBeVisible();
    await expect(page.getByText('To mix for one layer')).toBeVisible();
    await page.getByRole('link', { name: 'Lagoon on ash' }).click();
    const photo = await page.getByRole('img', { name: 'The test board beside a grey card' }).boundingBox();
    await page.mouse.click(photo.x + photo.width * 0.85, photo.y + photo.height * 0.55);
    await page.mouse.click(photo.x + photo.width * 0.3, photo.y + photo.height * 0.6);
    await page.getByRole('button', { name: 'Measure' }).click();
    await expect(page.locator('#said')).toContainText('Measured.');
    await page.getByRole('button', { name: 'Leave it out' }).click();
    await expect(page.getByText('Left out: plans use the model alone.').first()).toBeVisible();
});

test('a browser that cannot draw in the round shows the still drawing', async ({ page }) => {
    await page.addInitScript(() => {
        const get = HTMLCanvasElement.prototype.getContext;
        HTMLCanvasElement.prototype.getContext = function context(kind, ...more) {
            return kind.startsWith('webgl') ? null : get.call(this, kind, ...more);
        };
    });
    await draw(page, 'Ebb bowl');
    await page.goto(page.url().replace(/shape.*/, 'turned'));
    await expect(page.getByText('This browser cannot draw it in the round')).toBeVisible();
    await expect(page.locator('.turned-still svg')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Save as PNG' })).toBeHidden();
});

test('a band lands under the pointer that drags it, on flat forms and tall, at every width', async ({
    page,
    context,
}) => {
    test.setTimeout(120_000);
    await context.clearCookies();
    await openDemo(page);
    for (const name of ['Ebb bowl', 'platter', 'vase']) {
        await page.goto(`/pieces?q=${name}`);
        const shape = await page.locator('main a[href*="/shape"]').first().getAttribute('href');
        for (const width of [390, 768, 1024, 1280, 1920]) {
            await page.setViewportSize({ width, height: 1000 });
            await page.goto(shape.replace(/shape.*/, 'marks'));
            const overlay = page.locator('svg[x-ref=overlay]');
            await overlay.scrollIntoViewIfNeeded();
            // Two places on the outside, as the drawing has them on the screen.
            const [from, to] = await overlay.evaluate((el) => {
                const { lines } = JSON.parse(el.closest('[data-panel]').dataset.panel);
                const drawn = el.parentElement.querySelector('.piece-art svg').getScreenCTM();
                return [0.4, 0.7].map((share) => {
                    const [x, y] = lines.outer[Math.floor(share * (lines.outer.length - 1))];
                    const at = new DOMPoint(x, y).matrixTransform(drawn);
                    return { x, y, screen: [at.x, at.y] };
                });
            });
            await page.mouse.move(...from.screen);
            await page.mouse.down();
            await page.mouse.move(...to.screen, { steps: 5 });
            await page.mouse.up();
            // The band begins and ends where the pointer did: nearest of its own points, in pixels.
            const off = await overlay.locator('.band').evaluate(
                (band, places) =>
                    places.map(({ x, y }) => {
                        const long = band.getTotalLength();
                        const scale = band.getScreenCTM().a;
                        return Math.min(
                            ...Array.from({ length: 1201 }, (_, i) => {
                                const at = band.getPointAtLength((long * i) / 1200);
                                return scale * Math.hypot(at.x - x, at.y - y);
                            }),
                        );
                    }),
                [from, to],
            );
            expect(Math.max(...off), `${name} at ${width}`).toBeLessThan(3);
        }
    }
});
