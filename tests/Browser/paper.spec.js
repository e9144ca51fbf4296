import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { expect, openDemo, test } from './shop.js';

// What is printed, and what a system shows that chooses its own colours.

const sheets = async (page, format, file) => {
    writeFileSync(file, await page.pdf({ format, preferCSSPageSize: false }));
    return Number(/Pages:\s+(\d+)/.exec(execFileSync('pdfinfo', [file]).toString())[1]);
};

for (const [paper, format] of [
    ['A4', 'A4'],
    ['letter', 'Letter'],
]) {
    test(`eight labels come on a sheet of ${format}`, async ({ page }, info) => {
        await openDemo(page);
        await page.goto('/rack/labels');
        const numbers = (await page.locator('.label .font-slab').allTextContents())
            .filter((text) => /^\d+$/.test(text.trim()))
            .map((text) => text.trim());
        expect(numbers.length).toBeGreaterThan(8);
        for (const [count, wanted] of [
            [8, 1],
            [9, 2],
        ]) {
            await page.goto(`/rack/labels?paper=${paper}&numbers=${numbers.slice(0, count).join('%2C')}`);
            await expect(page.locator('.label')).toHaveCount(count);
            expect(await sheets(page, format, info.outputPath(`${count}.pdf`)), `${count} labels`).toBe(wanted);
        }
    });
}

test('Weeks prints its chart with what its lines mean, and without what is for the screen', async ({ page }) => {
    await openDemo(page);
    await page.goto('/weeks');
    await page.emulateMedia({ media: 'print' });
    await expect(page.getByRole('navigation', { name: 'How far' })).toBeHidden();
    await expect(page.getByText(/hands · ▨ waits · ○ ready · ┄ to spare/)).toBeVisible();
    await expect(page.getByRole('complementary', { name: 'Chosen' })).toBeHidden();
    await expect(page.getByText('Why?')).toBeHidden();
    // Nothing is told apart by its colour alone: the line of the due date is there in ink.
    const red = await page.locator('main svg').first().innerHTML();
    expect(red).not.toContain('red line');
});

test('a week goes on one sheet of A4 and reads in black', async ({ page }, info) => {
    await openDemo(page);
    await page.goto('/weeks/sheet');
    const file = info.outputPath('week.pdf');
    writeFileSync(file, await page.pdf({ format: 'A4', landscape: true, preferCSSPageSize: false }));
    expect(execFileSync('pdfinfo', [file]).toString()).toMatch(/Pages:\s+1\n/);
    await page.emulateMedia({ media: 'print' });
    const colours = await page
        .locator('.week-days :is(h2, p, b)')
        .evaluateAll((all) => [...new Set(all.map((el) => getComputedStyle(el).color))]);
    expect(colours).toEqual(['rgb(0, 0, 0)']);
});

test('each print comes on as few sheets as it needs', async ({ page }, info) => {
    await openDemo(page);
    await page.goto('/pieces?q=Ebb');
    const ebb = await page.locator('main a[href*="/shape"]').first().getAttribute('href');
    await page.goto('/recipes');
    const recipe = await page
        .getByRole('link', { name: /^Change it/ })
        .first()
        .getAttribute('href');
    const wanted = {
        [ebb.replace('shape', 'card')]: 3,
        [ebb.replace('shape', 'mark-out')]: 1,
        [ebb.replace('shape', 'stick')]: 1,
        [ebb.replace('shape', 'owner-card')]: 1,
        [recipe]: 1,
    };
    for (const format of ['A4', 'Letter']) {
        for (const [path, most] of Object.entries(wanted)) {
            await page.goto(path);
            const count = await sheets(page, format, info.outputPath(`${format}.pdf`));
            expect(count, `${path} on ${format}`).toBeLessThanOrEqual(most);
        }
        await page.goto('/weeks');
        await expect(page.locator('.week-chart svg')).toBeVisible();
        const file = info.outputPath('weeks.pdf');
        writeFileSync(file, await page.pdf({ format, preferCSSPageSize: true }));
        expect(execFileSync('pdfinfo', [file]).toString(), `Weeks on ${format}`).toMatch(/Pages:\s+1\n/);
    }
    // What stands in a field is read on paper, and nothing is there to be pressed.
    await page.goto(recipe);
    await page.emulateMedia({ media: 'print' });
    await expect(page.locator('main button:visible')).toHaveCount(0);
    await expect(page.locator('.recipe-coats select').first()).toBeVisible();
});

test('in colours of the system every button can be read', async ({ page }) => {
    await openDemo(page);
    await page.emulateMedia({ forcedColors: 'active', colorScheme: 'dark' });
    for (const path of ['/bench', '/rack/weigh', '/pieces/create', '/shop']) {
        await page.goto(path);
        const unread = await page.locator('main button:visible').evaluateAll((all) =>
            all
                .map((el) => [el.textContent.trim(), getComputedStyle(el)])
                .filter(([, style]) => style.color === style.backgroundColor)
                .map(([text]) => text),
        );
        expect(unread, path).toEqual([]);
    }
    const piece = await page
        .goto('/pieces?q=Ebb')
        .then(() => page.locator('main a[href*="/shape"]').first().getAttribute('href'));
    await page.goto(piece.replace(/shape.*/, 'shape'));
    const line = await page.locator('.piece-art svg').evaluate((el) => getComputedStyle(el).color);
    expect(line).toBe(await page.locator('h1').evaluate((el) => getComputedStyle(el).color));
});
