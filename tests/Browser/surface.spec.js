import { draw, expect, register, test } from './shop.js';

const discsOf = async (page, grit) => Number(await page.getByLabel(`Discs of ${grit}`).inputValue());

test('a bad habit is tried in the lab and fixed, the bowl is sanded, and the shelf and the model follow', async ({
    page,
}) => {
    await register(page);
    await page.goto('/shelf');
    for (const grit of ['P80', 'P120', 'P150', 'P180', 'P240', 'P320', 'P400']) {
        await page.getByLabel('Grit, with its scale').fill(grit);
        await page.getByRole('spinbutton', { name: 'Discs', exact: true }).fill('20');
        await page.getByRole('button', { name: 'Put on the shelf' }).click();
        await expect(page.getByLabel(`Discs of ${grit}`)).toHaveValue('20');
    }
    await draw(page, 'Ebb bowl');
    const piece = page.url().replace(/\/shape.*/, '');
    await page.goto(`${piece}/surface`);
    const outside = page.locator('#zone-outside');
    await expect(outside.getByText(/P\d+.*: [\d.]+ min, \d+ disc/)).toBeVisible();
    await outside.getByLabel('Your own grits, with their scale').fill('P80, P400');
    await outside.getByRole('button', { name: 'Price it' }).click();
    await expect(outside.getByText(/the deeper scratches of P80 stay/)).toBeVisible();
    await outside.getByText('Other ways, priced here').click();
    const habit = outside.getByRole('cell', { name: /Half the size each time/ });
    await expect(habit).toBeVisible();
    // What was opened stays open, and is priced anew, when something about the face is changed.
    await outside.getByLabel('Stop at').fill('P320');
    await outside.getByLabel('Stop at').press('Tab');
    await expect(outside.getByText(/P320\): |P320: [\d.]+ min/)).toBeVisible();
    await expect(habit).toBeVisible();
    await outside.getByLabel('Stop at').fill('');
    await outside.getByLabel('Stop at').press('Tab');
    await expect(outside.getByText(/P320: [\d.]+ min/)).toHaveCount(0);
    await page.reload();
    await page.context().setOffline(true);
    await outside.getByText('Other ways, priced here').click();
    await expect(page.getByText("The shop's computer did not answer.")).toBeVisible();
    await page.context().setOffline(false);
    await outside.getByRole('link', { name: 'Price them' }).click();
    await expect(habit).toBeVisible();
    await page.goBack();

    await page.getByRole('link', { name: 'Try it in the grit lab' }).click();
    const b = page.locator('[data-plan=b]');
    await expect(b.locator('[data-verdict]')).toHaveText(/Ghosts/);
    await b.getByLabel('Sheets in order, with their scale').focus();
    await page.getByRole('button', { name: /^P120, into the plan chosen last/ }).click();
    await expect(b.getByLabel('Sheets in order, with their scale')).toHaveValue('P80, P400, P120');
    await b.getByRole('button', { name: 'P120 ×, out of plan B' }).click();
    await expect(b.getByLabel('Sheets in order, with their scale')).toHaveValue('P80, P400');
    await expect(b.getByRole('button', { name: /, out of plan B/ })).toHaveCount(2);
    for (const grit of ['P120', 'P180', 'P240']) {
        await page
            .getByRole('button', { name: new RegExp(`^${grit}, into the plan`) })
            .dragTo(b.getByRole('button', { name: 'P400 ×, out of plan B' }));
        await expect(b.getByRole('button', { name: `${grit} ×, out of plan B` })).toBeVisible();
    }
    await b.getByRole('button', { name: 'P400 ×, out of plan B' }).click();
    await expect(b.locator('[data-verdict]')).toHaveText('Clean, and fine enough for what comes next.');
    const bright = () =>
        page
            .locator('canvas.raking')
            .first()
            .evaluate((canvas) => canvas.toDataURL());
    const low = await bright();
    await page.getByLabel('Raking light, degrees over the wood').fill('40');
    await expect.poll(bright).not.toBe(low);
    await expect(page).toHaveURL(/light=40/);
    const [address, lit] = [page.url(), await bright()];
    await page.reload();
    await expect(page).toHaveURL(address);
    expect(await bright()).toBe(lit);

    // The light is moved while the lab still works on a plan: it stays where the hand put it.
    await page.route(/\/lab\?/, async (route) => {
        await new Promise((resolve) => setTimeout(resolve, 700));
        await route.continue();
    });
    await page.getByRole('button', { name: /^P320, into the plan/ }).click();
    await page.getByLabel('Raking light, degrees over the wood').fill('30');
    await expect(page.getByRole('button', { name: 'P320 ×, out of plan A' })).toBeVisible();
    await expect(page).toHaveURL(/light=30.*P320/);
    await expect(page.getByLabel('Raking light, degrees over the wood')).toHaveValue('30');
    await page.unroute(/\/lab\?/);

    await page.goto(`${piece}/surface`);
    await outside.getByLabel('Your own grits, with their scale').fill('');
    await outside.getByRole('button', { name: 'Price it' }).click();
    await expect(outside.getByText(/^Yours:/)).toHaveCount(0);
    await outside.getByLabel('The tool left it').selectOption('torn');
    await expect(outside.getByText(/Torn over \d+ % of it/)).toBeVisible();
    await outside.getByLabel('The tool left it').selectOption('scraped');
    await expect(outside.getByText(/Torn over \d+ % of it/)).toHaveCount(0);

    await page.goto('/bench');
    await page.locator('#done').click();
    await expect(page.getByText('In one go, grit by grit.')).toBeVisible();
    await page.getByRole('button', { name: 'Start the clock' }).click();
    await expect(page.locator('[data-since]')).toHaveText('0:00');
    await page.getByText('Done at another time, skip, or note').click();
    await page.getByLabel('Minutes it took (if you know)').fill('60');
    await page.getByLabel(/Discs it took, of \d+ planned/).fill('9');
    await page.getByRole('button', { name: 'Log it' }).click();
    await expect(page.getByText(/Done: “Sand the/)).toBeVisible();
    await page.goto('/shelf');
    let used = 0;
    for (const grit of ['P80', 'P120', 'P150', 'P180', 'P240', 'P320', 'P400'])
        used += 20 - (await discsOf(page, grit));
    expect(used).toBe(9);
    await page.goto('/shop/learnt');
    await expect(page.getByText(/× the model's, from 1 record/).first()).toBeVisible();
    await page.getByRole('button', { name: 'Leave it out' }).click();
    await expect(page.getByRole('button', { name: 'Count it again' })).toBeVisible();
});
