import { draw, expect, onBench, openDemo, putOnRack, register, test } from './shop.js';

// What of the page is too small, too close to its neighbour, or written too small for a hand in a glove, an arm away.
const tooSmall = (page) =>
    page.evaluate(() => {
        const shown = (el) => el.checkVisibility({ checkVisibilityCSS: true });
        const name = (el) => `${el.tagName} ${(el.textContent || el.name || '').trim().slice(0, 30)}`;
        const targets = [...document.querySelectorAll('main :is(a[href], button, input, select, textarea, summary)')]
            .filter((el) => shown(el) && !el.closest('svg') && el.type !== 'hidden')
            .filter((el) => !(el.type === 'checkbox' || el.type === 'radio'));
        const boxes = targets.map((el) => [el, el.getBoundingClientRect()]);
        const wrong = [];
        for (const [el, box] of boxes) {
            if (box.height < 47.5 || box.width < 47.5) {
                wrong.push(`${name(el)}: ${Math.round(box.width)} × ${Math.round(box.height)}`);
            }
            for (const [other, next] of boxes) {
                if (other === el || el.contains(other) || other.contains(el)) continue;
                const across = Math.max(next.left - box.right, box.left - next.right);
                const down = Math.max(next.top - box.bottom, box.top - next.bottom);
                if (Math.max(across, down) < 7.5 && name(el) < name(other)) {
                    wrong.push(`${name(el)} and ${name(other)}: ${Math.round(Math.max(across, down))} apart`);
                }
            }
        }
        const walker = document.createTreeWalker(document.querySelector('main'), NodeFilter.SHOW_TEXT);
        for (let node = walker.nextNode(); node; node = walker.nextNode()) {
            const el = node.parentElement;
            if (!node.textContent.trim() || !shown(el) || el.closest('svg, option, script, .sr-only')) continue;
            const size = parseFloat(getComputedStyle(el).fontSize);
            if (size < 18) wrong.push(`“${node.textContent.trim().slice(0, 30)}” at ${size} px`);
        }
        return wrong;
    });

for (const [width, height] of [
    [1280, 800],
    [390, 844],
]) {
    test(`hands in gloves find the bench, its step, the scale and the air at ${width} × ${height}`, async ({
        page,
    }) => {
        test.setTimeout(300_000);
        await page.setViewportSize({ width, height });
        await openDemo(page);
        await page.locator('#set-a-clock summary').click();
        await page.getByLabel('Rings after, min').fill('20');
        await page.getByRole('button', { name: 'Start it' }).click();
        await expect(page.locator('#clocks')).toContainText('Pot life');
        expect(await tooSmall(page)).toEqual([]);
        // What is mixed for the step, and what is wrong with it.
        for (const link of ['Mix it', 'Something is wrong']) {
            await (await onBench(page, page.getByRole('link', { name: link, exact: true }))).click();
            await expect(page).not.toHaveURL(/bench/);
            expect(await tooSmall(page)).toEqual([]);
        }
        // A look that is asked, with what to do by hand.
        const few = page.getByRole('button', { name: /^A few/ }).first();
        await (await onBench(page, few)).click();
        await expect(page.locator('.look-row')).toContainText('Then look again');
        expect(await tooSmall(page)).toEqual([]);
        await page.goto('/shelf/count');
        expect(await tooSmall(page)).toEqual([]);
        await page.goto('/rack/weigh');
        expect(await tooSmall(page)).toEqual([]);
        await page.goto('/shop/climate');
        expect(await tooSmall(page)).toEqual([]);
    });
}

test('what, which piece and until when are read from afar', async ({ page }) => {
    await openDemo(page);
    const size = (place) => place.evaluate((el) => parseFloat(getComputedStyle(el).fontSize));
    expect(await size(page.locator('#now-title'))).toBeGreaterThanOrEqual(40);
    const until = page.locator('#bench-now [data-read-aloud]', { hasText: 'begin by' });
    if (await until.count()) expect(await size(until)).toBeGreaterThanOrEqual(40);
});

