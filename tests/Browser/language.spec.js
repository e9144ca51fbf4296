import { execFileSync, spawn } from 'node:child_process';
import { mkdtempSync, mkdirSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from './shop.js';
import { PAGES, places } from './pages.js';

// Every word in letters with marks on them and longer by two in five: nothing may run out of its place.

const SERVE = 'vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php';

const free = () =>
    new Promise((resolve) => {
        const server = createServer().listen(0, '127.0.0.1', () => {
            const { port } = server.address();
            server.close(() => resolve(port));
        });
    });

let folder, server, address;

test.beforeAll(async () => {
    folder = mkdtempSync(join(tmpdir(), 'honest-grain-'));
    mkdirSync(join(folder, 'views'));
    execFileSync('php', ['tests/made-up.php', folder]);
    const port = await free();
    address = `http://127.0.0.1:${port}`;
    server = spawn('php', ['-S', `127.0.0.1:${port}`, `../${SERVE}`], {
        cwd: 'public',
        env: {
            ...process.env,
            APP_LOCALE: 'made-up',
            APP_LANGUAGES: folder,
            VIEWS_COMPILED: join(folder, 'views'),
            APP_URL: address,
        },
        stdio: 'ignore',
    });
    await expect
        .poll(() =>
            fetch(`${address}/sign-in`).then(
                (answer) => answer.status,
                () => 0,
            ),
        )
        .toBe(200);
});

test.afterAll(() => {
    server?.kill();
    rmSync(folder, { recursive: true, force: true });
});

// What stands outside of the window, or of the box that it is in, and cannot be scrolled to.
const runsOut = (page) =>
    page.evaluate(() => {
        const isScrolled = (el) => el && (getComputedStyle(el).overflowX !== 'visible' || isScrolled(el.parentElement));
        const seen = [...document.querySelectorAll('body *')].filter((el) => el.checkVisibility?.() ?? true);
        const out = seen.filter((el) => {
            const box = el.getBoundingClientRect();
            if (el.matches('svg text')) return box.right > el.ownerSVGElement.getBoundingClientRect().right + 1;
            if (el.closest('svg, .sr-only, [class*=sr-only]') || isScrolled(el)) return false;
            return box.right > window.innerWidth + 1;
        });
        // One for what runs out, not one for all that it holds and is held by.
        const outermost = out.filter((el) => !out.includes(el.parentElement));
        return outermost.map((el) => `${el.tagName} ${el.textContent.replace(/\s+/g, ' ').trim().slice(0, 60)}`);
    });

test('with words two fifths longer nothing runs out of its place', async ({ browser }) => {
    // An untuned server, every page compiled anew.
    test.setTimeout(600_000);
    const context = await browser.newContext({ baseURL: address, reducedMotion: 'reduce' });
    const page = await context.newPage();
    await page.goto('/sign-in');
    await page.locator('input[name=email]').fill('wren@brambleslip.example');
    await page.locator('input[name=password]').fill('lapwing-on-the-slip');
    await page.locator('input[name=password]').press('Enter');
    await page.waitForURL('**/bench');
    const at = await places(page);
    const found = [];
    for (const path of PAGES) {
        await page.setViewportSize({ width: 1280, height: 800 });
        await page.goto(at(path === 'what to do' ? 'what is wrong' : path));
        for (const width of [1280, 390]) {
            await page.setViewportSize({ width, height: 800 });
            found.push(...(await runsOut(page)).map((what) => `${path} at ${width}: ${what}`));
        }
    }
    await context.close();
    expect(found).toEqual([]);
});
