// Places a band by dragging along the drawing: finds the arc length under the pointer on the line that
// the server sampled, and fills the form's two distances. Typing them moves the shown band.

import { nearest, pointAt } from './lines';
import Loupe from './loupe';
import number from './number';
import Asker from './shape/asker';
import { say } from './words';

const SVG = 'http://www.w3.org/2000/svg';

export default () => ({
    lines: {},
    coloured: [],
    start: null,
    takesDye: true,
    takesColour: true,
    says: say('place-a-band'),

    init() {
        const data = JSON.parse(this.$root.dataset.panel);
        this.lines = data.lines;
        this.coloured = data.coloured;
        this.factor = Number(this.$root.dataset.factor);
        this.asker = new Asker((question) => this.ask(question));
        const overlay = this.$refs.overlay;
        overlay.setAttribute('viewBox', data.frame.join(' '));
        this.loupe = new Loupe(overlay, () => overlay.previousElementSibling);
        overlay.addEventListener('pointerdown', (event) => this.begin(event));
        overlay.addEventListener('pointermove', (event) => this.stretch(event));
        overlay.addEventListener('pointerup', () => this.finish());
        overlay.addEventListener('pointercancel', () => this.finish());
        this.show();
        this.suit();
    },

    // Only what the chosen mark asks for.
    suit() {
        if (!this.$refs.technique) return;
        this.takesDye = this.$refs.technique.value === 'dye';
        this.takesColour = this.coloured.includes(this.$refs.technique.value);
    },

    // The nearest sampled point of any line, or of one line.
    under(event, only) {
        const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(
            this.$refs.overlay.getScreenCTM().inverse(),
        );
        return nearest(this.lines, at.x, at.y, only);
    },

    begin(event) {
        event.preventDefault();
        const at = this.under(event);
        if (!at) return;
        this.start = at;
        this.$refs.overlay.setPointerCapture(event.pointerId);
        this.$refs.on.value = at.on;
        this.fill(at.arc, at.arc);
        this.loupe.begin(event);
    },

    stretch(event) {
        if (!this.start) return;
        this.loupe.follow(event);
        const at = this.under(event, this.start.on);
        this.fill(Math.min(this.start.arc, at.arc), Math.max(this.start.arc, at.arc));
    },

    finish() {
        if (!this.start) return;
        this.start = null;
        this.loupe.end();
        const [from, to] = this.span();
        if (to - from < 0.8) this.fill(from, from + 1.5);
        (this.$refs.technique ?? this.$refs.to).focus();
    },

    span() {
        return [this.$refs.from, this.$refs.to].map((field) => number(field.value, this.factor) * this.factor);
    },

    fill(from, to) {
        this.$refs.from.value = String(Math.round((from / this.factor) * 100) / 100);
        this.$refs.to.value = String(Math.round((to / this.factor) * 100) / 100);
        this.show();
    },

    show() {
        const overlay = this.$refs.overlay;
        const [from, to] = this.span();
        const points = (this.lines[this.$refs.on.value] ?? []).filter(([, , s]) => s >= from - 0.01 && s <= to + 0.01);
        const edges = [this.point(from), this.point(to)].filter(Boolean);
        overlay.querySelectorAll('.band').forEach((el) => el.remove());
        if (!(to > from) || edges.length < 2) return;
        this.asker.about([this.technique(), this.$refs.on.value, from, to]);
        const line = [edges[0], ...points, edges[1]];
        const path = document.createElementNS(SVG, 'path');
        const d = 'M' + line.map(([x, y]) => `${x} ${y}`).join('L');
        const close = this.$refs.on.value === 'outer' ? `L0 ${edges[1][1]}L0 ${edges[0][1]}Z` : '';
        Object.entries({
            d: d + close,
            class: 'band',
            fill: close ? 'var(--act)' : 'none',
            'fill-opacity': 0.35,
            stroke: 'var(--act)',
            'stroke-width': 1,
            'vector-effect': 'non-scaling-stroke',
        }).forEach(([n, v]) => path.setAttribute(n, v));
        overlay.append(path);
    },

    technique() {
        return (this.$refs.technique ?? this.$root.querySelector('input[name=technique]')).value;
    },

    // What the band under the pointer would be: the server knows.
    async ask([technique, on, from, to]) {
        const url = new URL(this.$root.dataset.ask);
        const mark = this.$root.dataset.chosen;
        Object.entries({ technique, on, from, to, mark }).forEach(([name, value]) => url.searchParams.set(name, value));
        const response = await fetch(url, { headers: { Accept: 'application/json' } }).catch(() => null);
        if (response?.ok) this.says = (await response.json()).says || this.says;
    },

    point(arc) {
        return pointAt(this.lines[this.$refs.on.value] ?? [], arc);
    },
});
