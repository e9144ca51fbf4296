import { draw, expect, openWays, register, takenAsUsual, test, unfold, wholeRoute } from './shop.js';

// Whole jobs at the lathe, each read as its maker would.

const routeOf = async (page) => {
    await wholeRoute(page);
    await expect(page.locator('[data-step]').first()).toBeVisible();
    const steps = await page.locator('[data-step]').allTextContents();
    return (words) => steps.findIndex((step) => words.test(step.replace(/\s+/g, ' ')));
};

// Pressed, and answered: what comes next is of the piece as it then is.
const press = async (page, name) => {
    const answered = page.waitForResponse((answer) => answer.request().method() === 'POST');
    await page.getByRole('button', { name, exact: true }).click();
    await answered;
    await page.waitForLoadState('networkidle');
};
const said = (page, words) => expect(page.locator('#said')).toContainText(words);

test('a wet oak log too heavy for a lathe that starts at 100 rpm is refused with help', async ({ page }) => {
    await register(page);
    await page.goto('/shop/lathe');
    for (const [name, value] of Object.entries({ swing: '560', bed: '900', least_rpm: '100', most_rpm: '2500' })) {
        await page.locator(`[name=${name}]`).fill(value);
    }
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('every route was worked out again')).toBeVisible();

    await page.goto('/pieces/create');
    await page.getByRole('radio', { name: 'Shallow bowl' }).check({ force: true });
    await takenAsUsual(page);
    await page.getByLabel('It begins as').selectOption('blank');
    await page.getByLabel('Name').fill('Bittern bowl');
    await page.locator('select[name=wood]').selectOption('Oak (white)');
    await page.getByLabel('Moisture now, %').fill('60');
    for (const [name, value] of [
        ['diameter', '460'],
        ['height', '160'],
        ['foot', '150'],
        ['wall', '20'],
    ]) {
        await page.locator(`[name=${name}]`).fill(value);
    }
    await page.getByRole('button', { name: 'Draw it' }).click();
    await page.getByText('Enter the blank you have').click();
    await page.locator('[name=stock_form]').selectOption('half-log');
    await page.locator('[name=stock_length]').fill('520');
    await page.locator('[name=stock_width]').fill('500');
    await page.locator('[name=stock_height]').fill('190');
    await page.getByRole('button', { name: 'Use this blank' }).click();
    await expect(page.getByText(/of its length is needed/)).toBeVisible();
    await page.getByText('Mark a flaw').click();
    await page.locator('select[name=flaw_kind]').selectOption('bark-edge');
    await page.locator('select[name=flaw_on]').selectOption('rim');
    await page.locator('select[name=wish]').selectOption('keep');
    await page.getByLabel('From, mm').fill('0');
    await page.getByLabel('To, mm').fill('10');
    await page.getByRole('button', { name: 'Mark it' }).click();
    await said(page, 'Placed.');

    const at = await routeOf(page);
    expect(at(/Bring the blank round/)).toBeGreaterThan(-1);
    await expect(page.getByText(/balance/).first()).toBeVisible();
    await expect(page.locator('#strip h2')).not.toContainText('Ready');
    await page.getByRole('link', { name: 'Shape', exact: true }).click();
    await page.locator('[data-flaw-row] summary').click();
    await page.locator('[data-flaw-row]').getByLabel('Wish').selectOption('stabilise');
    await page.getByRole('button', { name: 'Change it' }).first().click();
    await said(page, 'Changed.');
});

test('a lidded box is finished as one, its lid in its own mouth, or apart where the maker likes it so', async ({
    page,
}) => {
    await register(page);
    await draw(page, 'Skerry box', 'Lidded box', 'blank');
    const at = await routeOf(page);
    const fitted = at(/Fit the lid to the body/i);
    expect(at(/Lid: sand the foot/i)).toBeLessThan(fitted);
    expect(at(/Lid: turn its top/i)).toBeGreaterThan(fitted);
    expect(at(/Lid: sand the outside/i)).toBeGreaterThan(fitted);
    expect(at(/Body: part it off|Body: take off the tenon/i)).toBeGreaterThan(at(/Lid: sand the outside/i));
    await expect(page.getByText(/of play it turns all year/).first()).toBeVisible();
    await openWays(page);
    await page
        .locator('form')
        .filter({ hasText: /finished by itself/i })
        .getByRole('button', { name: 'This way' })
        .click();
    await expect(page.getByText(/Lid: part it off|Lid: take off the tenon/i).first()).toBeVisible();
    await page.reload();
    const apart = await routeOf(page);
    expect(apart(/Lid: turn its top/i)).toBeLessThan(apart(/Fit the lid to the body/i));
});

