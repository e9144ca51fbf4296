// One search over everything, over whatever page one is on: "/" opens it, what is found comes as one types, the arrow
// keys go through it. Without a script the link leads to its page.

import { say } from './words';

const PAUSE_MS = 180;

let sheet;
let asked = 0;
let pause;

const link = () => document.querySelector('a[data-find]');
const isTyping = (target) => target.closest?.('input, select, textarea, [contenteditable]');

function made() {
    sheet = document.createElement('dialog');
    sheet.className = 'find-sheet';
    sheet.setAttribute('aria-label', say('find'));
    const field = document.createElement('input');
    field.type = 'search';
    field.maxLength = 120;
    field.setAttribute('aria-label', say('find-what'));
    const found = document.createElement('div');
    found.className = 'found';
    found.setAttribute('aria-live', 'polite');
    sheet.append(field, found);
    field.addEventListener('input', () => {
        window.clearTimeout(pause);
        pause = window.setTimeout(() => look(field.value, found), PAUSE_MS);
    });
    sheet.addEventListener('keydown', (event) => step(event, field, found));
    sheet.addEventListener('click', (event) => event.target === sheet && sheet.close());
    document.body.append(sheet);
    return sheet;
}

async function look(words, found) {
    const mine = ++asked;
    const address = `${link().href}?q=${encodeURIComponent(words)}`;
    try {
        const answer = await fetch(address, { headers: { Accept: 'text/html' } });
        const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
        // A later question has been asked meanwhile.
        if (mine !== asked) return;
        const lines = page.querySelector('#found');
        if (!answer.ok || !lines) throw new Error();
        found.replaceChildren(...document.importNode(lines, true).childNodes);
    } catch {
        if (mine === asked) found.textContent = say('no-answer');
    }
}

function step(event, field, found) {
    if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp' && event.key !== 'Enter') return;
    const places = [field, ...found.querySelectorAll('a')];
    const at = places.indexOf(document.activeElement);
    if (event.key === 'Enter') {
        if (at === 0 && places.length > 1) places[1].click();
        return;
    }
    event.preventDefault();
    places[(at + (event.key === 'ArrowDown' ? 1 : places.length - 1)) % places.length].focus();
}

function open() {
    (sheet ?? made()).showModal();
    const field = sheet.querySelector('input');
    field.focus();
    field.select();
}

document.addEventListener('click', (event) => {
    if (!event.target.closest('a[data-find]') || event.metaKey || event.ctrlKey || event.shiftKey) return;
    event.preventDefault();
    open();
});
document.addEventListener('keydown', (event) => {
    if (event.key !== '/' || event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
    if (!link() || document.querySelector('dialog[open]')) return;
    event.preventDefault();
    open();
});
