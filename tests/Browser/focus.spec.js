import { draw, expect, register, test } from './shop.js';

// The focus stays where one was after every save: each form that saves is sent by key from its own button, unchanged.

const OF_A_PIECE = ['shape', 'surface', 'marks', 'coats', 'route', 'record', 'sale', 'recipes'];
const OF_A_SHOP = [
    '/shop',
    '/shop/climate',
    '/shop/hands',
    '/shop/lathe',
    '/shop/instruments',
    '/shop/you',
    '/shelf',
    '/shelf/tin?product=Paste%20wax',
    '/shelf/woods',
    '/shelf/mixes',
    '/recipes',
    'recipe',
    '/rack/new',
];

// What goes elsewhere on purpose, takes something away, or signs out.
const ELSEWHERE = new RegExp(
    'delete|logout|/visit|undo|redo|/copy|/again|/renew|/password|/demo|/export|/people|/parts|/rack$|/try|order',
    'i',
);

// The forms of the page that save, by what names their button; each with a button to be seen.
const forms = (page) =>
    page.locator('main form[method=post]').evaluateAll((all) =>
        all
            .map((form, at) => ({
                at,
                isLive: 'live' in form.dataset,
                about: `${form.querySelector('[name=_method]')?.value ?? 'post'} ${form.getAttribute('action')}`,
            }))
            .filter(({ at }) => {
                const button = all[at].querySelector('button:not([type=button], [disabled], [form])');
                return (
                    !all[at].dataset.ask &&
                    button?.checkVisibility({ checkVisibilityCSS: true }) &&
                    all[at].checkValidity()
                );
            }),
    );

// What has the focus, by what it is and what its form is about; and whether such a thing is on the page.
const words = `(el) => [
    el.tagName, el.getAttribute('name'), el.getAttribute('value'),
    (el.form ?? el.closest('form'))?.getAttribute('action'),
].join(' ')`;

const focused = (page) => page.evaluate(`(${words})(document.activeElement)`);

const isThere = (page, what) =>
    page.evaluate(`[...document.querySelectorAll('main button')].map(${words}).includes(${JSON.stringify(what)})`);

test('after every save the focus is where it was', async ({ page }) => {
    test.setTimeout(420_000);
    await register(page);
    await draw(page, 'Whinchat bowl');
    const piece = new URL(page.url()).pathname.replace(/\/[a-z]+$/, '');
    await page.goto('/recipes');
    await page.locator('[name=of]').selectOption('burnt-lines');
    await page.locator('[name=name]').fill('Lines of ours');
    await page.getByRole('button', { name: 'Keep it' }).click();
    const recipe = await page.getByRole('link', { name: /^Change it/ }).getAttribute('href');
    const lost = [];
    let saved = 0;
    const paths = [...OF_A_PIECE.map((tab) => `${piece}/${tab}`), ...OF_A_SHOP];
    for (const path of paths.map((one) => (one === 'recipe' ? recipe : one))) {
        await page.goto(path);
        const seen = new Set();
        for (const { about, isLive } of await forms(page)) {
            const kind = about.replace(/\d+/g, '#');
            if (ELSEWHERE.test(about) || seen.has(kind)) continue;
            seen.add(kind);
            await page.goto(path);
            // What was pressed before may have brought a form, or taken one away.
            const at = (await forms(page)).find((one) => one.about === about)?.at;
            if (at === undefined) continue;
            const button = page
                .locator('main form[method=post]')
                .nth(at)
                .locator('button:not([type=button], [disabled], [form])')
                .first();
            await button.focus();
            const before = await focused(page);
            const isPost = (answer) => answer.request().method() === 'POST';
            const answered = page.waitForResponse(isPost, { timeout: 20_000 }).catch(() => null);
            const loaded = isLive ? null : page.waitForEvent('load', { timeout: 20_000 }).catch(() => null);
            await page.keyboard.press('Enter');
            const answer = await answered;
            if (answer === null) {
                console.log(`not sent by key: ${path} ${about} ${before}`);
                continue;
            }
            await loaded;
            await page.waitForLoadState('load');
            await expect(page.locator('html')).not.toHaveAttribute('data-saving');
            const to = new URL(answer.headers().location ?? page.url(), page.url());
            if (to.pathname !== new URL(page.url()).pathname || to.pathname !== path.split('?')[0]) continue;
            saved += 1;
            const isRefused = (await page.locator('#problems').count()) > 0;
            const stays = !isRefused && (await isThere(page, before));
            const isThereAgain = async () => {
                const now = await focused(page);
                return stays ? now === before : !now.startsWith('BODY');
            };
            await expect
                .poll(isThereAgain, { timeout: 3000 })
                .toBe(true)
                .catch(() => null);
            if (!(await isThereAgain())) lost.push(`${path}: ${before} -> ${await focused(page)}`);
        }
    }
    console.log(`${saved} forms were saved by key`);
    expect(lost).toEqual([]);
    expect(saved).toBeGreaterThan(20);
});

test('what is typed in one form stays while another of the page is saved', async ({ page }) => {
    await register(page);
    await draw(page, 'Whinchat dish');
    await page.goto(new URL(page.url()).pathname.replace(/\/[a-z]+$/, '/sale'));
    await page.locator('[name=price]').fill('85');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.locator('#said')).toContainText('Saved.');
    await page.locator('[name=price]').fill('90');
    await page.locator('[name=is_public]').check();
    await page.locator('form[action$="/sale/page"] button').first().click();
    await expect(page.locator('#said')).toContainText('can see it now');
    await expect(page.locator('[name=price]')).toHaveValue('90');
});