test('a scoop has its handle where there is wood, and a hole drilled through the handle', async ({ page }) => {
    await register(page);
    await draw(page, 'Teal scoop', 'Scoop', 'blank');
    const joint = async (height, depth) => {
        await page.getByText('Change it').first().click();
        await page.locator('[name=joint_height]').fill(height);
        await page.locator('[name=joint_depth]').fill(depth);
        await page.locator('[name=joint_angle]').fill('20');
        await page.getByRole('button', { name: 'Save the joint' }).click();
        await said(page, 'Joint saved');
    };
    await joint('45', '9');
    await wholeRoute(page);
    await expect(page.getByText(/2 mm must be left/).first()).toBeVisible();
    await page.getByRole('link', { name: 'Shape', exact: true }).click();
    await joint('7', '7');

    await page.getByRole('navigation', { name: 'Parts' }).getByRole('link', { name: 'Handle' }).click();
    await page.getByText('Place a hole').click();
    await page.locator('[name=hole_across]').fill('4');
    await page.locator('[name=hole_height]').fill('60');
    await page.getByRole('button', { name: 'Place it' }).click();
    await expect(page.getByText(/4 mm across the side at 60 mm/).first()).toBeVisible();

    const at = await routeOf(page);
    expect(at(/Handle: .*drill the hole of 4 mm|Drill the hole of 4 mm/i)).toBeGreaterThan(-1);
    expect(at(/drill the socket for the handle/i)).toBeGreaterThan(at(/Body: hollow the inside/i));
    expect(at(/Glue the handle into the body/i)).toBeGreaterThan(at(/drill the socket/i));
    await expect(page.getByText(/Tilted 20/).first()).toBeVisible();
    await expect(page.getByText(/2 mm must be left/)).toHaveCount(0);
});

test('a yarn bowl is hollowed and sanded inside before its hook and its four openings', async ({ page }) => {
    await register(page);
    await draw(page, 'Dunlin yarn bowl', 'Deep bowl', 'blank');
    for (const turn of ['45', '135', '225', '315']) {
        await unfold(page, 'Place a hole');
        await page.locator('[name=hole_across]').last().fill('7');
        await page.locator('[name=hole_height]').last().fill('30');
        await page.locator('[name=hole_azimuth]').last().fill(turn);
        await page.getByRole('button', { name: 'Place it' }).click();
        await expect(page.locator(`[data-hole-row]`).filter({ hasText: `${turn}°` })).toHaveCount(1);
    }
    await page.getByRole('link', { name: 'Marks' }).click();
    await page.locator('select[name=technique]').selectOption('piercing');
    await page.getByLabel('From, mm').fill('60');
    await page.getByLabel('To, mm').fill('85');
    await page.getByRole('button', { name: 'Place it' }).click();
    await page.locator('[name="set[opening]"]').selectOption('hook');
    await page.locator('[name="set[start_deg]"]').fill('90');
    await page.getByRole('button', { name: 'Set it' }).click();
    await said(page, 'Mark changed');

    const at = await routeOf(page);
    const inside = at(/Sand the inside/);
    expect(inside).toBeGreaterThan(at(/Hollow the inside/));
    expect(at(/Drill the hole of 7 mm across at 30 mm, into the inside/)).toBeGreaterThan(inside);
    expect(at(/hook/i)).toBeGreaterThan(inside);
});

