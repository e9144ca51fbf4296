// Drags, types and steps the nodes of a profile. The server draws and measures; this only asks.

import { send, swap } from './live-forms';

const SVG = 'http://www.w3.org/2000/svg';
const STEP = 0.5;
// How far from a line, in hundredths of the drawing, a double click still means it.
const REACH = 5;

export default () => ({
    shape: { outer: [], inner: null },
    frame: [0, 0, 1, 1],
    unit: 1,
    factor: 1,
    dragging: null,
    picked: null,
    moved: false,
    asked: 0,
    pending: null,
    saving: null,
    sending: false,
    again: false,
    gone: new AbortController(),
    // Why the shape cannot be measured, and why the last save was not taken: the answer to one does not clear the other.
    problem: '',
    refused: '',
    zones: [],
    warnings: [],
    sentence: '',
    outerRows: [],
    innerRows: [],

    init() {
        const data = JSON.parse(this.$root.dataset.panel);
        this.factor = Number(this.$root.dataset.factor);
        this.take(data, true);
        this.$refs.overlay.addEventListener('pointermove', (event) => this.drag(event));
        this.$refs.overlay.addEventListener('pointerup', () => this.drop());
        this.$refs.overlay.addEventListener('pointercancel', () => this.drop());
        this.listen('click', (event) => this.first(event, event.target.closest?.('a[href]'), (link) => window.location.assign(link.href)));
        this.listen('submit', (event) => this.first(event, event.target, (form) => form.requestSubmit(event.submitter ?? undefined)));
        this.listen('pagehide', () => this.flush());
        this.listen('beforeunload', (event) => (this.again || this.refused) && event.preventDefault());
        // A pressed handle captures the pointer for the overlay, so its double click arrives there.
        this.$refs.overlay.addEventListener('dblclick', () => this.corner(this.picked.curve, this.picked.i));
        this.$refs.drawing.addEventListener('dblclick', (event) => this.addUnder(event));
    },

    // Until the component goes with its page part.
    listen(name, heard) {
        window.addEventListener(name, heard, { capture: true, signal: this.gone.signal });
    },
    destroy() {
        this.gone.abort();
    },

    // What leads away, or needs the version that a save brings back, waits until every change is saved. Where one is refused, it must be asked for again.
    async first(event, what, then) {
        if (!what || !(this.saving || this.sending)) return;
        event.preventDefault();
        event.stopImmediatePropagation();
        this.flush();
        while (this.saving || this.sending) await new Promise((resolve) => window.setTimeout(resolve, 30));
        if (!this.refused) then(what);
    },

    take(data, withShape) {
        this.frame = data.frame;
        this.unit = data.unit;
        this.zones = data.zones;
        this.warnings = data.warnings;
        this.sentence = data.sentence;
        this.problem = '';
        this.$refs.drawing.innerHTML = data.drawing;
        if (withShape) this.shape = data.shape;
        this.draw();
    },

    asRow(node, i, curve) {
        return { key: `${curve}${i}`, i, curve, z: this.typed(node[0]), r: this.typed(node[1]), corner: node[2] === 'corner', label: `${curve} node ${i + 1}` };
    },

    typed(mm) {
        return String(Math.round((mm / this.factor) * 1000) / 1000);
    },

    draw() {
        this.outerRows = this.shape.outer.map((n, i) => this.asRow(n, i, 'outer'));
        this.innerRows = (this.shape.inner ?? []).map((n, i) => this.asRow(n, i, 'inner'));
        const overlay = this.$refs.overlay;
        const focused = document.activeElement?.dataset?.node;
        overlay.setAttribute('viewBox', this.frame.join(' '));
        overlay.replaceChildren();
        for (const curve of ['outer', 'inner']) {
            (this.shape[curve] ?? []).forEach((node, i) => overlay.append(this.handle(curve, i, node)));
        }
        if (focused) overlay.querySelector(`[data-node="${focused}"]`)?.focus();
    },

    handle(curve, i, node) {
        const size = this.unit * 1.5;
        const [x, y] = [(curve === 'outer' ? 1 : -1) * node[1], -node[0]];
        const corner = node[2] === 'corner';
        const el = document.createElementNS(SVG, corner ? 'rect' : 'circle');
        const shape = corner ? { x: x - size / 2, y: y - size / 2, width: size, height: size } : { cx: x, cy: y, r: size / 2 };
        Object.entries({ ...shape, class: 'handle', 'stroke-width': this.unit * 0.35, tabindex: 0, role: 'button', 'data-node': `${curve}-${i}`, 'aria-label': `${curve} node ${i + 1}, ${corner ? 'corner' : 'smooth'}: height ${this.typed(node[0])}, radius ${this.typed(node[1])}. Arrow keys move it, C makes it a corner, N adds one after it, Delete removes it.` })
            .forEach(([name, value]) => el.setAttribute(name, value));
        el.addEventListener('pointerdown', (event) => {
            event.preventDefault();
            this.dragging = this.picked = { curve, i };
            this.$refs.overlay.setPointerCapture(event.pointerId);
            el.focus();
        });
        el.addEventListener('keydown', (event) => this.key(event, curve, i));
        return el;
    },

    drag(event) {
        if (!this.dragging) return;
        const at = this.under(event);
        const { curve, i } = this.dragging;
        this.moved = true;
        this.move(curve, i, -at.y, Math.max(0, (curve === 'outer' ? 1 : -1) * at.x));
    },

    drop() {
        if (!this.dragging) return;
        this.dragging = null;
        if (this.moved) this.saveSoon(0);
        this.moved = false;
    },

    move(curve, i, z, r) {
        const node = this.shape[curve][i];
        const round = (v) => Math.round(v * 10) / 10;
        this.shape[curve][i] = [round(z), Math.max(0, round(r)), ...node.slice(2)];
        this.draw();
        this.ask();
    },

    key(event, curve, i) {
        const by = STEP * (event.shiftKey ? 10 : 1);
        const out = curve === 'outer' ? 1 : -1;
        const moves = { ArrowUp: [by, 0], ArrowDown: [-by, 0], ArrowRight: [0, out * by], ArrowLeft: [0, -out * by] };
        const node = this.shape[curve][i];
        if (moves[event.key]) {
            this.move(curve, i, node[0] + moves[event.key][0], node[1] + moves[event.key][1]);
            this.saveSoon(900);
        } else if (event.key === 'Delete' || event.key === 'Backspace') {
            this.remove(curve, i);
        } else if (event.key.toLowerCase() === 'c' && !event.ctrlKey && !event.metaKey) {
            this.corner(curve, i);
        } else if (event.key.toLowerCase() === 'n' && !event.ctrlKey && !event.metaKey) {
            this.add(curve, i);
        } else {
            return;
        }
        event.preventDefault();
    },

    remove(curve, i) {
        if (this.shape[curve].length <= 2) {
            this.problem = 'A curve needs at least two nodes.';
            return;
        }
        this.shape[curve].splice(i, 1);
        this.changed();
    },

    corner(curve, i) {
        const node = this.shape[curve][i];
        this.shape[curve][i] = node[2] === 'corner' ? node.slice(0, 2) : [...node, 'corner'];
        this.changed();
    },

    add(curve, i) {
        const nodes = this.shape[curve];
        const [a, b] = i + 1 < nodes.length ? [nodes[i], nodes[i + 1]] : [nodes[i - 1], nodes[i]];
        nodes.splice(Math.min(i + 1, nodes.length - 1), 0, [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2]);
        this.changed();
    },

    // A node where the pointer is, between the two whose chord is nearest: right of the axis on the outside, left of it on the inside.
    addUnder(event) {
        const at = this.under(event);
        const curve = at.x >= 0 || !this.shape.inner ? 'outer' : 'inner';
        const [z, r] = [-at.y, Math.abs(at.x)];
        const off = this.shape[curve].slice(1).map((b, i) => {
            const a = this.shape[curve][i];
            const t = Math.min(1, Math.max(0, ((z - a[0]) * (b[0] - a[0]) + (r - a[1]) * (b[1] - a[1])) / ((b[0] - a[0]) ** 2 + (b[1] - a[1]) ** 2)));
            return Math.hypot(z - a[0] - t * (b[0] - a[0]), r - a[1] - t * (b[1] - a[1]));
        });
        const nearest = off.indexOf(Math.min(...off));
        if (off[nearest] > this.unit * REACH) return;
        this.shape[curve].splice(nearest + 1, 0, [Math.round(z * 10) / 10, Math.round(r * 10) / 10]);
        this.changed();
    },

    under(event) {
        return new DOMPoint(event.clientX, event.clientY).matrixTransform(this.$refs.overlay.getScreenCTM().inverse());
    },

    changed() {
        this.draw();
        this.ask();
        this.saveSoon(0);
    },

    // The typed table.
    type(event) {
        const { curve, i, axis } = event.target.dataset;
        const value = Number(event.target.value) * this.factor;
        if (!Number.isFinite(value) || event.target.value.trim() === '') {
            this.problem = `${event.target.getAttribute('aria-label')} is "${event.target.value}"; it takes a number.`;
            return;
        }
        const node = [...this.shape[curve][Number(i)]];
        node[axis === 'z' ? 0 : 1] = value;
        this.shape[curve][Number(i)] = node;
        this.changed();
    },
    toggle(event) {
        this.corner(event.target.dataset.curve, Number(event.target.dataset.i));
    },
    addAfter(event) {
        this.add(event.target.dataset.curve, Number(event.target.dataset.i));
    },
    takeOut(event) {
        this.remove(event.target.dataset.curve, Number(event.target.dataset.i));
    },

    // One question at a time; the newest shape is asked about as soon as the last answer is in.
    async ask() {
        if (this.asked) {
            this.pending = true;
            return;
        }
        this.asked = true;
        try {
            const response = await fetch(this.$root.dataset.preview, {
                method: 'POST',
                headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content },
                body: JSON.stringify(this.dragging ? { shape: this.shape, frame: this.frame } : { shape: this.shape }),
            });
            const data = await response.json();
            if (response.ok) this.take(data, false);
            else this.problem = data.message ?? 'The shape could not be measured.';
        } catch {
            this.problem = 'The shop\'s computer did not answer.';
        }
        this.asked = false;
        if (this.pending) {
            this.pending = false;
            this.ask();
        }
    },

    saveSoon(wait) {
        window.clearTimeout(this.saving);
        this.saving = window.setTimeout(() => this.flush(), wait);
    },

    flush() {
        if (!this.saving) return;
        window.clearTimeout(this.saving);
        this.saving = null;
        this.save();
    },

    // One save at a time: the next one needs the version that this one brings back.
    async save() {
        if (this.sending) {
            this.again = true;
            return;
        }
        this.sending = true;
        this.refused = '';
        this.$refs.shape.value = JSON.stringify(this.shape);
        try {
            const { page } = await send(this.$refs.form, null, true);
            this.refused = page.querySelector('#problems li')?.textContent.trim() ?? '';
            if (!this.refused) swap(page, ['#strip', '#piece-tools', '#said']);
        } catch (error) {
            this.refused = error.message;
        } finally {
            this.sending = false;
        }
        if (this.again) {
            this.again = false;
            await this.save();
        }
    },
});
