// What a word of the craft means, shown over the page: a click on its dotted line. Without a script, or with a key held
// that opens a link elsewhere, the link leads to its page.

import { say } from './words';

let sheet;

function made() {
    sheet = document.createElement('dialog');
    sheet.className = 'term-sheet';
    const close = document.createElement('button');
    close.type = 'button';
    close.className = 'press';
    close.textContent = say('close');
    close.autofocus = true;
    close.addEventListener('click', () => sheet.close());
    sheet.append(document.createElement('div'), close);
    sheet.addEventListener('click', (event) => event.target === sheet && sheet.close());
    document.body.append(sheet);
    return sheet;
}

async function show(address) {
    const answer = await fetch(address, { headers: { Accept: 'text/html' } });
    const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
    const term = page.querySelector('#term');
    if (!answer.ok || !term) throw new Error(say('unreadable'));
    (sheet ?? made()).firstChild.replaceChildren(document.importNode(term, true));
    sheet.setAttribute('aria-label', term.querySelector('h1').textContent);
    if (!sheet.open) sheet.showModal();
}

document.addEventListener('click', (event) => {
    const link = event.target.closest('a[data-term]');
    if (!link || event.button !== 0 || event.metaKey || event.ctrlKey || event.shiftKey || event.altKey) return;
    event.preventDefault();
    show(link.href).catch(() => {
        window.location.href = link.href;
    });
});
