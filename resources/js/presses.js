// What is pressed at the bench while the shop's computer does not answer waits on the device, with its time and its
// key, and is sent in order when it answers again. What was done otherwise meanwhile is shown beside it and asked.

import { now } from './clock';
import { holding, refreshParts, tell } from './live-forms';
import { canFollow, goes, meaning } from './presses/order';
import { all, drop, keep } from './presses/store';
import { draw, whatIs } from './presses/strip';
import { say } from './words';

const PATIENCE_MS = 15_000;
const AGAIN_MS = 20_000;
const KEY_BYTES = 16;
const MOST_OF_A_NOTE = 1000;
const USED = 'press-keys';
const USED_MOST = 300;

const about = document.querySelector('meta[name=alive]');
const owner = Number(about?.dataset.user ?? 0);
const channel = 'BroadcastChannel' in window ? new BroadcastChannel('presses') : null;

let token = document.querySelector('meta[name=csrf-token]')?.content;
let presses = [];
let isSending = false;
let isSignedIn = about !== null;
let timer = null;

const newKey = () =>
    [...crypto.getRandomValues(new Uint8Array(KEY_BYTES))].map((byte) => byte.toString(16).padStart(2, '0')).join('');

// Keys under which something was kept: a page that the device kept comes with the same key again.
function isUsed(key) {
    try {
        return JSON.parse(localStorage.getItem(USED) ?? '[]').includes(key);
    } catch {
        return false;
    }
}

function use(key) {
    try {
        const used = JSON.parse(localStorage.getItem(USED) ?? '[]');
        localStorage.setItem(USED, JSON.stringify([...used, key].slice(-USED_MOST)));
    } catch {
        // Storage is shut off: the same form twice would be one press.
    }
}

const isPressed = ({ kind, stuck }) => (kind === 'done' || kind === 'skip') && !stuck;

// What the maker typed, under the words that stand at its fields.
function typedIn(form) {
    return [...form.elements]
        .filter((field) => field.name && field.type !== 'hidden' && field.tagName !== 'BUTTON' && field.value)
        .filter((field) => !['checkbox', 'radio'].includes(field.type) || field.checked)
        .map((field) => [
            field.closest('fieldset') && field.type === 'radio'
                ? field.closest('fieldset').querySelector('legend').textContent.trim()
                : (field.labels?.[0]?.firstElementChild ?? field.labels?.[0])?.textContent.trim().split('\n')[0],
            field.type === 'radio'
                ? field.labels[0].textContent.trim()
                : (field.selectedOptions?.[0]?.textContent.trim() ?? field.files?.[0]?.name ?? field.value),
        ])
        .filter(([label]) => label);
}

async function look() {
    presses = await all().catch(() => []);
    show();
}

function show() {
    const place = document.querySelector('#presses');
    if (place) {
        const isOwn = (press) => isSignedIn && press.owner === owner;
        const others = presses.filter((press) => !isOwn(press));
        draw(place, presses.filter(isOwn), { isSignedIn, others, ways: { again, mine, note, back } });
    }
    mark();
}

function doneForm({ action, read, says, piece }) {
    const form = document.createElement('form');
    form.method = 'post';
    form.action = action;
    form.className = 'press-away';
    Object.assign(form.dataset, { live: '', press: 'done', says, piece });
    for (const [name, value] of Object.entries({ _token: token, read })) {
        const field = document.createElement('input');
        Object.assign(field, { type: 'hidden', name, value });
        form.append(field);
    }
    const button = document.createElement('button');
    button.className = 'press';
    button.textContent = say('pressed-done');
    button.setAttribute('aria-label', `${say('pressed-done')}: ${says}`);
    form.append(button);
    return form;
}

// Pressed and waiting, or free again.
function rest(button, press, isThat) {
    if (press) {
        button.dataset.words ??= button.textContent;
        button.disabled = true;
        if (isThat) button.textContent = say('pressed-waits');
    } else if ('words' in button.dataset) {
        button.disabled = false;
        button.textContent = button.dataset.words;
        delete button.dataset.words;
    }
}

