// Keeps "in 18 min" and the waiting bars true while the page is open. The times come from the server.

import { due, softTone } from './signal';
import { say } from './words';

const words = (time) => {
    const minutes = Math.floor(time);
    if (minutes < 1) return say('now');
    if (minutes < 60) return say('in-minutes', { minutes });
    if (minutes < 48 * 60) {
        return say('in-hours', { hours: Math.floor(minutes / 60), minutes: String(minutes % 60).padStart(2, '0') });
    }
    return say('in-days', { days: (minutes / 1440).toFixed(1) });
};

export default () => ({
    timer: null,
    init() {
        this.tick();
        this.timer = window.setInterval(() => this.tick(), 15000);
    },
    destroy() {
        window.clearInterval(this.timer);
    },
    // Says once when a grit has had its time; what was due before the page was opened is said without a tone.
    signal(el, minutes) {
        const signal = due(JSON.parse(el.dataset.signals ?? '[]'), minutes);
        const line = document.querySelector('#clock-says');
        if (!signal || !line || line.textContent === signal.say) return;
        line.textContent = signal.say;
        if (minutes - signal.at < 0.5) softTone();
    },
    tick() {
        const now = Date.now() / 1000;
        this.$root
            .querySelectorAll('[data-until]')
            .forEach((el) => (el.textContent = words((Number(el.dataset.until) - now) / 60)));
        this.$root.querySelectorAll('[data-bar]').forEach((el) => {
            const [from, to] = el.dataset.bar.split(' ').map(Number);
            el.setAttribute('width', String(100 * Math.min(1, Math.max(0, (now - from) / (to - from)))));
        });
        this.$root.querySelectorAll('[data-since]').forEach((el) => {
            const minutes = Math.max(0, Math.floor((now - Number(el.dataset.since)) / 60));
            el.textContent = `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;
            this.signal(el, (now - Number(el.dataset.since)) / 60);
        });
    },
});
