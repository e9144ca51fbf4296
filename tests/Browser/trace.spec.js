import { expect, now, openDemo, register, test } from './shop.js';

const due = () => new Date(now() + 40 * 86_400_000).toISOString().slice(0, 10);

const OUTLINE = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 60">
    <script>window.wasRun = true</script>
    <path d="M20 60 L20 57 C35 56 46 42 50 20" fill="none" stroke="black"/></svg>`;

const begin = async (page) => {
    await page.goto('/pieces/create');
    await page.getByLabel('Name').fill('Merganser bowl');
    await page.locator('[name=due]').fill(due());
    await page.getByText('From a picture of its half profile').click();
};

test('a piece is drawn from an SVG of its half profile, to the width that is typed', async ({ page }) => {
    await register(page);
    await begin(page);
    await page
        .getByLabel('Photograph or SVG')
        .setInputFiles({ name: 'bowl.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(OUTLINE) });
    await expect(page.getByLabel('Points, x and y')).toHaveValue(/^20,60 /);
    await expect(page.getByLabel('Centre line at x')).toHaveValue('20');
    // Its author meant 0 as the middle; the foot is then 40 of 100 across.
    await page.getByLabel('Centre line at x').fill('0');
    await page.getByLabel('Centre line at x').press('Tab');
    await expect(page.locator('#foreseen-verdict')).toContainText('Ready');
    expect(await page.evaluate(() => window.wasRun)).toBeUndefined();
    await page.getByRole('button', { name: 'Draw it' }).click();
    await page.getByText('Type the nodes').click();
    await expect(page.getByLabel('outside node 1, radius')).toHaveValue('52');
    await expect(page.getByLabel('outside node 1, height')).toHaveValue('0');
});

test('a piece is pressed over a photograph, point by point, and a point is taken back', async ({ page }) => {
    await openDemo(page);
    await begin(page);
    await page.getByLabel('Photograph or SVG').setInputFiles('docs/screenshots/bench.png');
    const stage = page.locator('.tracer');
    await expect(stage).toBeVisible();
    await stage.scrollIntoViewIfNeeded();
    const { width, height } = await stage.boundingBox();
    const press = (x, y) => stage.click({ position: { x: x * width, y: y * height } });
    await press(0.5, 0.9);
    await expect(page.getByLabel('Centre line at x')).not.toHaveValue('');
    for (const [x, y] of [
        [0.6, 0.9],
        [0.68, 0.8],
        [0.74, 0.6],
        [0.1, 0.1],
    ]) {
        await press(x, y);
    }
    const points = page.getByLabel('Points, x and y');
    await expect(points).toHaveValue(/^\S+ \S+ \S+ \S+$/);
    await page.getByRole('button', { name: 'Take back the last point' }).click();
    await expect(points).toHaveValue(/^\S+ \S+ \S+$/);
    await press(0.76, 0.3);
    await page.getByLabel('Drawn to').selectOption({ label: 'its height, as typed' });
    await expect(page.locator('#foreseen-verdict')).toContainText('Ready');
    await page.getByRole('button', { name: 'Plan it' }).click();
    await expect(page.getByRole('heading', { name: 'Merganser bowl' })).toBeVisible();
});

test('what is no picture is said, and typed points that make no piece stand where they were', async ({ page }) => {
    await register(page);
    await begin(page);
    await page
        .getByLabel('Photograph or SVG')
        .setInputFiles({ name: 'a.svg', mimeType: 'image/svg+xml', buffer: Buffer.from('<svg>nothing</svg>') });
    await expect(page.getByText('This picture cannot be read')).toBeVisible();
    await page.getByLabel('Points, x and y').fill('10,20 30');
    await page.getByLabel('Centre line at x').fill('0');
    await page.getByRole('button', { name: 'Draw it' }).click();
    await expect(page.getByText('every point takes two').first()).toBeVisible();
    await expect(page.getByLabel('Points, x and y')).toHaveValue('10,20 30');
    await expect(page.getByLabel('Name')).toHaveValue('Merganser bowl');
});

test('a blank of the rack is chosen where the piece is drawn, and what was typed goes along', async ({ page }) => {
    await openDemo(page);
    await begin(page);
    const cut = page.getByLabel('Cut from');
    const number = await cut.locator('option').nth(1).textContent();
    await cut.selectOption({ index: 1 });
    await expect(page.getByText(/^From number \d+/)).toBeVisible();
    await expect(page.getByLabel('Name')).toHaveValue('Merganser bowl');
    await expect(page.locator('[name=due]')).toHaveValue(due());
    expect(number).toMatch(/number \d+/);
    await page.getByLabel('Cut from').selectOption({ index: 0 });
    await expect(page.getByText(/^From number \d+/)).toHaveCount(0);
    await expect(page.getByLabel('Name')).toHaveValue('Merganser bowl');
});