test('a cracked calabash of almond is stabilised, and stands until it has set, before it is hollowed', async ({
    page,
}) => {
    await register(page);
    await page.goto('/shelf/woods');
    await page.locator('[name=wood_name]').fill('Almond');
    await page
        .locator('form')
        .filter({ has: page.locator('[name=wood_name]') })
        .getByRole('button')
        .click();
    await expect(page.getByText('Almond').first()).toBeVisible();
    await draw(page, 'Curlew calabash', 'Hollow form', 'blank');
    await page.locator('select[name=wood]').selectOption('Almond');
    await page.getByRole('button', { name: 'Save the part' }).click();
    await said(page, 'Saved.');
    await page.getByText('Mark a flaw').click();
    await page.locator('select[name=flaw_kind]').selectOption('crack');
    await page.locator('select[name=wish]').selectOption('stabilise');
    await page.getByLabel('From, mm').fill('40');
    await page.getByLabel('To, mm').fill('90');
    await page.getByRole('button', { name: 'Mark it' }).click();
    await said(page, 'Placed.');

    const at = await routeOf(page);
    const soaked = at(/Run thin CA into the crack/i);
    expect(soaked).toBeGreaterThan(at(/Shape the outside/));
    expect(soaked).toBeLessThan(at(/Hollow the inside/));
    await expect(page.getByText(/half the speed/).first()).toBeVisible();
});

test('a vase is bored from both ends and plugged, and its liner is proved before its outside is varnished', async ({
    page,
}) => {
    await register(page);
    await draw(page, 'Merganser vase', 'Vase', 'blank');
    await page.locator('[name=purpose]').selectOption('water');
    await press(page, 'Save');
    await page.locator('[name=bore]').fill('20');
    await press(page, 'Save the part');
    await page.locator('select[name=kind]').selectOption('plug');
    await press(page, 'Draw it');
    await page.getByRole('navigation', { name: 'Parts' }).getByRole('link', { name: 'Body' }).click();
    await page.getByRole('link', { name: 'Coats', exact: true }).click();
    for (const face of ['outside', 'inside', 'rim']) {
        await page
            .locator(`[name="zones[]"][value=${face}]`)
            .last()
            .setChecked(face === 'inside');
    }
    await press(page, 'Start without one');
    const plan = page
        .locator('form')
        .filter({ has: page.getByRole('button', { name: 'Add it' }) })
        .last();
    await plan.locator('select[name=product]').selectOption('Casting epoxy as liner');
    await plan.getByRole('button', { name: 'Add it' }).click();
    await expect(page.getByRole('cell', { name: /casting epoxy/i }).first()).toBeVisible();

    const at = await routeOf(page);
    expect(at(/casting epoxy as liner/i)).toBeGreaterThan(at(/Glue the plug/i));
    expect(at(/Fill it with water/i)).toBeGreaterThan(at(/casting epoxy as liner/i));
    expect(at(/wiping varnish/i)).toBeGreaterThan(at(/Fill it with water/i));
    expect(at(/Drill the hole, 20 mm across/i)).toBeLessThan(at(/Bring the blank round/i));
    await expect(page.getByText(/From both ends/).first()).toBeVisible();
    expect(at(/Glue the plug into the body/i)).toBeGreaterThan(at(/Hollow the inside/i));
    await expect(page.getByText(/With epoxy/).first()).toBeVisible();
});

test('a use sizes the form, and what was typed over stays', async ({ page }) => {
    await register(page);
    await page.goto('/pieces/create');
    await page.locator('[name=wall]').fill('9');
    await page.getByRole('button', { name: 'yarn' }).click();
    await expect(page.locator('[name=form][value=deep-bowl]')).toBeChecked();
    await expect(page.locator('[name=diameter]')).toHaveValue('160');
    await expect(page.locator('[name=wall]')).toHaveValue('9');
    await expect(page.getByText('Round the rim well over')).toBeVisible();
    await page.getByLabel('Name').fill('Rook yarn bowl');
    await page.getByRole('button', { name: 'Draw it' }).click();
    await expect(page.getByRole('heading', { name: 'Rook yarn bowl' })).toBeVisible();
});

test('a bowl is held as its maker wishes and its outside polished before it is turned round', async ({ page }) => {
    await register(page);
    await draw(page, 'Coot bowl', 'Shallow bowl', 'blank');
    await page.getByText('What holds it at each stage').click();
    await expect(page.getByText('It has no hole right through.').first()).toBeVisible();
    await page.locator('[name=hold_outside]').selectOption('faceplate');
    await page.locator('[name=hold_foot]').selectOption('mandrel');
    await press(page, 'Save the part');
    await page.getByRole('link', { name: 'Coats', exact: true }).click();
    await page.locator('[name=when]').first().selectOption('before-reversing');
    await expect(page.locator('#said')).toContainText('Coats saved');
    const at = await routeOf(page);
    expect(at(/Mount on a faceplate/)).toBeGreaterThanOrEqual(0);
    expect(at(/coat 1 of \d, outside/)).toBeLessThan(at(/Hollow the inside/));
    expect(at(/coat 1 of \d, (rim, )?inside/)).toBeGreaterThan(at(/Hollow the inside/));
    await expect(page.getByText('Not on a mandrel, as was asked for').first()).toBeAttached();
});

