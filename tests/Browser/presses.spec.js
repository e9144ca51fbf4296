import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { draw, expect, openDemo, register, test } from './shop.js';

test.use({ serviceWorkers: 'allow' });

const strip = (page) => page.locator('#presses');

const kept = (page) => expect(page.locator('html')).toHaveAttribute('data-kept', /\d/, { timeout: 60_000 });

// The page hears that there is a network again.
const back = async (page, context) => {
    await context.setOffline(false);
    await page.evaluate(() => window.dispatchEvent(new Event('online')));
};

const title = (page) => page.locator('#now-title').innerText();

test('the network gone over lunch: what was pressed waits, outlives a reload, and arrives in order', async ({
    page,
    context,
}) => {
    await openDemo(page);
    await kept(page);
    const before = await title(page);
    await context.setOffline(true);
    await page.locator('#done').click();
    await expect(strip(page)).toContainText('1 press waits for the network.');
    await expect(page.locator('#done')).toBeDisabled();
    await expect(page.locator('#done')).toHaveText('Pressed; waits');
    await page.locator('#otherwise summary').click();
    await page.getByRole('textbox', { name: 'Note', exact: true }).fill('a knot at the rim');
    await page.getByRole('button', { name: 'Note it' }).click();
    await expect(strip(page)).toContainText('2 presses wait');
    await expect(page.getByRole('textbox', { name: 'Note', exact: true })).toHaveValue('');
    await page.locator('#set-a-clock summary').click();
    await page.getByLabel('It times').selectOption('kettle');
    await page.getByLabel('Rings after, min').fill('4');
    await page.getByRole('button', { name: 'Start it' }).click();
    await expect(strip(page)).toContainText('3 presses wait');
    // Another page, and this one anew, say the same.
    await page.goto('/rack/weigh');
    await expect(strip(page)).toContainText('3 presses wait');
    await page.getByRole('textbox', { name: 'Number on the wood' }).fill('1');
    await page.getByLabel('Weight, g').fill('1200');
    await page.getByRole('button', { name: 'Weighed' }).click();
    await expect(strip(page)).toContainText('4 presses wait');
    await expect(page.getByRole('textbox', { name: 'Number on the wood' })).toBeFocused();
    await page.goto('/bench');
    await expect(page.locator('#done')).toBeDisabled();
    await strip(page).getByText('4 presses wait').click();
    const lines = strip(page).locator('li');
    await expect(lines).toHaveCount(4);
    await expect(lines.nth(0)).toContainText(before.split(':')[0]);
    await expect(lines.nth(0)).toContainText('Done');
    await expect(lines.nth(1)).toContainText('Note: a knot at the rim');
    await expect(lines.nth(2)).toContainText(/[34]:\d\d/);
    await expect(lines.nth(3)).toContainText('Weighed');
    // One was a mistake, and is taken back before it is sent.
    await page.locator('#otherwise summary').click();
    await page.getByRole('textbox', { name: 'Note', exact: true }).fill('not this');
    await page.getByRole('button', { name: 'Note it' }).click();
    await expect(lines).toHaveCount(5);
    await strip(page)
        .getByRole('button', { name: /^Take it back: .*not this/ })
        .click();
    await expect(lines).toHaveCount(4);
    await back(page, context);
    await expect(strip(page)).toBeHidden();
    await expect(page.locator('#said')).toContainText('has arrived');
    await expect(page.locator('#now-title')).not.toHaveText(before);
    await expect(page.locator('#clocks')).toContainText('Kettle');
    await page.goto('/log');
    const entries = await page.locator('main').innerText();
    expect(entries.match(/a knot at the rim/g)).toHaveLength(1);
    expect(entries).not.toContain('not this');
    await page.goto('/rack/weigh');
    await expect(page.locator('main')).toContainText('1,200 g');
});

