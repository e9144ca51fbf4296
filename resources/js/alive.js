// A page that stays open stays true: it counts by itself, rings when a moment comes, and asks the server again when the
// hour passes, the tab wakes, or something was pressed elsewhere. What is typed or under a finger is never moved.

import { now, setTo, timeOfDay } from './clock';
import { count, told } from './counts';
import { refreshParts } from './live-forms';
import { isQuiet, kept, ringing } from './rings';
import { sound } from './signal';
import { say } from './words';

const OFTEN_MS = 20_000;
const SELDOM_MS = 60_000;
const GIVEN_UP_MS = 300_000;
const AGAIN_MS = 30_000;
const RETRY_SECONDS = 20;
const MISSED_BEFORE_TOLD = 2;
const OLD_SECONDS = 60;
const STORE = 'rings-seen';
const PARTS = ['#bench-now', '#bench-side'];

const about = document.querySelector('meta[name=alive]');

const openedAt = performance.now();
const announced = new Set();

let rings = [];
let waitMs = OFTEN_MS;
let timer = null;
let isDown = false;
let missed = 0;
let asked = 0;
let soundedAt = 0;
let shownAt = 0;
let triedAt = 0;
let isRefreshing = false;
let title = document.title;
let titled = null;

const bench = () => document.querySelector('[data-stamp]');

function seen() {
    try {
        return JSON.parse(localStorage.getItem(STORE) ?? '{}');
    } catch {
        return {};
    }
}

function see(marks) {
    const all = kept(seen(), now());
    for (const mark of marks) all[mark] = Math.floor(now());
    try {
        localStorage.setItem(STORE, JSON.stringify(all));
    } catch {
        // Storage is shut off: it goes on until its moment is long past.
    }
}

// What was heard makes no sound any more and still stands there; that holds for all pages of this device.
const heardMark = (mark) => `heard:${mark}`;

// Whether the page comes from what the device kept.
const isOld = () => now() - Number(about.dataset.at) > OLD_SECONDS + (performance.now() - openedAt) / 1000;

// Whether a part of the page is being typed in, or would lose what was typed.
const isBusy = (part) =>
    part.contains(document.activeElement) && document.activeElement.matches('input, select, textarea');

async function refresh() {
    if (isRefreshing || isDown || !bench()) return;
    isRefreshing = true;
    const began = now();
    triedAt = began;
    try {
        const response = await fetch(window.location.href, { headers: { Accept: 'text/html' } });
        if (!response.ok) return;
        const page = new DOMParser().parseFromString(await response.text(), 'text/html');
        if (isDown || !page.querySelector('[data-stamp]')) return;
        const parts = PARTS.filter((selector) => {
            const part = document.querySelector(selector);
            return part && !isBusy(part);
        });
        refreshParts(page, parts);
        // A part that is typed in waits its turn, and is asked for again.
        if (parts.length < PARTS.length) return;
        const { stamp, changes } = page.querySelector('[data-stamp]').dataset;
        Object.assign(bench().dataset, { stamp, changes });
        shownAt = began;
    } catch {
        // The network is gone: what stands still counts.
    } finally {
        isRefreshing = false;
    }
}

async function ask() {
    window.clearTimeout(timer);
    asked += 1;
    const mine = asked;
    const answer = await fetch(about.content, { headers: { Accept: 'application/json' } })
        .then((response) => (response.ok ? response.json() : null))
        .catch(() => null);
    // Asked again meanwhile: the later answer counts.
    if (mine !== asked) return;
    missed = answer === null ? missed + 1 : 0;
    const away = document.querySelector('#away');
    if (away) away.hidden = missed < MISSED_BEFORE_TOLD;
    const stood = document.querySelector('#stood');
    if (stood) stood.textContent = isOld() ? say('as-it-stood', { at: timeOfDay(Number(about.dataset.at)) }) : '';
    if (answer === null) {
        waitMs = Math.min(GIVEN_UP_MS, missed < MISSED_BEFORE_TOLD ? OFTEN_MS : 2 * waitMs);
    } else {
        setTo(answer.at);
        rings = answer.rings;
        document.dispatchEvent(new CustomEvent('reached', { detail: answer }));
        const isNews = bench() && !answer.stale && answer.stamp !== bench().dataset.stamp;
        waitMs = isNews ? OFTEN_MS : Math.min(SELDOM_MS, waitMs * 1.25);
        if (isNews) await refresh();
    }
    tick();
    window.clearTimeout(timer);
    timer = window.setTimeout(ask, waitMs);
}

