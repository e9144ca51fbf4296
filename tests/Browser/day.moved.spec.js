import { axe, told } from './pages.js';
import { draw, expect, moveClock, now, openDemo, register, test } from './shop.js';

const MINUTE = 60_000;
const HOUR = 60 * MINUTE;

const moment = (place) => place.getAttribute('data-until').then((at) => 1000 * Number(at));

test('a window nears, rings until it is seen, closes, and what to do then is said', async ({ page }) => {
    await openDemo(page);
    // The coat’s window closes at night; how long the rub before it may be left is worked out a moment later.
    const must = page.locator('#bench-side .hands-lines p', { hasText: 'Gorse vase: Rub down' });
    await expect(must).toBeVisible({ timeout: 60_000 });
    const count = must.locator('[data-tells=closes]');
    const closes = await moment(count);
    const rings = page.locator('#rings');
    const rub = rings.locator('p', { hasText: 'Gorse vase: Rub down' });
    await expect(rings).toBeHidden();
    await moveClock(page, closes - 40 * MINUTE);
    await expect(count).toHaveAttribute('data-near', 'hour');
    await moveClock(page, closes - 9 * MINUTE);
    await expect(count).toHaveAttribute('data-near', 'ten');
    await expect(rub).toContainText('min left');
    // A wait of another piece may be over by then: what is time stands before what is near.
    for (const other of await rings.getByRole('button', { name: /^Seen: (?!Gorse vase)/ }).all()) await other.click();
    await expect(page).toHaveTitle(/^9 min left · Gorse vase/);
    await rub.getByRole('button', { name: 'Seen' }).click();
    await expect(rub).toBeHidden();
    await page.reload();
    await expect(count).toHaveAttribute('data-near', 'ten');
    await expect(rub).toBeHidden();
    await moveClock(page, closes + HOUR);
    await expect(rub).toBeHidden();
    await expect(page.locator('#bench-side .hands-lines')).toContainText(
        /Gorse vase: .+ (its window clos|should have begun)/,
    );
});

test('what has opened leaves Waiting by itself, and a pot’s clock rings on', async ({ page }) => {
    await openDemo(page);
    const wait = page.locator('table.waiting [data-until]').first();
    const opens = await moment(wait);
    const piece = await page.locator('table.waiting b').first().innerText();
    await page.locator('#set-a-clock summary').click();
    await page.getByLabel('Rings after, min').fill('30');
    await page.getByRole('button', { name: 'Start it' }).click();
    await expect(page.locator('#clocks [data-tells=rings]')).toHaveText(/29:\d\d/);
    await moveClock(page, now() + 31 * MINUTE);
    await expect(page.locator('#clocks [data-tells=rings]')).toHaveText(/over by [01]:\d\d/);
    await expect(page.locator('#rings')).toContainText('Pot life');
    // It rings on whatever page is open.
    await page.goto('/rack');
    await expect(page.locator('#rings')).toContainText('Pot life');
    await page.goto('/bench');
    await page.getByRole('button', { name: /^Stop: Pot life/ }).click();
    await expect(page.locator('#rings')).not.toContainText('Pot life');
    await moveClock(page, opens + MINUTE);
    await expect(page.locator('table.waiting')).not.toContainText(piece);
    // It sounds once, and stands there until it was seen.
    await expect(page.locator('#rings')).toContainText(piece);
    await page.waitForTimeout(2500);
    await expect(page.locator('#rings')).toContainText(piece);
});

test('the morning after, the musts of the new day stand first and are done', async ({ page }) => {
    await register(page);
    await draw(page, 'Ebb bowl');
    await page.goto('/bench');
    const done = () => page.locator('#done').click();
    const title = page.locator('#now-title');
    for (let n = 0; n < 12 && !(await title.innerText()).includes('coat 1'); n++) {
        const was = await title.innerText();
        await done();
        await expect(title).not.toHaveText(was);
    }
    await expect(title).toContainText('coat 1');
    // Rags that heat themselves want one deliberate press first.
    const caution = page.locator('#bench-now').getByRole('button', { name: /I have seen to it/ });
    await expect(caution).toBeVisible();
    for (const theme of ['paper', 'dark']) {
        await page.evaluate((theme) => (document.documentElement.dataset.theme = theme), theme);
        const press = axe(page).include('#bench-now [data-press="caution"]').withRules(['color-contrast']);
        expect(told(await press.analyze()), `it can be read, ${theme}`).toEqual([]);
    }
    await page.evaluate(() => (document.documentElement.dataset.theme = 'paper'));
    await caution.click();
    await done();
    const wipe = page.locator('#clocks .clock-row', { hasText: 'Wipe every trace off' });
    await expect(wipe).toBeVisible();
    const early = wipe.locator('[data-until]');
    await moveClock(page, (await moment(early)) + 2000);
    await expect(wipe.getByRole('button', { name: /^Done/ })).toBeVisible();
    await expect(page.locator('#rings')).toContainText('It is time');
    await wipe.getByRole('button', { name: /^Done/ }).click();
    await expect(wipe).toHaveCount(0);
    const opens = await moment(page.locator('table.waiting [data-until]').first());
    const morning = new Date(opens);
    morning.setUTCHours(8, 5, 0, 0);
    await moveClock(page, Math.max(opens + MINUTE, morning.getTime() + (morning.getTime() < opens ? 24 * HOUR : 0)));
    await expect(title).toContainText(/Rub down|coat 2/);
    const was = await title.innerText();
    await done();
    await expect(title).not.toHaveText(was);
});

test('the network gone for a day: what was pressed stands at its own time, in its own order', async ({
    page,
    context,
}) => {
    await register(page);
    await draw(page, 'Ebb bowl');
    await page.goto('/bench');
    await expect(page.locator('#now-title')).toContainText('Mount by the tenon');
    const pressedOn = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' }).format(now());
    await context.setOffline(true);
    await page.locator('#done').click();
    await expect(page.locator('#presses')).toContainText('1 press waits');
    await moveClock(page, now() + 24 * HOUR);
    await expect(page.locator('#presses')).toContainText('1 press waits');
    await context.setOffline(false);
    await moveClock(page, now());
    await expect(page.locator('#presses')).toBeHidden();
    await expect(page.locator('#now-title')).not.toContainText('Mount by the tenon');
    await page.goto('/log');
    await expect(page.locator('main div.flex', { hasText: 'Mount by the tenon' }).first()).toContainText(pressedOn);
});
