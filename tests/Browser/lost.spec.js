import { draw, expect, now, openDemo, putOnRack, register, test } from './shop.js';

// Nothing typed is lost by an answer that comes late, by leaving, or by a press too many.

// Answers to what the page sends come so much later, until it is loaded anew.
const slowly = (page, ms) =>
    page.evaluate((wait) => {
        const quick = window.fetch;
        window.fetch = async (...asked) => {
            const answer = await quick(...asked);
            if (asked[1]?.method === 'POST') await new Promise((done) => setTimeout(done, wait));
            return answer;
        };
    }, ms);

const pieceOf = (page) => new URL(page.url()).pathname.replace(/\/shape.*/, '');

test('a field saves when it is left, and says that it does', async ({ page }) => {
    await register(page);
    await draw(page, 'Ebb bowl');
    const surface = `${pieceOf(page)}/surface`;
    await page.goto(surface);
    const enough = page.locator('#stop-at-outside');
    await enough.fill('P180');
    await enough.press('Tab');
    await expect(page.locator('#said')).toContainText('Sanding saved.');
    const marks = page.locator('#tool-mark-inside');
    await marks.fill('140');
    await marks.press('Tab');
    await expect(page.locator('html')).not.toHaveAttribute('data-saving', '');
    await page.reload();
    await expect(enough).toHaveValue('P180');
    await expect(marks).toHaveValue('140');
});

// A field in which something is typed while the answer to another one is on its way.
async function typedMeanwhile(page) {
    await register(page);
    await draw(page, 'Ebb bowl');
    await page.goto(`${pieceOf(page)}/surface`);
    await slowly(page, 1200);
    await page.locator('#cut-outside').selectOption({ index: 1 });
    await page.waitForTimeout(400);
    const enough = page.locator('#stop-at-inside');
    await enough.pressSequentially('P24');

    return enough;
}

test('what is typed while an answer is on its way stays, and is saved after it', async ({ page }) => {
    const enough = await typedMeanwhile(page);
    await expect(page.locator('#said')).toContainText('Sanding saved.');
    await expect(enough).toHaveValue('P24');
    await expect(enough).toBeFocused();
    await enough.pressSequentially('0');
    await enough.press('Tab');
    await expect(page.locator('html')).not.toHaveAttribute('data-saving', '', { timeout: 10_000 });
    await page.reload();
    await expect(enough).toHaveValue('P240');
    await expect(page.locator('#cut-outside')).not.toHaveValue('');
});

test('what is marked while an answer is on its way stays marked: what is typed takes its place', async ({ page }) => {
    const enough = await typedMeanwhile(page);
    await enough.selectText();
    await expect(page.locator('#said')).toContainText('Sanding saved.');
    await page.keyboard.type('P320');
    await expect(enough).toHaveValue('P320');
});

test('two coats added one right after the other are the two that were chosen', async ({ page }) => {
    await register(page);
    await draw(page, 'Ebb bowl');
    await page.goto(`${pieceOf(page)}/coats`);
    const product = page.locator('select[name=product]').first();
    const add = page.getByRole('button', { name: 'Add it' }).first();
    const before = await page.getByRole('button', { name: /^Leave out coat \d+$/ }).count();
    await slowly(page, 900);
    await product.selectOption('Dewaxed shellac (2 lb cut)');
    await add.click();
    await page.waitForTimeout(300);
    await product.selectOption('Paste wax');
    await add.click();
    await expect(page.getByRole('button', { name: /^Leave out coat \d+$/ })).toHaveCount(before + 2, {
        timeout: 15_000,
    });
    await page.reload();
    const rows = page.locator('tr', { has: page.getByRole('button', { name: /^Leave out coat/ }) });
    await expect(rows.nth(before)).toContainText('Dewaxed shellac');
    await expect(rows.nth(before + 1)).toContainText('Paste wax');
});

test('two nodes typed within half a second are both kept', async ({ page }) => {
    await register(page);
    await draw(page, 'Ebb bowl');
    await page.getByText('Type the nodes').click();
    await slowly(page, 1000);
    const [fifth, sixth] = [5, 6].map((node) => page.getByLabel(`outside node ${node}, radius`));
    const [a, b] = [await fifth.inputValue(), await sixth.inputValue()].map(Number);
    await fifth.fill(String(a + 1));
    await fifth.press('Tab');
    await page.waitForTimeout(400);
    await sixth.fill(String(b + 1));
    // The answers about the fifth come while the sixth is being typed.
    await page.waitForTimeout(2500);
    await expect(sixth).toHaveValue(String(b + 1));
    await sixth.press('Tab');
    await expect(page.locator('html')).toHaveAttribute('data-saving', '');
    await expect(page.locator('html')).not.toHaveAttribute('data-saving', '');
    await page.reload();
    await page.getByText('Type the nodes').click();
    await expect(fifth).toHaveValue(String(a + 1));
    await expect(sixth).toHaveValue(String(b + 1));
});

