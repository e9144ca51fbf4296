// Keeps what counts true while a page is open: times to go, times gone, waiting bars. The moments come from the server;
// how near one is stands in words first, and in data-near for its colour.

import { due, softTone } from './signal';
import { say } from './words';

const HOUR = 3600;
const TEN = 600;

const two = (number) => String(number).padStart(2, '0');

// "4:05" under an hour in minutes and seconds, above it in hours and minutes.
export function clock(seconds) {
    const whole = Math.max(0, Math.floor(seconds));

    return whole < HOUR
        ? `${Math.floor(whole / 60)}:${two(whole % 60)}`
        : say('hours', { hours: Math.floor(whole / HOUR), minutes: two(Math.floor((whole % HOUR) / 60)) });
}

function far(seconds) {
    const minutes = Math.floor(seconds / 60);
    if (minutes < 60) return say('minutes', { minutes });
    if (minutes < 48 * 60) return say('hours', { hours: Math.floor(minutes / 60), minutes: two(minutes % 60) });
    return say('days', { days: (minutes / 1440).toFixed(1) });
}

// How a moment is told: kind `closes` counts what is left, `opens` what is still to wait, `rings` down to the second.
export function told(kind, seconds) {
    if (kind === 'rings') return seconds > 0 ? clock(seconds) : say('over-by', { time: clock(-seconds) });
    if (kind === 'closes') {
        return seconds > 0 ? say('left', { time: far(seconds + 59) }) : say('past', { time: far(-seconds) });
    }
    return seconds < 60 ? say('now') : say('in', { time: far(seconds) });
}

export function nearness(seconds) {
    if (seconds <= 0) return 'over';
    return seconds <= TEN ? 'ten' : seconds <= HOUR ? 'hour' : 'far';
}

// Says once when a grit has had its time; what was due before the page was opened is said without a tone.
function signal(el, minutes) {
    const spoken = due(JSON.parse(el.dataset.signals ?? '[]'), minutes);
    const line = document.querySelector('#clock-says');
    if (!spoken || !line || line.textContent === spoken.say) return;
    line.textContent = spoken.say;
    if (minutes - spoken.at < 0.5) softTone();
}

function put(el, words) {
    if (el.textContent !== words) el.textContent = words;
}

// `now` in seconds, as the server counts them.
export function count(root, now) {
    root.querySelectorAll('[data-until]').forEach((el) => {
        const seconds = Number(el.dataset.until) - now;
        put(el, told(el.dataset.tells ?? 'opens', seconds));
        el.dataset.near = nearness(seconds);
    });
    root.querySelectorAll('[data-bar]').forEach((el) => {
        const [from, to] = el.dataset.bar.split(' ').map(Number);
        el.setAttribute('width', String(100 * Math.min(1, Math.max(0, (now - from) / (to - from)))));
    });
    root.querySelectorAll('[data-since]').forEach((el) => {
        const seconds = Math.max(0, now - Number(el.dataset.since));
        put(el, `${Math.floor(seconds / HOUR)}:${two(Math.floor((seconds % HOUR) / 60))}`);
        signal(el, seconds / 60);
    });
}
