// When a piece would be ready another way: worked out one after the other, once the ways are opened. Without scripts
// each link leads to its date.

import { say } from './words';

let isBusy = false;

async function fill(link) {
    link.textContent = say('working-it-out');
    const response = await fetch(link.href, { headers: { Accept: 'text/html' } });
    const page = new DOMParser().parseFromString(await response.text(), 'text/html');
    const fresh = page.getElementById(link.dataset.way);
    if (response.ok && fresh) link.replaceWith(document.importNode(fresh, true));
    else throw new Error();
}

async function fillAll() {
    if (isBusy || !document.querySelector('#ways[open]')) return;
    isBusy = true;
    for (const link of document.querySelectorAll('#ways a[data-way]')) {
        await fill(link).catch(() => (link.textContent = say('no-answer')));
    }
    isBusy = false;
}

document.addEventListener('toggle', (event) => event.target.id === 'ways' && fillAll(), true);
document.addEventListener('fresh', fillAll);
