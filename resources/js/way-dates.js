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

// What was opened while others were worked out has its turn after them.
async function fillAll() {
    if (isBusy) return;
    isBusy = true;
    const tried = new Set();
    const next = () =>
        [...document.querySelectorAll('.ways-more[open] a[data-way]')].find(({ dataset }) => !tried.has(dataset.way));
    for (let link = next(); link; link = next()) {
        tried.add(link.dataset.way);
        await fill(link).catch(() => (link.textContent = say('no-answer')));
    }
    isBusy = false;
}

document.addEventListener('toggle', (event) => event.target.matches?.('.ways-more') && fillAll(), true);
document.addEventListener('fresh', fillAll);
