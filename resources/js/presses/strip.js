// Waiting for the network and what could not be taken, at the head of every page.

import { timeOfDay } from '../clock';
import { say } from '../words';
import { holdsBack } from './order';

function made(tag, words = '', name = '') {
    const el = document.createElement(tag);
    el.textContent = words;
    if (name) el.className = name;
    return el;
}

function button(words, press, isMain = false) {
    const el = made('button', words, isMain ? 'press press-main' : 'press');
    el.type = 'button';
    el.addEventListener('click', press);
    return el;
}

const KINDS = {
    done: () => say('pressed-done'),
    skip: () => say('pressed-skip'),
    note: () => say('pressed-note'),
    start: () => say('pressed-start'),
    stop: () => say('pressed-stop'),
    fault: () => say('pressed-fault'),
    weight: () => say('pressed-weight'),
    air: () => say('pressed-air'),
    timer: () => say('pressed-timer'),
    look: () => say('pressed-look'),
    mixed: () => say('pressed-mixed'),
    caution: () => say('pressed-caution'),
};

// "Ebb bowl: Sand the inside · Done · Minutes: 14"
export function whatIs({ kind, says, typed }) {
    const word = KINDS[kind]();
    const isSaid = typed.some(([label]) => label === word);

    return [says, isSaid ? '' : word, ...typed.map(([label, value]) => `${label}: ${value}`)]
        .filter(Boolean)
        .join(' · ');
}

function waiting(presses, isAsked, back) {
    const list = made('ul');
    for (const press of presses) {
        const line = made('li', `${timeOfDay(press.at)} ${whatIs(press)} `);
        if (press.rings) {
            const left = made('b');
            left.dataset.until = press.rings;
            left.dataset.tells = 'rings';
            line.append(left);
        }
        const off = button(say('pressed-back'), () => back(press));
        off.className = 'quiet';
        off.setAttribute('aria-label', `${say('pressed-back')}: ${whatIs(press)}`);
        line.append(off);
        list.append(line);
    }
    const which = made('details');
    which.id = 'presses-waiting';
    which.open = document.querySelector('#presses-waiting')?.open ?? false;
    which.append(made('summary', waitsFor(presses.length, isAsked)), list);
    return which;
}

function waitsFor(count, isAsked) {
    if (isAsked) return say('presses-behind', { count });
    return count === 1 ? say('press-waits') : say('presses-wait', { count });
}

function asked(press, { again, mine, note }) {
    const part = made('div', '', 'press-asked');
    const [left, right] = [made('div'), made('div')];
    left.append(made('b', say('pressed-at', { at: timeOfDay(press.at) })), made('p', whatIs(press)));
    right.append(made('b', say('pressed-meanwhile')), made('p', press.stuck.message));
    const row = made('div', '', 'hands-row');
    for (const [value, words] of Object.entries(press.stuck.asks?.choices ?? {})) {
        row.append(button(words, () => again(press, [press.stuck.asks.field, value])));
    }
    if (press.stuck.undo) row.append(button(say('pressed-mine'), () => mine(press)));
    else if (!press.stuck.asks) row.append(button(say('pressed-again'), () => again(press)));
    row.append(button(say('pressed-as-note'), () => note(press), true));
    part.append(left, right, row);
    return part;
}

// Draws them into the place that the page has for it. `ways` are what can be done with a press that was not taken.
export function draw(place, presses, { isSignedIn, others, ways }) {
    const stuck = presses.filter((press) => press.stuck);
    const free = presses.filter((press) => !press.stuck);
    const parts = [];
    const behind = free.filter((press) => stuck.some((before) => holdsBack(before, press)));
    if (free.length > 0) parts.push(waiting(free, behind.length === free.length, ways.back));
    if (others.length > 0) {
        const who = [...new Set(others.map((press) => press.who))].join(', ');
        parts.push(made('p', say(isSignedIn ? 'presses-of' : 'presses-sign-in', { count: others.length, who })));
    }
    place.replaceChildren(...parts, ...stuck.map((press) => asked(press, ways)));
    place.hidden = place.childElementCount === 0;
}