test('step after step of one piece is pressed on its route while there is no network', async ({ page, context }) => {
    await register(page);
    await draw(page, 'Ebb bowl');
    await page.goto('/bench');
    await kept(page);
    await context.setOffline(true);
    await page.goto('/bench');
    await page.locator('#done').click();
    await expect(strip(page)).toContainText('1 press waits');
    const route = await page.locator('#now-title a').getAttribute('href');
    await page.goto(new URL(route).pathname);
    const next = page.locator('.press-away button:enabled');
    await next.first().click();
    await expect(strip(page)).toContainText('2 presses wait');
    await next.first().click();
    await expect(strip(page)).toContainText('3 presses wait');
    await back(page, context);
    await expect(strip(page)).toBeHidden();
    await page.getByRole('link', { name: 'Record' }).click();
    await expect(page.locator('main')).toContainText('Mount by the tenon');
    await page.goto('/bench');
    await expect(page.locator('#now-title')).not.toContainText('Mount by the tenon');
});

test('what was done otherwise meanwhile stands beside it and is asked, in both orders', async ({
    page,
    context,
    browser,
}) => {
    await openDemo(page);
    const other = await browser.newContext({ storageState: await context.storageState() });
    const second = await other.newPage();
    for (const chosen of ['Take that back; mine is right', 'Leave it; keep mine as a note']) {
        await page.goto('/bench');
        const what = await title(page);
        await context.setOffline(true);
        await page.locator('#done').click();
        await expect(strip(page)).toContainText('1 press waits');
        await second.goto('/bench');
        await expect(second.locator('#now-title')).toHaveText(what);
        await second.locator('#otherwise summary').click();
        await second.getByLabel('Skip, because').fill('not on this one');
        await second.getByRole('button', { name: 'Skip it' }).click();
        await expect(second.locator('#now-title')).not.toHaveText(what);
        await back(page, context);
        await expect(strip(page)).toContainText('Meanwhile');
        await expect(strip(page)).toContainText(/Skipped by .*not on this one/);
        await strip(page).getByRole('button', { name: chosen }).click();
        await expect(strip(page)).toBeHidden();
    }
    await page.goto('/log');
    await expect(page.locator('main')).toContainText('Pressed without the network and not taken');
    await expect(page.locator('main')).toContainText('Taken back');
    await other.close();
});

test('after a sign-out what waits is sent at the next sign-in', async ({ page, context }) => {
    const email = await register(page);
    await draw(page, 'Ebb bowl');
    await page.goto('/bench');
    await context.setOffline(true);
    await page.locator('#done').click();
    await expect(strip(page)).toContainText('1 press waits');
    await context.clearCookies();
    await back(page, context);
    await page.goto('/sign-in');
    await expect(strip(page)).toContainText('They are sent at the next sign-in');
    await page.getByLabel('E-mail').fill(email);
    await page.getByLabel('Password').fill('grebe-under-the-pier');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page).toHaveURL(/bench/);
    await expect(strip(page)).toBeHidden();
    await expect(page.locator('#now-title')).not.toContainText('Mount by the tenon');
});

test('the browser killed with presses waiting: all arrives once', async ({ playwright, baseURL }) => {
    const folder = mkdtempSync(join(tmpdir(), 'presses-'));
    const open = () =>
        playwright.chromium.launchPersistentContext(folder, {
            executablePath: '/usr/bin/chromium',
            args: ['--no-sandbox'],
            baseURL,
        });
    let context = await open();
    let page = await context.newPage();
    await openDemo(page);
    await kept(page);
    const before = await title(page);
    await context.setOffline(true);
    await page.locator('#done').click();
    for (const word of ['first', 'second', 'third']) {
        if (!(await page.getByRole('textbox', { name: 'Note', exact: true }).isVisible()))
            await page.locator('#otherwise summary').click();
        await page.getByRole('textbox', { name: 'Note', exact: true }).fill(`${word} note`);
        await page.getByRole('button', { name: 'Note it' }).click();
        await expect(page.getByRole('textbox', { name: 'Note', exact: true })).toHaveValue('');
    }
    await expect(strip(page)).toContainText('4 presses wait');
    await context.close();
    context = await open();
    page = await context.newPage();
    await page.goto('/bench');
    await expect(page.locator('#now-title')).not.toHaveText(before);
    await expect(strip(page)).toBeHidden();
    await page.goto('/log');
    const log = await page.locator('main').innerText();
    const at = ['third note', 'second note', 'first note'].map((word) => log.indexOf(word));
    expect(at).toEqual([...at].sort((a, b) => a - b));
    expect(log.match(/(first|second|third) note/g)).toHaveLength(3);
    await context.close();
    rmSync(folder, { recursive: true });
});
