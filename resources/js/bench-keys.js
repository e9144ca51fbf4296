// The bench by keys and by voice: what has a data-key is pressed by it, "?" shows them all; the step is read aloud; the
// screen stays on while hands are in gloves; and notices come from behind other windows.

import { sound } from './signal';
import { say } from './words';

const AWAKE = 'screen-on';
// A key pressed twice is one press: what has just come onto the page is not meant by the second.
const REST_MS = 600;
const CAN_BE_READ = '[data-read-aloud]';

let freshAt = -REST_MS;

const isResting = () => 'saving' in document.documentElement.dataset || performance.now() - freshAt < REST_MS;

const isTyping = (target) => target.closest?.('input, select, textarea, [contenteditable]');
const shown = (element) => element.getClientRects().length > 0;

document.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target) || event.repeat) return;
    const keys = document.querySelector('#keys');
    if (event.key === '?' && keys) {
        event.preventDefault();
        keys.open ? keys.close() : keys.showModal();
        return;
    }
    if (keys?.open || isResting()) return;
    const pressed = [...document.querySelectorAll(`[data-key="${CSS.escape(event.key.toLowerCase())}"]`)].find(shown);
    if (!pressed) return;
    event.preventDefault();
    pressed.matches('details') ? pressed.toggleAttribute('open') : pressed.click();
    if (pressed.open) pressed.querySelector('select, input:not([type=hidden])')?.focus();
});

function readAloud(button) {
    const voice = window.speechSynthesis;
    if (voice.speaking) {
        voice.cancel();
        return;
    }
    const words = [...document.querySelectorAll(CAN_BE_READ)].map((el) => el.innerText.trim()).filter(Boolean);
    const speech = new SpeechSynthesisUtterance(words.join('. '));
    speech.lang = document.documentElement.lang;
    speech.onend = speech.onerror = () => (button.textContent = say('read-aloud'));
    button.textContent = say('stop-reading');
    voice.speak(speech);
}

let lock = null;

function wanted() {
    try {
        return localStorage.getItem(AWAKE) === '1';
    } catch {
        return false;
    }
}

async function stayAwake(on) {
    try {
        localStorage.setItem(AWAKE, on ? '1' : '0');
    } catch {
        // It is kept on until the page is left.
    }
    if (on) lock = await navigator.wakeLock.request('screen').catch(() => null);
    else await lock?.release().then(() => (lock = null));
    dress();
}

function dress() {
    for (const button of document.querySelectorAll('[data-awake]')) {
        button.hidden = false;
        button.textContent = say(
            !navigator.wakeLock ? 'awake-needs' : lock && !lock.released ? 'awake-on' : 'awake-off',
        );
        button.disabled = !navigator.wakeLock;
        button.setAttribute('aria-pressed', String(Boolean(lock && !lock.released)));
    }
    for (const button of document.querySelectorAll('[data-aloud]')) {
        button.hidden = !window.speechSynthesis;
    }
    for (const button of document.querySelectorAll('[data-notices]')) {
        const permission = window.isSecureContext ? (window.Notification?.permission ?? 'denied') : 'unsafe';
        button.hidden = false;
        button.disabled = permission !== 'default';
        if (permission === 'unsafe') button.textContent = say('notices-needs');
        if (permission === 'granted') button.textContent = say('notices-on');
        if (permission === 'denied') button.textContent = say('notices-refused');
    }
}

document.addEventListener('click', (event) => {
    const button = event.target.closest?.('button');
    if (!button) return;
    if ('aloud' in button.dataset) readAloud(button);
    if ('awake' in button.dataset) stayAwake(!(lock && !lock.released));
    if ('notices' in button.dataset) window.Notification?.requestPermission().then(dress);
    if ('keys' in button.dataset) document.querySelector('#keys')?.showModal();
    if ('tone' in button.dataset) sound(document.querySelector('[name=tone]')?.value);
});

document.addEventListener('visibilitychange', () => !document.hidden && wanted() && stayAwake(true));
if (navigator.wakeLock && wanted()) stayAwake(true);
document.addEventListener('fresh', () => {
    freshAt = performance.now();
    dress();
});
document.addEventListener('DOMContentLoaded', dress);