test('on a phone Done is on the first screen, under a head of one line', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await openDemo(page);
    expect((await page.locator('header').boundingBox()).height).toBeLessThan(60);
    const done = await page.locator('#bench-now .press-big').first().boundingBox();
    expect(done.y + done.height).toBeLessThan(844);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('the bench is worked by keys alone, which “?” shows', async ({ page }) => {
    await register(page);
    await draw(page, 'Ebb bowl');
    await page.goto('/bench');
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog')).toContainText('Start or stop the clock');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
    // What has just come onto the page takes no key for a moment.
    const rest = () => page.waitForTimeout(700);
    await page.keyboard.press('s');
    await expect(page.locator('#bench-now [data-since]')).toHaveText('0:00');
    await rest();
    await page.keyboard.press('s');
    await expect(page.getByRole('button', { name: 'Start the clock' })).toBeVisible();
    await rest();
    const was = await page.locator('#now-title').innerText();
    // The second half of a double press, at the very moment the next step comes, however slow the machine.
    const again = page.evaluate(
        (old) =>
            new Promise((pressed) => {
                document.addEventListener('fresh', function press() {
                    if (document.querySelector('#now-title').innerText === old) return;
                    document.removeEventListener('fresh', press);
                    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'd', bubbles: true }));
                    pressed(document.querySelector('#now-title').innerText);
                });
            }),
        was,
    );
    await page.keyboard.press('d');
    const next = await again;
    await rest();
    await expect(page.locator('#now-title')).toHaveText(next);
    // A plan that comes late, on a busy machine, is one more thing that has just come.
    await expect(async () => {
        if ((await page.locator('#set-a-clock[open]').count()) === 0) await page.keyboard.press('t');
        await expect(page.locator('#set-a-clock')).toHaveAttribute('open', '', { timeout: 1000 });
    }).toPass({ timeout: 15000 });
    // What is typed into a field is no key.
    await page.getByLabel('Name (optional)').fill('');
    await page.getByLabel('Name (optional)').pressSequentially('ds? tea');
    await expect(page.getByRole('dialog')).toBeHidden();
    await page.getByRole('button', { name: 'Start it' }).click();
    await expect(page.locator('#clocks')).toContainText('ds? tea');
    await rest();
    // Nothing is typed any more: the bench is left without a question.
    const asked = [];
    page.on('dialog', (dialog) => {
        asked.push(dialog.type());
        dialog.accept();
    });
    await expect(async () => {
        if (!/wrong/.test(page.url())) await page.keyboard.press('w');
        await expect(page).toHaveURL(/wrong/, { timeout: 1000 });
    }).toPass({ timeout: 15000 });
    expect(asked).toEqual([]);
});

test('what is set at one device shows at another, and what is typed there stays', async ({ page, context }) => {
    await register(page);
    await draw(page, 'Ebb bowl');
    await putOnRack(page);
    await page.goto('/bench');
    await page.locator('#otherwise summary').click();
    await page.getByLabel('Note', { exact: true }).fill('a knot at the rim');
    const other = await context.newPage();
    await other.goto('/bench');
    await other.locator('#set-a-clock summary').click();
    await other.getByLabel('It times').selectOption('kettle');
    await other.getByLabel('Rings after, min').fill('4');
    await other.getByRole('button', { name: 'Start it' }).click();
    await expect(other.locator('#clocks')).toContainText('Kettle');
    await page.bringToFront();
    await page.evaluate(() => window.dispatchEvent(new Event('online')));
    await expect(page.locator('#clocks')).toContainText('Kettle');
    await expect(page.locator('#clocks .clock-time')).toHaveText(/3:\d\d/);
    await expect(page.getByLabel('Note', { exact: true })).toHaveValue('a knot at the rim');
    await page.getByLabel('Note', { exact: true }).blur();
    await other.getByRole('button', { name: /^Stop: Kettle/ }).click();
    await page.evaluate(() => window.dispatchEvent(new Event('online')));
    await expect(page.locator('#clocks')).toContainText('stopped');
    await expect(page.getByLabel('Note', { exact: true })).toHaveValue('a knot at the rim');
    await expect(page.locator('#otherwise')).toHaveAttribute('open', '');
});

test('a bench that is not answered goes on counting, says so, and is right again by itself', async ({
    page,
    context,
}) => {
    const answered = page.waitForResponse((response) => response.url().endsWith('/plan'));
    await openDemo(page);
    await answered;
    await context.setOffline(true);
    const wake = () => page.evaluate(() => window.dispatchEvent(new Event('online')));
    await wake();
    await expect(page.locator('#away')).toBeHidden();
    await expect(async () => {
        await wake();
        await expect(page.locator('#away')).toBeVisible({ timeout: 1000 });
    }).toPass();
    await expect(page.locator('table.waiting [data-until]').first()).toHaveText(/\d/);
    await context.setOffline(false);
    await wake();
    await expect(page.locator('#away')).toBeHidden();
});
