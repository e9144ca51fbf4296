// What takes a while to work out, and few ask for, stands behind a line to press and is fetched when that is opened.
// Without scripts the link in its place leads to the same page with it worked out.

import { tell } from './live-forms';
import { say } from './words';

async function fetched({ href }, id) {
    const response = await fetch(href, { headers: { Accept: 'text/html' } });

    return new DOMParser().parseFromString(await response.text(), 'text/html').querySelector(`#${id} > [data-later]`);
}

document.addEventListener(
    'toggle',
    async ({ target }) => {
        const link = target.open && target.querySelector(':scope > a[data-later]');
        if (!link || link.ariaBusy) return;
        link.ariaBusy = 'true';
        const asked = await fetched(link, target.id).catch(() => null);
        link.ariaBusy = null;
        if (asked) link.replaceWith(document.importNode(asked, true));
        else tell(say('no-answer'));
    },
    true,
);
