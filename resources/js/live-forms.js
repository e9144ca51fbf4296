// Forms marked data-live are sent in the background and the page's parts are swapped, so that the
// scroll position, open details, focus and what is typed elsewhere stay. Without scripts the same forms post and
// redirect.

import { focusAgain, focusIn, focusOnLoad, keepFocus } from './focus';
import { goToFirst } from './problems';
import { isSaving, saving } from './saving';
import { keep, rest, restOnLoad } from './second-press';
import { choose, files, isTouched, restore, sent, typed, wouldLose } from './unsaved';
import { say } from './words';

const main = () => document.querySelector('main');

// So much is sent on even when the page is left at once.
const KEEPALIVE_BYTES = 60_000;
const BUSY_MS = 4000;
// Who presses with wet hands is not left waiting: what is not answered by then waits on the device.
const PATIENCE_MS = 15_000;
const FRESH_MS = 600;

// The shop's computer was not reached, or has no records.
class NotReached extends Error {}

// What becomes of a press that does not arrive; set by whoever keeps them.
let held = null;
export const holding = (how) => (held = how);

// With keepalive a small form arrives even when the page is left at once. Throws, in words, what kept it from being
// taken.
export async function send(form, submitter, keepalive = false) {
    return post(form.action, new FormData(form, submitter ?? undefined), keepalive);
}

async function post(action, body, keepalive, signal) {
    const headers = { Accept: 'text/html' };
    const how = { method: 'POST', body, headers, credentials: 'same-origin', keepalive, signal };
    const response = await fetch(action, how).catch(() => {
        throw new NotReached(say('nothing-saved'));
    });
    if (response.status === 419) {
        throw new Error(say('open-too-long'));
    }
    const page = new DOMParser().parseFromString(await response.text(), 'text/html');
    if (response.status === 503) {
        throw new NotReached(say('records-gone'));
    }
    if (!response.ok) {
        throw new Error(say('refused', { why: page.querySelector('h1')?.textContent ?? response.statusText }));
    }
    return { url: response.url, page };
}

export function swap(page, selectors) {
    for (const selector of selectors) {
        const [from, to] = [page.querySelector(selector), document.querySelector(selector)];
        if (!from || !to) continue;
        const unsaved = typed(to);
        const fresh = document.importNode(from, true);
        to.replaceWith(fresh);
        restore(fresh, unsaved);
    }
    document.dispatchEvent(new Event('fresh'));
    const version = page.querySelector('input[name=version]')?.value;
    if (version) document.querySelectorAll('input[name=version]').forEach((field) => (field.value = version));
}

// The same for a page that nobody has pressed on: what was open and focused stays so, and what comes to lie under a
// finger is at rest for a moment.
export function refreshParts(page, selectors) {
    const { opened, focus, marked } = kept();
    swap(page, selectors);
    for (const id of opened) document.getElementById(id)?.setAttribute('open', '');
    if (focus && !main().contains(document.activeElement)) mark(focusAgain(main(), focus), marked);
    for (const selector of selectors) {
        const part = document.querySelector(selector);
        part?.setAttribute('data-fresh', '');
        window.setTimeout(() => part?.removeAttribute('data-fresh'), FRESH_MS);
    }
}

export function tell(words) {
    const line = document.querySelector('#said');
    if (!line) return;
    line.textContent = words;
    line.classList.add('px-4', 'sm:px-[40px]', 'py-2');
}

const isSmall = (body) =>
    [...body].reduce((sum, [name, value]) => sum + name.length + (typeof value === 'string' ? value.length : 1e9), 0) <
    KEEPALIVE_BYTES;

// Forms sent while another is under way wait for it, and go on from the version that it left: nothing is lost when two
// fields are changed one right after the other.
let underWay = Promise.resolve();
let waiting = 0;
let left = null;
let leavingBy = null;

// Which details were open, by the page's own ids, and what of a field was marked.
function kept() {
    const focused = document.activeElement;
    const isText = focused?.matches?.('input[type=text], input:not([type]), textarea');

    return {
        opened: [...main().querySelectorAll('details[open][id]')].map(({ id }) => id),
        focus: focusIn(main()),
        marked: isText ? { value: focused.value, range: [focused.selectionStart, focused.selectionEnd] } : null,
    };
}

// What is typed next takes the place of what was marked, though the field is another one.
function mark(field, was) {
    if (was && field?.value === was.value) field.setSelectionRange?.(...was.range);
}

