// A unit of one's own: press to set points, press the last one again (or Enter twice) to end a stroke; arrows move the
// cross, Enter sets a point, Backspace takes the last one away.

import { loose, moved, snapped } from './unit/strokes';
import { say } from './words';

const SVG = 'http://www.w3.org/2000/svg';
const SIDE = 300;

export default () => ({
    strokes: [],
    line: [],
    cross: [0.5, 0.5],
    says: '',

    init() {
        this.strokes = JSON.parse(this.$refs.field.value || '[]');
        this.show();
    },

    at(event) {
        const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(
            this.$refs.square.getScreenCTM().inverse(),
        );
        return [point.x / SIDE - 1, 1 - point.y / SIDE];
    },
    press(event) {
        this.cross = snapped(this.at(event), [...this.strokes, ...(this.line.length > 1 ? [this.line] : [])]);
        this.set();
    },
    key(event) {
        const to = moved(this.cross, event.key, event.shiftKey);
        if (to) this.cross = to;
        else if (event.key === 'Enter' || event.key === ' ') this.set();
        else if (event.key === 'Escape') this.end();
        else if (event.key === 'Backspace') this.back();
        else return;
        event.preventDefault();
        this.show();
    },
    set() {
        const last = this.line[this.line.length - 1];
        if (last && last[0] === this.cross[0] && last[1] === this.cross[1]) this.end();
        else this.line.push(this.cross);
        this.show();
    },
    end() {
        if (this.line.length > 1) this.strokes.push(this.line);
        this.line = [];
        this.show();
    },
    back() {
        if (this.line.length > 0) this.line.pop();
        else this.strokes.pop();
        this.show();
    },
    clear() {
        this.strokes = [];
        this.line = [];
        this.show();
    },
    keep() {
        this.end();
    },

    show() {
        this.$refs.field.value = JSON.stringify(this.strokes);
        const ends = loose(this.strokes).length;
        const strokes = this.strokes.length === 1 ? say('one-stroke') : say('strokes', { count: this.strokes.length });
        this.says = ends === 0 ? say('meets-itself', { strokes }) : say('loose', { strokes, ends });
        const ink = this.$refs.ink;
        ink.replaceChildren();
        for (const shift of [0, 1, 2]) {
            for (const stroke of this.strokes) this.draw(ink, stroke, shift, shift === 1 ? 1 : 0.35);
        }
        if (this.line.length > 1) this.draw(ink, this.line, 1, 1, 'var(--act)');
        for (const [u, v] of loose(this.strokes)) this.ring(ink, u, v, 7, 'var(--warn)');
        for (const [u, v] of this.line.slice(-1)) this.ring(ink, u, v, 4, 'var(--act)');
        this.ring(ink, ...this.cross, 3, 'var(--act)');
    },
    draw(ink, stroke, shift, opacity, colour = 'currentColor') {
        const d = 'M' + stroke.map(([u, v]) => `${(u + shift) * SIDE} ${(1 - v) * SIDE}`).join('L');
        this.add(ink, 'path', { d, fill: 'none', stroke: colour, 'stroke-width': 3, 'stroke-opacity': opacity });
    },
    ring(ink, u, v, r, stroke) {
        this.add(ink, 'circle', { cx: (u + 1) * SIDE, cy: (1 - v) * SIDE, r, fill: 'none', stroke, 'stroke-width': 2 });
    },
    add(ink, name, how) {
        const element = document.createElementNS(SVG, name);
        Object.entries(how).forEach(([key, value]) => element.setAttribute(key, value));
        ink.append(element);
    },
});