// The page as if what waits had arrived: what is pressed is not pressed again, and what follows it can be.
function mark() {
    const pressed = new Map(presses.filter(isPressed).map((press) => [press.read, press]));
    for (const form of document.querySelectorAll('form[data-press]')) {
        const press = pressed.get(form.elements.read?.value);
        if (!['done', 'skip', 'start'].includes(form.dataset.press)) continue;
        for (const button of form.querySelectorAll('button')) rest(button, press, form.dataset.press === press?.kind);
    }
    const heeded = presses.filter(({ kind }) => kind === 'caution').map(({ hazard }) => hazard);
    for (const form of document.querySelectorAll('form[data-press=caution]')) {
        const { done: action, read, says, piece } = form.dataset;
        if (heeded.includes(form.elements.hazard.value)) form.replaceWith(doneForm({ action, read, says, piece }));
    }
    document.querySelectorAll('form[data-follow]').forEach((form) => form.remove());
    if (pressed.size === 0) return;
    const rows = [...document.querySelectorAll('[data-follows]')];
    const steps = rows.map((row) => ({ row, step: row.dataset.step, follows: row.dataset.follows.split(' ') }));
    const gone = new Set(rows.filter((row) => pressed.has(row.dataset.read)).map((row) => row.dataset.step));
    for (const { row } of canFollow(steps, gone)) {
        if (row.querySelector('form[data-press=done], form[data-press=caution]')) continue;
        const { done: action, read, says, piece } = row.dataset;
        const form = doneForm({ action, read, says, piece });
        form.dataset.follow = '';
        row.lastElementChild.append(form);
    }
}

async function take(form, body) {
    const at = Number(body.get('pressed_at'));
    const minutes = Number(body.get('for_minutes'));
    const press = {
        kind: form.dataset.press,
        action: new URL(form.action).pathname,
        body: [...body].filter(([name]) => name !== '_token'),
        says: form.dataset.says ?? '',
        typed: typedIn(form),
        piece: Number(form.dataset.piece ?? body.get('at_piece') ?? 0) || null,
        read: body.get('read'),
        hazard: body.get('hazard'),
        rings: form.dataset.press === 'timer' && minutes > 0 ? at + 60 * minutes : null,
        owner,
        who: about.dataset.who,
        at,
        tries: 0,
        stuck: null,
    };
    try {
        await keep(press);
    } catch {
        tell(say('nothing-saved'));
        return;
    }
    use(body.get('once'));
    form.reset();
    form.querySelector('[autofocus]')?.focus();
    tell(say('press-kept'));
    await news();
    timer ??= window.setTimeout(send, AGAIN_MS);
}

async function news() {
    channel?.postMessage('');
    await look();
}

const how = (body) => ({
    method: 'POST',
    body,
    headers: { Accept: 'application/json', 'X-Press': '1' },
    credentials: 'same-origin',
    signal: AbortSignal.timeout(PATIENCE_MS),
});

// With the token renewed where it was too old.
async function post(address, pairs, isRenewed = false) {
    const body = new FormData();
    for (const [name, value] of [...pairs, ['_token', token]]) body.append(name, value);
    const response = await fetch(address, how(body));
    if (meaning(response.status) === 'token' && !isRenewed && (await renew())) return post(address, pairs, true);
    return { status: response.status, answer: await response.json().catch(() => ({})) };
}

async function renew() {
    const response = await fetch(about.content, { headers: { Accept: 'application/json' } });
    if (response.status === 401) return false;
    const answer = await response.json();
    token = answer.token;
    return answer.user === owner;
}