async function sendLive({ form, action, body, taken, follows, isPress }) {
    if (isPress && held.mustWait()) throw new NotReached();
    if (follows && left && body.has('version')) body.set('version', left);
    const signal = isPress ? AbortSignal.timeout(PATIENCE_MS) : undefined;
    const { page, url } = await post(action, body, isSmall(body), signal);
    const fresh = page.querySelector('main');
    if (!fresh) throw new Error(say('unreadable'));
    const { opened, focus, marked } = kept();
    const unsaved = typed(main(), taken);
    // A file that was sent and refused is still the one that is meant.
    const picked = files(main(), fresh.querySelector('#problems') ? null : form);
    const isElsewhere = url.split('?')[0] !== location.href.split('?')[0];
    main().replaceWith(document.importNode(fresh, true));
    document.dispatchEvent(new Event('fresh'));
    if (isElsewhere) history.pushState({}, '', url);
    document.title = page.title;
    restore(main(), unsaved);
    choose(main(), picked);
    for (const id of opened) document.getElementById(id)?.setAttribute('open', '');
    mark(focusAgain(main(), focus), marked);
    // Of a row of numbers the next one is typed at once.
    if (form.querySelector('[autofocus]')) main().querySelector('[autofocus]')?.focus({ preventScroll: true });
    left = page.querySelector('input[name=version]')?.value ?? null;
    if (waiting <= 1) goToFirst();
    rest();
    if (isPress) document.dispatchEvent(new Event('arrived'));
}

document.addEventListener('submit', (event) => {
    const form = event.target;
    if (form.dataset.ask && !window.confirm(form.dataset.ask)) {
        event.preventDefault();
        return;
    }
    const body = new FormData(form, event.submitter ?? undefined);
    const same = new URLSearchParams([...body].filter(([, value]) => typeof value === 'string')).toString();
    if (form.dataset.busy === same) {
        event.preventDefault();
        return;
    }
    form.dataset.busy = same;
    window.setTimeout(() => delete form.dataset.busy, BUSY_MS);
    if (!('live' in form.dataset)) {
        leavingBy = form;
        keep();
        keepFocus();
        return;
    }
    event.preventDefault();
    const own = event.submitter?.hasAttribute('formaction') ? event.submitter.formAction : null;
    const isPress = held !== null && 'press' in form.dataset && own === null;
    if (isPress) held.dress(body);
    const follows = waiting > 0;
    const taken = sent(main(), form);
    waiting += 1;
    underWay = underWay
        .then(() => sendLive({ form, action: own ?? form.action, body, taken, follows, isPress }))
        .catch((error) => (error instanceof NotReached && isPress ? held.take(form, body) : tell(error.message)))
        .then(() => {
            waiting -= 1;
            delete form.dataset.busy;
        });
    saving(underWay);
});

document.addEventListener('change', (event) => {
    if ('autosend' in (event.target.dataset ?? {})) event.target.form?.requestSubmit();
});

// A field that was put back after an answer does not say by itself that it has changed.
document.addEventListener('focusout', (event) => {
    const field = event.target;
    if ('autosend' in (field.dataset ?? {}) && field.matches('input') && isTouched(field)) field.form?.requestSubmit();
});

// Who follows a link while something is on its way goes when it has arrived.
document.addEventListener('click', async (event) => {
    const link = event.target.closest?.('a[href]');
    const isPlain =
        event.button === 0 && !event.ctrlKey && !event.metaKey && !event.shiftKey && !event.defaultPrevented;
    if (!link || !isPlain || waiting === 0 || link.target || link.hasAttribute('download')) return;
    if (link.getAttribute('href').startsWith('#')) return;
    event.preventDefault();
    await underWay;
    if (!goToFirst()) window.location.assign(link.href);
});

window.addEventListener('beforeunload', (event) => {
    if (isSaving() || wouldLose(document, leavingBy)) event.preventDefault();
    leavingBy = null;
});

window.addEventListener('popstate', () => location.reload());

document.addEventListener('DOMContentLoaded', () => {
    focusOnLoad();
    restOnLoad();
    goToFirst();
});

// Undo and redo by the usual keys, unless a text field has its own.
document.addEventListener('keydown', (event) => {
    if (
        !(event.ctrlKey || event.metaKey) ||
        event.key.toLowerCase() !== 'z' ||
        event.target.matches('input, textarea, select')
    )
        return;
    const form = document.querySelector(event.shiftKey ? '#redo' : '#undo');
    if (form && !form.querySelector('button').disabled) {
        event.preventDefault();
        form.requestSubmit();
    }
});
