// Drags, types and steps the nodes of a profile. The server draws and measures; this only asks.

import { send, swap } from './live-forms';
import Loupe, { FINGER_PX, unitsIn } from './loupe';
import number from './number';
import Asker from './shape/asker';
import handle, { hit } from './shape/handle';
import { added, addedAt, arrow, moved, nearestNode, removed, turned, typed } from './shape/nodes';
import { pasted, withColumns } from './shape/paste';
import { saving } from './saving';
import Saver from './shape/saver';
import { say } from './words';

const STEP = 0.5;
const COARSE = 10;
const KEY_PAUSE_MS = 900;
// How far from a line, in hundredths of the drawing, a double click still means it.
const REACH = 5;

export default () => ({
    shape: { outer: [], inner: null },
    frame: [0, 0, 1, 1],
    unit: 1,
    factor: 1,
    part: null,
    dragging: null,
    picked: null,
    hasMoved: false,
    gone: new AbortController(),
    // Why the shape cannot be measured, and why the last save was not taken: neither answer clears the other.
    problem: '',
    refused: '',
    zones: [],
    warnings: [],
    sentence: '',
    outerRows: [],
    innerRows: [],

    init() {
        this.saver = new Saver(
            () => this.save(),
            (saver) => (this.refused = saver.refused),
        );
        this.asker = new Asker((question) => this.preview(question));
        this.factor = Number(this.$root.dataset.factor);
        const data = JSON.parse(this.$root.dataset.panel);
        this.part = data.part;
        this.take(data, true);
        const { overlay, drawing } = this.$refs;
        this.loupe = new Loupe(overlay, () => this.$refs.drawing);
        overlay.addEventListener('pointermove', (event) => this.drag(event));
        overlay.addEventListener('pointerup', () => this.drop());
        overlay.addEventListener('pointercancel', () => this.drop());
        // A pressed handle captures the pointer for the overlay, so its double click arrives there.
        overlay.addEventListener('dblclick', () => this.change(turned(this.shape, this.picked)));
        drawing.addEventListener('dblclick', (event) => this.addUnder(event));
        this.listen('click', (event) =>
            this.first(event, event.target.closest?.('a[href]'), (link) => window.location.assign(link.href)),
        );
        this.listen('submit', (event) =>
            this.first(event, event.target, (form) => form.requestSubmit(event.submitter ?? undefined)),
        );
        this.listen('pagehide', () => this.saver.flush());
        this.listen('beforeunload', (event) => this.saver.wouldLose && event.preventDefault());
    },

    // Until the component goes with its page part.
    listen(name, heard) {
        window.addEventListener(name, heard, { capture: true, signal: this.gone.signal });
    },
    destroy() {
        this.gone.abort();
        this.loupe?.end();
    },

    // What leads away, or needs the version that a save brings back, waits until every change is saved. Where one is
    // refused, it must be asked for again.
    async first(event, what, then) {
        if (!what || what === this.$refs.form || !this.saver.isBusy) return;
        event.preventDefault();
        event.stopImmediatePropagation();
        if (await this.saver.settled()) then(what);
    },

    take(data, withShape) {
        Object.assign(this, {
            frame: data.frame,
            unit: data.unit,
            zones: data.zones,
            warnings: data.warnings,
            sentence: data.sentence,
            problem: '',
        });
        this.$refs.drawing.innerHTML = data.drawing;
        if (withShape) this.shape = data.shape;
        this.draw();
    },

    words(mm) {
        return String(Math.round((mm / this.factor) * 1000) / 1000);
    },

    rows(curve) {
        return (this.shape[curve] ?? []).map((node, i) => ({
            key: `${curve}${i}`,
            i,
            curve,
            z: this.words(node[0]),
            r: this.words(node[1]),
            corner: node[2] === 'corner',
            label: say('node', { curve: say(curve === 'outer' ? 'outer' : 'inner'), number: i + 1 }),
        }));
    },

    // What is just being typed into the table, or was typed since the last save began, is not written over by an
    // answer that comes late.
    keepTyped() {
        const field = document.activeElement;
        if (!field?.dataset?.axis || !this.$root.contains(field)) return;
        const [value, caret] = [field.value, field.selectionStart];
        this.$nextTick(() => {
            if (document.activeElement !== field || field.value === value) return;
            field.value = value;
            field.setSelectionRange?.(caret, caret);
        });
    },

    draw() {
        this.keepTyped();
        this.outerRows = this.rows('outer');
        this.innerRows = this.rows('inner');
        const overlay = this.$refs.overlay;
        const focused = document.activeElement?.dataset?.node;
        overlay.setAttribute('viewBox', this.frame.join(' '));
        overlay.replaceChildren();
        this.targets(overlay);
        for (const curve of ['outer', 'inner']) {
            (this.shape[curve] ?? []).forEach((node, i) => overlay.append(this.handle({ curve, i }, node)));
        }
        if (focused) overlay.querySelector(`[data-node="${focused}"]`)?.focus();
    },

    handle(at, node) {
        const el = handle(at.curve, at.i, node, this.unit, (mm) => this.words(mm));
        el.addEventListener('pointerdown', (event) => this.grab(event, at));
        el.addEventListener('keydown', (event) => this.key(event, at));
        return el;
    },

    // A finger is wider than a node: what it comes down beside is taken by the node that is nearest.
    targets(overlay) {
        if (navigator.maxTouchPoints === 0) return;
        const radius = unitsIn(overlay, FINGER_PX);
        for (const curve of ['outer', 'inner']) {
            (this.shape[curve] ?? []).forEach((node) => {
                const el = hit(curve, node, radius);
                el.addEventListener('pointerdown', (event) => {
                    const { x, y } = this.under(event);
                    this.grab(event, nearestNode(this.shape, x, y));
                });
                overlay.append(el);
            });
        }
    },

    grab(event, at) {
        event.preventDefault();
        this.dragging = this.picked = at;
        this.$refs.overlay.setPointerCapture(event.pointerId);
        this.$refs.overlay.querySelector(`[data-node="${at.curve}-${at.i}"]`)?.focus({ preventScroll: true });
        this.loupe.begin(event);
    },

    drag(event) {
        if (!this.dragging) return;
        this.loupe.follow(event);
        const at = this.under(event);
        this.hasMoved = true;
        this.move(this.dragging, -at.y, (this.dragging.curve === 'outer' ? 1 : -1) * at.x);
    },

    drop() {
        if (!this.dragging) return;
        this.dragging = null;
        this.loupe.end();
        if (this.hasMoved) this.saver.soon(0);
        this.hasMoved = false;
    },

    move(at, height, radius) {
        this.shape = moved(this.shape, at, height, radius);
        this.draw();
        this.ask();
    },

    key(event, at) {
        const step = arrow(event.key, at.curve, STEP * (event.shiftKey ? COARSE : 1));
        const letter = event.ctrlKey || event.metaKey ? '' : event.key.toLowerCase();
        if (step) {
            const [height, radius] = this.shape[at.curve][at.i];
            this.move(at, height + step[0], radius + step[1]);
            this.saver.soon(KEY_PAUSE_MS);
        } else if (event.key === 'Delete' || event.key === 'Backspace') {
            this.remove(at);
        } else if (letter === 'c') {
            this.change(turned(this.shape, at));
        } else if (letter === 'n') {
            this.change(added(this.shape, at));
        } else {
            return;
        }
        event.preventDefault();
    },

    remove(at) {
        const shape = removed(this.shape, at);
        if (shape) this.change(shape);
        else this.problem = say('two-nodes');
    },

    addUnder(event) {
        const at = this.under(event);
        const shape = addedAt(this.shape, at.x, at.y, this.unit * REACH);
        if (shape) this.change(shape);
    },

    under(event) {
        return new DOMPoint(event.clientX, event.clientY).matrixTransform(this.$refs.overlay.getScreenCTM().inverse());
    },

    change(shape) {
        this.shape = shape;
        this.draw();
        this.ask();
        this.saver.soon(0);
    },

    // The typed table.
    at(event) {
        return { curve: event.target.dataset.curve, i: Number(event.target.dataset.i) };
    },
    type(event) {
        const field = event.target;
        const { curve, i } = this.at(event);
        const node = this.shape[curve]?.[i];
        if (!node || field.value === this.words(node[field.dataset.axis === 'z' ? 0 : 1])) return;
        const value = number(field.value, this.factor) * this.factor;
        if (!Number.isFinite(value)) {
            this.problem = say('no-number', { field: field.getAttribute('aria-label'), typed: field.value });
            return;
        }
        // A sum stays as what it comes to.
        field.value = this.words(value);
        this.change(typed(this.shape, this.at(event), field.dataset.axis, value));
    },
    // A column of a table, or two of them, pasted into a field: down from there, all of it or nothing.
    paste(event) {
        const text = event.clipboardData.getData('text/plain');
        const columns = pasted(text, (cell) => number(cell, this.factor) * this.factor);
        if (columns === null) return;
        event.preventDefault();
        const { curve, i } = this.at(event);
        const shape = withColumns(this.shape, { curve, i }, event.target.dataset.axis, columns);
        if (shape === 'too-many') this.problem = say('paste-too-many', { rows: columns.length });
        else if (shape === 'no-numbers') this.problem = say('paste-no-numbers');
        else this.change(shape);
    },
    toggle(event) {
        this.change(turned(this.shape, this.at(event)));
    },
    addAfter(event) {
        this.change(added(this.shape, this.at(event)));
    },
    takeOut(event) {
        this.remove(this.at(event));
    },

    ask() {
        const question = { part: this.part, shape: this.shape };
        this.asker.about(this.dragging ? { ...question, frame: this.frame } : question);
    },

    async preview(question) {
        try {
            const response = await fetch(this.$root.dataset.preview, {
                method: 'POST',
                headers: {
                    'Content-Type': 'application/json',
                    Accept: 'application/json',
                    'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content,
                },
                body: JSON.stringify(question),
            });
            const data = await response.json();
            if (response.ok) this.take(data, false);
            else this.problem = data.message ?? say('no-measure');
        } catch {
            this.problem = say('no-answer');
        }
    },

    async save() {
        this.$refs.shape.value = JSON.stringify(this.shape);
        const { page } = await saving(send(this.$refs.form, null, true));
        const refused = page.querySelector('#problems li')?.textContent.trim() ?? '';
        if (!refused) swap(page, ['#strip', '#piece-tools', '#said']);
        return refused;
    },
});
