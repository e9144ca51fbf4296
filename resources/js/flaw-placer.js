// Fills the form of a flaw from two presses on the drawing: where it begins and where it ends, on one line.

import { nearest } from './lines';

export default () => ({
    lines: {},
    factor: 1,
    from: null,
    gone: new AbortController(),

    init() {
        this.lines = JSON.parse(this.$root.dataset.lines);
        this.factor = Number(this.$root.dataset.factor);
        const drawing = document.querySelector('[data-drawing]');
        drawing?.addEventListener('click', (event) => this.press(event), { signal: this.gone.signal });
    },
    destroy() {
        this.gone.abort();
    },

    press(event) {
        if (!this.$root.closest('details').open) return;
        const svg = event.currentTarget.querySelector('svg');
        const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
        const place = nearest(this.lines, at.x, at.y, this.from?.on);
        if (!place) return;
        const arcs = [this.from?.arc ?? place.arc, place.arc].sort((a, b) => a - b);
        this.$refs.on.value = place.on;
        this.fill('flaw_from', arcs[0]);
        this.fill('flaw_to', arcs[1]);
        this.from = this.from ? null : place;
    },

    fill(name, mm) {
        this.$refs[name].value = String(Math.round((mm / this.factor) * 100) / 100);
    },
});
