import { draw, expect, register, test } from './shop.js';

test('many hands at once: nothing falls over, one change wins, and every entry is written once', async ({ page }) => {
    await register(page);
    const pieces = [];
    for (const name of ['Ebb bowl', 'Gorse bowl', 'Kelp bowl']) {
        await draw(page, name);
        pieces.push(page.url().replace(/\/shape.*/, ''));
    }
    await page.goto('/bench');
    const token = await page.locator('meta[name=csrf-token]').getAttribute('content');
    const holds = [];
    for (const form of await page.locator('form[action$="/done"]').all()) holds.push(await form.getAttribute('action'));
    expect(holds.length).toBeGreaterThanOrEqual(3);
    const post = (url, data) =>
        page.request.post(url, { form: { _token: token, ...data }, maxRedirects: 0, headers: { referer: page.url() } });
    const asked = [];
    for (let round = 0; round < 4; round++) {
        for (const piece of pieces)
            asked.push(
                post(`${piece}/surface`, {
                    _method: 'put',
                    version: 1,
                    'shown[]': 'outside',
                    'sanded[]': 'outside',
                    'tool_mark_um[outside]': 60 + round,
                }),
            );
        for (const hold of new Set(holds)) asked.push(post(hold, {}));
        asked.push(post(`${pieces[0]}/copy`, {}), post('/shelf/abrasives', { grit: 'CAMI 320', discs: round }));
    }
    for (const response of await Promise.all(asked)) expect(response.status()).toBe(302);

    for (const piece of pieces) {
        await page.goto(`${piece}/record`);
        await expect(page.getByText('Done: Mount by the tenon')).toHaveCount(1);
        await expect(page.getByRole('cell', { name: /^2\. sanding/ })).toHaveCount(1);
        await expect(page.getByRole('cell', { name: /^3\./ })).toHaveCount(0);
    }
});
