// Rows of a comparison that are worked out one after the other, once the page stands; without scripts each has a link.

import { say } from './words';

async function fill(link) {
    const row = link.closest('tr');
    link.textContent = say('working-it-out');
    const response = await fetch(link.href, { headers: { Accept: 'text/html' } });
    const page = new DOMParser().parseFromString(await response.text(), 'text/html');
    const fresh = page.getElementById(row.id);
    if (response.ok && fresh) row.replaceWith(document.importNode(fresh, true));
    else link.textContent = say('no-answer');
}

async function fillAll() {
    for (const link of document.querySelectorAll('[data-rows] a[data-row]')) await fill(link).catch(() => {});
}
document.addEventListener('DOMContentLoaded', fillAll);
document.addEventListener('fresh', fillAll);
