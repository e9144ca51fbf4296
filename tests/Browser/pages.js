import AxeBuilder from '@axe-core/playwright';
import { HtmlValidate } from 'html-validate';
import { expect, openDemo, test } from './shop.js';

// Rules of style are left to Prettier; a field that belongs to a form elsewhere by `form=` is counted to its neighbour.
const sound = new HtmlValidate({
    extends: ['html-validate:recommended'],
    rules: {
        'attr-quotes': 'off',
        'attribute-boolean-style': 'off',
        'attribute-empty-style': 'off',
        'doctype-style': 'off',
        'form-dup-name': 'off',
        'long-title': 'off',
        'no-implicit-button-type': 'off',
        'no-implicit-input-type': 'off',
        'no-inline-style': 'error',
        'no-raw-characters': 'off',
        'no-trailing-whitespace': 'off',
        'prefer-native-element': 'off',
        'valid-autocomplete': 'off',
        'void-style': 'off',
    },
});

const OF_A_PIECE = [
    'shape',
    'surface',
    'marks',
    'coats',
    'route',
    'record',
    'card',
    'mark-out',
    'turned',
    'recipes',
    'sale',
    'owner-card',
];

// No page has a frame in it, and only what is wrong is asked for.
export const axe = (page) => new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });

// What another theme can change.
const COLOURS = ['color-contrast', 'link-in-text-block'];

export const told = ({ violations }) =>
    violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).slice(0, 4)}`);

export const overflow = (page) => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);

export const PAGES = [
    '/sign-in',
    '/register',
    '/bench',
    '/pieces',
    '/pieces?q=nothing-has-this-name',
    '/pieces/create',
    '/recipes',
    'recipe',
    ...OF_A_PIECE.map((tab) => `piece/${tab}`),
    'piece/marks?mark=scales',
    'piece/marks?mark=tide-2',
    'piece/marks/scales/unit',
    '/help',
    '/help/words',
    '/help/words/recoat-window',
    '/help/figures',
    '/help/new',
    '/find?q=bowl',
    '/weeks',
    '/weeks?by=person&day=2026-12-01',
    '/weeks?by=air',
    '/weeks/try',
    '/weeks/try?do%5B%5D=open%3A2026-12-06',
    '/weeks/promise',
    '/weeks/sheet',
    '/shop/hands',
    '/rack',
    '/rack/new',
    '/rack/weigh',
    '/rack/weights',
    '/rack/labels',
    '/rack/for',
    'blank',
    '/swatches',
    '/swatches/new',
    'swatch',
    '/shop',
    '/shop/safety',
    '/shop/sheets',
    '/shop/you',
    '/shop/you/sign-in',
    '/shop/people/record',
    '/dates',
    '/shop/along',
    '/forgotten',
    '/shop/climate',
    '/shop/lathe',
    '/shop/instruments',
    '/shop/learnt',
    '/log',
    '/shelf',
    '/shelf/sizes?of=CAMI%20320',
    '/shelf/woods',
    '/shelf/count',
    '/shelf/mixes',
    '/shelf/tin?product=Paste%20wax',
    '/lab',
    'what is wrong',
    'what to do',
    '/nothing-is-here',
];

const first = async (page, list, pattern) => {
    await page.goto(list);
    const links = await page.locator('main a[href]').evaluateAll((all) => all.map((el) => el.href));
    return new URL(links.find((href) => pattern.test(href))).pathname;
};

// Where each page of the demo workshop is, and who is signed in there.
export async function opened(browser, theme) {
    const context = await browser.newContext();
    const page = await context.newPage();
    await openDemo(page);
    if (theme !== 'paper') {
        await page.goto('/shop/you');
        await page.getByLabel('Shop light').selectOption(theme);
        await page.getByRole('button', { name: 'Save for me' }).click();
        await expect(page.locator('html')).toHaveAttribute('data-theme', theme);
    }
    const at = await places(page);
    const state = await context.storageState();
    await context.close();

    return { state, at };
}

// Where each page is for whoever is signed in to the demo workshop.
export async function places(page) {
    const piece = (await first(page, '/pieces?q=Ebb', /pieces\/\d+\/shape$/)).replace('/shape', '');
    const found = {
        recipe: await first(page, '/recipes', /recipes\/\d+$/),
        blank: await first(page, '/rack', /rack\/\d+$/),
        swatch: await first(page, '/swatches', /swatches\/\d+$/),
        'what is wrong': await first(page, '/bench', /wrong$/),
    };

    return (path) => found[path] ?? path.replace(/^piece/, piece);
}

// What html-validate has to say about a page.
export async function sounds(html) {
    const { results } = await sound.validateString(html);
    return results.flatMap((one) => one.messages.map((m) => `${m.ruleId}: ${m.message} ${m.selector}`));
}

// Goes to a page and answers the HTML that it came as.
async function reach(page, path, at) {
    const answer = await page.goto(at(path === 'what to do' ? 'what is wrong' : path));
    const html = await answer.text();
    if (path === 'what to do') {
        await page.getByText('Torn grain').click();
        await page.getByRole('button', { name: 'What can I do?' }).click();
        await expect(page.getByRole('heading', { name: 'Torn grain: what will you do?' })).toBeVisible();
    }
    if (path === 'piece/turned') await page.waitForTimeout(300);

    return html;
}

export async function look(page, path, at, checks) {
    const html = await reach(page, path, at);
    if (checks.includes('html')) expect(await sounds(html)).toEqual([]);
    // A sentence is said in words, never shown as the code that it is kept by.
    await expect(page.locator('body')).not.toContainText('"code":', { useInnerText: true });
    await expect(page.locator('[aria-label*=\'"code":\']')).toHaveCount(0);
    const asked = axe(page);
    expect(told(await (checks.includes('colours') ? asked.withRules(COLOURS) : asked).analyze())).toEqual([]);
    if (!checks.includes('phone')) return;
    await page.setViewportSize({ width: 390, height: 844 });
    await page.waitForTimeout(250);
    expect(await overflow(page), 'sideways at 390 px').toBeLessThanOrEqual(0);
    expect(told(await axe(page).analyze()), 'at 390 px').toEqual([]);
}

// One test a page, each of a workshop that is not the first.
function eachPage(theme, says, check) {
    let shop;
    test.beforeAll(async ({ browser }) => {
        shop = await opened(browser, theme);
    });
    for (const path of PAGES) {
        test(`${path}, ${says}`, async ({ page, context }) => {
            const isGuest = ['/sign-in', '/register'].includes(path);
            if (!isGuest) await context.addCookies(shop.state.cookies);
            await check(page, path, shop.at);
        });
    }
}

export const everyPage = (theme, checks) =>
    eachPage(theme, `${theme}: sound, and open to everyone`, (page, path, at) => look(page, path, at, checks));

export const everyPlace = (says, check) =>
    eachPage('paper', says, async (page, path, at) => check(page, await reach(page, path, at)));
