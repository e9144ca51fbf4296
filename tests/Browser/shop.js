import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { test as base, expect } from '@playwright/test';

// Every page must run without a word on the console: a breach of the content policy shows there.
// The checks have a clock of their own (bin/test --at), the same in the app and in the browser.
const MOVED = process.env.TEST_CLOCK_FILE;

const movedMs = () => (MOVED && existsSync(MOVED) ? 1000 * Number(readFileSync(MOVED, 'utf8')) : 0);

const OFFSET_MS = Number(process.env.TEST_CLOCK_OFFSET ?? 0) * 1000;

// Refusals that a check asked for, and what a browser says that draws the piece in the round by itself.
const EXPECTED = new RegExp(
    [
        'status of 4(01|04|09|19|22|29)',
        'ERR_INTERNET_DISCONNECTED',
        'registration blocked by Playwright',
        'GPU stall due to ReadPixels',
    ].join('|'),
);

export const now = () => Date.now() + OFFSET_MS + movedMs();

// Moves the clock of the app on to a moment. An open page goes by the app's clock, and hears of it when it asks again.
export async function moveClock(page, to) {
    writeFileSync(MOVED, String(Math.round((movedMs() + to - now()) / 1000)));
    await page.evaluate(() => window.dispatchEvent(new Event('online')));
}

export const test = base.extend({
    context: async ({ context }, use) => {
        await context.addInitScript((offset) => {
            const Real = Date;
            window.Date = class extends Real {
                constructor(...given) {
                    super(...(given.length === 0 ? [Real.now() + offset] : given));
                }
                static now() {
                    return Real.now() + offset;
                }
            };
        }, OFFSET_MS);
        await use(context);
    },
    page: async ({ page }, use) => {
        const said = [];
        page.on(
            'console',
            (message) =>
                ['error', 'warning'].includes(message.type()) &&
                !EXPECTED.test(message.text()) &&
                said.push(message.text()),
        );
        page.on('pageerror', (error) => said.push(error.message));
        await use(page);
        expect(said).toEqual([]);
    },
});

let people = 0;

// A workshop of one's own; its first steps are left at once, unless a check follows them.
export async function register(page, isLed = false) {
    const email = `maker-${process.pid}-${Date.now()}-${people++}@example.test`;
    await page.goto('/register');
    await page.getByLabel("The workshop's name").fill('Heron Wharf');
    await page.getByLabel('Your name').fill('Nell');
    await page.getByLabel('E-mail').fill(email);
    await page.getByLabel('Password', { exact: false }).first().fill('grebe-under-the-pier');
    await page.getByLabel('Password again').fill('grebe-under-the-pier');
    await page.getByRole('button', { name: 'Register' }).click();
    await expect(page).toHaveURL(/pieces\/create/);
    if (!isLed) {
        await page.getByRole('button', { name: 'Leave the first steps' }).click();
        await expect(page.getByText('First steps')).toHaveCount(0);
    }
    return email;
}

// The route of the piece that is open, with every step of it unfolded.
export async function wholeRoute(page) {
    await page.getByRole('link', { name: 'Route', exact: true }).click();
    await page.getByRole('button', { name: 'Open every step' }).click();
    await expect(page.getByRole('button', { name: 'Close every step' })).toBeVisible();
}

// Ways to go about it stand where they would change something.
export async function openWays(page) {
    const closed = page.locator('.ways-more:not([open]) > summary');
    await expect(page.locator('.ways-more').first()).toBeAttached();
    for (let left = await closed.count(); left > 0; left = await closed.count()) await closed.first().click();
}

// What may stand open already, from the press before.
export async function unfold(page, label) {
    const line = page.locator('summary').filter({ hasText: label });
    if (!(await line.evaluate((one) => one.parentElement.open))) await line.click();
}

// What a new piece is taken to be without being asked: open to be changed.
export const takenAsUsual = (page) => page.locator('#taken-as-usual > summary').click();

export async function draw(page, name, form = 'Shallow bowl', begins = 'turned') {
    await page.goto('/pieces/create');
    await page.getByRole('radio', { name: form }).check({ force: true });
    await takenAsUsual(page);
    await page.getByLabel('It begins as').selectOption(begins);
    await page.getByLabel('Name').fill(name);
    await page.getByRole('button', { name: 'Draw it' }).click();
    await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
}

export async function putOnRack(page) {
    await page.goto('/rack/new');
    await page.getByLabel('Across, mm').fill('280');
    await page.getByLabel('Length or height, mm').fill('95');
    await page.getByLabel('Wall, if it is rough, mm').fill('28');
    await page.getByLabel('Tenon, mm').fill('62');
    await page.getByRole('button', { name: 'Put it on' }).click();
    await expect(page.getByRole('heading', { level: 1, name: /Ash/ })).toBeVisible();
    return new URL(page.url()).pathname;
}

export async function openDemo(page) {
    await page.goto('/sign-in');
    await page.getByRole('button', { name: 'Open a demo workshop' }).click();
    await expect(page).toHaveURL(/bench/);
}

// The first of the steps that are ready of which the bench shows it: in which order they stand is the plan's.
export async function onBench(page, place) {
    await page.goto('/bench');
    for (let ahead = 1; ahead < 8 && !(await place.isVisible()); ahead += 1) {
        await page.goto(`/bench?ahead=${ahead}`);
    }
    return place;
}

export { expect };
