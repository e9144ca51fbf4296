// Waits for a plan that is being made and shows it: asks whether it is there, and then takes the page's parts anew.

import { swap } from './live-forms';

const EVERY_MS = 1200;
const MOST_ASKED = 100;

// What a plan moves on a page; a field that is being typed in is never taken away.
const PARTS = ['main'];
const STRIP = ['#strip', '#piece-tools'];

const isTyping = () => document.activeElement?.matches('input, textarea, select') ?? false;

export default () => ({
    timer: null,
    asked: 0,

    init() {
        if ('waits' in this.$root.dataset) this.later();
    },
    destroy() {
        window.clearTimeout(this.timer);
    },
    later() {
        if (this.asked++ < MOST_ASKED) this.timer = window.setTimeout(() => this.ask(), EVERY_MS);
    },
    async ask() {
        const answer = await fetch(this.$root.dataset.address, { headers: { Accept: 'application/json' } })
            .then((response) => (response.ok ? response.json() : null))
            .catch(() => null);
        if (!answer || answer.stale) return this.later();
        const response = await fetch(window.location.href, { headers: { Accept: 'text/html' } });
        if (!response.ok) return this.later();
        const page = new DOMParser().parseFromString(await response.text(), 'text/html');
        swap(page, isTyping() || document.querySelector('main details[open]') ? STRIP : PARTS);
    },
});
