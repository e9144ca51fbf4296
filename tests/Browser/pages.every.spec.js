import { axe, everyPlace, overflow, sounds, told } from './pages.js';
import { expect, test } from './shop.js';

// Every page at four widths, in both themes, in the system's colours and with its text twice as large.
const WIDTHS = [390, 768, 1280, 1920];
const RULES = [
    ...['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice', 'experimental'],
    ...['section508', 'TTv5', 'EN-301-549', 'ACT'],
];

// Contrast is that of level AA.
const BEYOND = ['color-contrast-enhanced'];
const COLOURS = ['color-contrast', 'link-in-text-block'];

const found = async (page, rules = null) => {
    const asked = axe(page);
    return told(await (rules ? asked.withRules(rules) : asked.withTags(RULES).disableRules(BEYOND)).analyze());
};
const sized = async (page, width) => {
    await page.setViewportSize({ width, height: 900 });
    // What is drawn to the width of the window is drawn anew.
    await page.waitForTimeout(250);
};

everyPlace('at every width, in every light', async (page, html) => {
    const wrong = (await sounds(html)).map((message) => `html: ${message}`);
    for (const width of WIDTHS) {
        await sized(page, width);
        const over = await overflow(page);
        if (over > 0) wrong.push(`${width}: ${over} px sideways`);
        wrong.push(...(await found(page)).map((one) => `${width}: ${one}`));
        // In another light nothing but the colours is another.
        await page.evaluate(() => (document.documentElement.dataset.theme = 'dark'));
        wrong.push(...(await found(page, COLOURS)).map((one) => `${width}, dark: ${one}`));
        await page.evaluate(() => (document.documentElement.dataset.theme = 'paper'));
    }
    await page.emulateMedia({ forcedColors: 'active', colorScheme: 'dark' });
    await sized(page, 1280);
    wrong.push(...(await found(page, COLOURS)).map((one) => `forced colours: ${one}`));
    await page.emulateMedia({ forcedColors: 'none', colorScheme: 'light' });
    await page.evaluate(() => (document.documentElement.style.fontSize = '200%'));
    for (const width of [1280, 1920]) {
        await sized(page, width);
        const over = await overflow(page);
        if (over > 0) wrong.push(`${width}, text at 200 %: ${over} px sideways`);
    }
    expect(wrong).toEqual([]);
});

test.describe.configure({ timeout: 240_000 });