// One press; answers whether the next may go.
async function sendOne(press) {
    const { status, answer } = await post(press.action, press.body);
    const means = meaning(status, press.tries);
    if (means === 'taken') {
        await drop(press.id);
        return true;
    }
    if (means === 'ask') {
        const { message, asks, undo } = answer;
        await keep({ ...press, stuck: { message: message || say('press-refused', { status }), asks, undo } });
        return true;
    }
    if (means === 'later') await keep({ ...press, tries: press.tries + 1 });
    if (means === 'signed-out' || means === 'token') isSignedIn = false;
    return false;
}

async function sendAll() {
    let count = 0;
    try {
        for (;;) {
            const next = goes(await all(), owner)[0];
            if (!next || !(await sendOne(next))) break;
            count += 1;
        }
    } catch {
        // The network is gone again: the rest waits.
    }
    await news();
    if (count === 0) return;
    document.dispatchEvent(new Event('presses-sent'));
    await freshPage();
    if (presses.length === 0) tell(say('presses-arrived'));
}

async function freshPage() {
    const response = await fetch(location.href, { headers: { Accept: 'text/html' } }).catch(() => null);
    if (!response?.ok) return;
    refreshParts(new DOMParser().parseFromString(await response.text(), 'text/html'), ['main']);
}

// All that waits, by one tab at a time.
async function send() {
    window.clearTimeout(timer);
    timer = null;
    if (isSending || !isSignedIn || goes(presses, owner).length === 0) return;
    isSending = true;
    try {
        if (navigator.locks) {
            await navigator.locks.request('presses', { ifAvailable: true }, (lock) => (lock ? sendAll() : null));
        } else {
            await sendAll();
        }
    } finally {
        isSending = false;
    }
    if (isSignedIn && goes(presses, owner).length > 0) timer ??= window.setTimeout(send, AGAIN_MS);
}

// Once more, with what was asked.
async function again(press, answer = null) {
    const body = answer ? [...press.body.filter(([name]) => name !== answer[0]), answer] : press.body;
    await keep({ ...press, body, stuck: null, tries: 0 });
    await news();
    await send();
}

// A press that was a mistake, before it is sent.
async function back(press) {
    if (isSending) return;
    await drop(press.id);
    await news();
    if (presses.length === 0) await freshPage();
}

// What was done otherwise is taken back, and this one stands.
async function mine(press) {
    try {
        const { status, answer } = await post(press.stuck.undo, []);
        if (meaning(status) === 'taken') await again(press);
        else await keep({ ...press, stuck: { ...press.stuck, undo: null, message: answer.message } });
        await news();
    } catch {
        tell(say('no-answer'));
    }
}

// It stays as it is; what was pressed stands in the record in words.
async function note(press) {
    const body = say('press-as-note', { what: whatIs(press) }).slice(0, MOST_OF_A_NOTE);
    const once = `${press.body.find(([name]) => name === 'once')?.[1] ?? newKey()}`.slice(0, 36) + 'note';
    const pictures = press.body.filter(([, value]) => value instanceof File && value.size > 0);
    const pairs = [...Object.entries({ body, once, pressed_at: press.at }), ...pictures];
    const addresses = [...(press.piece ? [`/pieces/${press.piece}/record`] : []), '/log'];
    try {
        for (const address of addresses) {
            const { status } = await post(address, pairs);
            if (meaning(status) === 'taken') {
                await drop(press.id);
                break;
            }
        }
    } catch {
        tell(say('no-answer'));
    }
    await news();
    await send();
}

if (about) {
    holding({
        // What comes after something that waits, waits too.
        mustWait: () => goes(presses, owner).length > 0,
        dress: (body) => {
            const key = body.get('once');
            if (!key || isUsed(key)) body.set('once', newKey());
            body.set('pressed_at', String(Math.floor(now())));
        },
        take,
        send,
    });
    document.addEventListener('reached', ({ detail }) => {
        token = detail.token;
        isSignedIn = detail.user === owner;
        send();
    });
}
channel?.addEventListener('message', look);
document.addEventListener('fresh', show);
look().then(send);