test('a wall is measured, its thick spot marked and cut deeper, and undo puts it back', async ({ page }) => {
    await register(page);
    await draw(page, 'Teal bowl', 'Shallow bowl', 'blank');
    await page.locator('[name=wall_height]').fill('40');
    await page.locator('[name=wall_thick]').fill('10');
    await press(page, 'Note it');
    await expect(page.getByText(/thick by/)).toBeVisible();
    await expect(page.locator('[data-lint=thick-spot]')).toBeAttached();
    await page.getByText('Cut a stretch of the inside deeper').click();
    for (const [name, value] of Object.entries({ deepen_from: '25', deepen_to: '60', deepen_by: '40' })) {
        await page.locator(`[name=${name}]`).fill(value);
    }
    await press(page, 'Cut it deeper');
    await expect(page.locator('[name=deepen_by]')).toHaveValue('40');
    await expect(page.getByText(/comes through the wall/).first()).toBeVisible();
    await page.locator('[name=deepen_by]').fill('2');
    await press(page, 'Cut it deeper');
    await said(page, 'Cut deeper');
    await page.getByRole('button', { name: 'Undo' }).click();
    await said(page, 'Undone');
    await press(page, 'Clear them all');
    await expect(page.getByText('Nothing measured yet')).toBeVisible();
});

test('forms are compared on one blank before one is drawn of it', async ({ page }) => {
    await register(page);
    await page.goto('/rack/new');
    await page.locator('[name=form]').selectOption('log');
    await page.locator('[name=grain]').selectOption('end');
    await page.locator('[name=diameter_mm]').fill('160');
    await page.locator('[name=length_mm]').fill('320');
    await page.locator('[name=pith]').selectOption('in');
    await page.locator('[name=sapwood_mm]').fill('20');
    await page.locator('[name=given_by]').fill('Ada Fennel');
    await page.getByRole('button', { name: 'Put it on' }).click();
    await expect(page.getByText('given by Ada Fennel')).toBeVisible();
    await page.getByRole('link', { name: 'What could be made of it' }).click();
    await expect(page.getByRole('columnheader', { name: 'Heartwood' })).toBeVisible();
    await page.getByRole('row', { name: /Vase/ }).getByRole('link', { name: 'Draw it' }).click();
    await expect(page.locator('[name=form][value=vase]')).toBeChecked();
    await page.getByLabel('Name').fill('Lapwing vase');
    await page.getByRole('button', { name: 'Draw it' }).click();
    await expect(page.getByRole('heading', { name: 'Lapwing vase' })).toBeVisible();
    await expect(page.getByText('given by Ada Fennel')).toBeVisible();
});

test('a natural edge is taken from its log, drawn, told at the cut and kept where it is typed wrong', async ({
    page,
}) => {
    await register(page);
    await draw(page, 'Curlew bowl', 'Natural-edge bowl', 'blank');
    await expect(page.getByText(/balanced about its axis/)).toBeVisible();
    await page.getByText('Its heights by angle').click();
    await page.locator('[name="rim_angle[0]"]').fill('400');
    await press(page, 'Keep this rim');
    await expect(page.locator('[name="rim_angle[0]"]')).toHaveValue('400');
    await page.locator('[name="rim_angle[0]"]').fill('0');
    await page.locator('[name="rim_below[3]"]').fill('12');
    await press(page, 'Keep this rim');
    await said(page, 'Kept.');
    await expect(page.getByText(/off its axis/)).toBeVisible();
    await unfold(page, 'Its heights by angle');
    await page.locator('[name=rim_log]').fill('500');
    await press(page, 'Take its bark');
    await expect(page.getByText(/balanced about its axis/)).toBeVisible();
    const at = await routeOf(page);
    expect(at(/the tool meets no wood for/)).toBeGreaterThan(-1);
});