test('leaving a page with something unsaved asks', async ({ page }) => {
    await register(page);
    await draw(page, 'Ebb bowl');
    await page.goto('/log');
    const asked = [];
    page.on('dialog', async (dialog) => {
        asked.push(dialog.type());
        await dialog.dismiss();
    });
    const note = page.locator('[name=body]').first();
    await note.click();
    await note.pressSequentially('The heater was off.');
    await page.getByRole('link', { name: 'Weeks', exact: true }).click({ noWaitAfter: true });
    await expect.poll(() => asked).toEqual(['beforeunload']);
    await expect(page).toHaveURL(/\/log$/);
    await expect(note).toHaveValue('The heater was off.');
    await note.fill('');
    await page.getByRole('link', { name: 'Weeks', exact: true }).click();
    await expect(page).toHaveURL(/\/weeks/);
    expect(asked).toHaveLength(1);
});

test('a refusal stands at its field and at the top with a link, and the page goes there', async ({ page }) => {
    await register(page);
    await draw(page, 'Ebb bowl');
    await page.goto(`${pieceOf(page)}/surface`);
    const own = page.locator('[name="own[foot]"]');
    await own.fill('P81');
    await own.press('Enter');
    const refused = page.locator('#refused-own-foot');
    await expect(refused).toContainText('P81');
    await expect(refused).toBeInViewport();
    await expect(own).toBeFocused();
    await page.evaluate(() => window.scrollTo(0, 0));
    await page.locator('#problems a', { hasText: 'P81' }).click();
    await expect(refused).toBeInViewport();
    // The same on a page that is loaded anew.
    await page.goto('/pieces/create');
    await page.locator('[name=name]').evaluate((field) => field.removeAttribute('required'));
    await page.locator('[name=name]').fill('');
    await page.getByRole('button', { name: 'Draw it' }).click();
    await expect(page.locator('#refused-name')).toBeInViewport();
    await expect(page.locator('[name=name]')).toBeFocused();
});

test('a second press on what has moved under the finger does nothing', async ({ page }) => {
    await register(page);
    await draw(page, 'Ebb bowl');
    await page.goto('/bench');
    const logged = [];
    page.on('request', (request) => request.method() === 'POST' && /\/done$/.test(request.url()) && logged.push(1));
    for (const wait of [0, 700]) {
        await slowly(page, wait);
        const title = await page.locator('#now-title').textContent();
        const box = await page.locator('#done').boundingBox();
        const at = [box.x + box.width / 2, box.y + box.height / 2];
        const sent = logged.length;
        await page.mouse.click(...at);
        await expect(page.locator('#now-title')).not.toHaveText(title, { timeout: 10_000 });
        // The next step's button lies where this one did; the finger comes down once more.
        await page.mouse.click(...at);
        await page.mouse.dblclick(...at);
        await page.waitForTimeout(300);
        expect(logged.length - sent).toBe(1);
        await page.waitForTimeout(900);
    }
    // After a moment it is a press like any other.
    await page.goto('/bench');
    const title = await page.locator('#now-title').textContent();
    await page.locator('#done').click();
    await expect(page.locator('#now-title')).not.toHaveText(title);
});

test('a photograph of a phone is made smaller before it is sent', async ({ page }) => {
    await register(page);
    await page.goto(await putOnRack(page));
    await page.getByText('Keep a photograph').click();
    // Of noise that does not repeat, which a PNG cannot make smaller.
    const large = await page.evaluate(async () => {
        const canvas = document.createElement('canvas');
        [canvas.width, canvas.height] = [1800, 600];
        const context = canvas.getContext('2d');
        const noise = context.createImageData(1800, 600);
        let seed = 7;
        for (let i = 0; i < noise.data.length; i += 1) {
            seed = (seed * 48271) % 2147483647;
            noise.data[i] = i % 4 === 3 ? 255 : seed >> 16;
        }
        context.putImageData(noise, 0, 0);
        const blob = await new Promise((done) => canvas.toBlob(done, 'image/png'));
        return [...new Uint8Array(await blob.arrayBuffer())];
    });
    await page
        .locator('input[name=photo]')
        .setInputFiles({ name: 'dish.png', mimeType: 'image/png', buffer: Buffer.from(large) });
    await expect
        .poll(() => page.locator('input[name=photo]').evaluate(({ files }) => [files[0].type, files[0].size]))
        .toEqual(['image/jpeg', expect.any(Number)]);
    const size = await page.locator('input[name=photo]').evaluate(({ files }) => files[0].size);
    expect(size).toBeLessThan(large.length);
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.locator('#said')).toContainText('The photograph is kept.');
});

