// The grit lab: sheets are dragged or pressed into a plan and out of it, the server answers with what each pass leaves,
// and the wood is shaded under the light that is dragged. The address holds the state.

import { swap, tell } from './live-forms';
import { shade } from './raking';
import { say } from './words';

const split = (line) =>
    line
        .split(/[,;]/)
        .map((name) => name.trim())
        .filter((name) => name !== '');

export default () => ({
    gone: new AbortController(),
    chosen: 'a',
    asked: 0,
    dragged: null,
    isStale: false,

    init() {
        const on = (event, how) => document.addEventListener(event, how, { signal: this.gone.signal });
        on('change', (event) => this.within(event) && event.target.id !== 'lab-light' && this.ask());
        on('input', (event) => event.target.id === 'lab-light' && this.light());
        on('change', (event) => event.target.id === 'lab-light' && this.remember());
        on('click', (event) => this.press(event));
        on('dragstart', (event) => this.drag(event));
        on('dragover', (event) => event.target.closest?.('[data-drop]') && event.preventDefault());
        on('drop', (event) => this.drop(event));
        on('dragend', (event) => this.dropped(event));
        on('focusin', (event) => {
            this.chosen = event.target.closest?.('[data-plan]')?.dataset.plan ?? this.chosen;
        });
        on('submit', (event) => {
            if (event.target !== this.form()) return;
            event.preventDefault();
            this.ask(event.submitter);
        });
        this.light();
    },
    destroy() {
        this.gone.abort();
    },

    form() {
        return document.getElementById('lab');
    },
    within(event) {
        return this.form()?.contains(event.target);
    },
    field(plan) {
        return document.getElementById(`plan-${plan}`);
    },

    press(event) {
        const sheet = event.target.closest?.('.sheet');
        if (!sheet || !this.within(event)) return;
        const plan = sheet.closest('[data-plan]')?.dataset.plan;
        if (plan) this.take(plan, Number(sheet.dataset.at));
        else this.put(this.chosen, sheet.dataset.sheet, null);
    },
    drag(event) {
        const sheet = event.target.closest?.('.sheet');
        if (!sheet) return;
        event.dataTransfer.setData('text/plain', sheet.dataset.sheet);
        const plan = sheet.closest('[data-plan]')?.dataset.plan ?? '';
        event.dataTransfer.setData('application/x-sheet', JSON.stringify({ plan, at: sheet.dataset.at ?? null }));
        this.dragged = { plan, at: Number(sheet.dataset.at), landed: false };
    },
    drop(event) {
        const into = event.target.closest?.('[data-drop]');
        if (!into || !this.dragged) return;
        event.preventDefault();
        this.dragged.landed = true;
        const before = event.target.closest('.sheet');
        const at = before ? Number(before.dataset.at) : null;
        const name = event.dataTransfer.getData('text/plain');
        if (this.dragged.plan) this.without(this.dragged.plan, this.dragged.at);
        this.put(into.dataset.drop, name, at);
    },
    // What is dragged out of a plan and let go elsewhere is out of it.
    dropped() {
        const { plan, at, landed } = this.dragged ?? {};
        this.dragged = null;
        if (plan && !landed) this.take(plan, at);
        else if (this.isStale) this.ask();
    },

    put(plan, name, at) {
        const names = split(this.field(plan).value);
        names.splice(at ?? names.length, 0, name);
        this.field(plan).value = names.join(', ');
        this.ask();
    },
    take(plan, at) {
        this.without(plan, at);
        this.ask();
    },
    without(plan, at) {
        const names = split(this.field(plan).value);
        names.splice(at, 1);
        this.field(plan).value = names.join(', ');
    },

    fields() {
        return new URLSearchParams(new FormData(this.form()));
    },
    address(fields) {
        return `${this.form().action}?${fields}`;
    },
    remember() {
        history.replaceState({}, '', this.address(this.fields()));
    },
    async ask(submitter) {
        const number = ++this.asked;
        const sent = this.fields();
        if (submitter?.name) sent.set(submitter.name, submitter.value);
        const before = this.fields();
        try {
            const answer = await fetch(this.address(sent), {
                headers: { Accept: 'text/html' },
                credentials: 'same-origin',
            });
            if (!answer.ok) throw new Error(`${answer.status}`);
            const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
            if (number !== this.asked) return;
            // What is being dragged must not be taken from under the hand.
            if (this.dragged) {
                this.isStale = true;
                return;
            }
            const focused = document.activeElement?.id;
            // What was set while the answer was on its way stays.
            const since = [...this.fields()].filter(([name, value]) => before.get(name) !== value);
            swap(page, ['#lab', '#problems']);
            since.forEach(([name, value]) => (document.querySelector(`#lab [name=${name}]`).value = value));
            if (focused) document.getElementById(focused)?.focus();
            if (!answer.redirected) this.remember();
        } catch {
            tell(say('chosen-still-here'));
        }
    },

    light() {
        const degrees = Number(document.getElementById('lab-light').value);
        document.querySelectorAll('canvas.raking').forEach((canvas) => {
            shade(canvas, JSON.parse(canvas.dataset.heights), degrees, this.form().dataset.rgb);
        });
    },
});
