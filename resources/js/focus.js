// Where the focus was: the same field or button in the page that an answer brings, else what it stood in.

import { about } from './unsaved';

const FOCUSABLE = 'a[href], button, input:not([type=hidden]), select, textarea, summary, [tabindex]';
const STORE = 'focus';
const KEPT_MS = 8000;

// What is the same element in the page before and after: by its own id, or by what its form is about and its name.
export function place(element) {
    if (element.id) return `#${element.id}`;
    const isChoice = ['checkbox', 'radio'].includes(element.type);
    const form = element.form ?? element.closest('form');

    return [
        element.tagName,
        about(form),
        element.getAttribute('name') ?? '',
        element.tagName === 'BUTTON' || isChoice ? element.getAttribute('value') : '',
        form === null ? (element.getAttribute('href') ?? element.textContent.trim()) : '',
    ].join('|');
}

const alike = (root, wanted) => [...root.querySelectorAll(FOCUSABLE)].filter((one) => place(one) === wanted);

// Null where the focus is not in there.
export function focusIn(root) {
    const element = document.activeElement;
    if (!element || !root.contains(element) || !element.matches(FOCUSABLE)) return null;
    const wanted = place(element);
    const around = [];
    for (let up = element.parentElement; up && up !== document.body; up = up.parentElement) {
        if (up.id) around.push(up.id);
    }

    return { place: wanted, nth: alike(root, wanted).indexOf(element), around };
}

// What has the focus stood open; a line to press stands outside of what it opens.
function open(element) {
    const within = element.tagName === 'SUMMARY' ? element.parentElement.parentElement : element;
    for (let up = within.closest('details'); up; up = up.parentElement.closest('details')) up.open = true;
}

// Answers what has the focus then, where that is the same as before.
export function focusAgain(root, mark) {
    if (!mark) return null;
    const all = alike(root, mark.place);
    const same = all[mark.nth] ?? all.at(-1);
    if (same) {
        open(same);
        same.focus({ preventScroll: true });
        return same;
    }
    // It is gone: the next key goes on from there, and none presses something else.
    const near = mark.around.map((id) => document.getElementById(id)).find(Boolean) ?? root;
    if (!near.hasAttribute('tabindex')) near.setAttribute('tabindex', '-1');
    near.focus({ preventScroll: true });

    return null;
}

// A form that is sent by itself brings a whole page: where that is the same one, the focus is where it was.
export function keepFocus() {
    const mark = focusIn(document.querySelector('main'));
    if (mark === null) return;
    try {
        sessionStorage.setItem(STORE, JSON.stringify({ ...mark, path: location.pathname, at: Date.now() }));
    } catch {
        // Storage is shut off: the page begins at its top.
    }
}

export function focusOnLoad() {
    try {
        const kept = JSON.parse(sessionStorage.getItem(STORE) ?? 'null');
        sessionStorage.removeItem(STORE);
        if (kept?.path !== location.pathname || Date.now() - kept.at > KEPT_MS) return;
        focusAgain(document.querySelector('main'), kept)?.scrollIntoView({ block: 'nearest' });
    } catch {
        // As above.
    }
}