test('a photograph that went with a refused press is still chosen', async ({ page }) => {
    await openDemo(page);
    await page.goto('/pieces?state=working');
    await page.goto('/bench');
    // Any file field within a live form: the step that asks for a photograph is not always the next.
    await page.evaluate(() => {
        const form = document.querySelector('form[action$="/note"]');
        const field = document.createElement('input');
        Object.assign(field, { type: 'file', name: 'photo' });
        form.append(field);
        form.querySelector('[name=body]').removeAttribute('required');
    });
    const photo = page.locator('form[action$="/note"] input[type=file]');
    await photo.setInputFiles({ name: 'dish.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('x') });
    // The page that comes back has such a field as well.
    await page.evaluate(() => {
        const quick = window.fetch;
        window.fetch = async (...asked) => {
            const answer = await quick(...asked);
            const html = (await answer.text()).replace(
                /(<form[^>]*action="[^"]*\/note"[^>]*>)/,
                '$1<input type="file" name="photo">',
            );
            return Object.defineProperty(new Response(html, { status: answer.status }), 'url', { value: answer.url });
        };
    });
    await page.evaluate(() => document.querySelector('form[action$="/note"]').requestSubmit());
    await expect(page.locator('#problems')).toContainText('empty');
    await expect.poll(() => photo.evaluate(({ files }) => files[0]?.name)).toBe('dish.jpg');
});

test('presses that race end in words and in no doubled row', async ({ page, request }) => {
    await openDemo(page);
    const token = await page.locator('meta[name=csrf-token]').getAttribute('content');
    const post = (path, form) =>
        page.request.post(path, { form: { _token: token, ...form }, maxRedirects: 0, failOnStatusCode: false });
    const statuses = async (answers) => (await Promise.all(answers)).map((answer) => answer.status());
    const times = (count, make) => Array.from({ length: count }, (_, i) => make(i));
    const stamp = now();

    // Six registrations of one address.
    const register = { workshop: 'Sluice Row', time_zone: 'UTC', name: 'Idris', email: `race-${stamp}@example.test` };
    const password = 'heron-on-the-wharf';
    const registered = await statuses(
        times(6, () =>
            request.post('/register', {
                form: { ...register, password, password_confirmation: password },
                maxRedirects: 0,
                failOnStatusCode: false,
            }),
        ),
    );
    expect(registered.filter((status) => status >= 500)).toEqual([]);

    // Five invitations of one address.
    const invited = { person_name: 'Nell', person_email: `nell-${stamp}@example.test`, person_role: 'maker' };
    expect((await statuses(times(5, () => post('/shop/people', invited)))).filter((status) => status >= 500)).toEqual(
        [],
    );
    await page.goto('/shop/hands');
    await expect(page.locator('td', { hasText: invited.person_email })).toHaveCount(1);

    // One weight eight times, and eight different ones at once.
    await page.goto('/rack');
    const blank = await page
        .locator('main a[href]')
        .evaluateAll((all) => all.map((el) => el.href).find((href) => /rack\/\d+$/.test(href)));
    await page.goto(blank);
    const number = await page.locator('input[name=number]').first().inputValue();
    const before = await page.locator('table tr', { hasText: 'Put right' }).count();
    const weighed = await statuses([
        ...times(8, () => post('/rack/weigh', { number, mass: '1234' })),
        ...times(8, (i) => post('/rack/weigh', { number, mass: String(1240 + i) })),
    ]);
    expect(weighed.filter((status) => status >= 500)).toEqual([]);
    await page.reload();
    await expect(page.locator('table tr', { hasText: 'Put right' })).toHaveCount(before + 9);
    await expect(page.getByRole('cell', { name: '1,234 g' })).toHaveCount(1);

    // "Three more like it", four times at once: twelve pieces with twelve names.
    await page.goto('/pieces?q=Ebb');
    const shape = await page.locator('main a[href*="/shape"]').first().getAttribute('href');
    expect(
        (await statuses(times(4, () => post(shape.replace(/shape.*/, 'copy'), { copies: '3' })))).filter(
            (status) => status >= 500,
        ),
    ).toEqual([]);
    await page.goto('/pieces?q=Ebb%20bowl');
    const names = await page.getByRole('link', { name: /^Ebb bowl( \d+)?$/ }).allTextContents();
    expect(new Set(names.map((name) => name.trim())).size).toBe(13);
});
