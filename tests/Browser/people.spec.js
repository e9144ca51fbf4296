import { createHmac } from 'node:crypto';
import { draw, expect, now, register, test } from './shop.js';

// Who signs in, how, and what they see.

const PASSWORD = 'heron-on-the-wharf';
const OWNERS = 'grebe-under-the-pier';

// The six digits of an authenticator app (RFC 6238), from the key as it stands on the page.
function code(key, at) {
    const letters = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';
    const bits = [...key.replace(/\s/g, '')].map((one) => letters.indexOf(one).toString(2).padStart(5, '0')).join('');
    const bytes = Buffer.from(bits.match(/.{8}/g).map((eight) => parseInt(eight, 2)));
    const counter = Buffer.alloc(8);
    counter.writeBigUInt64BE(BigInt(Math.floor(at / 30000)));
    const mac = createHmac('sha1', bytes).update(counter).digest();
    const four = mac.readUInt32BE(mac.at(-1) & 15) & 0x7fffffff;

    return String(four % 1000000).padStart(6, '0');
}

async function invite(page, name, may) {
    const email = `${name.toLowerCase()}-${now()}@example.test`;
    await page.goto('/shop/hands');
    await page.getByText('Invite somebody').click();
    await page.locator('[name=person_name]').fill(name);
    await page.locator('[name=person_email]').fill(email);
    await page.locator('[name=person_role]').selectOption(may);
    await page.getByRole('button', { name: 'Invite', exact: true }).click();

    return page.getByLabel('Link to join').inputValue();
}

async function join(browser, link) {
    const page = await (await browser.newContext()).newPage();
    await page.goto(link);
    await page.locator('[name=password]').fill(PASSWORD);
    await page.getByLabel('Password again').fill(PASSWORD);
    await page.getByRole('button', { name: 'Join' }).click();

    return page;
}

test('a gallery joins by its link, sees what is ready when and nothing else, until it is taken out', async ({
    page,
    browser,
}) => {
    await register(page);
    await draw(page, 'Heron bowl');
    const gallery = await join(browser, await invite(page, 'Saltings', 'reader'));
    await expect(gallery.getByText(/Welcome to/)).toBeVisible();
    await expect(gallery.getByText('Heron bowl')).toBeVisible();
    await expect(gallery.getByText(/^ready \w+ \d+ \w+/)).toBeVisible();
    await expect(gallery.getByRole('link', { name: 'Bench' })).toHaveCount(0);
    await gallery.goto('/weeks');
    await expect(gallery.getByText('You see what is ready when')).toBeVisible();
    await gallery.goto('/dates');
    await gallery.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'You' }).click();
    await gallery.getByRole('link', { name: 'Sign-in', exact: true }).click();
    await expect(gallery.getByText('(this one)')).toBeVisible();

    await page.goto('/shop/hands');
    await page.getByLabel('May: Saltings').selectOption('maker');
    await page.getByRole('button', { name: 'Save: Saltings' }).click();
    await expect(page.getByText('Saltings signs in as maker now')).toBeVisible();
    await gallery.goto('/weeks');
    await expect(gallery.getByRole('link', { name: 'Bench' })).toBeVisible();
    page.on('dialog', (dialog) => dialog.accept());
    await page.getByRole('button', { name: 'Take out: Saltings' }).click();
    await expect(page.getByText('Saltings can no longer sign in')).toBeVisible();
    await gallery.goto('/dates');
    await expect(gallery).toHaveURL(/sign-in/);
    await page.goto('/shop/people/record');
    await expect(page.getByText(/took saltings-.* out/)).toBeVisible();
});

test('the second step is set up, asked for, passed with a code on paper, and a browser is signed out', async ({
    page,
    browser,
}) => {
    const email = await register(page);
    await page.goto('/shop/you/sign-in');
    await page.locator('[action$="second-step"] [name=confirm_password]').fill(OWNERS);
    await page.getByRole('button', { name: 'Set it up' }).click();
    await expect(page.locator('[data-qr] svg')).toBeVisible();
    const key = await page.locator('#second-step ~ div code').textContent();
    await page.getByLabel('Six digits').fill('000000');
    await page.getByRole('button', { name: 'Turn it on' }).click();
    await expect(page.getByText(/That code does not count/).first()).toBeVisible();
    await page.getByLabel('Six digits').fill(code(key, now()));
    await page.getByRole('button', { name: 'Turn it on' }).click();
    await expect(page.locator('.codes li')).toHaveCount(10);
    const onPaper = await page.locator('.codes li').first().textContent();
    await page.reload();
    await expect(page.locator('.codes li')).toHaveCount(0);

    const other = await (await browser.newContext()).newPage();
    await other.goto('/sign-in');
    await other.getByLabel('E-mail').fill(email);
    await other.getByLabel('Password').fill(OWNERS);
    await other.getByRole('button', { name: 'Sign in' }).click();
    await expect(other.getByRole('heading', { name: 'Second step' })).toBeVisible();
    await other.goto('/bench');
    await expect(other).toHaveURL(/sign-in/);
    await other.goto('/sign-in/code');
    await other.getByLabel('Code').fill(onPaper);
    await other.getByRole('button', { name: 'Sign in' }).click();
    await expect(other.getByText('9 are left')).toBeVisible();

    await page.reload();
    await page.getByRole('button', { name: 'Sign out everywhere else' }).click();
    await expect(page.getByText('1 browser was signed out')).toBeVisible();
    await other.goto('/bench');
    await expect(other.getByText('You were signed out from another browser')).toBeVisible();
    await page.goto('/bench');
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
});

test('a workshop that is to be deleted says so on every page, and is kept by one press', async ({ page }) => {
    await register(page);
    await page.goto('/shop/you/sign-in');
    await page.getByText('Delete the workshop', { exact: true }).click();
    await page.locator('[name=workshop_name]').fill('Another');
    await page.locator('[name=close_password]').fill(OWNERS);
    await page.getByRole('button', { name: 'Delete the workshop in two weeks' }).click();
    await expect(page.getByText(/Its name is “Another”/).first()).toBeVisible();
    await page.locator('[name=workshop_name]').fill('Heron Wharf');
    await page.locator('[name=close_password]').fill(OWNERS);
    await page.getByRole('button', { name: 'Delete the workshop in two weeks' }).click();
    await page.goto('/weeks');
    await expect(page.getByText(/everything in it is deleted on Tue 15 Dec/)).toBeVisible();
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText(/stays\./)).toBeVisible();
    await page.goto('/weeks');
    await expect(page.getByText(/everything in it is deleted/)).toHaveCount(0);
});