// At once, and often again for a while.
function wake() {
    waitMs = OFTEN_MS;
    ask();
}

function notify(ring) {
    if (!document.hidden || window.Notification?.permission !== 'granted') return;
    try {
        new Notification(ring.says, { tag: ring.mark, body: words(ring) });
    } catch {
        // Some browsers want a worker for it.
    }
}

const words = (ring) => (ring.kind === 'closes' ? told('closes', ring.at - now()) : say('it-is-time'));

function strip(due) {
    const place = document.querySelector('#rings');
    if (!place) return;
    const shown = due.map((ring) => ring.mark).join(' ');
    if (place.dataset.shown !== shown) {
        place.dataset.shown = shown;
        place.replaceChildren(
            ...due.map((ring) => {
                const line = document.createElement('p');
                const name = document.createElement('b');
                const when = document.createElement('span');
                const press = document.createElement('button');
                name.textContent = ring.says;
                when.className = 'warn';
                press.className = 'press';
                press.type = 'button';
                press.textContent = say('seen');
                press.setAttribute('aria-label', say('seen-of', { what: ring.says }));
                press.addEventListener('click', () => {
                    see([ring.mark]);
                    tick();
                });
                line.append(name, when, press);
                return line;
            }),
        );
        place.hidden = due.length === 0;
    }
    due.forEach((ring, n) => {
        const when = place.children[n]?.querySelector('span');
        if (when && when.textContent !== words(ring)) when.textContent = words(ring);
    });
}

function ring() {
    const due = ringing(rings, now(), seen());
    strip(due);
    if (document.title !== titled) title = document.title;
    titled = due.length > 0 ? `${words(due[0])} · ${due[0].says}` : title;
    if (document.title !== titled) document.title = titled;
    if (isQuiet(about.dataset.quiet, timeOfDay(now()))) return;
    due.filter(({ mark }) => !announced.has(mark)).forEach((one) => {
        announced.add(one.mark);
        notify(one);
        soundedAt = 0;
    });
    const known = seen();
    const loud = due.filter(({ mark }) => !(heardMark(mark) in known));
    if (loud.length === 0 || now() - soundedAt < AGAIN_MS / 1000) return;
    soundedAt = now();
    sound(about.dataset.tone);
    // A wait that is over sounds once.
    const once = loud.filter(({ kind }) => kind === 'opens').map(({ mark }) => heardMark(mark));
    if (once.length > 0) see(once);
}

function tick() {
    count(document, now());
    ring();
    const moments = (bench()?.dataset.changes ?? '').split(' ').filter(Boolean).map(Number);
    const isPast = moments.some((at) => at <= now() && at > shownAt);
    if (isPast && !isRefreshing && now() - triedAt > RETRY_SECONDS) refresh();
}

if (about) {
    shownAt = now();
    const isTold = (event) => {
        const due = event.isTrusted ? ringing(rings, now(), seen()) : [];
        if (due.length > 0) see(due.map(({ mark }) => heardMark(mark)));
    };
    document.addEventListener('pointerdown', (event) => {
        isDown = true;
        isTold(event);
    });
    for (const up of ['pointerup', 'pointercancel']) document.addEventListener(up, () => (isDown = false));
    window.addEventListener('blur', () => (isDown = false));
    document.addEventListener('keydown', isTold);
    document.addEventListener('visibilitychange', () => document.hidden || wake());
    // What was pressed here may have silenced what rings.
    document.addEventListener('arrived', wake);
    window.addEventListener('online', wake);
    window.addEventListener('pageshow', (event) => event.persisted && wake());
    window.setInterval(tick, 1000);
    tick();
    ask();
}
